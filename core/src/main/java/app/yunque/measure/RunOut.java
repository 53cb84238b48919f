package app.yunque.measure;

import static app.yunque.measure.Working.line;

import java.util.List;
import java.util.Optional;

/**
 * Run-out from indicator readings round one turn: the whole reading (largest less smallest), and how much of it is
 * eccentricity, the first harmonic, so that a flat or a burr is told from an axis that is off. Run-out is twice the
 * eccentricity. Source: definition; first harmonic of evenly spaced readings.
 *
 * @param totalMm        largest less smallest (mm)
 * @param eccentricityMm e of the first harmonic (mm)
 * @param highAtDeg      where the high side stands (degrees from the first reading)
 * @param formMm         what is left of the readings after the harmonic, largest less smallest (mm)
 * @param verdict        total against the limit; not judged without one
 * @param sentence       the same in words
 * @param working        formula and numbers
 */
public record RunOut(
        double totalMm,
        double eccentricityMm,
        double highAtDeg,
        double formMm,
        Verdict verdict,
        String sentence,
        Working working) {
    public static final Range READINGS =
            Range.count("readings", "number of readings", 4, 360)
                    .advising("Read at four places or more, evenly round the turn.");
    public static final Range LIMIT = Range.of("limitMm", "run-out limit", 0.001, 10, "mm");

    /**
     * @param readingsMm evenly round one turn, plus when the plunger goes in (mm)
     * @param gauge      the indicator
     * @param limitMm    largest run-out allowed (mm); may be empty
     */
    @PublicRule(
            at = "measure/run-out",
            title = "Run-out of readings round",
            says = "Total, eccentricity, form and where it is high.")
    public static RunOut of(List<Double> readingsMm, Gauge gauge, Optional<Double> limitMm) {
        Refused.ifAny(READINGS.judge(readingsMm.size()), limitMm.flatMap(LIMIT::judge));
        var readings = new RepeatedReadings(readingsMm);
        int n = readingsMm.size();
        double mean = readings.meanMm();
        double p = 0;
        double q = 0;
        for (int i = 0; i < n; i++) {
            double t = 2 * Math.PI * i / n;
            p += 2 * readingsMm.get(i) * Math.cos(t) / n;
            q += 2 * readingsMm.get(i) * Math.sin(t) / n;
        }
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < n; i++) {
            double t = 2 * Math.PI * i / n;
            double left = readingsMm.get(i) - mean - p * Math.cos(t) - q * Math.sin(t);
            low = Math.min(low, left);
            high = Math.max(high, left);
        }
        double total = readings.spreadMm();
        double uncertainty = 2 * Math.sqrt(2) * gauge.standardUncertaintyMm();
        var verdict =
                limitMm.map(limit -> GuardBand.atMost(total, uncertainty, limit))
                        .orElse(Verdict.NOT_JUDGED);
        double e = Math.hypot(p, q);
        double at = (Math.toDegrees(Math.atan2(q, p)) + 360) % 360;
        return new RunOut(
                total,
                e,
                at,
                high - low,
                verdict,
                "Run-out %s ± %s mm%s. %s"
                        .formatted(
                                PlainDigits.rounded(total, 3),
                                PlainDigits.rounded(uncertainty, 3),
                                limitMm.map(l -> ", allowed " + PlainDigits.exact(l) + " mm")
                                        .orElse(""),
                                high - low > e
                                        ? "Most of it is form, a flat, a burr or a bump, not eccentricity."
                                        : "The high side stands at %s°."
                                                .formatted(PlainDigits.rounded(at, 0))),
                new Working(
                        List.of(
                                line(
                                        "run-out = largest − smallest",
                                        PlainDigits.rounded(total, 4) + " mm"),
                                line(
                                        "e = first harmonic; run-out of a pure eccentric = 2 e",
                                        PlainDigits.rounded(e, 4)
                                                + " mm, leaving "
                                                + PlainDigits.rounded(high - low, 4)
                                                + " mm of form")),
                        "definition; harmonic of evenly spaced readings"));
    }
}
