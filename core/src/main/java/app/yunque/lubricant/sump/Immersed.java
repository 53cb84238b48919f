package app.yunque.lubricant.sump;

/** A part that may stand in the oil and takes room from it. */
public sealed interface Immersed permits ImmersedGear, ImmersedShaft, ImmersedBearing {
    String name();

    /** Height of its lowest point above the floor (mm). */
    double lowestMm();

    /** Height of its highest point above the floor (mm). */
    double highestMm();

    /** Volume below a level (mm³). */
    double displacedMm3(double levelMm);

    /** How deep it dips below an oil level (mm); 0 when it stays dry. */
    default double dipMm(double levelMm) {
        return Math.max(0, levelMm - lowestMm());
    }
}
