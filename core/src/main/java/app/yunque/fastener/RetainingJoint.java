package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;

/**
 * What a retaining compound holds on a worn seat: F = τ π d L f, T = F d/2, τ 22 MPa on clean steel, less by half for traces of oil, to 0.6 for a wide gap, by half above
 * 100 °C. Source: judgement, no source; the sheet of the tube wins.
 *
 * @param forceN   force it holds (N)
 * @param torqueNm torque it holds (N·m)
 * @param told     verdict and words
 */
public record RetainingJoint(double forceN, double torqueNm, Told told) {
    public static final Range DIAMETER =
            Range.of("diameterMm", "diameter of the seat", 2, 500, "mm");
    public static final Range LENGTH = Range.of("lengthMm", "length of the seat", 1, 500, "mm");
    public static final Range GAP = Range.of("gapMm", "gap, a side", 0, 2, "mm");
    public static final Range HOT = Range.of("hottestDegC", "hottest it gets", -40, 300, "°C");
    private static final double STRENGTH_MPA = 22;
    private static final double WIDE_MM = 0.1;
    private static final double TOO_WIDE_MM = 0.15;
    private static final double HOT_DEG_C = 100;
    private static final double TOO_HOT_DEG_C = 150;
    private static final double OIL = 0.5;
    private static final double WIDE = 0.6;
    private static final double WARM = 0.5;

    /**
     * @param diameterMm  d (mm)
     * @param lengthMm    L (mm)
     * @param gapMm       gap a side (mm)
     * @param oily        true with traces of oil
     * @param hottestDegC hottest it gets (°C)
     */
    @PublicRule(
            at = "fastener/retaining",
            title = "Retaining compound on a seat",
            says = "What it holds on a worn seat, and when a sleeve is needed instead.",
            sets = {"S-01"})
    public static RetainingJoint of(
            double diameterMm,
            double lengthMm,
            double gapMm,
            @Asks("traces of oil on it") boolean oily,
            double hottestDegC) {
        Refused.ifAny(
                DIAMETER.judge(diameterMm),
                LENGTH.judge(lengthMm),
                GAP.judge(gapMm),
                HOT.judge(hottestDegC));
        double factor =
                (oily ? OIL : 1)
                        * (gapMm > WIDE_MM ? WIDE : 1)
                        * (hottestDegC > HOT_DEG_C ? WARM : 1);
        double force = STRENGTH_MPA * Math.PI * diameterMm * lengthMm * factor;
        double torque = force * diameterMm / 2 / 1000;
        boolean fails = gapMm > TOO_WIDE_MM || hottestDegC > TOO_HOT_DEG_C;
        var told =
                Told.of("judgement, no source; the sheet of the tube wins")
                        .verdict(fails ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED)
                        .figure("torqueNm", "torque it holds", torque, "N·m", 1)
                        .figure("forceN", "force it holds", force, "N", 0)
                        .figure("factor", "of its strength", 100 * factor, "%", 0)
                        .warnIf(
                                gapMm > TOO_WIDE_MM,
                                "A gap of %s mm a side is more than it fills, 0.15: a sleeve instead."
                                        .formatted(PlainDigits.exact(gapMm)))
                        .warnIf(
                                hottestDegC > TOO_HOT_DEG_C,
                                "At %s °C it lets go: a sleeve or a new part instead."
                                        .formatted(PlainDigits.exact(hottestDegC)))
                        .warn(
                                "Keep it out of the bearing and off the seal; wipe what squeezes out.")
                        .line(
                                "F = τ π d L f",
                                "22 × π × %s × %s × %s = %s N",
                                PlainDigits.exact(diameterMm),
                                PlainDigits.exact(lengthMm),
                                PlainDigits.rounded(factor, 2),
                                PlainDigits.rounded(force, 0))
                        .line("T = F d / 2", "%s N·m", PlainDigits.rounded(torque, 1))
                        .saying(
                                fails
                                        ? "No compound here."
                                        : "Holds about %s N·m once cured."
                                                .formatted(PlainDigits.rounded(torque, 0)));
        return new RetainingJoint(force, torque, told);
    }
}
