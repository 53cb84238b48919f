package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What each station insists on, asked as the screens ask it. */
@ExtendWith(RunningApp.class)
class StationRulesTest {
    private final AtBench bench = AtBench.mechanic();

    private String job(long number) {
        return "/api/jobs/" + number;
    }

    @Test
    void wantsTheWarrantorsReferenceUnderWarranty() {
        var unit = Requests.unit(Requests.stage());
        unit.put("underWarranty", true);
        bench.post("/api/units", unit);
        var opened =
                bench.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "x"));
        var path = job(opened.body().path("job").path("number").asLong()) + "/permission";
        assertThat(bench.put(path, Requests.permission()).at("reference"))
                .contains("under warranty");
        assertThat(
                        bench.put(path, Map.of("approvedBy", "Warrantor", "reference", "RMA 17"))
                                .status())
                .isEqualTo(200);
    }

    @Test
    void proposesFromWhatWasMeasuredOnTheGear() {
        var path = job(Requests.openedForStrip(bench));
        var wheel = UUID.randomUUID();
        var step = Requests.step("wheel 1", "GEAR", 1);
        step.put("gear", Map.of("stage", 1, "member", "WHEEL"));
        bench.put(path + "/steps/" + wheel, step);
        var span = Requests.backlash("INSPECT", "40.50", "40.48", "40.52");
        span.put("kind", "SPAN");
        span.put("teethSpanned", 5);
        span.remove("radius");
        // The unworn span over 5 of z 40, m 3 is 3 × 13.8448 mm (handbook table for m = 1): about
        // 23 % is gone.
        var part =
                bench.put(path + "/measurements/" + UUID.randomUUID(), span)
                        .body()
                        .path("decisions")
                        .path(0);
        assertThat(part.path("proposed").asString()).isEqualTo("RENEW");
        assertThat(part.path("proposedReason").asString()).startsWith("Measured and failed: 2");
    }

    @Test
    void leavesPartsOpenThatHaveToBeMeasuredFirst() {
        var path = job(Requests.openedForStrip(bench));
        var worn = Requests.step("pinion", "GEAR", 1);
        worn.put("condition", "WORN");
        bench.put(path + "/steps/" + UUID.randomUUID(), worn);
        bench.put(path + "/steps/" + UUID.randomUUID(), Requests.step("seal", "SEAL", 1));
        var decisions = Requests.accept(bench, path).body().path("decisions");
        assertThat(decisions.path(0).path("decided").isMissingNode()).isTrue();
        assertThat(decisions.path(1).path("decided").asString()).isEqualTo("RENEW");
    }

    @Test
    void wantsAReasonForEveryDecisionAndChangedCount() {
        var path = job(Requests.openedForStrip(bench));
        var shims = UUID.randomUUID();
        bench.put(path + "/steps/" + shims, Requests.step("shim 0.15", "SHIM", 2));
        assertThat(
                        bench.put(
                                        path + "/decisions/" + shims,
                                        Map.of("disposition", "REUSE", "reason", " "))
                                .at("reason"))
                .isEqualTo("Reason is missing.");
        var three = new HashMap<>(Requests.fitting(2, 1, 0));
        three.put("wantedInstead", 3);
        assertThat(bench.put(path + "/fittings/" + shims, three).at("reason"))
                .contains("on purpose");
        three.put("reason", "end float was 0.22");
        var ledger = bench.put(path + "/fittings/" + shims, three).body().path("ledger");
        assertThat(ledger.path("entries").path(0).path("says").asString()).isEmpty();
    }

    @Test
    void startsTheNextJobFromTheLastStrip() {
        var unit = Requests.unit(Requests.stage());
        bench.post("/api/units", unit);
        var first =
                bench.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "a"));
        var path = job(first.body().path("job").path("number").asLong());
        bench.put(path + "/permission", Requests.permission());
        bench.put(path + "/isolation", Requests.isolation());
        bench.put(path + "/steps/" + UUID.randomUUID(), Requests.step("seal", "SEAL", 1));
        AtBench.lead().post(path + "/sign", Requests.allTheSame("test of the next job"));

        var second =
                bench.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "b"));
        assertThat(second.body().path("known").path(0).path("part").asString()).isEqualTo("seal");
        var items = second.body().path("stack").path("shafts").path(0).path("items");
        assertThat(
                        items.valueStream()
                                .map(
                                        i ->
                                                i.path("part").asString()
                                                        + " "
                                                        + i.path("now").asString()))
                .contains("seal IN_PLACE");
    }

    @Test
    void wantsTheWholeRunOrNone() {
        var path = job(Requests.openedForStrip(bench)) + "/proof";
        var half = new HashMap<>(Requests.proof());
        half.remove("hot");
        half.put("nextService", "2001-01-01");
        assertThat(bench.put(path, half).at("nextService")).contains("is in the past");
        half.remove("nextService");
        assertThat(bench.put(path, half).at("hot"))
                .isEqualTo("Temperature after the run is missing.");
        half.remove("ambient");
        half.remove("runMinutes");
        assertThat(bench.put(path, half).status()).isEqualTo(200);
    }

    @Test
    void wantsFourReadingsAndAMakersReference() {
        var path = job(Requests.openedForStrip(bench)) + "/measurements/" + UUID.randomUUID();
        assertThat(bench.put(path, Requests.backlash("INSPECT", "0.3", "0.3")).at("readings"))
                .contains("Take four or more");
        var makers = Requests.backlash("INSPECT", "0.3", "0.3", "0.3", "0.3");
        makers.put("makersBacklash", Requests.mm("0.25"));
        assertThat(bench.put(path, makers).at("makersReference")).contains("is missing");
        makers.put("makersReference", "manual, page 12");
        var kept = bench.put(path, makers).body().path("measurements").path(0);
        assertThat(kept.path("result").path("verdict").asString()).isEqualTo("CLEAR_FAIL");
    }

    @Test
    void keepsTheDemoOfTheWorksTrue() {
        var open = bench.get("/api/jobs/open").body();
        assertThat(
                        open.valueStream()
                                .map(
                                        j ->
                                                j.path("tag").asString()
                                                        + " "
                                                        + j.path("next").asString()))
                .contains("PAN-2 BUILD", "CVB-4 RECEIVE");
        var report = bench.get("/api/jobs/3/report");
        assertThat(new String(report.bytes(), java.nio.charset.StandardCharsets.UTF_8))
                .contains("BRP-03", "clear pass", "at the fill")
                .doesNotContain("clear fail", "not on record");
        var measured = bench.get("/api/jobs/3").body().path("measurements");
        assertThat(measured).hasSize(6);
        assertThat(measured.valueStream().map(m -> m.path("result").path("verdict").asString()))
                .containsOnly("CLEAR_PASS");
        var lash = bench.get("/api/jobs/of-unit/5f0c7a10-0000-4000-8000-000000000001").body();
        assertThat(lash.valueStream().map(j -> j.path("backlashMm").path(0).asDouble()).toList())
                .as("backlash of stage 1 after each rebuild, newest first")
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    @Test
    void refusesAWriteWithoutAnIdentityInWords() {
        var answer = bench.put("/api/jobs/4/steps/not-a-uuid", Requests.step("x", "KEY", 1));
        assertThat(answer.status()).isEqualTo(404);
        assertThat(List.of(400, 422)).contains(bench.put("/api/jobs/4/proof", "{}").status());
    }

    /** Backlash that was measured before a shim was changed says nothing about the mesh as it is now. */
    @Test
    void aReadingFromBeforeTheShimNoLongerCounts() {
        var job = "/api/jobs/" + Requests.openedForStrip(bench);
        var shim = UUID.randomUUID();
        bench.put(job + "/steps/" + shim, Requests.step("shim 0.15", "SHIM", 1));
        var seal = UUID.randomUUID();
        bench.put(job + "/steps/" + seal, Requests.step("shaft seal", "SEAL", 1));
        bench.put(job + "/fittings/" + shim, Requests.fitting(1, 0, 0));
        var set = Requests.backlash("SET", "0.25", "0.26", "0.25", "0.24");
        bench.put(job + "/measurements/" + UUID.randomUUID(), set);
        bench.put(job + "/fittings/" + seal, Requests.fitting(0, 1, 1));
        var before = bench.get(job).body();
        assertThat(before.path("meshes").get(0).path("stale").isMissingNode())
                .as("a seal moves no mesh")
                .isTrue();
        assertThat(against(before)).noneMatch(p -> p.contains("not measured after"));

        var again = new HashMap<>(Requests.fitting(0, 1, 1));
        again.put("version", 0);
        var changed = bench.put(job + "/fittings/" + shim, again);
        assertThat(changed.status()).as(changed.detail()).isEqualTo(200);
        var mesh = changed.body().path("meshes").get(0);
        assertThat(mesh.path("stale").asString())
                .isEqualTo("shim 0.15 (1) was changed after it was measured: measure again");
        assertThat(mesh.path("after").path("given").path("readings"))
                .as("the reading stays on record")
                .hasSize(4);
        assertThat(changed.body().path("route").path("stops").get(5).path("says").asString())
                .isEqualTo("1 mesh to measure again");

        bench.put(job + "/measurements/" + UUID.randomUUID(), set);
        assertThat(bench.get(job).body().path("meshes").get(0).path("stale").isMissingNode())
                .isTrue();
    }

    private static List<String> against(JsonNode job) {
        return job.path("route")
                .path("againstSigning")
                .valueStream()
                .map(p -> p.path("says").asString())
                .toList();
    }
}
