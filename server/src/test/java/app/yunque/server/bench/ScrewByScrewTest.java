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

/** How the screws of a cover stand, from the strip to the card they are ticked on. */
@ExtendWith(RunningApp.class)
class ScrewByScrewTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final UUID cover = UUID.randomUUID();
    private String job = "";

    @BeforeEach
    void aStrip() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
    }

    private static Map<String, Object> mm(String text) {
        return Map.of("text", text, "unit", "mm");
    }

    private AtBench.Answer kept(int count, Object screws) {
        var step = Requests.step("cover", "COVER", 1);
        var set = new HashMap<String, Object>();
        set.put("count", count);
        set.put("thread", "M8");
        set.put("leftHand", false);
        set.put("torque", Map.of("text", "24", "unit", "N·m"));
        set.put("torqueSource", "plate");
        step.put("fastening", set);
        step.put("detail", Map.of("screws", screws));
        return mechanic.put(job + "/steps/" + cover, step);
    }

    private static Map<String, Object> frame(int across, int up) {
        return Map.of(
                "arrangement",
                "FRAME",
                "across",
                across,
                "up",
                up,
                "pitchAcross",
                mm("60"),
                "pitchUp",
                mm("80"));
    }

    private JsonNode card() {
        return mechanic.get(job).body().path("rebuild").get(0);
    }

    @Test
    void aFrameIsDrawnAndTightenedFromTheMiddle() {
        assertThat(kept(6, frame(3, 2)).status()).isEqualTo(200);
        var card = card();
        assertThat(card.path("screws").get(1).path("acrossMm").asDouble()).isEqualTo(60);
        assertThat(card.path("screws").get(1).path("upMm").asDouble()).isEqualTo(80);
        assertThat(card.path("tightening").toString()).isEqualTo("[2,5,1,4,6,3]");
        assertThat(card.path("rounds").get(1).asString()).isEqualTo("7.2 N·m");
        var given = mechanic.get(job).body().path("steps").get(0).path("given");
        assertThat(given.at("/detail/screws/pitchUp/text").asString()).isEqualTo("80");
    }

    @Test
    void placesInInches() {
        var inch = Map.of("text", "2", "unit", "in");
        var none = mm("0");
        var places =
                List.of(
                        Map.of("across", none, "up", none),
                        Map.of("across", inch, "up", none),
                        Map.of("across", none, "up", inch));
        var answer = kept(3, Map.of("arrangement", "MEASURED", "places", places));
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        assertThat(card().at("/screws/2/upMm").asDouble()).isEqualTo(50.8);
    }

    @Test
    void faultsStandAtTheirFields() {
        var other = kept(8, frame(3, 2));
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.at("screws")).contains("of 6 screws, and 8 are noted");
        var one = kept(6, frame(31, 2));
        assertThat(one.at("detail.screws.across")).contains("31 is outside 1 to 30");
        var gap = new HashMap<>(frame(3, 2));
        gap.remove("pitchUp");
        assertThat(kept(6, gap).at("detail.screws.pitchUp")).isNotBlank();
        gap.put("pitchUp", mm("wide"));
        assertThat(kept(6, gap).at("detail.screws.pitchUp")).contains("is not a number");
        var places = List.of(Map.of("across", mm("0"), "up", mm("x")));
        assertThat(
                        kept(3, Map.of("arrangement", "MEASURED", "places", places))
                                .at("detail.screws.places[0].up"))
                .contains("is not a number");
    }

    /** Refused where it is entered: a card that cannot be drawn would shut the whole job. */
    @Test
    void twoAtOnePlaceAreRefusedAndTheJobStaysOpen() {
        var zero = Map.of("across", mm("0"), "up", mm("0"));
        var away = Map.of("across", mm("40"), "up", mm("0"));
        var refused =
                kept(3, Map.of("arrangement", "MEASURED", "places", List.of(zero, away, zero)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("detail.screws.places"))
                .contains("Screws 1 and 3 stand at one place");
        assertThat(mechanic.get(job).status()).isEqualTo(200);
    }

    @Test
    void theTicksAreKeptWithTheFitting() {
        kept(6, frame(3, 2));
        var fitting = new HashMap<String, Object>();
        fitting.put("done", true);
        fitting.put("refitted", 1);
        fitting.put("renewed", 0);
        fitting.put("scrapped", 0);
        fitting.put("reason", "");
        fitting.put("ticked", 30);
        var fitted = mechanic.put(job + "/fittings/" + cover, fitting);
        assertThat(fitted.status()).as(fitted.detail()).isEqualTo(200);
        var given = fitted.body().path("fittings").get(0).path("given");
        assertThat(given.path("ticked").asInt()).isEqualTo(30);
        assertThat(given.path("setTo").isString()).as("nothing was set").isFalse();
        fitting.put("version", given.path("version").asLong());
        fitting.put("setTo", " 14.30 mm out ");
        var set = mechanic.put(job + "/fittings/" + cover, fitting).body();
        given = set.path("fittings").get(0).path("given");
        assertThat(given.path("setTo").asString()).isEqualTo("14.30 mm out");
        fitting.put("version", given.path("version").asLong());
        fitting.put("setTo", "x".repeat(201));
        assertThat(mechanic.put(job + "/fittings/" + cover, fitting).at("setTo")).contains("200");
        fitting.remove("setTo");
        fitting.put("ticked", 201);
        assertThat(mechanic.put(job + "/fittings/" + cover, fitting).at("ticked"))
                .contains("0 to 200");
        fitting.put("done", false);
        fitting.put("ticked", 30);
        var back = mechanic.put(job + "/fittings/" + cover, fitting).body();
        assertThat(back.path("fittings").get(0).path("given").path("ticked").isNumber())
                .as("what was taken back is tightened anew")
                .isFalse();
    }
}
