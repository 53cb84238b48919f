package app.yunque.finding;

import app.yunque.measure.Reading;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import org.jspecify.annotations.Nullable;

/**
 * What was measured on a part, and what that means.
 *
 * @param check    name of the check it answers; empty when it hangs on none
 * @param verdict  against its limits
 * @param zone     between new and renewal; null where it is not known
 * @param renewNow true when it will be past its limit before the unit is opened again
 * @param sentence the verdict in words
 * @param reading  what was read, with how well; null where there is no single value
 */
public record Measured(
        String check,
        Verdict verdict,
        @Nullable Zone zone,
        boolean renewNow,
        String sentence,
        @Nullable Reading reading) {

    /** A measurement of which the value is not compared. */
    public Measured(
            String check, Verdict verdict, @Nullable Zone zone, boolean renewNow, String sentence) {
        this(check, verdict, zone, renewNow, sentence, null);
    }

    /** A measurement that hangs on no check. */
    public static Measured of(Verdict verdict, String sentence) {
        return new Measured("", verdict, null, false, sentence);
    }

    /** The later of two answers to one question, unless it judges nothing. */
    public Measured laterJudged(Measured later) {
        return later.isJudged() ? later : this;
    }

    /** Too tight or too long is a finding about the setting, the part or the tool, and no wear. */
    boolean isTooLittle() {
        return verdict == Verdict.CLEAR_FAIL && zone == Zone.BELOW;
    }

    /** Where no limit is known nothing was judged, and no check is closed by it. */
    boolean isJudged() {
        return verdict != Verdict.NOT_JUDGED;
    }

    boolean isPassed() {
        return verdict == Verdict.CLEAR_PASS;
    }
}
