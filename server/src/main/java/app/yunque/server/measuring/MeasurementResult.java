package app.yunque.server.measuring;

import app.yunque.backlash.IndicatorBacklash;
import app.yunque.measure.Verdict;
import app.yunque.tooth.ToothWear;
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
