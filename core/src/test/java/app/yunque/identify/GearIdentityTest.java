package app.yunque.identify;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.Gears;
import app.yunque.gear.StringFlank;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GearIdentityTest {

    @Test
    void tellsADiametralPitchOf14AndAHalfDegrees() {
        var found = GearIdentity.of(spur(30, 101.52, 3, 24.58, 34.23, false));
        assertThat(found.candidates().get(0).words()).isEqualTo("DP 8, 14.5°, full depth");
        assertThat(found.candidates().get(0).likelihood()).isCloseTo(0.94, within(0.01));
        assertThat(found.candidates().get(1).words()).startsWith("DP 8, 15°");
        assertThat(found.decided()).isTrue();
    }

    @Test
    void tellsAShiftedModuleFromAStub() {
        var found = GearIdentity.of(spur(34, 91.17, 5, 34.77, 42.15, false));
        var first = found.candidates().get(0);
        assertThat(first.words()).isEqualTo("module 2.5 mm, 20°, full depth");
        assertThat(first.shift()).isCloseTo(0.215, within(1e-3));
        assertThat(first.likelihood()).isGreaterThan(0.99);
        assertThat(first.remark()).contains("shifted outward");
    }

    @Test
    void tellsAHelicalGearByItsRub() {
        var gear =
                new UnknownGear(
                        List.of(27),
                        60.70,
                        0.1,
                        Optional.of(new UnknownGear.Spans(4, 21.49, 27.39, 0.02)),
                        Optional.of(19.5),
                        1,
                        false);
        var first = GearIdentity.of(gear).candidates().get(0);
        assertThat(first.words()).startsWith("module 2 mm, 20°, full depth, helix 18.2°");
        assertThat(first.likelihood()).isCloseTo(0.95, within(0.01));
        assertThat(UnknownGear.helixAtReferenceDeg(19.1782, 56.7789, 60.7790))
                .isCloseTo(18, within(1e-4));
    }

    @Test
    void saysWhatToMeasureWhenWearLeavesItOpen() {
        var gear =
                new UnknownGear(
                        List.of(34),
                        91.05,
                        0.2,
                        Optional.of(new UnknownGear.Spans(5, 34.52, 41.91, 0.04)),
                        Optional.empty(),
                        1,
                        true);
        var found = GearIdentity.of(gear);
        assertThat(found.candidates().get(0).words()).startsWith("module 2.5 mm, 20°");
        assertThat(found.decided()).isFalse();
        assertThat(found.next()).isPresent();
        assertThat(found.sentence()).contains("Not decided: measure");
    }

    /** Spans of a gear built from an unwound string, rounded as a caliper rounds them, come back as that gear. */
    @ParameterizedTest(name = "z {0}, m {1}, {2}°, x {3}")
    @CsvSource({
        "24, 2, 20, 0",
        "41, 1.5, 20, 0.2",
        "18, 4, 20, 0.3",
        "33, 2.54, 14.5, 0",
        "60, 3, 20, -0.1"
    })
    void findsGearsBuiltFromAnUnwoundString(int z, double m, double alpha, double x) {
        var gear = Gears.spur().teeth(z).moduleMm(m).pressureAngleDeg(alpha).shift(x).build();
        var flank = StringFlank.of(gear, gear.transverseToothThicknessMm() - 0.03);
        int k = Math.max(2, (int) Math.round(z * alpha / 180 + 0.5 + x));
        var found =
                GearIdentity.of(
                        spur(
                                z,
                                gear.tipDiameterMm() - 0.05,
                                k,
                                caliper(2 * reach(flank, z, k)),
                                caliper(2 * reach(flank, z, k + 1)),
                                false));
        var first = found.candidates().get(0);
        assertThat(first.normalModuleMm()).isCloseTo(m, within(1e-9));
        assertThat(first.pressureAngleDeg()).isEqualTo(alpha);
    }

    /** Half of what jaws close on: the furthest reach of the outermost flank square to the middle line. */
    private static double reach(StringFlank flank, int z, int k) {
        double turn = Math.PI * (k - 1) / z;
        double most = 0;
        for (double roll = 0; roll < 1.2; roll += 1e-4) {
            var p = flank.point(roll);
            most = Math.max(most, p[1] * Math.cos(turn) + p[0] * Math.sin(turn));
        }
        return most;
    }

    private static double caliper(double mm) {
        return Math.round(mm * 100) / 100.0;
    }

    @Test
    void countsTheTeethOfABrokenGear() {
        var broken = BrokenGear.of(5, 41.20, 87.0, 0.2, 0.3);
        assertThat(broken.teeth()).isCloseTo(31.8406, within(6e-5));
        assertThat(broken.uncertainty()).isCloseTo(0.207, within(6e-4));
        assertThat(broken.possible()).containsExactly(32);
        assertThat(BrokenGear.of(5, 41.20, 87.0, 1, 0.3).possible()).contains(31, 32, 33);
        assertThat(BrokenGear.tipDiameterMm(60, 12.5)).isCloseTo(84.5, within(1e-9));
        assertThatThrownBy(() -> BrokenGear.of(5, 90, 87, 0.2, 0.3))
                .hasMessageContaining("longer than the diameter of 87 mm");
    }

    @Test
    void identifiesABrokenGearForEveryCountItsChordAllows() {
        var gear =
                new UnknownGear(
                        List.of(31, 32, 33),
                        85.0,
                        0.1,
                        Optional.of(new UnknownGear.Spans(4, 26.88, 34.25, 0.02)),
                        Optional.empty(),
                        1,
                        false);
        var first = GearIdentity.of(gear).candidates().get(0);
        assertThat(first.words()).startsWith("module 2.5 mm, 20°");
        assertThat(first.teeth()).isEqualTo(32);
    }

    @Test
    void refusesWhatCannotBeAndSaysWhenNothingFits() {
        assertThatThrownBy(() -> spur(30, 101.52, 3, 34.23, 24.58, false))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Were they exchanged?");
        assertThatThrownBy(() -> spur(30, 20, 3, 24.58, 34.23, false))
                .hasMessageContaining("is longer than the gear, 20 mm");
        assertThat(GearIdentity.of(spur(30, 101.52, 3, 24.58, 39.9, false)).sentence())
                .contains("Nothing standard fits");
    }

    private static UnknownGear spur(
            int z, double tip, int k, double shorter, double longer, boolean worn) {
        return new UnknownGear(
                List.of(z),
                tip,
                0.1,
                Optional.of(new UnknownGear.Spans(k, shorter, longer, 0.02)),
                Optional.empty(),
                1,
                worn);
    }
}
