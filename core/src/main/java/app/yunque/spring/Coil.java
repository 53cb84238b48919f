package app.yunque.spring;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * A helical compression spring as it is measured.
 *
 * @param wireMm      d (mm)
 * @param meanCoilMm  D, outside less one wire (mm); D/d 3 to 25
 * @param activeCoils n, those that move, 0.5 to 200
 * @param freeMm      L₀ (mm)
 * @param groundEnds  true where its ends are closed and ground, false where they are closed and not ground
 * @param steel       what it is wound of
 */
public record Coil(
        double wireMm,
        double meanCoilMm,
        double activeCoils,
        double freeMm,
        @Asks("its ends are ground") boolean groundEnds,
        @Asks("wound of") SpringSteel steel) {
    public static final Range WIRE = Range.of("wireMm", "wire", 0.05, 50, "mm");
    public static final Range MEAN =
            Range.of("meanCoilMm", "mean diameter of the coils", 0.2, 500, "mm");
    public static final Range ACTIVE = Range.of("activeCoils", "active coils", 0.5, 200, "");
    public static final Range FREE = Range.of("freeMm", "free length", 0.5, 3000, "mm");
    private static final double LEAST_INDEX = 3;
    private static final double MOST_INDEX = 25;
    private static final int CLOSED_ENDS = 2;

    public Coil {
        Refused.ifAny(
                WIRE.judge(wireMm),
                MEAN.judge(meanCoilMm),
                ACTIVE.judge(activeCoils),
                FREE.judge(freeMm));
        double index = meanCoilMm / wireMm;
        if (!(LEAST_INDEX <= index && index <= MOST_INDEX)) {
            throw Refused.because(
                    "meanCoilMm",
                    "A coil of %s mm of wire of %s mm has D/d %s; springs are wound between 3 and 25. Is it the mean diameter, outside less one wire?"
                            .formatted(
                                    PlainDigits.exact(meanCoilMm),
                                    PlainDigits.exact(wireMm),
                                    PlainDigits.rounded(index, 1)));
        }
        double solid = solid(wireMm, activeCoils, groundEnds);
        if (freeMm <= solid) {
            throw Refused.because(
                    "freeMm",
                    "%s coils of %s mm are %s mm when solid, and the free length is %s mm. Count the coils again."
                            .formatted(
                                    PlainDigits.exact(activeCoils),
                                    PlainDigits.exact(wireMm),
                                    PlainDigits.rounded(solid, 2),
                                    PlainDigits.exact(freeMm)));
        }
    }

    private static double solid(double wire, double active, boolean ground) {
        return (active + CLOSED_ENDS + (ground ? 0 : 1)) * wire;
    }

    /** Length when every coil touches (mm). */
    double solidMm() {
        return solid(wireMm, activeCoils, groundEnds);
    }

    /** k = G d⁴ / (8 D³ n) (N/mm). */
    double ratePerMm() {
        return steel.shearModulusMpa()
                * Math.pow(wireMm, 4)
                / (8 * Math.pow(meanCoilMm, 3) * activeCoils);
    }

    /** What its closed ends take of the length (mm). */
    double endsMm() {
        return CLOSED_ENDS * wireMm + (groundEnds ? 0 : wireMm);
    }

    /** Pitch of the active coils (mm). */
    double pitchMm() {
        return (freeMm - endsMm()) / activeCoils;
    }

    /** Wahl's factor. */
    double wahl() {
        double c = meanCoilMm / wireMm;
        return (4 * c - 1) / (4 * c - 4) + 0.615 / c;
    }

    /** Shear stress τ = K_w 8 F D / (π d³) (MPa). */
    double stressMpa(double forceN) {
        return wahl() * 8 * forceN * meanCoilMm / (Math.PI * Math.pow(wireMm, 3));
    }

    /** The same spring with other active coils and free length. */
    Coil with(double active, double free) {
        return new Coil(wireMm, meanCoilMm, active, free, groundEnds, steel);
    }
}
