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
        var plan = planned(job);
        assertThat(plan.path("contradiction").path("frees")).isNotEmpty();
        assertThat(plan.path("planned").isMissingNode()).isTrue();
        assertThat(plan.path("relaxations"))
                .hasSize(2)
                .allSatisfy(r -> assertThat(r.path("minutes").asDouble()).isPositive());
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
        var plan = planned(job);
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

    private static final Map<String, Object> COST = Map.of("toolChange", 1, "flip", 2, "move", 1.5);

    private JsonNode planned(String of) {
        var run = bench.post(of + "/plan", COST).body();
        while (run.path("standing").asString().equals("WORKING")) {
            run = bench.get(of + "/plan/runs/" + run.path("id").asString()).body();
        }
        assertThat(run.path("standing").asString()).isEqualTo("DONE");
        return run.path("plan");
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
            var plan = planned("/api/jobs/" + number);
            var two = plan.path("withTwo");
            assertThat(two.path("minutes").asDouble())
                    .as("job " + number)
                    .isPositive()
                    .isLessThan(0.85 * plan.path("planned").path("minutes").asDouble())
                    .isLessThanOrEqualTo(1.7 * two.path("boundMinutes").asDouble());
        }
    }

    /** A slip of the key would leave an opening open for good: what closes it is a part of the strip. */
    @Test
    void whatClosesAnOpeningIsAPartOfTheStrip() {
        log("side cover", "COVER");
        var refused = lay(opening("side cvoer", Map.of()));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("layout.openings[0].closedBy"))
                .isEqualTo(
                        "No part of the strip is called “side cvoer”. Choose the part that closes the opening, or log it first.");
        assertThat(lay(opening("Side cover ", Map.of())).status()).isEqualTo(200);
        var deep = Map.of("faces", "TOP", "depth", Requests.mm("-3"));
        assertThat(lay(opening("side cover", deep)).at("layout.openings[0].depth"))
                .contains("Free depth behind the opening −3 mm is outside 0.1 to 10000 mm");
        assertThat(lay(opening("side cover", Map.of("shaft", 9))).at("layout.openings[0].shaft"))
                .startsWith("There is no shaft 9; there are ");
    }

    /** Steps of a shaft and the bore of its hub: what follows from them is told at once, and a fault stands at its field. */
    @Test
    void tellsAtOnceWhatFollowsFromTheSizes() {
        log("side cover", "COVER");
        assertThat(lay(opening("side cover", Map.of("faces", "LEFT"))).status()).isEqualTo(200);
        log("feed shaft", "SHAFT", shaftOf("58", "34", "30"));
        log("hub", "GEAR", hubOf("96", "34"));
        assertThat(view().path("follows").toString())
                .contains("Feed shaft goes in before the side cover");
        var wrong = Requests.step("rod", "SHAFT", 1);
        wrong.putAll(shaftOf("30", "0"));
        var refused = bench.put(job + "/steps/" + UUID.randomUUID(), wrong);
        assertThat(refused.at("detail.envelope.steps[1].diameter"))
                .contains("Diameter of the step 0 mm is outside 0.1 to 10000 mm");
        wrong.putAll(shaftInWall("30", "29"));
        assertThat(
                        bench.put(job + "/steps/" + UUID.randomUUID(), wrong)
                                .at("detail.envelope.steps[0].wallBore"))
                .isEqualTo("The step Ø30 cannot run in a bore of Ø29. Measure both again.");
    }

    /** The bore of an inner wall and the opening by which the shaft comes in: the card of the shaft says through what it goes. */
    @Test
    void theCardSaysWhatIsDoneWhileTheShaftIsHalfIn() {
        log("side cover", "COVER");
        lay(opening("side cover", Map.of("faces", "LEFT")));
        log("feed shaft", "SHAFT", shaftInWall("30", "40"));
        var hub = new HashMap<>(hubOf("60", "34"));
        log("hub", "GEAR", hub);
        assertThat(view().path("rebuild").toString())
                .contains("Half in by the side hole: it goes through the hub; hold it in line");
        assertThat(view().path("follows").toString())
                .contains(
                        "Hub goes in before the feed shaft: hub, Ø60 × 28, does not pass the inner wall in which step 1 of the feed shaft runs.");
    }

    private static Map<String, Object> shaftInWall(String first, String wall) {
        var steps =
                List.of(
                        Map.of(
                                "diameter", Requests.mm(first),
                                "length", Requests.mm("60"),
                                "wallBore", Requests.mm(wall)),
                        Map.of("diameter", Requests.mm("34"), "length", Requests.mm("60")));
        return Map.of(
                "side",
                "MIDDLE",
                "detail",
                Map.of("envelope", Map.of("shape", "ROUND", "steps", steps)));
    }

    private static Map<String, Object> shaftOf(String... diameters) {
        var steps = new ArrayList<Map<String, Object>>();
        for (var d : diameters) {
            steps.add(Map.of("diameter", Requests.mm(d), "length", Requests.mm("60")));
        }
        return Map.of(
                "side",
                "MIDDLE",
                "detail",
                Map.of("envelope", Map.of("shape", "ROUND", "steps", steps)));
    }

    private static Map<String, Object> hubOf(String diameter, String bore) {
        return Map.of(
                "side",
                "MIDDLE",
                "detail",
                Map.of(
                        "envelope",
                        Map.of(
                                "shape", "ROUND",
                                "width", Requests.mm(diameter),
                                "length", Requests.mm("28")),
                        "bore",
                        Requests.mm(bore)));
    }

    private static Map<String, Object> opening(String closedBy, Map<String, Object> more) {
        var opening =
                new HashMap<String, Object>(
                        Map.of(
                                "name",
                                "side hole",
                                "shape",
                                "ROUND",
                                "width",
                                Requests.mm("80"),
                                "closedBy",
                                closedBy));
        opening.putAll(more);
        return opening;
    }

    /** Nobody waits for a plan longer than a breath: it is told how far it is, and it may be broken off. */
    @Test
    void aPlanIsBrokenOffWithTheBestUntilThen() {
        for (int n = 1; n <= 30; n++) {
            log(
                    "key " + n,
                    "KEY",
                    Map.of(
                            "shaft",
                            1 + n % 2,
                            "detail",
                            Map.of("tool", "tool " + n % 7, "position", "side " + n % 4)));
        }
        var run = bench.post(job + "/plan", COST).body();
        var at = job + "/plan/runs/" + run.path("id").asString();
        assertThat(run.path("parts").asInt()).isEqualTo(4);
        assertThat(run.path("begun").asInt()).isBetween(1, 4);
        var ended = bench.delete(at).body();
        for (int i = 0; i < 100 && ended.path("standing").asString().equals("WORKING"); i++) {
            ended = bench.get(at).body();
        }
        assertThat(ended.path("standing").asString()).isIn("BROKEN_OFF", "DONE");
        assertThat(ended.path("plan").path("planned").path("order")).hasSize(30);
        assertThat(bench.get(job + "/plan/runs/" + UUID.randomUUID()).status()).isEqualTo(404);
        var again = planned(job);
        assertThat(again.path("isFinished").asBoolean()).isTrue();
    }

    /** A plan is worked out and changes nothing: who may only look may ask for it, end the wait, and not choose it. */
    @Test
    void whoMayOnlyLookMayAskForAPlan() {
        log("side cover", "COVER");
        var viewer = AtBench.as("Visitor", "1234");
        var run = viewer.post(job + "/plan", COST);
        assertThat(run.status()).isEqualTo(200);
        assertThat(viewer.delete(job + "/plan/runs/" + run.body().path("id").asString()).status())
                .isEqualTo(200);
        assertThat(viewer.put(job + "/plan/order", Map.of("steps", List.of())).status())
                .isEqualTo(403);
        assertThat(viewer.post(job + "/isolation/tried", Map.of()).status()).isEqualTo(403);
    }

    /** Nobody's hands go in on another's word: whoever comes to an isolated unit says that he tried it. */
    @Test
    void whoeverComesToAnIsolatedUnitTriesIt() {
        var first = view().path("receive").path("isolation").path("triedBy");
        assertThat(first).hasSize(1);
        var lead = AtBench.lead();
        assertThat(lead.post(job + "/isolation/tried", Map.of()).status()).isEqualTo(200);
        lead.post(job + "/isolation/tried", Map.of());
        var both = view().path("receive").path("isolation").path("triedBy");
        assertThat(both).hasSize(2);
        assertThat(both.get(0).asString()).isEqualTo(first.get(0).asString());
    }
}
