package app.yunque.server.calc;

import app.yunque.finding.AgreeingMeasurements;
import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.DispositionProposal;
import app.yunque.finding.Look;
import app.yunque.finding.Measured;
import app.yunque.finding.PartFinding;
import app.yunque.finding.PartRecord;
import app.yunque.finding.StandingFinding;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Edges;
import app.yunque.measure.LimitReading;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.StepDetail;
import app.yunque.teardown.TeardownStep;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a reading means and what becomes of a part, without a job. */
@RestController
@RequestMapping("/api/calc")
class FindingCalcController {

    /**
     * @param edges       where new ends and renewal begins, any unit
     * @param values      readings, same unit
     * @param uncertainty expanded uncertainty of one reading (k = 2), same unit
     * @param strict      true on a part for which doubtful counts as failed
     * @param forecast    how it goes on wearing; missing when nobody knows
     * @param unit        the unit, for the words
     */
    record LimitInput(
            Edges edges,
            List<Double> values,
            double uncertainty,
            boolean strict,
            LimitReading.@Nullable Forecast forecast,
            String unit) {}

    /**
     * @param check name of the check
     * @param word  its fixed word
     * @param look  when it was looked at
     * @param by    who looked
     */
    record FindingInput(String check, String word, Look look, String by) {}

    /**
     * @param part      what it is, in words
     * @param kind      its kind
     * @param duty      what the drive is there for
     * @param condition as noted at Strip
     * @param singleUse true when it must not be used again
     * @param findings  what was found by eye, finger or ear, in the order it was said
     * @param measured  what was measured on it, in the order it was taken
     */
    record PartInput(
            String part,
            PartKind kind,
            ServiceDuty duty,
            Condition condition,
            boolean singleUse,
            List<FindingInput> findings,
            List<Measured> measured) {}

    /**
     * @param proposal what to do with it, and why
     * @param strict   true when doubtful counts as failed on it
     * @param standing what stands of all that was found, hardest first
     * @param counting which measurements count
     * @param open     checks that must be answered and are not, quickest first
     */
    record PartAnswer(
            DispositionProposal proposal,
            boolean strict,
            List<StandingFinding> standing,
            List<Measured> counting,
            List<String> open) {}

    /** Any reading against its limits. */
    @PostMapping("/measure/limit-reading")
    LimitReading limitReading(@RequestBody LimitInput input) {
        return LimitReading.of(
                input.edges(),
                input.values(),
                input.uncertainty(),
                input.strict(),
                Optional.ofNullable(input.forecast()),
                input.unit());
    }

    /** Several measurements of one thing: which of them counts. */
    @PostMapping("/finding/agreeing-measurements")
    List<Measured> agreeing(@RequestBody PartInput input) {
        return AgreeingMeasurements.of(input.measured(), record(input).isStrict());
    }

    /** What to do with one part. */
    @PostMapping("/finding/proposal")
    PartAnswer proposal(@RequestBody PartInput input) {
        var part = record(input);
        return new PartAnswer(
                DispositionProposal.of(part),
                part.isStrict(),
                part.standing(),
                part.measured(),
                part.openMusts().stream().map(Check::id).toList());
    }

    /** Checks that can be asked of a part. */
    @PostMapping("/finding/checks")
    List<Check> checks(@RequestBody PartInput input) {
        return Checks.of(record(input).step());
    }

    private static PartRecord record(PartInput input) {
        var step =
                new TeardownStep(
                        "part",
                        1,
                        input.part(),
                        input.kind(),
                        1,
                        1,
                        Side.MIDDLE,
                        null,
                        "",
                        null,
                        input.singleUse(),
                        "",
                        input.condition(),
                        "",
                        StepDetail.NONE);
        return new PartRecord(
                step,
                input.duty(),
                input.findings().stream()
                        .map(f -> PartFinding.of(f.check(), f.word(), f.look(), f.by()))
                        .toList(),
                input.measured());
    }
}
