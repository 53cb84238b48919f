package app.yunque.spring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.spring.DetentShift.Dry;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DetentShiftTest {

    private static DetentShift pulled(double newton) {
        return DetentShift.of(List.of(newton, newton, newton), Optional.empty(), 100, false);
    }

    /** Limits of the check DET-2 (judgement, no source), clear of each edge by more than the scale's 5 %. */
    @ParameterizedTest
    @CsvSource({
        "60, CLEAR_FAIL, BEYOND, Too weak to hold",
        "66, CLEAR_FAIL, BEYOND, Too weak to hold",
        "78, CLEAR_PASS, WATCH, Too weak to hold",
        "100, CLEAR_PASS, AS_NEW, of what is wanted",
        "118, CLEAR_PASS, AS_NEW, of what is wanted",
        "140, CLEAR_PASS, WATCH, Hard to shift",
        "160, CLEAR_FAIL, BEYOND, Hard to shift",
    })
    void aLeverByItsForce(double newton, Verdict verdict, Zone zone, String words) {
        var told = pulled(newton).told();
        assertThat(told.verdict()).isEqualTo(verdict);
        assertThat(told.zone()).isEqualTo(zone);
        assertThat(told.sentence()).contains(words);
        if (zone == Zone.AS_NEW) {
            assertThat(told.sentence()).doesNotContain("Too weak").doesNotContain("Hard to");
        }
    }

    @Test
    void nearAnEdgeTheScaleDoesNotTell() {
        assertThat(pulled(71).told().verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(pulled(148).told().verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(
                        DetentShift.of(List.of(148.0, 148.0, 148.0), Optional.empty(), 100, true)
                                .told()
                                .verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        var wide = DetentShift.of(List.of(60.0, 96.0, 78.0), Optional.empty(), 100, false);
        assertThat(wide.share()).isEqualTo(0.78, within(1e-12));
        assertThat(wide.told().verdict()).as("0.78 ± 0.18").isEqualTo(Verdict.DOUBTFUL);
    }

    /** 78 ± 18 of 100: half of the spread, over the force wanted; a scale is good to 5 % at best. */
    @Test
    void howWellItIsKnown() {
        var wide = DetentShift.of(List.of(60.0, 96.0, 78.0), Optional.empty(), 100, false);
        assertThat(wide.told().reading()).isNotNull();
        assertThat(wide.told().reading().uncertainty()).isEqualTo(0.18, within(1e-9));
        assertThat(pulled(80).told().reading().uncertainty()).isEqualTo(0.04, within(1e-9));
        assertThat(DetentShift.of(List.of(50.0), Optional.empty(), 200, false).share())
                .isEqualTo(0.25);
        assertThatThrownBy(() -> pulled(0.05)).hasMessageContaining("0.1 to 5000");
        assertThatThrownBy(() -> DetentShift.of(List.of(50.0), Optional.empty(), 0.05, false))
                .hasMessageContaining("0.1 to 5000");
        assertThatThrownBy(() -> new Dry(0.05)).hasMessageContaining("0.1 to 5000");
    }

    @Test
    void whatOilTakesAwayWasDirt() {
        var pulls = List.of(100.0, 100.0, 100.0);
        assertThat(DetentShift.of(pulls, Optional.of(new Dry(125.1)), 100, false).told().warnings())
                .anyMatch(w -> w.startsWith("Dry it took much more"));
        assertThat(DetentShift.of(pulls, Optional.of(new Dry(125)), 100, false).told().warnings())
                .as("a quarter more is not much")
                .noneMatch(w -> w.startsWith("Dry it took much more"));
        assertThat(
                        DetentShift.of(List.of(100.0, 101.0), Optional.empty(), 100, false)
                                .told()
                                .warnings())
                .anyMatch(w -> w.startsWith("Pull three times"));
        assertThat(pulled(100).told().warnings()).noneMatch(w -> w.startsWith("Pull three times"));
    }
}
