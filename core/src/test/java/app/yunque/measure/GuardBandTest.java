package app.yunque.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GuardBandTest {

    // Source: decision rule of ISO 14253-1, from memory; rows worked out by hand.
    @ParameterizedTest(name = "{0} ± {1} against at most {2}: {3}")
    @CsvSource({
        "0.32, 0.0121106, 0.35, CLEAR_PASS",
        "0.32, 0.0121106, 0.33, DOUBTFUL",
        "0.32, 0.0121106, 0.30, CLEAR_FAIL",
        "24.996, 0.004, 25.000, CLEAR_PASS",
        "25.0041, 0.004, 25.000, CLEAR_FAIL",
        "NaN, 0.004, 25.000, NOT_JUDGED"
    })
    void passesFailsOrDoubts(double value, double u, double limit, Verdict expected) {
        assertThat(GuardBand.atMost(value, u, limit)).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0} against at least 24.979: {1}")
    @CsvSource({
        "24.983, CLEAR_PASS",
        "24.9829, DOUBTFUL",
        "24.975, DOUBTFUL",
        "24.9749, CLEAR_FAIL"
    })
    void mirrorsForALowerLimit(double value, Verdict expected) {
        assertThat(GuardBand.atLeast(value, 0.004, 24.979)).isEqualTo(expected);
    }

    @Test
    void refusesANegativeUncertainty() {
        assertThatThrownBy(() -> GuardBand.atMost(1, -0.1, 2)).isInstanceOf(Refused.class);
    }

    // Source: GUM; readings 0.31 0.33 0.32 0.31 0.33 with d 0.01, E 0.005 worked out by hand.
    @Test
    void combinesScatterResolutionAndCalibration() {
        var readings = new RepeatedReadings(List.of(0.31, 0.33, 0.32, 0.31, 0.33));
        assertThat(readings.standardDeviationMm()).isCloseTo(0.01, within(1e-12));
        assertThat(readings.standardUncertaintyMm(new Gauge(0.01, 0.005)))
                .isCloseTo(0.00605530, within(5e-9));
        assertThat(readings.spreadMm()).isCloseTo(0.02, within(1e-12));
    }

    @Test
    void printsAValueExactlyAsItCame() {
        var range = Range.of("x", "backlash", 0, 2, "mm").advising("Was it read in hundredths?");
        assertThat(range.judge(2.0004).orElseThrow().sentence())
                .isEqualTo("Backlash 2.0004 mm is outside 0 to 2 mm. Was it read in hundredths?");
        assertThat(PlainDigits.exact(0.00012)).isEqualTo("0.00012");
        assertThat(PlainDigits.exact(1e308)).doesNotContain("E").hasSizeLessThan(40);
        assertThat(PlainDigits.rounded(-0.125, 2)).isEqualTo("−0.13");
    }

    @Test
    void refusesHalfATooth() {
        assertThat(Range.count("teeth", "number of teeth", 4, 2000).judge(20.5)).isPresent();
    }
}
