package app.yunque.teardown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.plan.HandlingCost;
import app.yunque.plan.LeastStrip;
import app.yunque.plan.TwoMechanics;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Units of up to twelve parts with shafts that are drawn out of hubs, rings behind them, bores and covers, either-ways, positions and
 * tools. A simulator puts each plan together part by part and knows nothing of how plans are made; every set of parts that can be in at
 * once is gone through to know what nothing can beat. Trade facts: common practice, no source.
 */
class PlansAreCarriedOutTest {
    private static final HandlingCost COST = HandlingCost.USUAL;
    private static final int BLOCKS = 40;
    private static final int UNITS_A_BLOCK = 50;

    static IntStream blocks() {
        return IntStream.range(0, BLOCKS);
    }

    /** Two thousand units. */
    @ParameterizedTest
    @MethodSource("blocks")
    void everyPlanCanBeCarriedOutAndNoneIsQuicker(int block) {
        for (int i = 0; i < UNITS_A_BLOCK; i++) {
            int seed = block * UNITS_A_BLOCK + i;
            var unit = SimulatedUnit.random(seed);
            judge(unit, "unit " + seed + " " + unit.told());
        }
    }

    private static void judge(SimulatedUnit unit, String name) {
        var model = unit.model();
        double quickest = unit.quickest();
        var why = model.contradiction();
        assertThat(why.isPresent()).as(name).isEqualTo(Double.isInfinite(quickest));
        if (why.isPresent()) {
            return;
        }
        var plan = model.rebuild(COST);
        assertThat(unit.canBeBuilt(plan.order())).as("%s: %s", name, plan.order()).isTrue();
        assertThat(plan.minutes()).as(name).isCloseTo(quickest, within(1e-9));
        assertThat(plan.isExact()).as(name).isTrue();
        var backwards = turned(unit.steps().stream().map(TeardownStep::id).toList());
        assertThat(model.asLogged(COST).isPresent()).as(name).isEqualTo(unit.canBeBuilt(backwards));
        for (var other : model.nearlyAsQuick(plan, COST, () -> true)) {
            assertThat(unit.canBeBuilt(other.order())).as(name).isTrue();
            assertThat(other.minutes())
                    .isBetween(plan.minutes() - 1e-9, plan.minutes() * 1.05 + 1e-9);
        }
        var byEnd =
                model.withTwo(COST).turns().stream()
                        .sorted(Comparator.comparingDouble(TwoMechanics.Turn::to))
                        .map(TwoMechanics.Turn::task)
                        .toList();
        assertThat(unit.canBeBuilt(byEnd)).as("%s for two: %s", name, byEnd).isTrue();
    }

    private static List<String> turned(List<String> ids) {
        var back = new ArrayList<>(ids);
        Collections.reverse(back);
        return back;
    }

    /** What is off to reach a part goes back the same way, the other way round. */
    @Test
    void whatIsOffToReachAPartGoesBackTheSameWay() {
        int reached = 0;
        for (int seed = 0; seed < 200; seed++) {
            var unit = SimulatedUnit.random(seed);
            var model = unit.model();
            if (model.contradiction().isEmpty() && model.trapped().isEmpty()) {
                for (var step : unit.steps()) {
                    var strip = model.leastStrip(step.id()).get(0);
                    var off = strip.choices().stream().map(LeastStrip.Choice::part).toList();
                    var in =
                            unit.steps().stream()
                                    .filter(s -> !off.contains(s.id()))
                                    .collect(Collectors.toSet());
                    for (var id : turned(off)) {
                        assertThat(unit.mayGoIn(unit.byId(id), in))
                                .as("unit %s: %s of %s", seed, id, off)
                                .isTrue();
                        in.add(unit.byId(id));
                    }
                    reached++;
                }
            }
        }
        assertThat(reached).isGreaterThan(100);
    }
}
