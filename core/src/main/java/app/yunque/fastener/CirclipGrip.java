package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.measure.Zoned;

/**
 * Whether a circlip of a shaft may go back: what is left of its grip, (d₂ − measured bore)/(d₂ − bore of a new one). From 0.8 it may carry thrust, from 0.5 it may only
 * locate. Source: DIN 471, from memory; the shares judgement, no source.
 *
 * @param grip share of the grip that is left
 * @param told verdict and words
 */
public record CirclipGrip(double grip, Told told) {
    public static final Range SHAFT =
            Range.of("shaftMm", "shaft", 10, 50, "mm")
                    .advising(
                            "The built-in table holds 10, 12, 15, 16, 17, 20, 25, 30, 35, 40, 45 and 50 mm.");
    public static final Range BORE = Range.of("relaxedBoreMm", "its bore when free", 5, 60, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of the bore", 0, 1, "mm");
    private static final double CARRIES = 0.8;
    private static final double LOCATES = 0.5;
    private static final double SLACK = 1e-9;

    /** Shaft, relaxed bore of a new one, groove (mm). */
    private static final double[][] TABLE = {
        {10, 9.3, 9.6},
        {12, 11, 11.5},
        {15, 13.8, 14.3},
        {16, 14.7, 15.2},
        {17, 15.7, 16.2},
        {20, 18.5, 19},
        {25, 23.2, 23.9},
        {30, 27.9, 28.6},
        {35, 32.2, 33},
        {40, 36.5, 37.5},
        {45, 41.5, 42.5},
        {50, 45.8, 47}
    };

    /**
     * @param shaftMm       diameter of the shaft (mm), one of the table
     * @param relaxedBoreMm bore of the circlip when free (mm)
     * @param uncertaintyMm its expanded uncertainty (mm), k = 2
     * @param thrust        true when it carries thrust
     * @param damaged       true when it is twisted, was opened too far, or a hole for the pliers is torn
     * @param strict        true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "fastener/circlip",
            title = "Can this circlip go back?",
            says = "What is left of its grip: thrust, locating only, or new.",
            answers = {"CLP-1"},
            sets = {"S-13"})
    public static CirclipGrip of(
            double shaftMm,
            double relaxedBoreMm,
            double uncertaintyMm,
            @Asks("it carries thrust") boolean thrust,
            @Asks("it is twisted, opened too far, or torn at a hole") boolean damaged,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(
                SHAFT.judge(shaftMm), BORE.judge(relaxedBoreMm), UNCERTAINTY.judge(uncertaintyMm));
        double[] row = null;
        for (var one : TABLE) {
            if (Math.abs(one[0] - shaftMm) < SLACK) {
                row = one;
            }
        }
        if (row == null) {
            throw Refused.because(
                    "shaftMm",
                    "There is no row for %s mm. %s"
                            .formatted(PlainDigits.exact(shaftMm), SHAFT.remedy()));
        }
        double grip = (row[2] - relaxedBoreMm) / (row[2] - row[1]);
        var zoned =
                Zoned.of(
                        Edges.shrinking(null, CARRIES, thrust ? CARRIES : LOCATES),
                        grip,
                        uncertaintyMm / (row[2] - row[1]),
                        strict);
        var verdict = damaged ? Verdict.CLEAR_FAIL : zoned.verdict();
        boolean stays = verdict.isPass();
        var told =
                Told.of("DIN 471, from memory; the shares judgement, no source")
                        .judged(zoned, new Reading(grip, uncertaintyMm / (row[2] - row[1]), ""))
                        .verdict(verdict)
                        .figure("gripPercent", "grip that is left", 100 * grip, "%", 0)
                        .figure("newBoreMm", "bore of a new one", row[1], "mm", 1)
                        .figure("grooveMm", "groove", row[2], "mm", 1)
                        .warnIf(
                                stays && thrust,
                                "Sharp edge towards the thrust. If it turns freely in its groove it is not seated, or the groove is worn.")
                        .line(
                                "(d₂ − bore) / (d₂ − new bore)",
                                "(%s − %s) / (%s − %s) = %s",
                                PlainDigits.exact(row[2]),
                                PlainDigits.exact(relaxedBoreMm),
                                PlainDigits.exact(row[2]),
                                PlainDigits.exact(row[1]),
                                PlainDigits.rounded(grip, 3))
                        .saying(
                                damaged
                                        ? "Renew it: it was bent."
                                        : verdict == Verdict.DOUBTFUL
                                                ? "Within the uncertainty of a limit: measure its bore again."
                                                : stays
                                                        ? "It may go back%s."
                                                                .formatted(
                                                                        zoned.counts() == Zone.WATCH
                                                                                ? ", to locate only"
                                                                                : "")
                                                        : "Renew it: %s %% of its grip is left%s."
                                                                .formatted(
                                                                        PlainDigits.rounded(
                                                                                100 * grip, 0),
                                                                        thrust
                                                                                        && grip
                                                                                                >= LOCATES
                                                                                                        - SLACK
                                                                                ? ", too little to carry thrust"
                                                                                : ""));
        return new CirclipGrip(grip, told);
    }
}
