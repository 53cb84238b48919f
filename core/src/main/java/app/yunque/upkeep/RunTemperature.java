package app.yunque.upkeep;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import java.util.List;
import java.util.Optional;

/**
 * The temperature of a unit after its proving run: at most the maker's limit where there is one; else a rise of at most
 * 50 K and at most 90 °C with mineral oil (judgement, common practice, no source). A run of less than half an hour
 * proves nothing yet.
 *
 * @param riseK    rise above the surroundings (K)
 * @param verdict  whether it may go back to work
 * @param sentence the verdict in words
 * @param working  the limits and their source
 */
public record RunTemperature(double riseK, Verdict verdict, String sentence, Working working) {
    public static final Range AMBIENT = Range.of("ambientDegC", "surroundings", -40, 60, "°C");
    public static final Range CASE =
            Range.of("caseDegC", "temperature after the run", -40, 200, "°C");
    public static final Range MINUTES =
            Range.of("runMinutes", "length of the run", 1, 10_000, "min");
    public static final Range MAKERS_LIMIT =
            Range.of("makersLimitDegC", "maker's temperature limit", 20, 200, "°C");

    private static final double HIGHEST_RISE_K = 50;
    private static final double HIGHEST_DEG_C = 90;
    private static final double SHORTEST_RUN_MIN = 30;

    /**
     * @param ambientDegC     surroundings (°C)
     * @param caseDegC        sump or bearing seat after the run (°C)
     * @param runMinutes      length of the run (min)
     * @param makersLimitDegC the maker's limit (°C), which overrules; may be empty
     * @throws Refused naming every value out of its range
     */
    public static RunTemperature of(
            double ambientDegC,
            double caseDegC,
            double runMinutes,
            Optional<Double> makersLimitDegC) {
        Refused.ifAny(
                AMBIENT.judge(ambientDegC),
                CASE.judge(caseDegC),
                MINUTES.judge(runMinutes),
                makersLimitDegC.flatMap(MAKERS_LIMIT::judge));
        double rise = caseDegC - ambientDegC;
        double highest =
                makersLimitDegC.orElse(Math.min(HIGHEST_DEG_C, ambientDegC + HIGHEST_RISE_K));
        var verdict = verdict(caseDegC, highest, runMinutes);
        return new RunTemperature(
                rise,
                verdict,
                sentence(verdict, caseDegC, rise, highest, runMinutes),
                working(caseDegC, rise, highest, makersLimitDegC.isPresent()));
    }

    private static Verdict verdict(double caseDegC, double highest, double runMinutes) {
        if (caseDegC > highest) {
            return Verdict.CLEAR_FAIL;
        }
        return runMinutes < SHORTEST_RUN_MIN ? Verdict.DOUBTFUL : Verdict.CLEAR_PASS;
    }

    private static String sentence(
            Verdict verdict, double caseDegC, double rise, double highest, double runMinutes) {
        var state =
                "%s °C after %s min, a rise of %s K; at most %s °C."
                        .formatted(
                                PlainDigits.exact(caseDegC),
                                PlainDigits.exact(runMinutes),
                                PlainDigits.rounded(rise, 1),
                                PlainDigits.rounded(highest, 0));
        return switch (verdict) {
            case CLEAR_FAIL ->
                    state + " Too hot: check preload, oil level and grade before it runs again.";
            case DOUBTFUL -> state + " Too short to tell: run 30 minutes or until it is steady.";
            case CLEAR_PASS, NOT_JUDGED -> state;
        };
    }

    private static Working working(
            double caseDegC, double rise, double highest, boolean makersLimit) {
        return new Working(
                List.of(
                        line("rise = t_case − t_ambient", PlainDigits.rounded(rise, 1) + " K"),
                        line(
                                makersLimit ? "maker's limit" : "t ≤ 90 °C and rise ≤ 50 K",
                                PlainDigits.exact(caseDegC)
                                        + " °C against "
                                        + PlainDigits.rounded(highest, 0)
                                        + " °C")),
                makersLimit
                        ? "The maker's figure"
                        : "Judgement for mineral oil; common practice, no source",
                List.of("Synthetic oils stand 10 to 20 °C more; the seals may not."));
    }
}
