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
 * Side play of a spline where it works, along the arc at the radius of the indicator, and the angle that it lets turn, j/r. Involute: as new to 0.05 m, renewed from
 * 0.15 m, from 0.10 m where it lifts or feeds; straight-sided of width b: 0.02 b, 0.06 b, 0.04 b. Source: judgement, no source, as its check; the angle is
 * geometry.
 *
 * @param renewMm  play from which it is renewed (mm)
 * @param angleDeg what it lets turn (degrees)
 * @param told     verdict and words
 */
public record SplinePlay(double renewMm, double angleDeg, Told told) {
    public static final Range SIZE =
            Range.of("sizeMm", "module, or width of one spline", 0.3, 60, "mm");
    public static final Range RADIUS =
            Range.of("radiusMm", "radius at which the indicator stands", 2, 1000, "mm");
    public static final Range PLAY = Range.of("playMm", "side play", 0, 10, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of the play", 0, 1, "mm");

    /** How its teeth look, and what their size is. */
    public enum Form {
        INVOLUTE("involute, size is the module", "m", 0.05, 0.15, 0.10),
        STRAIGHT("straight-sided, size is the width of one", "b", 0.02, 0.06, 0.04);

        private final String words;
        private final String symbol;
        private final double ofNew;
        private final double renewed;
        private final double demanding;

        Form(String words, String symbol, double ofNew, double renewed, double demanding) {
            this.words = words;
            this.symbol = symbol;
            this.ofNew = ofNew;
            this.renewed = renewed;
            this.demanding = demanding;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param form          how its teeth look
     * @param sizeMm        module of an involute spline, width of one straight-sided (mm)
     * @param radiusMm      radius at which the indicator stands (mm)
     * @param playMm        what it reads, hub locked, shaft turned to and fro by hand (mm)
     * @param uncertaintyMm its expanded uncertainty (mm), k = 2
     * @param demanding     true where it lifts or feeds
     * @param strict        true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "fit/spline",
            title = "Play of a spline",
            says =
                    "Whether a spline may rock as much as it does, and what that adds to the lost motion.",
            answers = {"SPL-2"})
    public static SplinePlay of(
            @Asks("its teeth are") Form form,
            double sizeMm,
            double radiusMm,
            double playMm,
            double uncertaintyMm,
            @Asks("it lifts or feeds") boolean demanding,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(
                SIZE.judge(sizeMm),
                RADIUS.judge(radiusMm),
                PLAY.judge(playMm),
                UNCERTAINTY.judge(uncertaintyMm));
        double share = demanding ? form.demanding : form.renewed;
        double renew = share * sizeMm;
        double asNew = form.ofNew * sizeMm;
        var zoned = Zoned.of(Edges.growing(null, asNew, renew), playMm, uncertaintyMm, strict);
        double angle = Math.toDegrees(playMm / radiusMm);
        return new SplinePlay(
                renew,
                angle,
                Told.of("judgement, no source; the angle is geometry; the maker's limit wins")
                        .judged(zoned, new Reading(playMm, uncertaintyMm, "mm"))
                        .mm("renewMm", "renewed from", renew)
                        .mm("asNewMm", "as new to", asNew)
                        .figure("angleDeg", "it lets turn", angle, "°", 2)
                        .line(
                                "renewed from %s %s"
                                        .formatted(PlainDigits.exact(share), form.symbol),
                                "%s × %s = %s mm",
                                PlainDigits.exact(share),
                                PlainDigits.exact(sizeMm),
                                PlainDigits.rounded(renew, 3))
                        .line(
                                "φ = j / r",
                                "%s / %s = %s°",
                                PlainDigits.exact(playMm),
                                PlainDigits.exact(radiusMm),
                                PlainDigits.rounded(angle, 3))
                        .school(
                                "Both halves wear into each other: a new hub on a worn shaft rocks soon again.")
                        .saying(
                                "%s mm of play, renewed from %s: %s. It lets turn %s°."
                                        .formatted(
                                                PlainDigits.rounded(playMm, 3),
                                                PlainDigits.rounded(renew, 3),
                                                zoned.verdict().words(zoned.counts()),
                                                PlainDigits.rounded(angle, 2))));
    }
}
