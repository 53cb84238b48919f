package app.yunque.lubricant.sump;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;

/**
 * What went in against what was worked out. More than a tenth apart: the geometry or the mark is wrong. The mark wins. Source:
 * common practice, no source.
 *
 * @param share    (filled − worked out) over what was worked out
 * @param verdict  clear pass within a tenth, doubtful beyond
 * @param sentence in words
 */
public record FilledAmount(double share, Verdict verdict, String sentence) {
    public static final Range LITRES = Range.of("amount", "quantity filled", 0.00005, 10_000, "L");
    public static final Range KILOGRAMS =
            Range.of("amount", "quantity filled", 0.00005, 10_000, "kg");
    private static final double TENTH = 0.1;

    /** What is said where nobody measured what went in. */
    public static final String TO_THE_MARK =
            "Filled to its plug or mark; how much went in was not measured. Turn it by hand, wait, and look at the mark again.";

    /**
     * @param filledL    what went in (L)
     * @param workedOutL what was worked out (L), above 0
     */
    @PublicRule(
            at = "lubricant/filled-amount",
            title = "Was enough filled",
            says = "What was filled against what was worked out.",
            source = "common practice, no source")
    public static FilledAmount of(double filledL, double workedOutL) {
        Refused.ifAny(LITRES.judge(filledL), LITRES.named("fill", "worked out").judge(workedOutL));
        double share = (filledL - workedOutL) / workedOutL;
        boolean agrees = Math.abs(share) <= TENTH;
        return new FilledAmount(
                share,
                agrees ? Verdict.CLEAR_PASS : Verdict.DOUBTFUL,
                "%s L went in, %s L were worked out: %s"
                        .formatted(
                                PlainDigits.exact(filledL),
                                PlainDigits.rounded(workedOutL, 2),
                                agrees
                                        ? "they agree."
                                        : "%s %% %s. Look at the mark again, and at the measures of the sump."
                                                .formatted(
                                                        PlainDigits.rounded(
                                                                Math.abs(100 * share), 0),
                                                        share > 0 ? "too much" : "too little")));
    }
}
