package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Torque a spring pin across a shaft carries: T = F D/2, F its least load in double shear; one inside the other adds up. Source: ISO 8752, heavy pattern, from memory.
 *
 * @param loadN    load in double shear (N)
 * @param torqueNm torque (N·m)
 * @param told     words
 */
public record SpringPinLoad(double loadN, double torqueNm, Told told) {
    public static final Range PIN = Range.of("pinMm", "spring pin", 1, 20, "mm");
    public static final Range SHAFT = Range.of("shaftMm", "shaft", 2, 500, "mm");
    private static final double SLACK = 1e-9;
    private static final TreeMap<Double, Double> LOAD_KN =
            new TreeMap<>(
                    Map.ofEntries(
                            Map.entry(1.0, 0.7),
                            Map.entry(1.5, 1.58),
                            Map.entry(2.0, 2.82),
                            Map.entry(2.5, 4.38),
                            Map.entry(3.0, 6.32),
                            Map.entry(3.5, 9.06),
                            Map.entry(4.0, 11.24),
                            Map.entry(4.5, 15.36),
                            Map.entry(5.0, 17.54),
                            Map.entry(6.0, 26.04),
                            Map.entry(8.0, 42.76),
                            Map.entry(10.0, 70.16),
                            Map.entry(12.0, 104.1),
                            Map.entry(13.0, 115.1),
                            Map.entry(14.0, 144.7),
                            Map.entry(16.0, 171.0),
                            Map.entry(18.0, 222.5),
                            Map.entry(20.0, 280.6)));

    /**
     * @param pinMm    nominal diameter of the pin (mm)
     * @param insideMm a smaller one inside it (mm); empty where there is none
     * @param shaftMm  diameter of the shaft (mm)
     */
    @PublicRule(
            at = "fastener/spring-pin",
            title = "Spring pin across a shaft",
            says = "Torque one or two of them carry, and what they must not replace.")
    public static SpringPinLoad of(
            double pinMm,
            @Asks(value = "a smaller one inside it", hint = "Empty where there is none.")
                    Optional<Double> insideMm,
            double shaftMm) {
        Refused.ifAny(PIN.judge(pinMm), SHAFT.judge(shaftMm));
        insideMm.ifPresent(
                i -> {
                    if (i >= pinMm) {
                        throw Refused.because(
                                "insideMm",
                                "A pin of %s mm does not go inside one of %s mm."
                                        .formatted(PlainDigits.exact(i), PlainDigits.exact(pinMm)));
                    }
                });
        double load =
                1000 * (row(pinMm, "pinMm") + insideMm.map(i -> row(i, "insideMm")).orElse(0.0));
        double torque = load * shaftMm / 2 / 1000;
        var told =
                Told.of("ISO 8752, from memory")
                        .verdict(Verdict.NOT_JUDGED)
                        .figure("torqueNm", "torque", torque, "N·m", 1)
                        .figure("loadN", "load in double shear", load, "N", 0)
                        .warn(
                                "A spring pin is no shear pin: where a soft pin was, one of these protects nothing.")
                        .warn(
                                "Driven out once, renew it; slots opposite where two go inside each other.")
                        .line(
                                "T = F D / 2",
                                "%s × %s / 2 = %s N·m",
                                PlainDigits.rounded(load, 0),
                                PlainDigits.exact(shaftMm),
                                PlainDigits.rounded(torque, 1))
                        .saying("Carries %s N·m.".formatted(PlainDigits.rounded(torque, 0)));
        return new SpringPinLoad(load, torque, told);
    }

    private static double row(double pinMm, String field) {
        for (var entry : LOAD_KN.entrySet()) {
            if (Math.abs(entry.getKey() - pinMm) < SLACK) {
                return entry.getValue();
            }
        }
        var below = LOAD_KN.floorKey(pinMm);
        var above = LOAD_KN.ceilingKey(pinMm);
        throw Refused.because(
                field,
                "No spring pin of %s mm in the table; the nearest are %s mm."
                        .formatted(
                                PlainDigits.exact(pinMm),
                                (below == null ? "" : PlainDigits.exact(below) + " and ")
                                        + (above == null ? "none" : PlainDigits.exact(above))));
    }
}
