package app.yunque.server.bench;

import app.yunque.route.Station;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.unit.OtherStageRequest;
import app.yunque.server.unit.UnitPapers;
import java.util.List;
import java.util.Map;

/** Worm and bevel meshes of the papers, which are measured with a drawer of their own. */
final class OtherMeshes {
    private static final Map<String, String> DRAWERS =
            Map.of("WORM", "worm-backlash", "BEVEL", "bevel-backlash");

    private OtherMeshes() {}

    /** How many there are. */
    static int of(UnitPapers papers) {
        return (int)
                papers.otherStages().stream().filter(s -> DRAWERS.containsKey(s.kind())).count();
    }

    /** How many of them have been measured at a station. */
    static int measured(UnitPapers papers, List<KeptAnswerView> answered, Station station) {
        return (int)
                papers.otherStages().stream()
                        .map(OtherStageRequest::kind)
                        .map(DRAWERS::get)
                        .filter(
                                drawer ->
                                        answered.stream()
                                                .anyMatch(
                                                        a ->
                                                                a.given().station() == station
                                                                        && a.given()
                                                                                .drawer()
                                                                                .equals(drawer)))
                        .count();
    }
}
