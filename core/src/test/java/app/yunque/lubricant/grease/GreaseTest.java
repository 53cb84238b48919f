package app.yunque.lubricant.grease;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.lubricant.grease.BearingGrease.Bearing;
import app.yunque.lubricant.grease.BearingGrease.Carries;
import app.yunque.lubricant.grease.BearingGrease.Design;
import app.yunque.lubricant.grease.GreaseSurroundings.Moisture;
import app.yunque.lubricant.grease.GreaseSurroundings.Shaft;
import app.yunque.lubricant.grease.GreaseSurroundings.Vibration;
import app.yunque.lubricant.interval.ChangeInterval.Dirt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Grease of bearings, boxes and loose balls. */
class GreaseTest {
    private static final GreaseSurroundings EASY =
            new GreaseSurroundings(
                    50, Dirt.CLEAN, Moisture.DRY, Vibration.BELOW_5_MM_PER_S, Shaft.LYING);

    private static BearingGrease ball(double bore, double outside, double width, double mass) {
        return BearingGrease.of(
                new Bearing(bore, outside, width, mass, Design.BALL),
                1450,
                Carries.ORDINARY_SHAFT,
                EASY);
    }

    // Common practice, no source: widely printed motor and bearing formula, worked out apart from
    // this code. The room is
    // geometry: ring less steel.
    @Test
    void aBearingTakesSoMuchAndSoOften() {
        var small = ball(40, 80, 18, 0.370);
        assertThat(small.freeRoomCm3()).isCloseTo(20.7246, within(6e-5));
        assertThat(small.sideG()).isCloseTo(7.2, within(1e-12));
        assertThat(small.grooveG()).isCloseTo(2.88, within(1e-12));
        assertThat(small.hours()).isCloseTo(13_666.2, within(0.06));
        assertThat(small.firstG()).isCloseTo(6.52826, within(2e-5));
        var large = ball(50, 110, 27, 1.07);
        assertThat(large.freeRoomCm3()).isCloseTo(67.2695, within(6e-5));
        assertThat(large.sideG()).isCloseTo(14.85, within(1e-12));
    }

    @ParameterizedTest(name = "{0}, {1} min⁻¹, bore {2}: {5} h")
    @CsvSource({
        "CYLINDRICAL_OR_NEEDLE, 960, 60, 70, LIGHT, 2874.73",
        "TAPER_OR_SPHERICAL, 3000, 80, 40, CLEAN, 201.749",
        "BALL, 100, 40, 40, CLEAN, 17520"
    })
    void surroundingsShortenTheInterval(
            Design design, double rpm, double bore, double degC, Dirt dirt, double hours) {
        var grease =
                BearingGrease.of(
                        new Bearing(
                                bore, 2.2 * bore, 0.4 * bore, bore * bore * bore / 300_000, design),
                        rpm,
                        Carries.ORDINARY_SHAFT,
                        new GreaseSurroundings(
                                degC, dirt, Moisture.DRY, Vibration.BELOW_5_MM_PER_S, Shaft.LYING));
        assertThat(grease.hours()).isCloseTo(hours, within(6e-3));
    }

    // Common practice, no source: the factors as they are widely printed.
    @Test
    void everyFactorCounts() {
        var worst =
                new GreaseSurroundings(
                        95,
                        Dirt.HEAVY,
                        Moisture.WATER_ON_IT,
                        Vibration.ABOVE_10_MM_PER_S,
                        Shaft.STANDING);
        assertThat(EASY.factor()).isEqualTo(1);
        assertThat(worst.factor()).isCloseTo(0.1 * 0.2 * 0.1 * 0.3 * 0.3, within(1e-12));
        assertThat(
                        new GreaseSurroundings(
                                        65,
                                        Dirt.LIGHT,
                                        Moisture.HUMID,
                                        Vibration.TO_10_MM_PER_S,
                                        Shaft.LEANING)
                                .factor())
                .isCloseTo(0.5 * 0.7 * 0.7 * 0.6 * 0.5, within(1e-12));
    }

    // Common practice, no source: 60 to 90 % of the room of a slow bearing, 30 to 50 of an ordinary
    // one, 15 to 25 of a fast
    // one, 10 to 20 of a spindle's.
    @ParameterizedTest(name = "{0} min⁻¹, {1}: {2} to {3} %")
    @CsvSource({
        "500, ORDINARY_SHAFT, 60, 90",
        "1450, ORDINARY_SHAFT, 30, 50",
        "5500, ORDINARY_SHAFT, 15, 25",
        "1450, SPINDLE, 10, 20"
    })
    void theFasterTheLess(double rpm, Carries carries, double least, double most) {
        var grease =
                BearingGrease.of(new Bearing(40, 80, 18, 0.37, Design.BALL), rpm, carries, EASY);
        assertThat(100 * grease.share()).isBetween(least, most);
        assertThat(grease.warnings()).hasSize(0);
        assertThat(
                        BearingGrease.of(
                                        new Bearing(40, 80, 18, 0.37, Design.BALL),
                                        6000,
                                        carries,
                                        EASY)
                                .warnings())
                .first()
                .asString()
                .contains("360000");
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> new Bearing(40, 80, 18, 9, Design.BALL))
                .hasMessageContaining("do not fit together");
        var taper = new Bearing(120, 215, 40, 6, Design.TAPER_OR_SPHERICAL);
        assertThatThrownBy(() -> BearingGrease.of(taper, 3600, Carries.ORDINARY_SHAFT, EASY))
                .hasMessageContaining("runs too fast");
        assertThatThrownBy(() -> GreaseAmount.ofRoomG(0, 0.6)).hasMessageContaining("0.01");
    }

    // Geometry: 180 cm³ filled to 60 % at 0.9 g/cm³.
    @Test
    void aBoxIsFilledToItsShare() {
        assertThat(GreaseAmount.ofRoomG(180, 0.6)).isCloseTo(97.2, within(1e-9));
    }

    /** Counted by laying one ball after the other, each touching the last, until the next would strike the first. */
    @ParameterizedTest(name = "balls of {0} mm on {1} mm")
    @CsvSource({"6, 38", "4.762, 30", "5, 40", "3.175, 22.5", "10, 31"})
    void looseBallsTouchAllRound(double ball, double pitch) {
        int laid = 0;
        double chord = ball;
        double step = 2 * Math.atan2(chord / 2, Math.sqrt(pitch * pitch - chord * chord) / 2);
        for (double at = 0; 2 * Math.PI - at > step - 1e-9 || laid == 0; at += step) {
            laid++;
        }
        var balls = LooseBalls.of(ball, pitch - ball, pitch + ball, 1.5 * ball);
        assertThat(balls.most()).isEqualTo(laid);
        assertThat(balls.fit()).isBetween(balls.most() - 1, balls.most());
    }

    // Geometry, worked out apart from this code: 28/48 × 9, 19 balls of 6: 8.59540 cm³ for grease.
    @Test
    void theRoomLeftBetweenTheBalls() {
        var balls = LooseBalls.of(6, 28, 48, 9);
        assertThat(balls.fit()).isEqualTo(19);
        assertThat(balls.roomCm3()).isCloseTo(8.59540, within(6e-6));
    }

    /** Six balls of a third of the ring touch exactly: one fewer, so that they roll. */
    @Test
    void aTightRaceGetsOneFewer() {
        var six = LooseBalls.of(10, 10, 30, 12);
        assertThat(six.most()).isEqualTo(6);
        assertThat(six.leftoverMm()).isCloseTo(0, within(1e-6));
        assertThat(six.fit()).isEqualTo(5);
        assertThatThrownBy(() -> LooseBalls.of(12, 10, 30, 12))
                .hasMessageContaining("too large for a pitch circle of 20 mm");
        assertThatThrownBy(() -> LooseBalls.of(5, 30, 20, 12))
                .hasMessageContaining("outside is the larger");
    }
}
