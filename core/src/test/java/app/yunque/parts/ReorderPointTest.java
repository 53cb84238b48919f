package app.yunque.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Poisson tables: λ 1.8 at 95 % holds 4, λ 0.35 at 90 % holds 1, λ 4.2 at 99 % holds 10. */
class ReorderPointTest {
    // A year of 365 days as lead time makes the use of a year λ itself.
    @ParameterizedTest(name = "λ {0} at {1} %: {2}")
    @CsvSource({"1.8, 95, 4", "0.35, 90, 1", "4.2, 99, 10", "0, 95, 0"})
    void thePointCoversTheDemand(double perYear, double level, int point) {
        var told = ReorderPoint.of(perYear, 365, level, 50, 0, 0);
        assertThat(told.point()).isEqualTo(point);
        assertThat(told.demand()).isCloseTo(perYear, within(1e-9));
        assertThat(told.order()).isZero();
        assertThat(told.sentence()).startsWith("Enough: 50 free");
    }

    // Hold 4; a quarter of 1.8 a year is one piece more.
    @ParameterizedTest(name = "shelf {0}, reserved {1}, on its way {2}: order {3}")
    @CsvSource({
        "5, 0, 0, 0",
        "4, 0, 0, 1",
        "5, 1, 0, 1",
        "0, 0, 0, 5",
        "0, 0, 5, 0",
        "3, 2, 0, 4",
        "1, 6, 0, 10"
    })
    void ordersWhatIsMissing(int shelf, int reserved, int onItsWay, int order) {
        var told = ReorderPoint.of(1.8, 365, 95, shelf, reserved, onItsWay);
        assertThat(told.order()).isEqualTo(order);
        assertThat(told.free()).isEqualTo(shelf + onItsWay - reserved);
        assertThat(told.sentence().startsWith("Order " + order)).isEqualTo(order > 0);
    }

    @Test
    void saysItInWords() {
        assertThat(ReorderPoint.of(1.8, 365, 95, 5, 0, 0).sentence())
                .isEqualTo("Enough: 5 free; ordered again when 4 or fewer are free.");
        assertThat(ReorderPoint.of(1.8, 365, 95, 3, 1, 0).sentence())
                .isEqualTo("Order 3: 2 free, ordered again when 4 or fewer are free.");
        assertThat(ReorderPoint.of(1.8, 365, 95, 1, 3, 0).sentence())
                .isEqualTo("Order 7: jobs want 2 more than there are.");
    }

    /** What is never used is never ordered, unless a job waits for it. */
    @Test
    void whatIsNeverUsedIsNotOrdered() {
        assertThat(ReorderPoint.of(0, 30, 95, 0, 0, 0).order()).isZero();
        assertThat(ReorderPoint.of(0, 30, 95, 0, 2, 0).order()).isEqualTo(2);
    }

    @Test
    void refusesWhatCannotBePromised() {
        assertThatThrownBy(() -> ReorderPoint.of(1, 30, 100, 0, 0, 0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("100 % cannot be promised");
    }
}
