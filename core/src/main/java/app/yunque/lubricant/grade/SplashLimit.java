package app.yunque.lubricant.grade;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;

/**
 * How fast a gear may run in an oil bath before it throws the oil off instead of carrying it: doubtful above 12 m/s, not above 15. Common
 * practice, no source.
 *
 * @param verdict  whether splash reaches the teeth
 * @param sentence the same in words, with what to do
 */
public record SplashLimit(Verdict verdict, String sentence) {
    public static final Range VELOCITY =
            Range.of("velocityMPerS", "pitch-line velocity", 0, 200, "m/s");

    private static final double DOUBTFUL_M_PER_S = 12;
    private static final double MOST_M_PER_S = 15;

    /** @param velocityMPerS pitch-line velocity of the gear that dips (m/s), not negative */
    @PublicRule(
            at = "lubricant/splash-limit",
            title = "Splash limit",
            says = "Whether a gear may still splash at a speed.",
            source = "common practice, no source")
    public static SplashLimit of(double velocityMPerS) {
        Refused.ifAny(VELOCITY.judge(velocityMPerS));
        var at = "At %s m/s ".formatted(PlainDigits.rounded(velocityMPerS, 1));
        if (velocityMPerS > MOST_M_PER_S) {
            return new SplashLimit(
                    Verdict.CLEAR_FAIL,
                    at
                            + "splash does not reach the teeth: the wheel throws the oil off. Spray it into the mesh, as the maker says.");
        }
        return velocityMPerS > DOUBTFUL_M_PER_S
                ? new SplashLimit(
                        Verdict.DOUBTFUL,
                        at
                                + "splash is at its limit: dip one to three modules, no more, and watch the temperature.")
                : new SplashLimit(Verdict.CLEAR_PASS, at + "splash reaches the teeth.");
    }
}
