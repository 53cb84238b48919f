package app.yunque.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.Gears;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TurnCountTest {
    private final Drive train =
            Drives.ofPairs(
                    List.of(Gears.spurPair(18, 54, 2), Gears.spurPair(20, 65, 3)), 1440, 7.5);

    // Worked out by hand: 54/18 × 65/20 = 9.75; 1440/9.75 = 147.692.
    @Test
    void multipliesTheStages() {
        assertThat(train.ratio()).isEqualTo(9.75);
        assertThat(train.outputSpeedRpm()).isCloseTo(147.692, within(5e-4));
        assertThat(train.turnsTheSameWay()).isTrue();
        assertThat(train.driverSpeedRpm(2)).isCloseTo(480, within(1e-9));
    }

    // Handbook arithmetic: d 63 mm at 1440 min⁻¹ runs 4.75009 m/s; T = 9549.30 P/n.
    @Test
    void knowsPitchLineVelocityAndTorque() {
        var fast = Drives.ofPairs(List.of(Gears.spurPair(21, 42, 3)), 1440, 7.5);
        assertThat(fast.pitchLineVelocityMPerS(1)).isCloseTo(4.75009, within(5e-6));
        assertThat(fast.inputTorqueNm()).isCloseTo(9549.30 * 7.5 / 1440, within(1e-3));
    }

    // 50 turns in, 11 turns 240° out, the angle read to ±5° at each end: 4.28571 = 30/7, ±
    // 0.0102041.
    @Test
    void countsTurnsWithTheirBand() {
        var single = Drives.ofPairs(List.of(Gears.spurPair(14, 60, 2)), 100, 0);
        var check =
                TurnCountCheck.of(
                        single,
                        Optional.empty(),
                        new TurnCountCheck.Count(50, 11 + 240.0 / 360, 5));
        assertThat(check.countedRatio()).isCloseTo(4.28571, within(5e-6));
        assertThat(check.uncertainty()).isCloseTo(0.0102041, within(5e-8));
        assertThat(check.verdict()).isEqualTo(Verdict.CLEAR_PASS);
    }

    @Test
    void isDoubtfulWhileOneToothMoreWouldFitAsWell() {
        var check =
                TurnCountCheck.of(train, Optional.empty(), new TurnCountCheck.Count(9.75, 1, 10));
        assertThat(check.verdict()).isEqualTo(Verdict.DOUBTFUL);

        var enough =
                new TurnCountCheck.Count(
                        check.inputTurnsToBeSure(), check.inputTurnsToBeSure() / 9.75, 10);
        assertThat(TurnCountCheck.of(train, Optional.empty(), enough).verdict())
                .as("after the turns it asked for")
                .isEqualTo(Verdict.CLEAR_PASS);
    }

    @Test
    void namesTheToothThatExplainsAWrongRatio() {
        var check =
                TurnCountCheck.of(
                        train,
                        Optional.empty(),
                        new TurnCountCheck.Count(960, 100, 3)); // 9.6 = 3 × 64/20
        assertThat(check.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(check.sentence()).contains("stage 2 with z 20/64");
    }

    @Test
    void refusesAnOutputThatNeverMoved() {
        assertThatThrownBy(() -> new TurnCountCheck.Count(10, 0, 5))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Turn the input further");
    }
}
