package app.yunque.server.bench;

import app.yunque.drive.Drive;
import app.yunque.drive.MeshMeasure;
import app.yunque.drive.Stage;
import app.yunque.route.Station;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.unit.UnitPapers;
import app.yunque.teardown.Disturbance;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Meshes of the papers that are measured with a drawer of their own. */
record OtherMeshes(Drive drive, List<KeptAnswerView> answered, List<Disturbance> changes) {

    /** @param changes parts that went in; what was measured at Set before them no longer counts */
    static List<JobView.OtherMesh> of(
            UnitPapers papers, List<KeptAnswerView> answered, List<Disturbance> changes) {
        return new OtherMeshes(papers.drive(), answered, changes).all();
    }

    private List<JobView.OtherMesh> all() {
        return IntStream.rangeClosed(1, drive.stages().size())
                .boxed()
                .flatMap(n -> measure(n).map(m -> mesh(n, m)).stream())
                .toList();
    }

    private Optional<MeshMeasure> measure(int stage) {
        return drive.stage(stage).flatMap(Stage::mesh);
    }

    private JobView.OtherMesh mesh(int stage, MeshMeasure measure) {
        var set = lastAnswer(stage, measure, Station.SET);
        var stale =
                set.flatMap(
                        a ->
                                Optional.ofNullable(a.lost())
                                        .or(
                                                () ->
                                                        Disturbance.after(
                                                                changes,
                                                                drive,
                                                                stage,
                                                                a.keptAt())));
        return new JobView.OtherMesh(
                stage,
                drive.stages().get(stage - 1).inWords(),
                measure.question(),
                lastAnswer(stage, measure, Station.INSPECT)
                        .filter(a -> a.lost() == null)
                        .isPresent(),
                set.isPresent() && stale.isEmpty(),
                stale.orElse(null));
    }

    /** An answer is tied to its stage. Of those that are tied to none, from before, the last are taken, one for each stage in turn. */
    private Optional<KeptAnswerView> lastAnswer(int stage, MeshMeasure measure, Station station) {
        var those =
                answered.stream()
                        .filter(
                                a ->
                                        a.given().station() == station
                                                && a.given().drawer().equals(measure.question()))
                        .toList();
        return those.stream()
                .filter(a -> stageOf(a).filter(s -> s == stage).isPresent())
                .reduce((first, second) -> second)
                .or(
                        () ->
                                loose(
                                        stage,
                                        measure,
                                        those.stream().filter(a -> stageOf(a).isEmpty()).toList()));
    }

    private Optional<KeptAnswerView> loose(
            int stage, MeshMeasure measure, List<KeptAnswerView> loose) {
        var alike =
                IntStream.rangeClosed(1, drive.stages().size())
                        .filter(n -> measure(n).filter(m -> m == measure).isPresent())
                        .boxed()
                        .toList();
        int place = Math.max(0, loose.size() - alike.size()) + alike.indexOf(stage);
        return place < loose.size() ? Optional.of(loose.get(place)) : Optional.empty();
    }

    private static Optional<Integer> stageOf(KeptAnswerView answer) {
        var about = answer.given().about();
        return about == null ? Optional.empty() : Optional.ofNullable(about.stage());
    }
}
