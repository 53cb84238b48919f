package app.yunque.measure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * Several readings of one length.
 *
 * @param valuesMm readings in the order taken (mm), 1 to 500 of them
 */
public record RepeatedReadings(List<Double> valuesMm) {
    public static final Range COUNT = Range.count("readings", "number of readings", 1, 500);

    private static final int ROUND = 4;

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

    /** What to say when there are too few to see a run-out; empty with four or more. Common practice, no source. */
    public Optional<String> tooFewRound(String wheel) {
        return count() < ROUND
                ? Optional.of("Measure at four places or more: a %s can run out.".formatted(wheel))
                : Optional.empty();
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
     * The reading that does not belong with the others, counted from 1; empty when all do, or with fewer than four. By the
     * modified z-score, 0.6745 |x − median|/MAD above 3.5, and off by more than three divisions. Source: Iglewicz and
     * Hoaglin 1993, from memory.
     */
    public OptionalInt oddOneOut(Gauge gauge) {
        if (count() < 4) {
            return OptionalInt.empty();
        }
        double median = median(valuesMm);
        double mad = median(valuesMm.stream().map(v -> Math.abs(v - median)).toList());
        double spread = Math.max(mad, gauge.resolutionMm() / 2);
        int worst =
                IntStream.range(0, count())
                        .boxed()
                        .max(Comparator.comparingDouble(i -> Math.abs(valuesMm.get(i) - median)))
                        .orElseThrow();
        double off = Math.abs(valuesMm.get(worst) - median);
        return 0.6745 * off / spread > 3.5 && off > 3 * gauge.resolutionMm()
                ? OptionalInt.of(worst + 1)
                : OptionalInt.empty();
    }

    private static double median(List<Double> values) {
        var sorted = values.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1
                ? sorted.get(half)
                : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    /**
     * Standard uncertainty of one of them (mm), when they were taken at different places and differ because the places do: √((d/√3)² +
     * u_gauge²) with d one division. Source: GUM, type B.
     */
    public static double standardUncertaintyOfOneMm(Gauge gauge) {
        return Math.hypot(gauge.resolutionMm() / Math.sqrt(3), gauge.standardUncertaintyMm());
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
