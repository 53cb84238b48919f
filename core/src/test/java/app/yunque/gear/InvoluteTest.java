package app.yunque.gear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class InvoluteTest {

    // Source: involute tables of the gear handbooks (5 to 7 figures), from memory.
    @ParameterizedTest(name = "inv {0}° = {1}")
    @CsvSource({"14.5, 0.0055448, 1e-7", "20, 0.014904, 1e-6", "25, 0.029975, 1e-6"})
    void agreesWithThePrintedTable(double angleDeg, double expected, double tolerance) {
        assertThat(Involute.of(Math.toRadians(angleDeg))).isCloseTo(expected, within(tolerance));
    }

    // Worked out apart from this code, in 40 digits.
    @ParameterizedTest(name = "inverse of {0} is {1}°")
    @CsvSource({"0.05, 29.3377", "1e-6, 0.826325", "1.2, 67.1386", "0.0149043839, 20.0000"})
    void invertsToTheKnownAngle(double value, double expectedDeg) {
        assertThat(Math.toDegrees(Involute.inverse(value))).isCloseTo(expectedDeg, within(5e-5));
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e-12, 1e-7, 1e-6, 0.001, 0.0149, 0.5, 1, 3, 40})
    void forwardAndBackReturnsTheStart(double value) {
        double back = Involute.of(Involute.inverse(value));
        assertThat(back).isCloseTo(value, within(Math.max(1e-17, value * 1e-9)));
    }

    @Test
    void refusesACircleInsideTheBaseCircle() {
        assertThatThrownBy(() -> Involute.inverse(-0.001))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("inside the base circle");
        assertThatThrownBy(() -> Involute.inverse(Double.NaN)).isInstanceOf(Refused.class);
    }
}
