package app.yunque.server.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Judgement without a job. Edges common practice, no source; the decision at both ends of y ± U after ISO 14253-1, from memory. */
@ExtendWith(RunningApp.class)
class FindingCalcTest {
    private final AtBench bench = AtBench.mechanic();

    private JsonNode limit(
            Map<String, Object> edges, double value, double uncertainty, boolean strict) {
        var answer =
                bench.post(
                        "/api/calc/measure/limit-reading",
                        Map.of(
                                "edges", edges,
                                "values", List.of(value),
                                "uncertainty", uncertainty,
                                "strict", strict,
                                "unit", "mm"));
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return answer.body();
    }

    // A pawl's depth over its tooth height, most of a new one 0.85, renewed under 0.80; h 6.0, U
    // 0.05/6.
    @ParameterizedTest(name = "depth {0} of 6: {1}")
    @CsvSource({"5.2, AS_NEW", "5.05, WATCH", "4.9, WATCH", "4.82, BEYOND", "4.7, BEYOND"})
    void aPawlIsJudgedStrictly(double depth, String zone) {
        var edges = Map.<String, Object>of("mostNew", 0.85, "renew", 0.80, "shrinks", true);
        assertThat(limit(edges, depth / 6, 0.05 / 6, true).path("zone").asString()).isEqualTo(zone);
    }

    // 25 mm bush, new to 0.062, renewed past 0.075 with an oil film, 0.070 ± 0.006: doubtful; slow
    // and greased past 0.200: worn.
    @Test
    void aBushIsDoubtfulOrWornByItsDuty() {
        var film = Map.<String, Object>of("mostNew", 0.062, "renew", 0.075, "shrinks", false);
        assertThat(limit(film, 0.070, 0.006, false).path("verdict").asString())
                .isEqualTo("DOUBTFUL");
        var slow = Map.<String, Object>of("mostNew", 0.062, "renew", 0.200, "shrinks", false);
        var worn = limit(slow, 0.070, 0.006, false);
        assertThat(worn.path("zone").asString()).isEqualTo("WATCH");
        assertThat(worn.path("reading").path("value").asDouble()).isCloseTo(0.070, within(1e-12));
    }

    @Test
    void edgesOutOfOrderAreRefused() {
        var refused =
                bench.post(
                        "/api/calc/measure/limit-reading",
                        Map.of(
                                "edges",
                                Map.of("mostNew", 0.3, "renew", 0.2, "shrinks", false),
                                "values",
                                List.of(0.1),
                                "uncertainty",
                                0.01,
                                "strict",
                                false,
                                "unit",
                                "mm"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("Edges out of order");
    }

    private JsonNode proposal(String part, String kind, Object findings, Object measured) {
        var body = new HashMap<String, Object>();
        body.put("part", part);
        body.put("kind", kind);
        body.put("duty", "ENCLOSED_POWER");
        body.put("condition", "NOT_SAID");
        body.put("singleUse", kind.equals("TAB_WASHER"));
        body.put("findings", findings);
        body.put("measured", measured);
        var answer = bench.post("/api/calc/finding/proposal", body);
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return answer.body();
    }

    private static Map<String, Object> said(String check, String word, String look) {
        return Map.of("check", check, "word", word, "look", look, "by", "Mira");
    }

    private static Map<String, Object> measured(String check, String verdict, String zone) {
        return Map.of(
                "check",
                check,
                "verdict",
                verdict,
                "zone",
                zone,
                "renewNow",
                false,
                "sentence",
                "It reads so.");
    }

    @Test
    void aBearingGrittyAfterWashingIsRenewedWhateverItsClearance() {
        var told =
                proposal(
                        "ball bearing",
                        "BEARING",
                        List.of(
                                said("BRG-1", "gritty", "AS_FOUND"),
                                said("BRG-1", "gritty", "WASHED")),
                        List.of(measured("BRG-3", "CLEAR_PASS", "AS_NEW")));
        assertThat(told.path("proposal").path("disposition").asString()).isEqualTo("RENEW");
        assertThat(told.path("standing").get(0).path("severity").asString()).isEqualTo("CONDEMNED");
    }

    @Test
    void aHammeredKeywayIsMeasuredBeforeItGoesBack() {
        var lip = List.of(said("KEY-1", "keyway lip hammered", "WASHED"));
        assertThat(
                        proposal("key", "KEY", lip, List.of())
                                .path("proposal")
                                .path("disposition")
                                .isMissingNode())
                .isTrue();
        var worn = proposal("key", "KEY", lip, List.of(measured("KEY-1", "CLEAR_PASS", "WATCH")));
        assertThat(worn.path("proposal").path("disposition").asString()).isEqualTo("REUSE");
        assertThat(worn.path("proposal").path("watch").asBoolean()).isTrue();
    }

    @Test
    void aPawlWithAnOpenCheckIsLookedAtFirst() {
        var seen =
                List.of(
                        said("PWL-1", "square, sharp", "WASHED"),
                        said("PWL-5", "snaps at once", "WASHED"));
        var told =
                proposal(
                        "pawl",
                        "PAWL",
                        seen,
                        List.of(
                                measured("PWL-2", "CLEAR_PASS", "AS_NEW"),
                                measured("PWL-3", "CLEAR_PASS", "AS_NEW")));
        assertThat(told.path("strict").asBoolean()).isTrue();
        assertThat(told.path("open").valueStream().map(JsonNode::asString))
                .containsExactly("PWL-4");
        assertThat(told.path("proposal").path("reason").asString()).contains("PWL-4");
        assertThat(told.path("counting")).hasSize(2);
    }

    @Test
    void aTabWasherIsRenewedHoweverSoundItsTab() {
        var told =
                proposal(
                        "tab washer",
                        "TAB_WASHER",
                        List.of(said("TAB-1", "tab up", "AS_FOUND")),
                        List.of());
        assertThat(told.path("proposal").path("disposition").asString()).isEqualTo("RENEW");
    }

    // √(0.01² + 0.01²) = 0.0141 < 0.04: neither counts.
    @Test
    void twoReadingsThatContradictEachOtherDoNotCount() {
        var body = new HashMap<String, Object>();
        body.put("part", "shaft");
        body.put("kind", "SHAFT");
        body.put("duty", "FEED");
        body.put("condition", "SOUND");
        body.put("singleUse", false);
        body.put("findings", List.of());
        body.put("measured", List.of(groove(0.18), groove(0.22)));
        var counting = bench.post("/api/calc/finding/agreeing-measurements", body).body();
        assertThat(counting).hasSize(1);
        assertThat(counting.get(0).path("verdict").asString()).isEqualTo("DOUBTFUL");
        assertThat(counting.get(0).path("sentence").asString()).contains("find out why");
        var checks = bench.post("/api/calc/finding/checks", body).body();
        assertThat(checks.valueStream().map(c -> c.path("id").asString()))
                .contains("ANY-1", "SHF-1", "JRN-1", "LND-2", "SPL-1");
    }

    private static Map<String, Object> groove(double depth) {
        var one = new HashMap<>(measured("LND-2", "CLEAR_PASS", "WATCH"));
        one.put("reading", Map.of("value", depth, "uncertainty", 0.01, "unit", "mm"));
        return one;
    }

    private static Map<String, Object> part(String name, String kind, Object... findings) {
        return Map.of(
                "part",
                name,
                "kind",
                kind,
                "duty",
                "ENCLOSED_POWER",
                "condition",
                "NOT_SAID",
                "singleUse",
                false,
                "findings",
                List.of(findings),
                "measured",
                List.of());
    }

    private AtBench.Answer plan(
            String kind, String complaint, List<Integer> shafts, Object... parts) {
        return bench.post(
                "/api/calc/finding/plan",
                Map.of(
                        "parts", List.of(parts),
                        "shafts", shafts,
                        "kind", kind,
                        "complaint", complaint,
                        "circumstances", List.of("SEA")));
    }

    /** Common practice, no source. */
    @Test
    void thePlanOfAGrowlingReducerSaysWhatIsPickedUpFirst() {
        var plan =
                plan(
                                "helical reducer",
                                "growls, does not leak",
                                List.of(1, 1, 0),
                                part("ball bearing 6206", "BEARING"),
                                part("shaft", "SHAFT"),
                                part("housing", "HOUSING"))
                        .body();
        assertThat(plan.path("kinds")).extracting(JsonNode::asString).containsExactly("RED");
        assertThat(plan.path("circumstances"))
                .extracting(JsonNode::asString)
                .containsExactlyInAnyOrder("GROWL", "SEA", "RED");
        var first = plan.path("checks").get(0);
        assertThat(first.path("check").path("id").asString())
                .as("what the complaint asks first")
                .isEqualTo("BRG-1");
        assertThat(first.path("level").asString()).isEqualTo("MUST");
        assertThat(first.path("because").get(0).asString()).isEqualTo("growls");
        assertThat(plan.path("checks").get(2).path("check").path("id").asString())
                .as("then what is gone after washing")
                .isEqualTo("BRG-6");
        assertThat(plan.path("openMusts").asInt()).isGreaterThan(10);

        var found =
                plan(
                                "helical reducer",
                                "growls, does not leak",
                                List.of(1, 1, 0),
                                part(
                                        "ball bearing 6206",
                                        "BEARING",
                                        Map.of(
                                                "check", "BRG-1",
                                                "word", "smooth",
                                                "look", "WASHED",
                                                "by", "Ana")),
                                part("shaft", "SHAFT"),
                                part("housing", "HOUSING"))
                        .body();
        // Whoever turned it had it in hand: that it is whole was seen too.
        assertThat(found.path("openMusts").asInt()).isEqualTo(plan.path("openMusts").asInt() - 2);
        assertThat(found.path("openMinutes").asDouble())
                .isCloseTo(plan.path("openMinutes").asDouble() - 2.5, within(1e-9));
    }

    @Test
    void aPlanNeedsAShaftForEachPartOrForNone() {
        var refused = plan("a box", "", List.of(1), part("a", "GEAR"), part("b", "GEAR"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("shafts")).startsWith("2 parts and 1 shafts.");
        var general = plan("a box", "", List.of(), part("a", "GEAR"), part("b", "GEAR"));
        assertThat(general.status()).isEqualTo(200);
        assertThat(general.body().path("kinds"))
                .as("nothing tells the kind: the general plan")
                .extracting(JsonNode::asString)
                .containsExactly("RED");
    }
}
