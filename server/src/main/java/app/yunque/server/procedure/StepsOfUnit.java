package app.yunque.server.procedure;

import app.yunque.drive.Drive;
import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.Situation;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.Verdict;
import app.yunque.procedure.ProcedureLine;
import app.yunque.procedure.ProcedureList;
import app.yunque.procedure.ProcedureStep;
import app.yunque.procedure.StepAnswer;
import app.yunque.route.JobFacts;
import app.yunque.route.Station;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a unit is set and proved by, and how far that is.
 *
 * @param setting    steps of setting, in the order of dependence
 * @param acceptance what it shows before it leaves
 * @param against    what of both stands against a signature
 * @param notAsked   what is not asked of this kind of unit, and why
 * @param notReleased what is said of a unit that this shop does not release; empty for every other
 */
public record StepsOfUnit(
        List<StepLine> setting,
        List<StepLine> acceptance,
        List<JobFacts.StepFact> against,
        List<String> notAsked,
        String notReleased) {

    /** What was sealed before this was told has none. */
    public StepsOfUnit {
        notReleased = notReleased == null ? "" : notReleased;
    }

    /**
     * @param drive     papers of the unit
     * @param tries     every try at the job, in the order they were kept
     * @param changedAt when a part was last put in, changed or taken out; null while none was. What was proved before counts no more
     * @param ranBefore true when it ran before that and not since
     * @param elsewhere what answers a step that is measured at its own place; a backlash stands against a signature by itself
     */
    public static StepsOfUnit of(
            Situation situation,
            ServiceDuty duty,
            Drive drive,
            List<StepAnswerView> tries,
            @Nullable Instant changedAt,
            boolean ranBefore,
            Map<ProcedureStep.By, Verdict> elsewhere) {
        var last = new HashMap<String, StepAnswerView>();
        tries.forEach(t -> last.put(t.given().step(), t));
        var stale = new ArrayList<String>();
        var answers = new HashMap<String, StepAnswer>();
        last.forEach(
                (step, view) -> {
                    boolean isStale =
                            ProcedureList.step(step).at() == Station.PROVE
                                    && changedAt != null
                                    && changedAt.isAfter(view.at());
                    if (isStale) {
                        stale.add(step);
                    } else {
                        answers.put(step, view.answer());
                    }
                });
        if (ranBefore) {
            ProcedureList.all().stream()
                    .filter(s -> s.by() == ProcedureStep.By.RUN)
                    .forEach(s -> stale.add(s.id()));
        }
        var setting =
                ProcedureList.judge(
                        ProcedureList.setting(situation), situation, duty, answers, elsewhere);
        var acceptance =
                ProcedureList.judge(
                        ProcedureList.acceptance(situation, duty),
                        situation,
                        duty,
                        answers,
                        elsewhere);
        return new StepsOfUnit(
                lines(setting, drive, stale, tries),
                lines(acceptance, drive, stale, tries),
                Stream.concat(setting.stream(), acceptance.stream())
                        .filter(
                                l ->
                                        !elsewhere.containsKey(ProcedureStep.By.BACKLASH)
                                                || l.step().by() != ProcedureStep.By.BACKLASH)
                        .flatMap(l -> StepLine.against(l, isStale(l, stale)).stream())
                        .toList(),
                situation.kinds().stream()
                        .filter(k -> !k.notAsked().isEmpty())
                        .map(k -> k.words() + ": " + k.notAsked())
                        .toList(),
                situation.kinds().stream()
                        .map(UnitKind::notReleased)
                        .filter(n -> !n.isEmpty())
                        .findFirst()
                        .orElse(""));
    }

    private static boolean isStale(ProcedureLine line, List<String> stale) {
        return line.state() == ProcedureLine.State.OPEN && stale.contains(line.step().id());
    }

    private static List<StepLine> lines(
            List<ProcedureLine> lines,
            Drive drive,
            List<String> stale,
            List<StepAnswerView> tries) {
        return lines.stream()
                .map(
                        l ->
                                StepLine.of(
                                        l,
                                        drive,
                                        isStale(l, stale),
                                        tries.stream()
                                                .filter(t -> t.given().step().equals(l.step().id()))
                                                .toList()))
                .toList();
    }
}
