package app.yunque.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitSlipTest {

    // 25.4 mm to the inch, exactly.
    @ParameterizedTest(name = "{0} mm where {1} mm is expected: {2}")
    @CsvSource({
        "1.27, 32.258, Were inches entered as millimetres?",
        "819, 32.258, Were millimetres entered as inches?",
        "5.08, 0.2, Were millimetres entered as inches?",
        "0.35, 0.2,",
        "0.05, 0.2,",
        "32, 32.258,",
        "0, 32.258,",
        "NaN, 32.258,"
    })
    void asksOnlyWhenTheFactorFits(double value, double expected, String question) {
        var warning = UnitSlip.suspect(value, expected);
        if (question == null) {
            assertThat(warning).isEmpty();
        } else {
            assertThat(warning).get().asString().endsWith(question);
        }
    }

    @Test
    void carriesEveryFaultWithItsParts() {
        assertThatThrownBy(() -> new Gauge(Double.NaN, 5))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> {
                            assertThat(refused.problems()).hasSize(2);
                            var missing = refused.problems().get(0);
                            assertThat(missing.value()).isNull();
                            assertThat(missing.component()).isEqualTo("resolutionMm");
                            var large = refused.problems().get(1);
                            assertThat(large.value()).isEqualTo("5");
                            assertThat(large.low()).isEqualTo("0");
                            assertThat(large.high()).isEqualTo("1");
                            assertThat(large.unit()).isEqualTo("mm");
                        });
    }

    @Test
    void refusesReadingsThatAreNone() {
        assertThatThrownBy(() -> new RepeatedReadings(List.of()))
                .hasMessageContaining("Number of readings 0");
        assertThatThrownBy(() -> new RepeatedReadings(List.of(0.1, Double.NaN)))
                .hasMessage("Reading 2 is not a number. Measure or enter it again.");
    }

    /** A single reading says less than two equal ones, whatever the gauge. */
    @Test
    void trustsASingleReadingLess() {
        var gauge = new Gauge(0.01, 0.01);
        double one = new RepeatedReadings(List.of(0.3)).standardUncertaintyMm(gauge);
        double two = new RepeatedReadings(List.of(0.3, 0.3)).standardUncertaintyMm(gauge);
        assertThat(one).isGreaterThan(two);
    }
}
