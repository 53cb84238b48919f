package app.yunque.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeysAndSealsTest {

    // Source: DIN 6885-1, table, from memory (mm); both sides of each step.
    @ParameterizedTest
    @CsvSource({
        "6.5, 2, 2, 1.2, 1.0", "8, 2, 2, 1.2, 1.0", "8.1, 3, 3, 1.8, 1.4", "10.1, 4, 4, 2.5, 1.8",
        "12.1, 5, 5, 3.0, 2.3", "17, 5, 5, 3.0, 2.3", "17.1, 6, 6, 3.5, 2.8", "22, 6, 6, 3.5, 2.8",
        "22.1, 8, 7, 4.0, 3.3", "30.1, 10, 8, 5.0, 3.3", "38.1, 12, 8, 5.0, 3.3",
                "44.1, 14, 9, 5.5, 3.8",
        "50.1, 16, 10, 6.0, 4.3", "58.1, 18, 11, 7.0, 4.4", "65.1, 20, 12, 7.5, 4.9",
                "75.1, 22, 14, 9.0, 5.4",
        "85.1, 25, 14, 9.0, 5.4", "95.1, 28, 16, 10.0, 6.4", "110, 28, 16, 10.0, 6.4"
    })
    void knowsTheSection(double shaft, double b, double h, double t1, double t2) {
        var key = ParallelKey.of(shaft, 60, false, 60, 90, 0);
        assertThat(key.widthMm()).isEqualTo(b);
        assertThat(key.heightMm()).isEqualTo(h);
        assertThat(key.shaftDepthMm()).isEqualTo(t1);
        assertThat(key.hubDepthMm()).isEqualTo(t2);
    }

    // Source: worked by hand: 90 × (7 − 4) × (28 − 8) × 25/2 = 67.5 N·m; 60 × 8 × 28 × 25/2 = 168
    // N·m.
    @Test
    void whatAKeyCarries() {
        var key = ParallelKey.of(25, 28, true, 60, 90, 0.08);
        assertThat(key.crushTorqueNm()).isEqualTo(67.5, within(1e-9));
        assertThat(key.shearTorqueNm()).isEqualTo(168, within(1e-9));
        assertThat(key.lostDeg()).isEqualTo(0.366693, within(5e-7));
        assertThat(ParallelKey.of(40, 50, false, 60, 90, 0.15).lostDeg())
                .isEqualTo(0.429718, within(5e-7));
        assertThat(ParallelKey.of(25, 28, false, 60, 90, 0).crushTorqueNm())
                .isEqualTo(94.5, within(1e-9));
        assertThat(key.told().sentence()).contains("its flanks give first");
        assertThat(ParallelKey.of(25, 28, false, 20, 90, 0).told().sentence())
                .contains("it shears first");
    }

    // 25 mm has a key of 8: 5 % are 0.40 mm, 2 % 0.16 (common practice, no source); of a key of 2
    // the
    // 0.03 of a new one stay.
    @ParameterizedTest
    @CsvSource({
        "25, 0.03, false, AS_NEW", "25, 0.031, false, WATCH", "25, 0.40, false, WATCH",
                "25, 0.401, false, BEYOND",
        "25, 0.16, true, WATCH", "25, 0.161, true, BEYOND", "7, 0.039, true, WATCH",
                "7, 0.041, true, BEYOND"
    })
    void slackOfAKey(double shaft, double slack, boolean demanding, Zone zone) {
        assertThat(KeySlack.of(shaft, slack, 0, demanding, false).told().zone()).isEqualTo(zone);
    }

    /** Of a key that holds, doubt counts as failed: 0.15 ± 0.02 against 0.16. */
    @Test
    void doubtAboutAKeyThatHolds() {
        assertThat(KeySlack.of(25, 0.15, 0.02, true, false).told().verdict())
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(KeySlack.of(25, 0.15, 0.02, true, true).told().verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(KeySlack.of(25, 0.1, 0, false, false).told().sentence())
                .isEqualTo("0.100 mm of slack, renewed from 0.400: worn but usable.");
        assertThat(SealLand.of(30, 0.24, 0.02, 1000, true).told().verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    @Test
    void aKeyThatIsAllEndsIsRefused() {
        assertThatThrownBy(() -> ParallelKey.of(25, 8, true, 60, 90, 0))
                .hasMessageContaining("no flank left");
        assertThatThrownBy(() -> ParallelKey.of(6, 20, true, 60, 90, 0))
                .hasMessageContaining("6.001 to 110 mm");
    }

    // Source: v = π d n / 60000 by hand; limits common practice, no source.
    @ParameterizedTest
    @CsvSource({
        "30, 2800, 4.39823, 0.05, AS_NEW",
        "45, 950, 2.23838, 0.0501, WATCH",
        "45, 950, 2.23838, 0.25, WATCH",
        "45, 950, 2.23838, 0.2501, BEYOND"
    })
    void aSealLand(double d, double rpm, double speed, double groove, Zone zone) {
        var land = SealLand.of(d, groove, 0, rpm, false);
        assertThat(land.speedMPerS()).isEqualTo(speed, within(5e-6));
        assertThat(land.told().zone()).isEqualTo(zone);
    }

    @Test
    void aFastLipNeedsAnotherRubber() {
        assertThat(SealLand.of(100, 0, 0, 2400, false).told().warnings())
                .anyMatch(w -> w.contains("nitrile"));
        assertThat(SealLand.of(100, 0, 0, 2200, false).told().warnings()).isEmpty();
    }

    // Source: (2.65 − 2.10)/2.65, (3.55 − 3.00)/3.55 by hand; bands common practice, no source.
    @ParameterizedTest
    @CsvSource({
        "2.65, 2.10, 20, 20.6, true, 0.207547, CLEAR_FAIL",
                "2.65, 2.10, 20, 20.6, false, 0.207547, CLEAR_PASS",
        "3.55, 3.00, 20, 20.6, true, 0.154930, CLEAR_PASS",
                "3.55, 3.00, 20, 20.1, true, 0.154930, CLEAR_FAIL",
        "3.55, 3.00, 20, 21.4, true, 0.154930, CLEAR_FAIL",
                "2.5, 2.51, 20, 20.6, false, -0.004, CLEAR_FAIL",
        "4, 2.79, 20, 20.6, false, 0.3025, CLEAR_FAIL",
                "4, 3.41, 20, 20.6, false, 0.1475, CLEAR_FAIL",
        "4, 3.69, 20, 20.6, true, 0.0775, CLEAR_FAIL"
    })
    void anORing(
            double cord,
            double gap,
            double inside,
            double seat,
            boolean moving,
            double squeeze,
            Verdict verdict) {
        var ring = ORingGroove.of(cord, gap, inside, seat, moving);
        assertThat(ring.squeeze()).isEqualTo(squeeze, within(5e-7));
        assertThat(ring.told().verdict()).isEqualTo(verdict);
    }
}
