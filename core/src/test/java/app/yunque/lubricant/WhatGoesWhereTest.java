package app.yunque.lubricant;

import static app.yunque.lubricant.viscosity.IsoViscosityGrade.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.compatibility.Degreasing;
import app.yunque.lubricant.compatibility.MixedPlaces;
import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.grade.GearOilDuty;
import app.yunque.lubricant.grade.GradeByHeat;
import app.yunque.lubricant.grade.SplashLimit;
import app.yunque.lubricant.grade.WorkingTemperature;
import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.viscosity.AgmaNumber;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WhatGoesWhereTest {

    // Source: DIN 51509-1, k_s and the curve from memory; ν = 250 (k_s/v)^0.4 at its three
    // remembered points.
    @ParameterizedTest(name = "AGMA {0}: {1}")
    @CsvSource({
        "0, VG_32, INHIBITED",
        "5 EP, VG_220, EP",
        "8A Comp, VG_1000, COMPOUNDED",
        "3S, VG_100, SYNTHETIC",
        "9, VG_1500, INHIBITED"
    })
    void readsAnAgmaNumber(String written, IsoViscosityGrade grade, AgmaNumber.Kind kind) {
        var number = AgmaNumber.of(written);
        assertThat(number.grade()).isEqualTo(grade);
        assertThat(number.kind()).isEqualTo(kind);
        assertThat(AgmaNumber.numberOf(grade)).contains(number.number());
    }

    @Test
    void refusesNumbersThatEditionsReadDifferently() {
        assertThatThrownBy(() -> AgmaNumber.of("10 EP")).hasMessageContaining("read differently");
        assertThatThrownBy(() -> AgmaNumber.of("15R")).hasMessageContaining("read differently");
        assertThatThrownBy(() -> AgmaNumber.of("best oil")).hasMessageContaining("no AGMA number");
    }

    // Source: AGMA 9005-D94 and 250.04, from memory; sliding velocity from geometry.
    private static LubricantAdvice at(PlaceSort sort, double v, double hottest, Thing... meets) {
        return LubricantAdvice.of(
                sort,
                new LubricantAdvice.Duty(
                        new GearOilDuty(v, Math.min(0, hottest), hottest),
                        Optional.empty(),
                        Set.of(meets)));
    }

    // Common practice, no source; machine tools in the manner of ISO 19378, from memory.
    @ParameterizedTest(name = "{0} at {1} m/s, {2} °C: {3}")
    @CsvSource({
        "GEARS, 5, 35, VG_220",
        "PLANETARY, 3.77, 35, VG_320",
        "CYCLOIDAL, 1, 10, VG_100",
        "CYCLOIDAL, 1, 30, VG_150",
        "CYCLOIDAL, 1, 40, VG_320",
        "HEADSTOCK, 4, 30, VG_46",
        "FEED_BOX, 2, 30, VG_68",
        "PUMP_CRANKCASE, 2, 25, VG_100",
        "PUMP_CRANKCASE, 2, 40, VG_150",
        "PAWLS, 1, 30, VG_22",
        "MOWER_BOX, 1, 30, VG_150"
    })
    void choosesTheGradeOfAPlace(
            PlaceSort sort, double v, double hottest, IsoViscosityGrade expected) {
        assertThat(at(sort, v, hottest).grade()).contains(expected);
    }

    private static Lubricant of(BaseOil base, double viscosity) {
        return new Lubricant(
                base,
                Lubricant.Additive.NONE,
                Optional.empty(),
                Optional.empty(),
                viscosity,
                false,
                false);
    }

    @Test
    void aPlaceTakesOnlyItsOwnKind() {
        var gearOil = oil(220);
        var semiFluid = grease(-1);
        var stiff = grease(2);
        var pawlOil = oil(22);
        assertThat(at(PlaceSort.PAWLS, 1, 30).suits(pawlOil)).isTrue();
        assertThat(at(PlaceSort.PAWLS, 1, 30).suits(stiff)).isFalse();
        assertThat(at(PlaceSort.SMALL_BOX, 1, 30).suits(semiFluid)).isTrue();
        assertThat(at(PlaceSort.SMALL_BOX, 1, 30).suits(stiff)).isFalse();
        assertThat(at(PlaceSort.WINCH_GEARS, 1, 30).suits(stiff)).isTrue();
        assertThat(at(PlaceSort.GEARS, 6, 30).suits(gearOil)).isTrue();
        assertThat(at(PlaceSort.GEARS, 6, 30).suits(pawlOil)).isFalse();
        // At 1 m/s and 30 °C the table says 8 Comp, VG 680; a synthetic may be one grade thinner.
        assertThat(at(PlaceSort.WORM, 1, 30).suits(oil(460))).as("mineral").isFalse();
        for (var synthetic : List.of(BaseOil.PAO, BaseOil.PAG)) {
            assertThat(at(PlaceSort.WORM, 1, 30).suits(of(synthetic, 460))).isTrue();
            assertThat(at(PlaceSort.WORM, 1, 30).suits(of(synthetic, 320))).isFalse();
        }
        for (var none : List.of(PlaceSort.LININGS, PlaceSort.HYDROSTATIC)) {
            assertThat(at(none, 1, 30).suits(gearOil)).isFalse();
            assertThat(at(none, 1, 30).suits(stiff)).isFalse();
        }
        assertThat(at(PlaceSort.HEADSTOCK, 4, 30, Thing.FRICTION_CLUTCH).grade()).contains(VG_32);
        assertThat(at(PlaceSort.SMALL_BOX, 4, 30).consistency()).isEqualTo("00 to 0");
        assertThat(at(PlaceSort.GEARS, 4, 30, Thing.FOOD).warnings())
                .anyMatch(w -> w.contains("H1"));
    }

    private static Lubricant oil(double viscosity) {
        return new Lubricant(
                BaseOil.MINERAL,
                Lubricant.Additive.NONE,
                Optional.empty(),
                Optional.empty(),
                viscosity,
                false,
                false);
    }

    private static Lubricant grease(int nlgi, Thickener... thickener) {
        return new Lubricant(
                BaseOil.MINERAL,
                Lubricant.Additive.MILD_EP,
                Optional.of(thickener.length == 0 ? Thickener.LITHIUM : thickener[0]),
                Optional.of(nlgi),
                180,
                false,
                false);
    }

    // Source: heat balance worked out apart from this code; 225 W of losses, 0.8 m², 120 W churning
    // at 100 mm²/s.
    @Test
    void gradeAndTemperatureAgreeInTheEnd() {
        var box = new GradeByHeat.Case(7500, 0.97, 0.8, 17, 20, 120);
        var cold = new GradeByHeat.Cold(-5, ColdStart.Feed.SPLASH, Optional.empty());
        var agreed = GradeByHeat.of(VG_150, BaseOil.MINERAL, 95, box, 150, cold);
        assertThat(agreed.grade()).isEqualTo(VG_220);
        assertThat(agreed.rounds()).hasSize(2);
        assertThat(agreed.rounds().get(0).temperatureDegC()).isCloseTo(45.5994, within(1e-2));
        assertThat(agreed.rounds().get(0).viscosity()).isCloseTo(110.929, within(0.05));
        assertThat(agreed.rounds().get(1).temperatureDegC()).isCloseTo(46.3666, within(1e-2));
        assertThat(agreed.verdict()).isEqualTo(Verdict.CLEAR_PASS);
        var frost = new GradeByHeat.Cold(-35, ColdStart.Feed.SPLASH, Optional.empty());
        var torn = GradeByHeat.of(VG_320, BaseOil.MINERAL, 95, box, 150, frost);
        assertThat(torn.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(torn.sentence()).contains("higher viscosity index").contains("150 needed");
    }

    @Test
    void theBestKnownTemperatureCounts() {
        assertThat(temperature(Optional.of(61.0), Optional.of(50.0)).degC()).isEqualTo(61);
        assertThat(temperature(Optional.empty(), Optional.of(50.0)).degC()).isEqualTo(55);
        var assumed = temperature(Optional.empty(), Optional.empty());
        assertThat(assumed.degC()).isEqualTo(60);
        assertThat(assumed.assumed()).isTrue();
    }

    private static WorkingTemperature temperature(Optional<Double> oil, Optional<Double> infrared) {
        return WorkingTemperature.of(
                oil, infrared, Optional.empty(), 20, WorkingTemperature.Use.LOADED);
    }

    // Source: ISO 3448, ISO 6743-6 and -9, DIN 51502, 51517 and 51825, SAE J306, ASTM D2161;
    // letters from memory.
    @ParameterizedTest(name = "{0}: {1} mm²/s, {2}, {3}")
    @CsvSource({
        "ISO VG 220, 220, , ",
        "CLP 220, 220, MINERAL, MILD_EP",
        "CLP PG 460, 460, PAG, MILD_EP",
        "CLP-HC 320, 320, PAO, MILD_EP",
        "CKE 460, 460, , COMPOUNDED",
        "HLP 46, 46, MINERAL, ANTIWEAR",
        "HL 32, 32, MINERAL, NONE",
        "CGLP 68, 68, MINERAL, FRICTION_MODIFIED",
        "AGMA 5 EP, 220, , MILD_EP",
        "agma no. 7 comp, 460, , COMPOUNDED",
        "SAE 80W-90 GL-5, 167, , ACTIVE_SULPHUR",
        "1000 SUS, 189.458, , ",
        "'4,5 °E', 52.0039, , ",
        "G 68, 68, MINERAL, FRICTION_MODIFIED"
    })
    void readsAPlate(String plate, double viscosity, BaseOil base, Lubricant.Additive additive) {
        var read = PlateText.read(plate);
        assertThat(read.viscosityAt40().orElseThrow())
                .isCloseTo(viscosity, within(Math.max(0.02, plate.startsWith("SAE") ? 5 : 0)));
        assertThat(read.base()).isEqualTo(Optional.ofNullable(base));
        assertThat(read.additive()).isEqualTo(Optional.ofNullable(additive));
        assertThat(read.grease()).isFalse();
    }

    /** A letter alone is no type: 90 C is a temperature. */
    @Test
    void takesNoTemperatureForATypeOfOil() {
        var read = PlateText.read("ISO VG 220, up to 90 C");
        assertThat(read.grade()).contains(VG_220);
        assertThat(read.base()).isEmpty();
        assertThat(read.understood()).containsExactly("ISO VG 220");
    }

    @Test
    void readsTheLettersOfAGrease() {
        var bearing = PlateText.read("KP2K-30");
        assertThat(bearing.grease()).isTrue();
        assertThat(bearing.nlgi()).contains(2);
        assertThat(bearing.additive()).contains(Lubricant.Additive.MILD_EP);
        assertThat(bearing.understood()).anyMatch(u -> u.contains("up to 120 °C, down to −30 °C"));
        var box = PlateText.read("GP00G-20");
        assertThat(box.nlgi()).contains(-1);
        assertThat(box.understood())
                .anyMatch(u -> u.contains("closed gears") && u.contains("100 °C"));
        var x = PlateText.read("ISO-L-XBCHB 2 H1");
        assertThat(x.nlgi()).contains(2);
        assertThat(x.food()).isTrue();
        assertThat(x.understood())
                .anyMatch(u -> u.contains("−20 to 120 °C, wash-out, against rust fresh water, EP"));
    }

    @Test
    void neverGuessesFromAName() {
        assertThatThrownBy(() -> PlateText.read("Super Gear Extra"))
                .hasMessageContaining("A product's name says nothing");
        assertThatThrownBy(() -> PlateText.read("VG 200"))
                .hasMessageContaining("nearest is ISO VG 220");
    }

    // Common practice, no source: petrol never; ketones crack clear plastics; hot caustic eats
    // aluminium; acid eats nylon.
    @ParameterizedTest(name = "{1} in {0}: {2}")
    @CsvSource({
        "PETROL, STEEL, FORBIDS",
        "KETONE, CLEAR_PLASTIC, FORBIDS",
        "CHLORINATED, CLEAR_PLASTIC, FORBIDS",
        "ALCOHOL, CLEAR_PLASTIC, WARNS",
        "HOT_CAUSTIC, ALUMINIUM, FORBIDS",
        "ACID, ACETAL, FORBIDS",
        "ACID, NYLON, FORBIDS",
        "HIGH_FLASH, LINING, FORBIDS",
        "DETERGENT, NYLON, INFORMS",
        "DETERGENT, FIBRE, FORBIDS",
        "ALCOHOL, STEEL, WARNS"
    })
    void washesOnlyInWhatThePartBears(
            Degreasing.Cleaner cleaner,
            Degreasing.Material material,
            Compatibility.Weight gravest) {
        var told = Degreasing.of(cleaner, Set.of(material));
        assertThat(told.get(0).weight()).isEqualTo(gravest);
        assertThat(told).allMatch(f -> !f.reason().isBlank() && !f.instead().isBlank());
    }

    @Test
    void placesOfOneUnitAreKeptApart() {
        var lithium =
                new MixedPlaces.Filled("gears", PlaceSort.WINCH_GEARS, grease(1), "Lithium 1");
        var clay =
                new MixedPlaces.Filled(
                        "bearings", PlaceSort.BEARING, grease(2, Thickener.CLAY), "Clay 2");
        var complex =
                new MixedPlaces.Filled(
                        "stem",
                        PlaceSort.STEM_NUT,
                        grease(2, Thickener.LITHIUM_COMPLEX),
                        "Complex 2");
        var pawls = new MixedPlaces.Filled("pawls", PlaceSort.PAWLS, oil(22), "Oil 22");
        assertThat(MixedPlaces.of(List.of(lithium, complex))).isEmpty();
        assertThat(MixedPlaces.of(List.of(lithium, lithium))).isEmpty();
        assertThat(MixedPlaces.of(List.of(lithium, pawls, clay)))
                .extracting(Compatibility.Finding::rule, Compatibility.Finding::weight)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(
                                "gears and bearings", Compatibility.Weight.FORBIDS),
                        org.assertj.core.groups.Tuple.tuple(
                                "gears and pawls", Compatibility.Weight.WARNS),
                        org.assertj.core.groups.Tuple.tuple(
                                "pawls and bearings", Compatibility.Weight.WARNS));
    }

    /** A can that is not on the shelf is judged by what stands on it. */
    @ParameterizedTest(name = "{0}: {1} {2}")
    @CsvSource({
        "GL-5 80W-90, ACTIVE_SULPHUR, false",
        "CKE 460 H1, COMPOUNDED, true",
        "VG 220, UNKNOWN, false",
    })
    void readsACan(String can, Lubricant.Additive additive, boolean food) {
        var on = PlateText.read(can).asLubricant();
        assertThat(on.additive()).isEqualTo(additive);
        assertThat(on.food()).isEqualTo(food);
        assertThat(on.isGrease()).isFalse();
        assertThat(PlateText.tried("the red one").text()).isEmpty();
        assertThat(PlateText.read("KP2K-30").asLubricant().nlgi()).contains(2);
    }

    /** A plate that is not known is set aside with why, and one that is old is read. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "SAE 20W-50, ",
        "the red one, ",
        "VG 221, ",
        "EP 90, MILD_EP",
        "OG 2, GREASE",
        "KP 2, MILD_EP",
    })
    void readsAPlateOrSetsItAside(String plate, String known) {
        var tried = PlateText.tried(plate);
        assertThat(tried.text().isPresent()).isEqualTo(known != null);
        assertThat(tried.setAside().isEmpty()).isEqualTo(known != null);
        if ("MILD_EP".equals(known)) {
            assertThat(tried.text().orElseThrow().additive()).contains(Lubricant.Additive.MILD_EP);
        }
        if ("GREASE".equals(known)) {
            assertThat(tried.text().orElseThrow().grease()).isTrue();
            assertThat(tried.text().orElseThrow().nlgi()).contains(2);
        }
    }

    /** SAE 90 has 13.5 to below 18.5 mm²/s at 100 °C (SAE J306 of 2005, from memory): about VG 220. */
    @Test
    void anOldGearOilIsOfItsSaeGrade() {
        assertThat(PlateText.read("EP 90").grade())
                .contains(PlateText.read("SAE 90").grade().orElseThrow());
    }

    @ParameterizedTest(name = "{0} m/s: {1}")
    @CsvSource({
        "0, CLEAR_PASS",
        "12, CLEAR_PASS",
        "12.1, DOUBTFUL",
        "15, DOUBTFUL",
        "15.1, CLEAR_FAIL",
    })
    void splashHasItsLimit(double velocity, app.yunque.measure.Verdict verdict) {
        var limit = SplashLimit.of(velocity);
        assertThat(limit.verdict()).isEqualTo(verdict);
        assertThat(limit.sentence().contains("Spray")).isEqualTo(velocity > 15);
    }
}
