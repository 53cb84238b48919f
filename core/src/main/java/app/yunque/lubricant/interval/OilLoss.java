package app.yunque.lubricant.interval;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;

/**
 * What the amount drained says against the amount filled: a leak, or something that came in. What stays on walls and in bearings
 * is counted. A tenth of the fill gone is a wrong level and a leak to find; a twentieth more than was filled is water or another
 * oil. Source: common practice, no source.
 *
 * @param lostL    gone (L); negative when more came out than went in
 * @param share    the same over the fill
 * @param per1000h gone in a thousand hours (L); 0 when the hours are unknown
 * @param verdict  clear pass within 5 %, clear fail from 10 % lost or 5 % too much
 * @param sentence in words
 */
public record OilLoss(
        double lostL, double share, double per1000h, Verdict verdict, String sentence) {
    public static final Range FILLED =
            Range.of("filledL", "filled at the last change", 0.01, 10_000, "L");
    public static final Range DRAINED = Range.of("drainedL", "drained", 0, 20_000, "L");
    public static final Range TOPPED = Range.of("toppedL", "topped up since", 0, 20_000, "L");
    public static final Range HOURS = Range.of("hours", "running hours since", 0, 1e6, "h");

    /** Usual share that stays when a box is drained and not washed: the middle of 3 to 8 %. */
    public static final double USUAL_RESIDUE = 0.05;

    private static final double NOTED = 0.05;
    private static final double LEAK = 0.10;

    /**
     * @param filledL  at the last change (L)
     * @param toppedL  topped up since (L)
     * @param drainedL caught now (L)
     * @param residueL what stays in the box (L)
     * @param hours    running hours since; 0 when unknown
     */
    @PublicRule(
            at = "lubricant/oil-loss",
            title = "Oil that was lost",
            says = "How much was lost and whether that leaks.",
            source = "common practice, no source")
    public static OilLoss of(
            double filledL, double toppedL, double drainedL, double residueL, double hours) {
        Refused.ifAny(
                FILLED.judge(filledL),
                TOPPED.judge(toppedL),
                DRAINED.judge(drainedL),
                OilChange.RESIDUE.judge(residueL),
                HOURS.judge(hours));
        if (residueL > filledL) {
            throw Refused.because(
                    "residueL",
                    "%s L left in a box that was filled with %s L: more than it held."
                            .formatted(PlainDigits.exact(residueL), PlainDigits.exact(filledL)));
        }
        double lost = filledL + toppedL - drainedL - residueL;
        double share = lost / filledL;
        double rate = hours > 0 ? lost / hours * 1000 : 0;
        var verdict =
                share > LEAK || share < -NOTED
                        ? Verdict.CLEAR_FAIL
                        : share > NOTED ? Verdict.DOUBTFUL : Verdict.CLEAR_PASS;
        return new OilLoss(lost, share, rate, verdict, words(lost, share, rate));
    }

    private static String words(double lost, double share, double rate) {
        if (share < -NOTED) {
            return "%s L more came out than went in, %s %%: water, a top-up nobody wrote down, or another oil."
                    .formatted(PlainDigits.rounded(-lost, 2), PlainDigits.rounded(-100 * share, 0));
        }
        var told =
                "%s L are gone, %s %% of the fill%s. "
                        .formatted(
                                PlainDigits.rounded(lost, 2),
                                PlainDigits.rounded(100 * share, 0),
                                rate > 0
                                        ? ", " + PlainDigits.rounded(rate, 2) + " L in 1000 h"
                                        : "");
        if (share > LEAK) {
            return told + "A leak: find the seal, joint or breather before it is filled again.";
        }
        return share > NOTED
                ? told + "Watch the seals and the level."
                : told + "Within what walls and bearings keep.";
    }
}
