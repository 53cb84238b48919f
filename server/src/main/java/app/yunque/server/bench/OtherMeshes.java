package app.yunque.server.bench;

import app.yunque.drive.MeshMeasure;
import app.yunque.route.Station;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.unit.UnitPapers;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Meshes of the papers that are measured with a drawer of their own. */
final class OtherMeshes {
    /** An answer is tied to its stage; one that is tied to none, from before, counts for the first stage still open. */
    private final Map<Station, Set<UUID>> used = new EnumMap<>(Station.class);

    private final List<KeptAnswerView> answered;

    private OtherMeshes(List<KeptAnswerView> answered) {
        this.answered = answered;
    }

    static List<JobView.OtherMesh> of(UnitPapers papers, List<KeptAnswerView> answered) {
        var seen = new OtherMeshes(answered);
        var drive = papers.drive();
        var meshes = new ArrayList<JobView.OtherMesh>();
        for (int number = 1; number <= drive.stages().size(); number++) {
            var stage = drive.stages().get(number - 1);
            if (stage.mesh().isPresent()) {
                var measure = stage.mesh().get();
                meshes.add(
                        new JobView.OtherMesh(
                                number,
                                stage.inWords(),
                                measure.question(),
                                seen.isAnswered(number, measure, Station.INSPECT),
                                seen.isAnswered(number, measure, Station.SET)));
            }
        }
        return meshes;
    }

    private boolean isAnswered(int stage, MeshMeasure measure, Station station) {
        var those =
                answered.stream()
                        .filter(
                                a ->
                                        a.given().station() == station
                                                && a.given().drawer().equals(measure.question()))
                        .toList();
        if (those.stream().anyMatch(a -> stageOf(a).filter(s -> s == stage).isPresent())) {
            return true;
        }
        var taken = used.computeIfAbsent(station, s -> new HashSet<>());
        var loose =
                those.stream()
                        .filter(a -> stageOf(a).isEmpty() && !taken.contains(a.id()))
                        .findFirst();
        loose.ifPresent(a -> taken.add(a.id()));
        return loose.isPresent();
    }

    private static Optional<Integer> stageOf(KeptAnswerView answer) {
        var about = answer.given().about();
        return about == null ? Optional.empty() : Optional.ofNullable(about.stage());
    }
}
