package app.yunque.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.StringFlank;
import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeshStateTest {

    // Worked out apart from this code with 30-digit arithmetic; contact of unwound flanks solved
    // numerically.
    @Test
    void agreesWithNumericContactOfWornPairs() {
        var spur = state(spur(20, 3), 0.05, spur(40, 3), 0.08, 90.2);
        assertThat(spur.workingPressureAngleDeg()).isCloseTo(20.3462, within(6e-5));
        assertThat(spur.circumferentialMm()).isCloseTo(0.277415, within(6e-7));
        assertThat(spur.normalMm()).isCloseTo(0.260107, within(6e-7));
        assertThat(spur.radialMm()).isCloseTo(0.379954, within(6e-7));
        assertThat(spur.pinionAngleMin()).isCloseTo(31.7189, within(6e-5));
        assertThat(spur.transverseContactRatio()).isCloseTo(1.56970, within(6e-6));
        assertThat(spur.pinionTipClearanceMm()).isCloseTo(0.95, within(1e-9));

        double cos = Math.cos(Math.toRadians(18));
        var one = Gears.helical(18, Hand.LEFT).teeth(19).shift(0.1).build();
        var two = Gears.helical(18, Hand.RIGHT).teeth(44).shift(0.2).build();
        var helical = state(one, 0.03 * cos, two, 0.03 * cos, 100.4);
        assertThat(helical.circumferentialMm()).isCloseTo(0.194081, within(6e-7));
        assertThat(helical.normalMm()).isCloseTo(0.171659, within(6e-7));
        assertThat(helical.transverseContactRatio()).isCloseTo(1.43127, within(6e-6));
        assertThat(helical.overlapRatio()).isCloseTo(0.983632, within(6e-7));

        var ring = Gears.ring().teeth(60).moduleMm(2).build();
        var internal = state(spur(20, 2), 0.03, ring, 0.03, 39.9);
        assertThat(internal.workingPressureAngleDeg()).isCloseTo(19.6017, within(6e-5));
        assertThat(internal.circumferentialMm()).isCloseTo(0.131771, within(6e-7));
        assertThat(internal.radialMm()).isCloseTo(0.181797, within(6e-7));
        assertThat(internal.pinionTipClearanceMm()).isCloseTo(0.6, within(1e-9));
        assertThat(internal.wheelTipClearanceMm()).isCloseTo(0.6, within(1e-9));
    }

    /** Turns a wheel of unwound flanks until it touches a pinion of unwound flanks, once each way. */
    @ParameterizedTest(name = "z {0}/{1}, m {2}, thin {3} mm, a {4}")
    @CsvSource({"20, 40, 3, 0.065, 90.2", "17, 51, 2, 0.02, 68.1", "25, 26, 4, 0.1, 101.9"})
    void agreesWithFlanksTurnedUntilTheyTouch(int z1, int z2, double m, double thin, double a) {
        var one = spur(z1, m);
        var two = spur(z2, m);
        var state = state(one, thin, two, thin, a);
        var first = StringFlank.of(one, one.normalToothThicknessMm() - thin);
        var second = StringFlank.of(two, two.normalToothThicknessMm() - thin);
        // A tooth of the pinion in a space of the wheel: by symmetry the free turn one way is half
        // of the play.
        double free = freeTurn(first, second, one, two, a);
        double along = 2 * free * state.pair().wheelWorkingRadiusMm();
        assertThat(state.circumferentialMm()).isCloseTo(along, within(2e-5));
    }

    /** The angle by which the wheel turns from the middle until its flank meets the pinion's, by polar angles. */
    private static double freeTurn(
            StringFlank pinion,
            StringFlank wheel,
            CylindricalGear one,
            CylindricalGear two,
            double a) {
        double least = Double.POSITIVE_INFINITY;
        double tip = one.tipDiameterMm() / 2;
        double last = Math.sqrt(tip * tip / (pinion.baseRadius() * pinion.baseRadius()) - 1);
        for (double roll = 0; roll <= last; roll += 1e-5) {
            var p = pinion.point(roll);
            double dx = a - p[0];
            double radius = Math.hypot(dx, p[1]);
            if (radius > wheel.baseRadius() && radius < two.tipDiameterMm() / 2) {
                // Seen from the wheel: half of its space less where this point of the pinion
                // stands.
                double space = Math.PI / two.teeth() - wheel.halfAngle(radius);
                least = Math.min(least, space - Math.atan2(p[1], dx));
            }
        }
        return least;
    }

    @Test
    void aRingIsCutShortWhereItsTipsReachBelowTheBaseCircle() {
        var ring = Gears.ring().teeth(60).moduleMm(2).build();
        var state = state(spur(20, 2), 0, ring, 0, 40);
        assertThat(state.transverseContactRatio()).isCloseTo(1.93697, within(6e-6));
        assertThat(state.warnings()).anyMatch(w -> w.contains("interference"));
    }

    // Source: gear handbooks, full-depth 20° teeth: a 30-tooth pinion needs a ring nine teeth
    // larger, from memory;
    // the threshold found apart by tracing the tip corner.
    @Test
    void aPinionNeedsARingWithEnoughMoreTeeth() {
        assertThat(ringMargin(38)).isCloseTo(-0.000785635, within(6e-9));
        assertThat(ringMargin(39)).isCloseTo(0.00186410, within(6e-8));
        assertThat(state(spur(30, 2), 0.05, ring(38), 0.05, 8).troubles())
                .anyMatch(t -> t.contains("strike the tips of the ring"));
    }

    private static double ringMargin(int teeth) {
        var pair = new GearPair(spur(30, 2), ring(teeth), teeth - 30);
        return MeshState.ringTipMargin(
                pair, ActualTeeth.nominal(pair.pinion()), ActualTeeth.nominal(pair.wheel()));
    }

    @Test
    void findsTheCentreDistanceOfShiftedPairs() {
        var spur =
                CentreDistance.ofShifts(
                        Gears.spur().teeth(18).moduleMm(2).shift(0.3).build(),
                        Gears.spur().teeth(41).moduleMm(2).shift(0.1).build());
        assertThat(spur.withoutBacklashMm()).isCloseTo(59.7642, within(6e-5));
        var helical =
                CentreDistance.ofShifts(
                        Gears.helical(18, Hand.LEFT).teeth(19).shift(0.1).build(),
                        Gears.helical(18, Hand.RIGHT).teeth(44).shift(0.2).build());
        assertThat(helical.withoutBacklashMm()).isCloseTo(100.238, within(6e-4));
        var pair = new GearPair(spur(18, 2), spur(41, 2), 60);
        assertThat(CentreDistance.shiftSum(pair)).isCloseTo(0.530249, within(6e-7));
    }

    @Test
    void heatMovesTheBacklash() {
        var pinion = ActualTeeth.nominal(spur(20, 3));
        var wheel = ActualTeeth.nominal(spur(60, 3));
        var steel = new WarmMesh.Body(Material.STEEL, 60);
        var warm =
                WarmMesh.of(
                        pinion,
                        wheel,
                        120,
                        steel,
                        steel,
                        new WarmMesh.Body(Material.ALUMINIUM, 60));
        assertThat(warm.firstOrderMm()).isCloseTo(0.0550323, within(6e-8));
        assertThat(warm.changeMm()).isCloseTo(grownAndTurned(60, 60), within(3e-5));
        var cold = new WarmMesh.Body(Material.STEEL, -45);
        assertThat(
                        WarmMesh.of(
                                        pinion,
                                        wheel,
                                        120,
                                        cold,
                                        cold,
                                        new WarmMesh.Body(Material.ALUMINIUM, -45))
                                .firstOrderMm())
                .isCloseTo(-0.0412742, within(6e-8));
        // A plastic wheel: the first order overstates, the flanks solved with grown curves bind
        // less.
        var plastic =
                WarmMesh.of(
                        pinion,
                        wheel,
                        120,
                        steel,
                        new WarmMesh.Body(Material.NYLON, 60 * 80.0 / 90),
                        new WarmMesh.Body(Material.ALUMINIUM, 60));
        assertThat(plastic.firstOrderMm()).isCloseTo(-0.214233, within(6e-7));
        assertThat(plastic.changeMm()).isCloseTo(-0.192, within(2e-3));
        assertThat(plastic.warnings()).anyMatch(w -> w.contains("the teeth bind"));
    }

    /** Unwound flanks of a 20/60 steel pair of module 3 grown in an aluminium housing, turned until they touch. */
    private static double grownAndTurned(double gearRise, double housingRise) {
        double grown = 1 + 11.5e-6 * gearRise;
        double a = 120 * (1 + 22e-6 * housingRise);
        var one = Gears.spur().teeth(20).moduleMm(3 * grown).build();
        var two = Gears.spur().teeth(60).moduleMm(3 * grown).build();
        var first = StringFlank.of(one, one.normalToothThicknessMm());
        var second = StringFlank.of(two, two.normalToothThicknessMm());
        return 2 * freeTurn(first, second, one, two, a) * a * 60 / 80;
    }

    @Test
    void tellsWhatKeepsAMeshFromRunning() {
        assertThat(state(spur(20, 3), 0, spur(40, 3), 0, 89.5).troubles())
                .anyMatch(t -> t.contains("overlap by 0.35"));
        assertThat(state(spur(20, 3), 0, spur(40, 3), 0, 88.8).troubles())
                .anyMatch(t -> t.contains("strike the roots of the wheel by 0.45"));
        assertThat(state(spur(20, 3), 0, spur(40, 3), 0, 93).troubles())
                .anyMatch(t -> t.contains("lets go before the next arrives"));
        assertThat(state(spur(12, 3), 0, spur(60, 3), 0, 108).warnings())
                .anyMatch(t -> t.contains("interference"));
        assertThatThrownBy(() -> new ActualTeeth(spur(20, 3), 0.5, 66))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Tooth thickness 0.5 mm is outside 0.94");
    }

    private static CylindricalGear spur(int z, double m) {
        return Gears.spur().teeth(z).moduleMm(m).build();
    }

    private static CylindricalGear ring(int z) {
        return Gears.ring().teeth(z).moduleMm(2).build();
    }

    private static MeshState state(
            CylindricalGear one, double thin1, CylindricalGear two, double thin2, double a) {
        return MeshState.of(
                ActualTeeth.thinnedBy(one, thin1), ActualTeeth.thinnedBy(two, thin2), a);
    }
}
