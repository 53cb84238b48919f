package app.yunque.server.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.measure.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Limits told in the unit that was typed. Factors exact by definition: inch 25.4 mm, pound-force foot 1.3558179483314004 N·m. */
class AsTypedTest {
    private static Problem of(String value, String unit, String low, String high) {
        return new Problem("radius", "stylus radius", value, unit, low, high, "Read it again.");
    }

    @ParameterizedTest(name = "{2} {3} against {4} to {5} {1}: {6} to {7}")
    @CsvSource({
        "2514.6, mm, 99, in, 2.54, 254, 0.1, 10",
        "127, mm, 5000, thou, 0.0254, 1.27, 1, 50",
        "2514.6, mm, 99, in, 1, 3, 0.039371, 0.11811",
        "25400, µm, 1, in, 25.4, 2540, 0.001, 0.1",
        "482.22222222222, °C, 900, °F, −40, 55, −40, 131",
        "0.0254, mm, 1000, DP, 0.127, 25.4, 1, 200",
        "13558.179483314, N·m, 10000, lbf·ft, 1.3558179483314004, 13.558179483314004, 1, 10"
    })
    void inTheUnitOfTheTool(
            String value,
            String unit,
            String text,
            String typed,
            String low,
            String high,
            String least,
            String most) {
        var told = AsTyped.told(of(value, unit, low, high), new EnteredNumber(text, typed));
        assertThat(told.value()).isEqualTo(text);
        assertThat(told.unit()).isEqualTo(typed);
        assertThat(told.low()).isEqualTo(least);
        assertThat(told.high()).isEqualTo(most);
        assertThat(told.sentence())
                .isEqualTo(
                        "Stylus radius %s %s is outside %s to %s %s. Read it again."
                                .formatted(text, typed, least, most, typed));
    }

    /** What it cannot tell better stays as it was: another kind, the same unit, no unit, and what was worked out from what was typed. */
    @ParameterizedTest(name = "{0} {1} of {2} {3}")
    @CsvSource({"3, N, 3, in", "3, mm, 3, mm", "3, mm, 3, ell", "77, mm, 3, in", "76.2, mm, x, in"})
    void leavesTheRest(String value, String unit, String text, String typed) {
        var fault = of(value, unit, "1", "2");
        assertThat(AsTyped.told(fault, new EnteredNumber(text, typed))).isEqualTo(fault);
    }

    @Test
    void aFaultWithoutARangeIsToldAsTyped() {
        var told = AsTyped.told(of("76.2", "mm", null, null), new EnteredNumber("3", "in"));
        assertThat(told.value()).isEqualTo("3");
        assertThat(told.low()).isNull();
        assertThat(told.high()).isNull();
    }
}
