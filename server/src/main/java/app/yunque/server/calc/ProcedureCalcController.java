package app.yunque.server.calc;

import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.Situation;
import app.yunque.procedure.ProcedureLine;
import app.yunque.procedure.ProcedureList;
import app.yunque.procedure.ProcedureStep;
import app.yunque.procedure.StepAnswer;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a unit is set and proved by, without a job. */
@RestController
@RequestMapping("/api/calc/procedure")
class ProcedureCalcController {

    /**
     * @param step   name of the step
     * @param answer what was said of it
     */
    record AnsweredStep(String step, StepAnswer answer) {}

    /**
     * @param kind          kind and name of the unit in words
     * @param duty          what the drive is there for
     * @param circumstances kinds of unit, where the words do not tell them
     * @param answers       what was said, the last of several on one step counts
     */
    record ProcedureInput(
            String kind,
            ServiceDuty duty,
            Set<Circumstance> circumstances,
            List<AnsweredStep> answers) {
        Situation situation() {
            return Situation.of(kind, circumstances, "", List.of());
        }
    }

    /** What is set after the rebuild, in the order of dependence. */
    @PostMapping("/setting")
    List<ProcedureLine> setting(@RequestBody ProcedureInput input) {
        return judged(ProcedureList.setting(input.situation()), input);
    }

    /** What it shows before it leaves. */
    @PostMapping("/acceptance")
    List<ProcedureLine> acceptance(@RequestBody ProcedureInput input) {
        return judged(ProcedureList.acceptance(input.situation(), input.duty()), input);
    }

    private static List<ProcedureLine> judged(List<ProcedureStep> steps, ProcedureInput input) {
        for (var said : input.answers()) {
            StepAnswer.refuseImpossible(ProcedureList.step(said.step()), said.answer());
        }
        var last =
                input.answers().stream()
                        .collect(
                                Collectors.toMap(
                                        AnsweredStep::step,
                                        AnsweredStep::answer,
                                        (first, second) -> second));
        return ProcedureList.judge(steps, input.situation(), input.duty(), last, Map.of());
    }
}
