package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.line.LineReading;
import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A kind that somebody corrected is what this shop calls that part, from the next line on. */
@ExtendWith(RunningApp.class)
class OwnWordsOfAShopTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final AtBench lead = AtBench.lead();
    private String job = "";

    @BeforeEach
    void aJob() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
    }

    private String kindOf(String line) {
        return mechanic.post(job + "/quick-line", Map.of("line", line))
                .body()
                .path("steps")
                .path(0)
                .path("kind")
                .asString();
    }

    private UUID keepsLine(String line) {
        var id = UUID.randomUUID();
        var kept = mechanic.put(job + "/steps/" + id + "/line", Map.of("line", line));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        return id;
    }

    private void corrects(UUID step, String kind) {
        var given =
                mechanic.get(job)
                        .body()
                        .path("steps")
                        .valueStream()
                        .filter(s -> s.path("id").asString().equals(step.toString()))
                        .findFirst()
                        .orElseThrow()
                        .path("given");
        var said = new HashMap<String, Object>();
        given.propertyStream().forEach(p -> said.put(p.getKey(), p.getValue()));
        said.put("kind", kind);
        var kept = mechanic.put(job + "/steps/" + step, said);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    }

    private JsonNode word(String name) {
        return lead.get("/api/own-words")
                .body()
                .valueStream()
                .filter(w -> w.path("given").path("name").asString().equals(name))
                .findFirst()
                .orElse(tools.jackson.databind.node.MissingNode.getInstance());
    }

    @Test
    void aCorrectedKindIsLearnedAndPutAwayForGood() {
        assertThat(kindOf("left dangler off")).isEqualTo("OTHER");
        var step = keepsLine("left dangler off");
        assertThat(word("dangler").isMissingNode()).as("nobody corrected it").isTrue();
        corrects(step, "LEVER");
        assertThat(kindOf("2 danglers off")).isEqualTo("LEVER");
        assertThat(word("dangler").path("learnedFrom").asString())
                .startsWith("“left dangler”, job ");
        assertThat(word("dangler").path("counts").asBoolean()).isTrue();
        assertThat(
                        mechanic.get("/api/kinds")
                                .body()
                                .valueStream()
                                .filter(k -> k.path("kind").asString().equals("LEVER"))
                                .map(k -> k.path("hint").asString()))
                .as("the form knows it too")
                .allMatch(h -> h.contains("dangler"));
        var id = word("dangler").path("id").asString();
        var version = word("dangler").path("given").path("version").asLong();
        assertThat(mechanic.delete("/api/own-words/" + id + "?version=" + version).detail())
                .contains("Only a lead");
        lead.delete("/api/own-words/" + id + "?version=" + version);
        assertThat(kindOf("2 danglers off")).isEqualTo("OTHER");
        corrects(keepsLine("dangler off"), "LEVER");
        assertThat(kindOf("dangler off")).as("put away is not learned again").isEqualTo("OTHER");
    }

    /** What the trade calls otherwise may have been one odd part. */
    @Test
    void theTradesOwnWordTakesTwoCorrections() {
        corrects(keepsLine("strainer off"), "COVER");
        assertThat(kindOf("strainer off")).isEqualTo("OTHER");
        assertThat(word("strainer").path("counts").asBoolean()).isFalse();
        var again = keepsLine("strainer off");
        corrects(again, "COVER");
        assertThat(word("strainer").path("counts").asBoolean()).isTrue();
        assertThat(kindOf("strainer off")).isEqualTo("COVER");
    }

    @Test
    void aLeadSaysAWordAndItIsCheckedAtItsField() {
        var id = UUID.randomUUID();
        assertThat(
                        mechanic.put(
                                        "/api/own-words/" + id,
                                        Map.of("name", "gubbins", "kind", "PIN"))
                                .detail())
                .contains("Only a lead");
        var bad = lead.put("/api/own-words/" + id, Map.of("name", "M8", "kind", "PIN"));
        assertThat(bad.status()).isEqualTo(422);
        assertThat(bad.at("name")).contains("“m8” is no name");
        assertThat(lead.put("/api/own-words/" + id, Map.of("name", "bodged")).at("kind"))
                .contains("Say what “bodged” stands for");
        var kept = lead.put("/api/own-words/" + id, Map.of("name", "munted", "found", "BENT"));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(word("munted").path("means").asString()).isEqualTo("found: bent");
        var twice =
                lead.put(
                        "/api/own-words/" + UUID.randomUUID(),
                        Map.of("name", "Munted", "found", "WORN"));
        assertThat(twice.at("name")).contains("“munted” is on the list already: found: bent");
        keepsLine("lever, munted");
        assertThat(
                        mechanic.get(job)
                                .body()
                                .path("steps")
                                .path(0)
                                .path("given")
                                .path("note")
                                .asString())
                .as("read as a finding, and no longer only words")
                .isNotEqualTo("munted");
    }

    /** What a word may stand for beside a kind of part: everything that the core finds, each by its own words. */
    @Test
    void namesWhatMayBeFound() {
        var findings = AtBench.mechanic().get("/api/own-words/findings").body();
        assertThat(findings.valueStream().map(f -> f.path("found").asString()).toList())
                .containsExactly(
                        Stream.of(LineReading.Found.values())
                                .map(Enum::name)
                                .toArray(String[]::new));
        assertThat(findings.valueStream().map(f -> f.path("words").asString()).distinct())
                .hasSize(findings.size())
                .contains("teeth missing", "worn");
    }
}
