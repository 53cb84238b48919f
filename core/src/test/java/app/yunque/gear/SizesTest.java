package app.yunque.gear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sizes of worms, bevels and helices; worked out by hand. */
class SizesTest {
    // By hand: tan γ = 4/50, γ 4.573921°; ρ′ = atan(0.05/cos 20°) = 3.045781°; tan γ/tan(γ + ρ′) =
    // 0.08/0.133777.
    @Test
    void aWormAndWhetherItHolds() {
        var set = new WormSet(1, 40, 4, 50, 20, 0, Hand.RIGHT);
        var slow = WormSizes.of(set, 0.05);
        assertThat(slow.leadAngleDeg()).isCloseTo(4.573921, within(1e-6));
        assertThat(slow.leadMm()).isCloseTo(4 * Math.PI, within(1e-9));
        assertThat(slow.normalModuleMm()).isCloseTo(4 * Math.cos(Math.atan(0.08)), within(1e-9));
        assertThat(slow.wheelDiameterMm()).isEqualTo(160);
        assertThat(slow.centreDistanceMm()).isEqualTo(105);
        assertThat(slow.ratio()).isEqualTo(40);
        assertThat(slow.efficiencyWormDriving()).isCloseTo(0.5980, within(5e-4));
        assertThat(slow.efficiencyWheelDriving()).isCloseTo(0.3338, within(5e-4));
        assertThat(slow.holds()).isFalse();
        assertThat(slow.sentence()).contains("runs back without a brake");
        var sticky = WormSizes.of(set, 0.08);
        assertThat(sticky.holds()).isTrue();
        assertThat(sticky.efficiencyWheelDriving()).isNegative();
        assertThat(sticky.sentence()).contains("a load needs a brake");
        assertThatThrownBy(() -> WormSizes.of(set, 0.6))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("0.005 to 0.5");
    }

    // By hand at 90°: tan δ₁ = 18/36, R = d₂/(2 sin δ₂), z_v = z/cos δ.
    @Test
    void aBevelPair() {
        var sizes = BevelSizes.of(new BevelPair(18, 36, 4, 90, 20, 0, 25));
        double delta = Math.atan(0.5);
        assertThat(sizes.pinionPitchAngleDeg()).isCloseTo(26.565051, within(1e-6));
        assertThat(sizes.wheelPitchAngleDeg()).isCloseTo(63.434949, within(1e-6));
        assertThat(sizes.pinionOuterDiameterMm()).isCloseTo(72, within(1e-9));
        assertThat(sizes.wheelOuterDiameterMm()).isCloseTo(144, within(1e-9));
        assertThat(sizes.outerConeDistanceMm()).isCloseTo(36 / Math.sin(delta), within(1e-9));
        assertThat(sizes.meanConeDistanceMm())
                .isCloseTo(sizes.outerConeDistanceMm() - 12.5, within(1e-9));
        double mean = sizes.meanConeDistanceMm() / sizes.outerConeDistanceMm();
        assertThat(sizes.pinionMeanDiameterMm()).isCloseTo(72 * mean, within(1e-9));
        assertThat(sizes.wheelMeanDiameterMm()).isCloseTo(144 * mean, within(1e-9));
        assertThat(sizes.pinionVirtualTeeth()).isCloseTo(18 / Math.cos(delta), within(1e-9));
        assertThat(sizes.wheelVirtualTeeth()).isCloseTo(36 / Math.sin(delta), within(1e-9));
        assertThat(sizes.ratio()).isEqualTo(2);
    }

    // cos β = 3 × 80/(2 a): 120 mm is a spur pair, 240 mm would be 60°.
    @ParameterizedTest(name = "{0} mm: {1}°")
    @CsvSource({"120, 0", "124.233142, 15", "138.564065, 30", "240, 60"})
    void aHelixFromItsCentres(double centres, double degrees) {
        assertThat(HelixFromCentres.of(20, 60, 3, centres).helixAngleDeg())
                .isCloseTo(degrees, within(1e-4));
    }

    @ParameterizedTest(name = "{0} mm is refused")
    @CsvSource({"119.9", "240.2"})
    void noHelixStandsThere(double centres) {
        assertThatThrownBy(() -> HelixFromCentres.of(20, 60, 3, centres))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("would stand 120 mm apart");
    }

    // A 6/8 stub: module 25.4/6, addendum 25.4/8, so 0.75 of the module.
    @Test
    void aStubPitch() {
        var stub = BasicRack.combinationStub(6, 8);
        assertThat(stub.addendum()).isEqualTo(0.75);
        assertThat(stub.dedendum()).isEqualTo(0.9375);
        assertThat(stub.name()).isEqualTo("stub 6/8");
        assertThatThrownBy(() -> BasicRack.combinationStub(8, 6))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Were they exchanged?");
    }
}
