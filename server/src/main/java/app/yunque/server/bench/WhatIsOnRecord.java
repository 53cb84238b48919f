package app.yunque.server.bench;

import app.yunque.drive.Drive;
import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.Disposition;
import app.yunque.finding.Measured;
import app.yunque.finding.PartEvidence;
import app.yunque.finding.PartRecord;
import app.yunque.finding.Taking;
import app.yunque.gear.Member;
import app.yunque.measure.Reading;
import app.yunque.measure.Verdict;
import app.yunque.procedure.ProcedureStep;
import app.yunque.route.JobFacts;
import app.yunque.route.LastWords;
import app.yunque.route.Station;
import app.yunque.server.decision.DecisionView;
import app.yunque.server.done.DoneView;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.finding.LeftView;
import app.yunque.server.finding.SeenService;
import app.yunque.server.finding.SeenView;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.ReceiveView;
import app.yunque.server.measuring.MeasurementKind;
import app.yunque.server.measuring.MeasurementView;
import app.yunque.server.place.PlaceAtJob;
import app.yunque.server.procedure.StepsOfUnit;
import app.yunque.server.proof.ProofView;
import app.yunque.server.unit.UnitPapers;
import app.yunque.teardown.Disturbance;
import app.yunque.teardown.Fitted;
import app.yunque.teardown.Ledger;
import app.yunque.teardown.TeardownStep;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** What is on record about a job, as the core asks for it: what bears on each part, what was measured, what was proved. */
final class WhatIsOnRecord {
    private WhatIsOnRecord() {}

    /** All that is on record about each part, in the order of the strip. */
    static List<PartRecord> parts(
            List<TeardownStep> strip,
            UnitPapers papers,
            List<SeenView> seen,
            List<MeasurementView> taken,
            List<KeptAnswerView> answered,
            List<LeftView> left) {
        return strip.stream()
                .map(
                        step ->
                                new PartRecord(
                                        step,
                                        papers.duty(),
                                        seen.stream()
                                                .filter(f -> isOn(f, step))
                                                .map(SeenService::core)
                                                .toList(),
                                        measured(step, taken, answered),
                                        PlannedChecks.leftOn(step.id(), left),
                                        List.of()))
                .toList();
    }

    private static boolean isOn(SeenView seen, TeardownStep step) {
        var stepId = seen.given().stepId();
        return stepId != null && stepId.toString().equals(step.id());
    }

    /** What was measured or answered at Inspect and bears on a part; of a drawer that hangs on no check its last word only. */
    private static List<Measured> measured(
            TeardownStep step, List<MeasurementView> taken, List<KeptAnswerView> answered) {
        var measured = new ArrayList<>(spans(step, taken));
        Map<String, Measured> last = new TreeMap<>();
        answered.stream()
                .filter(a -> isBeforeOrOnlyAfter(a) && isAbout(a, step))
                .forEach(
                        a -> {
                            var one = answer(a);
                            if (a.check().isEmpty()) {
                                last.merge(a.given().drawer(), one, Measured::laterJudged);
                            } else {
                                measured.add(one);
                            }
                        });
        measured.addAll(last.values());
        return measured;
    }

    private static Measured answer(KeptAnswerView a) {
        var one =
                new Measured(
                        a.check(),
                        a.answer().verdict(),
                        a.answer().zone(),
                        a.answer().renewNow(),
                        a.answer().sentence(),
                        a.answer().reading(),
                        new Taking(a.keptBy(), a.keptAt(), a.given().where(), a.answer().coarse()));
        return a.lost() == null ? one : one.stale(a.lost());
    }

    /** What is measured of a part counts as it lay open, but for what can only be measured after the rebuild. */
    private static boolean isBeforeOrOnlyAfter(KeptAnswerView answer) {
        return answer.given().station() == Station.INSPECT
                || answer.given().station() == Station.SET
                        && Checks.find(answer.check()).filter(Check::isAfterWork).isPresent();
    }

    /** An answer is about a part by its key, or by its name, or by the gear of the papers it is. */
    private static boolean isAbout(KeptAnswerView answer, TeardownStep step) {
        var about = answer.given().about();
        if (about == null) {
            return answer.given().subject().strip().equalsIgnoreCase(step.part());
        }
        if (about.stepId() != null) {
            return about.stepId().toString().equals(step.id());
        }
        var gear = step.gear();
        return gear != null
                && about.stage() != null
                && gear.stage() == about.stage()
                && gear.member() == about.member();
    }

    private static List<Measured> spans(TeardownStep step, List<MeasurementView> taken) {
        var gear = step.gear();
        if (gear == null) {
            return List.of();
        }
        return taken.stream()
                .filter(
                        m ->
                                m.given().station() == Station.INSPECT
                                        && m.given().kind() == MeasurementKind.SPAN
                                        && m.given().stage() == gear.stage()
                                        && m.given().member() == gear.member())
                .map(WhatIsOnRecord::span)
                .toList();
    }

    private static Measured span(MeasurementView m) {
        var wear = m.result().wear();
        var one =
                new Measured(
                        "GER-3",
                        m.result().verdict(),
                        m.result().zone(),
                        false,
                        m.result().sentence(),
                        wear(m),
                        new Taking(m.keptBy(), m.keptAt(), "", wear != null && wear.coarse()));
        return m.lost() == null ? one : one.stale(m.lost());
    }

    private static @Nullable Reading wear(MeasurementView m) {
        var wear = m.result().wear();
        return wear == null
                ? null
                : new Reading(wear.wearPercent(), wear.uncertaintyPercent(), "%");
    }

    static JobFacts facts(
            JobRef job,
            UnitPapers papers,
            ReceiveView received,
            List<TeardownStep> strip,
            List<JobFacts.PartFact> each,
            PlannedChecks planned,
            List<DecisionView> decisions,
            Map<String, Fitted> fitted,
            Ledger ledger,
            List<MeasurementView> taken,
            List<KeptAnswerView> answered,
            List<JobView.Mesh> meshes,
            List<JobView.OtherMesh> others,
            List<PlaceAtJob> places,
            StepsOfUnit procedure,
            List<DoneView> done) {
        var isolation = received.isolation();
        var turnCount = received.turnCount();
        var found = words(taken, answered, Station.INSPECT);
        // What something was changed after no longer counts, good or bad: that mesh is to be
        // measured again.
        var stale = new TreeSet<Integer>();
        meshes.stream().filter(m -> m.stale() != null).forEach(m -> stale.add(m.stage()));
        others.stream().filter(m -> m.stale() != null).forEach(m -> stale.add(m.stage()));
        var set =
                words(
                        taken.stream().filter(m -> !stale.contains(m.given().stage())).toList(),
                        answered.stream().filter(a -> !isOn(a, stale)).toList(),
                        Station.SET);
        return new JobFacts(
                new JobFacts.Receive(
                        !received.complaint().isBlank(),
                        received.permission() != null,
                        isolation != null && isolation.isolated(),
                        Verdict.orNotJudged(
                                turnCount == null ? null : turnCount.check().verdict())),
                new JobFacts.Parts(
                        strip.size(),
                        ledger.removed(),
                        (int) decisions.stream().filter(d -> d.decided() == null).count(),
                        (int) strip.stream().filter(s -> fitted.containsKey(s.id())).count(),
                        ledger.onBench(),
                        ledger.missing(),
                        ledger.isBalanced(),
                        each,
                        done.stream()
                                .filter(DoneView::isOpen)
                                .map(d -> "“%s”: %s".formatted(d.given().line(), d.mirror()))
                                .toList()),
                new JobFacts.Checks(
                        planned.plan().openMusts().size(),
                        planned.plan().openMinutes(),
                        planned.plan().notPossible().size()),
                new JobFacts.Meshes(
                        meshes.size() + others.size(),
                        found.worst(),
                        (int)
                                        meshes.stream()
                                                .filter(m -> m.after() != null && m.stale() == null)
                                                .count()
                                + (int) others.stream().filter(JobView.OtherMesh::after).count(),
                        set.worst(),
                        binds(meshes),
                        found.isWorn(),
                        set.isWorn()),
                new JobFacts.Proof(
                        places.size(),
                        places.stream()
                                .filter(p -> p.takes() && p.fill() == null)
                                .map(PlaceAtJob::name)
                                .toList(),
                        procedure.against(),
                        job.isSigned()));
    }

    /** Each part as signing asks for it. */
    static List<JobFacts.PartFact> each(List<PartRecord> parts, List<DecisionView> decisions) {
        var each = new ArrayList<JobFacts.PartFact>();
        for (int i = 0; i < parts.size(); i++) {
            var step = parts.get(i).step();
            var decided = decisions.get(i).decided();
            var known = PartEvidence.of(parts.get(i));
            each.add(
                    new JobFacts.PartFact(
                            step.part() + " (" + step.number() + ")",
                            decided == Disposition.REUSE || decided == Disposition.DRESS,
                            step.belongs() != null
                                    || step.singleUse()
                                    || decided == Disposition.RENEW,
                            known.open().stream().map(Check::inWords).toList(),
                            known.left().stream().map(Check::inWords).toList(),
                            known.damaged(),
                            known.condemned(),
                            known.worst(),
                            known.strict(),
                            known.lock()));
        }
        return each;
    }

    private static boolean isOn(KeptAnswerView answer, Set<Integer> stages) {
        var about = answer.given().about();
        return about != null && about.stage() != null && stages.contains(about.stage());
    }

    /** 0, which every change disturbs, where an answer is tied to no stage. */
    private static int stageOf(KeptAnswerView answer) {
        var about = answer.given().about();
        return about == null || about.stage() == null ? 0 : about.stage();
    }

    private static boolean binds(List<JobView.Mesh> meshes) {
        return meshes.stream()
                .filter(m -> m.stale() == null)
                .map(JobView.Mesh::after)
                .filter(m -> m != null && m.result().backlash() != null)
                .anyMatch(m -> m.result().backlash().judged().binds());
    }

    /**
     * What answers the steps that are measured at their own places.
     *
     * @param changes parts that went in; a contact that was marked before one of them that locates its mesh counts no more
     */
    static Map<ProcedureStep.By, Verdict> elsewhere(
            List<JobView.Mesh> meshes,
            List<JobView.OtherMesh> others,
            List<MeasurementView> taken,
            List<KeptAnswerView> answered,
            Drive drive,
            List<Disturbance> changes,
            Optional<ProofView> proof,
            @Nullable Instant changedAt) {
        var elsewhere = new EnumMap<ProcedureStep.By, Verdict>(ProcedureStep.By.class);
        boolean all =
                meshes.stream().allMatch(m -> m.after() != null && m.stale() == null)
                        && others.stream().allMatch(JobView.OtherMesh::after);
        if (meshes.size() + others.size() > 0) {
            elsewhere.put(
                    ProcedureStep.By.BACKLASH,
                    Verdict.orNotJudged(all ? words(taken, answered, Station.SET).worst() : null));
        }
        answered.stream()
                .filter(a -> a.given().station() == Station.SET)
                .filter(a -> CONTACT.contains(a.check()))
                .filter(a -> Disturbance.after(changes, drive, stageOf(a), a.keptAt()).isEmpty())
                .map(a -> Verdict.orNotJudged(a.answer().verdict()))
                .reduce(Verdict::worse)
                .ifPresent(v -> elsewhere.put(ProcedureStep.By.CONTACT, v));
        proof.filter(p -> !ranBefore(proof, changedAt))
                .map(ProofView::temperature)
                .ifPresent(t -> elsewhere.put(ProcedureStep.By.RUN, t.verdict()));
        return elsewhere;
    }

    /** What ran before a part went in says nothing of it. */
    static boolean ranBefore(Optional<ProofView> proof, @Nullable Instant changedAt) {
        return proof.filter(p -> p.temperature() != null)
                .filter(p -> changedAt != null && changedAt.isAfter(p.keptAt()))
                .isPresent();
    }

    /** Checks that the contact of a mesh answers. */
    private static final Set<String> CONTACT = Set.of("MSP-2", "MBV-2", "MWG-2");

    private record What(MeasurementKind kind, int stage, Member member) {}

    /** The last word on each thing at a station, answers of drawers among them. */
    private static LastWords words(
            List<MeasurementView> taken, List<KeptAnswerView> answered, Station station) {
        var words = new LastWords();
        taken.stream()
                .filter(m -> m.given().station() == station)
                .forEach(m -> words.measure(what(m), m.result().verdict(), m.result().zone()));
        answered.stream()
                .filter(a -> a.given().station() == station)
                .forEach(
                        a ->
                                words.answer(
                                        a.given().drawer() + " " + a.given().subject(),
                                        a.answer().verdict(),
                                        a.answer().zone()));
        return words;
    }

    /** A backlash is of the mesh, whichever wheel the dial stood on. */
    private static What what(MeasurementView m) {
        var given = m.given();
        return new What(
                given.kind(),
                given.stage(),
                given.kind() == MeasurementKind.BACKLASH ? Member.WHEEL : given.member());
    }
}
