package app.yunque.server.calc;

import app.yunque.finding.AgreeingMeasurements;
import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.DispositionProposal;
import app.yunque.finding.LeftOpen;
import app.yunque.finding.Look;
import app.yunque.finding.Measured;
import app.yunque.finding.PartFinding;
import app.yunque.finding.PartRecord;
import app.yunque.finding.StandingFinding;
import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.CheckPlan;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.MeshRecord;
import app.yunque.inspection.PlannedCheck;
import app.yunque.inspection.Situation;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.Edges;
import app.yunque.measure.LimitReading;
import app.yunque.measure.Refused;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.StepDetail;
import app.yunque.teardown.TeardownStep;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
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
     * @param left      checks that somebody said are not made; missing means none
     */
    record PartInput(
            String part,
            PartKind kind,
            ServiceDuty duty,
            Condition condition,
            boolean singleUse,
            List<FindingInput> findings,
            List<Measured> measured,
            @Nullable List<LeftOpen> left) {}

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

    /**
     * @param parts         parts in the order they came off, each with what was found on it
     * @param shafts        shaft each sat on, 1 for the input, 0 for the housing; empty takes them all for the first shaft's
     * @param kind          kind and name of the unit in words
     * @param complaint     what the customer says, in words
     * @param circumstances what else is so: surroundings, history, or a complaint that the words do not tell
     * @param meshes        meshes of the stages; missing means none
     */
    record PlanInput(
            List<PartInput> parts,
            List<Integer> shafts,
            String kind,
            String complaint,
            Set<Circumstance> circumstances,
            @Nullable List<MeshInput> meshes) {}

    /**
     * @param stage  number of the stage, 1 first
     * @param words  the mesh in words
     * @param family family of its checks: MSP, MIN, MBV, MWG, MRK, MPL, MCY, MCH, MFR, MSN
     * @param duty   what the drive is there for
     */
    record MeshInput(int stage, String words, String family, ServiceDuty duty) {}

    /**
     * @param kinds         kinds of unit that the words give away; several where they do not tell them apart, a reducer where nothing fits
     * @param circumstances what the plan went by
     * @param checks        what to look at, feel and measure, in this order
     * @param openMusts     how many must be answered while the unit lies open, and are not
     * @param openMinutes   minutes of a practised mechanic for these
     */
    record PlanAnswer(
            List<UnitKind> kinds,
            Set<Circumstance> circumstances,
            List<PlannedCheck> checks,
            int openMusts,
            double openMinutes) {}

    /** What to look at on the parts that came off, and in which order. */
    @PostMapping("/finding/plan")
    PlanAnswer plan(@RequestBody PlanInput input) {
        if (!input.shafts().isEmpty() && input.shafts().size() != input.parts().size()) {
            throw Refused.because(
                    "shafts",
                    "%d parts and %d shafts. Name the shaft of each part, or of none."
                            .formatted(input.parts().size(), input.shafts().size()));
        }
        var situation = Situation.of(input.kind(), Set.of(), input.complaint(), null);
        var circumstances = EnumSet.copyOf(situation.circumstances());
        circumstances.addAll(input.circumstances());
        var parts =
                IntStream.range(0, input.parts().size())
                        .mapToObj(
                                i ->
                                        record(
                                                input.parts().get(i),
                                                i + 1,
                                                input.shafts().isEmpty()
                                                        ? 1
                                                        : input.shafts().get(i)))
                        .toList();
        var meshes =
                Objects.requireNonNullElse(input.meshes(), List.<MeshInput>of()).stream()
                        .map(m -> new MeshRecord(m.stage(), m.words(), m.family(), m.duty()))
                        .toList();
        var plan = CheckPlan.of(parts, meshes, circumstances, Set.of());
        return new PlanAnswer(
                situation.kinds(),
                circumstances,
                plan.checks(),
                plan.openMusts().size(),
                plan.openMinutes());
    }

    private static PartRecord record(PartInput input) {
        return record(input, 1, 1);
    }

    private static PartRecord record(PartInput input, int number, int shaft) {
        var step =
                new TeardownStep(
                        "part " + number,
                        number,
                        input.part(),
                        input.kind(),
                        1,
                        shaft,
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
                input.measured(),
                Objects.requireNonNullElse(input.left(), List.of()),
                List.of());
    }
}
