package app.yunque.lubricant.compatibility;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.lubricant.compatibility.Compatibility.Finding;
import app.yunque.lubricant.compatibility.Compatibility.Remains;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.Lubricant.Additive;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.place.LubricatedPlace.Plastic;
import app.yunque.lubricant.place.LubricatedPlace.Seal;
import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.Verdict;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What may go where: every table of the trade, row by row. All common practice, no source, unless a line says otherwise. */
class CompatibilityTest {
    /** The columns of the tables. */
    private static final List<BaseOil> BASES =
            List.of(BaseOil.MINERAL, BaseOil.PAO, BaseOil.ESTER, BaseOil.PAG, BaseOil.SILICONE);

    private static final LubricatedPlace BARE = place(Set.of(), Seal.PTFE, Plastic.NONE, 50, 0.5);

    private static LubricatedPlace place(
            Set<Thing> meets, Seal seal, Plastic plastic, double degC, double velocity) {
        return new LubricatedPlace(meets, seal, plastic, degC, velocity);
    }

    private static Lubricant oil(BaseOil base, Additive additive, double viscosity) {
        return new Lubricant(
                base, additive, Optional.empty(), Optional.empty(), viscosity, false, false);
    }

    private static Lubricant oil(BaseOil base) {
        return oil(base, Additive.NONE, 220);
    }

    private static Lubricant grease(Thickener thickener, int nlgi) {
        return new Lubricant(
                BaseOil.MINERAL,
                Additive.NONE,
                Optional.of(thickener),
                Optional.of(nlgi),
                150,
                false,
                false);
    }

    /** Exactly one rule speaks, so gravely; "-" when none may. */
    private static void expect(Compatibility told, String rule, Weight weight) {
        if (rule.equals("-")) {
            assertThat(told.findings()).isEmpty();
        } else {
            assertThat(told.findings())
                    .singleElement()
                    .extracting(Finding::rule, Finding::weight)
                    .containsExactly(rule, weight);
        }
    }

    private static char letter(Compatibility told) {
        return told.verdict() == Verdict.CLEAR_FAIL
                ? 'N'
                : told.verdict() == Verdict.DOUBTFUL ? 'B' : 'O';
    }

    // Rows: what is left, 5 %; columns mineral, PAO, ester, PAG, silicone: what is filled. O goes,
    // B borderline, N not.
    @ParameterizedTest(name = "{0} left: {1}")
    @CsvSource({"MINERAL, OOBNN", "PAO, OOBNN", "ESTER, BBBNN", "PAG, NNNBN", "SILICONE, NNNNB"})
    void baseOilsMeet(BaseOil left, String row) {
        for (int i = 0; i < BASES.size(); i++) {
            var told =
                    Compatibility.of(
                            oil(BASES.get(i)), BARE, Optional.of(new Remains(oil(left), 0.05)));
            assertThat(letter(told)).as("%s into %s", BASES.get(i), left).isEqualTo(row.charAt(i));
        }
    }

    /** What forbids with 5 % left is let through after a flush to 0.5 %. */
    @Test
    void aFlushOpensTheWay() {
        var old = oil(BaseOil.MINERAL);
        var fresh = oil(BaseOil.PAG);
        assertThat(Compatibility.of(fresh, BARE, Optional.of(new Remains(old, 0.05))).verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(Compatibility.of(fresh, BARE, Optional.of(new Remains(old, 0.005))).verdict())
                .isEqualTo(Verdict.CLEAR_PASS);
    }

    // Walther blend: 80 % of 220 with 20 % of 68 give 170.034, nearest VG 150; worked out apart
    // from this code.
    @Test
    void theMixtureOfTwoGradesIsTold() {
        var thin = oil(BaseOil.MINERAL, Additive.NONE, 68);
        var told =
                Compatibility.of(oil(BaseOil.MINERAL), BARE, Optional.of(new Remains(thin, 0.2)));
        assertThat(told.findings())
                .singleElement()
                .satisfies(
                        f -> {
                            assertThat(f.weight()).isEqualTo(Weight.INFORMS);
                            assertThat(f.reason()).contains("170 mm²/s", "ISO VG 150");
                        });
        var near = oil(BaseOil.MINERAL, Additive.NONE, 150);
        assertThat(
                        Compatibility.of(
                                        oil(BaseOil.MINERAL),
                                        BARE,
                                        Optional.of(new Remains(near, 0.2)))
                                .findings())
                .as("one grade apart")
                .isEmpty();
    }

    // Rows: seal; columns mineral, PAO, ester, PAG, silicone. The seal maker decides.
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "NBR, OOBBO",
        "HNBR, OOBOO",
        "FKM, OOOOO",
        "EPDM, NNNOO",
        "VMQ, BBNBN",
        "PU, OOBBO",
        "PTFE, OOOOO"
    })
    void sealsInABaseOil(Seal seal, String row) {
        for (int i = 0; i < BASES.size(); i++) {
            var told =
                    Compatibility.of(
                            oil(BASES.get(i)),
                            place(Set.of(), seal, Plastic.NONE, 50, 0),
                            Optional.empty());
            assertThat(letter(told)).as("%s in %s", seal, BASES.get(i)).isEqualTo(row.charAt(i));
        }
    }

    @ParameterizedTest(name = "{0} at {1} °C: {2}")
    @CsvSource({
        "NBR, 105, true",
        "NBR, 95, false",
        "PU, 85, true",
        "FKM, -25, true",
        "VMQ, -50, false"
    })
    void sealsOutsideTheirRange(Seal seal, double degC, boolean told) {
        var findings =
                Compatibility.of(
                                oil(BaseOil.PAO),
                                place(Set.of(), seal, Plastic.NONE, degC, 0),
                                Optional.empty())
                        .findings();
        assertThat(findings.stream().anyMatch(f -> f.rule().equals("seal temperature")))
                .isEqualTo(told);
    }

    // Each line: oil, what it carries, what it meets there, sump, the rule that speaks and how
    // gravely; "-" for none.
    @ParameterizedTest(name = "{0} {1} on {2} at {3} °C: {4} {5}")
    @CsvSource({
        "MINERAL, ACTIVE_SULPHUR, BRONZE_WORM_WHEEL, 60, bronze, FORBIDS",
        "MINERAL, COMPOUNDED, BRONZE_WORM_WHEEL, 60, -, ",
        "MINERAL, MILD_EP, BRONZE_WORM_WHEEL, 75, -, ",
        "PAO, MILD_EP, BRONZE_WORM_WHEEL, 85, 'bronze, hot', WARNS",
        "PAO, MILD_EP, BRONZE_BUSH, 85, 'bronze, hot', WARNS",
        "MINERAL, ACTIVE_SULPHUR, BRONZE_BUSH, 40, bronze bush, WARNS",
        "MINERAL, UNKNOWN, BRONZE_BUSH, 40, bronze, WARNS",
        "MINERAL, ACTIVE_SULPHUR, BRASS_SYNCHRONISER, 60, brass, FORBIDS",
        "MINERAL, MILD_EP, BRASS_SYNCHRONISER, 60, -, ",
        "MINERAL, MILD_EP, SILVER_ZINC_LEAD, 60, 'silver, zinc, lead', WARNS",
        "PAG, NONE, ALUMINIUM_SLIDING, 60, aluminium, WARNS",
        "PAO, NONE, ALUMINIUM_SLIDING, 60, -, ",
        "MINERAL, FRICTION_MODIFIED, BACKSTOP, 60, backstop, FORBIDS",
        "MINERAL, MILD_EP, BACKSTOP, 60, backstop, WARNS",
        "MINERAL, UNKNOWN, BACKSTOP, 60, backstop, WARNS",
        "MINERAL, NONE, BACKSTOP, 60, -, ",
        "MINERAL, MILD_EP, WET_CLUTCH, 60, wet clutch, FORBIDS",
        "MINERAL, UNKNOWN, WET_CLUTCH, 60, clutch, WARNS",
        "MINERAL, COMPOUNDED, BACKSTOP, 60, backstop, FORBIDS",
        "MINERAL, COMPOUNDED, WET_CLUTCH, 60, wet clutch, FORBIDS",
        "MINERAL, COMPOUNDED, FRICTION_CLUTCH, 60, friction clutch, FORBIDS",
        "MINERAL, NONE, WET_CLUTCH, 60, wet clutch, WARNS",
        "MINERAL, ANTIWEAR, WET_CLUTCH, 60, wet clutch, WARNS",
        "MINERAL, ANTIWEAR, FRICTION_CLUTCH, 60, -, ",
        "MINERAL, ANTIWEAR, BACKSTOP, 60, -, ",
        "MINERAL, FRICTION_MODIFIED, FRICTION_CLUTCH, 60, friction clutch, FORBIDS",
        "MINERAL, NONE, FRICTION_CLUTCH, 60, -, ",
        "MINERAL, NONE, FOOD, 60, food, FORBIDS",
        "PAG, NONE, WATER, 50, water, WARNS",
        "ESTER, NONE, WATER, 65, water, WARNS",
        "ESTER, NONE, WATER, 55, -, ",
        "PAG, NONE, ORDINARY_PAINT, 50, paint, WARNS",
        "ESTER, NONE, ORDINARY_PAINT, 50, paint, WARNS",
        "MINERAL, NONE, ORDINARY_PAINT, 50, -, ",
        "PAG, NONE, PLASTIC_SIGHT_GLASS, 50, sight glass, WARNS",
        "SILICONE, NONE, PAINT_SHOP_OR_CONTACTS, 50, silicone about, WARNS",
        "SILICONE, NONE, SPLASH_GEARS, 50, silicone, FORBIDS",
        "SILICONE, NONE, LOADED_METAL, 50, silicone, FORBIDS",
        "MINERAL, NONE, SEALED_FOR_GREASE, 50, sealed for grease, WARNS",
        "MINERAL, NONE, SEALED_FOR_OIL, 50, -, ",
        "MINERAL, NONE, PAWL, 20, -, "
    })
    void anOilAndWhatItMeets(
            BaseOil base, Additive additive, Thing meets, double degC, String rule, Weight weight) {
        var told =
                Compatibility.of(
                        oil(base, additive, 220),
                        place(Set.of(meets), Seal.PTFE, Plastic.NONE, degC, 0.5),
                        Optional.empty());
        expect(told, rule, weight);
    }

    @ParameterizedTest(name = "{0} NLGI {1} on {2} at {3} m/s: {4} {5}")
    @CsvSource({
        "LITHIUM, 2, PAWL, 0, pawl, FORBIDS",
        "CALCIUM_SULFONATE, 1, PAWL, 0, pawl, FORBIDS",
        "LITHIUM, 2, WATER, 0, water, WARNS",
        "CALCIUM_COMPLEX, 2, WATER, 0, -, ",
        "LITHIUM_COMPLEX, 2, SALT, 0, salt, WARNS",
        "CALCIUM_SULFONATE, 2, SALT, 0, -, ",
        "LITHIUM, 2, SPLASH_GEARS, 1.5, stiff grease, WARNS",
        "LITHIUM, 2, SPLASH_GEARS, 0.8, -, ",
        "LITHIUM, 0, SPLASH_GEARS, 1.5, -, ",
        "LITHIUM, 2, SEALED_FOR_OIL, 0, sealed for oil, WARNS"
    })
    void aGreaseAndWhatItMeets(
            Thickener thickener,
            int nlgi,
            Thing meets,
            double velocity,
            String rule,
            Weight weight) {
        var told =
                Compatibility.of(
                        grease(thickener, nlgi),
                        place(Set.of(meets), Seal.PTFE, Plastic.NONE, 40, velocity),
                        Optional.empty());
        expect(told, rule, weight);
    }

    @Test
    void solidsAreFilteredOutAndMakeFastBearingsSkid() {
        var solids =
                new Lubricant(
                        BaseOil.MINERAL,
                        Additive.NONE,
                        Optional.empty(),
                        Optional.empty(),
                        220,
                        false,
                        true);
        var meets = Set.of(Thing.FINE_FILTER, Thing.FAST_ROLLING_BEARING, Thing.BACKSTOP);
        assertThat(
                        Compatibility.of(
                                        solids,
                                        place(meets, Seal.PTFE, Plastic.NONE, 50, 0),
                                        Optional.empty())
                                .findings())
                .extracting(Finding::rule)
                .as("the worst first")
                .containsExactly("backstop", "solids", "solids");
    }

    // Rows: plastic; columns mineral, PAO, ester, PAG, silicone at 50 °C.
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "NYLON, OOOBO",
        "ACETAL, OOOOO",
        "CLEAR_PLASTIC, BBNNO",
        "POLYETHYLENE, BBBOO",
        "FIBRE, BOOOO"
    })
    void plasticsInABaseOil(Plastic plastic, String row) {
        for (int i = 0; i < BASES.size(); i++) {
            var told =
                    Compatibility.of(
                            oil(BASES.get(i)),
                            place(Set.of(), Seal.PTFE, plastic, 50, 0),
                            Optional.empty());
            assertThat(letter(told)).as("%s in %s", plastic, BASES.get(i)).isEqualTo(row.charAt(i));
        }
    }

    // AGMA 9005, from memory, for mineral oil; the others common practice, no source.
    @ParameterizedTest(name = "{0}: {1} °C goes, up to {2} °C with a reserve, {3} °C does not")
    @CsvSource({"MINERAL, 80, 95, 96", "PAO, 100, 110, 111", "PAG, 110, 120, 121"})
    void noSumpIsHotterThanItsOilStands(BaseOil base, double goes, double ages, double not) {
        assertThat(at(base, goes).findings()).isEmpty();
        for (double hot : List.of(goes + 0.1, ages)) {
            expect(at(base, hot), "temperature", Weight.WARNS);
        }
        assertThat(at(base, not).verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(at(base, not).findings().get(0).reason()).contains("above the limit of");
    }

    private static Compatibility at(BaseOil base, double degC) {
        return Compatibility.of(
                oil(base), place(Set.of(), Seal.PTFE, Plastic.NONE, degC, 0), Optional.empty());
    }

    // The widely reprinted chart, from memory; charts differ.
    @ParameterizedTest(name = "{0} with {1}: {2}")
    @CsvSource({
        "LITHIUM, LITHIUM_COMPLEX, INFORMS",
        "LITHIUM, CALCIUM_12, INFORMS",
        "LITHIUM, CALCIUM, WARNS",
        "LITHIUM, CALCIUM_SULFONATE, WARNS",
        "LITHIUM, CALCIUM_COMPLEX, FORBIDS",
        "LITHIUM, ALUMINIUM_COMPLEX, FORBIDS",
        "LITHIUM, POLYUREA, FORBIDS",
        "LITHIUM, POLYUREA_SHEAR_STABLE, INFORMS",
        "CLAY, LITHIUM_COMPLEX, FORBIDS",
        "CLAY, POLYUREA_SHEAR_STABLE, WARNS",
        "POLYUREA, CALCIUM_COMPLEX, INFORMS",
        "POLYUREA, CALCIUM_SULFONATE, FORBIDS",
        "ALUMINIUM_COMPLEX, CALCIUM_SULFONATE, WARNS"
    })
    void thickenersMeet(Thickener one, Thickener two, Weight weight) {
        for (var pair : List.of(List.of(one, two), List.of(two, one))) {
            var told =
                    Compatibility.of(
                            grease(pair.get(0), 2),
                            BARE,
                            Optional.of(new Remains(grease(pair.get(1), 2), 0.3)));
            assertThat(told.findings())
                    .filteredOn(f -> f.rule().equals("thickener"))
                    .singleElement()
                    .extracting(Finding::weight)
                    .isEqualTo(weight);
        }
    }

    /** Nothing is told without a way out. */
    @ParameterizedTest
    @EnumSource(Thing.class)
    void everyFindingSaysWhatToDoInstead(Thing thing) {
        for (var base : BaseOil.values()) {
            for (var additive : Additive.values()) {
                Compatibility.of(
                                oil(base, additive, 220),
                                place(Set.of(thing), Seal.EPDM, Plastic.CLEAR_PLASTIC, 130, 3),
                                Optional.of(new Remains(oil(BaseOil.SILICONE), 0.1)))
                        .findings()
                        .forEach(
                                f -> {
                                    assertThat(f.reason()).endsWith(".");
                                    assertThat(f.instead()).isNotBlank().endsWith(".");
                                });
            }
        }
    }

    /** Silicone is for plastics and rubber: no place of metal takes it, a pawl takes no grease at all. */
    @Test
    void siliconeGoesOnPlasticGearsOnly() {
        var silicone =
                new Lubricant(
                        BaseOil.SILICONE,
                        Additive.NONE,
                        Optional.of(Thickener.CLAY),
                        Optional.of(2),
                        100,
                        false,
                        false);
        for (var sort : PlaceSort.values()) {
            var at = place(sort.meets(), Seal.PTFE, Plastic.NONE, 40, 0.5);
            var forbidden = Compatibility.of(silicone, at, Optional.empty()).verdict();
            assertThat(forbidden == Verdict.CLEAR_FAIL)
                    .as(sort.words())
                    .isEqualTo(
                            sort != PlaceSort.PLASTIC_GEARS
                                    && sort != PlaceSort.LININGS
                                    && sort != PlaceSort.HYDROSTATIC);
        }
    }

    // Rows: what is washed; columns detergent, alcohol, cold cleaner, petrol, ketone, chlorinated,
    // acid, hot caustic.
    // O says nothing of the part, B warns, N forbids.
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "STEEL, OOOOOOBO",
        "BRONZE, OOOOOOBO",
        "ALUMINIUM, OOOOOONN",
        "ZINC, OOOOOONN",
        "NYLON, OOONOONO",
        "ACETAL, OOONOONO",
        "CLEAR_PLASTIC, OBNNNNNN",
        "POLYETHYLENE, OOBNOBOO",
        "RUBBER, OBNNNNNN",
        "LINING, BBNNNNNN"
    })
    void washingAPart(Degreasing.Material material, String row) {
        var cleaners = Arrays.asList(Degreasing.Cleaner.values());
        for (int i = 0; i < cleaners.size(); i++) {
            var of =
                    Degreasing.of(cleaners.get(i), Set.of(material)).stream()
                            .filter(f -> f.rule().equals(material.words()))
                            .map(Finding::weight)
                            .findFirst();
            char letter = of.map(w -> w == Weight.FORBIDS ? 'N' : 'B').orElse('O');
            assertThat(letter).as("%s in %s", material, cleaners.get(i)).isEqualTo(row.charAt(i));
        }
    }

    @Test
    void petrolIsForbiddenWhateverIsWashed() {
        assertThat(Degreasing.of(Degreasing.Cleaner.PETROL, Set.of()))
                .first()
                .extracting(Finding::rule, Finding::weight)
                .containsExactly("petrol", Weight.FORBIDS);
        assertThat(Degreasing.of(Degreasing.Cleaner.KETONE, Set.of()))
                .extracting(Finding::rule)
                .contains("fire");
    }
}
