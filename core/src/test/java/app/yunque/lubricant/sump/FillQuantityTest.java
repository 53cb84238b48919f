package app.yunque.lubricant.sump;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FillQuantityTest {
    private final SumpShape sump = new SumpShape.Box(420, 260, 200, 0);
    private final ImmersedGear wheel = new ImmersedGear("wheel 2", 204, 195, 40, 150);

    // Worked out apart from this code: 420 × 260 × 95 mm; wheel of m 2 and tip 204 at 150 above the
    // floor.
    @Test
    void takesTheGearAwayFromTheBox() {
        var fill = FillQuantity.of(sump, 95, List.of(wheel));
        assertThat(fill.grossLitres()).isCloseTo(10.3740, within(5e-5));
        assertThat(fill.displacedLitres()).isCloseTo(0.209664, within(5e-7));
        assertThat(fill.litres()).isCloseTo(10.1643, within(5e-5));
        assertThat(fill.dips().get(0).dipMm()).isCloseTo(47, within(1e-9));
    }

    @ParameterizedTest(name = "R {0}, h {1}")
    @CsvSource({"150, 90", "150, 210", "60, 5", "60, 119"})
    void segmentAgreesWithSlicesAddedUp(double radius, double height) {
        int slices = 2_000_000;
        double sum = 0;
        for (int i = 0; i < slices; i++) {
            double y = (i + 0.5) * height / slices - radius;
            sum += 2 * Math.sqrt(radius * radius - y * y) * height / slices;
        }
        assertThat(CircleSegment.areaMm2(radius, height)).isCloseTo(sum, within(1e-5 * sum));
    }

    /** More level never holds less oil, and beyond the top of a gear it displaces all of itself. */
    @Test
    void neverFallsAsTheLevelRises() {
        double last = 0;
        for (double level = 1; level <= 200; level++) {
            double litres = FillQuantity.of(sump, level, List.of(wheel)).litres();
            assertThat(litres).isGreaterThan(last);
            last = litres;
        }
        double effective = (204.0 + 195) / 4;
        assertThat(wheel.displacedMm3(400))
                .isCloseTo(Math.PI * effective * effective * 40, within(1e-6));
    }

    // Common practice, no source: slow wheels dip five modules, fast ones two, at least 10 mm, at
    // most a third of the radius.
    @ParameterizedTest(name = "module {0}, {1} m/s: dips {2} mm")
    @CsvSource({"1.5, 1, 10", "4, 1, 20", "8, 6, 16", "20, 1, 34"})
    void proposesALevelFromTheDip(double module, double velocity, double dip) {
        var rule =
                LevelRule.of(
                        LevelRule.Arrangement.CYLINDRICAL,
                        new LevelRule.Pickup(150, 204, module, velocity, 100));
        assertThat(rule.levelMm()).isCloseTo(150 - 102 + dip, within(1e-9));
        assertThat(rule.says(rule.levelMm())).isEmpty();
        assertThat(rule.says(rule.lowestMm() - 1)).startsWith("Too low by 1 mm");
        assertThat(rule.says(rule.highestMm() + 1)).startsWith("Too high by 1 mm");
    }

    @Test
    void refusesALevelOutsideTheCaseAndAGearThroughTheFloor() {
        assertThatThrownBy(() -> FillQuantity.of(sump, 250, List.of()))
                .hasMessageContaining("Oil level 250 mm is outside 0 to 200 mm");
        assertThatThrownBy(() -> FillQuantity.of(sump, -5, List.of()))
                .hasMessageContaining("Oil level −5 mm");
        assertThatThrownBy(() -> new ImmersedGear("wheel 2", 204, 195, 40, 90))
                .hasMessageContaining("wheel 2 would touch the floor");
    }

    @Test
    void warnsOfTeethThatRunDry() {
        assertThat(FillQuantity.of(sump, 40, List.of(wheel)).warnings())
                .anyMatch(w -> w.contains("run dry"));
    }
}
