package app.yunque.bearing;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Hours that nine of ten bearings reach: L₁₀ₕ = (C/P)^p 10⁶/(60 n), p 3 for balls and 10/3 for rollers. A comparison and no promise: most bearings in
 * small gearboxes die of dirt, water and how they were fitted. Source: ISO 281, from memory.
 *
 * @param hours L₁₀ₕ (h)
 * @param told  the same in words
 */
public record BearingLife(double hours, Told told) {
    public static final Range RATING =
            Range.of("ratingKn", "dynamic load rating C", 0.01, 100_000, "kN");
    public static final Range LOAD = Range.of("loadKn", "load P", 0.0001, 100_000, "kN");
    public static final Range SPEED = Range.of("speedRpm", "speed", 0.001, 100_000, "min⁻¹");

    /** What rolls. */
    public enum Rolling {
        BALLS("balls", 3),
        ROLLERS("rollers", 10.0 / 3);

        private final String words;
        private final double exponent;

        Rolling(String words, double exponent) {
            this.words = words;
            this.exponent = exponent;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param ratingKn C (kN)
     * @param loadKn   P (kN)
     * @param rolling  what rolls
     * @param speedRpm n (min⁻¹)
     */
    @PublicRule(
            at = "bearing/life",
            title = "Life of a bearing",
            says = "Hours that nine of ten reach: for comparing two choices, no promise.")
    public static BearingLife of(
            double ratingKn, double loadKn, @Asks("what rolls") Rolling rolling, double speedRpm) {
        Refused.ifAny(RATING.judge(ratingKn), LOAD.judge(loadKn), SPEED.judge(speedRpm));
        double hours = Math.pow(ratingKn / loadKn, rolling.exponent) * 1e6 / (60 * speedRpm);
        var told =
                Told.of("ISO 281, from memory")
                        .figure("hours", "nine of ten reach", hours, "h", 0)
                        .warnIf(
                                loadKn > ratingKn / 2,
                                "The load is more than half of its rating: the formula does not hold there.")
                        .line(
                                "L₁₀ₕ = (C / P)^p 10⁶ / (60 n)",
                                "(%s / %s)^%s: %s h",
                                PlainDigits.exact(ratingKn),
                                PlainDigits.exact(loadKn),
                                PlainDigits.rounded(rolling.exponent, 2),
                                PlainDigits.rounded(hours, 0))
                        .school(
                                "A comparison and no promise: most bearings in small gearboxes die of dirt, water and how they were fitted.")
                        .saying(
                                "Nine of ten reach %s h at this load."
                                        .formatted(PlainDigits.rounded(hours, 0)));
        return new BearingLife(hours, told);
    }
}
