package app.yunque.measure;

import java.util.List;

/**
 * Several readings of one length.
 *
 * @param valuesMm readings in the order taken (mm), 1 to 500 of them
 */
public record RepeatedReadings(List<Double> valuesMm) {
    public static final Range COUNT = Range.count("readings", "number of readings", 1, 500);

    /** @throws Refused when there is no reading, too many, or one is not a number */
    public RepeatedReadings {
        valuesMm = List.copyOf(valuesMm);
        Refused.ifAny(COUNT.judge(valuesMm.size()));
        for (int i = 0; i < valuesMm.size(); i++) {
            if (!Double.isFinite(valuesMm.get(i))) {
                throw Refused.because(
                        "readings",
                        "Reading " + (i + 1) + " is not a number. Measure or enter it again.");
            }
        }
    }

    public int count() {
        return valuesMm.size();
    }

    public double meanMm() {
        return valuesMm.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    public double smallestMm() {
        return valuesMm.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    }

    public double largestMm() {
        return valuesMm.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    }

    /** Largest less smallest (mm). */
    public double spreadMm() {
        return largestMm() - smallestMm();
    }

    /** Sample standard deviation s, n − 1 in the divisor (mm); 0 for a single reading. */
    public double standardDeviationMm() {
        if (count() < 2) {
            return 0;
        }
        double mean = meanMm();
        double squares = valuesMm.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum();
        return Math.sqrt(squares / (count() - 1));
    }

    /**
     * Standard uncertainty of the mean (mm): √((s/√n)² + u_gauge²). A single reading counts one division/√3
     * instead of s/√n. Source: GUM, types A and B.
     */
    public double standardUncertaintyMm(Gauge gauge) {
        double repeat =
                count() < 2
                        ? gauge.resolutionMm() / Math.sqrt(3)
                        : standardDeviationMm() / Math.sqrt(count());
        return Math.hypot(repeat, gauge.standardUncertaintyMm());
    }
}
