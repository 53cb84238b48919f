package app.yunque.tooth;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Told;
import java.util.List;

/**
 * Which of two pieces is harder, by dimples of one spring punch: H₁/H₂ lies between (d₂/d₁)² and (d₂/d₁)³, so it is said in words only, and never turned into a hardness. Source:
 * exponent 2 for equal load, 3 for equal energy, derived; the bands judgement, no source.
 *
 * @param ratio  (d₂/d₁)²
 * @param steep  (d₂/d₁)³
 * @param is     how the first is against the second
 * @param told   the same in words
 */
public record HardnessByPunch(double ratio, double steep, Is is, Told told) {
    public static final Range DIMPLE = Range.of("firstMm", "dimple", 0.05, 5, "mm");
    private static final double LIKE_FROM = 0.9;
    private static final double LIKE_TO = 1.1;
    private static final int ENOUGH = 3;
    private static final double SCATTER = 0.1;

    /** How the first piece is against the second. */
    public enum Is {
        LIKE("like the second"),
        HARDER("harder than the second"),
        SOFTER("softer than the second"),
        NOT_CLEAR("not clearly one or the other");

        private final String words;

        Is(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param firstMm  dimples in the first piece (mm), three or more
     * @param secondMm dimples in the second (mm), three or more
     */
    @PublicRule(
            at = "tooth/hardness-by-punch",
            title = "Harder or softer, by a spring punch",
            says = "Dimples of one punch in two pieces: which is the harder one.")
    public static HardnessByPunch of(
            @Asks("dimples in the first piece") List<Double> firstMm,
            @Asks("dimples in the second piece") List<Double> secondMm) {
        var first = dimples(firstMm, "firstMm");
        var second = dimples(secondMm, "secondMm");
        double grows = second.meanMm() / first.meanMm();
        double ratio = Math.pow(grows, 2);
        double steep = Math.pow(grows, 3);
        var is = is(ratio, steep);
        boolean scattered =
                first.spreadMm() > SCATTER * first.meanMm()
                        || second.spreadMm() > SCATTER * second.meanMm();
        var told =
                Told.of("derived; the bands judgement, no source")
                        .figure("ratio", "by the square", ratio, "", 3)
                        .figure("steep", "by the cube", steep, "", 3)
                        .warnIf(
                                scattered,
                                "The dimples of one piece differ by more than 10 %: the punch was not seated. Punch again.")
                        .warn(
                                "On end faces only, never on a finished flank or a race. Eye protection.")
                        .line(
                                "(d₂ / d₁)² and (d₂ / d₁)³",
                                "%s and %s",
                                PlainDigits.rounded(ratio, 4),
                                PlainDigits.rounded(steep, 4))
                        .saying("The first is %s.".formatted(is.words));
        return new HardnessByPunch(ratio, steep, is, told);
    }

    private static RepeatedReadings dimples(List<Double> mm, String field) {
        if (mm.size() < ENOUGH) {
            throw Refused.because(
                    field, "%d dimples; three or more tell something.".formatted(mm.size()));
        }
        mm.forEach(d -> Refused.ifAny(DIMPLE.named(field, "dimple").judge(d)));
        return new RepeatedReadings(mm);
    }

    private static Is is(double ratio, double steep) {
        if (isLike(ratio) && isLike(steep)) {
            return Is.LIKE;
        }
        if (ratio > LIKE_TO && steep > LIKE_TO) {
            return Is.HARDER;
        }
        return ratio < LIKE_FROM && steep < LIKE_FROM ? Is.SOFTER : Is.NOT_CLEAR;
    }

    private static boolean isLike(double ratio) {
        return LIKE_FROM <= ratio && ratio <= LIKE_TO;
    }
}
