package app.yunque.procedure;

import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.Situation;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.procedure.ProcedureLine.State;
import app.yunque.procedure.ProcedureStep.StepLimits;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The steps that a unit of some kind is set and proved by, and where each stands.
 *
 * <p>A value is judged with its uncertainty: inside its limits by all of it passes, outside by all of it fails, else it is doubtful; on a step
 * that nobody signs without, doubtful stands like failed. Where no limit is known the mechanic enters one, or says that it is as it should
 * be. Source: common practice, no source; the guard band after ISO 14253-1, from memory.
 */
public final class ProcedureList {
    /** What every unit shows before it leaves; that the ledger balances and that it is filled is known without asking. */
    public static final List<String> EVERY_UNIT = List.of("P-02", "P-17", "P-39");

    private static final String GUARDS_ON = "P-10";
    private static final String HOLDS_ITS_LOAD = "P-24";
    private static final Set<String> HOLDING = Set.of("P-18", "P-19", "P-20", HOLDS_ITS_LOAD);
    private static final double SLACK = 1e-9;
    private static final double FINEST = 1e4;

    private ProcedureList() {}

    /** All steps there are, those of setting first. */
    public static List<ProcedureStep> all() {
        return List.copyOf(StepTable.ALL.values());
    }

    /** @throws Refused when there is no such step */
    public static ProcedureStep step(String id) {
        return Optional.ofNullable(StepTable.ALL.get(id))
                .orElseThrow(
                        () ->
                                Refused.because(
                                        "step",
                                        "There is no step “%s”. Choose one from the list of the unit."
                                                .formatted(id)));
    }

    /** Steps that are set on a unit after the rebuild, in the order of dependence. */
    public static List<ProcedureStep> setting(Situation situation) {
        var names = new LinkedHashSet<String>();
        situation.kinds().forEach(k -> names.addAll(k.setting()));
        return steps(List.copyOf(names), situation.kinds());
    }

    /**
     * Steps that a unit shows before it leaves. One that lifts and is of no kind that hoists shows at least that it holds its load still.
     */
    public static List<ProcedureStep> acceptance(Situation situation, ServiceDuty duty) {
        var kinds = situation.kinds();
        var names = new LinkedHashSet<String>();
        names.add("P-02");
        if (kinds.stream().anyMatch(UnitKind::isPowered)) {
            names.add(GUARDS_ON);
        }
        kinds.forEach(k -> names.addAll(k.acceptance()));
        if (duty == ServiceDuty.LIFTING && names.stream().noneMatch(HOLDING::contains)) {
            names.add(HOLDS_ITS_LOAD);
        }
        names.addAll(EVERY_UNIT);
        return steps(StepTable.ALL.keySet().stream().filter(names::contains).toList(), kinds);
    }

    private static List<ProcedureStep> steps(List<String> names, List<UnitKind> kinds) {
        return names.stream().map(ProcedureList::step).map(s -> s.on(kinds)).toList();
    }

    /**
     * @param steps     the steps of the unit
     * @param answers   the last word on each, by its name
     * @param elsewhere what answers a step that is measured at its own place: backlash, contact, run
     */
    public static List<ProcedureLine> judge(
            List<ProcedureStep> steps,
            Situation situation,
            ServiceDuty duty,
            Map<String, StepAnswer> answers,
            Map<ProcedureStep.By, Verdict> elsewhere) {
        var circumstances = EnumSet.noneOf(Circumstance.class);
        circumstances.addAll(situation.circumstances());
        if (duty == ServiceDuty.LIFTING) {
            circumstances.add(Circumstance.LIFT);
        }
        var lines = new ArrayList<ProcedureLine>();
        for (var step : steps) {
            var measured = elsewhere.get(step.by());
            lines.add(
                    measured != null && measured != Verdict.NOT_JUDGED
                            ? fromElsewhere(step, circumstances, measured)
                            : line(step, circumstances, answers.get(step.id())));
        }
        return List.copyOf(lines);
    }

    private static ProcedureLine fromElsewhere(
            ProcedureStep step, Set<Circumstance> circumstances, Verdict verdict) {
        return new ProcedureLine(
                step, step.without(circumstances), state(verdict), verdict, verdict.words(null));
    }

    private static State state(Verdict verdict) {
        return switch (verdict) {
            case CLEAR_PASS -> State.PASSED;
            case DOUBTFUL -> State.DOUBTFUL;
            case CLEAR_FAIL -> State.FAILED;
            case NOT_JUDGED -> State.OPEN;
        };
    }

    private static ProcedureLine line(
            ProcedureStep step, Set<Circumstance> circumstances, @Nullable StepAnswer answer) {
        var without = step.without(circumstances);
        if (answer == null) {
            return new ProcedureLine(step, without, State.OPEN, Verdict.NOT_JUDGED, "");
        }
        return switch (answer.result()) {
            case NOT_POSSIBLE ->
                    new ProcedureLine(
                            step,
                            without,
                            State.NOT_POSSIBLE,
                            Verdict.NOT_JUDGED,
                            answer.result().words() + ": " + answer.remark().strip());
            case NOT_FITTED ->
                    step.mayBeMissing(circumstances)
                            ? new ProcedureLine(
                                    step,
                                    without,
                                    State.NOT_NEEDED,
                                    Verdict.NOT_JUDGED,
                                    answer.result().words())
                            : new ProcedureLine(
                                    step,
                                    without,
                                    State.OPEN,
                                    Verdict.NOT_JUDGED,
                                    "said not to be needed, but this unit cannot be without it");
            case FAILED ->
                    new ProcedureLine(
                            step,
                            without,
                            State.FAILED,
                            Verdict.CLEAR_FAIL,
                            said(step, answer, answer.result().words()));
            case DONE -> done(step, without, answer);
        };
    }

    private static ProcedureLine done(
            ProcedureStep step, ProcedureStep.Without without, StepAnswer answer) {
        var limits = step.limits().overruledBy(answer.least(), answer.most());
        var value = answer.value();
        if (value == null) {
            return new ProcedureLine(
                    step,
                    without,
                    State.PASSED,
                    Verdict.NOT_JUDGED,
                    said(step, answer, answer.result().words()));
        }
        if (limits.isNone()) {
            boolean asked = step.by() == ProcedureStep.By.VALUE;
            return new ProcedureLine(
                    step,
                    without,
                    State.PASSED,
                    Verdict.NOT_JUDGED,
                    said(step, answer, asked ? "recorded, no limit known" : "recorded"));
        }
        var verdict = verdict(limits, value, answer.uncertainty());
        return new ProcedureLine(
                step,
                without,
                state(verdict),
                verdict,
                said(step, answer, verdict.words(null)) + ", " + limits.inWords(step.counted()));
    }

    private static Verdict verdict(StepLimits limits, double value, double uncertainty) {
        boolean isIn = isAbove(limits, value - uncertainty) && isBelow(limits, value + uncertainty);
        boolean isOut =
                !isAbove(limits, value + uncertainty) || !isBelow(limits, value - uncertainty);
        return isIn ? Verdict.CLEAR_PASS : isOut ? Verdict.CLEAR_FAIL : Verdict.DOUBTFUL;
    }

    private static boolean isAbove(StepLimits limits, double value) {
        return limits.least() == null || value >= limits.least() - SLACK;
    }

    private static boolean isBelow(StepLimits limits, double value) {
        return limits.most() == null || value <= limits.most() + SLACK;
    }

    private static String said(ProcedureStep step, StepAnswer answer, String how) {
        var value =
                answer.value() == null
                        ? ""
                        : digits(answer.value())
                                + (answer.uncertainty() > 0
                                        ? " ± " + digits(answer.uncertainty())
                                        : "")
                                + step.counted()
                                + ": ";
        return value + how;
    }

    /** No finer than a ten-thousandth: three thou are 0.0762 mm. */
    static String digits(double value) {
        return PlainDigits.exact(Math.round(value * FINEST) / FINEST);
    }
}
