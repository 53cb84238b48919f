package app.yunque.server.demo;

import app.yunque.finding.Check;
import app.yunque.finding.CheckState;
import app.yunque.finding.Checks;
import app.yunque.finding.Look;
import app.yunque.finding.Severity;
import app.yunque.inspection.CheckLevel;
import app.yunque.procedure.ProcedureLine;
import app.yunque.procedure.ProcedureStep;
import app.yunque.procedure.StepAnswer;
import app.yunque.route.Station;
import app.yunque.server.bench.JobViews;
import app.yunque.server.bench.PlanView;
import app.yunque.server.drawer.KeptAnswerRequest;
import app.yunque.server.drawer.KeptAnswerService;
import app.yunque.server.finding.About;
import app.yunque.server.finding.SeenRequest;
import app.yunque.server.finding.SeenService;
import app.yunque.server.job.JobRef;
import app.yunque.server.procedure.StepAnswerRequest;
import app.yunque.server.procedure.StepAnswerService;
import app.yunque.server.procedure.StepLine;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.teardown.StepService;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Answers what the plan of checks and the lists of setting and proving ask, for jobs of the demo that went further; figures invented. */
@Component
class DemoChecks {
    private final JobViews views;
    private final SeenService seen;
    private final KeptAnswerService answers;
    private final StepAnswerService procedure;
    private final StepService steps;

    DemoChecks(
            JobViews views,
            SeenService seen,
            KeptAnswerService answers,
            StepAnswerService procedure,
            StepService steps) {
        this.views = views;
        this.seen = seen;
        this.answers = answers;
        this.procedure = procedure;
        this.steps = steps;
    }

    /** Every must that is open is found as it should be. */
    void lookAtTheRest(JobRef job, Station station) {
        var plan = views.asItStands(job).plan();
        if (plan == null) {
            return;
        }
        var strip = steps.strip(job.id());
        for (var line : plan.checks()) {
            boolean asked =
                    line.level() == CheckLevel.MUST
                            && !line.conditional()
                            && line.state() == CheckState.OPEN
                            && line.afterWork() == (station == Station.SET);
            if (asked) {
                var check = Checks.of(line.check());
                var sound = sound(check);
                if (sound == null) {
                    answers.keep(job, UUID.randomUUID(), measured(line, station));
                } else {
                    seen.keep(job, UUID.randomUUID(), looked(line, check, sound), strip);
                }
            }
        }
    }

    private static @Nullable String sound(Check check) {
        return check.words().stream()
                .filter(w -> w.severity() == Severity.SOUND)
                .findFirst()
                .map(Check.Word::text)
                .orElse(null);
    }

    private static SeenRequest looked(PlanView.PlannedLine line, Check check, String word) {
        var look =
                check.isAfterWork()
                        ? Look.AFTER_WORK
                        : check.isGoneAfterWashing() ? Look.AS_FOUND : Look.WASHED;
        return new SeenRequest(null, step(line), line.stage(), check.id(), look, word, null, "");
    }

    private static KeptAnswerRequest measured(PlanView.PlannedLine line, Station station) {
        return new KeptAnswerRequest(
                null,
                station,
                "against-limits",
                line.part(),
                new About(step(line), line.stage(), null),
                line.check(),
                null,
                "",
                new DrawerEntries(
                        Map.of(
                                "measure", bare("NUMBER"),
                                "direction", bare("GROWS"),
                                "uncertaintyNumber", bare("0.1"),
                                "leastNumber", bare("0"),
                                "mostNewNumber", bare("2"),
                                "renewNumber", bare("4"),
                                "part", bare("STRICT"),
                                "limitsFrom", bare("sheet of the works")),
                        Map.of("readingsNumber", List.of(bare("1"))),
                        null));
    }

    private static @Nullable UUID step(PlanView.PlannedLine line) {
        return line.stepId() == null ? null : UUID.fromString(line.stepId());
    }

    private static EnteredNumber bare(String text) {
        return new EnteredNumber(text, "");
    }

    /** Every step of setting or of proving that is open is done. */
    void goThrough(JobRef job, Station station) {
        var lists = views.asItStands(job).procedure();
        if (lists == null) {
            return;
        }
        for (var line : station == Station.SET ? lists.setting() : lists.acceptance()) {
            if (line.state() == ProcedureLine.State.OPEN && line.by() != ProcedureStep.By.RUN) {
                procedure.keep(job, UUID.randomUUID(), done(line));
            }
        }
    }

    private static StepAnswerRequest done(StepLine line) {
        boolean asks = line.by() == ProcedureStep.By.VALUE;
        double value = line.least() == null ? 0 : line.least();
        var unit = line.unit().equals("mm") || line.unit().equals("N·m") ? line.unit() : "";
        return new StepAnswerRequest(
                null,
                line.id(),
                StepAnswer.Result.DONE,
                asks ? new EnteredNumber(String.valueOf(value), unit) : null,
                null,
                null,
                null,
                "");
    }
}
