package app.yunque.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChangeGearsTest {

    // Facts of the trade: 1.5 mm on 8 threads an inch is 60/127 exactly; 63 teeth stand in for 127
    // at 125 ppm.
    @Test
    void findsTheExactTrainAndTheOneThatMissesByAHundredAndTwentyFiveMillionths() {
        var exact = ChangeGears.of(1.5, 3.175, 1, List.of(60, 127, 40, 80), 1, 8);
        assertThat(exact.wantedRatio()).isCloseTo(60 / 127.0, within(1e-12));
        assertThat(exact.trains().get(0).words()).isEqualTo("60/127");
        assertThat(exact.trains().get(0).errorPpm()).isCloseTo(0, within(1e-6));
        var near = ChangeGears.of(1.5, 3.175, 1, List.of(27, 63, 40, 80, 50, 45, 54, 30), 1, 4);
        assertThat(near.trains())
                .anySatisfy(t -> assertThat(t.errorPpm()).isCloseTo(125, within(1.0)));
    }

    @Test
    void refusesGearsThatCannotBe() {
        assertThatThrownBy(() -> ChangeGears.of(1.5, 3, 1, List.of(60, 5), 1, 8))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Teeth of a change gear 5 is outside 12 to 200");
    }

    @Test
    void ratioByTurningListsTheTeethThatWouldGiveIt() {
        var seven = RatioByTurning.of(50, 11, 240, 10);
        assertThat(seven.ratio()).isCloseTo(30 / 7.0, within(1e-12));
        assertThat(seven.uncertainty()).isCloseTo(0.0102041, within(6e-8));
        assertThat(seven.pairs()).anyMatch(p -> p.pinion() == 14 && p.wheel() == 60);
        assertThat(seven.sentence()).contains("Turn further");
        var hundred = RatioByTurning.of(20, 3, 288, 5);
        assertThat(hundred.uncertainty()).isCloseTo(0.0192367, within(6e-8));
        assertThat(hundred.pairs()).anyMatch(p -> p.pinion() == 19 && p.wheel() == 100);
    }
}
