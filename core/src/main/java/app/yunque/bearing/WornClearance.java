package app.yunque.bearing;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Zoned;

/**
 * Radial clearance of a bearing off its seats against its own group: less than the group's least is another group or a wrong reading, up to its most is as new, and it is
 * renewed from twice that, from one and a half times where it lifts, feeds or carries a spindle. Source: ISO 5753-1, from memory; renewal judgement, no source, as its check.
 *
 * @param newMostUm most of a new one (µm)
 * @param renewUm   renewed from (µm)
 * @param told      verdict and words
 */
public record WornClearance(double newMostUm, double renewUm, Told told) {
    public static final Range BORE = ClearanceGroups.BORE;
    public static final Range CLEARANCE = ClearanceGroups.CLEARANCE;
    public static final Range UNCERTAINTY = Range.of("uncertaintyUm", "good to ±", 0, 200, "µm");
    private static final double TIMES = 2;
    private static final double TIMES_DEMANDING = 1.5;

    /**
     * @param boreMm        bore (mm), over 2.5 to 200
     * @param group         group on its marking; CN where none is marked
     * @param clearanceUm   measured radial clearance, off its seats (µm)
     * @param uncertaintyUm its expanded uncertainty (µm), k = 2
     * @param demanding     true where it lifts, feeds or carries a spindle
     * @param strict        true on a part for which doubtful counts as failed
     * @throws Refused when that group is not made for that bore
     */
    @PublicRule(
            at = "bearing/worn-clearance",
            title = "Worn clearance of a bearing",
            says = "Off its seats, against the most a new one of its group may have.",
            answers = {"BRG-3"})
    public static WornClearance of(
            double boreMm,
            @Asks(value = "group on its marking", hint = "CN where none is marked.")
                    ClearanceGroups.Group group,
            double clearanceUm,
            double uncertaintyUm,
            @Asks("it lifts, feeds or carries a spindle") boolean demanding,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(
                BORE.judge(boreMm), CLEARANCE.judge(clearanceUm), UNCERTAINTY.judge(uncertaintyUm));
        var band =
                ClearanceGroups.band(boreMm, group)
                        .orElseThrow(
                                () ->
                                        Refused.because(
                                                "group",
                                                "%s is not made for a bore of %s mm. Read the marking again."
                                                        .formatted(
                                                                group, PlainDigits.exact(boreMm))));
        double renew = band.mostUm() * (demanding ? TIMES_DEMANDING : TIMES);
        var zoned =
                Zoned.of(
                        Edges.growing(band.leastUm(), band.mostUm(), renew),
                        clearanceUm,
                        uncertaintyUm,
                        strict);
        var told =
                Told.of("ISO 5753-1, from memory; renewal judgement, no source")
                        .judged(zoned, new Reading(clearanceUm, uncertaintyUm, "µm"))
                        .figure("leastUm", "least of a new one", band.leastUm(), "µm", 0)
                        .figure("newMostUm", "most of a new one", band.mostUm(), "µm", 0)
                        .figure("renewUm", "renewed from", renew, "µm", 0)
                        .line(
                                "%s × most of its group".formatted(demanding ? "1.5" : "2"),
                                "%s µm",
                                PlainDigits.rounded(renew, 1))
                        .saying(
                                "%s µm against %s to %s µm of a new %s: %s."
                                        .formatted(
                                                PlainDigits.exact(clearanceUm),
                                                PlainDigits.exact(band.leastUm()),
                                                PlainDigits.exact(band.mostUm()),
                                                group,
                                                zoned.verdict().words(zoned.counts())));
        return new WornClearance(band.mostUm(), renew, told);
    }
}
