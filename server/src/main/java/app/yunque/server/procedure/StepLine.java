package app.yunque.server.procedure;

import app.yunque.drive.Drive;
import app.yunque.measure.Verdict;
import app.yunque.procedure.Movable;
import app.yunque.procedure.ProcedureLine;
import app.yunque.procedure.ProcedureStep;
import app.yunque.route.JobFacts;
import app.yunque.route.SigningPoint;
import app.yunque.route.Station;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One step of the list of a unit as it is shown, with all tries.
 *
 * @param id       its name
 * @param at       the station it is made at
 * @param what     what is done
 * @param after    steps it comes after
 * @param target   what it is set to, in words; may be empty
 * @param doneWhen when it is done, in words; may be empty
 * @param by       how it is answered
 * @param measured what is measured, in words; empty where a yes or no answers it
 * @param unit     of that; may be empty
 * @param least    the least that passes; missing where there is none
 * @param most     the most that passes; missing where there is none
 * @param limit    the same in words; empty where none is known
 * @param nobody   true when nobody signs without it
 * @param state    where it stands
 * @param verdict  what was measured against its limit
 * @param says     the answer in words
 * @param stale    true when it was made before something was changed, so that it is made again
 * @param source   where limit and step come from
 * @param caution  what can hurt somebody here; may be empty
 * @param moves    what may be moved for it, and what that does to the rest; empty where nothing is
 * @param tries    all that was said of it, the last counts
 */
public record StepLine(
        String id,
        Station at,
        String what,
        List<String> after,
        String target,
        String doneWhen,
        ProcedureStep.By by,
        String measured,
        String unit,
        @Nullable Double least,
        @Nullable Double most,
        String limit,
        boolean nobody,
        ProcedureLine.State state,
        Verdict verdict,
        String says,
        boolean stale,
        String source,
        String caution,
        List<Movable.Effect> moves,
        List<StepAnswerView> tries) {

    /** Lines that were sealed before moves were told have none. */
    public StepLine {
        moves = moves == null ? List.of() : List.copyOf(moves);
    }

    static StepLine of(ProcedureLine line, Drive drive, boolean stale, List<StepAnswerView> tries) {
        var step = line.step();
        return new StepLine(
                step.id(),
                step.at(),
                step.what(),
                step.after(),
                step.target(),
                step.doneWhen(),
                step.by(),
                step.measured(),
                step.unit(),
                step.limits().least(),
                step.limits().most(),
                step.limitInWords(),
                line.without() == ProcedureStep.Without.NOBODY,
                line.state(),
                line.verdict(),
                stale ? "made before something was changed: make it again" : line.says(),
                stale,
                step.source(),
                step.caution(),
                Movable.at(step.id(), drive),
                tries);
    }

    /** As signing asks for it; empty where it does not stand against a signature. */
    static List<JobFacts.StepFact> against(ProcedureLine line, boolean stale) {
        if (!line.standsAgainst()) {
            return List.of();
        }
        boolean open = line.state() == ProcedureLine.State.OPEN;
        return List.of(
                new JobFacts.StepFact(
                        line.step().id(),
                        line.step().at(),
                        line.step().what(),
                        stale
                                ? "made before something was changed"
                                : open ? line.state().words() : line.says(),
                        open,
                        line.state() == ProcedureLine.State.FAILED,
                        line.without() == ProcedureStep.Without.NOBODY
                                ? SigningPoint.Weight.NEVER
                                : SigningPoint.Weight.LEAD,
                        line.step().reopens()));
    }
}
