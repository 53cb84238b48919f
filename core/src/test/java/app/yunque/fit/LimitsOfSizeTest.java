package app.yunque.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimitsOfSizeTest {

    // Source: limit deviations of ISO 286-2, tables, from memory (µm). Every letter, both sides of
    // steps.
    @ParameterizedTest
    @CsvSource({
        "40, H7, 0, 25", "40, k6, 2, 18", "25, g6, -20, -7", "50, p6, 26, 42", "62, N7, -39, -9",
        "62, h6, -19, 0", "100, P7, -59, -24", "8, K7, -10, 5", "150, N7, -52, -12",
                "40, N9, -62, 0",
        "62, J7, -12, 18", "30, m6, 8, 21", "31, m6, 9, 25", "90, js7, -17.5, 17.5",
                "60, k8, 0, 46",
        "25, F7, 20, 41", "25, G7, 7, 28", "25, f7, -41, -20", "25, n6, 15, 28", "25, M7, -21, 0",
        "25, K8, -23, 10", "25, N8, -36, -3", "25, P9, -74, -22", "25, JS8, -16.5, 16.5",
                "25, J6, -5, 8",
        "25, J8, -13, 20", "3, H7, 0, 10", "3.001, H7, 0, 12", "3, N9, -29, -4", "2, K6, -6, 0",
        "300, M6, -41, -9", "250, M6, -37, -8", "320, M6, -46, -10", "500, h11, -400, 0",
                "500, H5, 0, 27"
    })
    void agreesWithTheTable(double nominal, String code, double lower, double upper) {
        var limits = LimitsOfSize.of(nominal, code);
        assertThat(limits.lowerUm()).as("lower deviation of %s (µm)", code).isEqualTo(lower);
        assertThat(limits.upperUm()).as("upper deviation of %s (µm)", code).isEqualTo(upper);
        assertThat(limits.leastMm()).isEqualTo(nominal + lower / 1000, within(1e-12));
        assertThat(limits.mostMm()).isEqualTo(nominal + upper / 1000, within(1e-12));
        assertThat(limits.isHole()).isEqualTo(Character.isUpperCase(code.charAt(0)));
    }

    /** The standard tolerances were rounded from i = 0.45 ∛D + 0.001 D times 7, 10, 16, 25, 40, 64, 100; ISO 286-1, from memory. */
    @Test
    void gradesFollowTheFormulaTheyWereRoundedFrom() {
        double[] bounds = {3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500};
        double[] multiples = {7, 10, 16, 25, 40, 64, 100};
        for (int i = 1; i < bounds.length; i++) {
            double middle = Math.sqrt(bounds[i - 1] * bounds[i]);
            double unit = 0.45 * Math.cbrt(middle) + 0.001 * middle;
            for (int g = 0; g < multiples.length; g++) {
                double formula = multiples[g] * unit;
                assertThat((double) ToleranceTable.width(bounds[i], 5 + g))
                        .as("IT%d at %s mm", 5 + g, bounds[i])
                        .isCloseTo(formula, within(Math.max(1, 0.035 * formula)));
            }
        }
    }

    /** A hole and a shaft of one letter mirror each other where no Δ is added: ISO 286-1. */
    @Test
    void holesMirrorShafts() {
        for (double d : new double[] {2, 5, 17, 44, 130, 260, 480}) {
            for (var letter : new String[] {"f", "g", "h"}) {
                var shaft = LimitsOfSize.of(d, letter + "7");
                var hole = LimitsOfSize.of(d, letter.toUpperCase() + "7");
                assertThat(hole.lowerUm()).isEqualTo(-shaft.upperUm());
                assertThat(hole.upperUm()).isEqualTo(-shaft.lowerUm());
            }
        }
    }

    // Source: ISO 492 normal class, tables of bore and outside, from memory (µm).
    @ParameterizedTest
    @CsvSource({
        "18, -8, -8",
        "30, -10, -9",
        "31, -12, -11",
        "50, -12, -11",
        "80, -15, -13",
        "120, -20, -15",
        "150, -25, -18",
        "180, -25, -25"
    })
    void knowsBearings(double size, double bore, double outside) {
        assertThat(LimitsOfSize.bearingBore(size).lowerUm()).isEqualTo(bore);
        assertThat(LimitsOfSize.bearingBore(size).upperUm()).isZero();
        assertThat(LimitsOfSize.bearingBore(size).isHole()).isTrue();
        assertThat(LimitsOfSize.bearingOutside(size).lowerUm()).isEqualTo(outside);
        assertThat(LimitsOfSize.bearingOutside(size).isHole()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "0, H7, outside 0.001 to 500 mm", "500.1, H7, outside 0.001 to 500 mm", "40, H4, Grade 4",
        "40, H12, Grade 12", "40, K9, not in the built-in subset",
                "40, J9, not in the built-in subset",
        "40, J5, not in the built-in subset", "40, r6, not in the built-in subset",
                "40, seven, not in the built-in subset"
    })
    void refusesWhatItDoesNotHold(double nominal, String code, String says) {
        assertThatThrownBy(() -> LimitsOfSize.of(nominal, code))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(says);
    }

    @Test
    void refusesABearingBeyondItsTable() {
        assertThatThrownBy(() -> LimitsOfSize.bearingBore(180.5))
                .hasMessageContaining("over 0 to 180 mm");
        assertThatThrownBy(() -> LimitsOfSize.bearingOutside(251))
                .hasMessageContaining("over 0 to 250 mm");
    }
}
