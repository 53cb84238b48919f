package app.yunque.lubricant.viscosity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.grade.FilmCheck;
import app.yunque.lubricant.grade.SumpHeat;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ViscosityTest {

    // Source: worked examples published with ASTM D2270, from memory: VI 92, 156 and 111.
    @ParameterizedTest(name = "{0} and {1} mm²/s: VI {2}")
    @CsvSource({"73.30, 8.86, 92", "22.83, 5.05, 156", "53.47, 7.80, 111"})
    void agreesWithThePublishedExamplesOfTheIndex(double at40, double at100, double index) {
        assertThat(ViscosityIndex.of(at40, at100)).isCloseTo(index, within(0.55));
    }

    // Source: nodes of the printed table of D2270, from memory (L and H).
    @ParameterizedTest(name = "Y {0}")
    @CsvSource({
        "2.00, 7.994, 6.394",
        "5.00, 40.23, 28.49",
        "10.0, 147.7, 82.87",
        "15.0, 296.5, 149.7",
        "70.0, 4905, 1558"
    })
    void agreesWithTheTableOfTheReferenceOils(double y, double l, double h) {
        assertThat(ViscosityIndex.polynomial(y, 1)).isCloseTo(l, withinPercentage(0.06));
        assertThat(ViscosityIndex.polynomial(y, 4)).isCloseTo(h, withinPercentage(0.06));
    }

    // Worked out apart from this code with 40-digit arithmetic.
    @Test
    void theLineThroughTwoPointsGivesEveryTemperature() {
        var oil = ViscosityLine.through(40, 220, 100, 19.0);
        assertThat(oil.a()).isCloseTo(8.8221972, within(1e-7));
        assertThat(oil.b()).isCloseTo(3.3866645, within(1e-7));
        assertThat(oil.viscosityAt(0)).isCloseTo(5286.94, withinPercentage(1e-3));
        assertThat(oil.viscosityAt(60)).isCloseTo(78.8199, withinPercentage(1e-3));
        assertThat(oil.temperatureOf(50)).isCloseTo(70.8496, within(1e-3));
        var vg100 = ViscosityLine.of(100, 95);
        assertThat(vg100.viscosityAt(80)).isCloseTo(19.4182, withinPercentage(0.02));
        assertThat(ViscosityIndex.at100(220, 95)).isCloseTo(18.7493, withinPercentage(0.02));
        assertThat(ViscosityIndex.at40(10, 150)).isCloseTo(61.0460, withinPercentage(0.02));
    }

    @Test
    void oldPlatesAreReadAtTheirOwnTemperature() {
        assertThat(OldViscosity.saybolt(100)).isCloseTo(463.463, within(6e-4));
        assertThat(OldViscosity.fromSaybolt(1000)).isCloseTo(215.861, within(6e-4));
        assertThat(OldViscosity.fromEngler(4.5)).isCloseTo(33.3111, within(6e-5));
        var saybolt = ViscosityLine.at(37.7778, OldViscosity.fromSaybolt(1000), 95);
        assertThat(saybolt.viscosityAt(40)).isCloseTo(189.458, withinPercentage(0.05));
        assertThat(IsoViscosityGrade.nearest(saybolt.viscosityAt(40)))
                .isEqualTo(IsoViscosityGrade.VG_220);
        assertThatThrownBy(() -> OldViscosity.fromSaybolt(20)).hasMessageContaining("no meaning");
    }

    @Test
    void blendsGoByTheLineAndNotByTheMean() {
        assertThat(
                        OilBlend.viscosity(
                                List.of(new OilBlend.Part(20, 220), new OilBlend.Part(5, 68))))
                .isCloseTo(170.034, within(6e-4));
        assertThat(OilBlend.shareOfFirst(320, 100, 220)).isCloseTo(0.701192, within(6e-7));
        assertThatThrownBy(() -> OilBlend.shareOfFirst(320, 100, 460))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("cannot be reached by mixing");
    }

    // Source: SAE J306, limits of 2005, from memory.
    @Test
    void gearGradesOfTheRoad() {
        assertThat(SaeGearGrade.of(18.7493)).contains(SaeGearGrade.SAE_110);
        assertThat(SaeGearGrade.of(25.9213)).contains(SaeGearGrade.SAE_140);
        assertThat(SaeGearGrade.of(13.5)).contains(SaeGearGrade.SAE_90);
        assertThat(SaeGearGrade.of(5)).isEmpty();
    }

    @Test
    void refusesOilsThatCannotBe() {
        assertThatThrownBy(() -> ViscosityLine.through(40, 19, 100, 220))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("thinner at the higher temperature");
        assertThatThrownBy(() -> ViscosityLine.through(40, 220, 40.5, 200))
                .hasMessageContaining("must differ by a kelvin");
        assertThatThrownBy(() -> ViscosityIndex.of(8, 9))
                .hasMessageContaining("Were the two exchanged?");
        assertThatThrownBy(() -> ViscosityLine.of(220, 900))
                .hasMessageContaining("Viscosity index 900 is outside −100 to 400");
    }

    // Worked out apart from this code; the loop has one root because the right side falls.
    @Test
    void losesHeatUntilTheCaseCarriesItAway() {
        var plain =
                SumpHeat.of(
                        7500,
                        0.97,
                        0.8,
                        17,
                        20,
                        0,
                        1,
                        ViscosityLine.of(220, 95),
                        BaseOil.MINERAL,
                        Optional.empty());
        assertThat(plain.temperatureDegC()).isCloseTo(36.5441, within(1e-4));
        var churning =
                SumpHeat.of(
                        7500,
                        0.97,
                        0.8,
                        17,
                        20,
                        120,
                        100,
                        ViscosityLine.of(220, 95),
                        BaseOil.MINERAL,
                        Optional.empty());
        assertThat(churning.temperatureDegC()).isCloseTo(46.3666, within(5e-3));
        assertThat(churning.viscosity()).isCloseTo(153.571, withinPercentage(0.1));
        // An exponent of 0 is a loss that thickness does not change: 225 + 120 W over 13.6 W/K.
        var flat =
                SumpHeat.of(
                        7500,
                        0.97,
                        0.8,
                        17,
                        20,
                        120,
                        100,
                        ViscosityLine.of(220, 95),
                        BaseOil.MINERAL,
                        Optional.of(0.0));
        assertThat(flat.temperatureDegC()).isCloseTo(20 + 345 / 13.6, within(1e-4));
        assertThat(flat.working().lines().get(0).formula()).contains("(ν/ν_ref)^0");
        // Common practice, no source: 5 to 10 L for each kW lost; 225 W want more than 0.675 L.
        assertThat(plain.littleOil(0.6)).hasValueSatisfying(w -> assertThat(w).contains("2.7 L"));
        assertThat(plain.littleOil(0.68)).isEmpty();
        assertThat(SumpHeat.boxAreaM2(600, 400, 350, false)).isCloseTo(0.94, within(1e-9));
        assertThat(SumpHeat.boxAreaM2(600, 400, 350, true)).isCloseTo(1.18, within(1e-9));
    }

    @Test
    void tellsWhetherTheOilMovesInTheCold() {
        var thick = ViscosityLine.of(460, 95);
        var start =
                ColdStart.of(thick, BaseOil.MINERAL, -20, ColdStart.Feed.SPLASH, Optional.empty());
        assertThat(start.dynamic()).isCloseTo(221_649, withinPercentage(2));
        assertThat(start.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(
                        ColdStart.of(
                                        ViscosityLine.of(150, 150),
                                        BaseOil.PAO,
                                        -20,
                                        ColdStart.Feed.SPLASH,
                                        Optional.of(-45.0))
                                .verdict())
                .isEqualTo(Verdict.CLEAR_PASS);
    }

    @Test
    void filmAndBearingViscosity() {
        var film = FilmCheck.spur(40, 80, 20, 5, 200_000, 50, 20, Math.sqrt(0.5));
        assertThat(film.filmUm()).isCloseTo(0.408532, withinPercentage(1e-3));
        assertThat(film.lambda()).isCloseTo(0.577757, withinPercentage(1e-2));
        assertThat(FilmCheck.pressureCoefficient(BaseOil.MINERAL, 68))
                .isCloseTo(18.4931, withinPercentage(1e-3));
        assertThat(FilmCheck.bearingViscosity(300, 60)).isCloseTo(51.0653, withinPercentage(1e-3));
        assertThat(FilmCheck.bearingViscosity(1450, 90)).isCloseTo(12.4568, withinPercentage(1e-3));
    }
}
