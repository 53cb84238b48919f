package app.yunque.inspection;

import app.yunque.finding.Check;
import app.yunque.finding.Look;
import java.util.List;
import java.util.Set;

/**
 * One check on one part, as the plan has it.
 *
 * @param step        identity of the step with which the part came off
 * @param number      number of that step
 * @param part        the part in words
 * @param check       what is looked at, felt or measured
 * @param level       how much it is wanted here
 * @param because     what raised it to that, in words; empty where it stands at its base
 * @param conditional true when it is asked only where something is so that nobody has said yet: it is never counted as open
 * @param open        true while nobody has answered it
 */
public record PlannedCheck(
        String step,
        int number,
        String part,
        Check check,
        CheckLevel level,
        List<String> because,
        boolean conditional,
        boolean open) {
    public PlannedCheck {
        because = List.copyOf(because);
    }

    /** Whether it stands open and has to be answered. */
    public boolean isOpenMust() {
        return open && !conditional && level == CheckLevel.MUST;
    }

    /** Whether it can be answered before the rebuild at all. */
    public boolean isForTheOpenUnit() {
        return !check.looks().equals(Set.of(Look.AFTER_WORK));
    }
}
