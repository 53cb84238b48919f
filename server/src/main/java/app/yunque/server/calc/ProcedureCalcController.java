package app.yunque.server.calc;

import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.Situation;
import app.yunque.procedure.NextMove;
import app.yunque.procedure.ProcedureLine;
import app.yunque.procedure.ProcedureList;
import app.yunque.procedure.ProcedureStep;
import app.yunque.procedure.StepAnswer;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
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

    /**
     * @param perMm      change of the reading for a move of 1 mm
     * @param readingsMm what was read: before the first move, and after each (mm)
     * @param movesMm    what was moved, one fewer (mm), out, apart or thicker is plus
     * @param spreadMm   largest difference of readings at one place (mm); missing where it was read once
     * @param seen       what was seen beside
     * @param wanted     what is wanted
     * @param packMm     pack in place now (mm); missing where nothing is packed
     * @param oldPackMm  pack as it was found (mm); missing where nobody measured it
     * @param thinnestMm thinnest shim at hand (mm)
     */
    record MoveInput(
            double perMm,
            List<Double> readingsMm,
            List<Double> movesMm,
            @Nullable Double spreadMm,
            NextMove.Seen seen,
            NextMove.Wanted wanted,
            @Nullable Double packMm,
            @Nullable Double oldPackMm,
            double thinnestMm) {}

    /**
     * @param stop        why no move is made; missing where one is
     * @param words       the same in words
     * @param moveMm      the next move (mm); missing where none is made
     * @param packMm      pack to make (mm); missing where no move is made or no pack is there
     * @param predictedMm what it should read then (mm); missing where no move is made
     * @param gain        what the last move gave over what was predicted; missing where none tells
     */
    record MoveAnswer(
            NextMove.@Nullable Stop stop,
            String words,
            @Nullable Double moveMm,
            @Nullable Double packMm,
            @Nullable Double predictedMm,
            @Nullable Double gain) {}

    /** What to move next, out of the tries before, or why to stop. */
    @PostMapping("/next-move")
    MoveAnswer nextMove(@RequestBody MoveInput input) {
        var next =
                NextMove.of(
                        input.perMm(),
                        input.readingsMm(),
                        input.movesMm(),
                        maybe(input.spreadMm()),
                        input.seen(),
                        input.wanted(),
                        new NextMove.Pack(
                                maybe(input.packMm()),
                                maybe(input.oldPackMm()),
                                input.thinnestMm()));
        return new MoveAnswer(
                next.stop().orElse(null),
                next.stop().map(NextMove.Stop::words).orElse(""),
                orNull(next.moveMm()),
                orNull(next.packMm()),
                orNull(next.predictedMm()),
                orNull(next.gain()));
    }

    private static OptionalDouble maybe(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
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
