package app.yunque.lubricant.sump;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.yunque.lubricant.sump.PouredSump.Mark;
import java.util.List;
import java.util.stream.DoubleStream;
import org.apache.commons.math3.analysis.UnivariateFunction;
import org.apache.commons.math3.analysis.integration.SimpsonIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Volumes against numeric integration by another library, slice by slice across the other way. */
class SumpGeometryTest {

    // Source: numeric integration, worked out apart from this code to six digits.
    @ParameterizedTest(name = "{0}, depth {2}: {4} L at {3} mm")
    @CsvSource({
        "CAP, 200, 60, 120, 0.736293",
        "CAP, 200, 60, 200, 1.94150",
        "CAP, 200, 60, 400, 3.88301",
        "ELLIPSOID, 200, 100, 120, 1.80956",
        "ELLIPSOID, 200, 100, 400, 8.37758",
        "KNUCKLED_10, 200, 0, 120, 1.36653",
        "KNUCKLED_10, 200, 0, 400, 6.33382",
        "KNUCKLED_15, 200, 0, 120, 1.80674",
        "KNUCKLED_15, 200, 0, 400, 8.36939"
    })
    void aDishedEndHolds(
            DishedEnd end, double radius, double depth, double level, double expectedL) {
        assertThat(end.volumeMm3(radius, depth, level) / 1e6)
                .as("litres")
                .isCloseTo(expectedL, withinPercentage(0.002));
    }

    /** A cap is a slice of a ball: level by level its area is known in closed form too. */
    @Test
    void aCapAgreesWithItsLevelSections() {
        double radius = 200;
        double depth = 60;
        double ball = (radius * radius + depth * depth) / (2 * depth);
        double q = ball - depth;
        UnivariateFunction area =
                h -> {
                    double rho = Math.sqrt(ball * ball - (h - radius) * (h - radius));
                    return rho * rho * Math.acos(q / rho) - q * Math.sqrt(rho * rho - q * q);
                };
        double expected =
                new SimpsonIntegrator(1e-9, 1e-9, 3, 60).integrate(100_000_000, area, 1e-9, 120);
        assertThat(DishedEnd.CAP.volumeMm3(radius, depth, 120))
                .isCloseTo(expected, withinPercentage(0.001));
    }

    @Test
    void aKnuckledEndHasTheDepthOfItsDiameter() {
        assertThat(DishedEnd.KNUCKLED_10.depthMm(200, 0)).isCloseTo(77.5097, within(6e-5));
        assertThat(DishedEnd.KNUCKLED_15.depthMm(200, 0)).isCloseTo(101.789, within(6e-4));
    }

    // Source: integration along the length, worked out apart from this code.
    @ParameterizedTest(name = "lying cylinder, tilt {0}°, {1} mm in the middle: {2} L")
    @CsvSource({"4, 90, 8.93987", "8, 20, 1.42363"})
    void aTiltedCylinderHolds(double tilt, double middle, double expectedL) {
        var cylinder = new SumpShape.LyingCylinder(150, 500, DishedEnd.FLAT, 0);
        assertThat(new TiltedSump(cylinder, tilt).litres(middle))
                .isCloseTo(expectedL, withinPercentage(0.01));
    }

    /** A plane through the middle of the axis halves the vessel, whatever the tilt and the ends. */
    @ParameterizedTest(name = "{0}")
    @EnumSource(DishedEnd.class)
    void aTiltedVesselIsHalfFullToItsAxis(DishedEnd end) {
        var vessel = new SumpShape.LyingCylinder(200, 900, end, 80);
        double whole = vessel.litres(400);
        assertThat(new TiltedSump(vessel, 6).litres(200))
                .isCloseTo(whole / 2, withinPercentage(0.001));
        assertThat(new TiltedSump(vessel, 0).litres(120))
                .isCloseTo(vessel.litres(120), withinPercentage(0.001));
    }

    /** A cylinder with half balls as ends, tilted by 20°, against points of a fine grid counted one by one. */
    @Test
    void aTiltedVesselWithRoundEndsAgreesWithCountedPoints() {
        double r = 100;
        double length = 300;
        double tilt = 20;
        double middle = 70;
        var vessel =
                new TiltedSump(
                        new SumpShape.LyingCylinder(r, length, DishedEnd.ELLIPSOID, r), tilt);
        double step = 2;
        long inside = 0;
        for (double x = -r + step / 2; x < length + r; x += step) {
            double off = Math.max(0, Math.max(-x, x - length));
            double depth = middle + (x - length / 2) * Math.tan(Math.toRadians(tilt));
            for (double y = step / 2; y < Math.min(2 * r, depth); y += step) {
                for (double z = -r + step / 2; z < r; z += step) {
                    if (off * off + (y - r) * (y - r) + z * z < r * r) {
                        inside++;
                    }
                }
            }
        }
        assertThat(vessel.litres(middle))
                .isCloseTo(inside * step * step * step / 1e6, withinPercentage(0.3));
    }

    /** What is drawn from the side is the length with both ends, and as high as the cylinder. */
    @Test
    void theSideOfAVesselShowsItsEnds() {
        var side = new SumpShape.LyingCylinder(200, 900, DishedEnd.CAP, 60).side();
        assertThat(side.stream().mapToDouble(SumpShape.Corner::x).min()).hasValue(-60);
        assertThat(side.stream().mapToDouble(SumpShape.Corner::x).max()).hasValue(960);
        assertThat(side.stream().mapToDouble(SumpShape.Corner::y).max()).hasValue(400);
        double closed = 0;
        for (int i = 0; i < side.size(); i++) {
            var p = side.get(i);
            var q = side.get((i + 1) % side.size());
            closed += (p.x() * q.y() - q.x() * p.y()) / 2;
        }
        double ball = (200 * 200 + 60 * 60) / (2 * 60.0);
        double cap = ball * ball * Math.asin(200 / ball) - 200 * (ball - 60);
        assertThat(closed)
                .as("counter-clockwise, 900 × 400 and two circle segments")
                .isCloseTo(900 * 400 + 2 * cap, withinPercentage(0.1));
    }

    /** The plug reads its own depth: a box tilted toward the plug reads full while litres are missing. */
    @Test
    void aPlugAwayFromTheMiddleMisreadsATiltedBox() {
        var tilted = new TiltedSump(new SumpShape.Box(420, 260, 200, 0), 5);
        double middle = tilted.middleMm(95, 180);
        assertThat(middle).isCloseTo(79.2520, within(6e-5));
        assertThat(tilted.litres(middle)).isCloseTo(8.65432, within(6e-5));
        var other = new TiltedSump(new SumpShape.Box(420, 260, 200, 0), 3);
        assertThat(other.middleMm(60, -150)).isCloseTo(67.8612, within(6e-5));
        assertThat(other.litres(other.middleMm(60, -150))).isCloseTo(7.41044, within(6e-5));
    }

    /** The oil drawn is the oil counted: its area in the side view times the width. */
    @Test
    void theOilOfATiltedBoxIsDrawnLevel() {
        var tilted = new TiltedSump(new SumpShape.Box(420, 260, 200, 20), 7);
        double line = tilted.outlineLevelMm(60);
        var oil = new SumpShape.Extruded(SumpShape.below(tilted.outline(), line), 260);
        assertThat(oil.volumeMm3(oil.heightMm()) / 1e6)
                .isCloseTo(tilted.litres(60), withinPercentage(0.01));
    }

    @Test
    void noTiltIsTheSumpItself() {
        var box = new SumpShape.Box(400, 250, 200, 30);
        for (double level : new double[] {5, 20, 80, 200}) {
            assertThat(new TiltedSump(box, 0).litres(level))
                    .isCloseTo(box.litres(level), withinPercentage(0.001));
        }
    }

    @Test
    void aSumpMeasuredByFillingCountsItsPartsAlready() {
        var poured = new PouredSump(List.of(new Mark(0, 0), new Mark(40, 2), new Mark(90, 6)));
        var wheel = new ImmersedGear("wheel", 150, 140, 30, 90);
        assertThat(FillQuantity.of(poured, 65, List.of(wheel)).litres()).isCloseTo(4, within(1e-9));
        assertThat(FillQuantity.levelMm(poured, 4, List.of(wheel))).isCloseTo(65, within(1e-6));
        assertThatThrownBy(
                        () ->
                                new PouredSump(
                                        List.of(new Mark(0, 0), new Mark(40, 2), new Mark(30, 3))))
                .hasMessageContaining("heights must rise from mark to mark");
    }

    // Source: geometry, worked out apart from this code.
    @Test
    void partsBelowTheLineAreTakenAway() {
        assertThat(new ImmersedGear("wheel", 204, 195, 40, 150).displacedMm3(95) / 1e6)
                .isCloseTo(0.209664, within(6e-7));
        assertThat(new ImmersedGear("wheel", 310, 287.5, 60, 120 + 40).displacedMm3(0)).isZero();
        assertThat(new ImmersedShaft("shaft", 60, 200, 120).displacedMm3(140) / 1e6)
                .isCloseTo(0.503537, within(6e-7));
        double whole = Math.PI / 4 * (80 * 80 - 40 * 40) * 18 * 0.68;
        assertThat(new ImmersedBearing("bearing", 80, 40, 18, 60).displacedMm3(500))
                .isCloseTo(whole, within(1e-6));
        assertThat(new ImmersedBearing("bearing", 80, 40, 18, 60).displacedMm3(60))
                .isCloseTo(whole / 2, within(1e-6));
    }

    /** Litres to a level and back again, with parts in the oil. */
    @Test
    void theLevelFollowsFromTheLitres() {
        var box = new SumpShape.Box(430, 210, 190, 0);
        List<Immersed> parts =
                List.of(
                        new ImmersedGear("wheel", 204, 195, 40, 150),
                        new ImmersedShaft("shaft", 30, 100, 60),
                        new ImmersedBearing("bearing", 72, 30, 19, 60));
        DoubleStream.of(20, 60, 120)
                .forEach(
                        level ->
                                assertThat(
                                                FillQuantity.levelMm(
                                                        box,
                                                        FillQuantity.of(box, level, parts).litres(),
                                                        parts))
                                        .isCloseTo(level, within(1e-6)));
        assertThatThrownBy(() -> FillQuantity.levelMm(box, 40, parts))
                .hasMessageContaining("40 L is outside 0 to");
    }

    // Common practice, no source: a bevel wheel dips its whole face, b sin δ.
    @ParameterizedTest(name = "face {0}, cone {1}°: {2} mm")
    @CsvSource({"30, 63.4349, 26.8328", "25, 45, 17.6777"})
    void aBevelWheelDipsItsWholeFace(double face, double cone, double dip) {
        var rule =
                LevelRule.of(
                        LevelRule.Arrangement.BEVEL,
                        new LevelRule.Pickup(200, 200, 5, 3, 100, face, cone));
        assertThat(rule.levelMm() - 100).isCloseTo(dip, within(6e-5));
    }

    @Test
    void aWormIsCoveredToItsAxisOnlyWhenSlow() {
        var slow = new LevelRule.Pickup(60, 48, 4, 0.2, 200);
        var fast = new LevelRule.Pickup(60, 48, 4, 0.9, 1450);
        assertThat(LevelRule.of(LevelRule.Arrangement.WORM_BELOW, slow).levelMm()).isEqualTo(60);
        assertThat(LevelRule.of(LevelRule.Arrangement.WORM_BELOW, fast).levelMm())
                .isCloseTo(36 + 9, within(1e-9));
    }

    /** Every arrangement: starving below aiming below churning. */
    @Test
    void theMarksStandInOrder() {
        for (var arrangement : LevelRule.Arrangement.values()) {
            for (double v : new double[] {0.5, 4, 8, 14}) {
                var rule =
                        LevelRule.of(
                                arrangement, new LevelRule.Pickup(150, 180, 4, v, 900, 30, 60));
                assertThat(rule.lowestMm())
                        .as("%s at %s", arrangement, v)
                        .isLessThanOrEqualTo(rule.levelMm());
                assertThat(rule.highestMm())
                        .as("%s at %s", arrangement, v)
                        .isGreaterThanOrEqualTo(rule.levelMm());
            }
        }
    }

    @Test
    void refusesWhatCannotBe() {
        var box = new SumpShape.Box(420, 260, 200, 0);
        assertThatThrownBy(() -> new TiltedSump(box, 50)).hasMessageContaining("mounting position");
        assertThatThrownBy(() -> new SumpShape.LyingCylinder(100, 300, DishedEnd.CAP, 120))
                .hasMessageContaining("cannot be deeper than its radius");
        assertThatThrownBy(
                        () ->
                                FillQuantity.of(
                                        box,
                                        20,
                                        List.of(new ImmersedShaft("shaft", 400, 6000, 210))))
                .hasMessageContaining("displace");
    }
}
