package app.yunque.lubricant.sump;

import app.yunque.lubricant.sump.SumpShape.Corner;
import java.util.List;

/** A sump that has a length along which it can be tilted. */
public sealed interface Tiltable permits SumpShape.Box, SumpShape.LyingCylinder {
    double lengthMm();

    double heightMm();

    /**
     * Area across its length (mm²) that oil of a depth fills.
     *
     * @param placeMm along the length, {@code -beyondMm} to {@code lengthMm + beyondMm}
     * @param depthMm above the lowest floor point (mm), held between empty and full
     */
    double sectionMm2(double placeMm, double depthMm);

    /** How far its ends reach beyond the length (mm); 0 for flat ones. */
    default double beyondMm() {
        return 0;
    }

    /** Rise of its own floor over the length (mm). */
    default double floorRiseMm() {
        return this instanceof SumpShape.Box box ? box.riseMm() : 0;
    }

    /** Seen from the side (mm). */
    default List<Corner> side() {
        return List.of(
                new Corner(0, 0),
                new Corner(lengthMm(), floorRiseMm()),
                new Corner(lengthMm(), heightMm()),
                new Corner(0, heightMm()));
    }
}
