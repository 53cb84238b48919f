package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Zone;
import app.yunque.measure.Zoned;

/**
 * The land a lip seal runs on: how deep its groove may be, and how fast the lip rubs. To 0.05 mm a side it is polished or the seal is shifted, to 0.25 a
 * sleeve or a shift, beyond that it is renewed or built up. Source: common practice, no source; finish and speed ISO 6194, DIN 3760, from memory.
 *
 * @param speedMPerS rubbing speed of the lip (m/s)
 * @param told       verdict and words
 */
public record SealLand(double speedMPerS, Told told) {
    public static final Range SHAFT = Range.of("shaftMm", "diameter of the land", 4, 500, "mm");
    public static final Range SPEED = Range.of("speedRpm", "speed", 0, 20_000, "min⁻¹");
    public static final Range GROOVE =
            Range.of("grooveMm", "depth of the groove, a side", 0, 5, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of the depth", 0, 1, "mm");
    private static final double POLISH_MM = 0.05;
    private static final double SLEEVE_MM = 0.25;
    private static final double NITRILE_M_PER_S = 12;

    /**
     * @param shaftMm       diameter of the land (mm)
     * @param grooveMm      depth of the groove a side (mm)
     * @param uncertaintyMm its expanded uncertainty (mm), k = 2
     * @param speedRpm      speed of the shaft (min⁻¹)
     * @param strict        true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "fit/seal-land",
            title = "Land of a lip seal",
            says = "Polish, sleeve or renew, by the depth of the groove; how fast the lip rubs.",
            answers = {"LND-2"},
            sets = {"S-13"})
    public static SealLand of(
            double shaftMm,
            double grooveMm,
            double uncertaintyMm,
            double speedRpm,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(
                SHAFT.judge(shaftMm),
                GROOVE.judge(grooveMm),
                UNCERTAINTY.judge(uncertaintyMm),
                SPEED.judge(speedRpm));
        double speed = Math.PI * shaftMm * speedRpm / 60_000;
        var zoned =
                Zoned.of(
                        Edges.growing(null, POLISH_MM, SLEEVE_MM), grooveMm, uncertaintyMm, strict);
        var told =
                Told.of("common practice, no source; ISO 6194, DIN 3760, from memory")
                        .judged(zoned, new Reading(grooveMm, uncertaintyMm, "mm"))
                        .mm("polishToMm", "polished to", POLISH_MM)
                        .mm("sleeveToMm", "sleeve or shift to", SLEEVE_MM)
                        .figure("speedMPerS", "rubbing speed", speed, "m/s", 2)
                        .warnIf(
                                speed > NITRILE_M_PER_S,
                                "%s m/s is faster than a nitrile lip bears, about 12 m/s: another rubber, the maker says which."
                                        .formatted(PlainDigits.rounded(speed, 1)))
                        .line("v = π d n / 60000", "%s m/s", PlainDigits.rounded(speed, 3))
                        .school(
                                "The land itself: Ra 0.2 to 0.8 µm, 45 HRC or harder, no lead of grinding, h11.")
                        .saying(
                                switch (zoned.verdict()) {
                                    case CLEAR_PASS ->
                                            zoned.counts() == Zone.WATCH
                                                    ? "A sleeve over the groove, or set the seal 2 to 3 mm beside its track."
                                                    : "Polish it round the shaft, or set the seal beside its track.";
                                    case DOUBTFUL ->
                                            "Within the uncertainty of a limit: measure the groove again.";
                                    case CLEAR_FAIL ->
                                            "Too deep: renew the shaft or have it built up.";
                                    case NOT_JUDGED -> "Not judged.";
                                });
        return new SealLand(speed, told);
    }
}
