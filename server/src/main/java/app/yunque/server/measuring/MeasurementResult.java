package app.yunque.server.measuring;

import app.yunque.backlash.IndicatorBacklash;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.tooth.ToothWear;
import org.jspecify.annotations.Nullable;

/**
 * What a measurement means.
 *
 * @param verdict  the verdict
 * @param zone     where it lies between new and renewal; missing when it has to be measured again
 * @param sentence the verdict in words
 * @param backlash details of a backlash; missing for a span
 * @param wear     details of a span; missing for a backlash
 */
public record MeasurementResult(
        Verdict verdict,
        @Nullable Zone zone,
        String sentence,
        @Nullable IndicatorBacklash backlash,
        @Nullable ToothWear wear) {
    /** What can no longer be worked out by the papers as they stand. */
    static MeasurementResult refused(String sentence) {
        return new MeasurementResult(Verdict.orNotJudged(null), null, sentence, null, null);
    }
}
