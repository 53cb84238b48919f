package app.yunque.backlash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.drive.MeetingTeeth;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: each tooth wears with the number of its contacts. */
class RiseShareTest {
    @ParameterizedTest(name = "{0} mm at {1}/{2}: {3} and {4}")
    @CsvSource({"0.30, 20, 60, 0.225, 0.075", "0.18, 18, 27, 0.108, 0.072", "0, 20, 60, 0, 0"})
    void dividesByTheTeeth(double rise, int z1, int z2, double pinion, double wheel) {
        var share = RiseShare.of(rise, z1, z2);
        assertThat(share.pinionMm()).isCloseTo(pinion, within(1e-12));
        assertThat(share.wheelMm()).isCloseTo(wheel, within(1e-12));
    }

    // Least common multiple: 18 and 42 share 6, so 126 passages, 7 turns of the pinion, 3 of the
    // wheel.
    @Test
    void theSameTeethMeetAgain() {
        assertThat(MeetingTeeth.of(18, 42)).isEqualTo(new MeetingTeeth(126, 7, 3, false));
        assertThat(MeetingTeeth.of(17, 42)).isEqualTo(new MeetingTeeth(714, 42, 17, true));
        assertThat(MeetingTeeth.of(20, 40)).isEqualTo(new MeetingTeeth(40, 2, 1, false));
    }
}
