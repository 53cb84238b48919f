package app.yunque.server.measuring;

import app.yunque.gear.IndicatorBacklash;
import app.yunque.gear.ToothWear;
import app.yunque.measure.Verdict;
import org.jspecify.annotations.Nullable;

/**
 * What a measurement means.
 *
 * @param verdict  the verdict
 * @param sentence the verdict in words
 * @param backlash details of a backlash; missing for a span
 * @param wear     details of a span; missing for a backlash
 */
public record MeasurementResult(
        Verdict verdict,
        String sentence,
        @Nullable IndicatorBacklash backlash,
        @Nullable ToothWear wear) {}
