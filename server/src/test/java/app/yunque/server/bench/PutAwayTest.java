package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What was opened by mistake or is gone leaves the lists, comes back whole, and is taken away for good by a lead only. */
@ExtendWith(RunningApp.class)
class PutAwayTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final AtBench lead = AtBench.lead();
    private final String job = "/api/jobs/" + Requests.openedForStrip(mechanic);
    private final String unit = "/api/units/" + seen().path("unit").path("id").asString();
    private final String tag = seen().path("unit").path("tag").asString();

    private JsonNode seen() {
        return mechanic.get(job).body();
    }

    private long number() {
        return Long.parseLong(job.replaceAll(".*/", ""));
    }

    private AtBench.Answer putAway(String path, String why) {
        var now = mechanic.get(path).body();
        var version = path.startsWith("/api/jobs") ? now.path("job") : now;
        return mechanic.put(
                path + "/put-away",
                Map.of("version", version.path("version").asLong(), "why", why));
    }

    private AtBench.Answer takeBack(String path) {
        var now = mechanic.get(path).body();
        var version = path.startsWith("/api/jobs") ? now.path("job") : now;
        return mechanic.post(path + "/take-back?version=" + version.path("version").asLong(), null);
    }

    private AtBench.Answer open() {
        var request = new HashMap<String, Object>();
        request.put("id", UUID.randomUUID());
        request.put("unitId", unit.replaceAll(".*/", ""));
        request.put("complaint", "Growls again");
        return mechanic.post("/api/jobs", request);
    }

    private boolean isOnTheFloor() {
        return mechanic.get("/api/jobs/open")
                .body()
                .valueStream()
                .anyMatch(j -> j.path("number").asLong() == number());
    }

    private static AtBench.Answer did(AtBench.Answer answer) {
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return answer;
    }

    @Test
    void aJobLeavesTheFloorTakesNothingAndComesBack() {
        assertThat(putAway(job, "  ").at("why")).isEqualTo("The reason is missing.");
        var away = did(putAway(job, "opened on the wrong unit")).body().path("job").path("putAway");
        assertThat(away.path("by").asString()).isEqualTo("Tomás Vega");
        assertThat(away.path("why").asString()).isEqualTo("opened on the wrong unit");
        assertThat(isOnTheFloor()).isFalse();

        var refused =
                mechanic.put(
                        job + "/steps/" + UUID.randomUUID(), Requests.step("cover", "COVER", 1));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail())
                .isEqualTo(
                        "Job %d was put away by Tomás Vega: opened on the wrong unit. Take it back first, or open a new job on the unit."
                                .formatted(number()));
        assertThat(lead.post(job + "/sign", Requests.allTheSame("none")).status()).isEqualTo(422);
        assertThat(mechanic.get(job + "/report").status()).isEqualTo(200);
        var listed = mechanic.get("/api/jobs/of-unit/" + unit.replaceAll(".*/", "")).body().get(0);
        assertThat(listed.path("putAway").path("why").asString()).contains("wrong unit");
        assertThat(listed.has("next")).as("waits at no station").isFalse();

        var other = did(open()).body().path("job").path("number").asLong();
        assertThat(takeBack(job).detail())
                .startsWith("Job " + other + " on this unit is still open.");
        did(putAway("/api/jobs/" + other, "twice"));
        did(takeBack(job));
        assertThat(isOnTheFloor()).isTrue();
        did(mechanic.put(job + "/steps/" + UUID.randomUUID(), Requests.step("cover", "COVER", 1)));
    }

    @Test
    void anUnseenVersionPutsNothingAway() {
        assertThat(mechanic.put(job + "/put-away", Map.of("version", 99, "why", "gone")).status())
                .isEqualTo(409);
        assertThat(mechanic.post(job + "/take-back?version=99", null).status()).isEqualTo(409);
        assertThat(mechanic.put(unit + "/put-away", Map.of("version", 99, "why", "gone")).status())
                .as("its job is open, which is said first")
                .isEqualTo(422);
    }

    @Test
    void aUnitIsPutAwayWithoutAnOpenJobAndNothingFallsDueOnIt() {
        did(mechanic.put(Requests.sump(mechanic, number()), Requests.fill("9.0")));
        assertThat(isDue()).isTrue();
        assertThat(putAway(unit, "sold").detail())
                .isEqualTo(
                        "Job %d is open on this unit. Sign it or put it away first."
                                .formatted(number()));
        did(putAway(job, "not worth it"));
        assertThat(putAway(unit, "x".repeat(301)).at("why")).contains("at most 300 fit");
        assertThat(did(putAway(unit, "sold")).body().path("putAway").path("why").asString())
                .isEqualTo("sold");
        assertThat(isDue()).isFalse();
        assertThat(open().detail())
                .isEqualTo(
                        tag
                                + " was put away by Tomás Vega (sold). Take it back on its own page first.");
        assertThat(takeBack(job).detail()).contains("was put away by Tomás Vega (sold)");

        did(takeBack(unit));
        assertThat(isDue()).isTrue();
        did(takeBack(job));
    }

    private boolean isDue() {
        return mechanic.get("/api/due")
                .body()
                .valueStream()
                .anyMatch(d -> d.path("tag").asString().equals(tag));
    }

    /** Every table in which something of a unit stands, with how many rows name any of these. */
    private static Map<String, Integer> traces(List<String> names) {
        var records = RunningApp.bean(JdbcClient.class);
        var traces = new TreeMap<String, Integer>();
        for (var table :
                records.sql("select tablename from pg_tables where schemaname = 'public'")
                        .query(String.class)
                        .list()) {
            var found =
                    records.sql("select count(*) from %s t where t::text ~ :names".formatted(table))
                            .param("names", String.join("|", names))
                            .query(Integer.class)
                            .single();
            if (found > 0 && !table.startsWith("spring_session")) {
                traces.put(table, found);
            }
        }
        return traces;
    }

    @Test
    void aPurgedUnitLeavesOneLine() {
        var full = new FullJob(mechanic);
        var view = mechanic.get(full.path).body();
        var unitId = view.path("unit").path("id").asString();
        var fullTag = view.path("unit").path("tag").asString();
        var jobId = view.path("job").path("id").asString();
        var place = view.path("places").get(0).path("id").asString();
        var sample = new HashMap<String, Object>();
        sample.put("takenOn", "2026-11-01");
        sample.put("meter", Requests.in("", "100"));
        sample.put(
                "entries",
                Map.of(
                        "fields",
                        Map.of(
                                "base", Requests.in("", "MINERAL"),
                                "fresh", Requests.in("", "320"),
                                "iron", Requests.in("", "20")),
                        "readings",
                        Map.of()));
        did(mechanic.put("/api/places/" + place + "/samples/" + UUID.randomUUID(), sample));
        did(mechanic.delete(full.path + "/answers/" + full.answer + "?version=0"));
        did(
                lead.post(
                        full.path + "/sign",
                        Requests.allTheSame("Returned as it is, the customer waits.")));
        var others = traces(List.of(seen().path("job").path("id").asString(), tag));

        var names =
                List.of(
                        unitId,
                        jobId,
                        place,
                        fullTag,
                        full.step.toString(),
                        full.answer.toString(),
                        full.photo.toString());
        var before = traces(names);
        assertThat(before.keySet())
                .as("the test has something of every kind")
                .contains(
                        "unit",
                        "unit_aud",
                        "job",
                        "job_aud",
                        "job_permission",
                        "job_isolation",
                        "job_proof",
                        "job_seal",
                        "step",
                        "step_aud",
                        "strip_action",
                        "finding",
                        "finding_aud",
                        "photo",
                        "photo_aud",
                        "statement",
                        "decision",
                        "decision_aud",
                        "fitting",
                        "fitting_aud",
                        "place_fill",
                        "lubricated_place",
                        "oil_sample",
                        "oil_sample_aud");

        var purge = "/api/care/purge/units/" + unitId;
        var request = Map.of("tag", fullTag, "why", "the owner asked for it");
        assertThat(lead.post(purge, request).detail())
                .isEqualTo(
                        "Only what was put away is purged, and %s was not. Put it away first."
                                .formatted(fullTag));
        did(putAway("/api/units/" + unitId, "scrapped"));
        assertThat(lead.post(purge, Map.of("tag", "x", "why", "gone")).at("tag"))
                .isEqualTo("The tag is %s; “x” was typed. Nothing was purged.".formatted(fullTag));
        assertThat(lead.post(purge, Map.of("tag", fullTag, "why", " ")).at("why"))
                .startsWith("Say why");
        assertThat(mechanic.post(purge, request).status()).isEqualTo(403);
        assertThat(AtBench.lead().withoutPin().post(purge, request).status()).isEqualTo(428);
        assertThat(traces(names)).as("nothing went yet").containsOnlyKeys(before.keySet());

        var left = did(lead.post(purge, request)).body().get(0);
        assertThat(left.path("what").asString()).startsWith(fullTag + ", ");
        assertThat(left.path("jobs").asInt()).isEqualTo(1);
        assertThat(left.path("signedJobs").asInt()).isEqualTo(1);
        assertThat(left.path("by").asString()).isEqualTo("Inés Roldán");
        assertThat(traces(names)).isEqualTo(Map.of("purged", 1));
        assertThat(mechanic.get(full.path).status()).isEqualTo(404);
        assertThat(traces(List.of(seen().path("job").path("id").asString(), tag)))
                .as("of the others")
                .isEqualTo(others);
        assertThat(mechanic.get("/api/care/purged").status()).isEqualTo(403);
        assertThat(lead.get("/api/care/purged").body().get(0)).isEqualTo(left);
        assertThat(lead.post(purge, request).status()).isEqualTo(404);
    }

    @Test
    void aJobIsPurgedUnsignedOnly() {
        var purge = "/api/care/purge/jobs/" + number();
        var request = Map.of("tag", tag, "why", "opened by mistake");
        assertThat(lead.post(purge, request).detail())
                .isEqualTo(
                        "Only what was put away is purged, and job %d was not. Put it away first."
                                .formatted(number()));
        did(putAway(job, "opened by mistake"));
        assertThat(lead.post(purge, Map.of("tag", "y", "why", "gone")).status()).isEqualTo(422);
        var left = did(lead.post(purge, request)).body().get(0);
        assertThat(left.path("what").asString())
                .startsWith("job %d on %s".formatted(number(), tag));
        assertThat(left.path("signedJobs").asInt()).isZero();
        assertThat(mechanic.get(job).status()).isEqualTo(404);
        assertThat(mechanic.get(unit).status()).as("its unit stays").isEqualTo(200);

        var signed = new FullJob(mechanic).path;
        did(lead.post(signed + "/sign", Requests.allTheSame("the customer waits")));
        assertThat(putAway(signed, "no").status()).isEqualTo(422);
        assertThat(
                        lead.post("/api/care/purge/jobs/" + signed.replaceAll(".*/", ""), request)
                                .status())
                .isEqualTo(422);
    }

    /** Returned unrepaired with a bearing on the bench: where it is has to be said; merged names an open job. */
    @Test
    void aJobEndsOtherwiseThanSigned() {
        var ended = "/api/jobs/" + Requests.openedForStrip(mechanic);
        mechanic.put(
                ended + "/steps/" + java.util.UUID.randomUUID(),
                Requests.step("ball bearing", "BEARING", 2));
        var version = mechanic.get(ended).body().path("job").path("version").asLong();
        var end = new java.util.HashMap<String, Object>();
        end.put("version", version);
        end.put("how", "RETURNED");
        end.put("why", "the customer buys a new one");
        assertThat(mechanic.put(ended + "/put-away", end).at("partsAt"))
                .contains("2 pieces came off and did not go back");
        end.put("how", "MERGED");
        assertThat(mechanic.put(ended + "/put-away", end).at("into"))
                .contains("in which other job");
        end.put("into", 1);
        assertThat(mechanic.put(ended + "/put-away", end).at("into")).contains("is not open");
        end.remove("into");
        end.put("how", "RETURNED");
        end.put("partsAt", "in a box with it");
        var told = mechanic.put(ended + "/put-away", end);
        assertThat(told.status()).as(told.detail()).isEqualTo(200);
        assertThat(told.body().path("job").path("putAway").path("why").asString())
                .isEqualTo(
                        "Returned unrepaired: the customer buys a new one. The parts: in a box with it");
    }
}
