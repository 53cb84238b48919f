package app.yunque.tooth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.tooth.HardnessByPunch.Is;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HardnessByPunchTest {

    private static HardnessByPunch of(double first, double second) {
        return HardnessByPunch.of(List.of(first, first, first), List.of(second, second, second));
    }

    // Source: squares and cubes by hand.
    @Test
    void byTheSquareAndByTheCube() {
        assertThat(of(0.50, 0.60).ratio()).isEqualTo(1.44, within(1e-9));
        assertThat(of(0.50, 0.60).steep()).isEqualTo(1.728, within(1e-9));
        assertThat(of(0.62, 0.55).ratio()).isEqualTo(0.786941, within(5e-7));
    }

    /** Both have to agree: like within a tenth, harder or softer beyond it, else it is not clear. */
    @ParameterizedTest
    @CsvSource({
        "1.03, LIKE",
        "1.033, NOT_CLEAR",
        "1.04, NOT_CLEAR",
        "1.049, HARDER",
        "0.97, LIKE",
        "0.96, NOT_CLEAR",
        "0.948, SOFTER"
    })
    void saysItInWords(double grows, Is is) {
        assertThat(of(0.5, 0.5 * grows).is()).isEqualTo(is);
    }

    @Test
    void aPunchThatWasNotSeated() {
        assertThat(
                        HardnessByPunch.of(List.of(0.50, 0.56, 0.50), List.of(0.5, 0.5, 0.5))
                                .told()
                                .warnings())
                .anyMatch(w -> w.contains("not seated"));
        assertThat(
                        HardnessByPunch.of(List.of(0.50, 0.54, 0.50), List.of(0.5, 0.5, 0.5))
                                .told()
                                .warnings())
                .hasSize(1);
        assertThatThrownBy(() -> HardnessByPunch.of(List.of(0.5, 0.5), List.of(0.5, 0.5, 0.5)))
                .hasMessageContaining("three or more");
    }
}
