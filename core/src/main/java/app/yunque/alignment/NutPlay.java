package app.yunque.alignment;

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
 * Axial play of a nut on its screw, at three places of the travel, float of the thrust bearing and slack of the drive taken off. The pitch counts, and with several
 * starts that is the lead divided by them. Where the middle is looser than the tighter end by more than 30 % of the mean, the screw is worn and not only the
 * nut. Source: common practice, no source, as its check.
 *
 * @param worstMm play at the worst place (mm)
 * @param renewMm play from which it is renewed (mm)
 * @param screwIsWorn true where the middle is much looser than an end
 * @param told    verdict and words
 */
public record NutPlay(double worstMm, double renewMm, boolean screwIsWorn, Told told) {
    public static final Range LEAD = Range.of("leadMm", "lead of the screw", 0.2, 200, "mm");
    public static final Range STARTS = Range.count("starts", "starts of the thread", 1, 12);
    public static final Range PLAY = Range.of("middleMm", "play in the middle", 0, 50, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of the play", 0, 1, "mm");
    private static final double LOCAL = 0.3;

    /** What the screw does; the limits are shares of the pitch, or millimetres. */
    public enum Use {
        LIFTING_OR_GATE("it lifts, or works a gate or a valve", true, 0.04, 0.12),
        OTHER("it clamps or adjusts", true, 0.06, 0.20),
        TOOLROOM_FEED("it feeds a slide in the toolroom", false, 0.05, 0.15),
        MACHINE_FEED("it feeds a slide of another machine", false, 0.10, 0.30);

        private final String words;
        private final boolean ofPitch;
        private final double asNew;
        private final double renewed;

        Use(String words, boolean ofPitch, double asNew, double renewed) {
            this.words = words;
            this.ofPitch = ofPitch;
            this.asNew = asNew;
            this.renewed = renewed;
        }

        public String words() {
            return words;
        }

        private double asNewMm(double pitchMm) {
            return ofPitch ? asNew * pitchMm : asNew;
        }

        private double renewMm(double pitchMm) {
            return ofPitch ? renewed * pitchMm : renewed;
        }
    }

    /**
     * @param use           what the screw does
     * @param leadMm        how far the nut goes in one turn (mm)
     * @param starts        starts of the thread
     * @param oneEndMm      play at one end of the travel (mm)
     * @param middleMm      in the middle (mm)
     * @param otherEndMm    at the other end (mm)
     * @param uncertaintyMm expanded uncertainty of one reading (mm), k = 2
     * @param strict        true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "alignment/nut-play",
            title = "Play of a nut on its screw",
            says = "Whether the nut is worn out, or the screw where it works most.",
            answers = {"STM-2"})
    public static NutPlay of(
            @Asks("what the screw does") Use use,
            double leadMm,
            int starts,
            @Asks(
                            value = "play at one end",
                            hint = "Nut pushed and pulled; float of the thrust bearing taken off.")
                    double oneEndMm,
            double middleMm,
            @Asks("play at the other end") double otherEndMm,
            double uncertaintyMm,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(
                LEAD.judge(leadMm),
                STARTS.judge(starts),
                PLAY.named("oneEndMm", "play at one end").judge(oneEndMm),
                PLAY.judge(middleMm),
                PLAY.named("otherEndMm", "play at the other end").judge(otherEndMm),
                UNCERTAINTY.judge(uncertaintyMm));
        double pitch = leadMm / starts;
        double worst = Math.max(middleMm, Math.max(oneEndMm, otherEndMm));
        double mean = (oneEndMm + middleMm + otherEndMm) / 3;
        double local = middleMm - Math.min(oneEndMm, otherEndMm);
        boolean screw = local > uncertaintyMm && local > LOCAL * mean;
        double renew = use.renewMm(pitch);
        var edges = Edges.growing(null, use.asNewMm(pitch), renew);
        var zoned = Zoned.of(edges, worst, uncertaintyMm, strict);
        return new NutPlay(
                worst,
                renew,
                screw,
                Told.of("common practice, no source; the maker's limit wins")
                        .judged(zoned, new Reading(worst, uncertaintyMm, "mm"))
                        .mm("worstMm", "play at the worst place", worst)
                        .mm("renewMm", "renewed from", renew)
                        .mm("pitchMm", "pitch", pitch)
                        .mm("localMm", "the middle is looser than the tighter end by", local)
                        .warnIf(
                                screw,
                                "The screw is worn in the middle: a nut that is taken up there binds at the ends.")
                        .warn(
                                "Nothing hangs on the screw while the nut is loose: prop what it carries.")
                        .line(
                                "P = lead / starts",
                                "%s / %d = %s mm",
                                PlainDigits.exact(leadMm),
                                starts,
                                PlainDigits.rounded(pitch, 3))
                        .line(
                                "middle less the tighter end, of the mean",
                                "%s of %s mm",
                                PlainDigits.rounded(local, 3),
                                PlainDigits.rounded(mean, 3))
                        .saying(
                                "%s mm at the worst place, renewed from %s: %s.%s"
                                        .formatted(
                                                PlainDigits.rounded(worst, 3),
                                                PlainDigits.rounded(renew, 3),
                                                zoned.verdict().words(zoned.counts()),
                                                screw
                                                        ? " The screw is worn, not only the nut."
                                                        : "")));
    }
}
