package app.yunque.server.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.measure.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Limits told in the unit that was typed. Factors exact by definition: inch 25.4 mm, pound-force foot 1.3558179483314004 N·m. */
class AsTypedTest {
    private static Problem of(String unit, String low, String high) {
        return new Problem("radius", "stylus radius", "1234567", unit, low, high, "Read it again.");
    }

    @ParameterizedTest(name = "{1} {2} against {3} to {4} {0}: {5} to {6}")
    @CsvSource({
        "mm, 99, in, 2.54, 254, 0.1, 10",
        "mm, 5000, thou, 0.0254, 1.27, 1, 50",
        "mm, 99, in, 1, 3, 0.039371, 0.11811",
        "µm, 1, in, 25.4, 2540, 0.001, 0.1",
        "°C, 900, °F, −40, 55, −40, 131",
        "mm, 900, DP, 0.127, 25.4, 1, 200",
        "N·m, 9999, lbf·ft, 1.3558179483314004, 13.558179483314004, 1, 10"
    })
    void inTheUnitOfTheTool(
            String unit,
            String text,
            String typed,
            String low,
            String high,
            String least,
            String most) {
        var told = AsTyped.told(of(unit, low, high), new EnteredNumber(text, typed));
        assertThat(told.value()).isEqualTo(text);
        assertThat(told.unit()).isEqualTo(typed);
        assertThat(told.low()).isEqualTo(least);
        assertThat(told.high()).isEqualTo(most);
        assertThat(told.sentence())
                .isEqualTo(
                        "Stylus radius %s %s is outside %s to %s %s. Read it again."
                                .formatted(text, typed, least, most, typed));
    }

    /** What it cannot tell better stays as it was. */
    @Test
    void leavesTheRest() {
        var inches = new EnteredNumber("3", "in");
        assertThat(AsTyped.told(of("N", "1", "2"), inches)).isEqualTo(of("N", "1", "2"));
        assertThat(AsTyped.told(of("mm", "1", "2"), new EnteredNumber("3", "mm")))
                .isEqualTo(of("mm", "1", "2"));
        assertThat(AsTyped.told(of("mm", "1", "2"), new EnteredNumber("3", "ell")))
                .isEqualTo(of("mm", "1", "2"));
        assertThat(AsTyped.told(of("mm", null, null), inches).low()).isNull();
    }
}
