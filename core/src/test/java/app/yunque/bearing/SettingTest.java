package app.yunque.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.bearing.BearingLife.Rolling;
import app.yunque.bearing.EndFloat.Place;
import app.yunque.bearing.RollingDrag.Behind;
import app.yunque.bearing.RollingDrag.Wanted;
import app.yunque.bearing.WarmPair.Facing;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SettingTest {

    // Source: geometry, worked by hand.
    @Test
    void thePackThatGivesAFloat() {
        var cover = EndFloat.of(List.of(0.17, 0.18, 0.19), -0.05, 0.60, Place.UNDER_THE_COVER);
        assertThat(cover.changeMm()).isEqualTo(-0.23, within(1e-9));
        assertThat(cover.packMm()).isEqualTo(0.37, within(1e-9));
        var stack = EndFloat.of(List.of(0.02, 0.02, 0.02), 0.08, 1.20, Place.IN_THE_STACK);
        assertThat(stack.changeMm()).isEqualTo(-0.06, within(1e-9));
        assertThat(stack.packMm()).isEqualTo(1.14, within(1e-9));
    }

    @Test
    void whatAFloatCannotTell() {
        assertThat(
                        EndFloat.of(List.of(0.0, 0.0, 0.0), 0.05, 0.6, Place.UNDER_THE_COVER)
                                .told()
                                .warnings())
                .anyMatch(w -> w.contains("nothing or less"));
        assertThat(EndFloat.of(List.of(0.1), 0.05, 0.6, Place.UNDER_THE_COVER).told().warnings())
                .anyMatch(w -> w.contains("three times"));
        assertThat(
                        EndFloat.of(List.of(0.1, 0.1, 0.1), -0.05, 0.6, Place.UNDER_THE_COVER)
                                .told()
                                .warnings())
                .anyMatch(w -> w.contains("rolling drag"));
        assertThatThrownBy(() -> EndFloat.of(List.of(0.5), -0.05, 0.3, Place.UNDER_THE_COVER))
                .hasMessageContaining("cup not seated");
    }

    // Source: T = F r by hand; 1 kgf = 9.80665 N.
    @Test
    void dragByCordAndScale() {
        assertThat(drag(List.of(14.0, 14.0, 14.0), 42, 3, 0, Optional.empty()).dragNm())
                .isEqualTo(0.609, within(1e-9));
        assertThat(drag(List.of(3.5 * 9.80665), 50, 0, 0, Optional.empty()).dragNm())
                .isEqualTo(1.71616, within(5e-6));
        // A pinion of 1.2 and a carrier of 2.6 behind 3.7 drag 1.9027 together: less the carrier
        // the pinion is left.
        assertThat(drag(List.of(19.0270), 100, 0, 0, Optional.of(new Behind(2.6, 3.7))).dragNm())
                .isEqualTo(1.2, within(5e-5));
        assertThatThrownBy(() -> drag(List.of(1.0), 10, 0, 0.5, Optional.empty()))
                .hasMessageContaining("Measure both again");
    }

    private static RollingDrag drag(
            List<Double> pulls, double radius, double cord, double seals, Optional<Behind> behind) {
        return RollingDrag.of(pulls, radius, cord, seals, behind, Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({
        "10, CLEAR_PASS",
        "15.5, DOUBTFUL",
        "20, CLEAR_FAIL",
        "4, CLEAR_FAIL",
        "5.1, DOUBTFUL"
    })
    void dragAgainstTheMakersBand(double pull, Verdict verdict) {
        var read =
                RollingDrag.of(
                        List.of(pull, pull, pull),
                        100,
                        0,
                        0,
                        Optional.empty(),
                        Optional.of(new Wanted(0.5, 1.5)));
        assertThat(read.told().verdict()).isEqualTo(verdict);
    }

    @Test
    void aScatterOfPullsIsNotHidden() {
        var read =
                RollingDrag.of(
                        List.of(8.0, 12.0, 10.0),
                        100,
                        0,
                        0,
                        Optional.empty(),
                        Optional.of(new Wanted(0.85, 1.5)));
        assertThat(read.told().verdict()).as("1.0 ± 0.2 against 0.85").isEqualTo(Verdict.DOUBTFUL);
        assertThatThrownBy(() -> new Wanted(1.5, 1.5))
                .hasMessageContaining("Look again at the sheet");
    }

    // Source: linear expansion by hand: 160 × (23 × 40 − 11.5 × 50) × 10⁻⁶ = 0.0552 mm.
    @Test
    void aPairWhenWarm() {
        assertThat(WarmPair.of(160, 23, 40, 50, Facing.X, 0.05).changeMm())
                .isEqualTo(0.0552, within(1e-9));
        var back = WarmPair.of(160, 23, 40, 50, Facing.O, 0.05);
        assertThat(back.changeMm()).isEqualTo(-0.0552, within(1e-9));
        assertThat(back.told().verdict()).as("0.050 − 0.0552").isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(WarmPair.of(160, 23, 40, 50, Facing.O, 0.06).told().verdict())
                .isEqualTo(Verdict.NOT_JUDGED);
        assertThat(WarmPair.of(160, 23, 40, 50, Facing.O, -0.02).told().warnings()).isEmpty();
    }

    // Source: ISO 281, from memory, worked by hand.
    @Test
    void hoursOfABearing() {
        assertThat(BearingLife.of(25.5, 3, Rolling.BALLS, 950).hours())
                .isEqualTo(10774.1, within(0.05));
        assertThat(BearingLife.of(60, 12, Rolling.ROLLERS, 300).hours())
                .isEqualTo(11874.8, within(0.05));
        assertThat(BearingLife.of(10, 5, Rolling.BALLS, 1000).told().warnings()).isEmpty();
        assertThat(BearingLife.of(10, 5.01, Rolling.BALLS, 1000).told().warnings()).isNotEmpty();
    }

    // Source: kinematics of rolling, worked by hand at 1450 min⁻¹.
    @Test
    void whatADamagedBearingSoundsLike() {
        var f = BearingFrequencies.of(1450, 9, 7.94, 38.5, 0);
        assertThat(f.outerHz()).isEqualTo(86.3221, within(5e-5));
        assertThat(f.innerHz()).isEqualTo(131.178, within(5e-4));
        assertThat(f.cageHz()).isEqualTo(9.59134, within(5e-6));
        assertThat(f.outerHz() + f.innerHz())
                .as("together N times the shaft")
                .isEqualTo(9 * 1450 / 60.0, within(1e-9));
        assertThat(BearingFrequencies.of(600, 8, 10, 50, 0).spinHz())
                .isEqualTo(2.5 * 10 * (1 - 0.04), within(1e-9));
        assertThatThrownBy(() -> BearingFrequencies.of(600, 8, 50, 50, 0))
                .hasMessageContaining("Exchange the two?");
    }

    // Source: dimension series of ISO 15, ISO 355 and ISO 104, from memory.
    @Test
    void whichBearingThreeSizesAre() {
        assertThat(names(25, 52, 15)).containsExactlyInAnyOrder("6205", "7205", "N205");
        assertThat(names(25, 52, 16.25)).containsExactly("30205");
        assertThat(names(8, 22, 7)).containsExactly("608");
        assertThat(names(20, 40, 14)).containsExactly("51204");
        assertThat(names(30, 62.1, 15.9)).contains("6206");
        assertThat(names(30, 62.2, 16)).isEmpty();
        assertThat(BearingSizes.of(26, 53, 15).told().sentence()).contains("the nearest are shown");
        assertThatThrownBy(() -> BearingSizes.of(52, 25, 15))
                .hasMessageContaining("Exchange the two?");
    }

    private static List<String> names(double bore, double outside, double width) {
        return BearingSizes.of(bore, outside, width).found().stream()
                .map(BearingSizes.Size::designation)
                .toList();
    }

    /** Bores 04 and up are five times the last two figures: the rule of the designations, ISO 15. */
    @Test
    void designationsTellTheBore() {
        assertThat(BearingSizes.of(50, 90, 20).found())
                .isNotEmpty()
                .allSatisfy(
                        s ->
                                assertThat(
                                                5
                                                        * Integer.parseInt(
                                                                s.designation()
                                                                        .replaceAll(
                                                                                ".*(\\d\\d)$",
                                                                                "$1")))
                                        .isEqualTo(50));
        assertThat(BearingSizes.of(75, 130, 25).found())
                .extracting(BearingSizes.Size::designation)
                .contains("6215");
    }
}
