package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.fastener.ScrewHole;
import app.yunque.fastener.ScrewHole.Metal;
import app.yunque.fastener.TighteningOrder;
import app.yunque.teardown.StepDetail.Back;
import app.yunque.teardown.StepDetail.Body;
import app.yunque.teardown.StepDetail.Found;
import app.yunque.teardown.WatchList.Weight;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Triggers of the watch list; common practice, no source, where nothing else stands. */
class WatchListTest {
    private static Fastening screw(double lengthMm, ScrewHole hole) {
        return new Fastening(
                4,
                "M6",
                lengthMm,
                false,
                null,
                "",
                "hex 5",
                Fastening.Locking.THREADLOCK_MEDIUM,
                hole);
    }

    private static void assertWarns(
            List<TeardownStep> steps, Weight weight, String title, String consequence) {
        assertThat(WatchList.of(steps).warnings())
                .anySatisfy(
                        w -> {
                            assertThat(w.weight()).isEqualTo(weight);
                            assertThat(w.title()).isEqualTo(title);
                            assertThat(w.consequence()).contains(consequence);
                        });
    }

    private static Found found(Setting setting, StoredEnergy energy, LooseItem... loose) {
        return new Found("", "", "", setting, energy, List.of(loose));
    }

    // Geometry: grip 8, wall 10, room 6 behind it, a 25 mm screw: 25 − 8 − 10 = 7 mm stick out, 1
    // mm too many.
    @Test
    void computesWhatTheLongScrewStrikesInTheShortHole() {
        var flange =
                step(1, "flange", PartKind.COVER)
                        .fastened(
                                screw(
                                        20,
                                        new ScrewHole(
                                                8, 10, true, 6.0, "cluster gear", Metal.GREY_IRON)))
                        .build();
        var cover =
                step(2, "cover", PartKind.COVER)
                        .fastened(
                                screw(25, new ScrewHole(12, 18, false, null, "", Metal.GREY_IRON)))
                        .build();

        assertWarns(
                List.of(flange, cover),
                Weight.DANGER,
                "Screws look alike: flange",
                "The one of the cover fits its thread. The 25 mm screw strikes the cluster gear by 1.0 mm.");
    }

    @Test
    void saysWhenAMixUpIsHarmless() {
        var deep = new ScrewHole(10, 30, false, null, "", Metal.STEEL);
        var a = step(1, "left plate", PartKind.COVER).fastened(screw(25, deep)).build();
        var b = step(2, "right plate", PartKind.COVER).fastened(screw(28, deep)).build();

        assertWarns(List.of(a, b), Weight.NOTE, "Screws look alike", "No mix-up does harm");
    }

    /** Nobody takes a 110 mm screw for one of 35 mm; judgement. */
    @Test
    void mixesUpOnlyWhatAnEyeCanMixUp() {
        var deep = new ScrewHole(10, 30, false, null, "", Metal.STEEL);
        var a = step(1, "flange", PartKind.COVER).fastened(screw(35, deep)).build();
        var b = step(2, "housing", PartKind.HOUSING).fastened(screw(110, deep)).build();

        assertThat(WatchList.of(List.of(a, b)).warnings())
                .noneMatch(w -> w.title().startsWith("Screws"));
    }

    @Test
    void takesADifferentDriveForADifferentScrew() {
        var a =
                step(1, "a", PartKind.COVER)
                        .fastened(
                                new Fastening(
                                        1,
                                        "M6",
                                        20.0,
                                        false,
                                        null,
                                        "",
                                        "hex 5",
                                        Fastening.Locking.NONE,
                                        null))
                        .build();
        var b =
                step(2, "b", PartKind.COVER)
                        .fastened(
                                new Fastening(
                                        1,
                                        "M6",
                                        30.0,
                                        false,
                                        null,
                                        "",
                                        "slot",
                                        Fastening.Locking.NONE,
                                        null))
                        .build();

        assertThat(WatchList.of(List.of(a, b)).warnings())
                .noneMatch(w -> w.title().startsWith("Screws"));
    }

    @ParameterizedTest(name = "{0} of {1}: {2}")
    @CsvSource({
        "24, 24, CAUTION, Loose: 24 rollers from cage",
        "23, 24, DANGER, 1 roller missing",
        "26, 24, DANGER, 2 too many rollers",
        ", 24, DANGER, Count the rollers from cage"
    })
    void countsWhatFalls(Integer counted, Integer expected, Weight weight, String title) {
        var cage =
                step(1, "cage", PartKind.OTHER)
                        .found(found(null, null, new LooseItem(PartKind.ROLLER, expected, counted)))
                        .build();

        assertWarns(List.of(cage), weight, title, "");
    }

    // Common practice, no source: rollers are held with grease while a cage goes in; a pawl must
    // never see any.
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "planet cage, Hold them with grease",
        "pawl spring, no grease to hold them here",
        "brake disc, no grease to hold them here",
        "fibre gear, no grease to hold them here"
    })
    void holdsLooseThingsWithGreaseOnlyWhereItDoesNoHarm(String part, String says) {
        var step =
                step(1, part, PartKind.OTHER)
                        .found(found(null, null, new LooseItem(PartKind.SPRING, 4, 4)))
                        .build();
        assertThat(WatchList.of(List.of(step)).warnings())
                .filteredOn(w -> w.title().startsWith("Loose: 4 springs"))
                .singleElement()
                .satisfies(w -> assertThat(w.consequence()).contains("All 4 go back", says));
    }

    @Test
    void stopsBeforeASpringThatNobodyMadeSafe() {
        var clock = new StoredEnergy(StoredEnergy.Kind.CLOCK_SPRING, "");
        var safe = new StoredEnergy(StoredEnergy.Kind.CLOCK_SPRING, "3 turns let off, Aitana");

        assertWarns(
                List.of(step(1, "housing", PartKind.HOUSING).found(found(null, clock)).build()),
                Weight.DANGER,
                "Wound clock spring: housing",
                "Not made safe yet: relieve it the maker's way and count the turns");
        assertWarns(
                List.of(step(1, "housing", PartKind.HOUSING).found(found(null, safe)).build()),
                Weight.CAUTION,
                "Wound clock spring: housing",
                "Made safe: 3 turns let off, Aitana");
    }

    @Test
    void guardsASettingUntilItIsNoted() {
        assertWarns(
                List.of(
                        step(1, "cap", PartKind.COVER)
                                .found(found(new Setting("stop screw", "", true), null))
                                .build()),
                Weight.DANGER,
                "Do not disturb: stop screw",
                "not noted");
        assertWarns(
                List.of(
                        step(1, "cap", PartKind.COVER)
                                .found(found(new Setting("stop screw", "14.35 mm", true), null))
                                .build()),
                Weight.CAUTION,
                "Setting to keep: stop screw",
                "14.35 mm");
    }

    @Test
    void keepsGreaseOffPawls() {
        var greased =
                step(1, "pawl", PartKind.PAWL)
                        .back(new Back("", "", null, GoesOn.GREASE, false, ""))
                        .build();
        var oiled =
                step(1, "pawl", PartKind.PAWL)
                        .back(new Back("", "", null, GoesOn.OIL, false, ""))
                        .build();
        var fibre =
                step(1, "fibre gear", PartKind.GEAR)
                        .back(new Back("", "", null, GoesOn.GREASE, false, ""))
                        .build();

        assertWarns(
                List.of(greased),
                Weight.DANGER,
                "Pawl: oil only",
                "The card says grease. Grease gums them");
        assertWarns(List.of(oiled), Weight.CAUTION, "Pawl: oil only", "Grease gums them");
        assertWarns(
                List.of(fibre),
                Weight.DANGER,
                "Fibre gear: grease made for plastics",
                "Petroleum grease attacks it");
    }

    @Test
    void asksWhichWayASealFaced() {
        assertWarns(
                List.of(step(1, "seal", PartKind.SEAL).build()),
                Weight.DANGER,
                "Which way did it face? seal",
                "wear marks");
    }

    @Test
    void keepsMatchedSidedAndIndexedPartsInPlace() {
        var half =
                step(1, "half sleeve", PartKind.COLLET)
                        .back(new Back("", "the other half", null, GoesOn.UNSAID, false, ""))
                        .build();
        var cover =
                step(2, "bearing cover", PartKind.COVER)
                        .back(new Back("", "", 4, GoesOn.UNSAID, false, ""))
                        .build();
        var left = step(3, "taper bearing", PartKind.BEARING).on(1, Side.LEFT).build();
        var right = step(4, "taper bearing", PartKind.BEARING).on(1, Side.RIGHT).build();

        assertWarns(
                List.of(half), Weight.CAUTION, "Matched: half sleeve", "Stays with the other half");
        assertWarns(
                List.of(cover),
                Weight.DANGER,
                "Fits in 4 positions: bearing cover",
                "mark it before it moves");
        assertWarns(
                List.of(left, right),
                Weight.CAUTION,
                "Left and right look alike: taper bearing",
                "steps 3 and 4");
    }

    @Test
    void remembersTheOrderOfRings() {
        var nut = step(1, "nut", PartKind.NUT).build();
        var tab = step(2, "tab washer", PartKind.TAB_WASHER).build();
        var spacer = step(3, "spacer 4.0", PartKind.SPACER).build();
        var shim = step(4, "shim 0.2", PartKind.SHIM).build();

        assertWarns(
                List.of(nut, tab, spacer, shim),
                Weight.CAUTION,
                "Ordered stack of 3",
                "from the shoulder outwards: shim 0.2, spacer 4.0, tab washer");
    }

    @Test
    void addsUpGasketsOfBothSides() {
        var left =
                step(1, "gasket", PartKind.GASKET)
                        .count(2)
                        .on(1, Side.LEFT)
                        .body(new Body(null, List.of(), null, 0.25, null))
                        .build();
        var right =
                step(2, "gasket", PartKind.GASKET)
                        .on(1, Side.RIGHT)
                        .body(new Body(null, List.of(), null, 0.25, null))
                        .build();

        assertWarns(
                List.of(left, right),
                Weight.CAUTION,
                "Left and right differ",
                "Left 0.50 mm, right 0.25 mm");
        assertWarns(List.of(left), Weight.CAUTION, "Counted: 2 × gasket", "2 × 0.25 = 0.50 mm");
    }

    @Test
    void tellsGearsOfOneToothDifferenceApart() {
        var a =
                step(1, "gear", PartKind.GEAR)
                        .body(new Body(null, List.of(), null, null, 38))
                        .build();
        var b =
                step(2, "other gear", PartKind.GEAR)
                        .body(new Body(null, List.of(), null, null, 39))
                        .build();

        assertWarns(
                List.of(a, b),
                Weight.CAUTION,
                "Gears look alike: other gear",
                "39 teeth here, 38 on gear");
    }

    @Test
    void asksForTwoPeopleAbove25Kilograms() {
        var head =
                step(1, "head", PartKind.HOUSING)
                        .body(new Body(null, List.of(), 31.0, null, null))
                        .build();
        var light =
                step(1, "head", PartKind.HOUSING)
                        .body(new Body(null, List.of(), 12.0, null, null))
                        .build();

        assertWarns(List.of(head), Weight.DANGER, "Heavy: head, 31 kg", "Two people or a hoist");
        assertThat(WatchList.of(List.of(light)).warnings())
                .noneMatch(w -> w.title().startsWith("Heavy"));
    }

    @Test
    void doesNotCopyAnEarlierMistake() {
        var pin =
                step(1, "shear pin", PartKind.PIN)
                        .found(
                                new Found(
                                        "",
                                        "spacer",
                                        "hardened pin of 8 mm fitted for 6 mm",
                                        null,
                                        null,
                                        List.of()))
                        .build();

        assertWarns(List.of(pin), Weight.CAUTION, "Earlier repair: shear pin", "Do not copy it");
        assertWarns(
                List.of(pin),
                Weight.CAUTION,
                "Came off together: shear pin",
                "counted as one, it is two");
    }

    // Legacy cross pattern of ASME PCC-1, from memory; check values of the trade brief.
    @ParameterizedTest(name = "{0} screws: {1}")
    @CsvSource({
        "2, ''",
        "3, 1 2 3",
        "4, 1 3 2 4",
        "5, 1 3 5 2 4",
        "6, 1 4 2 5 3 6",
        "7, 1 4 7 3 6 2 5",
        "8, 1 5 3 7 2 6 4 8",
        "9, 1 5 9 4 8 3 7 2 6",
        "10, 1 6 3 8 5 10 2 7 4 9",
        "12, 1 7 4 10 2 8 5 11 3 9 6 12",
        "16, 1 9 5 13 3 11 7 15 2 10 6 14 4 12 8 16",
        "25, ''"
    })
    void tightensCrosswise(int screws, String order) {
        assertThat(
                        TighteningOrder.of(screws).stream()
                                .map(String::valueOf)
                                .collect(java.util.stream.Collectors.joining(" ")))
                .isEqualTo(order);
    }

    /** Every screw once, and never two neighbours one after the other where there are six or more. */
    @ParameterizedTest
    @ValueSource(ints = {6, 7, 8, 9, 10, 11, 12, 14, 16, 18, 20, 22, 24})
    void neverTightensTwoNeighboursInARow(int screws) {
        var order = TighteningOrder.of(screws);
        assertThat(order).doesNotHaveDuplicates().hasSize(screws);
        for (int i = 1; i < screws; i++) {
            int apart = Math.abs(order.get(i) - order.get(i - 1));
            assertThat(Math.min(apart, screws - apart)).as("%d of %s", i, order).isGreaterThan(1);
        }
    }
}
