package app.yunque.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.cost.RepairOrReplace.Way;
import app.yunque.cost.ReuseOrRenew.Choice;
import app.yunque.cost.ReuseOrRenew.SecondVisit;
import app.yunque.teardown.PartKind;
import java.util.Arrays;
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

    // Brief of the trade, §8 no 76 and 77 (judgement, no source): seal 14, 5 min at 1 per min, R
    // 140; bearing 48, R 240.
    @Test
    void renewedWhileItLiesOpen() {
        var seal = CheapWhileOpen.of(CheapWhileOpen.Part.LIP_SEAL, 14, 5, 60, 140, 20, false);
        assertThat(seal.nowCost()).isEqualTo(19, within(1e-9));
        assertThat(seal.laterCost()).isEqualTo(42, within(1e-9));
        assertThat(seal.renew()).isTrue();
        assertThat(seal.told().sentence()).isEqualTo("Renew it now: 19.00 against 42.00 expected.");
        var bearing =
                CheapWhileOpen.of(CheapWhileOpen.Part.OPEN_BEARING, 48, 0, 60, 240, 60, false);
        assertThat(bearing.renew()).isFalse();
        assertThat(bearing.told().sentence())
                .isEqualTo(
                        "Leave it: renewing costs 48.00, coming back is expected to cost 12.00.");
    }

    @ParameterizedTest(name = "lifts {0}, {1} min to reach: {2}")
    @CsvSource({
        "true, 5, true, Renew it: the drive lifts.",
        "false, 60, false, 'Leave it: renewing costs 48.00, coming back is expected to cost 12.00.'",
        "false, 60.5, true, Renew it: it takes more than an hour to come back to."
    })
    void whatLiftsOrIsFarIsRenewed(boolean lifts, double reach, boolean renew, String says) {
        var bearing =
                CheapWhileOpen.of(CheapWhileOpen.Part.OPEN_BEARING, 48, 0, 60, 240, reach, lifts);
        assertThat(bearing.renew()).isEqualTo(renew);
        assertThat(bearing.told().sentence()).isEqualTo(says);
    }

    /** The brief's chances, row by row: renewed exactly from where the part costs less than its share of coming back. */
    @ParameterizedTest(name = "{0}: {1} %")
    @CsvSource({
        "LIP_SEAL, 30",
        "SEALED_BEARING, 15",
        "OLD_SEALED_BEARING, 30",
        "OPEN_BEARING, 5",
        "SPRING, 15",
        "NEEDLE_ROW, 10",
        "ELEMENT, 25",
        "NEARLY_WORN, 50"
    })
    void eachChance(CheapWhileOpen.Part part, double percent) {
        assertThat(CheapWhileOpen.of(part, percent - 0.01, 0, 60, 100, 0, false).renew()).isTrue();
        assertThat(CheapWhileOpen.of(part, percent, 0, 60, 100, 0, false).renew())
                .as("not where both cost the same")
                .isFalse();
        assertThat(part.chancePercent()).isEqualTo(percent);
    }

    // By hand: 60 % of 980.00 are 588.00; 610.00 are 62 %.
    @Test
    void aRepairAgainstANewUnit() {
        var over = RepairLimit.of(61_000, 98_000, 60);
        assertThat(over.limitCents()).isEqualTo(58_800);
        assertThat(over.isOver()).isTrue();
        assertThat(over.sentence())
                .isEqualTo(
                        "The repair comes to 610.00, 62 % of a new unit at 980.00. Ask the owner before more is bought or measured.");
        assertThat(RepairLimit.of(58_800, 98_000, 60).isOver()).as("not at the limit").isFalse();
        assertThat(RepairLimit.of(58_801, 98_000, 60).isOver()).isTrue();
        assertThat(RepairLimit.of(9_800, 98_000, 60).sentence())
                .isEqualTo("The repair comes to 10 % of a new unit, below the limit of 588.00.");
        assertThatThrownBy(() -> RepairLimit.of(1, 0, 60)).hasMessageContaining("new unit");
        assertThatThrownBy(() -> RepairLimit.of(1, 1, 0)).hasMessageContaining("1 to 100 %");
    }

    @Test
    void whatIsWorthAsking() {
        assertThat(Arrays.stream(PartKind.values()))
                .filteredOn(CheapWhileOpen::isWorthAsking)
                .extracting(Enum::name)
                .containsExactlyInAnyOrder("SEAL", "BEARING", "SPRING", "ROLLER");
    }
}
