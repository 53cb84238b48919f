package app.yunque.spring;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Told;
import app.yunque.measure.Zone;
import app.yunque.measure.Zoned;
import java.util.List;
import java.util.Optional;

/**
 * The force that leaves a position of a lever, as a share of what it should be: from 0.85 to 1.25 as new; below 0.70 it jumps out, above 1.50 it is
 * too stiff to shift. Pulled dry and then oiled: what oil takes away was dirt, not the spring. Source: judgement, no source, as its check; a scale good to 5 %
 * common practice.
 *
 * @param share force measured over the force wanted
 * @param told  verdict and words
 */
public record DetentShift(double share, Told told) {
    public static final Range PULL = Range.of("oiledN", "pull", 0.1, 5000, "N");
    public static final Range WANTED = Range.of("wantedN", "force wanted", 0.1, 5000, "N");
    private static final Edges JUMPS = Edges.shrinking(null, 0.85, 0.70);
    private static final Edges STIFF = Edges.growing(null, 1.25, 1.50);
    private static final double SCALE = 0.05;
    private static final double DIRT = 1.25;
    private static final int ENOUGH = 3;

    /**
     * The same before oil.
     *
     * @param beforeN pull as found (N)
     */
    public record Dry(@Asks("pull as found, dry") double beforeN) {
        public Dry {
            Refused.ifAny(PULL.named("beforeN", "pull as found, dry").judge(beforeN));
        }
    }

    /**
     * @param oiledN  pulls that leave the position, oiled (N)
     * @param dry     the same as found; empty where they were not taken
     * @param wantedN force it should take (N): the maker's, or from nominal spring and notch ({@link DetentForce})
     * @param strict  true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "spring/detent-shift",
            title = "Force to leave a position",
            says = "Whether a lever holds its position and can still be shifted.",
            answers = {"DET-2"},
            sets = {"S-09"})
    public static DetentShift of(
            @Asks("pulls, oiled") List<Double> oiledN,
            @Asks("as found, dry") Optional<Dry> dry,
            @Asks(
                            value = "force wanted",
                            hint = "The maker’s, or what Force of a detent gives for new parts.")
                    double wantedN,
            @Asks("it holds, stops or carries the load") boolean strict) {
        var pulls = new RepeatedReadings(oiledN);
        oiledN.forEach(p -> Refused.ifAny(PULL.judge(p)));
        Refused.ifAny(WANTED.judge(wantedN));
        double mean = pulls.meanMm();
        double share = mean / wantedN;
        double uncertainty = Math.max(SCALE * share, pulls.spreadMm() / 2 / wantedN);
        var zoned = Zoned.of(share < 1 ? JUMPS : STIFF, share, uncertainty, strict);
        double before = dry.map(Dry::beforeN).orElse(mean);
        return new DetentShift(
                share,
                Told.of(
                                "judgement, no source; a scale good to 5 % common practice; the maker's force wins")
                        .judged(zoned, new Reading(share, uncertainty, ""))
                        .figure("share", "of the force wanted", share, "", 2)
                        .figure("meanN", "it takes", mean, "N", 1)
                        .figure("dryN", "it took dry", before, "N", 1)
                        .warnIf(
                                pulls.count() < ENOUGH,
                                "Pull three times and out of each position: one pull tells little.")
                        .warnIf(
                                before > DIRT * mean,
                                "Dry it took much more than oiled: old grease or rust, not the spring. Clean rail and bore first.")
                        .warn(
                                "A spring cut shorter pushes harder for the same travel, or not at all: its force at the fitted length decides. It flies: cover the hole, point it away from the face.")
                        .line(
                                "F / F wanted",
                                "%s / %s = %s",
                                PlainDigits.rounded(mean, 2),
                                PlainDigits.exact(wantedN),
                                PlainDigits.rounded(share, 3))
                        .saying(
                                "%s N, %s of what is wanted: %s.%s"
                                        .formatted(
                                                PlainDigits.rounded(mean, 1),
                                                PlainDigits.rounded(share, 2),
                                                zoned.verdict().words(zoned.counts()),
                                                sideways(zoned, share))));
    }

    private static String sideways(Zoned zoned, double share) {
        boolean isAsNew = zoned.isClear() && zoned.counts() == Zone.AS_NEW;
        if (isAsNew) {
            return "";
        }
        return share < 1
                ? " Too weak to hold: spring length and force, and the notch."
                : " Hard to shift: the rail, the bore, the notch; then the spring.";
    }
}
