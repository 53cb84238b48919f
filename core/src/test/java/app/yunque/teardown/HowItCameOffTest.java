package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.teardown.StepDetail.Body;
import app.yunque.teardown.StepDetail.Found;
import app.yunque.teardown.StepDetail.Work;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rules W07, W13, W14, W15, W22 to W24 of the trade brief and neighbours; common practice, no source. */
class HowItCameOffTest {
    private static List<String> titles(TeardownStep... steps) {
        return WatchList.of(List.of(steps)).warnings().stream()
                .map(WatchList.Warning::title)
                .toList();
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource({
        "'puller on the outer ring', Drawn through its balls: bearing",
        "'with puller, through the balls', Drawn through its balls: bearing",
        "'pulled off with two legs', On which ring did it pull? bearing",
        "'puller behind the inner ring', ",
        "'not drawn through the balls', ",
        "'slid off by hand', ",
    })
    void aBearingIsJudgedByTheRingItWasDrawnBy(String note, String title) {
        var bearing = step(1, "bearing", PartKind.BEARING).note(note).build();
        assertThat(titles(bearing)).isEqualTo(title == null ? List.of() : List.of(title));
    }

    /** What it is called tells what it is, not how it came off. */
    @Test
    void aDrawnCupBearingWasNotDrawn() {
        assertThat(titles(step(1, "drawn cup needle bearing", PartKind.BEARING).build())).isEmpty();
    }

    @Test
    void aBearingOfTheHousingIsNotAskedForItsRing() {
        assertThat(
                        titles(
                                step(1, "bearing", PartKind.BEARING)
                                        .on(0, Side.MIDDLE)
                                        .note("pulled")
                                        .build()))
                .isEmpty();
    }

    @ParameterizedTest(name = "{0} → {2}")
    @CsvSource({
        "roll pin, PIN, Driven twice it holds no more: roll pin",
        "circlip, CIRCLIP, Opened once: circlip",
        "copper washer, WASHER, Crushed once: copper washer",
        "crush washer, WASHER, Crushed once: crush washer",
        "thrust washer, WASHER, ",
        "dowel pin, PIN, ",
    })
    void tellsWhatHoldsOnce(String part, PartKind kind, String title) {
        assertThat(titles(step(1, part, kind).build()))
                .isEqualTo(title == null ? List.of() : List.of(title));
    }

    @Test
    void aHubStillFastMeansASecondScrew() {
        var hard = new Found("still fast", "", "", null, null, List.of());
        var hub = step(1, "pulley", PartKind.COUPLING).note("one set screw out").found(hard);
        assertThat(titles(hub.build())).containsExactly("Look under the set screw: pulley");
        var known =
                new Fastening(
                        1, "M6", null, false, null, "", "", Fastening.Locking.SECOND_SCREW, null);
        assertThat(titles(hub.fastened(known).build()))
                .containsExactly("Set screw under a set screw: pulley");
        assertThat(titles(step(1, "pulley", PartKind.COUPLING).note("one set screw out").build()))
                .isEmpty();
        assertThat(titles(step(1, "pulley", PartKind.COUPLING).found(hard).build())).isEmpty();
    }

    @Test
    void heatIsToldOfASealThatWasStillInPlace() {
        var heated =
                step(1, "cone", PartKind.BEARING)
                        .work(new Work("torch", "", "", null, 1))
                        .note("by the inner ring")
                        .build();
        var seal = step(2, "oil seal", PartKind.SEAL).wayRound("lip in").build();
        assertThat(titles(heated, seal))
                .containsExactly(
                        "Heat beside a seal: cone", "One way: oil seal", "Single use: oil seal");
        var first = step(1, "oil seal", PartKind.SEAL).wayRound("lip in").build();
        var after =
                step(2, "cone", PartKind.BEARING)
                        .work(new Work("torch", "", "", null, 1))
                        .note("by the inner ring")
                        .build();
        assertThat(titles(first, after)).doesNotContain("Heat beside a seal: cone");
        var elsewhere =
                step(2, "oil seal", PartKind.SEAL).on(2, Side.LEFT).wayRound("lip in").build();
        assertThat(titles(heated, elsewhere)).doesNotContain("Heat beside a seal: cone");
        var cold = step(1, "cone", PartKind.BEARING).note("by the inner ring, no heat").build();
        assertThat(titles(cold, seal)).doesNotContain("Heat beside a seal: cone");
    }

    @ParameterizedTest(name = "{0} {2}")
    @CsvSource({
        "key, KEY, SOUND, the keyway of the key",
        "locknut, NUT, SOUND, the thread of the locknut",
        "circlip, CIRCLIP, SOUND, the groove of the circlip",
        "collar, SPACER, CORRODED, rust at the collar",
        "collar, SPACER, SOUND, ",
    })
    void aLipIsCutByWhatItPasses(String part, PartKind kind, Condition found, String edge) {
        var outer = step(1, part, kind).found(found).build();
        var seal = step(2, "oil seal", PartKind.SEAL).build();
        var told =
                WatchList.of(List.of(outer, seal)).warnings().stream()
                        .filter(w -> w.title().equals("The lip passes an edge: oil seal"))
                        .toList();
        assertThat(told).hasSize(edge == null ? 0 : 1);
        if (edge != null) {
            assertThat(told.get(0).consequence()).startsWith("On its way: " + edge + ". Sleeve");
        }
        var other = step(1, part, kind).on(1, Side.RIGHT).found(found).build();
        assertThat(titles(other, seal)).doesNotContain("The lip passes an edge: oil seal");
        var inner = step(3, part, kind).found(found).build();
        assertThat(titles(seal, inner)).doesNotContain("The lip passes an edge: oil seal");
    }

    @Test
    void unlikeNumbersOfGasketsAreToldUntilTheyAreMeasured() {
        var left = step(1, "gasket", PartKind.GASKET).count(2);
        var right = step(2, "gasket", PartKind.GASKET).on(1, Side.RIGHT);
        assertThat(titles(left.build(), right.build())).contains("Gaskets differ in number");
        assertThat(titles(left.build(), right.count(2).build()))
                .doesNotContain("Gaskets differ in number");
        var thick = new Body(null, List.of(), null, 0.25, null);
        assertThat(titles(left.body(thick).build(), right.count(1).body(thick).build()))
                .contains("Left and right differ")
                .doesNotContain("Gaskets differ in number");
    }

    @Test
    void overAnOpenCaseTheFirstSmallThingIsTold() {
        var cover = step(1, "cover", PartKind.COVER).on(0, Side.MIDDLE).build();
        var key = step(2, "key", PartKind.KEY).build();
        var pin = step(3, "dowel", PartKind.PIN).build();
        assertThat(titles(cover, key, pin))
                .filteredOn(t -> t.startsWith("Over an open case"))
                .containsExactly("Over an open case: key");
        assertThat(titles(key, pin)).noneMatch(t -> t.startsWith("Over an open case"));
    }

    @ParameterizedTest(name = "{0} / {1}: {2}")
    @CsvSource({
        "wheel left-hand helix, wheel right-hand helix, true",
        "wheel LH helical, wheel RH helical, true",
        "wheel LH helical, wheel LH helical, false",
        "wheel, wheel right-hand helix, false",
    })
    void equalTeethOfOppositeHandLookAlike(String one, String other, boolean alike) {
        var teeth = new Body(null, List.of(), null, null, 38);
        var a = step(1, one, PartKind.GEAR).body(teeth).build();
        var b = step(2, other, PartKind.GEAR).body(teeth).build();
        assertThat(titles(a, b).stream().anyMatch(t -> t.startsWith("Gears look alike")))
                .isEqualTo(alike);
    }

    @Test
    void everySetOfScrewsIsWatched() {
        var cover =
                step(1, "cover", PartKind.COVER)
                        .screws(4, "M8", 25, false)
                        .alsoHeldBy(
                                new Fastening(2, "M8", 40.0, false, null, ""),
                                new Fastening(1, "M10x1.25", null, true, null, ""))
                        .build();
        assertThat(titles(cover)).contains("Screws look alike", "Left-hand thread M10×1.25");
        var card =
                RebuildOrder.of(List.of(cover), java.util.Set.of(), List.of("input shaft"))
                        .cards()
                        .get(0);
        assertThat(card.fasten())
                .contains(
                        "4 × M8, 25 mm", " · and 2 × M8, 40 mm", " · and 1 × M10×1.25, left-hand");
        // 4 + 2 + 1 screws round one flange, every place once.
        assertThat(card.tightening()).containsExactlyInAnyOrder(1, 2, 3, 4, 5, 6, 7);
    }

    @Test
    void tightensByFeelWhereNoFigureIsMeant() {
        var nut =
                new Fastening(
                        1,
                        "M5",
                        10.0,
                        false,
                        null,
                        "",
                        "",
                        Fastening.Locking.NONE,
                        null,
                        Fastening.AsTyped.CANONICAL,
                        "finger tight");
        var card =
                RebuildOrder.of(
                                List.of(step(1, "cap", PartKind.COVER).fastened(nut).build()),
                                java.util.Set.of(),
                                List.of("input shaft"))
                        .cards()
                        .get(0);
        assertThat(card.fasten()).isEqualTo("1 × M5, 10 mm, finger tight; by feel");
    }
}
