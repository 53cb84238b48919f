package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** A job at Strip, and what its log says. */
abstract class StripAtBench {
    final AtBench bench = AtBench.mechanic();
    String job = "";

    @BeforeEach
    void open() {
        job = "/api/jobs/" + Requests.openedForStrip(bench);
    }

    UUID log(String part, String kind, Map<String, Object> more) {
        var id = UUID.randomUUID();
        var step = Requests.step(part, kind, 1);
        step.putAll(more);
        var answer = bench.put(job + "/steps/" + id, step);
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return id;
    }

    UUID log(String part, String kind) {
        return log(part, kind, Map.of());
    }

    JsonNode view() {
        return bench.get(job).body();
    }

    List<String> parts() {
        var parts = new ArrayList<String>();
        view().path("steps").forEach(s -> parts.add(s.path("inWords").asString()));
        return parts;
    }

    long version(UUID id) {
        for (var step : view().path("steps")) {
            if (step.path("id").asString().equals(id.toString())) {
                return step.path("given").path("version").asLong();
            }
        }
        throw new IllegalStateException("no step " + id);
    }

    void blindShaft() {
        var opening =
                Map.<String, Object>of(
                        "name",
                        "side hole",
                        "shape",
                        "ROUND",
                        "width",
                        Requests.mm("80"),
                        "closedBy",
                        "");
        var laid = lay(opening);
        assertThat(laid.status()).as(laid.detail()).isEqualTo(200);
    }

    /** The only opening of the unit. */
    AtBench.Answer lay(Map<String, Object> opening) {
        return bench.put(
                job + "/layout",
                Map.of(
                        "version",
                        view().path("unit").path("version").asLong(),
                        "layout",
                        Map.of("axes", List.of(), "openings", List.of(opening))));
    }

    static Map<String, Object> size(String diameter, String length) {
        return Map.of(
                "side",
                "MIDDLE",
                "detail",
                Map.of(
                        "envelope",
                        Map.of(
                                "shape",
                                "ROUND",
                                "width",
                                Requests.mm(diameter),
                                "length",
                                Requests.mm(length))));
    }
}
