package app.yunque.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.fit.PinInHole.Use;
import app.yunque.fit.SplinePlay.Form;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SplinesAndPinsTest {

    /** Limits of the check SPL-2 (judgement, no source), each edge from both sides: module 2 mm, width 6 mm. */
    @ParameterizedTest
    @CsvSource({
        "INVOLUTE, 2, false, 0.100, AS_NEW",
        "INVOLUTE, 2, false, 0.101, WATCH",
        "INVOLUTE, 2, false, 0.300, WATCH",
        "INVOLUTE, 2, false, 0.301, BEYOND",
        "INVOLUTE, 2, true, 0.200, WATCH",
        "INVOLUTE, 2, true, 0.201, BEYOND",
        "STRAIGHT, 6, false, 0.120, AS_NEW",
        "STRAIGHT, 6, false, 0.121, WATCH",
        "STRAIGHT, 6, false, 0.360, WATCH",
        "STRAIGHT, 6, false, 0.361, BEYOND",
        "STRAIGHT, 6, true, 0.240, WATCH",
        "STRAIGHT, 6, true, 0.241, BEYOND",
    })
    void aSplineByItsPlay(Form form, double size, boolean demanding, double play, Zone zone) {
        assertThat(SplinePlay.of(form, size, 20, play, 0, demanding, false).told().zone())
                .isEqualTo(zone);
    }

    // Source: an arc over its radius is the angle; 0.35 over 20 mm is 0.0175 rad.
    @Test
    void whatItLetsTurn() {
        var play = SplinePlay.of(Form.INVOLUTE, 2, 20, 0.35, 0.01, false, false);
        assertThat(play.angleDeg()).isEqualTo(1.0026761, within(1e-6));
        assertThat(play.renewMm()).isEqualTo(0.30, within(1e-12));
        assertThat(play.told().sentence())
                .startsWith("0.350 mm of play, renewed from 0.300: ")
                .endsWith("It lets turn 1.00°.");
        assertThat(SplinePlay.of(Form.INVOLUTE, 2, 40, 0.35, 0.01, false, false).angleDeg())
                .isEqualTo(play.angleDeg() / 2, within(1e-9));
    }

    @Test
    void onAStrictPartDoubtCountsAsBeyond() {
        assertThat(SplinePlay.of(Form.INVOLUTE, 2, 20, 0.29, 0.02, false, false).told().verdict())
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(SplinePlay.of(Form.INVOLUTE, 2, 20, 0.29, 0.02, false, true).told().verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    private static PinInHole pin(Use use, double hole, double pin) {
        return PinInHole.of(use, 10, List.of(hole), List.of(pin), 0, false);
    }

    /** Limits of the check PIN-2 (judgement, no source) on a pin of 10 mm: a pivot 0.10 and 0.30, a dowel 0 and 0.02. */
    @ParameterizedTest
    @CsvSource({
        "PIVOT, 10.10, AS_NEW",
        "PIVOT, 10.101, WATCH",
        "PIVOT, 10.30, WATCH",
        "PIVOT, 10.301, BEYOND",
        "DOWEL, 9.990, AS_NEW",
        "DOWEL, 10.000, AS_NEW",
        "DOWEL, 10.001, WATCH",
        "DOWEL, 10.020, WATCH",
        "DOWEL, 10.021, BEYOND",
    })
    void aPinByItsPlay(Use use, double hole, Zone zone) {
        assertThat(pin(use, hole, 10).told().zone()).isEqualTo(zone);
    }

    @Test
    void theWorstPlaceDecides() {
        var play =
                PinInHole.of(
                        Use.PIVOT, 10, List.of(10.05, 10.35), List.of(9.98, 9.90), 0.01, false);
        assertThat(play.clearanceMm()).isEqualTo(0.45, within(1e-9));
        assertThat(play.ovalMm()).isEqualTo(0.30, within(1e-9));
        assertThat(play.told().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(play.told().warnings())
                .anyMatch(w -> w.startsWith("The hole is out of round"))
                .anyMatch(w -> w.startsWith("A new pin does not mend it"));
        assertThat(pin(Use.DOWEL, 9.99, 10).told().sentence()).startsWith("Tight by 0.010 mm: ");
    }

    /** A worn pin in a good hole: a new pin is enough, and nothing is said against it. */
    @Test
    void aNewPinIsEnoughWhereTheHoleIsGood() {
        var play = PinInHole.of(Use.PIVOT, 10, List.of(10.02, 10.04), List.of(9.60), 0.01, false);
        assertThat(play.told().zone()).isEqualTo(Zone.BEYOND);
        assertThat(play.told().warnings()).isEmpty();
        assertThat(pin(Use.PIVOT, 10.30, 10).told().warnings())
                .as("on the limit a new pin still does")
                .isEmpty();
        assertThat(
                        PinInHole.of(Use.PIVOT, 10, List.of(10.0, 10.1), List.of(9.9), 0.05, false)
                                .told()
                                .warnings())
                .as("out of round by no more than a new joint may have")
                .isEmpty();
    }

    @Test
    void nothingOutsideItsRange() {
        assertThatThrownBy(() -> SplinePlay.of(Form.INVOLUTE, 2, 20, 10.1, 0, false, false))
                .hasMessageContaining("0 to 10");
        assertThatThrownBy(() -> PinInHole.of(Use.DOWEL, 0.4, List.of(0.4), List.of(0.4), 0, false))
                .hasMessageContaining("0.5 to 300");
        assertThatThrownBy(
                        () ->
                                PinInHole.of(
                                        Use.DOWEL,
                                        10,
                                        List.of(10.0, -1.0),
                                        List.of(10.0),
                                        0,
                                        false))
                .isInstanceOf(Refused.class);
    }

    @Test
    void notTwoJointsMixedUp() {
        assertThatThrownBy(() -> pin(Use.PIVOT, 12.1, 10))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("The hole reads 12.1 mm")
                .hasMessageContaining("Is it the same joint?");
        assertThatThrownBy(() -> pin(Use.PIVOT, 10, 7.9)).hasMessageContaining("The pin reads 7.9");
        assertThat(pin(Use.PIVOT, 12, 8).clearanceMm()).isEqualTo(4, within(1e-9));
    }
}
