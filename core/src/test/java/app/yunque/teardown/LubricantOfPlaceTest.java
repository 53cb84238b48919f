package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.lubricant.place.PlaceSort;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: what goes on a part while it goes in, and never what does it harm. */
class LubricantOfPlaceTest {
    private static List<LubricantOfPlace> places(String sorts) {
        return sorts == null
                ? List.of()
                : Arrays.stream(sorts.split(" "))
                        .map(PlaceSort::valueOf)
                        .map(s -> new LubricantOfPlace(s, s.name(), "can"))
                        .toList();
    }

    @ParameterizedTest(name = "{0}, {1}, among {2}: {3}")
    @CsvSource({
        "ball bearing, BEARING, BEARING GEARS, BEARING",
        "ball bearing, BEARING, GEARS, GEARS",
        "ball bearing, BEARING, WINCH_GEARS PAWLS, WINCH_GEARS",
        "ball bearing, BEARING, GEARS WORM, ",
        "ball bearing, BEARING, PAWLS CHAIN WAYS_LYING, ",
        "ball bearing, BEARING, SPINDLE HEADSTOCK, SPINDLE",
        "pawl, PAWL, WINCH_GEARS PAWLS, PAWLS",
        "pawl, PAWL, WINCH_GEARS, ",
        "pawl spring, SPRING, WINCH_GEARS PAWLS, PAWLS",
        "return spring, SPRING, WINCH_GEARS PAWLS, ",
        "ratchet gear, GEAR, WINCH_GEARS PAWLS, PAWLS",
        "drum gear, GEAR, WINCH_GEARS PAWLS, WINCH_GEARS",
        "drive gear, GEAR, OPEN_GEARS GEARS, OPEN_GEARS",
        "nylon gear, GEAR, PLASTIC_GEARS GEARS, PLASTIC_GEARS",
        "nylon gear, GEAR, SMALL_BOX, ",
        "brake disc, OTHER, GEARS WINCH_GEARS, ",
        "worm, WORM, ACTUATOR_BOX STEM_NUT, ACTUATOR_BOX",
        "lead screw, SCREW, STEM_NUT GEARS, STEM_NUT",
        "cover screw, SCREW, STEM_NUT GEARS, ",
        "bush, BUSH, WINCH_GEARS, WINCH_GEARS",
        "input shaft, SHAFT, GEARS, "
    })
    void onePlaceStandsOut(String part, PartKind kind, String sorts, PlaceSort from) {
        assertThat(
                        LubricantOfPlace.of(step(1, part, kind).build(), places(sorts))
                                .map(LubricantOfPlace::sort)
                                .orElse(null))
                .isEqualTo(from);
    }

    /** Every part kind and every place: no grease where grease does harm, nothing on linings, oil only on pawls. */
    @Test
    void nothingThatDoesHarmIsEverPutOn() {
        for (var kind : PartKind.values()) {
            for (var name :
                    List.of("pawl", "ratchet", "brake lining", "nylon gear", "plain part")) {
                for (var sort : PlaceSort.values()) {
                    var given =
                            LubricantOfPlace.of(
                                    step(1, name, kind).build(),
                                    List.of(new LubricantOfPlace(sort, "place", "can")));
                    if (name.equals("pawl") || name.equals("ratchet")) {
                        assertThat(given.filter(LubricantOfPlace::isGrease))
                                .as(kind + " " + name + " " + sort)
                                .isEmpty();
                    }
                    if (name.equals("nylon gear")) {
                        assertThat(given.filter(p -> p.sort() != PlaceSort.PLASTIC_GEARS))
                                .as(kind + " " + sort)
                                .isEmpty();
                    }
                    if (name.equals("brake lining")) {
                        assertThat(given).as(kind + " " + sort).isEmpty();
                    }
                    assertThat(given.filter(p -> p.sort() == PlaceSort.LININGS)).isEmpty();
                }
            }
        }
    }

    @Test
    void theCardSaysItAndTheBearingIsNotOiledInAGreasedBox() {
        var bearing = step(1, "ball bearing", PartKind.BEARING).build();
        var card =
                RebuildOrder.of(
                                List.of(bearing),
                                Set.of(),
                                List.of("input shaft"),
                                List.of(),
                                List.of(
                                        new LubricantOfPlace(
                                                PlaceSort.WINCH_GEARS,
                                                "gears and drum",
                                                "Calcium grease 2")),
                                java.util.Map.of())
                        .cards()
                        .get(0);
        assertThat(card.lubricant()).isEqualTo("Calcium grease 2 (gears and drum)");
        assertThat(card.checks()).contains("Spins free by hand, no tick, greased before it turns.");
        var dry =
                RebuildOrder.of(List.of(bearing), Set.of(), List.of("input shaft")).cards().get(0);
        assertThat(dry.lubricant()).isEmpty();
        assertThat(dry.checks()).contains("Spins free by hand, no tick, oiled before it turns.");
    }

    @Test
    void whatIsUsualIsSaidInFewWords() {
        assertThat(PlaceSort.PAWLS.usually()).isEqualTo("oil ISO VG 22");
        assertThat(PlaceSort.GEARS.usually()).isEqualTo("the oil of the bath; Fill says which");
        assertThat(PlaceSort.STEM_NUT.usually()).isEqualTo("grease NLGI 1 to 2");
        assertThat(PlaceSort.SMALL_BOX.usually()).isEqualTo("grease NLGI 00 to 0");
        assertThat(PlaceSort.LININGS.usually()).isEmpty();
        assertThat(PlaceSort.HYDROSTATIC.usually()).isEqualTo("only what the plate says");
    }
}
