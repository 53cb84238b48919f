package app.yunque.inspection;

import app.yunque.finding.Check;
import app.yunque.finding.CheckAnswer;
import app.yunque.finding.CheckState;
import java.util.List;

/**
 * One check on one part or mesh, as the plan has it.
 *
 * @param step        identity of the step with which the part came off; empty for a mesh
 * @param stage       number of the stage whose mesh it is about, 1 first; 0 for a part
 * @param number      number of that step; 0 for a mesh
 * @param part        the part or mesh in words
 * @param check       what is looked at, felt or measured
 * @param level       how much it is wanted here
 * @param because     what raised it to that, in words; empty where it stands at its base
 * @param conditional true when it is asked only where something is so that nobody has said yet: it is never counted as open
 * @param answer      what was said about it
 */
public record PlannedCheck(
        String step,
        int stage,
        int number,
        String part,
        Check check,
        CheckLevel level,
        List<String> because,
        boolean conditional,
        CheckAnswer answer) {
    public PlannedCheck {
        because = List.copyOf(because);
    }

    /** Whether nobody has answered it, nor said why it is not made. */
    public boolean open() {
        return answer.state() == CheckState.OPEN || answer.state() == CheckState.STALE;
    }

    /** Whether it stands open and has to be answered. */
    public boolean isOpenMust() {
        return open() && !conditional && level == CheckLevel.MUST;
    }

    /** Whether it can be answered before the rebuild at all. */
    public boolean isForTheOpenUnit() {
        return !check.isAfterWork();
    }
}
