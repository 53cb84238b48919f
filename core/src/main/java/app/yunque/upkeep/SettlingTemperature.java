package app.yunque.upkeep;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Where the temperature of a run will settle, from three readings at equal times: T∞ = (T₂² − T₁ T₃)/(2 T₂ − T₁ − T₃), τ = Δt/ln((T₂ − T₁)/(T₃ − T₂)). Read half a degree wrong
 * each, it may lie in a wide span, which is told. Source: one thermal mass with constant loss, derived.
 *
 * @param settlesDegC  where it settles (°C)
 * @param tauMin       time constant (min)
 * @param fromDegC     lowest it may be with each reading half a degree off (°C)
 * @param toDegC       highest (°C)
 * @param told         words and doubts
 */
public record SettlingTemperature(
        double settlesDegC, double tauMin, double fromDegC, double toDegC, Told told) {
    public static final Range READING = Range.of("firstDegC", "temperature", -40, 250, "°C");
    public static final Range STEP = Range.of("everyMin", "minutes between readings", 0.5, 600, "");
    private static final double OFF_K = 0.5;
    private static final double STEADY_TAUS = -Math.log(0.05);
    private static final double GUESS = 2;

    /**
     * @param firstDegC  first reading (°C)
     * @param secondDegC second (°C), more
     * @param thirdDegC  third (°C), more, by less than before
     * @param everyMin   minutes between them
     * @throws Refused when the readings do not level off
     */
    @PublicRule(
            at = "upkeep/settling-temperature",
            title = "Where a run will settle",
            says = "Three readings at equal times tell where the temperature ends, and when.")
    public static SettlingTemperature of(
            double firstDegC,
            @Asks("second temperature") double secondDegC,
            @Asks("third temperature") double thirdDegC,
            double everyMin) {
        Refused.ifAny(
                READING.judge(firstDegC),
                READING.named("secondDegC", "second temperature").judge(secondDegC),
                READING.named("thirdDegC", "third temperature").judge(thirdDegC),
                STEP.judge(everyMin));
        double rise = secondDegC - firstDegC;
        double later = thirdDegC - secondDegC;
        if (!(rise > 0 && later > 0 && later < rise)) {
            throw Refused.because(
                    "thirdDegC",
                    "The readings do not level off: %s, then %s K. The load changed, or it is still speeding up; go on reading."
                            .formatted(
                                    PlainDigits.rounded(rise, 1), PlainDigits.rounded(later, 1)));
        }
        double settles = settles(firstDegC, secondDegC, thirdDegC);
        double tau = everyMin / Math.log(rise / later);
        double from = settles;
        double to = settles;
        boolean open = false;
        for (int corner = 0; corner < 8; corner++) {
            double a = firstDegC + sign(corner, 1);
            double b = secondDegC + sign(corner, 2);
            double c = thirdDegC + sign(corner, 4);
            if (c - b < b - a && c > b) {
                from = Math.min(from, settles(a, b, c));
                to = Math.max(to, settles(a, b, c));
            } else {
                open = true;
            }
        }
        var told =
                Told.of("one thermal mass with constant loss, derived")
                        .figure("settlesDegC", "it settles at", settles, "°C", 1)
                        .figure("fromDegC", "half a degree off each: from", from, "°C", 1)
                        .figure("toDegC", "to", to, "°C", 1)
                        .figure("tauMin", "time constant", tau, "min", 1)
                        .figure("steadyMin", "95 % of it after", STEADY_TAUS * tau, "min", 0)
                        .warnIf(
                                settles - thirdDegC > GUESS * (thirdDegC - firstDegC),
                                "Too early: the curve has hardly bent, where it settles is a guess.")
                        .warnIf(
                                open,
                                "With half a degree of error in each reading it might not level off at all: read longer.")
                        .line(
                                "(T₂² − T₁ T₃) / (2 T₂ − T₁ − T₃)",
                                "%s °C",
                                PlainDigits.rounded(settles, 2))
                        .line(
                                "Δt / ln((T₂ − T₁) / (T₃ − T₂))",
                                "%s min",
                                PlainDigits.rounded(tau, 2))
                        .saying(
                                "It will settle at about %s °C, %s to %s with half a degree of error."
                                        .formatted(
                                                PlainDigits.rounded(settles, 0),
                                                PlainDigits.rounded(from, 0),
                                                PlainDigits.rounded(to, 0)));
        return new SettlingTemperature(settles, tau, from, to, told);
    }

    private static double settles(double a, double b, double c) {
        return (b * b - a * c) / (2 * b - a - c);
    }

    private static double sign(int corner, int bit) {
        return (corner & bit) == 0 ? -OFF_K : OFF_K;
    }
}
