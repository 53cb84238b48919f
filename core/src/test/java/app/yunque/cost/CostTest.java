package app.yunque.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.cost.RepairOrReplace.Way;
import app.yunque.cost.ReuseOrRenew.Choice;
import app.yunque.cost.ReuseOrRenew.SecondVisit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CostTest {

    private static final SecondVisit VISIT = new SecondVisit(180, 5, 16, 90);

    // Source: expected cost, worked by hand: 0.25 × 1920; 210 + 0.02 × 1920; 210 / 1920.
    @Test
    void reuseAgainstRenewal() {
        var told = ReuseOrRenew.of(new Choice(0, 0, 25), new Choice(180, 0.5, 2), VISIT, 60);
        assertThat(told.reuseCost()).isEqualTo(480, within(1e-9));
        assertThat(told.renewCost()).isEqualTo(248.4, within(1e-9));
        assertThat(told.breakEven()).isEqualTo(0.109375, within(1e-9));
        assertThat(told.told().sentence()).isEqualTo("Renewal is expected to cost 231.60 less.");
        assertThat(
                        ReuseOrRenew.of(new Choice(0, 0, 10), new Choice(180, 0.5, 2), VISIT, 60)
                                .told()
                                .sentence())
                .startsWith("Reuse is expected");
    }

    /** Where both cost the same, the one that comes back less often; and where a second visit costs nothing, no chance pays. */
    @Test
    void theEndsOfIt() {
        assertThat(
                        ReuseOrRenew.of(new Choice(10, 0, 50), new Choice(970, 0, 0), VISIT, 60)
                                .told()
                                .sentence())
                .startsWith("Renewal");
        var free =
                ReuseOrRenew.of(
                        new Choice(0, 0, 50),
                        new Choice(10, 0, 0),
                        new SecondVisit(0, 0, 0, 0),
                        60);
        assertThat(free.told().figures()).noneMatch(f -> f.key().equals("breakEvenPercent"));
        assertThat(free.told().sentence()).startsWith("Reuse");
        assertThatThrownBy(() -> new Choice(0, 0, 101)).hasMessageContaining("0 to 100 %");
    }

    // Source: annuity, worked by hand.
    @Test
    void repairAgainstANewUnit() {
        var told = RepairOrReplace.of(new Way(420, 3, 60), new Way(1500, 12, 20), 6);
        assertThat(told.repairPerYear()).isEqualTo(217.126, within(5e-4));
        assertThat(told.newPerYear()).isEqualTo(198.916, within(5e-4));
        assertThat(told.told().sentence()).startsWith("A new unit costs 18.21 a year less");
        assertThat(
                        RepairOrReplace.of(new Way(420, 3, 60), new Way(1500, 12, 20), 0)
                                .repairPerYear())
                .isEqualTo(200, within(1e-9));
        assertThat(
                        RepairOrReplace.of(new Way(420, 3, 60), new Way(1500, 12, 20), 1e-7)
                                .repairPerYear())
                .as("no step where the interest begins")
                .isEqualTo(200, within(1e-3));
    }

    // Source: Poisson tables, from memory; λ 1.8, 0.35, 4.2.
    @ParameterizedTest
    @CsvSource({"1.8, 95, 4, 0.963593", "0.35, 90, 1, 0.951329", "4.2, 99, 10, 0.995931"})
    void sparesAtALevel(double demand, double level, int hold, double met) {
        var spares = SparesToHold.of(1, 1, demand, 52, level);
        assertThat(spares.demand()).isEqualTo(demand, within(1e-12));
        assertThat(spares.hold()).isEqualTo(hold);
        assertThat(spares.probability()).isEqualTo(met, within(5e-7));
    }

    /** What is expected to be missing, summed over the demands there may be: with 2 held at 1.8 it is 0.428136 (by hand). */
    @Test
    void whatIsExpectedToBeMissing() {
        var spares = SparesToHold.of(1, 1, 1.8, 52, 70);
        assertThat(spares.hold()).isEqualTo(2);
        assertThat(spares.expectedShort()).isEqualTo(0.428136, within(5e-7));
        double term = Math.exp(-1.8);
        double missing = 0;
        for (int k = 1; k < 60; k++) {
            term *= 1.8 / k;
            missing += Math.max(0, k - 2) * term;
        }
        assertThat(spares.expectedShort()).isEqualTo(missing, within(1e-9));
    }

    @Test
    void whatNeverFailsIsNotHeld() {
        assertThat(SparesToHold.of(5, 2, 0, 8, 99).hold()).isZero();
        assertThat(SparesToHold.of(3, 2, 1, 26, 90).demand()).isEqualTo(3, within(1e-12));
        assertThatThrownBy(() -> SparesToHold.of(1, 1, 1, 8, 100))
                .hasMessageContaining("100 % cannot be promised");
        assertThatThrownBy(() -> SparesToHold.of(10_000, 10, 10, 52, 90))
                .hasMessageContaining("a year's figure");
    }
}
