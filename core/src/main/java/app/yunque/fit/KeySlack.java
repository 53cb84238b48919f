package app.yunque.fit;

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
 * Slack of a key in both keyways together: to 0.03 mm as new, renewed from 5 % of its width, from 2 % where it feeds, times or lifts. Source: judgement, no source, as its
 * check; widths DIN 6885-1, from memory.
 *
 * @param renewMm slack from which it is renewed (mm)
 * @param told    verdict and words
 */
public record KeySlack(double renewMm, Told told) {
    public static final Range SHAFT = ParallelKey.SHAFT;
    public static final Range SLACK = ParallelKey.SLACK;
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of the slack", 0, 1, "mm");
    private static final double NEW_MM = 0.03;
    private static final double OF_WIDTH = 0.05;
    private static final double OF_WIDTH_DEMANDING = 0.02;

    /**
     * @param shaftMm       diameter of the shaft (mm), over 6 to 110
     * @param slackMm       slack in both keyways together (mm)
     * @param uncertaintyMm its expanded uncertainty (mm), k = 2
     * @param demanding     true where it feeds, times or lifts
     * @param strict        true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "fit/key-slack",
            title = "Slack of a key",
            says = "Whether a key may rock as much as it does.",
            answers = {"KEY-1"})
    public static KeySlack of(
            double shaftMm,
            double slackMm,
            double uncertaintyMm,
            @Asks("it feeds, times or lifts") boolean demanding,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(SHAFT.judge(shaftMm), SLACK.judge(slackMm), UNCERTAINTY.judge(uncertaintyMm));
        double width = ParallelKey.widthOn(shaftMm);
        double share = demanding ? OF_WIDTH_DEMANDING : OF_WIDTH;
        double renew = Math.max(NEW_MM, share * width);
        var zoned = Zoned.of(Edges.growing(null, NEW_MM, renew), slackMm, uncertaintyMm, strict);
        return new KeySlack(
                renew,
                Told.of("judgement, no source; widths DIN 6885-1, from memory")
                        .judged(zoned, new Reading(slackMm, uncertaintyMm, "mm"))
                        .mm("renewMm", "renewed from", renew)
                        .mm("widthMm", "width of the key", width)
                        .line(
                                demanding ? "2 % of its width" : "5 % of its width",
                                "%s × %s = %s mm",
                                PlainDigits.exact(share),
                                PlainDigits.exact(width),
                                PlainDigits.rounded(share * width, 3))
                        .school("With a hammered lip the next wider key, or a new shaft.")
                        .saying(
                                "%s mm of slack, renewed from %s: %s."
                                        .formatted(
                                                PlainDigits.rounded(slackMm, 3),
                                                PlainDigits.rounded(renew, 3),
                                                zoned.verdict().words(zoned.counts()))));
    }
}
