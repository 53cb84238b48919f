package app.yunque.lubricant.grade;

import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_220;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_46;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_460;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_680;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OilGradeTest {

    // Source: ISO 3448, table of grades and limits, from memory.
    @ParameterizedTest(name = "{0}: {1} to {2} mm²/s")
    @CsvSource({
        "VG_2, 1.98, 2.42", "VG_5, 4.14, 5.06", "VG_7, 6.12, 7.48", "VG_22, 19.8, 24.2",
        "VG_46, 41.4, 50.6", "VG_150, 135, 165", "VG_220, 198, 242", "VG_680, 612, 748",
        "VG_1500, 1350, 1650", "VG_3200, 2880, 3520"
    })
    void holdsTheLimitsOfTheStandard(IsoViscosityGrade grade, double lowest, double highest) {
        assertThat(grade.lowestMm2PerS()).isCloseTo(lowest, within(1e-9));
        assertThat(grade.highestMm2PerS()).isCloseTo(highest, within(1e-9));
    }

    @Test
    void leavesAGapBetweenGrades() {
        assertThat(IsoViscosityGrade.holding(215)).contains(VG_220);
        assertThat(IsoViscosityGrade.holding(50.6)).contains(VG_46);
        assertThat(IsoViscosityGrade.holding(50.7)).isEmpty();
        assertThat(IsoViscosityGrade.nearest(55)).isEqualTo(VG_46);
        assertThat(IsoViscosityGrade.nearest(398)).isEqualTo(VG_460);
        assertThat(IsoViscosityGrade.nearest(814.338)).isEqualTo(VG_680);
        assertThatThrownBy(() -> IsoViscosityGrade.nearest(0)).hasMessageContaining("40 °C");
    }

    // Source: table in the manner of AGMA 9005-D94, from memory; edges as its text reads them.
    @ParameterizedTest(name = "{0} m/s, {1} °C: {2}")
    @CsvSource({
        "4.9, 35, VG_320",
        "5.0, 35, VG_220",
        "5.0, 35.1, VG_460",
        "15, 10, VG_68",
        "30, 40, VG_100",
        "0.5, -10, VG_100",
        "14.9, 10.5, VG_220"
    })
    void readsTheCellOfTheTable(double v, double hottest, IsoViscosityGrade expected) {
        assertThat(VelocityAmbientTable.grade(new GearOilDuty(v, -20, hottest)))
                .isEqualTo(expected);
    }

    // Source: gear-failure literature, ν40 = 7000/√(V in ft/min); the values follow from 500/√v.
    @ParameterizedTest(name = "{0} m/s: {1} mm²/s, {2}")
    @CsvSource({
        "0.5, 707.107, VG_680",
        "1, 500, VG_460",
        "2, 353.553, VG_320",
        "5, 223.607, VG_220",
        "8, 176.777, VG_150",
        "20, 111.803, VG_100"
    })
    void followsTheSquareRoot(double v, double viscosity, IsoViscosityGrade expected) {
        assertThat(VelocityFormula.viscosityMm2PerS(v)).isCloseTo(viscosity, within(5e-4));
        assertThat(VelocityFormula.grade(new GearOilDuty(v, 10, 30))).isEqualTo(expected);
    }

    /** A drum winch at 0.377 m/s: table VG 320, formula VG 680, so the grade between is proposed. */
    @Test
    void proposesTheGradeBetweenWhenTheSchoolsPart() {
        var grade = OilGrade.forDuty(new GearOilDuty(0.376991, 0, 20));
        assertThat(grade.byFormula()).isEqualTo(VG_680);
        assertThat(grade.proposed()).isEqualTo(VG_460);
        assertThat(grade.agree()).isFalse();
        assertThat(grade.reason()).contains("the grade between is proposed");
    }

    @Test
    void refusesAClimateTurnedUpsideDown() {
        assertThatThrownBy(() -> new GearOilDuty(3, 30, 10))
                .hasMessageContaining("Exchange the two.");
        assertThatThrownBy(() -> new GearOilDuty(0, 0, 101))
                .hasMessageContaining("Pitch-line velocity 0 m/s is outside 0.001 to 60 m/s.")
                .hasMessageContaining("Hottest surroundings 101 °C is outside −40 to 100 °C.");
    }
}
