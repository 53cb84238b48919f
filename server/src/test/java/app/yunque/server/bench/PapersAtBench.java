package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Papers of units as a mechanic keeps and corrects them, for tests. */
abstract class PapersAtBench {
    final AtBench mechanic = AtBench.mechanic();

    static Map<String, Object> unopened() {
        var unit = new HashMap<>(Requests.unit(Requests.stage()));
        unit.put("stages", List.of());
        unit.remove("inputSpeedRpm");
        return unit;
    }

    AtBench.Answer correct(Map<String, Object> unit, long version) {
        return mechanic.put("/api/units/" + unit.get("id") + "/papers?version=" + version, unit);
    }

    long seen(Map<String, Object> unit) {
        return mechanic.get("/api/units/" + unit.get("id")).body().path("version").asLong();
    }

    long openJob(Map<String, Object> unit) {
        return mechanic.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "Growls"))
                .body()
                .path("job")
                .path("number")
                .asLong();
    }

    JsonNode example(String drawer) {
        for (var d : mechanic.get("/api/drawers").body()) {
            if (d.path("name").asString().equals(drawer)) {
                return d.path("examples").get(0).path("entries");
            }
        }
        throw new IllegalStateException(drawer);
    }

    void keep(String job, JsonNode entries, @Nullable Map<String, Integer> about) {
        var answer = new HashMap<String, Object>();
        answer.put("station", "INSPECT");
        answer.put("drawer", "worm-backlash");
        answer.put("subject", "a worm");
        answer.put("remark", "");
        answer.put("entries", entries);
        if (about != null) {
            answer.put("about", about);
        }
        var kept = mechanic.put(job + "/answers/" + UUID.randomUUID(), answer);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    }

    static Map<String, Object> worm() {
        return Requests.stage(
                "WORM",
                Map.of(
                        "starts", Requests.plain(1),
                        "wheelTeeth", Requests.plain(40),
                        "axialModuleMm", Requests.in("module", "4"),
                        "wormDiameterMm", Requests.mm("40"),
                        "normalPressureAngleDeg", Requests.in("°", "20"),
                        "hand", Requests.plain("RIGHT")));
    }
}
