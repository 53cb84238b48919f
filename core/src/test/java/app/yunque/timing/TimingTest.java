package app.yunque.timing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;

class TimingTest {

    @Test
    void movesBySplinesAndTeethToTheFinestStep() {
        var five = SplineTiming.of(10, 27, 5);
        assertThat(five.finestDeg()).isCloseTo(1.33333, within(6e-6));
        assertThat(five.splines()).isEqualTo(2);
        assertThat(five.teeth()).isEqualTo(-5);
        assertThat(five.residualDeg()).isCloseTo(-1 / 3.0, within(1e-9));
        var back = SplineTiming.of(12, 40, -7);
        assertThat(back.splines()).isEqualTo(1);
        assertThat(back.teeth()).isEqualTo(-4);
        assertThat(back.shiftDeg()).isCloseTo(-6, within(1e-9));
        assertThat(SplineTiming.of(6, 24, 15).sentence()).contains("The splines do not help here");
    }

    /** Every wanted step of every small hub is reached exactly, by trying it out on whole turns. */
    @Test
    void theShiftFoundTurnsTheOutputByWhatItSays() {
        for (int splines = 4; splines <= 16; splines++) {
            for (int teeth = 15; teeth <= 31; teeth++) {
                for (double wanted = -40; wanted <= 40; wanted += 7.3) {
                    var found = SplineTiming.of(splines, teeth, wanted);
                    double turned =
                            360.0 * found.splines() / splines + 360.0 * found.teeth() / teeth;
                    assertThat(Math.IEEEremainder(turned - found.shiftDeg(), 360))
                            .as("%d splines, %d teeth, %.1f°", splines, teeth, wanted)
                            .isCloseTo(0, within(1e-9));
                    assertThat(Math.abs(found.residualDeg()))
                            .isLessThanOrEqualTo(found.finestDeg() / 2 + 1e-9);
                }
            }
        }
    }

    @Test
    void bringsTwoOutputsTrueTogetherOrSaysByHowMuchToMeshAnew() {
        var both = OutputTiming.of(18, 45, 7, 60, 22);
        assertThat(both.inputTeeth()).contains(142L);
        assertThat(both.inputTurns().orElseThrow()).isCloseTo(7.88889, within(6e-6));
        assertThat(both.repeatTeeth()).isEqualTo(180);
        var never = OutputTiming.of(18, 45, 7, 60, 20);
        assertThat(never.inputTeeth()).isEmpty();
        assertThat(never.remeshTeeth()).isEqualTo(2);
        assertThat(OutputTiming.of(18, 45, 7.4, 60, 22).warnings())
                .anyMatch(w -> w.contains("lies between teeth"));
    }

    /** Tried tooth by tooth on two counters. */
    @Test
    void agreesWithTurningToothByTooth() {
        for (int a = 0; a < 12; a++) {
            for (int b = 0; b < 20; b++) {
                Long turned = null;
                for (long t = 0; t < 60 && turned == null; t++) {
                    if (t % 12 == a && t % 20 == b) {
                        turned = t;
                    }
                }
                assertThat(OutputTiming.of(10, 12, a, 20, b).inputTeeth())
                        .as("a %d, b %d", a, b)
                        .isEqualTo(Optional.ofNullable(turned));
            }
        }
    }
}
