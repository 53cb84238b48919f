package app.yunque.server.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class DrawersTest {
    private final AtBench bench = AtBench.mechanic();

    @Test
    void everyDrawerAnswersItsExamplesWithNumbersAndASource() {
        var drawers = bench.get("/api/drawers").body();
        assertThat(drawers.size()).isGreaterThan(25);
        for (var drawer : drawers) {
            var name = drawer.path("name").asString();
            assertThat(drawer.path("examples").size()).as("examples of " + name).isPositive();
            for (var example : drawer.path("examples")) {
                var answer = bench.post("/api/drawers/" + name, example.path("entries"));
                assertThat(answer.status()).as(name + ": " + answer.detail()).isEqualTo(200);
                assertThat(answer.body().path("sentence").asString()).as(name).isNotBlank();
                var shown = answer.body().path("workings");
                var workings = shown.isEmpty() ? answer.body().path("why").path("workings") : shown;
                assertThat(workings.path(0).path("source").asString()).as(name).isNotBlank();
                for (var figure : answer.body().path("figures")) {
                    var told = figure.path("words").asString("");
                    assertThat(!told.isEmpty() || figure.path("value").isNumber())
                            .as(name + ": " + figure)
                            .isTrue();
                }
            }
        }
    }

    // Handbook span of z 30, m 3, k 4: 32.2579 mm; in inches the same tooth.
    @Test
    void readsMillimetresAndInchesAlike() {
        var metric = span(Map.of(), List.of(entered("31.95", "mm")));
        var inch = span(Map.of(), List.of(entered("1.257874", "in")));
        assertThat(figure(metric, "wear at the pitch circle")).isCloseTo(0.327638, within(5e-6));
        assertThat(figure(inch, "wear at the pitch circle"))
                .isCloseTo(figure(metric, "wear at the pitch circle"), within(1e-5));
    }

    @Test
    void tellsEveryFaultAtItsFieldAtOnce() {
        var answer =
                bench.post(
                        "/api/drawers/span",
                        entries(
                                Map.of(
                                        "teeth", entered("thirty", ""),
                                        "normalModuleMm", entered("0,0,3", "module"),
                                        "faceWidthMm", entered("30", "kg")),
                                Map.of("readings", List.of(entered("3x", "mm")))));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("teeth")).contains("“thirty” is not a whole number");
        assertThat(answer.at("normalModuleMm")).contains("is not a number for module");
        assertThat(answer.at("faceWidthMm")).contains("“kg” is not a unit for face width");
        assertThat(answer.at("readings[0]")).contains("“3x” is not a number for span 1");
        var impossible =
                bench.post(
                        "/api/drawers/backlash",
                        entries(
                                Map.of(
                                        "centreDistanceMm",
                                        entered("70", "mm"),
                                        "radiusMm",
                                        entered("60", "mm")),
                                Map.of("readings", List.of(entered("0.3", "mm")))));
        assertThat(impossible.at("centreDistanceMm")).contains("base circles overlap");
        assertThat(bench.post("/api/drawers/no-such", entries(Map.of(), Map.of())).status())
                .isEqualTo(404);
    }

    @Test
    void aMakersFigureOverrulesWhenItSaysWhereItStands() {
        var bare =
                bench.post("/api/drawers/span", worn(Map.of("renewalPercent", entered("5", "%"))));
        assertThat(bare.at("makersReference")).contains("say where it stands");
        var referred =
                bench.post(
                        "/api/drawers/span",
                        worn(
                                Map.of(
                                        "renewalPercent", entered("5", "%"),
                                        "makersReference", entered("manual, page 12", ""))));
        assertThat(referred.body().path("verdict").asString()).isEqualTo("CLEAR_FAIL");
        assertThat(referred.body().path("warnings").toString()).contains("manual, page 12");
    }

    private static Map<String, Object> worn(Map<String, Object> more) {
        return entries(more, Map.of("readings", List.of(entered("31.95", "mm"))));
    }

    @Test
    void warnsOfALateCalibrationAndRefusesReadingsTheInstrumentCannotRead() {
        var late = instrument("No. 7 lever dial 0.8 mm");
        var fields =
                Map.<String, Object>of(
                        "centreDistanceMm", entered("90.2", "mm"), "radiusMm", entered("60", "mm"));
        var warned = bench.post("/api/drawers/backlash", with(late, fields, "0.31"));
        assertThat(warned.body().path("warnings").toString()).contains("was due on");
        var beyond = bench.post("/api/drawers/backlash", with(late, fields, "1.2"));
        assertThat(beyond.status()).isEqualTo(422);
        assertThat(beyond.at("readings")).contains("reads 0 to 0.8 mm; 1.200 mm lies outside");
    }

    @Test
    void keepsAnInstrumentWithItsCalibrationAndRefusesAnImpossibleCard() {
        var id = UUID.randomUUID();
        var card =
                new HashMap<String, Object>(
                        Map.of(
                                "name",
                                "No. 20 depth gauge",
                                "kind",
                                "CALIPER",
                                "resolution",
                                entered("0.02", "mm"),
                                "maxError",
                                entered("0.03", "mm"),
                                "low",
                                entered("0", "mm"),
                                "high",
                                entered("150", "mm"),
                                "calibratedOn",
                                "2026-01-10",
                                "dueOn",
                                "2027-01-10"));
        assertThat(bench.put("/api/instruments/" + id, card).body().toString())
                .contains("No. 20 depth gauge");
        for (var field : List.of("name", "kind", "resolution", "calibratedOn", "dueOn")) {
            var without = new HashMap<>(card);
            without.remove(field);
            var told = bench.put("/api/instruments/" + UUID.randomUUID(), without);
            assertThat(told.status()).as(field).isEqualTo(422);
            assertThat(told.at(field)).as(field).contains("missing");
        }
        card.put("dueOn", "2025-01-10");
        card.put("version", 0);
        assertThat(bench.put("/api/instruments/" + id, card).at("dueOn"))
                .contains("must be due after the last one");
        assertThat(bench.delete("/api/instruments/" + id + "?version=0").body().toString())
                .doesNotContain("No. 20");
    }

    /** Screws and gaskets of the log stand in the form of the part they belong to; of another part they do not. */
    @Test
    void takesWhatTheLogSaysOfAPart() {
        var strip = bench.get("/api/jobs/12").body().path("steps");
        JsonNode screwed = null;
        for (var step : strip) {
            if (step.path("given").path("fastening").isObject()) {
                screwed = step;
            }
        }
        assertThat(screwed).as("a screwed part in the demo").isNotNull();
        var of = "/api/jobs/12/papers-entries?stage=0&member=WHEEL&step=";
        var entries = bench.get(of + screwed.path("id").asString()).body();
        assertThat(entries.path("fastener-torque.thread").path("text").asString())
                .isEqualTo(screwed.path("given").path("fastening").path("thread").asString())
                .isNotEmpty();
        assertThat(bench.get(of + UUID.randomUUID()).body().has("fastener-torque.thread"))
                .isFalse();
        for (var step : strip) {
            if (step.path("given").path("kind").asString().equals("GASKET")) {
                var gasket = bench.get(of + step.path("id").asString()).body();
                assertThat(gasket.path("shim-gaskets.found.count").path("text").asInt())
                        .isEqualTo(step.path("given").path("count").asInt());
            }
        }
    }

    @Test
    void keepsAnAnswerToAJobWithWhatThePapersAlreadySay() {
        var papers = bench.get("/api/jobs/4/papers-entries?stage=1&member=WHEEL").body();
        assertThat(papers.path("teeth").path("text").asString()).isEqualTo("54");
        assertThat(papers.path("pinion.teeth").path("text").asString()).isEqualTo("18");
        var entries = new HashMap<String, Object>();
        papers.propertyNames().forEach(name -> entries.put(name, papers.get(name)));
        var request =
                new HashMap<String, Object>(
                        Map.of(
                                "station", "INSPECT",
                                "drawer", "span",
                                "subject", "wheel 1, z 54",
                                "remark", "",
                                "entries",
                                        entries(
                                                entries,
                                                Map.of(
                                                        "readings",
                                                        List.of(
                                                                entered("42.35", "mm"),
                                                                entered("42.37", "mm"))))));
        var id = UUID.randomUUID();
        var kept = bench.put("/api/jobs/4/answers/" + id, request);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var answer = kept.body().path("answers").get(kept.body().path("answers").size() - 1);
        assertThat(answer.path("title").asString()).isEqualTo("Span over several teeth");
        assertThat(answer.path("answer").path("verdict").asString()).isNotEqualTo("NOT_JUDGED");
        assertThat(bench.put("/api/jobs/4/answers/" + id, request).status()).isEqualTo(409);
        assertThat(
                        AtBench.as("Visitor", "1234")
                                .put("/api/jobs/4/answers/" + UUID.randomUUID(), request)
                                .status())
                .isEqualTo(403);
        var gone = bench.delete("/api/jobs/4/answers/" + id + "?version=0");
        assertThat(gone.body().path("answers").valueStream().map(a -> a.path("id").asString()))
                .doesNotContain(id.toString());
    }

    @Test
    void whatIsFoundByEyeGoesWithThePartToDecide() {
        var job = bench.get("/api/jobs/10").body();
        for (var part : job.path("decisions")) {
            if (part.path("part").asString().equals("worm wheel, bronze")) {
                assertThat(part.path("proposed").asString()).isEqualTo("RENEW");
                assertThat(part.path("proposedReason").asString()).contains("Feathered tip");
                return;
            }
        }
        throw new AssertionError("no bronze wheel among " + job.path("decisions"));
    }

    private JsonNode span(Map<String, Object> more, List<Object> readings) {
        var answer = bench.post("/api/drawers/span", entries(more, Map.of("readings", readings)));
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return answer.body();
    }

    private static double figure(JsonNode answer, String label) {
        for (var figure : answer.path("figures")) {
            if (figure.path("label").asString().equals(label)) {
                return figure.path("value").asDouble();
            }
        }
        throw new AssertionError("no figure " + label + " in " + answer);
    }

    private String instrument(String name) {
        for (var i : bench.get("/api/instruments").body()) {
            if (i.path("name").asString().equals(name)) {
                return i.path("id").asString();
            }
        }
        throw new AssertionError("no instrument " + name);
    }

    private static Map<String, Object> with(
            String instrument, Map<String, Object> fields, String mm) {
        var all = new HashMap<>(entries(fields, Map.of("readings", List.of(entered(mm, "mm")))));
        all.put("instrument", instrument);
        return all;
    }

    private static Map<String, Object> entered(String text, String unit) {
        return Map.of("text", text, "unit", unit);
    }

    /** The fields of a gear and a pair as a drawer starts, with some changed. */
    private static Map<String, Object> entries(Map<String, ?> changed, Map<String, ?> readings) {
        var fields = new HashMap<String, Object>();
        fields.put("teeth", entered("30", ""));
        fields.put("pinion.teeth", entered("20", ""));
        fields.put("wheel.teeth", entered("40", ""));
        fields.put("normalModuleMm", entered("3", "module"));
        fields.put("pressureAngleDeg", entered("20", "°"));
        fields.put("helixAngleDeg", entered("0", "°"));
        fields.put("faceWidthMm", entered("30", "mm"));
        for (var shift : List.of("profileShift", "pinion.profileShift", "wheel.profileShift")) {
            fields.put(shift, entered("0", ""));
        }
        fields.put("tiltDeg", entered("0", "°"));
        fields.put("leanDeg", entered("0", "°"));
        fields.put("axialFloatMm", entered("0", "mm"));
        fields.put("radialPlayMm", entered("0", "mm"));
        fields.putAll(changed);
        return Map.of("fields", fields, "readings", readings);
    }
}
