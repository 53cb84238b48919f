package app.yunque.bearing;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Radial clearance by lifting: with one pull and with twice the pull the elastic part drops out, 2 r₁ − r₂; an indicator beyond the bearing reads too
 * much by (a + b)/b, the other bearing at span b acting as a hinge. Source: derived, linear stiffness assumed.
 *
 * @param clearanceMm clearance at the bearing (mm)
 * @param told        the same in words
 */
public record LiftedClearance(double clearanceMm, Told told) {
    public static final Range LIFT = Range.of("liftMm", "reading with the pull", 0, 5, "mm");
    public static final Range BEYOND =
            Range.of("beyondMm", "indicator stands beyond the bearing by", 0, 2000, "mm");
    public static final Range SPAN =
            Range.of("spanMm", "distance of the other bearing", 1, 5000, "mm");

    /**
     * @param liftMm      r₁, with one pull (mm)
     * @param twiceLiftMm r₂, with twice the pull (mm), r₁ to 2 r₁
     * @param beyondMm    a, how far beyond the bearing the indicator stands (mm)
     * @param spanMm      b, distance of the other bearing (mm)
     */
    @PublicRule(
            at = "bearing/lifted-clearance",
            title = "Clearance by lifting",
            says =
                    "One pull, twice the pull, an indicator beyond the bearing: what is really free.")
    public static LiftedClearance of(
            double liftMm,
            @Asks("reading with twice the pull") double twiceLiftMm,
            double beyondMm,
            double spanMm) {
        Refused.ifAny(
                LIFT.judge(liftMm),
                LIFT.named("twiceLiftMm", "reading with twice the pull").judge(twiceLiftMm),
                BEYOND.judge(beyondMm),
                SPAN.judge(spanMm));
        if (twiceLiftMm < liftMm || twiceLiftMm > 2 * liftMm) {
            throw Refused.because(
                    "twiceLiftMm",
                    "With twice the pull it reads %s mm, with one %s: it should be a little more, and not twice. Read both again."
                            .formatted(PlainDigits.exact(twiceLiftMm), PlainDigits.exact(liftMm)));
        }
        double free = 2 * liftMm - twiceLiftMm;
        double clearance = free * spanMm / (beyondMm + spanMm);
        var told =
                Told.of("derived, linear stiffness assumed")
                        .figure("clearanceMm", "clearance at the bearing", clearance, "mm", 4)
                        .figure("freeMm", "without the elastic part", free, "mm", 4)
                        .line("2 r₁ − r₂", "%s mm", PlainDigits.rounded(free, 4))
                        .line(
                                "× b / (a + b)",
                                "%s / %s: %s mm",
                                PlainDigits.exact(spanMm),
                                PlainDigits.rounded(beyondMm + spanMm, 1),
                                PlainDigits.rounded(clearance, 4))
                        .saying(
                                "%s mm radial clearance at the bearing."
                                        .formatted(PlainDigits.rounded(clearance, 3)));
        return new LiftedClearance(clearance, told);
    }
}
