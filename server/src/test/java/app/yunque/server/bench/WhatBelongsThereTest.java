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

/** What was missing, wrong or replaced, from the typed line to card and ledger. */
@ExtendWith(RunningApp.class)
class WhatBelongsThereTest {
    private final AtBench bench = AtBench.mechanic();
    private String job = "";

    @BeforeEach
    void open() {
        job = "/api/jobs/" + Requests.openedForStrip(bench);
    }

    private JsonNode view() {
        return bench.get(job).body();
    }

    private UUID line(String line) {
        var id = UUID.randomUUID();
        var answer = bench.put(job + "/steps/" + id + "/line", Map.of("line", line));
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return id;
    }

    private AtBench.Answer fit(UUID id, int refitted, int renewed, int scrapped) {
        var fitting = new HashMap<String, Object>();
        fitting.put("done", true);
        fitting.put("refitted", refitted);
        fitting.put("renewed", renewed);
        fitting.put("scrapped", scrapped);
        fitting.put("reason", "");
        return bench.put(job + "/fittings/" + id, fitting);
    }

    @Test
    void whatWasMissingIsAskedForAndNeverFittedAsItCameOff() {
        var circlip = line("no circlip on the idler pin, should be one");
        var step = view().path("steps").get(0);
        assertThat(step.path("given").path("detail").path("belongs").path("standing").asString())
                .isEqualTo("MISSING");
        assertThat(view().path("ledger").path("removed").asInt()).isZero();
        var card = view().path("rebuild").get(0);
        assertThat(card.path("mustBeNew").asBoolean()).isTrue();
        assertThat(card.path("cameOff").asInt()).isZero();
        assertThat(card.path("instead").asString()).isEqualTo("it was missing");
        // Nothing to look at: nothing is asked, and the proposal is a new one.
        assertThat(view().path("decisions").get(0).path("checks")).isEmpty();
        assertThat(view().path("decisions").get(0).path("proposed").asString()).isEqualTo("RENEW");

        assertThat(fit(circlip, 1, 0, 0).status()).isEqualTo(200);
        assertThat(view().path("ledger").path("missing").asInt()).isEqualTo(1);
        var fitted = bench.get(job).body().path("fittings").get(0).path("given").path("version");
        var again = new HashMap<String, Object>();
        again.put("version", fitted.asLong());
        again.put("done", true);
        again.put("refitted", 0);
        again.put("renewed", 1);
        again.put("scrapped", 0);
        again.put("reason", "");
        bench.put(job + "/fittings/" + circlip, again);
        assertThat(view().path("ledger").path("missing").asInt()).isZero();
        assertThat(view().path("ledger").path("onBench").asInt()).isZero();
    }

    @Test
    void severalThatWereMissingAreCountedFirst() {
        var answer =
                bench.put(
                        job + "/steps/" + UUID.randomUUID() + "/line",
                        Map.of("line", "no cover screws, should be there"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains("How many");
    }

    @Test
    void aWrongPartGivesItsPlaceToWhatBelongsThere() {
        line("plain bolt 3/8-16 x 2 fitted where the shoulder bolt belongs");
        var card = view().path("rebuild").get(0);
        assertThat(card.path("title").asString()).isEqualTo("Fit shoulder bolt");
        assertThat(card.path("instead").asString()).isEqualTo("not the plain bolt that came out");
        var refused =
                bench.put(
                        job + "/decisions/" + view().path("steps").get(0).path("id").asString(),
                        Map.of("disposition", "REUSE", "reason", "looks fine"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("plain bolt does not go back");
    }

    /** Typed again at the next strip it is what belongs there, not the wrong part with its finding. */
    @Test
    void theNextStripIsOfferedWhatBelongsThere() {
        line("plain bolt 3/8-16 x 2 fitted where the shoulder bolt belongs");
        var offered = bench.get(job + "/suggestions?begins=plain%20bolt").body();
        assertThat(offered.get(0).path("part").asString()).isEqualTo("shoulder bolt");
        assertThat(offered.get(0).path("detail").path("belongs").isObject()).isFalse();
    }

    @Test
    void whatIsMissingIsNotMergedWithWhatCameOff() {
        var pin = line("pin, tray A");
        var missing = line("no pin, should be one");
        var refused =
                bench.post(job + "/steps/" + missing + "/merge?into=" + pin + "&version=0", null);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("pin and pin are not one");
    }

    @Test
    void aFurtherSetAndAFeelComeBackAsTheyWereSent() {
        var step = Requests.step("cover", "COVER", 1);
        var first = set(6, "M8");
        first.put("byFeel", "snug");
        step.put("fastening", first);
        var second = set(2, "m10x1.25");
        second.put("torque", Map.of("text", "25", "unit", "lbf·ft"));
        second.put("torqueSource", "plate");
        step.put(
                "detail",
                Map.of(
                        "alsoHeldBy",
                        List.of(second),
                        "belongs",
                        Map.of(
                                "standing", "REPLACED",
                                "part", "cover with bearing",
                                "because", "kit")));
        var answer = bench.put(job + "/steps/" + UUID.randomUUID(), step);
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        var given = view().path("steps").get(0).path("given");
        assertThat(given.path("fastening").path("byFeel").asString()).isEqualTo("snug");
        assertThat(given.path("detail").path("alsoHeldBy").get(0).path("torque").path("text"))
                .hasToString("\"25\"");
        assertThat(view().path("rebuild").get(0).path("fasten").asString())
                .contains("6 × M8, snug, crosswise in rounds; by feel")
                .contains("2 × M10×1.25")
                .contains("to 25 lbf·ft (33.9 N·m) (plate)");
        assertThat(view().path("rebuild").get(0).path("tightening")).hasSize(8);
    }

    @Test
    void tellsTheFaultOfAFurtherSetAtItsField() {
        var step = Requests.step("cover", "COVER", 1);
        step.put("fastening", set(6, "M8"));
        step.put("detail", Map.of("alsoHeldBy", List.of(set(2, "M8"), set(0, "M8"))));
        var refused = bench.put(job + "/steps/" + UUID.randomUUID(), step);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("detail.alsoHeldBy[1].count"))
                .isEqualTo("Number of screws 0 is outside 1 to 999.");
        var alone = Requests.step("cover", "COVER", 1);
        alone.put("detail", Map.of("alsoHeldBy", List.of(set(2, "M8"))));
        assertThat(bench.put(job + "/steps/" + UUID.randomUUID(), alone).detail())
                .contains("Name the first set of screws before a further one.");
    }

    private static Map<String, Object> set(int count, String thread) {
        var set = new HashMap<String, Object>();
        set.put("count", count);
        set.put("thread", thread);
        set.put("leftHand", false);
        set.put("torqueSource", "");
        return set;
    }
}
