package app.yunque.tooth;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * The tip diameter of a gear from a reading across it with flat jaws. With an odd number of teeth one jaw rests on one
 * tip and the other on two, so the reading is small: M = d_a/2 (1 + cos (π/z − ψ_a)), ψ_a half the angle of the tip
 * land. Without the land the diameter is known between two bounds. Source: geometry of a polygon.
 *
 * @param smallestMm with sharp tips, ψ_a = 0, the larger bound is {@code largestMm}
 * @param largestMm  largest diameter that fits the reading (mm)
 */
public record TipDiameter(double smallestMm, double largestMm) {
    public static final Range READING =
            Range.of("readingMm", "reading across the tips", 1, 5000, "mm");
    public static final Range TEETH = Range.count("teeth", "number of teeth", 4, 2000);
    public static final Range LAND = Range.of("landMm", "width of the tip land", 0, 50, "mm");

    /** A land of a quarter of the pitch of an ordinary tooth, as the widest that is usual. */
    private static final double WIDEST_LAND = 0.25;

    /** The diameter when the land is not known: the two bounds are alike for an even number of teeth. */
    @PublicRule(
            at = "tooth/tip-diameter",
            title = "Tip diameter by caliper",
            says = "True tip diameter of an odd or even number of teeth.",
            source = "geometry")
    public static TipDiameter of(int teeth, double readingMm) {
        Refused.ifAny(TEETH.judge(teeth), READING.judge(readingMm));
        if (teeth % 2 == 0) {
            return new TipDiameter(readingMm, readingMm);
        }
        return new TipDiameter(
                acrossOdd(teeth, readingMm, WIDEST_LAND * Math.PI / teeth),
                acrossOdd(teeth, readingMm, 0));
    }

    /**
     * @param landMm measured width of the tip land s_at (mm)
     * @return d_a (mm)
     */
    @PublicRule(
            at = "tooth/tip-diameter-with-land",
            title = "Tip diameter with a known land",
            says = "The same where the width of the tip land is known.",
            source = "geometry")
    public static double withLand(int teeth, double readingMm, double landMm) {
        Refused.ifAny(TEETH.judge(teeth), READING.judge(readingMm), LAND.judge(landMm));
        if (teeth % 2 == 0) {
            return readingMm;
        }
        double diameter = readingMm;
        for (int i = 0; i < 50; i++) {
            double half = Math.min(landMm / diameter, Math.PI / teeth);
            diameter = acrossOdd(teeth, readingMm, half);
        }
        if (landMm / diameter >= Math.PI / teeth) {
            throw Refused.because(
                    "landMm",
                    "A land of %s mm leaves no space between %d teeth at this diameter. Measure it again."
                            .formatted(PlainDigits.exact(landMm), teeth));
        }
        return diameter;
    }

    /**
     * The root diameter from a reading with two blades in the nearest to opposite spaces, d_f = M/cos (90°/z) for an odd
     * number of teeth (mm).
     */
    @PublicRule(
            at = "tooth/root-diameter",
            title = "Root diameter",
            says = "Root diameter from a reading across the roots.",
            source = "geometry")
    public static double rootDiameterMm(int teeth, double readingMm) {
        Refused.ifAny(TEETH.judge(teeth), READING.judge(readingMm));
        return teeth % 2 == 0 ? readingMm : readingMm / Math.cos(Math.PI / 2 / teeth);
    }

    private static double acrossOdd(int teeth, double reading, double landHalfAngle) {
        return 2 * reading / (1 + Math.cos(Math.PI / teeth - landHalfAngle));
    }
}
