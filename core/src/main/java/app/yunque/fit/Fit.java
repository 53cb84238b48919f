package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * What a hole and a shaft of two letters may leave between them: c = hole − shaft. Source: ISO 286-1, from memory.
 *
 * @param nominalMm nominal size (mm)
 * @param hole      limits of the hole
 * @param shaft     limits of the shaft
 * @param leastMm   least clearance (mm); minus is interference
 * @param mostMm    largest clearance (mm)
 * @param kind      clearance, transition or interference
 * @param told      the same in words
 */
public record Fit(
        double nominalMm,
        LimitsOfSize hole,
        LimitsOfSize shaft,
        double leastMm,
        double mostMm,
        Kind kind,
        Told told) {
    public static final Range NOMINAL = LimitsOfSize.NOMINAL;

    /** What a fit is. */
    public enum Kind {
        CLEARANCE("clearance fit: it always slides"),
        TRANSITION("transition fit: tight or free, as the parts fall"),
        INTERFERENCE("interference fit: it is always pressed or heated");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param nominalMm nominal size (mm), over 0 to 500
     * @param hole      letter and grade of the hole, or "bearing" for the bore of one
     * @param shaft     letter and grade of the shaft, or "bearing" for the outside of one
     */
    @PublicRule(
            at = "fit/fit",
            title = "Two letters: the fit",
            says =
                    "Clearance or interference that two letters and grades may leave; “bearing” stands for a bearing’s bore or outside.")
    public static Fit of(
            double nominalMm,
            @Asks(
                            value = "letter and grade of the hole",
                            hint = "H7; or “bearing” for the bore of one.")
                    String hole,
            @Asks(
                            value = "letter and grade of the shaft",
                            hint = "k6; or “bearing” for the outside of one.")
                    String shaft) {
        Refused.ifAny(NOMINAL.judge(nominalMm));
        var bore = LimitsOfSize.hole(nominalMm, hole);
        var journal = LimitsOfSize.shaft(nominalMm, shaft);
        // From the deviations, not the sizes: a difference of sizes would bring the noise of
        // doubles.
        double most = (bore.upperUm() - journal.lowerUm()) / 1000;
        double least = (bore.lowerUm() - journal.upperUm()) / 1000;
        var kind = least >= 0 ? Kind.CLEARANCE : most <= 0 ? Kind.INTERFERENCE : Kind.TRANSITION;
        var told =
                Told.of("ISO 286-1, from memory")
                        .mm("leastMm", "least clearance", least)
                        .mm("mostMm", "largest clearance", most)
                        .words("hole", "hole", bore.told().sentence())
                        .words("shaft", "shaft", journal.told().sentence())
                        .line(
                                "c_max = ES − ei",
                                "%s − %s = %s µm",
                                um(bore.upperUm()),
                                um(journal.lowerUm()),
                                um(1000 * most))
                        .line(
                                "c_min = EI − es",
                                "%s − %s = %s µm",
                                um(bore.lowerUm()),
                                um(journal.upperUm()),
                                um(1000 * least))
                        .school(
                                "Usual seats (common practice, bearing handbooks): where the load turns relative to the inner ring, shaft k5 or k6 (ball) or m5, m6 (roller) and housing H7 or J7; where it turns relative to the outer ring, housing M7, N7 or P7 and shaft g6 or h6.")
                        .saying(
                                "%s %s/%s: %s, %s to %s mm."
                                        .formatted(
                                                PlainDigits.exact(nominalMm),
                                                bore.code(),
                                                journal.code(),
                                                kind.words(),
                                                PlainDigits.rounded(least, 3),
                                                PlainDigits.rounded(most, 3)));
        return new Fit(nominalMm, bore, journal, least, most, kind, told);
    }

    private static String um(double value) {
        return PlainDigits.rounded(value, 1);
    }
}
