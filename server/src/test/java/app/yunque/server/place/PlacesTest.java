package app.yunque.server.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import app.yunque.server.bench.Requests;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApp.class)
class PlacesTest {
    private final UnitAtBench its = new UnitAtBench();
    private final AtBench bench = its.bench;

    private String can(String name, String base, String additive, String viscosity, String litres) {
        var id = UUID.randomUUID().toString();
        var card = canCard(name, base, additive, viscosity, litres);
        assertThat(bench.put("/api/lubricants/" + id, card).status()).isEqualTo(200);
        return id;
    }

    private static Map<String, Object> canCard(
            String name, String base, String additive, String viscosity, String litres) {
        var can = new HashMap<String, Object>();
        can.put("name", name);
        can.put("base", base);
        can.put("additive", additive);
        can.put("viscosity", Requests.in("", viscosity));
        can.put("food", false);
        can.put("solids", false);
        can.put("lot", "");
        can.put("amount", Requests.in("L", litres));
        can.put("flash", Requests.in("°C", "210"));
        return can;
    }

    private static Map<String, Object> from(String can, String litres) {
        var fill = Requests.fill(litres);
        fill.put("lubricant", can);
        fill.put("can", "");
        return fill;
    }

    private double left(String can) {
        return Double.parseDouble(
                bench.get("/api/lubricants")
                        .body()
                        .valueStream()
                        .filter(l -> l.path("id").asString().equals(can))
                        .findFirst()
                        .orElseThrow()
                        .path("given")
                        .path("amount")
                        .path("text")
                        .asString());
    }

    /** Drops and "to the plug" are ways to say an amount; a box without either is still asked for one. */
    @Test
    void anAmountIsSaidAsItIsPutIn() {
        var oil = can("Trial 320 D", "MINERAL", "MILD_EP", "320", "30");
        var sump = its.describe(Requests.sump("95"));
        var path = its.job + "/places/" + sump + "/fill";
        var unsaid = from(oil, "10");
        unsaid.remove("amount");
        assertThat(bench.put(path, unsaid).at("amount")).contains("filled to its plug or mark");
        unsaid.put("toTheMark", true);
        var kept = bench.put(path, unsaid);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(left(oil)).as("nobody measured what was drawn").isEqualTo(30);
        var fill =
                bench.get(its.job)
                        .body()
                        .path("places")
                        .valueStream()
                        .filter(p -> p.path("id").asString().equals(sump.toString()))
                        .findFirst()
                        .orElseThrow()
                        .path("fill");
        assertThat(fill.path("says").asString()).startsWith("Filled to its plug or mark");
        assertThat(fill.path("verdict").asString()).isEqualTo("NOT_JUDGED");
        assertThat(fill.path("given").path("toTheMark").asBoolean()).isTrue();

        // Twenty drops to the millilitre: 2000 drops are 0.1 L.
        var dropped = from(oil, "10");
        dropped.put("amount", Requests.in("drops", "2000"));
        dropped.put("version", 0);
        assertThat(bench.put(path, dropped).status()).isEqualTo(200);
        assertThat(left(oil)).isCloseTo(29.9, org.assertj.core.api.Assertions.within(1e-9));
    }

    /** What goes on a bearing while it goes in stands on its card: by the plate, or what was filled. */
    @Test
    void theCardOfABearingNamesItsOil() {
        var bearing = UUID.randomUUID();
        bench.put(its.job + "/steps/" + bearing, Requests.step("ball bearing", "BEARING", 1));
        var oil = can("Trial 320 C", "MINERAL", "MILD_EP", "320", "30");
        var sump = its.describe(Requests.sump("95"));
        assertThat(card().path("lubricant").asString())
                .isEqualTo("the oil of the bath; Fill says which (sump)");
        bench.put(its.job + "/places/" + sump + "/fill", from(oil, "10"));
        assertThat(card().path("lubricant").asString()).isEqualTo("Trial 320 C (sump)");
    }

    /** The screen sends what was typed as a day as it is: it is refused at its field, and nothing is kept. */
    @Test
    void whatIsNoDayIsRefusedAtItsField() {
        var sump = its.describe(Requests.sump("95"));
        var path = "/api/places/" + sump + "/fills/" + UUID.randomUUID();
        for (var typed : List.of("31.11.2026", "2026-02-30", "soon")) {
            var fill = Requests.fill("10");
            fill.put("on", typed);
            var refused = bench.put(path, fill);
            assertThat(refused.status()).as(typed).isEqualTo(422);
            assertThat(refused.at("on")).as(typed).contains(typed).contains("no day");
        }
        assertThat(bench.get("/api/places/" + sump + "/fills").body()).isEmpty();
    }

    /** By the plate another grade, with a job: it stands there, the sheet asks for it, and what was filled is the old one. */
    @Test
    void aJobChangesTheLubricantOfAPlace() {
        var sump = its.describe(Requests.sump("95"));
        var was = its.place(sump).path("wanted").asString();
        var other = plated("CLP 460", its.place(sump).path("given").path("version").asLong());
        var path = "/api/units/" + its.unit + "/places/" + sump;
        var number = its.job.replace("/api/jobs/", "");
        assertThat(bench.put(path + "?job=" + number, other).at("because")).contains("missing");
        assertThat(bench.put(path + "?because=x&job=999999", other).status()).isEqualTo(404);
        assertThat(its.place(sump).path("wanted").asString()).isEqualTo(was);

        var kept = bench.put(path + "?because=runs%20hot&job=" + number, other);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(its.place(sump).path("wanted").asString()).contains("460").isNotEqualTo(was);
        var changes = bench.get(its.job).body().path("unitChanges");
        assertThat(changes).hasSize(1);
        assertThat(changes.get(0).path("given").path("was").asString()).isEqualTo(was);
        assertThat(changes.get(0).path("given").path("becomes").asString())
                .startsWith("sump: ")
                .contains("460");
        assertThat(changes.get(0).path("provedAgain").asBoolean()).isFalse();

        var same = plated("CLP 460", its.place(sump).path("given").path("version").asLong());
        assertThat(bench.put(path + "?because=again&job=" + number, same).status()).isEqualTo(200);
        assertThat(bench.get(its.job).body().path("unitChanges")).hasSize(1);
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> plated(String plate, long version) {
        var place = new HashMap<>(Requests.sump("95"));
        var entries = new HashMap<>((Map<String, Object>) place.get("entries"));
        var fields = new HashMap<>((Map<String, Object>) entries.get("fields"));
        fields.put("plate", Requests.in("", plate));
        entries.put("fields", fields);
        place.put("entries", entries);
        place.put("version", version);
        return place;
    }

    private tools.jackson.databind.JsonNode card() {
        return bench.get(its.job)
                .body()
                .path("rebuild")
                .valueStream()
                .filter(c -> c.path("title").asString().contains("ball bearing"))
                .findFirst()
                .orElseThrow();
    }

    /** Papers fill the sheet, the shelf gives the oil, the record says when it is due, the route is done. */
    @Test
    void fillsASumpFromTheShelf() {
        var oil = can("Trial 320", "MINERAL", "MILD_EP", "320", "30");
        var sump = its.describe(Requests.sump("95"));
        assertThat(its.place(sump).path("given").path("entries").path("readings").path("tips"))
                .as("gears of the papers")
                .hasSize(2);
        assertThat(its.place(sump).path("wanted").asString()).startsWith("ISO VG 320");

        var fill = its.job + "/places/" + sump + "/fill";
        var kept = bench.put(fill, from(oil, "10"));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(left(oil)).isEqualTo(20);
        var again = from(oil, "9.5");
        again.put("version", 0);
        assertThat(bench.put(fill, again).status()).isEqualTo(200);
        assertThat(left(oil)).as("the first ten litres went back").isCloseTo(20.5, within(1e-9));

        var done = bench.get(its.job).body().path("places").path(0).path("fill");
        assertThat(done.path("says").asString()).contains("9.5 L went in", "they agree");
        assertThat(bench.get(its.job).body().path("route").toString()).contains("\"filled\"");
        var next = its.place(sump).path("next");
        assertThat(next.path("runIn").asBoolean()).isTrue();
        assertThat(next.path("due").asString()).isEqualTo(its.today.plusDays(28).toString());
        assertThat(bench.get("/api/due").body().toString()).contains(sump);
    }

    /** Whatever was taken away comes back as it was: a fill with its litres, a sample, a can, a whole place. */
    @Test
    void whatWasTakenAwayCanBeHadBack() {
        var oil = can("Trial 220", "MINERAL", "MILD_EP", "220", "30");
        var sump = its.describe(Requests.sump("95"));
        var fill = "/api/places/" + sump + "/fills/" + UUID.randomUUID();
        var poured = from(oil, "10");
        poured.put("source", "plate");
        assertThat(bench.put(fill, poured).status()).isEqualTo(200);
        var sample = "/api/places/" + sump + "/samples/" + UUID.randomUUID();
        var drawn = its.drawn(30, 400, 12);
        assertThat(bench.put(sample, drawn).status()).isEqualTo(200);

        assertThat(bench.delete(fill + "?version=0").body()).isEmpty();
        assertThat(left(oil)).as("poured back").isEqualTo(30);
        assertThat(its.place(sump).has("next")).as("nothing in it, no date").isFalse();
        assertThat(bench.delete(fill + "?version=1").status()).as("twice").isEqualTo(404);
        assertThat(bench.delete(sample + "?version=0").body().path("samples")).isEmpty();
        assertThat(bench.delete("/api/lubricants/" + oil + "?version=2").status()).isEqualTo(200);
        var whole = "/api/units/" + its.unit + "/places/" + sump;
        assertThat(bench.delete(whole + "?version=0").body().path("places")).isEmpty();
        assertThat(bench.get("/api/places/" + sump + "/fills").status()).isEqualTo(404);

        var back = Requests.sump("95");
        back.put("version", 1);
        assertThat(bench.put(whole, back).body().path("places")).hasSize(1);
        var canBack = canCard("Trial 220", "MINERAL", "MILD_EP", "220", "30");
        canBack.put("version", 3);
        assertThat(bench.put("/api/lubricants/" + oil, canBack).status()).isEqualTo(200);
        poured.put("version", 1);
        assertThat(bench.put(fill, poured).body()).hasSize(1);
        assertThat(left(oil)).as("drawn once, not twice").isEqualTo(20);
        drawn.put("version", 1);
        assertThat(bench.put(sample, drawn).body().path("samples")).hasSize(1);
    }

    /** A screen open on the job learns of a place that somebody describes on the unit meanwhile. */
    @Test
    void aPlaceThatIsDescribedWakesTheOpenJob() {
        long before = bench.get(its.job + "/pulse").body().path("touched").asLong();
        var sump = its.describe(Requests.sump("95"));
        long described = bench.get(its.job + "/pulse").body().path("touched").asLong();
        assertThat(described).isGreaterThan(before);
        bench.delete("/api/units/" + its.unit + "/places/" + sump + "?version=0");
        assertThat(bench.get(its.job + "/pulse").body().path("touched").asLong())
                .isGreaterThan(described);
    }

    @Test
    void anOilThatHarmsNeedsAReasonWithAName() {
        var sulphur = can("Trial hypoid", "MINERAL", "ACTIVE_SULPHUR", "460", "30");
        var fields = new HashMap<String, Object>();
        fields.put("sort", Requests.in("", "WORM"));
        fields.put("meets1", Requests.in("", "BRONZE_WORM_WHEEL"));
        fields.put("plate", Requests.in("", "ISO VG 460"));
        fields.put("lengthMm", Requests.mm("200"));
        fields.put("widthMm", Requests.mm("120"));
        fields.put("heightMm", Requests.mm("230"));
        fields.put("arrangement", Requests.in("", "NONE"));
        fields.put("levelMm", Requests.mm("40"));
        var box = its.describe(Requests.place("worm box", fields));
        var fill = from(sulphur, "2");
        var refused = bench.put(its.job + "/places/" + box + "/fill", fill);
        assertThat(refused.at("despite"))
                .contains("may not go there", "bronze", "your name stands beside it");
        assertThat(left(sulphur)).as("nothing was drawn").isEqualTo(30);
        // The same from a can that is not on the shelf, as far as its letters tell it.
        var typed = Requests.fill("2");
        typed.put("can", "GL-5 80W-90");
        assertThat(bench.put(its.job + "/places/" + box + "/fill", typed).at("despite"))
                .contains("GL-5 80W-90 may not go there", "bronze");
        fill.put("despite", "maker's letter, copper strip 1b");
        assertThat(bench.put(its.job + "/places/" + box + "/fill", fill).status()).isEqualTo(200);
        var report = bench.get(its.job + "/report").bytes();
        assertThat(new String(report, java.nio.charset.StandardCharsets.UTF_8))
                .contains("In spite of a finding against it: maker&#39;s letter");
    }

    @Test
    void everyFaultOfAFillIsToldWithAWayOut() {
        var thin = can("Trial 68", "MINERAL", "NONE", "68", "3");
        var sump = its.describe(Requests.sump("95"));
        var path = its.job + "/places/" + sump + "/fill";
        assertThat(bench.put(path, from(thin, "2")).at("source"))
                .contains("another kind or grade than the wanted one, ISO VG 320");
        var tooMuch = from(thin, "10");
        tooMuch.put("source", "plate");
        assertThat(bench.put(path, tooMuch).at("amount")).contains("Only 3 L are left of Trial 68");
        assertThat(bench.put(path, Requests.fill("-3")).at("amount")).contains("is outside");
        var inKilos = Requests.fill("3");
        inKilos.put("amount", Requests.in("kg", "3"));
        assertThat(bench.put(path, inKilos).at("amount")).contains("“kg” is not a unit");
        var nameless = Requests.fill("10");
        nameless.put("can", "");
        assertThat(bench.put(path, nameless).at("can")).contains("missing");
        var left = Requests.fill("10");
        left.put("kind", "LEFT");
        assertThat(bench.put(path, left).at("source")).contains("Why it is left");
        left.put("source", "changed last month");
        assertThat(bench.put(path, left).status()).isEqualTo(200);
    }

    @Test
    void everyFaultOfASheetIsToldAtItsField() {
        var path = "/api/units/" + its.unit + "/places/" + UUID.randomUUID();
        assertThat(bench.put(path, Requests.sump("250")).at("levelMm"))
                .contains("outside 0 to 200");
        assertThat(bench.put(path, Requests.sump("-5")).at("levelMm")).contains("outside 0 to 200");
        assertThat(with("stands", "", "WALL").at("stands"))
                .contains("was measured on its feet", "on a wall");
        assertThat(with("coldest", "°C", "60").at("coldest")).contains("60 °C");
        // A plate that cannot be read is set aside, and the sheet goes on.
        assertThat(with("plate", "", "AGMA 12").status()).isEqualTo(200);
        assertThat(with("plate", "", "SAE 20W-50").status()).isEqualTo(200);
        assertThat(with("axesMm", "mm", "40").at("axesMm")).contains("would touch the floor");
        assertThat(with("residueL", "L", "90").at("residueL")).contains("more than the");
        assertThat(bench.put(path, Map.of("name", "sump")).at("entries")).contains("missing");
    }

    /** Plate, then good experience, then the table. */
    @Test
    void thePlateWinsThenWhatHasDoneWell() {
        var place = new HashMap<>(Requests.sump("95"));
        var fields = new HashMap<String, Object>();
        fields.putAll(fieldsOf(place));
        place.put("entries", Map.of("fields", fields, "readings", Map.of()));
        fields.put("experience", Requests.in("", "CLP 220"));
        var sump = its.describe(place);
        assertThat(its.place(sump).path("wanted").asString()).contains("ISO VG 220");
        place.put("version", 0);
        fields.put("plate", Requests.in("", "AGMA 4 EP"));
        assertThat(bench.put("/api/units/" + its.unit + "/places/" + sump, place).status())
                .isEqualTo(200);
        assertThat(its.place(sump).path("wanted").asString()).contains("ISO VG 150");
        assertThat(with("experience", "", "the red can").status()).isEqualTo(200);
        fields.put("plate", Requests.in("", "the red can"));
        place.put("version", 1);
        assertThat(bench.put("/api/units/" + its.unit + "/places/" + sump, place).status())
                .isEqualTo(200);
        assertThat(its.place(sump).path("wanted").asString())
                .as("what has done well counts where the plate cannot be read")
                .contains("ISO VG 220");
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> fieldsOf(Map<String, Object> place) {
        return (Map<String, Object>) ((Map<String, Object>) place.get("entries")).get("fields");
    }

    private AtBench.Answer with(String field, String measure, String text) {
        var place = Requests.sump("95");
        fieldsOf(place).put(field, Requests.in(measure, text));
        return bench.put("/api/units/" + its.unit + "/places/" + UUID.randomUUID(), place);
    }

    @Test
    void theDataSheetSpeaksForColdAndFire() {
        var id = can("Trial of the cold", "MINERAL", "MILD_EP", "320", "30");
        var stiff = new HashMap<String, Object>();
        stiff.put("version", 0);
        stiff.put("name", "Trial of the cold");
        stiff.put("base", "MINERAL");
        stiff.put("additive", "MILD_EP");
        stiff.put("viscosity", Requests.in("", "320"));
        stiff.put("food", false);
        stiff.put("solids", false);
        stiff.put("lot", "");
        stiff.put("amount", Requests.in("L", "30"));
        stiff.put("pour", Requests.in("°C", "-3"));
        stiff.put("flash", Requests.in("°C", "62"));
        assertThat(bench.put("/api/lubricants/" + id, stiff).status()).isEqualTo(200);
        var sump = its.describe(Requests.sump("95"));
        var path = its.job + "/places/" + sump + "/fill";
        assertThat(bench.put(path, from(id, "9.5")).at("lubricant"))
                .as("30 °C and 40 K of work are above 62 °C")
                .contains("70 °C is at or above the flash point", "62 °C");
        stiff.put("version", 1);
        stiff.put("flash", Requests.in("°C", "200"));
        assertThat(bench.put("/api/lubricants/" + id, stiff).status()).isEqualTo(200);
        assertThat(bench.put(path, from(id, "9.5")).at("despite"))
                .contains("may not flow at 0 °C: pour point −3 °C");
    }

    /** Changed without a job, topped up, greased by another kind. */
    @Test
    void aPlaceIsKeptUpWithoutAJob() {
        var sump = its.describe(Requests.sump("95"));
        var change = Requests.fill("10");
        change.put("on", its.today.minusDays(100).toString());
        var fills = "/api/places/" + sump + "/fills/";
        assertThat(bench.put(fills + UUID.randomUUID(), change).status()).isEqualTo(200);
        assertThat(its.place(sump).path("next").path("runIn").asBoolean()).isFalse();
        var due = LocalDate.parse(its.place(sump).path("next").path("due").asString());
        assertThat(due)
                .as("10 000 h at most, capped at 24 months")
                .isEqualTo(its.today.minusDays(100).plusDays(730));
        var topUp = Requests.fill("0.5");
        topUp.put("kind", "TOPPED_UP");
        assertThat(bench.put(fills + UUID.randomUUID(), topUp).body()).hasSize(2);
        assertThat(its.place(sump).path("next").path("due").asString()).isEqualTo(due.toString());
        change.put("on", its.today.plusDays(3).toString());
        assertThat(bench.put(fills + UUID.randomUUID(), change).at("on")).contains("still to come");
    }

    /** What was filled at a job is changed only there, and a signed job keeps the places it had. */
    @Test
    void aSignedJobKeepsItsFillsAndItsPlaces() {
        var signed = bench.get("/api/jobs/3").body();
        var ofUnit = signed.path("unit").path("id").asString();
        var sump = signed.path("places").path(0);
        var fill = sump.path("fill").path("id").asString();
        var path = "/api/places/" + sump.path("id").asString() + "/fills/" + fill;
        var changed = Requests.fill("9");
        changed.put("version", sump.path("fill").path("given").path("version").asLong());
        assertThat(bench.put(path, changed).at("kind")).contains("at job 3", "Correct it there");
        assertThat(
                        bench.put(
                                        path.replace(
                                                sump.path("id").asString(),
                                                its.describe(Requests.sump("95"))),
                                        changed)
                                .status())
                .as("through the door of another place")
                .isEqualTo(404);
        var later = "/api/units/" + ofUnit + "/places/" + UUID.randomUUID();
        assertThat(
                        bench.put(
                                        later,
                                        Requests.place(
                                                "coupling",
                                                Map.of("sort", Requests.in("", "OPEN_GEARS"))))
                                .status())
                .isEqualTo(200);
        assertThat(bench.get("/api/jobs/3").body().path("places"))
                .as("not its business")
                .hasSize(1);
        assertThat(bench.delete(later + "?version=0").status()).isEqualTo(200);
        assertThat(bench.put(later, Requests.sump("95")).status())
                .as("somebody took it off meanwhile: both versions are shown")
                .isEqualTo(409);
    }

    @Test
    void aDropIsEnoughForAPawlAndNoMeterRunsBackwards() {
        var pawls = its.describe(Requests.place("pawls", Map.of("sort", Requests.in("", "PAWLS"))));
        var fills = "/api/places/" + pawls + "/fills/";
        var drop = Requests.fill("0,0005");
        assertThat(bench.put(fills + UUID.randomUUID(), drop).status()).isEqualTo(200);
        drop.put("meter", Requests.in("", "-5"));
        assertThat(bench.put(fills + UUID.randomUUID(), drop).at("meter"))
                .contains("−5 h is outside 0");
        drop.remove("meter");
        drop.put("on", "0026-11-01");
        assertThat(bench.put(fills + UUID.randomUUID(), drop).at("on")).contains("Check the year");
        drop.remove("on");
        drop.put("amount", Requests.in("L", "99999"));
        assertThat(bench.put(fills + UUID.randomUUID(), drop).at("amount")).contains("10000 L");
    }

    /** Mineral oil drained but not washed out stands against a polyglycol; after a strip and wash it does not. */
    @Test
    void whatWasPutInLastIsStillInIt() {
        var mineral = can("Trial mineral", "MINERAL", "MILD_EP", "320", "30");
        var glycol = can("Trial glycol", "PAG", "NONE", "320", "30");
        var sump = its.describe(Requests.sump("95"));
        var fills = "/api/places/" + sump + "/fills/";
        assertThat(bench.put(fills + UUID.randomUUID(), from(mineral, "9.5")).status())
                .isEqualTo(200);
        assertThat(bench.put(fills + UUID.randomUUID(), from(glycol, "9.5")).at("despite"))
                .contains("do not mix", "Flush with the new kind");
        assertThat(
                        bench.put(its.job + "/places/" + sump + "/fill", from(glycol, "9.5"))
                                .at("despite"))
                .isEmpty();
    }

    /** Nothing measured is assumed: a sheet without climate or sump is not kept, and says what is missing. */
    @Test
    void aPlaceIsNotKeptFromNumbersNobodyMeasured() {
        var fields = new HashMap<String, Object>();
        fields.put("sort", Requests.in("", "GEARS"));
        var place = new HashMap<String, Object>();
        place.put("name", "sump");
        place.put("entries", Map.of("fields", fields, "readings", Map.of()));
        var told = bench.put("/api/units/" + its.unit + "/places/" + UUID.randomUUID(), place);
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.body().path("fields").valueStream().map(f -> f.path("field").asString()))
                .contains("coldest");
        assertThat(told.at("coldest")).isNotBlank();
    }

    @Test
    void whatACallerLeavesOutIsNeverAFaultOfTheApp() {
        var sump = its.describe(Requests.sump("95"));
        var empty = Map.<String, Object>of();
        assertThat(bench.put(its.job + "/places/" + sump + "/fill", empty).at("kind"))
                .contains("Choose one");
        assertThat(
                        bench.put("/api/places/" + sump + "/samples/" + UUID.randomUUID(), empty)
                                .at("takenOn"))
                .contains("missing");
        var bare = Map.<String, Object>of("takenOn", its.today.toString(), "entries", empty);
        assertThat(
                        bench.put("/api/places/" + sump + "/samples/" + UUID.randomUUID(), bare)
                                .status())
                .isEqualTo(422);
        var blank = Map.<String, Object>of("name", "chain", "entries", empty);
        assertThat(
                        bench.put("/api/units/" + its.unit + "/places/" + UUID.randomUUID(), blank)
                                .at("pickAxisMm"))
                .as("the papers know the wheel but not how high it stands")
                .contains("missing");
        assertThat(bench.post("/api/drawers/lubricated-place", empty).status()).isEqualTo(422);
        assertThat(bench.post("/api/drawers/plate", empty).at("plate")).contains("no letters");
    }

    @Test
    void onlyPlacesOfTheUnitAreFilled() {
        var other = Requests.openedForStrip(bench);
        var sump = its.describe(Requests.sump("95"));
        var answer =
                bench.put("/api/jobs/" + other + "/places/" + sump + "/fill", Requests.fill("9"));
        assertThat(answer.status()).isEqualTo(404);
        assertThat(List.of(404, 422))
                .contains(bench.get("/api/places/" + UUID.randomUUID() + "/samples").status());
    }
}
