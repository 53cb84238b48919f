package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A strip that is put right while it is taken down. */
@ExtendWith(RunningApp.class)
class StripTest extends StripAtBench {
    @Test
    void putsAStepInBetweenMovesItAndUndoesBoth() {
        var cover = log("cover", "COVER");
        log("gear", "GEAR");
        var ring = UUID.randomUUID();
        bench.put(job + "/steps/" + ring + "?after=" + cover, Requests.step("ring", "CIRCLIP", 1));
        assertThat(parts()).containsExactly("cover", "ring", "gear");

        bench.post(job + "/steps/" + ring + "/move", Map.of("version", version(ring)));
        assertThat(parts()).containsExactly("ring", "cover", "gear");

        bench.post(job + "/steps/undo", null);
        assertThat(parts()).containsExactly("cover", "ring", "gear");
        bench.post(job + "/steps/undo", null);
        assertThat(parts()).containsExactly("cover", "gear");
    }

    @Test
    void findsRoomBetweenTwoStepsAgainAndAgain() {
        var first = log("first", "OTHER");
        log("last", "OTHER");
        var expected = new ArrayList<>(List.of("first", "last"));
        for (int i = 0; i < 14; i++) {
            bench.put(
                    job + "/steps/" + UUID.randomUUID() + "?after=" + first,
                    Requests.step("washer " + i, "WASHER", 1));
            expected.add(1, "washer " + i);
        }
        assertThat(parts()).containsExactlyElementsOf(expected);
    }

    /** Undo says where a step stood, not which number its place had: that is spread anew when room runs out. */
    @Test
    void undoesAMoveAndAChangeAfterThePlacesWereSpreadAnew() {
        var first = log("first", "OTHER");
        var second = log("second", "OTHER");
        var third = log("third", "OTHER");
        var changed = Requests.step("second, worn", "OTHER", 1);
        changed.put("version", version(second));
        bench.put(job + "/steps/" + second, changed);
        bench.post(job + "/steps/" + third + "/move", Map.of("version", version(third)));
        for (int i = 0; i < 14; i++) {
            bench.put(
                    job + "/steps/" + UUID.randomUUID() + "?after=" + first,
                    Requests.step("washer " + i, "WASHER", 1));
        }
        for (int i = 0; i < 14; i++) {
            bench.post(job + "/steps/undo", null);
        }
        assertThat(parts()).containsExactly("third", "first", "second, worn");
        bench.post(job + "/steps/undo", null);
        assertThat(parts()).containsExactly("first", "second, worn", "third");
        bench.post(job + "/steps/undo", null);
        assertThat(parts()).containsExactly("first", "second", "third");
    }

    @Test
    void splitsAPartThatTurnsOutToBeTwoAndUndoesItAsOne() {
        var stuck = log("washer", "WASHER");
        var split =
                bench.post(
                        job + "/steps/" + stuck + "/split",
                        Map.of(
                                "version",
                                version(stuck),
                                "newId",
                                UUID.randomUUID(),
                                "part",
                                "shim",
                                "count",
                                2,
                                "keepCount",
                                1));
        assertThat(split.status()).as(split.detail()).isEqualTo(200);
        assertThat(parts()).containsExactly("washer", "2 × shim");
        assertThat(view().path("steps").get(1).path("given").path("kind").asString())
                .isEqualTo("SHIM");

        bench.post(job + "/steps/undo", null);
        assertThat(parts()).containsExactly("washer");
    }

    @Test
    void mergesTwoStepsAndKeepsTheirNotes() {
        var one = log("ball", "BALL", Map.of("note", "left hole", "count", 2));
        var two = log("ball", "BALL", Map.of("note", "right hole"));
        bench.post(job + "/steps/" + two + "/merge?into=" + one + "&version=" + version(two), null);

        assertThat(parts()).containsExactly("3 × ball");
        assertThat(view().path("steps").get(0).path("given").path("note").asString())
                .isEqualTo("left hole; right hole");
        bench.post(job + "/steps/undo", null);
        assertThat(parts()).containsExactly("2 × ball", "ball");
    }

    @Test
    void keepsAStepThatOthersHangOn() {
        var cover = log("cover", "COVER");
        var gear = log("gear", "GEAR");
        var said = UUID.randomUUID();
        bench.put(
                job + "/statements/" + said,
                Map.of(
                        "kind",
                        "MUST",
                        "first",
                        cover,
                        "then",
                        gear,
                        "reason",
                        "the yoke sits in it"));

        var refused = bench.delete(job + "/steps/" + gear + "?version=" + version(gear));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail())
                .contains("1 cover must be off before 2 gear: the yoke sits in it");
        bench.delete(job + "/statements/" + said);
        assertThat(bench.delete(job + "/steps/" + gear + "?version=" + version(gear)).status())
                .isEqualTo(200);
    }

    @Test
    void tellsTheSecondOfTwoWhoMoveOneStep() {
        var a = log("a", "OTHER");
        var b = log("b", "OTHER");
        var seen = version(a);
        var other = AtBench.lead();
        other.post(job + "/steps/" + a + "/move", Map.of("version", seen, "after", b));

        var late = bench.post(job + "/steps/" + a + "/move", Map.of("version", seen, "after", b));

        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().path("changedBy").asString()).isEqualTo("Inés Roldán");
    }

    @Test
    void suggestsWhatWasTypedBefore() {
        log("thrust washer of test", "WASHER");
        var suggested = bench.get(job + "/suggestions?begins=thrust%20washer%20of").body();

        assertThat(suggested.get(0).path("part").asString()).isEqualTo("thrust washer of test");
        assertThat(bench.get(job + "/suggestions?begins=%25").body()).isEmpty();
    }

    @Test
    void tellsAnOpenScreenThatSomebodyWrote() {
        var before = bench.get(job + "/pulse").body().path("touched").asLong();
        log("cover", "COVER");
        assertThat(AtBench.lead().get(job + "/pulse").body().path("touched").asLong())
                .isGreaterThan(before);
    }

    @Test
    void namesEveryDetailThatCannotBe() {
        var detail =
                Map.of(
                        "minutes",
                        -3,
                        "massKg",
                        1e9,
                        "loose",
                        List.of(Map.of("kind", "BALL", "expected", 10_000)),
                        "envelope",
                        Map.of(
                                "shape",
                                "ROUND",
                                "width",
                                Requests.mm("wide"),
                                "length",
                                Requests.mm("0")));
        var step = Requests.step("hub", "GEAR", 1);
        step.put("detail", detail);

        var refused = bench.put(job + "/steps/" + UUID.randomUUID(), step);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("10000 is outside 0 to 9999");
        step.put("detail", Map.of("minutes", -3, "massKg", 1e9));
        var second = bench.put(job + "/steps/" + UUID.randomUUID(), step);
        assertThat(second.at("detail.minutes")).contains("A time cannot be negative.");
        assertThat(second.at("detail.massKg"))
                .contains("Mass 1000000000 kg is outside 0 to 20000 kg");
        step.put(
                "detail",
                Map.of(
                        "envelope",
                        Map.of(
                                "shape",
                                "BOX",
                                "width",
                                Requests.mm("wide"),
                                "length",
                                Requests.mm("10"))));
        var third = bench.put(job + "/steps/" + UUID.randomUUID(), step);
        assertThat(third.at("detail.envelope.width")).contains("“wide” is not a number");
        assertThat(third.at("detail.envelope.height")).contains("Height is missing");
    }
}
