package app.yunque.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.fit.MeasuredFit.Seat;
import app.yunque.fit.MeasuredFit.Size;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FitTest {

    // Source: worked from the tables of ISO 286-2 and ISO 492, from memory (mm).
    @ParameterizedTest
    @CsvSource({
        "40, H7, k6, -0.018, 0.023, TRANSITION", "25, H7, g6, 0.007, 0.041, CLEARANCE",
        "50, H7, p6, -0.042, -0.001, INTERFERENCE", "62, N7, h6, -0.039, 0.010, TRANSITION",
        "25, H7, h6, 0, 0.034, CLEARANCE", "40, bearing, k6, -0.030, -0.002, INTERFERENCE",
        "80, J7, bearing, -0.012, 0.031, TRANSITION", "3, H7, p6, -0.012, 0.004, TRANSITION"
    })
    void agreesWithTheTables(
            double d, String hole, String shaft, double least, double most, Fit.Kind kind) {
        var fit = Fit.of(d, hole, shaft);
        assertThat(fit.leastMm()).as("least clearance (mm)").isEqualTo(least, within(1e-12));
        assertThat(fit.mostMm()).as("largest clearance (mm)").isEqualTo(most, within(1e-12));
        assertThat(fit.kind()).isEqualTo(kind);
    }

    @Test
    void tellsHoleAndShaftApart() {
        assertThatThrownBy(() -> Fit.of(40, "k6", "H7")).hasMessageContaining("Exchange the two");
    }

    private static MeasuredFit measured(
            String hole,
            String shaft,
            double d,
            double h,
            double uh,
            double s,
            double us,
            Seat seat) {
        return MeasuredFit.of(d, hole, shaft, new Size(h, uh), new Size(s, us), seat, false);
    }

    // Source: ISO 14253-1 applied to the same tables, worked by hand.
    @Test
    void judgesAPairWithItsUncertainty() {
        var pass = measured("H7", "k6", 40, 40.021, 0.003, 40.006, 0.002, Seat.PLAIN);
        assertThat(pass.clearanceMm()).isEqualTo(0.015, within(1e-9));
        assertThat(pass.uncertaintyMm()).isEqualTo(0.00360555, within(5e-9));
        assertThat(pass.told().verdict()).isEqualTo(Verdict.CLEAR_PASS);

        var doubt = measured("H7", "g6", 25, 25.024, 0.002, 24.985, 0.002, Seat.PLAIN);
        assertThat(doubt.told().verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(doubt.hole()).as("25.024 ± 0.002 against 25.021").isEqualTo(Verdict.CLEAR_FAIL);
    }

    @Test
    void saysWhenAPairFitsOnlyTogether() {
        var pair = measured("H7", "g6", 25, 25.026, 0.001, 24.990, 0.001, Seat.PLAIN);
        assertThat(pair.told().verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(pair.hole()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(pair.told().warnings()).anyMatch(w -> w.contains("A new mate will not fit it"));
    }

    /** Under a load that turns, a ring creeps as soon as it is free: between the fit and nothing it is worn, beyond nothing renewed. */
    @Test
    void aRingThatTurnsWithItsLoadMayNotBeFree() {
        assertThat(turning(39.999)).isEqualTo(Zone.AS_NEW);
        assertThat(turning(39.9945)).isEqualTo(Zone.WATCH);
        assertThat(turning(39.992)).isEqualTo(Zone.BEYOND);
    }

    private static Zone turning(double shaft) {
        return measured("bearing", "k6", 40, 39.993, 0, shaft, 0, Seat.TURNING_LOAD).told().zone();
    }

    /** Under a standing load renewal begins one IT7 beyond the fit: 40 J7 to a bearing outside, 0.025 beyond 0.025 (ISO 286-2, from memory). */
    @Test
    void aStandingRingMayBeALittleFree() {
        assertThat(standing(40.024)).isEqualTo(Zone.AS_NEW);
        assertThat(standing(40.045)).isEqualTo(Zone.WATCH);
        assertThat(standing(40.051)).isEqualTo(Zone.BEYOND);
        assertThat(standing(39.985)).isEqualTo(Zone.BELOW);
    }

    private static Zone standing(double hole) {
        return measured("J7", "bearing", 40, hole, 0, 40, 0, Seat.STANDING_LOAD).told().zone();
    }

    /** 40 H7/k6 is up to 0.023; IT7 is 0.025, IT8 0.039 (ISO 286-1, from memory). */
    @Test
    void aHubAndASpigotMayWearByAGrade() {
        assertThat(loose(40.027, Seat.HUB)).isEqualTo(Zone.WATCH);
        assertThat(loose(40.0281, Seat.HUB)).as("0.0481 beyond 0.048").isEqualTo(Zone.BEYOND);
        assertThat(loose(40.0419, Seat.SPIGOT)).isEqualTo(Zone.WATCH);
        assertThat(loose(40.0421, Seat.SPIGOT)).as("0.0621 beyond 0.062").isEqualTo(Zone.BEYOND);
        assertThat(loose(40.0031, Seat.PLAIN)).as("0.0231 beyond 0.023").isEqualTo(Zone.BEYOND);
    }

    private static Zone loose(double hole, Seat seat) {
        return measured("H7", "k6", 40, hole, 0, 39.98, 0, seat).told().zone();
    }

    @Test
    void doubtCountsAsFailedOnWhatHolds() {
        var strict =
                MeasuredFit.of(
                        25,
                        "H7",
                        "g6",
                        new Size(25.024, 0.002),
                        new Size(24.985, 0.002),
                        Seat.PLAIN,
                        true);
        assertThat(strict.told().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
    }

    @Test
    void asksWhetherTheTwoBelongTogether() {
        assertThat(measured("H7", "g6", 25, 27, 0, 24.99, 0, Seat.PLAIN).told().warnings())
                .anyMatch(w -> w.contains("of the same joint?"));
    }
}
