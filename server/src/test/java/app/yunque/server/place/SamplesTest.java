package app.yunque.server.place;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import app.yunque.server.bench.Requests;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Oil samples over the years. */
@ExtendWith(RunningApp.class)
class SamplesTest {
    private final UnitAtBench its = new UnitAtBench();
    private final AtBench bench = its.bench;

    @Test
    void samplesRunOverTheYears() {
        var sump = its.describe(Requests.sump("95"));
        var samples = "/api/places/" + sump + "/samples/";
        for (int i = 0; i < 6; i++) {
            assertThat(sample(samples, 600 - 100 * i, 1000 * i, 60 + 20 * i + i % 2).status())
                    .isEqualTo(200);
        }
        var series = bench.get("/api/places/" + sump + "/samples").body();
        assertThat(series.path("samples")).hasSize(6);
        var iron =
                series.path("lines")
                        .valueStream()
                        .filter(l -> l.path("name").asString().equals("Iron"))
                        .findFirst()
                        .orElseThrow();
        assertThat(iron.path("trend").asString()).startsWith("+").contains("ppm in 1000 h");
        assertThat(iron.path("hoursLeft").asDouble())
                .as("200 ppm at about 20 in 1000 h, from 160 on")
                .isBetween(1800.0, 2200.0);
        assertThat(series.path("samples").path(5).path("answer").path("tables").toString())
                .as("judged against the five before it")
                .contains("earlier 100.4");
        assertThat(sample(samples, 50, 10, 30).at("meter")).contains("the meter stood at");
        assertThat(sample(samples, -4, 9000, 30).at("takenOn")).contains("still to come");
    }

    /** The sheet of the next sample knows the oil and the samples of this fill; after a change it starts anew. */
    @Test
    void theNextSampleStartsFromThoseOfThisFill() {
        var sump = its.describe(Requests.sump("95"));
        var samples = "/api/places/" + sump + "/samples/";
        for (int i = 0; i < 3; i++) {
            sample(samples, 60 - 10 * i, 1000 + 100 * i, 20 + i);
        }
        var next = bench.get("/api/places/" + sump + "/samples").body().path("next");
        assertThat(next.path("fields").path("fresh").path("text").asString()).isEqualTo("320");
        assertThat(next.path("fields").path("box").path("text").asString())
                .isEqualTo("STEEL_GEARS");
        assertThat(next.path("readings").path("earlierIron")).hasSize(3);
        assertThat(
                        bench.put(
                                        "/api/places/" + sump + "/fills/" + UUID.randomUUID(),
                                        on(5, "FILLED", "8"))
                                .status())
                .isEqualTo(200);
        var fresh = bench.get("/api/places/" + sump + "/samples").body().path("next");
        assertThat(fresh.path("fields").path("fresh").path("text").asString())
                .as("from elsewhere: nobody knows, so nothing stands there")
                .isEmpty();
        assertThat(fresh.path("readings").has("earlierIron")).isFalse();
    }

    // 40 ppm, then 58 ppm 500 h later in 8 L with 1.5 L topped up: 51 ppm in 1000 h, worked out
    // apart from this code.
    @Test
    void whatWasToppedUpIsCountedInTheWear() {
        var sump = its.describe(Requests.sump("95"));
        var fills = "/api/places/" + sump + "/fills/";
        assertThat(bench.put(fills + UUID.randomUUID(), on(90, "FILLED", "8")).status())
                .isEqualTo(200);
        assertThat(bench.put(fills + UUID.randomUUID(), on(20, "TOPPED_UP", "1.5")).status())
                .isEqualTo(200);
        var samples = "/api/places/" + sump + "/samples/";
        assertThat(sample(samples, 60, 1000, 40).status()).isEqualTo(200);
        assertThat(sample(samples, 10, 1500, 58).status()).isEqualTo(200);
        var series = bench.get("/api/places/" + sump + "/samples").body();
        assertThat(series.path("lines").path(0).path("trend").asString())
                .isEqualTo("1.5 L topped up counted: +51.0 ppm in 1000 h of late");
    }

    private Map<String, Object> on(int daysAgo, String kind, String litres) {
        var fill = Requests.fill(litres);
        fill.put("kind", kind);
        fill.put("on", its.today.minusDays(daysAgo).toString());
        return fill;
    }

    private AtBench.Answer sample(String samples, int daysAgo, int hours, int iron) {
        return bench.put(samples + UUID.randomUUID(), its.drawn(daysAgo, hours, iron));
    }
}
