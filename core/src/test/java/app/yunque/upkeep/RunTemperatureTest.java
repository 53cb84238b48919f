package app.yunque.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Verdict;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunTemperatureTest {

    // Common practice, no source: rise up to 50 K, up to 90 °C, half an hour or more.
    @ParameterizedTest(name = "{1} °C in {0} °C after {2} min: {3}")
    @CsvSource({
        "20, 62, 60, CLEAR_PASS",
        "20, 71, 60, CLEAR_FAIL",
        "45, 91, 60, CLEAR_FAIL",
        "20, 50, 10, DOUBTFUL"
    })
    void judges(double ambient, double hot, double minutes, Verdict expected) {
        assertThat(RunTemperature.of(ambient, hot, minutes, Optional.empty()).verdict())
                .isEqualTo(expected);
    }

    @Test
    void letsTheMakersLimitOverrule() {
        assertThat(RunTemperature.of(20, 85, 60, Optional.of(95.0)).verdict())
                .isEqualTo(Verdict.CLEAR_PASS);
    }

    @Test
    void refusesANumberThatIsNoTemperature() {
        assertThatThrownBy(() -> RunTemperature.of(20, 1e308, Double.NaN, Optional.empty()))
                .hasMessageContaining("Temperature after the run above 1 followed by 15 zeros °C")
                .hasMessageContaining("Length of the run is missing.");
    }
}
