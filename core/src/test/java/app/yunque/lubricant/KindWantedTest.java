package app.yunque.lubricant;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.lubricant.compatibility.Compatibility.Finding;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.Lubricant.Additive;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.viscosity.BaseOil;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Which kind goes where: common practice, no source; machine tools after the few grades of ISO 19378, worms after AGMA 9005-D94, both from
 * memory.
 */
class KindWantedTest {
    private static Lubricant oil(BaseOil base, Additive additive) {
        return new Lubricant(base, additive, Optional.empty(), Optional.empty(), 220, false, false);
    }

    private static String told(PlaceSort sort, String plate, double hottest, Lubricant lubricant) {
        return new KindWanted(
                        sort,
                        plate.isEmpty() ? Optional.empty() : Optional.of(PlateText.read(plate)),
                        hottest)
                .of(lubricant)
                .map(Finding::weight)
                .map(Weight::name)
                .orElse("goes");
    }

    /** A row for each place; columns none, antiwear, mild EP, active sulphur, compounded, clinging: g goes, w with a reserve, n never. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "GEARS, wwgwww",
        "PLANETARY, wwgwww",
        "CYCLOIDAL, wwgwwn",
        "WORM, wwwngw",
        "HEADSTOCK, ggnnwn",
        "HEADSTOCK_FED, ggnnwn",
        "FEED_BOX, ggwnww",
        "APRON, ggwnwg",
        "MILL_BOX, ggwnww",
        "MILL_HEAD, wwgwww",
        "DIVIDING_HEAD, wwwngg",
        "DRILL_HEAD, ggwnww",
        "SPINDLE, ggwnnn",
        "WAYS_LYING, wwwwwg",
        "WAYS_STANDING, wwwwwg",
        "MOWER_BOX, wwgwww",
        "PUMP_CRANKCASE, wwgwww",
        "PAWLS, ggwnnn",
        "CHAIN, wwwwwg",
        "BEVEL_HEAD, wwgwww",
        "SMALL_BOX, wwgwww",
        "ACTUATOR_BOX, wwgwww",
        "STEM_NUT, gggwww",
        "WINCH_GEARS, gggwww",
        "OPEN_GEARS, wwgwwg",
        "BEARING, gggwww",
        "PLASTIC_GEARS, gwwnww",
        "HYDROSTATIC, wwwwww",
        "LININGS, wwwwww",
    })
    void eachPlaceWantsItsKind(PlaceSort sort, String row) {
        var told = new StringBuilder();
        for (var additive : Additive.values()) {
            if (additive != Additive.UNKNOWN) {
                var word = told(sort, "", 30, oil(BaseOil.MINERAL, additive));
                told.append(word.equals("goes") ? 'g' : word.equals("WARNS") ? 'w' : 'n');
            }
        }
        assertThat(told).hasToString(row);
    }

    @ParameterizedTest
    @EnumSource(PlaceSort.class)
    void whatIsNotKnownGoesNowhereWithoutAReserve(PlaceSort sort) {
        assertThat(told(sort, "", 30, oil(BaseOil.MINERAL, Additive.UNKNOWN))).isEqualTo("WARNS");
        assertThat(told(sort, "CKC 220", 30, oil(BaseOil.MINERAL, Additive.UNKNOWN)))
                .isEqualTo("WARNS");
    }

    @ParameterizedTest(name = "{0} on a plate {1}: {2} {3}")
    @CsvSource({
        "GEARS, GL-5 80W-90, ACTIVE_SULPHUR, goes",
        "GEARS, GL-5 80W-90, MILD_EP, WARNS",
        "WORM, CKE 220, MILD_EP, WARNS",
        "WORM, CKE 220, COMPOUNDED, goes",
        "GEARS, C 150, MILD_EP, WARNS",
        "GEARS, C 150, NONE, goes",
        "HEADSTOCK, CLP 68, MILD_EP, goes",
        "HEADSTOCK, VG 68, MILD_EP, FORBIDS",
    })
    void thePlatesKindOverrulesTheTable(
            PlaceSort sort, String plate, Additive additive, String word) {
        assertThat(told(sort, plate, 30, oil(BaseOil.MINERAL, additive))).isEqualTo(word);
    }

    @ParameterizedTest(name = "{0} {1} up to {2} °C: {3}")
    @CsvSource({
        "MINERAL, COMPOUNDED, 35, goes",
        "MINERAL, COMPOUNDED, 35.1, WARNS",
        "PAO, MILD_EP, 42, goes",
        "PAG, NONE, 42, goes",
        "PAG, ANTIWEAR, 42, goes",
        "ESTER, MILD_EP, 30, WARNS",
        "PAO, ACTIVE_SULPHUR, 30, FORBIDS",
        "PAG, FRICTION_MODIFIED, 30, WARNS",
    })
    void aWormTakesASynthetic(BaseOil base, Additive additive, double hottest, String word) {
        assertThat(told(PlaceSort.WORM, "", hottest, oil(base, additive))).isEqualTo(word);
    }

    @Test
    void solidsDoPlasticGearsNoGood() {
        var moly =
                new Lubricant(
                        BaseOil.PAO,
                        Additive.NONE,
                        Optional.of(Thickener.LITHIUM),
                        Optional.of(1),
                        150,
                        false,
                        true);
        assertThat(told(PlaceSort.PLASTIC_GEARS, "", 30, moly)).isEqualTo("WARNS");
        assertThat(told(PlaceSort.BEARING, "", 30, moly)).isEqualTo("goes");
    }
}
