package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The strip planned backwards, by one and by two. */
@ExtendWith(RunningApp.class)
class RebuildPlanTest extends StripAtBench {
    @Test
    void explainsAPassageThatForbidsTheLog() {
        blindShaft();
        log("hub", "GEAR", size("79", "28"));
        log("big hub", "GEAR", size("96", "28"));
        log("feed shaft", "SHAFT", size("30", "220"));

        assertThat(view().path("contradiction").asString())
                .contains("“big hub” must come off before “feed shaft”")
                .contains("big hub, Ø96 × 28, does not pass the side hole (Ø80)");
        var plan = bench.get(job + "/plan").body();
        assertThat(plan.path("contradiction").path("frees")).isNotEmpty();
        assertThat(plan.path("planned").isMissingNode()).isTrue();
    }

    @Test
    void choosesAPlannedOrderAndDealsTheCardsByIt() {
        var tool =
                new HashMap<String, Object>(
                        Map.of("detail", Map.of("tool", "hex 5", "minutes", 3)));
        var ring = Map.<String, Object>of("detail", Map.of("tool", "pliers", "minutes", 3));
        log("left plate", "COVER", tool);
        log("left ring", "CIRCLIP", ring);
        tool.put("side", "RIGHT");
        log("right plate", "COVER", tool);
        var right = new HashMap<>(ring);
        right.put("side", "RIGHT");
        log("right ring", "CIRCLIP", right);
        var plan = bench.get(job + "/plan").body();
        assertThat(plan.path("asLogged").path("minutes").asDouble()).isEqualTo(16);
        assertThat(plan.path("planned").path("minutes").asDouble()).isEqualTo(14);

        var chosen =
                bench.put(job + "/plan/order", Map.of("steps", plan.path("planned").path("order")));

        assertThat(chosen.status()).as(chosen.detail()).isEqualTo(200);
        assertThat(titles(chosen.body())).startsWith("Fit right ring", "Fit left ring");
        var half =
                bench.put(
                        job + "/plan/order",
                        Map.of("version", 0, "steps", List.of(UUID.randomUUID())));
        assertThat(half.status()).isEqualTo(422);
        assertThat(half.at("steps")).contains("plan it again");
    }

    private static List<String> titles(JsonNode view) {
        var titles = new ArrayList<String>();
        view.path("rebuild").forEach(c -> titles.add(c.path("title").asString()));
        return titles;
    }

    @Test
    void letsOnlyALeadWaiveACheck() {
        var bearing = log("bearing", "BEARING");
        var waived =
                Map.of(
                        "done",
                        true,
                        "refitted",
                        1,
                        "renewed",
                        0,
                        "scrapped",
                        0,
                        "reason",
                        "",
                        "waiver",
                        "a tick at hand speed, spare in two weeks");
        var refused = bench.put(job + "/fittings/" + bearing, waived);
        assertThat(refused.status()).isEqualTo(403);
        assertThat(AtBench.lead().put(job + "/fittings/" + bearing, waived).status())
                .isEqualTo(200);
    }

    /** Two mechanics on the strips of the demo: at most 5 % above what nothing can beat. */
    @Test
    void sharesTheStripsOfTheDemoBetweenTwo() {
        for (int number : new int[] {4, 6, 7, 8, 9}) {
            var plan = bench.get("/api/jobs/" + number + "/plan").body();
            var two = plan.path("withTwo");
            assertThat(two.path("minutes").asDouble())
                    .as("job " + number)
                    .isPositive()
                    .isLessThan(0.85 * plan.path("planned").path("minutes").asDouble())
                    .isLessThanOrEqualTo(1.7 * two.path("boundMinutes").asDouble());
        }
    }
}
