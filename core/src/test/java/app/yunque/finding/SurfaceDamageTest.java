package app.yunque.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import org.junit.jupiter.api.Test;

class SurfaceDamageTest {

    // Area limits: life criterion of ISO 6336-2, from memory.
    @Test
    void pittingIsJudgedByTheShareOfAllFlank() {
        assertThat(pitting(20, 2, 20, false).verdict())
                .as("2 % of all")
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(pitting(21, 2, 20, false).verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(pitting(3, 1, 20, true).verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(pitting(5, 1, 200, true).verdict())
                .as("5 % of one hardened flank, though little of all")
                .isEqualTo(Verdict.CLEAR_FAIL);
        var initial =
                SurfaceDamage.of(
                        WearMode.INITIAL_PITTING,
                        5,
                        false,
                        2,
                        40,
                        false,
                        ServiceDuty.ENCLOSED_POWER);
        assertThat(initial.verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(initial.sentence()).contains("0.25 % of all flank");
    }

    // Common practice, no source: a crack, a spall or a feather edge renews whatever the numbers
    // say.
    @Test
    void someFindingsRenewWhateverTheNumbersSay() {
        for (var mode :
                new WearMode[] {WearMode.BENDING_CRACK, WearMode.SPALLING, WearMode.FEATHER_EDGE}) {
            var told = SurfaceDamage.of(mode, 0, false, 1, 30, false, ServiceDuty.LIFTING);
            assertThat(told.verdict()).as(mode.words()).isEqualTo(Verdict.CLEAR_FAIL);
            assertThat(told.sentence()).contains("its mate too");
        }
        assertThat(
                        SurfaceDamage.of(
                                        WearMode.SCUFFING,
                                        30,
                                        true,
                                        3,
                                        30,
                                        false,
                                        ServiceDuty.LIFTING)
                                .verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThatThrownBy(() -> pitting(5, 31, 30, false))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("31 teeth are said to show it, but the gear has 30");
    }

    private static SurfaceDamage pitting(double area, int hit, int teeth, boolean hardened) {
        return SurfaceDamage.of(
                WearMode.PROGRESSIVE_PITTING,
                area,
                false,
                hit,
                teeth,
                hardened,
                ServiceDuty.ENCLOSED_POWER);
    }
}
