package app.yunque.server.place;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.bench.Requests;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** A new unit with an open job, and what is done at its lubricated places. */
final class UnitAtBench {
    final AtBench bench = AtBench.mechanic();
    final LocalDate today = LocalDate.now(ZoneOffset.UTC);
    final String job = "/api/jobs/" + Requests.openedForStrip(bench);
    final String unit = bench.get(job).body().path("unit").path("id").asString();

    /** Describes a place; its identity. */
    String describe(Map<String, Object> place) {
        var id = UUID.randomUUID().toString();
        var kept = bench.put("/api/units/" + unit + "/places/" + id, place);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        return id;
    }

    JsonNode place(String id) {
        return bench.get("/api/units/" + unit + "/places")
                .body()
                .path("places")
                .valueStream()
                .filter(p -> p.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** A sample that was drawn some days ago. */
    Map<String, Object> drawn(int daysAgo, int hours, int iron) {
        var fields =
                Map.of(
                        "base", Requests.in("", "MINERAL"),
                        "fresh", Requests.in("", "320"),
                        "iron", Requests.in("", String.valueOf(iron)));
        var sample = new HashMap<String, Object>();
        sample.put("takenOn", today.minusDays(daysAgo).toString());
        sample.put("meter", Requests.in("", String.valueOf(hours)));
        sample.put("entries", Map.of("fields", fields, "readings", Map.of()));
        return sample;
    }
}
