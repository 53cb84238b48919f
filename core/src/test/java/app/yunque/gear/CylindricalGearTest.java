package app.yunque.gear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;

class CylindricalGearTest {

    // Worked out apart from this code from the ISO 21771 relations, 6 figures.
    @Test
    void derivesTheCirclesOfAShiftedHelicalGear() {
        var gear = Gears.helical(20, Hand.LEFT).teeth(27).moduleMm(3).shift(0.2).build();

        assertThat(Math.toDegrees(gear.transversePressureAngleRad()))
                .isCloseTo(21.1728, within(1e-4));
        assertThat(Math.toDegrees(gear.baseHelixAngleRad())).isCloseTo(18.7472, within(1e-4));
        assertThat(gear.referenceDiameterMm()).as("d").isCloseTo(86.1984, within(1e-4));
        assertThat(gear.baseDiameterMm()).as("d_b").isCloseTo(80.3796, within(1e-4));
        assertThat(gear.tipDiameterMm()).as("d_a").isCloseTo(93.3984, within(1e-4));
        assertThat(gear.rootDiameterMm()).as("d_f").isCloseTo(79.8984, within(1e-4));
        assertThat(gear.normalToothThicknessMm()).as("s_n").isCloseTo(5.14915, within(1e-5));
    }

    /** cos α_t cos β_b = cos α_n cos β holds for every helical gear. */
    @Test
    void keepsTheIdentityBetweenItsAngles() {
        for (double helix : new double[] {5, 15, 30, 45}) {
            var gear = Gears.helical(helix, Hand.RIGHT).pressureAngleDeg(14.5).build();
            assertThat(
                            Math.cos(gear.transversePressureAngleRad())
                                    * Math.cos(gear.baseHelixAngleRad()))
                    .isCloseTo(
                            Math.cos(Math.toRadians(14.5)) * Math.cos(Math.toRadians(helix)),
                            within(1e-14));
        }
    }

    @Test
    void refusesEverythingThatIsWrongAtOnce() {
        assertThatThrownBy(() -> new CylindricalGear(0, -1, 20, 0, Hand.NONE, 0, Double.NaN))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused ->
                                assertThat(refused.problems())
                                        .extracting(p -> p.component())
                                        .containsExactly("teeth", "normalModuleMm", "faceWidthMm"))
                .hasMessageContaining(
                        "Number of teeth 0 is outside 4 to 2000. Count the teeth once round.")
                .hasMessageContaining("Normal module −1 mm is outside 0.1 to 100 mm.")
                .hasMessageContaining("Face width is missing.");
    }

    @Test
    void asksForTheHandOfAHelicalGearAndOnlyThere() {
        assertThatThrownBy(() -> Gears.helical(15, Hand.NONE).build())
                .hasMessageContaining("A helical gear needs its hand.");
        assertThatThrownBy(() -> Gears.helical(0, Hand.LEFT).build())
                .hasMessageContaining("has no hand");
    }
}
