package app.yunque.backlash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.GearPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Gauge;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BacklashTest {
    private static final Gauge DIAL = new Gauge(0.01, 0.005);

    // Worked out apart from this code by contact of string-unwound flanks.
    @Test
    void statesOneBacklashInEveryWay() {
        var spur = Gears.spurPairAt(20, 40, 3, 90.2);
        assertThat(Math.toDegrees(spur.workingPressureAngleRad())).isCloseTo(20.3462, within(5e-5));
        var backlash = Backlash.ofCircumferential(spur, 0.277415);
        assertThat(backlash.normalMm()).isCloseTo(0.260107, within(1e-6));
        assertThat(backlash.pinionAngleMin()).isCloseTo(31.7189, within(5e-4));
        assertThat(backlash.wheelAngleMin()).isCloseTo(15.8595, within(5e-4));

        var pinion = Gears.helical(18, Hand.LEFT).teeth(19).shift(0.1).build();
        var wheel = Gears.helical(18, Hand.RIGHT).teeth(44).shift(0.2).build();
        var helical = new GearPair(pinion, wheel, 100.4);
        assertThat(Math.toDegrees(helical.workingPressureAngleRad()))
                .isCloseTo(22.4372, within(5e-5));
        assertThat(Backlash.ofCircumferential(helical, 0.194081).normalMm())
                .isCloseTo(0.171659, within(1e-6));
    }

    // Source: printed table of ISO/TR 10064-2, which rounds up to 0.01 mm, from memory.
    @ParameterizedTest(name = "m = {0}, a = {1}: j_bn,min {2}")
    @CsvSource({
        "1.5, 50, 0.09", "1.5, 100, 0.11", "2, 50, 0.10", "2, 100, 0.12", "2, 200, 0.15",
                "3, 50, 0.12",
        "3, 200, 0.17", "3, 400, 0.24", "5, 100, 0.18", "5, 400, 0.28", "8, 200, 0.27",
                "8, 800, 0.47",
        "12, 400, 0.42", "18, 800, 0.67", "18, 1600, 0.94"
    })
    void recommendsWhatTheReportPrints(double module, double a, double printed) {
        double least = RecommendedBacklash.leastNormalMm(a, module);
        assertThat(Math.ceil(least * 100 - 1e-9) / 100).isCloseTo(printed, within(1e-9));
    }

    @Test
    void standsTheMinimumAlongTheCircle() {
        var pair = Gears.spurPairAt(50, 83, 3, 200);
        var limits = RecommendedBacklash.of(pair, ServiceDuty.ENCLOSED_POWER, Optional.empty());
        assertThat(limits.leastNormalMm()).isCloseTo(0.166667, within(5e-7));
        // Renewal of an enclosed drive at three times the largest of a new pair, itself twice the
        // least: common
        // practice, no source.
        assertThat(limits.renewCircumferentialMm())
                .isCloseTo(6 * limits.leastCircumferentialMm(), within(1e-12));
    }

    // Worked out apart from this code: a stylus line on a real involute helicoid before and after
    // rotation.
    @ParameterizedTest(name = "helix {0}°, tilt {1}°: {2}")
    @CsvSource({"0, 15, 0.241481, 0.25", "20, 15, 0.106013, 0.10", "20, -15, 0.0871723, 0.10"})
    void correctsAStylusThatLeans(double helix, double tilt, double expected, double reading) {
        var hand = helix == 0 ? Hand.NONE : Hand.RIGHT;
        var pinion = Gears.helical(helix, hand).teeth(24).build();
        var wheel = Gears.helical(helix, hand.opposite()).teeth(48).build();
        var pair = new GearPair(pinion, wheel, GearPair.referenceCentreDistanceMm(pinion, wheel));
        var setup = new IndicatorBacklash.Setup(Member.PINION, pair.pinionWorkingRadiusMm(), tilt);
        assertThat(reading * IndicatorBacklash.circumferentialPerReading(pair, setup))
                .isCloseTo(expected, within(1e-6));
    }

    @Test
    void carriesAReadingFromTheStylusRadiusToThePitchCircle() {
        var pair = Gears.spurPair(20, 40, 3); // the wheel works at 60 mm
        var result = measure(pair, 62, 0.31, 0.31, 0.31, 0.31);
        assertThat(result.mean().circumferentialMm()).isCloseTo(0.31 * 60 / 62, within(1e-12));
    }

    // Worked out apart from this code: mean 0.32, s 0.01, U 0.0121106 for five readings.
    @Test
    void knowsHowSureItIs() {
        var pair = Gears.spurPair(20, 40, 3);
        var result = measure(pair, 60, 0.31, 0.33, 0.32, 0.31, 0.33);
        assertThat(result.mean().circumferentialMm()).isCloseTo(0.32, within(1e-12));
        assertThat(result.uncertaintyMm()).isCloseTo(0.0121106, within(5e-8));
        assertThat(result.judged().verdict()).isEqualTo(Verdict.CLEAR_PASS);
    }

    @Test
    void judgesTheTightestPlaceAndTheWear() {
        var pair = Gears.spurPair(20, 40, 3);
        var tight = measure(pair, 60, 0.05, 0.12, 0.14, 0.13);
        assertThat(tight.judged().tightness().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(tight.judged().sentence()).contains("it may bind when hot");

        var worn = measure(pair, 60, 1.20, 1.22, 1.21, 1.23);
        assertThat(worn.judged().wear().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(worn.judged().sentence()).contains("Rule out bearing play");
    }

    // A ring of 60 teeth, module 3: tips at 180 − 6 = 174, roots at 180 + 7.5 = 187.5 mm across
    // (ISO
    // 53 proportions, from memory), so the flank reaches from 87 to 93.75 mm.
    @Test
    void aRingIsTouchedBetweenItsTipsAndItsRoots() {
        var ring =
                new GearPair(
                        Gears.spur().teeth(20).moduleMm(3).build(),
                        Gears.ring().teeth(60).moduleMm(3).build(),
                        60.2);
        assertThat(measure(ring, 90, 0.2, 0.2, 0.2, 0.2).mean().circumferentialMm())
                .as("0.2 × r_w/R, r_w = 60.2 × 60/40 = 90.3, along the tangent")
                .isCloseTo(0.2 * 90.3 / 90, within(1e-9));
        for (double off : new double[] {86.4, 93.8, 84}) {
            assertThatThrownBy(() -> measure(ring, off, 0.2, 0.2, 0.2, 0.2))
                    .hasMessageContaining("it reaches from 87.00 to 93.75 mm");
        }
        assertThat(measure(ring, 86.6, 0.2, 0.2, 0.2, 0.2).mean().circumferentialMm()).isPositive();
        assertThat(measure(ring, 93.75, 0.2, 0.2, 0.2, 0.2).mean().circumferentialMm())
                .isPositive();
    }

    /** The flank of a ring looks the other way, so a lean outward counts there as a lean inward does outside. */
    @Test
    void aLeanOfTheStylusCountsTheOtherWayInARing() {
        var ring =
                new GearPair(
                        Gears.spur().teeth(20).moduleMm(3).build(),
                        Gears.ring().teeth(60).moduleMm(3).build(),
                        60);
        var lean = new IndicatorBacklash.Setup(Member.WHEEL, 90, 0, 10, false);
        // α at the reference circle is 20°: cos (20° + 10°)/cos 20°.
        assertThat(IndicatorBacklash.circumferentialPerReading(ring, lean))
                .isCloseTo(
                        Math.cos(Math.toRadians(30)) / Math.cos(Math.toRadians(20)), within(1e-9));
    }

    @Test
    void refusesTooFewReadingsAndAStylusOffTheFlank() {
        var pair = Gears.spurPair(20, 40, 3);
        assertThatThrownBy(() -> measure(pair, 60, 0.2, 0.2, 0.2))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Take four or more, evenly round the gear.");
        assertThatThrownBy(() -> measure(pair, 70, 0.2, 0.2, 0.2, 0.2))
                .hasMessageContaining("Stylus radius 70 mm is not on the flank")
                .hasMessageContaining("56.38 to 63");
        assertThatThrownBy(() -> measure(pair, 60, 25.0, 20.0, 22.0, 21.0))
                .hasMessageContaining("Was it read in hundredths?");
    }

    @Test
    void suspectsAReadingOfTheOtherUnit() {
        var pair = Gears.spurPair(20, 40, 3);
        var result = measure(pair, 60, 5.08, 5.1, 5.0, 5.05);
        assertThat(result.warnings()).anyMatch(w -> w.contains("about 25.4 times off"));
    }

    @Test
    void refusesACentreDistanceAtWhichTheBaseCirclesOverlap() {
        assertThatThrownBy(() -> Gears.spurPairAt(20, 40, 3, 80))
                .hasMessageContaining("Centre distance 80 mm is too small")
                .hasMessageContaining("90.000 mm without shift");
        assertThatThrownBy(() -> Gears.spurPairAt(20, 40, 3, 120))
                .hasMessageContaining("does not suit these gears");
    }

    private static IndicatorBacklash measure(GearPair pair, double radiusMm, Double... readings) {
        return IndicatorBacklash.of(
                pair,
                new IndicatorBacklash.Setup(Member.WHEEL, radiusMm, 0),
                new RepeatedReadings(List.of(readings)),
                DIAL,
                ServiceDuty.ENCLOSED_POWER,
                Optional.empty());
    }
}
