package app.yunque.lubricant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.lubricant.condition.OilCondition;
import app.yunque.lubricant.condition.WearMetal;
import app.yunque.lubricant.grade.SumpHeat;
import app.yunque.lubricant.interval.OilChange;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.Verdict;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Expansion, mass, containers, wear metals, warm sumps, plates: what is reckoned round a fill. */
class OilCareTest {
    // Handbook coefficients of expansion, common practice, no source; worked out apart from this
    // code.
    @Test
    void warmOilTakesMoreRoom() {
        assertThat(OilChange.hotLitres(8, BaseOil.MINERAL, 70, 20)).isCloseTo(8.28, within(1e-9));
        assertThat(OilChange.hotLitres(5, BaseOil.PAG, 60, 20)).isCloseTo(5.16, within(1e-9));
        for (var base : BaseOil.values()) {
            double cold = OilChange.coldLitres(10, base, 70, 15);
            assertThat(OilChange.hotLitres(cold, base, 70, 15)).isCloseTo(10, within(1e-9));
        }
    }

    // ρ = ρ₁₅/(1 + α (t − 15)); 5 L of polyglycol of 1050 kg/m³ at 60 °C weigh 5.06757 kg, worked
    // out apart.
    @Test
    void warmOilIsLighter() {
        assertThat(5 * BaseOil.PAG.densityAt(60) / 1000).isCloseTo(5.06757, within(6e-6));
        assertThat(BaseOil.MINERAL.densityAt(-10)).isCloseTo(905.852, within(6e-4));
        assertThat(BaseOil.MINERAL.densityAt(15)).isEqualTo(BaseOil.MINERAL.densityAt15());
    }

    /** Against every choice of containers up to a size: none leaves less over, none as little with fewer. */
    @ParameterizedTest(name = "{0} L")
    @CsvSource({"0.3", "3", "6.3", "7.6", "8", "11.4", "12.5", "23.2", "27.5", "41"})
    void noOtherContainersAreBetter(double litres) {
        var sizes = List.of(20, 5, 4, 1);
        var chosen = OilChange.containers(litres, sizes);
        int total = chosen.stream().mapToInt(i -> i).sum();
        assertThat((double) total).isGreaterThanOrEqualTo(litres);
        for (int a = 0; a <= 3; a++) {
            for (int b = 0; b <= 9; b++) {
                for (int c = 0; c <= 11; c++) {
                    for (int d = 0; d <= 4; d++) {
                        int other = 20 * a + 5 * b + 4 * c + d;
                        if (other >= litres) {
                            assertThat(total).isLessThanOrEqualTo(other);
                            if (other == total) {
                                assertThat(chosen.size()).isLessThanOrEqualTo(a + b + c + d);
                            }
                        }
                    }
                }
            }
        }
        assertThat(chosen).isSortedAccordingTo((x, y) -> y - x);
    }

    @Test
    void whatIsLeftInTheBoxIsNotPouredAgain() {
        assertThat(OilChange.toFill(9.8, 0.4)).isCloseTo(9.4, within(1e-12));
        assertThatThrownBy(() -> OilChange.toFill(5, 6))
                .hasMessageContaining("6 L are left in the box, more than the 5.00 L it holds");
        assertThatThrownBy(() -> OilChange.containers(6, List.of()))
                .hasMessageContaining("No container is on the shelf");
    }

    // Common practice, no source: a worm wears its bronze wheel, so more copper and less iron is
    // usual there.
    @ParameterizedTest(name = "{0} {1} ppm: gears {2}, worm {3}")
    @CsvSource({
        "IRON, 80, CLEAR_PASS, DOUBTFUL",
        "IRON, 120, DOUBTFUL, CLEAR_FAIL",
        "IRON, 100, CLEAR_PASS, DOUBTFUL",
        "COPPER, 90, DOUBTFUL, CLEAR_PASS",
        "COPPER, 310, CLEAR_FAIL, CLEAR_FAIL",
        "TIN, 15, DOUBTFUL, DOUBTFUL",
        "SILICON, 41, CLEAR_FAIL, CLEAR_FAIL"
    })
    void fixedLimitsGoByWhatTurnsInTheBox(
            WearMetal metal, double ppm, Verdict gears, Verdict worm) {
        assertThat(OilCondition.metal(metal, ppm, List.of(), WearMetal.Box.STEEL_GEARS).verdict())
                .isEqualTo(gears);
        assertThat(
                        OilCondition.metal(metal, ppm, List.of(), WearMetal.Box.WORM_ON_BRONZE)
                                .verdict())
                .isEqualTo(worm);
    }

    /** Five samples of one's own outweigh any fixed limit, and a steady box is not alarmed by the laboratory's last digit. */
    @Test
    void theBoxesOwnHistoryCounts() {
        var steady = IntStream.range(0, 6).mapToObj(i -> 40.0).toList();
        assertThat(
                        OilCondition.metal(WearMetal.IRON, 41.5, steady, WearMetal.Box.STEEL_GEARS)
                                .verdict())
                .isEqualTo(Verdict.CLEAR_PASS);
        assertThat(
                        OilCondition.metal(WearMetal.IRON, 44, steady, WearMetal.Box.STEEL_GEARS)
                                .verdict())
                .as("far below the fixed 100, but not like this box")
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    // Common practice, no source: what the pairs point to.
    @ParameterizedTest(name = "{0}, water {1}: {2}")
    @CsvSource({
        "IRON, false, Iron alone",
        "IRON, true, rust",
        "IRON CHROMIUM, false, rolling bearing",
        "COPPER TIN, false, bronze wheel",
        "COPPER, false, brass cage",
        "SILICON, false, breather",
        "SILICON ALUMINIUM IRON, false, sand or dust",
        "ALUMINIUM, false, housing"
    })
    void theMetalsPointToAPart(String high, boolean water, String says) {
        var metals = EnumSet.noneOf(WearMetal.class);
        for (var name : high.split(" ")) {
            metals.add(WearMetal.valueOf(name));
        }
        assertThat(OilCondition.parts(metals, water)).anyMatch(p -> p.contains(says));
        assertThat(OilCondition.parts(Set.of(), water)).isEmpty();
    }

    // Worked out apart from this code: c₁ 40, c₂ 58, 8 L, 1.5 L topped up, 500 h.
    @Test
    void toppingUpHidesWear() {
        assertThat(OilCondition.ratePer1000h(40, 58, 8, 1.5, 500)).isCloseTo(51, within(1e-9));
        assertThat(OilCondition.ratePer1000h(40, 58, 8, 0, 500)).isCloseTo(36, within(1e-9));
        assertThatThrownBy(() -> OilCondition.ratePer1000h(40, 58, 8, 9, 500))
                .hasMessageContaining("outside 0 to 8 L");
        assertThatThrownBy(() -> OilCondition.ratePer1000h(40, 58, 8, 1, 0))
                .hasMessageContaining("outside 1 to");
    }

    // AGMA 9005, from memory, for the limit of mineral oil; the others common practice, no source.
    @Test
    void aHotOrThinSumpIsTold() {
        var hot =
                SumpHeat.of(
                        11_000,
                        0.7,
                        0.9,
                        17,
                        30,
                        0,
                        1,
                        ViscosityLine.of(460, 95),
                        BaseOil.MINERAL,
                        Optional.empty());
        assertThat(hot.warnings()).anyMatch(w -> w.contains("above the limit of 95 °C"));
        var thin =
                SumpHeat.of(
                        1500,
                        0.8,
                        0.5,
                        17,
                        30,
                        0,
                        1,
                        ViscosityLine.of(22, 95),
                        BaseOil.MINERAL,
                        Optional.empty());
        assertThat(thin.warnings()).anyMatch(w -> w.contains("is thin for teeth"));
        var good =
                SumpHeat.of(
                        1500,
                        0.97,
                        0.9,
                        17,
                        20,
                        0,
                        1,
                        ViscosityLine.of(220, 95),
                        BaseOil.MINERAL,
                        Optional.empty());
        assertThat(good.warnings()).isEmpty();
    }

    /** A plate is met so far as it tells: grade, base, consistency, food. */
    @ParameterizedTest(name = "{0}: VG {1} {2}: {3}")
    @CsvSource({
        "CLP 220, 220, MINERAL, true",
        "CLP 220, 224, MINERAL, true",
        "CLP 220, 320, MINERAL, false",
        "CLP 220, 220, PAO, false",
        "CLP HC 220, 220, PAO, true",
        "ISO VG 220, 220, PAO, true",
        "ISO VG 220 H1, 220, PAO, false"
    })
    void anOilIsWhatThePlateTells(String plate, double viscosity, BaseOil base, boolean suits) {
        var oil =
                new Lubricant(
                        base,
                        Lubricant.Additive.MILD_EP,
                        Optional.empty(),
                        Optional.empty(),
                        viscosity,
                        false,
                        false);
        assertThat(PlateText.read(plate).suits(oil)).isEqualTo(suits);
    }
}
