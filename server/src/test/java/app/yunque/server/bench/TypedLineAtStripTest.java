package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What one typed line becomes, and what was done beside taking off. */
@ExtendWith(RunningApp.class)
class TypedLineAtStripTest extends StripAtBench {
    @Test
    void readsALineAndCarriesThePlaceOfTheStepBefore() {
        log("cover", "COVER", Map.of("shaft", 2, "side", "RIGHT", "tray", "C"));

        var read =
                bench.post(job + "/quick-line", Map.of("line", "2 spacers, chamfer down")).body();

        var step = read.path("steps").get(0);
        assertThat(step.path("shaft").asInt()).isEqualTo(2);
        assertThat(step.path("tray").asString()).isEqualTo("C");
        assertThat(read.path("carried").toString())
                .contains("on the output shaft", "right end", "tray C");
        var kept = bench.put(job + "/steps/" + UUID.randomUUID(), step);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(parts()).containsExactly("cover", "2 × spacers");
    }

    private AtBench.Answer keepLine(String line) {
        return bench.put(job + "/steps/" + UUID.randomUUID() + "/line", Map.of("line", line));
    }

    /** One line, several parts: each is a step of its own, in the order of the line, and counted once however often it arrives. */
    @Test
    void keepsEveryPartOfALine() {
        assertThat(keepLine("cap, 2 washers, spacer 1/2, output right, tray 4").status())
                .isEqualTo(200);
        assertThat(parts()).containsExactly("cap", "2 × washers", "spacer");
        var steps = view().path("steps");
        assertThat(steps)
                .allSatisfy(
                        s -> {
                            assertThat(s.path("given").path("tray").asString()).isEqualTo("4");
                            assertThat(s.path("given").path("shaft").asInt()).isEqualTo(2);
                        });
        assertThat(steps.get(2).path("given").path("detail").path("thickness").path("text"))
                .hasToString("\"0.5\"");
        assertThat(view().path("ledger").path("removed").asInt()).isEqualTo(4);
    }

    /** What is not said of all pieces is in words and not at a glance; a second set of screws has its own fields. */
    @Test
    void keepsInWordsWhatHasNoField() {
        keepLine("6 case bolts M8x40, one snapped");
        keepLine("cover 6x 1/4-20 x 3/4 and 2x 1/4-20 x 1-1/2, whiff of burnt oil");
        var bolts = view().path("steps").get(0).path("given");
        assertThat(bolts.path("condition").asString()).isEqualTo("NOT_SAID");
        assertThat(bolts.path("note").asString()).isEqualTo("1 of 6 broken");
        var cover = view().path("steps").get(1).path("given");
        assertThat(cover.path("fastening").path("count").asInt()).isEqualTo(6);
        assertThat(cover.path("note").asString()).isEqualTo("whiff of burnt oil");
        var second = cover.path("detail").path("alsoHeldBy").get(0);
        assertThat(second.path("count").asInt()).isEqualTo(2);
        assertThat(second.path("thread").asString()).isEqualTo("1/4-20");
        assertThat(second.path("length").path("text").asString()).isEqualTo("1.5");
        assertThat(view().path("steps").get(1).path("fastening").asString())
                .isEqualTo("6 × 1/4-20, 0.75 in (19.1 mm) and 2 × 1/4-20, 1.5 in (38.1 mm)");
    }

    /** 260 lbf·ft = 352.5 N·m, 2-1/2 in = 63.5 mm: on log and card as the wrench and the plate say it. */
    @Test
    void tellsFiguresAsTheyWereTyped() {
        keepLine("frame cover 16x 3/4-10 x 2-1/2, 260 ft-lbs nameplate");
        assertThat(view().path("steps").get(0).path("fastening").asString())
                .contains("16 × 3/4-10, 2.5 in (63.5 mm)");
        assertThat(view().path("rebuild").get(0).path("fasten").asString())
                .contains("to 260 lbf·ft (353 N·m) (nameplate)");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "springs of the clutch, tray 2 | How many springs?",
                "cover M8x25 | How many M8 held it?",
                "cover 6x M8x1.3 | There is no thread M8×1.3"
            })
    void asksForWhatALedgerNeeds(String line, String asked) {
        var refused = keepLine(line);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("line")).contains(asked);
        assertThat(parts()).isEmpty();
    }

    /** What was said once is there once; what has no field is in words, a torque without a thread and the size of a ball too. */
    @Test
    void losesNothingThatWasSaidAndCountsItOnce() {
        keepLine("spindle nut 24 hex LH 30 Nm est.");
        assertThat(view().path("steps").get(0).path("given").path("note").asString())
                .isEqualTo(
                        "also held by 1 × no thread named, left-hand, 30 N·m (estimate), hex 24");
        keepLine("detent plug M12x1.25, spring and 8 mm ball under it, 12 min, 3 kg, renew");
        var plug = view().path("steps").get(1).path("given");
        var spring = view().path("steps").get(2).path("given");
        assertThat(plug.path("note").asString()).contains("8 mm");
        assertThat(plug.path("detail").path("minutes").asDouble()).isEqualTo(12);
        assertThat(spring.path("detail").has("minutes")).isFalse();
        assertThat(spring.path("detail").has("massKg")).isFalse();
        assertThat(plug.path("singleUse").asBoolean()).isFalse();
        keepLine("gear, bush, both renew");
        assertThat(view().path("steps").get(3).path("given").path("singleUse").asBoolean())
                .isTrue();
        assertThat(view().path("steps").get(4).path("given").path("singleUse").asBoolean())
                .isTrue();
    }

    /** What can hurt is told before the line is kept, of parts and of what is no part. */
    @Test
    void cautionsBeforeItHappens() {
        var clip = bench.post(job + "/quick-line", Map.of("line", "circlip 30 off, hammer")).body();
        assertThat(clip.path("cautions").get(0).asString()).contains("eye protection");
        var lead = bench.post(job + "/quick-line", Map.of("line", "battery lead off")).body();
        assertThat(lead.path("cautions").get(0).asString()).contains("Isolated, locked and tried?");
        var gear = bench.post(job + "/quick-line", Map.of("line", "gear 24T")).body();
        assertThat(gear.path("cautions")).isEmpty();
    }

    private JsonNode done(int place) {
        return view().path("done").get(place);
    }

    /** What is no part never enters the ledger; what was undone is put back before the unit leaves. */
    @Test
    void keepsWhatWasDoneBesideAndWhetherItIsPutBack() {
        keepLine("cover, tray A");
        keepLine("battery lead off, capped");
        keepLine("everything washed in white spirit");
        assertThat(parts()).containsExactly("cover");
        assertThat(view().path("ledger").path("removed").asInt()).isEqualTo(1);
        assertThat(done(0).path("act").asString()).isEqualTo("disconnected");
        assertThat(done(0).path("given").path("line").asString())
                .isEqualTo("battery lead off, capped");
        assertThat(done(0).path("given").path("after").asString())
                .isEqualTo(view().path("steps").get(0).path("id").asString());
        assertThat(done(1).path("mirror").asString()).isEmpty();
        assertThat(against("not-put-back"))
                .contains("“battery lead off, capped”: connect it again as it was (Build)");
        assertThat(report()).contains("disconnected: battery lead off, capped. Not put back.");

        var given = new HashMap<String, Object>();
        given.put("act", "DISCONNECT");
        given.put("line", "battery lead off, capped");
        given.put("version", done(0).path("given").path("version").asLong());
        given.put("back", true);
        var id = done(0).path("id").asString();
        assertThat(bench.put(job + "/done/" + id, given).status()).isEqualTo(200);
        assertThat(against("not-put-back")).isEmpty();
        assertThat(report()).contains("disconnected: battery lead off, capped. Put back.");
        assertThat(bench.put(job + "/done/" + id, given).status()).isEqualTo(409);
    }

    @ParameterizedTest(name = "{0} {2}: {3}")
    @CsvSource({
        "TAKE_OFF, cover off, false, act",
        "NOTE, '', false, line",
        "CLEAN, washed, true, back"
    })
    void refusesWhatIsNoSuchNote(String act, String line, boolean back, String field) {
        var refused =
                bench.put(
                        job + "/done/" + UUID.randomUUID(),
                        Map.of("act", act, "line", line, "back", back));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at(field)).isNotEmpty();
        assertThat(view().path("done")).isEmpty();
    }

    @Test
    void takesBackWhatWasNotDone() {
        keepLine("two M8 guide studs in");
        var id = done(0).path("id").asString();
        assertThat(bench.delete(job + "/done/" + id + "?version=7").status()).isEqualTo(409);
        assertThat(bench.delete(job + "/done/" + id + "?version=0").status()).isEqualTo(200);
        assertThat(view().path("done")).isEmpty();
    }

    private String against(String point) {
        return view().path("route")
                .path("againstSigning")
                .valueStream()
                .filter(p -> p.path("id").asString().equals(point))
                .map(p -> p.path("says").asString())
                .findFirst()
                .orElse("");
    }

    private String report() {
        return new String(bench.get(job + "/report").bytes());
    }
}
