package app.yunque.backlash;

import app.yunque.gear.BevelPair;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * What the backlash of a bevel pair is judged by, square to the flanks at the heel: least and most of a new pair by its outer pitch, and
 * where it is renewed by accuracy and duty. The maker's band wins.
 *
 * <p>Source: least and most from memory of AGMA 2005 and the machinist's handbooks, an inch table by outer diametral pitch; a pitch on a
 * boundary takes the coarser row. Renewal common practice, no source: cut or ground pairs at 2 × the most for lifting and feed, 3 ×
 * enclosed, 4 × slow and open; cast, planed or forged pairs have twice the band and are renewed at 3, 4 and 6 × the printed most.
 */
public final class BevelLimits {
    public static final Range MAKERS_LEAST =
            Range.of("makersLeastMm", "maker's least backlash square to the flanks", 0, 10, "mm");
    public static final Range MAKERS_MOST =
            Range.of(
                    "makersMostMm",
                    "maker's largest backlash square to the flanks",
                    0.005,
                    20,
                    "mm");

    /** How true the teeth are. */
    public enum Accuracy {
        CUT_OR_GROUND("cut or ground, in a closed true housing"),
        CAST_OR_FORGED("cast, planed or forged, outdoor box");

        private final String words;

        Accuracy(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The maker's band for a new pair.
     *
     * @param leastMm least (mm), 0 to 10
     * @param mostMm  most (mm), 0.005 to 20
     */
    public record Makers(double leastMm, double mostMm) {
        /** @throws Refused naming a value out of its range, or a most below the least */
        public Makers {
            Refused.ifAny(MAKERS_LEAST.judge(leastMm), MAKERS_MOST.judge(mostMm));
            if (mostMm < leastMm) {
                throw Refused.because(
                        "makersMostMm",
                        "The maker's largest backlash, %s mm, is below his least, %s mm. Look at the paper again."
                                .formatted(PlainDigits.exact(mostMm), PlainDigits.exact(leastMm)));
            }
        }
    }

    private static final double INCH = 25.4;
    private static final double WIDER = 2;

    /** Outer DP from, to, least, most (inch); from memory of AGMA 2005 and handbooks. */
    private static final double[][] TABLE = {
        {1, 1.25, .020, .030},
        {1.25, 1.5, .018, .026},
        {1.5, 1.75, .016, .022},
        {1.75, 2, .014, .018},
        {2, 2.5, .012, .016},
        {2.5, 3, .010, .013},
        {3, 3.5, .008, .011},
        {3.5, 4, .007, .009},
        {4, 5, .006, .008},
        {5, 6, .005, .007},
        {6, 8, .004, .006},
        {8, 10, .003, .005},
        {10, 12, .002, .004},
        {12, 20, .001, .003}
    };

    private BevelLimits() {}

    /** Usual normal backlash of a new pair that is cut or ground (mm). */
    public record Usual(double leastMm, double mostMm) {}

    /** The usual range for this pitch; empty outside the table. */
    public static Optional<Usual> usual(BevelPair pair) {
        double dp = INCH / pair.outerModuleMm();
        for (var row : TABLE) {
            if (dp >= row[0] && dp <= row[1]) {
                return Optional.of(new Usual(row[2] * INCH, row[3] * INCH));
            }
        }
        return Optional.empty();
    }

    /**
     * @param pair     the pair
     * @param accuracy how true its teeth are
     * @param duty     what the drive is there for
     * @param makers   the maker's band, which wins; may be empty
     * @return the limits; without any edge where neither table nor maker knows the pitch
     */
    @PublicRule(
            at = "backlash/bevel-limits",
            title = "Limits of bevel backlash",
            says = "Least, most of new and renewal of a bevel pair.",
            source = "handbook practice, from memory")
    public static BacklashVerdict.Limits of(
            BevelPair pair, Accuracy accuracy, ServiceDuty duty, Optional<Makers> makers) {
        var edges =
                makers.map(
                                m ->
                                        Edges.growing(
                                                m.leastMm,
                                                m.mostMm,
                                                m.mostMm * duty.renewBacklashMultiple()))
                        .or(() -> usual(pair).map(u -> edges(u, accuracy, duty)))
                        .orElse(Edges.growing(null, null, null));
        return new BacklashVerdict.Limits(
                edges, "square to the flanks", BacklashVerdict.WearBy.MEAN);
    }

    private static Edges edges(Usual usual, Accuracy accuracy, ServiceDuty duty) {
        return accuracy == Accuracy.CUT_OR_GROUND
                ? Edges.growing(
                        usual.leastMm, usual.mostMm, usual.mostMm * duty.renewBacklashMultiple())
                : Edges.growing(
                        WIDER * usual.leastMm,
                        WIDER * usual.mostMm,
                        usual.mostMm * castMultiple(duty));
    }

    private static double castMultiple(ServiceDuty duty) {
        return switch (duty) {
            case LIFTING, FEED -> 3;
            case ENCLOSED_POWER -> 4;
            case SLOW_OPEN -> 6;
        };
    }
}
