package app.yunque.lubricant.grade;

import static app.yunque.lubricant.viscosity.IsoViscosityGrade.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The schools of thickness: load against speed, four schools beside each other, and worms. */
class SchoolsOfGradeTest {
    @ParameterizedTest(name = "F {0} N, b {1}, d {2}, u {3}: k_s {4}")
    @CsvSource({"10000, 50, 80, 4, 9.375", "2500, 30, 60, 3.5, 5.35714"})
    void pressesTheFlanks(double force, double face, double pinion, double ratio, double expected) {
        assertThat(new ToothLoad(force, face, pinion, ratio, 1, 60).pressure())
                .isCloseTo(expected, within(6e-6));
    }

    @ParameterizedTest(name = "{0} MPa·s/m: {1} mm²/s")
    @CsvSource({"0.1, 99.5268", "0.333, 161.034", "2.5, 360.675", "10, 627.972"})
    void readsTheLoadAgainstTheSpeed(double factor, double expected) {
        assertThat(LoadSpeedFactor.viscosityMm2PerS(factor)).isCloseTo(expected, within(6e-4));
    }

    /** Drum winch, m 5, 16/64, 90 min⁻¹, 3.77 kW, Ra 1.6 each: four schools, and no grade makes a film. */
    @Test
    void asksFourSchoolsForADrumWinch() {
        double rq = Math.sqrt(2) * 1.25 * 1.6;
        var load = new ToothLoad(10_000.2, 50, 80, 4, rq, 45);
        var grade = OilGrade.forDuty(new GearOilDuty(0.376991, 0, 20, Optional.of(load)));
        assertThat(grade.schools())
                .extracting(GradeSchool::grade)
                .containsExactly(
                        Optional.of(VG_320),
                        Optional.of(VG_680),
                        Optional.of(VG_1000),
                        Optional.empty());
        assertThat(grade.proposed()).isEqualTo(VG_460);
        assertThat(grade.schools().get(3).says())
                .contains("ISO VG 320 λ 0.07", "ISO VG 680 λ 0.12");
    }

    // Source: AGMA 9005-D94, from memory.
    @Test
    void choosesAnOilForAWorm() {
        var run = new WormOil.Run(1.5, 30, 50, 1450, 10, 125);
        assertThat(run.slidingMPerS()).isCloseTo(3.85465, within(6e-6));
        assertThat(new WormOil.Run(0.4, 30, 36, 900, 5, 80).slidingMPerS())
                .isCloseTo(1.70294, within(6e-6));
        var oil = WormOil.of(run);
        assertThat(oil.proposed()).isEqualTo(VG_680);
        assertThat(oil.schools())
                .extracting(s -> s.grade().orElseThrow())
                .containsExactly(VG_680, VG_680, VG_460);
        assertThat(WormOil.of(2.25, 30).proposed()).isEqualTo(VG_460);
        assertThat(WormOil.of(2.2, 10).proposed()).isEqualTo(VG_460);
        assertThat(WormOil.byDistance(new WormOil.Run(1.5, 30, 50, 451, 10, 200)))
                .isEqualTo(VG_460);
        assertThat(WormOil.byDistance(new WormOil.Run(1.5, 30, 50, 450, 10, 200)))
                .isEqualTo(VG_680);
        assertThatThrownBy(() -> new WormOil.Run(1, 30, 50, 900, 70, 80))
                .hasMessageContaining("Lead angle 70 degrees is outside 0.1 to 60 degrees");
    }
}
