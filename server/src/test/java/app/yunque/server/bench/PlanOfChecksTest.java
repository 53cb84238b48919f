package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What raises checks, what closes them, and what is set and proved: kept, judged and told. */
@ExtendWith(RunningApp.class)
class PlanOfChecksTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final AtBench lead = AtBench.lead();
    private final UUID shaft = UUID.randomUUID();
    private String job = "";

    @BeforeEach
    void aShaftCameOff() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
        mechanic.put(job + "/steps/" + shaft, Requests.step("input shaft", "SHAFT", 1));
    }

    private JsonNode view() {
        return mechanic.get(job).body();
    }

    private JsonNode line(String check) {
        return view().path("plan")
                .path("checks")
                .valueStream()
                .filter(l -> l.path("check").asString().equals(check))
                .findFirst()
                .orElseThrow();
    }

    private AtBench.Answer about(List<String> unit, List<String> job) {
        return mechanic.put(
                this.job + "/circumstances",
                Map.of(
                        "version",
                        view().path("job").path("version").asLong(),
                        "ofUnit",
                        unit,
                        "ofJob",
                        job));
    }

    @Test
    void theComplaintIsReadUntilSomebodySaysWhatCounts() {
        var plan = view().path("plan");
        assertThat(plan.path("read")).extracting(JsonNode::asString).containsExactly("GROWL");
        assertThat(plan.path("kinds")).extracting(JsonNode::asString).containsExactly("RED");
        assertThat(plan.path("jobSaid").asBoolean()).isFalse();
        assertThat(line("JRN-2").path("level").asString()).isEqualTo("MUST");
        assertThat(line("JRN-2").path("because").get(0).asString()).isEqualTo("growls");

        assertThat(about(List.of("SEA"), List.of("LEAK")).status()).isEqualTo(200);
        assertThat(line("JRN-2").path("level").asString()).isEqualTo("SHOULD");
        assertThat(view().path("plan").path("circumstances"))
                .extracting(JsonNode::asString)
                .containsExactlyInAnyOrder("RED", "SEA", "LEAK");
        assertThat(view().path("plan").path("jobSaid").asBoolean()).isTrue();

        about(List.of("HWN", "SEA"), List.of());
        assertThat(view().path("plan").path("kinds"))
                .extracting(JsonNode::asString)
                .containsExactly("HWN");
    }

    @Test
    void surroundingsStayWithTheUnitAndAComplaintWithTheJob() {
        assertThat(about(List.of("LEAK"), List.of()).at("ofUnit")).contains("said of a job");
        assertThat(about(List.of(), List.of("SEA")).at("ofJob")).contains("said of the unit");
        assertThat(about(List.of(), List.of("LIFT")).status())
                .as("the duty stands on the papers")
                .isEqualTo(422);
        var stale =
                mechanic.put(
                        job + "/circumstances",
                        Map.of("version", 99, "ofUnit", List.of(), "ofJob", List.of()));
        assertThat(stale.status()).isEqualTo(409);
        var known = mechanic.get("/api/circumstances").body();
        assertThat(known.valueStream().map(c -> c.path("of").asString()).distinct())
                .containsExactly("COMPLAINT", "SURROUNDINGS", "HISTORY", "KIND");
        assertThat(known.valueStream().map(c -> c.path("code").asString()))
                .doesNotContain("LIFT", "FEED", "NEW");
    }

    private AtBench.Answer leave(String check, String why, Object version, UUID id) {
        var body = new HashMap<String, Object>();
        body.put("stepId", shaft);
        body.put("check", check);
        body.put("why", why);
        body.put("remark", "no gauge that small");
        if (version != null) {
            body.put("version", version);
        }
        return mechanic.put(job + "/left-open/" + id, body);
    }

    @Test
    void whatIsNotMadeIsKeptWithWhyAndTakenBack() {
        int before = view().path("plan").path("openMusts").asInt();
        var id = UUID.randomUUID();
        assertThat(leave("JRN-2", "NO_TOOL", null, id).status()).isEqualTo(200);
        assertThat(line("JRN-2").path("state").asString()).isEqualTo("NOT_POSSIBLE");
        assertThat(line("JRN-2").path("says").asString())
                .isEqualTo("no tool for it: no gauge that small");
        assertThat(view().path("plan").path("openMusts").asInt()).isEqualTo(before - 1);
        assertThat(leave("JRN-2", "UNSAFE", 7, id).status()).isEqualTo(409);
        assertThat(leave("JRN-2", "UNSAFE", 0, id).status()).isEqualTo(200);
        assertThat(line("JRN-2").path("says").asString()).startsWith("not safe to do");
        assertThat(leave("ANY-1", "NOT_FITTED", null, UUID.randomUUID()).at("why"))
                .contains("looked at once");
        assertThat(mechanic.delete(job + "/left-open/" + id + "?version=1").status())
                .isEqualTo(200);
        assertThat(line("JRN-2").path("state").asString()).isEqualTo("OPEN");
        assertThat(view().path("leftOpen")).isEmpty();
    }

    /** What a lead answers for stands against a mechanic's signature, by its name. */
    @Test
    void aCheckThatWasNotMadeIsALeadsToAnswerFor() {
        leave("JRN-2", "NO_TOOL", null, UUID.randomUUID());
        Throughout.lookAtTheRest(mechanic, job, false);
        Requests.accept(mechanic, job);
        assertThat(view().path("decisions").get(0).path("decided").asString()).isEqualTo("REUSE");
        var left =
                view().path("route")
                        .path("againstSigning")
                        .valueStream()
                        .filter(p -> p.path("id").asString().equals("left-open"))
                        .findFirst()
                        .orElseThrow();
        assertThat(left.path("says").asString())
                .startsWith("Going back with a check that was not made: input shaft (1): ")
                .contains("(JRN-2)");
        assertThat(left.path("weight").asString()).isEqualTo("LEAD");
        assertThat(stop("INSPECT")).isEqualTo("1 check not possible");
    }

    private String stop(String station) {
        return view().path("route")
                .path("stops")
                .valueStream()
                .filter(s -> s.path("station").asString().equals(station))
                .map(s -> s.path("says").asString())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aMeshIsLookedAtByItsStage() {
        assertThat(line("MSP-1").path("stage").asInt()).isEqualTo(1);
        assertThat(line("MSP-2").path("state").asString()).isEqualTo("OPEN");
        var word = new HashMap<String, Object>();
        word.put("stage", 1);
        word.put("check", "MSP-2");
        word.put("look", "AS_FOUND");
        word.put("word", "central");
        word.put("remark", "");
        assertThat(mechanic.put(job + "/findings/" + UUID.randomUUID(), word).status())
                .isEqualTo(200);
        assertThat(line("MSP-2").path("says").asString()).isEqualTo("central");
        word.put("stepId", shaft);
        assertThat(mechanic.put(job + "/findings/" + UUID.randomUUID(), word).at("stepId"))
                .contains("one of them");
        mechanic.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("INSPECT", "0.20", "0.21", "0.22", "0.21"));
        assertThat(line("MSP-1").path("state").asString()).isEqualTo("MEASURED");
        assertThat(line("MSP-1").path("verdict").asString()).isEqualTo("CLEAR_PASS");
    }

    @Test
    void inspectSaysHowManyMustsAreOpenAndHowLongTheyTake() {
        assertThat(stop("INSPECT")).matches("\\d+ musts open, about \\d+ min");
        Throughout.lookAtTheRest(mechanic, job, false);
        assertThat(stop("INSPECT")).startsWith("every must answered");
    }

    private AtBench.Answer step(String step, String result, String value) {
        var body = new HashMap<String, Object>();
        body.put("step", step);
        body.put("result", result);
        body.put("remark", "");
        if (!value.isEmpty()) {
            body.put("value", Requests.in("", value));
        }
        return mechanic.put(job + "/steps-of-procedure/" + UUID.randomUUID(), body);
    }

    private JsonNode proved(String id) {
        return view().path("procedure")
                .path("acceptance")
                .valueStream()
                .filter(s -> s.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyTryOfAStepStaysAndTheLastCounts() {
        assertThat(proved("P-09").path("state").asString()).isEqualTo("OPEN");
        assertThat(step("P-09", "DONE", "3").status()).isEqualTo(200);
        assertThat(proved("P-09").path("state").asString()).isEqualTo("FAILED");
        assertThat(stop("BUILD")).isEqualTo("P-09 failed at Prove");
        assertThat(step("P-09", "DONE", "0").status()).isEqualTo(200);
        assertThat(proved("P-09").path("state").asString()).isEqualTo("PASSED");
        assertThat(proved("P-09").path("tries")).hasSize(2);
        assertThat(proved("P-09").path("tries").get(1).path("by").asString())
                .isEqualTo("Tomás Vega");
        var last = proved("P-09").path("tries").get(1).path("id").asString();
        mechanic.delete(job + "/steps-of-procedure/" + last + "?version=0");
        assertThat(proved("P-09").path("state").asString())
                .as("the try before counts again")
                .isEqualTo("FAILED");
    }

    @ParameterizedTest(name = "{0} {1} {2}: {3}")
    @CsvSource({
        "P-09, DONE,         '', value",
        "P-09, DONE,         ab, value",
        "P-09, NOT_POSSIBLE, '', remark",
        "P-02, NOT_FITTED,   '', result",
        "P-77, DONE,         '', step"
    })
    void refusesAStepThatSaysNothing(String id, String result, String value, String field) {
        assertThat(step(id, result, value).at(field)).isNotEmpty();
        assertThat(view().path("procedure").path("acceptance"))
                .allSatisfy(s -> assertThat(s.path("state").asString()).isEqualTo("OPEN"));
    }

    /** What was proved before a part went in says nothing any more; what was set does not depend on the clock. */
    @Test
    void whatIsFittedAfterwardsMakesTheProofStale() {
        step("P-02", "DONE", "");
        step("S-01", "DONE", "");
        assertThat(proved("P-02").path("state").asString()).isEqualTo("PASSED");
        mechanic.put(
                job + "/decisions/" + shaft, Map.of("disposition", "RENEW", "reason", "a new one"));
        mechanic.put(job + "/fittings/" + shaft, Requests.fitting(0, 1, 1));
        assertThat(proved("P-02").path("state").asString()).isEqualTo("OPEN");
        assertThat(proved("P-02").path("stale").asBoolean()).isTrue();
        assertThat(proved("P-02").path("says").asString()).contains("make it again");
        assertThat(view().path("procedure").path("setting").get(0).path("state").asString())
                .isEqualTo("PASSED");
        step("P-02", "DONE", "");
        assertThat(proved("P-02").path("state").asString()).isEqualTo("PASSED");
        assertThat(proved("P-02").path("stale").asBoolean()).isFalse();
    }

    private JsonNode set(String id) {
        return view().path("procedure")
                .path("setting")
                .valueStream()
                .filter(s -> s.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void settingSaysWhatMayBeMovedAndWhatThatChangesBeside() {
        var moves = set("S-05").path("moves");
        assertThat(moves)
                .extracting(m -> m.path("moved").asString())
                .contains("GASKET_BETWEEN_HALVES", "CENTRES");
        assertThat(moves.get(0).path("says").asString())
                .matches("0\\.1 mm gives 0\\.0\\d\\d mm more backlash of stage 1");
        assertThat(moves.get(0).path("also").asString()).contains("the contact goes");
        assertThat(set("S-13").path("moves")).isEmpty();
    }

    /** A contact that was marked before a shaft went in says nothing of how it runs now. */
    @Test
    void aContactMarkedBeforeItsShaftWentInIsMadeAgain() {
        Map<String, Object> middle = Map.of("text", "MIDDLE", "unit", "");
        var marked = new HashMap<String, Object>();
        marked.put("station", "SET");
        marked.put("drawer", "contact-pattern");
        marked.put("subject", "stage 1");
        marked.put("remark", "");
        marked.put(
                "entries",
                Map.of(
                        "fields",
                        Map.of(
                                "kind",
                                Map.of("text", "SPUR", "unit", ""),
                                "drive",
                                middle,
                                "coast",
                                middle),
                        "readings",
                        Map.of()));
        marked.put("about", Map.of("stage", 1, "member", "WHEEL"));
        marked.put("check", "MSP-2");
        assertThat(mechanic.put(job + "/answers/" + UUID.randomUUID(), marked).status())
                .isEqualTo(200);
        assertThat(set("S-06").path("state").asString()).isEqualTo("PASSED");
        mechanic.put(
                job + "/decisions/" + shaft, Map.of("disposition", "RENEW", "reason", "a new one"));
        mechanic.put(job + "/fittings/" + shaft, Requests.fitting(0, 1, 1));
        assertThat(set("S-06").path("state").asString()).isEqualTo("OPEN");
        mechanic.put(job + "/answers/" + UUID.randomUUID(), marked);
        assertThat(set("S-06").path("state").asString()).isEqualTo("PASSED");
    }

    /** By hand: (0.15 − 0.30) / 0.5 = −0.30, a pack of 0.60 becomes 0.30. */
    @Test
    void theNextMoveIsWorkedOutWithoutAJob() {
        var asked = new HashMap<String, Object>();
        asked.put("perMm", 0.5);
        asked.put("readingsMm", List.of(0.30));
        asked.put("movesMm", List.of());
        asked.put("seen", "NOTHING_ODD");
        asked.put("wanted", Map.of("leastMm", 0.10, "mostMm", 0.20, "uncertaintyMm", 0.01));
        asked.put("packMm", 0.60);
        asked.put("oldPackMm", 0.60);
        asked.put("thinnestMm", 0.05);
        var move = mechanic.post("/api/calc/procedure/next-move", asked).body();
        assertThat(move.path("moveMm").asDouble()).isCloseTo(-0.30, within(1e-9));
        assertThat(move.path("packMm").asDouble()).isCloseTo(0.30, within(1e-9));
        assertThat(move.path("words").asString()).isEmpty();
        asked.put("seen", "PRELOAD_NOT_ASKED_FOR");
        var stopped = mechanic.post("/api/calc/procedure/next-move", asked).body();
        assertThat(stopped.path("stop").asString()).isEqualTo("PRELOAD");
        assertThat(stopped.path("words").asString()).contains("look for the bearing");
        assertThat(stopped.path("moveMm").isNumber()).isFalse();
        asked.put("movesMm", List.of(0.1));
        assertThat(mechanic.post("/api/calc/procedure/next-move", asked).at("readingsMm"))
                .contains("1 moves and 1 readings");
    }

    /** A hoist is repaired here and released by whoever is licensed; the report says so under a heading of its own. */
    @Test
    void aHoistIsNotReleasedByTheShop() {
        assertThat(new String(mechanic.get(job + "/report").bytes()))
                .doesNotContain("Not released");
        about(List.of("HOI"), List.of());
        assertThat(view().path("procedure").path("notReleased").asString())
                .startsWith("Not released for lifting by this shop");
        assertThat(new String(mechanic.get(job + "/report").bytes()))
                .contains("<h2>Not released</h2>")
                .contains("whoever is licensed for it inspects, tests and releases it");
    }

    // Common practice, no source: greased and turned by hand, nothing heats; but it has to hold.
    @Test
    void aHandWinchIsNotAskedForARunAndNotSignedWithoutItsHoldingTest() {
        about(List.of("HWN"), List.of());
        var steps =
                view().path("procedure")
                        .path("acceptance")
                        .valueStream()
                        .map(s -> s.path("id").asString())
                        .toList();
        assertThat(steps).contains("P-18", "P-19", "P-20").doesNotContain("P-12", "P-10");
        assertThat(proved("P-19").path("nobody").asBoolean()).isTrue();
        assertThat(proved("P-19").path("caution").asString()).contains("nobody under the load");
        assertThat(view().path("procedure").path("notAsked").get(0).asString())
                .contains("nothing heats");
        mechanic.put(
                job + "/decisions/" + shaft, Map.of("disposition", "RENEW", "reason", "a new one"));
        mechanic.put(job + "/fittings/" + shaft, Requests.fitting(0, 1, 1));
        Throughout.setAndProve(mechanic, job);
        var load = new HashMap<String, Object>();
        load.put("step", "P-19");
        load.put("result", "NOT_POSSIBLE");
        load.put("remark", "no load in the shop");
        mechanic.put(job + "/steps-of-procedure/" + UUID.randomUUID(), load);
        var refused = lead.post(job + "/sign", Requests.allTheSame("the customer waits"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail())
                .startsWith("Nobody signs this as it stands.")
                .contains("P-19")
                .contains("no load in the shop");
    }

    @Test
    void theReportTellsWhatWasShownAndWhatWasNot() {
        step("P-09", "DONE", "0");
        var report = new String(mechanic.get(job + "/report").bytes());
        assertThat(report)
                .contains("P-09 leak stand, 30 min cold: 0 drops: clear pass")
                .contains("P-13 leak after the run, 30 min: open.");
    }
}
