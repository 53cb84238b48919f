package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * A torque given for one condition of the thread, turned into the torque for another: T₂ = T₁ K₂/K₁, so that the screw holds the same. Source: T = K F d;
 * K common practice, no source.
 *
 * @param torqueNm torque for the condition it is in (N·m)
 * @param told     the same in words
 */
public record WetTorque(double torqueNm, Told told) {
    public static final Range TORQUE =
            Range.of("givenNm", "torque that is given", 0.05, 20_000, "N·m");

    /**
     * @param givenNm torque of the sheet (N·m)
     * @param givenFor condition it is given for
     * @param now      condition it is in
     */
    @PublicRule(
            at = "fastener/wet-torque",
            title = "A dry torque on a wet thread",
            says = "The sheet says dry and the thread is oiled: what to tighten to.",
            sets = {"S-12"})
    public static WetTorque of(
            double givenNm,
            @Asks("given for a thread that is") ThreadCondition givenFor,
            @Asks("the thread is now") ThreadCondition now) {
        Refused.ifAny(TORQUE.judge(givenNm));
        double torque = givenNm * now.coefficient() / givenFor.coefficient();
        double percent = 100 * (givenFor.coefficient() / now.coefficient() - 1);
        var told =
                Told.of("T = K F d; K common practice, no source; the maker's sheet wins")
                        .figure("torqueNm", "tighten to", torque, "N·m", 1)
                        .figure("overPercent", "as given it would hold more by", percent, "%", 0)
                        .warnIf(
                                percent > 0,
                                "Tightened as given it would be pulled %s %% harder than meant."
                                        .formatted(PlainDigits.rounded(percent, 0)))
                        .line(
                                "T K₂ / K₁",
                                "%s × %s / %s = %s N·m",
                                PlainDigits.exact(givenNm),
                                PlainDigits.exact(now.coefficient()),
                                PlainDigits.exact(givenFor.coefficient()),
                                PlainDigits.rounded(torque, 2))
                        .saying("%s N·m, %s.".formatted(PlainDigits.about(torque, 3), now.words()));
        return new WetTorque(torque, told);
    }
}
