package app.yunque.lubricant.grade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.BasicRack;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.Hand;
import app.yunque.lubricant.condition.ParticleCount;
import app.yunque.lubricant.grease.GreaseClass;
import app.yunque.lubricant.sump.FillQuantity;
import app.yunque.lubricant.sump.ImmersedGear;
import app.yunque.lubricant.sump.SumpShape;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.OilAtTemperature;
import app.yunque.lubricant.viscosity.ViscosityIndex;
import app.yunque.lubricant.viscosity.WinterGrade;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Oils and greases by their numbers, against handbook values from memory. */
class OilByNumbersTest {
    // ASTM D341 and first-order density, from memory: 220/19.0 with 890 kg/m³ at 60 °C is 68.0075
    // mPa·s; index of 220/19 is 97.6.
    @Test
    void anOilAtATemperature() {
        double index = ViscosityIndex.of(220, 19);
        var warm = OilAtTemperature.of(220, index, 60, BaseOil.MINERAL, Optional.of(890.0));
        assertThat(warm.dynamicMpaS()).isCloseTo(68.0075, within(0.07));
        assertThat(warm.densityKgPerM3()).isCloseTo(890 / (1 + 0.0007 * 45), within(1e-9));
        assertThat(
                        OilAtTemperature.of(220, index, 70, BaseOil.MINERAL, Optional.of(880.0))
                                .densityKgPerM3())
                .isCloseTo(847.376, within(1e-3));
        assertThat(
                        OilAtTemperature.of(220, index, 60, BaseOil.MINERAL, Optional.empty())
                                .densityKgPerM3())
                .isCloseTo(BaseOil.MINERAL.densityAt(60), within(1e-9));
        assertThatThrownBy(() -> OilAtTemperature.of(220, 95, 60, BaseOil.PAO, Optional.of(0.88)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("kg/m³, not g/cm³");
    }

    // Grades of index 95 and 150: where they reach 2000 mm²/s; ASTM D341, ISO 2909, from memory.
    @ParameterizedTest(name = "VG {0}, index {1}: {2} °C")
    @CsvSource({"220, 95, 10.0850", "460, 95, 20.3125", "150, 150, -1.67134"})
    void theTemperatureForAViscosity(double at40, double index, double degrees) {
        assertThat(OilAtTemperature.temperatureDegC(at40, index, 2000))
                .isCloseTo(degrees, within(0.05));
        assertThatThrownBy(() -> OilAtTemperature.temperatureDegC(at40, index, 0.35))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("nowhere from −60 to 250 °C");
    }

    // Cragoe's form, handbook, from memory: c(60 °C, 880) 2.01368, c(20 °C, 880) 1.86870; flows by
    // the heat balance.
    @Test
    void theFlowOfACirculation() {
        assertThat(CirculationFlow.specificHeat(60, 880)).isCloseTo(2.01368, within(1e-5));
        assertThat(CirculationFlow.specificHeat(20, 880)).isCloseTo(1.86870, within(1e-5));
        assertThat(CirculationFlow.flow(2000, 10, 850, 2.01368)).isCloseTo(7.01087, within(1e-5));
        assertThat(CirculationFlow.flow(500, 5, 870, 1.95)).isCloseTo(3.53669, within(1e-5));
        var whole = CirculationFlow.of(2000, 10, 60, 880, BaseOil.MINERAL);
        assertThat(whole.litresPerMin())
                .isCloseTo(
                        CirculationFlow.flow(
                                2000, 10, 880 / (1 + 0.0007 * 45), whole.heatKjPerKgK()),
                        within(1e-9));
    }

    // ISO 281, from memory: 300 min⁻¹ and 60 mm want 51.0653 mm²/s, 1450 and 90 want 12.4568;
    // 21.3715 there is κ 1.71565.
    @Test
    void theFilmOfABearing() {
        assertThat(BearingFilm.of(300, 60, 100).wanted()).isCloseTo(51.0653, within(1e-4));
        var good = BearingFilm.of(1450, 90, 21.3715);
        assertThat(good.wanted()).isCloseTo(12.4568, within(1e-4));
        assertThat(good.kappa()).isCloseTo(1.71565, within(1e-5));
        assertThat(good.verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(BearingFilm.of(1450, 90, 12.45).verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(BearingFilm.of(1450, 90, 5).sentence()).startsWith("Thin for the bearing");
        assertThat(BearingFilm.of(1450, 90, 4.9).sentence()).startsWith("Much too thin");
        assertThat(BearingFilm.of(1450, 90, 500).kappa()).isEqualTo(4);
    }

    // ISO 2137, DIN 51818, from memory; limits included.
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "85, NLGI 6",
        "115, NLGI 6",
        "130, NLGI 5",
        "160, NLGI 5",
        "175, NLGI 4",
        "205, NLGI 4",
        "220, NLGI 3",
        "250, NLGI 3",
        "265, NLGI 2",
        "295, NLGI 2",
        "310, NLGI 1",
        "340, NLGI 1",
        "355, NLGI 0",
        "385, NLGI 0",
        "400, NLGI 00",
        "430, NLGI 00",
        "445, NLGI 000",
        "475, NLGI 000",
        "300, between NLGI 1 and 2",
        "116, between NLGI 5 and 6",
        "444, between NLGI 000 and 00"
    })
    void theClassOfAPenetration(double penetration, String words) {
        assertThat(GreaseClass.of(penetration).words()).isEqualTo(words);
        assertThat(GreaseClass.of(penetration).nlgi().isEmpty())
                .isEqualTo(words.startsWith("between"));
    }

    @ParameterizedTest(name = "{0} has no class")
    @CsvSource({"84", "476"})
    void beyondThereIsNoClass(double penetration) {
        assertThatThrownBy(() -> GreaseClass.of(penetration))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("there is no NLGI class");
    }

    // SAE J306, limits of 2005, from memory: both columns have to hold.
    @ParameterizedTest(name = "{0} °C and {1} mm²/s: {2}")
    @CsvSource({
        "-55, 4.1, SAE_70W",
        "-54, 4.1, SAE_75W",
        "-40, 4.1, SAE_75W",
        "-39, 7, SAE_80W",
        "-40, 4.0, ",
        "-26, 7.0, SAE_80W",
        "-26, 6.9, ",
        "-25, 11, SAE_85W",
        "-12, 11, SAE_85W",
        "-12, 10.9, ",
        "-11, 20, "
    })
    void theWinterGrade(double stiff, double at100, WinterGrade grade) {
        assertThat(WinterGrade.of(stiff, at100)).isEqualTo(Optional.ofNullable(grade));
    }

    // m_n 3, 23/92, β 15°, b 60, v 6, F_t 2500, η 40 of a mineral oil: ε_α 1.63362, ε_β 1.64769, R
    // 10.3872, w 27256.4, h 0.512563.
    @Test
    void theFilmOfHelicalTeeth() {
        var film = HelicalFilm.of(helical(15, 60), 6, 2500, 40, BaseOil.MINERAL);
        assertThat(film.contactRatio()).isCloseTo(1.63362, within(1e-5));
        assertThat(film.overlapRatio()).isCloseTo(1.64769, within(1e-5));
        assertThat(film.curvatureMm()).isCloseTo(10.3872, within(1e-4));
        assertThat(film.lineLoadNPerM()).isCloseTo(27256.4, within(0.1));
        assertThat(film.filmUm()).isCloseTo(0.512563, within(1e-5));
        assertThatThrownBy(() -> HelicalFilm.of(helical(15, 30), 6, 2500, 40, BaseOil.MINERAL))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("overlap of these teeth is below 1");
    }

    private static GearPair helical(double beta, double face) {
        return new GearPair(
                gear(23, beta, Hand.RIGHT, face),
                gear(92, beta, Hand.LEFT, face),
                3 * 115 / 2.0 / Math.cos(Math.toRadians(beta)));
    }

    private static CylindricalGear gear(int teeth, double beta, Hand hand, double face) {
        return new CylindricalGear(teeth, 3, 20, beta, hand, 0, face, BasicRack.FULL_DEPTH, false);
    }

    // ISO 4406, from memory: 1523/214/37 a millilitre is 18/15/12.
    @Test
    void countsOfAHundredMillilitres() {
        var count = ParticleCount.of(152_300, 21_400, 3_700);
        assertThat(count.code()).isEqualTo("18/15/12");
        assertThat(count.perMl6()).isEqualTo(214);
        assertThatThrownBy(() -> ParticleCount.of(100, 200, 10)).isInstanceOf(Refused.class);
    }

    /** What goes in comes out: the level of the litres that a level holds is that level. */
    @Test
    void theLevelOfAnAmount() {
        var box = new SumpShape.Box(420, 260, 200, 0);
        var gear = new ImmersedGear("wheel", 180, 166, 40, 110);
        for (double level : new double[] {30, 60, 95, 140}) {
            double litres = FillQuantity.of(box, level, List.of(gear)).litres();
            assertThat(FillQuantity.levelInBoxMm(box, litres, List.of(gear)))
                    .isCloseTo(level, within(1e-6));
        }
    }
}
