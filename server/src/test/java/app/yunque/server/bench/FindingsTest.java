package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is found on a part by eye and feel, who may decide otherwise, and what becomes of it when a line is split or merged. */
@ExtendWith(RunningApp.class)
class FindingsTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final AtBench lead = AtBench.lead();
    private final UUID bearings = UUID.randomUUID();
    private String job = "";

    @BeforeEach
    void aStrip() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
        keep(bearings, "ball bearing", "BEARING", 4);
    }

    private AtBench.Answer keep(UUID id, String part, String kind, int count) {
        var step = new HashMap<>(Requests.step(part, kind, count));
        step.put("condition", "NOT_SAID");
        return mechanic.put(job + "/steps/" + id, step);
    }

    private JsonNode part(UUID step) {
        return mechanic.get(job)
                .body()
                .path("decisions")
                .valueStream()
                .filter(p -> p.path("stepId").asString().equals(step.toString()))
                .findFirst()
                .orElseThrow();
    }

    private AtBench.Answer decide(AtBench who, UUID step, String disposition) {
        return who.put(
                job + "/decisions/" + step,
                Map.of("disposition", disposition, "reason", "it has run well so far"));
    }

    @Test
    void theWordDecidesAndTheLookAfterWashingSettlesDirt() {
        assertThat(part(bearings).path("checks").valueStream().map(JsonNode::asString))
                .contains("ANY-1", "BRG-1", "BRG-2");
        Requests.seen(mechanic, job, bearings, "BRG-1", "AS_FOUND", "gritty");
        assertThat(part(bearings).path("proposedReason").asString())
                .as("the complaint growls: its clearance is a must")
                .startsWith("Look first: ")
                .contains("radial clearance, off the shaft (BRG-3)");
        Throughout.lookAtTheRest(mechanic, job, false);
        assertThat(part(bearings).path("proposed").isMissingNode()).isTrue();
        assertThat(part(bearings).path("proposedReason").asString()).contains("wash it");
        Requests.seen(lead, job, bearings, "BRG-1", "WASHED", "smooth");
        assertThat(part(bearings).path("proposed").asString()).isEqualTo("REUSE");
        var felt =
                mechanic.get(job)
                        .body()
                        .path("seen")
                        .valueStream()
                        .filter(f -> f.path("given").path("check").asString().equals("BRG-1"))
                        .toList();
        assertThat(felt.stream().map(f -> f.path("by").asString()))
                .containsExactly("Tomás Vega", "Inés Roldán");
        assertThat(felt.get(0).path("title").asString()).startsWith("feel, turned slowly");
        assertThat(felt.get(0).path("means").asString()).isEqualTo("wash, oil and feel again");
        // Two people feel it differently: the worse word stands.
        Requests.seen(mechanic, job, bearings, "BRG-1", "WASHED", "notchy");
        assertThat(part(bearings).path("proposed").asString()).isEqualTo("RENEW");
        assertThat(part(bearings).path("standing").get(0).path("word").asString())
                .isEqualTo("notchy");
    }

    @Test
    void takesOnlyTheWordsOfTheCheckAndPiecesThereAre() {
        var word = Requests.seen(mechanic, job, bearings, "BRG-1", "WASHED", "fine");
        assertThat(word.status()).isEqualTo(422);
        assertThat(word.at("word")).contains("knows no finding “fine”", "smooth");
        assertThat(Requests.seen(mechanic, job, bearings, "BRG-99", "WASHED", "smooth").at("check"))
                .contains("There is no check “BRG-99”");
        for (int pieces : List.of(0, 5)) {
            var refused =
                    mechanic.put(
                            job + "/findings/" + UUID.randomUUID(),
                            Map.of(
                                    "stepId", bearings, "check", "BRG-1", "look", "WASHED", "word",
                                    "smooth", "pieces", pieces, "remark", ""));
            assertThat(refused.at("pieces")).contains(pieces + " of 4 pieces cannot show it");
        }
        assertThat(
                        Requests.seen(mechanic, job, UUID.randomUUID(), "BRG-1", "WASHED", "smooth")
                                .status())
                .isEqualTo(404);
        assertThat(mechanic.get(job).body().path("seen")).isEmpty();
    }

    @Test
    void aFindingIsCorrectedInItsPlaceAndOfTwoPeopleNothingIsLost() {
        var id = UUID.randomUUID();
        var body = new HashMap<String, Object>();
        body.put("stepId", bearings);
        body.put("check", "BRG-1");
        body.put("look", "WASHED");
        body.put("word", "notchy");
        body.put("pieces", 2);
        body.put("remark", "at one place");
        mechanic.put(job + "/findings/" + id, body);
        body.put("version", 0);
        body.put("word", "smooth");
        assertThat(lead.put(job + "/findings/" + id, body).status()).isEqualTo(200);
        var stale = mechanic.put(job + "/findings/" + id, body);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().toString()).contains("smooth", "at one place");
        var seen = mechanic.get(job).body().path("seen").get(0);
        assertThat(seen.path("given").path("pieces").asInt()).isEqualTo(2);
        var version = seen.path("given").path("version").asInt();
        assertThat(mechanic.delete(job + "/measurements/" + id + "?version=" + version).status())
                .as("of another sort")
                .isEqualTo(404);
        assertThat(mechanic.delete(job + "/findings/" + id + "?version=" + version).status())
                .isEqualTo(200);
        assertThat(mechanic.get(job).body().path("seen")).isEmpty();
        var elsewhere = "/api/jobs/" + Requests.openedForStrip(mechanic);
        assertThat(mechanic.delete(elsewhere + "/findings/" + id + "?version=2").detail())
                .contains("belongs to another job");
    }

    @Test
    void nobodyDecidesMilderThanACondemningWord() {
        Requests.seen(mechanic, job, bearings, "BRG-2", "WASHED", "subsurface fatigue (spall)");
        var refused = decide(lead, bearings, "REUSE");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("disposition"))
                .contains("ball bearing does not go back", "spall", "correct what was found");
        assertThat(decide(mechanic, bearings, "RENEW").status()).isEqualTo(200);
    }

    @Test
    void onlyALeadDecidesMilderOnWhatHolds() {
        var pawl = UUID.randomUUID();
        keep(pawl, "pawl", "PAWL", 1);
        assertThat(decide(mechanic, pawl, "REUSE").at("disposition"))
                .contains("a lead decides milder than this: Not looked at");
        assertThat(decide(lead, pawl, "REUSE").status()).isEqualTo(200);
        // Elsewhere a reason is enough.
        assertThat(decide(mechanic, bearings, "REUSE").status()).isEqualTo(200);
    }

    @Test
    void twoOfFourGoTheirOwnWay() {
        Requests.seen(mechanic, job, bearings, "BRG-1", "WASHED", "drags once a turn");
        decide(mechanic, bearings, "RENEW");
        var other = UUID.randomUUID();
        var split =
                mechanic.post(
                        job + "/steps/" + bearings + "/split",
                        Map.of(
                                "version",
                                0,
                                "newId",
                                other,
                                "part",
                                "Ball bearing",
                                "count",
                                2,
                                "keepCount",
                                2));
        assertThat(split.status()).isEqualTo(200);
        assertThat(part(bearings).path("decided").asString()).isEqualTo("RENEW");
        assertThat(part(other).path("decided").isMissingNode()).as("judged anew").isTrue();
        assertThat(part(other).path("standing").get(0).path("word").asString())
                .isEqualTo("drags once a turn");
        assertThat(part(other).path("part").asString()).isEqualTo("2 × Ball bearing");
        var seen = mechanic.get(job).body().path("seen");
        assertThat(seen).hasSize(2);
        assertThat(seen.get(0).path("at")).isEqualTo(seen.get(1).path("at"));
        decide(mechanic, other, "REUSE");
        var merged =
                mechanic.post(
                        job + "/steps/" + other + "/merge?into=" + bearings + "&version=0", null);
        assertThat(merged.status()).isEqualTo(422);
        assertThat(merged.detail())
                .contains("decided differently, one reuse and one renew", "leave them apart");
    }

    @Test
    void whatWasFoundOnAMergedPartGoesWithIt() {
        var twin = UUID.randomUUID();
        keep(twin, "ball bearing", "BEARING", 1);
        Requests.seen(mechanic, job, twin, "BRG-1", "WASHED", "notchy");
        var merged =
                mechanic.post(
                        job + "/steps/" + twin + "/merge?into=" + bearings + "&version=0", null);
        assertThat(merged.status()).isEqualTo(200);
        assertThat(part(bearings).path("proposed").asString()).isEqualTo("RENEW");
        mechanic.post(job + "/steps/undo", null);
        assertThat(part(twin).path("proposed").asString()).isEqualTo("RENEW");
    }

    @Test
    void aLineThatWentBackIsNotSplit() {
        decide(mechanic, bearings, "REUSE");
        mechanic.put(job + "/fittings/" + bearings, Requests.fitting(4, 0, 0));
        var split =
                mechanic.post(
                        job + "/steps/" + bearings + "/split",
                        Map.of(
                                "version",
                                0,
                                "newId",
                                UUID.randomUUID(),
                                "part",
                                "ball bearing",
                                "count",
                                2,
                                "keepCount",
                                2));
        assertThat(split.detail()).contains("has gone back already");
    }

    @Test
    void aPictureShowsAFinding() {
        var id = UUID.randomUUID();
        var path = job + "/photos/" + UUID.randomUUID() + "?step=" + bearings + "&finding=" + id;
        assertThat(mechanic.file("PUT", path, Pictures.jpeg(40, 30)).detail())
                .contains("The finding of this picture is not on record");
        mechanic.put(
                job + "/findings/" + id,
                Map.of(
                        "stepId", bearings, "check", "BRG-1", "look", "WASHED", "word", "notchy",
                        "remark", ""));
        assertThat(mechanic.file("PUT", path, Pictures.jpeg(40, 30)).status()).isEqualTo(200);
        assertThat(mechanic.get(job).body().path("photos").get(0).path("findingId").asString())
                .isEqualTo(id.toString());
    }

    @Test
    void everyCheckIsOffered() {
        var checks = mechanic.get("/api/checks").body();
        assertThat(checks).hasSize(175);
        assertThat(checks.get(0).path("words").get(0).path("text").asString()).isEqualTo("sound");
    }
}
