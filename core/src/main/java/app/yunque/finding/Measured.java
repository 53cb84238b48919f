package app.yunque.finding;

import app.yunque.measure.Reading;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.time.Instant;
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
 * @param taking   who took it, when, how coarsely and how often; null where nobody says
 */
public record Measured(
        String check,
        Verdict verdict,
        @Nullable Zone zone,
        boolean renewNow,
        String sentence,
        @Nullable Reading reading,
        @Nullable Taking taking) {

    /** Where nobody says how it came about, nobody does. */
    public Measured {
        taking = taking == null ? Taking.NOT_SAID : taking;
    }

    @Override
    public Taking taking() {
        return taking == null ? Taking.NOT_SAID : taking;
    }

    /** A measurement of which nobody says how it came about. */
    public Measured(
            String check,
            Verdict verdict,
            @Nullable Zone zone,
            boolean renewNow,
            String sentence,
            @Nullable Reading reading) {
        this(check, verdict, zone, renewNow, sentence, reading, Taking.NOT_SAID);
    }

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

    boolean isStale() {
        return taking.stale();
    }

    boolean isPassed() {
        return verdict == Verdict.CLEAR_PASS;
    }

    /** The same with as many that agree behind it. */
    Measured confirmed(int agreeing) {
        return new Measured(
                check, verdict, zone, renewNow, sentence, reading, taking.confirmed(agreeing));
    }

    /** What took its value away: it stays on record and judges nothing any more. */
    public Measured stale(String why) {
        return new Measured(
                check, Verdict.NOT_JUDGED, null, false, why, null, taking.withoutValue());
    }

    /**
     * A feel that says otherwise is overruled by a value taken after it, with a tool that is fine enough or by a second one that agrees.
     *
     * @param felt when it was felt; null where that is not known
     */
    boolean overrules(@Nullable Instant felt) {
        return !taking.isBefore(felt) && (taking.times() > 1 || !taking.coarse());
    }
}
