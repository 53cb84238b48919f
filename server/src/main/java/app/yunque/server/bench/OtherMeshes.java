package app.yunque.server.bench;

import app.yunque.drive.MeshMeasure;
import app.yunque.route.Station;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.unit.UnitPapers;
import java.util.ArrayList;
import java.util.List;

/** Meshes of the papers that are measured with a drawer of their own. */
final class OtherMeshes {
    private OtherMeshes() {}

    /** Each of them with what was answered: of several of one kind as many are measured as were answered. */
    static List<JobView.OtherMesh> of(UnitPapers papers, List<KeptAnswerView> answered) {
        var meshes = new ArrayList<JobView.OtherMesh>();
        for (var other : papers.train().others()) {
            other.stage()
                    .mesh()
                    .ifPresent(
                            measure ->
                                    meshes.add(
                                            new JobView.OtherMesh(
                                                    other.stage().inWords(),
                                                    measure.question(),
                                                    isAnswered(
                                                            meshes,
                                                            measure,
                                                            answered,
                                                            Station.INSPECT),
                                                    isAnswered(
                                                            meshes,
                                                            measure,
                                                            answered,
                                                            Station.SET))));
        }
        return meshes;
    }

    private static boolean isAnswered(
            List<JobView.OtherMesh> before,
            MeshMeasure measure,
            List<KeptAnswerView> answered,
            Station station) {
        long earlier = before.stream().filter(m -> m.drawer().equals(measure.question())).count();
        long answers =
                answered.stream()
                        .filter(
                                a ->
                                        a.given().station() == station
                                                && a.given().drawer().equals(measure.question()))
                        .count();
        return answers > earlier;
    }
}
