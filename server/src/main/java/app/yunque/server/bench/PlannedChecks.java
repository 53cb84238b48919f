package app.yunque.server.bench;

import app.yunque.drive.Stage;
import app.yunque.finding.Checks;
import app.yunque.finding.LeftOpen;
import app.yunque.finding.Measured;
import app.yunque.finding.PartRecord;
import app.yunque.inspection.CheckPlan;
import app.yunque.inspection.MeshRecord;
import app.yunque.inspection.Situation;
import app.yunque.measure.Verdict;
import app.yunque.route.Station;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.finding.LeftService;
import app.yunque.server.finding.LeftView;
import app.yunque.server.finding.SeenService;
import app.yunque.server.finding.SeenView;
import app.yunque.server.measuring.MeasurementKind;
import app.yunque.server.measuring.MeasurementView;
import app.yunque.server.unit.UnitPapers;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The plan of checks of a job, from all that is on record about its parts and meshes. */
record PlannedChecks(
        Situation situation, CheckPlan plan, List<PartRecord> parts, List<MeshRecord> meshes) {
    /** How a mesh that lies between two parts is called in the plan. */
    private static final String MESH = "mesh of stage %d, %s";

    /**
     * @param parts   what is on record about each part, without what the circumstances ask of it
     * @param renewed parts that it was decided to renew
     */
    static PlannedChecks of(
            Situation situation,
            List<PartRecord> parts,
            List<MeshRecord> meshes,
            Set<String> renewed) {
        var plan = CheckPlan.of(parts, meshes, situation.circumstances(), renewed);
        return new PlannedChecks(situation, plan, plan.asked(parts), meshes);
    }

    /** All that was measured on parts and meshes before the rebuild. */
    List<Measured> measured() {
        return Stream.concat(
                        parts.stream().flatMap(p -> p.measured().stream()),
                        meshes.stream().flatMap(m -> m.measured().stream()))
                .toList();
    }

    /** What is on record about each mesh before the rebuild. */
    static List<MeshRecord> meshes(
            UnitPapers papers,
            List<SeenView> seen,
            List<MeasurementView> taken,
            List<KeptAnswerView> answered,
            List<LeftView> left) {
        var drive = papers.drive();
        return IntStream.rangeClosed(1, drive.stages().size())
                .filter(n -> !drive.stages().get(n - 1).checks().isEmpty())
                .mapToObj(
                        n -> {
                            var stage = drive.stages().get(n - 1);
                            return new MeshRecord(
                                    n,
                                    MESH.formatted(n, stage.inWords()),
                                    stage.checks(),
                                    papers.duty(),
                                    seen.stream()
                                            .filter(f -> isOf(f.given().stage(), n))
                                            .map(SeenService::core)
                                            .toList(),
                                    measured(n, stage, taken, answered),
                                    left.stream()
                                            .filter(l -> isOf(l.given().stage(), n))
                                            .map(LeftService::core)
                                            .toList());
                        })
                .toList();
    }

    /** Its backlash, by dial or by the drawer of its kind, and what else was measured of it and hangs on one of its checks. */
    private static List<Measured> measured(
            int number, Stage stage, List<MeasurementView> taken, List<KeptAnswerView> answered) {
        var measured = new ArrayList<Measured>();
        taken.stream()
                .filter(m -> m.given().station() == Station.INSPECT)
                .filter(m -> m.given().kind() == MeasurementKind.BACKLASH)
                .filter(m -> m.given().stage() == number)
                .forEach(
                        m ->
                                measured.add(
                                        of(
                                                MeshRecord.backlashOf(stage.checks()),
                                                m.result().verdict(),
                                                m.result().sentence(),
                                                m.lost())));
        answered.stream()
                .filter(a -> a.given().station() == Station.INSPECT)
                .filter(a -> a.given().about() != null && isOf(a.given().about().stage(), number))
                .forEach(
                        a ->
                                checkOf(a, stage)
                                        .forEach(
                                                c ->
                                                        measured.add(
                                                                of(
                                                                        c,
                                                                        Verdict.orNotJudged(
                                                                                a.answer()
                                                                                        .verdict()),
                                                                        a.answer().sentence(),
                                                                        a.lost()))));
        return measured;
    }

    private static Measured of(
            String check, Verdict verdict, String sentence, @Nullable String lost) {
        var one = new Measured(check, verdict, null, false, sentence);
        return lost == null ? one : one.stale(lost);
    }

    private static List<String> checkOf(KeptAnswerView answer, Stage stage) {
        var measures = stage.mesh().filter(m -> m.question().equals(answer.given().drawer()));
        if (measures.isPresent()) {
            return List.of(MeshRecord.backlashOf(stage.checks()));
        }
        return Checks.find(answer.check())
                .filter(c -> c.family().equals(stage.checks()))
                .map(c -> List.of(c.id()))
                .orElse(List.of());
    }

    private static boolean isOf(@Nullable Integer stage, int number) {
        return stage != null && stage == number;
    }

    static List<LeftOpen> leftOn(String stepId, List<LeftView> left) {
        return left.stream()
                .filter(
                        l ->
                                l.given().stepId() != null
                                        && l.given().stepId().toString().equals(stepId))
                .map(LeftService::core)
                .toList();
    }
}
