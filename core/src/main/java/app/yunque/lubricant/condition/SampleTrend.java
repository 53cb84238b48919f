package app.yunque.lubricant.condition;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * How one figure of an oil runs from sample to sample: a straight line by least squares over the running hours, and when it
 * reaches the limit at which to act. Three samples or more; fewer have no trend. Source: least squares; the extrapolation common
 * practice, no source.
 *
 * @param per1000h   slope in a thousand hours
 * @param sure       true when the slope is larger than twice its own standard error
 * @param hoursLeft  until the line meets the limit; empty when it does not rise, not surely, or only beyond twice the hours
 *                   it was seen over
 * @param sentence   in words
 */
public record SampleTrend(
        double per1000h, boolean sure, Optional<Double> hoursLeft, String sentence) {
    public static final Range HOURS = Range.of("hours", "running hours", 0, 1e6, "h");
    private static final int FEWEST = 3;

    /** A line is drawn on for at most so many times the hours it was seen over. */
    private static final double FARTHEST = 2;

    /**
     * One sample.
     *
     * @param hours on the meter, or since the oil went in (h)
     * @param value what was found
     */
    public record Sample(double hours, double value) {
        public Sample {
            Refused.ifAny(HOURS.judge(hours));
        }
    }

    /**
     * @param samples in the order they were taken
     * @param limit   where to act
     * @param unit    of the values, for the sentence
     */
    @PublicRule(
            at = "lubricant/sample-trend",
            title = "Trend of samples",
            says = "How fast something grows and when it reaches its limit.",
            source = "least squares")
    public static Optional<SampleTrend> of(List<Sample> samples, double limit, String unit) {
        for (int i = 1; i < samples.size(); i++) {
            if (samples.get(i).hours < samples.get(i - 1).hours) {
                throw Refused.because(
                        "hours",
                        "Sample %d was taken at %s h, before the one at %s h. Enter them in their order; a new meter starts a new series."
                                .formatted(
                                        i + 1,
                                        PlainDigits.exact(samples.get(i).hours),
                                        PlainDigits.exact(samples.get(i - 1).hours)));
            }
        }
        if (samples.stream().mapToDouble(Sample::hours).distinct().count() < FEWEST) {
            return Optional.empty();
        }
        var line = new SimpleRegression();
        samples.forEach(s -> line.addData(s.hours, s.value));
        double slope = line.getSlope();
        boolean sure = Math.abs(slope) > 2 * line.getSlopeStdErr();
        double now = line.predict(samples.get(samples.size() - 1).hours);
        double span = samples.get(samples.size() - 1).hours - samples.get(0).hours;
        var left =
                sure && slope > 0 && now < limit && (limit - now) / slope <= FARTHEST * span
                        ? Optional.of((limit - now) / slope)
                        : Optional.<Double>empty();
        return Optional.of(
                new SampleTrend(
                        1000 * slope, sure, left, words(1000 * slope, sure, left, limit, unit)));
    }

    private static String words(
            double slope, boolean sure, Optional<Double> left, double limit, String unit) {
        if (!sure) {
            return "no sure trend";
        }
        var told =
                "%s%s %s in 1000 h"
                        .formatted(
                                slope > 0 ? "+" : "−",
                                PlainDigits.rounded(Math.abs(slope), Math.abs(slope) < 1 ? 2 : 1),
                                unit);
        return left.map(
                        h ->
                                told
                                        + "; %s after %s h more"
                                                .formatted(
                                                        PlainDigits.rounded(limit, 0),
                                                        PlainDigits.rounded(h, 0)))
                .orElse(told);
    }
}
