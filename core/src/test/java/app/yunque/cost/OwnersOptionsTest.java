package app.yunque.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.cost.OwnersOptions.Choice;
import app.yunque.cost.OwnersOptions.Known;
import app.yunque.cost.OwnersOptions.Way;
import app.yunque.measure.Refused;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** By hand, and the annuity against its own payments one by one. */
class OwnersOptionsTest {
    private static final Known LEAST = new Known(400, 2, 30);
    private static final Known ALL = new Known(900, 6, 5);
    private static final Known NEW = new Known(3000, 15, 2);

    @Test
    void withoutInterestAYearIsTheCostByItsYearsAndWhatFailuresCost() {
        var ways = OwnersOptions.of(LEAST, ALL, NEW, 1500, 0);
        assertThat(ways.ways())
                .extracting(Way::choice)
                .containsExactly(Choice.ALL, Choice.NEW, Choice.LEAST);
        assertThat(ways.ways().get(0).perYear()).isCloseTo(150 + 75, within(1e-9));
        assertThat(ways.ways().get(1).perYear()).isCloseTo(200 + 30, within(1e-9));
        assertThat(ways.ways().get(2).perYear()).isCloseTo(200 + 450, within(1e-9));
        assertThat(ways.told().sentence())
                .isEqualTo(
                        "Cheapest a year: all that was advised, 225.00 with 5 % chance of a failure; then a new unit, 230.00 with 2 % chance of a failure.");
        assertThat(ways.told().warnings()).hasSize(1);
    }

    @Test
    void whatAFailureCostsTurnsTheOrder() {
        assertThat(OwnersOptions.of(LEAST, ALL, NEW, 0, 0).ways().get(0).choice())
                .isEqualTo(Choice.ALL);
        assertThat(OwnersOptions.of(LEAST, ALL, NEW, 100_000, 0).ways().get(0).choice())
                .isEqualTo(Choice.NEW);
        var equal = OwnersOptions.of(new Known(200, 2, 30), new Known(200, 2, 5), NEW, 0, 0);
        assertThat(equal.ways().get(0).choice())
                .as("of two that cost the same the one that fails less often")
                .isEqualTo(Choice.ALL);
    }

    /** Paid back year by year with interest nothing is left. */
    @Test
    void theAnnuityPaysBackWhatItCost() {
        var random = new Random(3);
        for (int i = 0; i < 100; i++) {
            int years = 1 + random.nextInt(20);
            double rate = 0.01 * (1 + random.nextInt(15));
            double cost = 100 + random.nextInt(5000);
            var known = new Known(cost, years, 0);
            double perYear =
                    OwnersOptions.of(new Known(0, 1, 0), known, NEW, 0, 100 * rate).ways().stream()
                            .filter(w -> w.choice() == Choice.ALL)
                            .findFirst()
                            .orElseThrow()
                            .perYear();
            double left = cost;
            for (int year = 0; year < years; year++) {
                left = left * (1 + rate) - perYear;
            }
            assertThat(left).isCloseTo(0, within(1e-6 * cost));
        }
    }

    @Test
    void theLeastIsHeldByAll() {
        assertThatThrownBy(() -> OwnersOptions.of(new Known(901, 2, 30), ALL, NEW, 1500, 5))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("costs 901, and all that was advised 900");
        assertThat(OwnersOptions.of(new Known(900, 2, 30), ALL, NEW, 1500, 5).ways()).hasSize(3);
    }

    @ParameterizedTest
    @CsvSource({
        "-1,1,1,Cost now",
        "1,0.09,1,Years it then lasts",
        "1,1,101,Chance of a failure",
        "1,1,-1,Chance of a failure"
    })
    void whatCannotBeIsNamed(double cost, double years, double chance, String says) {
        assertThatThrownBy(() -> new Known(cost, years, chance))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(says);
    }

    @ParameterizedTest
    @CsvSource({"-1,5,What a failure costs", "1500,51,Interest a year"})
    void moneyThatCannotBeIsNamed(double failure, double interest, String says) {
        assertThatThrownBy(() -> OwnersOptions.of(LEAST, ALL, NEW, failure, interest))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(says);
    }
}
