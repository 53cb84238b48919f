package app.yunque.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.fit.MountingHeat.Heated;
import app.yunque.fit.PressFit.Joint;
import app.yunque.fit.PressSleeve.Rings;
import app.yunque.fit.PressSleeve.Tight;
import app.yunque.measure.Verdict;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PressAndHeatTest {

    // Source: Lamé's equations, worked apart with a calculator; E 206000, ν 0.3.
    @ParameterizedTest
    @CsvSource({
        "0.030, 40, 70, 0, 25, 0.12, 52.0255, 19613.2, 392.263",
        "0.020, 25, 40, 10, 18, 0.10, 44.9904, 6360.37, 79.5046"
    })
    void agreesWithLame(
            double i,
            double d,
            double hub,
            double bore,
            double l,
            double mu,
            double p,
            double f,
            double t) {
        var fit =
                PressFit.of(
                        new Joint(d, hub, bore, l),
                        i,
                        0,
                        SeatMaterial.STEEL,
                        SeatMaterial.STEEL,
                        mu);
        assertThat(fit.pressureMpa()).isEqualTo(p, within(5e-5));
        assertThat(fit.forceN()).isEqualTo(f, within(0.05));
        assertThat(fit.slipTorqueNm()).isEqualTo(t, within(5e-4));
    }

    /** Radial displacements of Lamé's two thick rings add up to the interference: the equation put back in. */
    @Test
    void thePressurePartsTheTwoByTheInterference() {
        var joint = new Joint(50, 90, 20, 30);
        var fit = PressFit.of(joint, 0.045, 0.006, SeatMaterial.CAST_IRON, SeatMaterial.STEEL, 0.1);
        double p = fit.pressureMpa();
        double hub = p * 50 / 110_000 * ((90 * 90 + 50 * 50) / (double) (90 * 90 - 50 * 50) + 0.25);
        double shaft =
                p * 50 / 206_000 * ((50 * 50 + 20 * 20) / (double) (50 * 50 - 20 * 20) - 0.3);
        assertThat(hub + shaft).as("both give (mm)").isEqualTo(0.045 - 0.8 * 0.006, within(1e-12));
        assertThat(fit.hubStressMpa())
                .isEqualTo(p * (90 * 90 + 50 * 50) / (double) (90 * 90 - 50 * 50), within(1e-9));
    }

    @Test
    void aHubThatYieldsFails() {
        var joint = new Joint(40, 70, 0, 25);
        assertThat(
                        PressFit.of(joint, 0.20, 0, SeatMaterial.CAST_IRON, SeatMaterial.STEEL, 0.1)
                                .told()
                                .verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(
                        PressFit.of(joint, 0.03, 0, SeatMaterial.CAST_IRON, SeatMaterial.STEEL, 0.1)
                                .told()
                                .verdict())
                .isEqualTo(Verdict.NOT_JUDGED);
    }

    @Test
    void nothingHoldsWithoutInterference() {
        assertThatThrownBy(
                        () ->
                                PressFit.of(
                                        new Joint(40, 70, 0, 25),
                                        0.008,
                                        0.01,
                                        SeatMaterial.STEEL,
                                        SeatMaterial.STEEL,
                                        0.1))
                .hasMessageContaining("No interference is left");
        assertThatThrownBy(() -> new Joint(40, 40, 0, 25))
                .hasMessageContaining("Diameters out of order");
        assertThatThrownBy(() -> new Joint(40, 70, 40, 25))
                .hasMessageContaining("Diameters out of order");
    }

    // Source: linear expansion by hand: 20 + (0.030 + 0.040) / (12.5e-6 × 40) = 160 °C.
    @Test
    void heatThatOpensABore() {
        var heat = MountingHeat.of(40, 0.030, Heated.OPEN_BEARING, 20);
        assertThat(heat.heatToDegC()).as("its cap").isEqualTo(120);
        assertThat(heat.told().figures())
                .anySatisfy(
                        f -> {
                            assertThat(f.key()).isEqualTo("neededDegC");
                            assertThat(f.value()).isEqualTo(160, within(1e-9));
                        });
        // 0.070 less 100 K × 12.5e-6 × 40 = 0.050 leaves 0.020 for the shaft: 0.020 / (11.5e-6 ×
        // 40).
        assertThat(heat.coolShaftByK()).isEqualTo(43.478, within(5e-4));
    }

    /** Whatever is heated: over its cap never, and what is missing the shaft gives, so that both together open it by all that is wanted. */
    @Test
    void heatAndColdTogetherOpenItEnough() {
        for (var heated : Heated.values()) {
            for (double d : new double[] {10, 25, 60, 140}) {
                for (double i : new double[] {0, 0.01, 0.04, 0.1}) {
                    var heat = MountingHeat.of(d, i, heated, 18);
                    assertThat(heat.heatToDegC()).isLessThanOrEqualTo(heat.capDegC() + 1e-9);
                    double alpha =
                            switch (heated) {
                                case OPEN_BEARING, SEALED_BEARING -> 12.5e-6;
                                case HARDENED_GEAR, STEEL_HUB -> 11.5e-6;
                                case IRON_CASE -> 10.5e-6;
                                case ALUMINIUM_CASE -> 22e-6;
                                case BRONZE_RIM -> 18e-6;
                            };
                    double opened =
                            d * (alpha * (heat.heatToDegC() - 18) + 11.5e-6 * heat.coolShaftByK());
                    assertThat(opened).isEqualTo(i + Math.max(0.001 * d, 0.02), within(1e-9));
                }
            }
        }
    }

    @Test
    void whatNoHeatOpensIsNotPromised() {
        var heat = MountingHeat.of(20, 0.08, Heated.SEALED_BEARING, 20);
        assertThat(heat.told().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(heat.told().sentence()).startsWith("Not by heat");
        assertThat(heat.capDegC()).isEqualTo(80);
    }

    private static final Rings BEARING = new Rings(25, 32, 44, 52, 1);

    // Source: geometry drawn to scale.
    @ParameterizedTest
    @CsvSource({
        "INNER, 25.5, 31, 24, 2.0, CLEAR_PASS", "INNER, 23.5, 31, 24, 2.0, CLEAR_FAIL",
        "INNER, 25.5, 36, 24, 2.5, CLEAR_FAIL", "INNER, 29, 31, 24, 1.0, CLEAR_PASS",
        "INNER, 29.1, 31, 24, 0.95, CLEAR_FAIL", "OUTER, 45, 50, 24, 2.5, CLEAR_PASS",
        "OUTER, 43, 50, 24, 3.0, CLEAR_FAIL", "OUTER, 45, 51.9, 24, 2.5, CLEAR_FAIL",
        "BOTH, 25.5, 51.8, 24, 2.5, CLEAR_PASS", "BOTH, 31, 51, 24, 0.5, CLEAR_FAIL"
    })
    void aSleeveBearsOnTheTightRing(
            Tight tight,
            double bore,
            double outside,
            double inTheWay,
            double contact,
            Verdict verdict) {
        var sleeve = PressSleeve.of(BEARING, tight, bore, outside, Optional.of(inTheWay));
        assertThat(sleeve.contactMm()).isEqualTo(contact, within(1e-9));
        assertThat(sleeve.told().verdict()).isEqualTo(verdict);
    }

    /** Over every sleeve there is: one that passes never touches cage or seal of the ring that is not tight. */
    @Test
    void noSleeveThatPassesPressesThroughTheRollingElements() {
        for (double b = 20; b < 52; b += 0.5) {
            for (double o = b + 0.5; o < 56; o += 0.5) {
                var inner = PressSleeve.of(BEARING, Tight.INNER, b, o, Optional.empty());
                if (inner.told().verdict().isPass()) {
                    assertThat(o).isLessThanOrEqualTo(32);
                }
                var outer = PressSleeve.of(BEARING, Tight.OUTER, b, o, Optional.empty());
                if (outer.told().verdict().isPass()) {
                    assertThat(b).isGreaterThanOrEqualTo(44);
                }
            }
        }
    }

    @Test
    void saysWhatIsWrongWithASleeve() {
        assertThat(
                        PressSleeve.of(BEARING, Tight.INNER, 25.5, 36, Optional.empty())
                                .told()
                                .warnings())
                .anyMatch(w -> w.contains("press through the rolling elements"));
        assertThatThrownBy(() -> PressSleeve.of(BEARING, Tight.INNER, 30, 30, Optional.empty()))
                .hasMessageContaining("no wall");
        assertThatThrownBy(() -> new Rings(25, 24, 44, 52, 1)).hasMessageContaining("out of order");
    }
}
