package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.ArrayList;
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

/** A strip that is put right while it is taken down, and planned backwards. */
@ExtendWith(RunningApp.class)
class StripTest {
    private final AtBench bench = AtBench.mechanic();
    private String job = "";

    @BeforeEach
    void open() {
        job = "/api/jobs/" + Requests.openedForStrip(bench);
    }

    private UUID log(String part, String kind, Map<String, Object> more) {
        var id = UUID.randomUUID();
        var step = Requests.step(part, kind, 1);
        step.putAll(more);
        var answer = bench.put(job + "/steps/" + id, step);
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return id;
    }

    private UUID log(String part, String kind) {
        return log(part, kind, Map.of());
    }

    private JsonNode view() {
        return bench.get(job).body();
    }

    private List<String> parts() {
        var parts = new ArrayList<String>();
        view().path("steps").forEach(s -> parts.add(s.path("inWords").asString()));
        return parts;
    }

    private long version(UUID id) {
        for (var step : view().path("steps")) {
            if (step.path("id").asString().equals(id.toString())) {
                return step.path("given").path("version").asLong();
            }
        }
        throw new IllegalStateException("no step " + id);
    }

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

    @Test
    void suggestsWhatWasTypedBefore() {
        log("thrust washer of test", "WASHER");
        var suggested = bench.get(job + "/suggestions?begins=thrust%20washer%20of").body();

        assertThat(suggested.get(0).path("part").asString()).isEqualTo("thrust washer of test");
        assertThat(bench.get(job + "/suggestions?begins=%25").body()).isEmpty();
    }

    private void blindShaft() {
        var opening =
                Map.of(
                        "name",
                        "side hole",
                        "shape",
                        "ROUND",
                        "width",
                        Requests.mm("80"),
                        "closedBy",
                        "");
        var version = view().path("unit").path("version").asLong();
        var laid =
                bench.put(
                        job + "/layout",
                        Map.of(
                                "version",
                                version,
                                "layout",
                                Map.of("axes", List.of(), "openings", List.of(opening))));
        assertThat(laid.status()).as(laid.detail()).isEqualTo(200);
    }

    private static Map<String, Object> size(String diameter, String length) {
        return Map.of(
                "side",
                "MIDDLE",
                "detail",
                Map.of(
                        "envelope",
                        Map.of(
                                "shape",
                                "ROUND",
                                "width",
                                Requests.mm(diameter),
                                "length",
                                Requests.mm(length))));
    }

    @Test
    void explainsAPassageThatForbidsTheLog() {
        blindShaft();
        log("hub", "GEAR", size("79", "28"));
        log("big hub", "GEAR", size("96", "28"));
        log("feed shaft", "SHAFT", size("30", "220"));

        assertThat(view().path("contradiction").asString())
                .contains("“big hub” must come off before “feed shaft”")
                .contains("big hub, Ø96 × 28, does not pass the side hole (Ø80)");
        var plan = bench.get(job + "/plan").body();
        assertThat(plan.path("contradiction").path("frees")).isNotEmpty();
        assertThat(plan.path("planned").isMissingNode()).isTrue();
    }

    @Test
    void choosesAPlannedOrderAndDealsTheCardsByIt() {
        var tool =
                new HashMap<String, Object>(
                        Map.of("detail", Map.of("tool", "hex 5", "minutes", 3)));
        var ring = Map.<String, Object>of("detail", Map.of("tool", "pliers", "minutes", 3));
        log("left plate", "COVER", tool);
        log("left ring", "CIRCLIP", ring);
        tool.put("side", "RIGHT");
        log("right plate", "COVER", tool);
        var right = new HashMap<>(ring);
        right.put("side", "RIGHT");
        log("right ring", "CIRCLIP", right);
        var plan = bench.get(job + "/plan").body();
        assertThat(plan.path("asLogged").path("minutes").asDouble()).isEqualTo(16);
        assertThat(plan.path("planned").path("minutes").asDouble()).isEqualTo(14);

        var chosen =
                bench.put(job + "/plan/order", Map.of("steps", plan.path("planned").path("order")));

        assertThat(chosen.status()).as(chosen.detail()).isEqualTo(200);
        assertThat(titles(chosen.body())).startsWith("Fit right ring", "Fit left ring");
        var half =
                bench.put(
                        job + "/plan/order",
                        Map.of("version", 0, "steps", List.of(UUID.randomUUID())));
        assertThat(half.status()).isEqualTo(422);
        assertThat(half.at("steps")).contains("plan it again");
    }

    private static List<String> titles(JsonNode view) {
        var titles = new ArrayList<String>();
        view.path("rebuild").forEach(c -> titles.add(c.path("title").asString()));
        return titles;
    }

    @Test
    void letsOnlyALeadWaiveACheck() {
        var bearing = log("bearing", "BEARING");
        var waived =
                Map.of(
                        "done",
                        true,
                        "refitted",
                        1,
                        "renewed",
                        0,
                        "scrapped",
                        0,
                        "reason",
                        "",
                        "waiver",
                        "a tick at hand speed, spare in two weeks");
        var refused = bench.put(job + "/fittings/" + bearing, waived);
        assertThat(refused.status()).isEqualTo(403);
        assertThat(AtBench.lead().put(job + "/fittings/" + bearing, waived).status())
                .isEqualTo(200);
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

    @Test
    void carriesATeardownToAnotherJobAsAFile() {
        blindShaft();
        var cover = log("cover", "COVER", Map.of("detail", Map.of("tool", "hex 5", "minutes", 4)));
        var shaft = log("feed shaft", "SHAFT", size("30", "220"));
        bench.put(
                job + "/statements/" + UUID.randomUUID(),
                Map.of("kind", "MUST", "first", cover, "then", shaft, "reason", "it holds it"));
        bench.file(
                "PUT",
                job + "/photos/" + UUID.randomUUID() + "?step=" + cover,
                Pictures.jpeg(40, 30));
        bench.put(
                job + "/done/" + UUID.randomUUID(),
                Map.of(
                        "act",
                        "DISCONNECT",
                        "line",
                        "motor wires: red on +",
                        "after",
                        cover,
                        "back",
                        true));
        var zip = bench.get(job + "/teardown.zip").bytes();
        var json = bench.get(job + "/teardown.json").bytes();

        var other = "/api/jobs/" + Requests.openedForStrip(bench);
        var read = bench.file("POST", other + "/teardown", zip);
        assertThat(read.status()).as(read.detail()).isEqualTo(200);
        assertThat(read.body().path("steps")).hasSize(2);
        assertThat(read.body().path("photos")).hasSize(1);
        var done = read.body().path("done").get(0).path("given");
        assertThat(done.path("line").asString()).isEqualTo("motor wires: red on +");
        assertThat(done.path("after").asString())
                .as("after the cover of this job")
                .isEqualTo(read.body().path("steps").get(0).path("id").asString());
        assertThat(done.path("back").asBoolean()).as("not put back yet here").isFalse();
        assertThat(read.body().path("statements").get(0).path("says").asString())
                .isEqualTo("1 cover must be off before 2 feed shaft: it holds it.");
        assertThat(
                        read.body()
                                .path("steps")
                                .get(0)
                                .path("given")
                                .path("detail")
                                .path("tool")
                                .asString())
                .isEqualTo("hex 5");

        var third = "/api/jobs/" + Requests.openedForStrip(bench);
        assertThat(bench.file("POST", third + "/teardown", json).body().path("steps")).hasSize(2);
        for (var bad : List.of("not json", "{\"format\":\"x\"}", "[]", "PK\u0003\u0004broken")) {
            var refused =
                    bench.file(
                            "POST",
                            third + "/teardown",
                            bad.getBytes(java.nio.charset.StandardCharsets.UTF_8));
            assertThat(refused.status()).as(bad).isEqualTo(422);
            assertThat(refused.at("file")).as(bad).isNotEmpty();
        }
        assertThat(bench.get(third).body().path("steps")).hasSize(2);
    }

    /** Two mechanics on the strips of the demo: at most 5 % above what nothing can beat. */
    @Test
    void sharesTheStripsOfTheDemoBetweenTwo() {
        for (int number : new int[] {4, 6, 7, 8, 9}) {
            var plan = bench.get("/api/jobs/" + number + "/plan").body();
            var two = plan.path("withTwo");
            assertThat(two.path("minutes").asDouble())
                    .as("job " + number)
                    .isPositive()
                    .isLessThan(0.85 * plan.path("planned").path("minutes").asDouble())
                    .isLessThanOrEqualTo(1.7 * two.path("boundMinutes").asDouble());
        }
    }

    /** The next strip of a unit starts from the last one, and says what is not as it was. */
    @Test
    void flagsWhatIsNotAsLastTime() {
        log("spacer", "SPACER", Map.of("count", 2, "wayRound", "chamfer in"));
        log("gear", "GEAR");
        var unit = view().path("unit").path("id").asString();
        var signed = AtBench.lead().post(job + "/sign", Requests.allTheSame("trial strip only"));
        assertThat(signed.status()).as(signed.detail()).isEqualTo(200);
        var again =
                bench.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit,
                                "complaint",
                                "Growls again"));
        job = "/api/jobs/" + again.body().path("job").path("number").asLong();
        bench.put(job + "/permission", Requests.permission());
        bench.put(job + "/isolation", Requests.isolation());
        assertThat(again.body().path("guide").path("sameUnit").asBoolean()).isTrue();
        assertThat(again.body().path("known")).hasSize(2);

        log("spacer", "SPACER", Map.of("wayRound", "chamfer out"));
        log("extra shim", "SHIM");

        var says = new ArrayList<String>();
        view().path("differences").forEach(d -> says.add(d.path("says").asString()));
        assertThat(says)
                .containsExactly(
                        "Spacer: 1 now, 2 last time.",
                        "Spacer faced “chamfer in” last time, now “chamfer out”.",
                        "Extra shim was not there last time.");
        assertThat(view().path("known")).hasSize(1);
    }
}
