package app.yunque.plan;

import static app.yunque.plan.Graphs.task;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RebuildSequenceTest {
    private static final Handling START = new Handling(null, "R", "bench");

    private static TaskGraph bearingAndCover() {
        return Graphs.of(
                List.of(
                        task("B1", 5, "sleeve", null, "press"),
                        task("B2", 2, null, "R", "bench"),
                        task("B3", 4, "mallet", "R", "bench"),
                        task("B4", 2, "pliers", "R", "bench"),
                        task("B5", 6, "hex5", "L", "bench"),
                        task("B6", 6, "hex5", "R", "bench"),
                        task("B7", 3, "sealSleeve", "R", "bench"),
                        task("B8", 1, "mallet", null, "bench")),
                "B1>B3",
                "B2>B3",
                "B8>B3",
                "B3>B4",
                "B4>B5",
                "B4>B6",
                "B6>B7");
    }

    // Worked example computed apart from this code for the rebuild brief, all 8! orders tried.
    @ParameterizedTest(name = "tool {0}, flip {1}, move {2}: {3} min")
    @CsvSource({"1, 2, 1.5, 40", "1, 0, 0, 34", "0, 2, 0, 31"})
    void findsTheCheapestOrderOfAWorkedExample(
            double tool, double flip, double move, double minutes) {
        var plan = RebuildSequence.of(bearingAndCover(), START, new HandlingCost(tool, flip, move));

        assertThat(plan.minutes()).as("minutes").isCloseTo(minutes, within(1e-9));
        assertThat(plan.isExact()).isTrue();
    }

    @Test
    void breaksTiesByTheOrderGiven() {
        var plan = RebuildSequence.of(bearingAndCover(), START, HandlingCost.USUAL);

        assertThat(plan.order()).containsExactly("B1", "B2", "B8", "B3", "B4", "B6", "B7", "B5");
    }

    /** Reference: every legal order, tried one after the other. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void agreesWithTryingEveryOrder(int seed) {
        var graph = Graphs.random(8, 0.2, new Random(seed));

        var plan = RebuildSequence.of(graph, START, HandlingCost.USUAL);

        assertThat(plan.minutes()).isCloseTo(cheapestOfAll(graph), within(1e-9));
        assertThat(new SequenceProblem(graph, START, HandlingCost.USUAL).bound())
                .as("the bound never lies above the optimum")
                .isLessThanOrEqualTo(plan.minutes() + 1e-9);
    }

    @ParameterizedTest
    @ValueSource(ints = {11, 12, 13})
    void improvesALongRebuildWithinItsBound(int seed) {
        var graph = Graphs.random(60, 0.05, new Random(seed));

        var plan = RebuildSequence.of(graph, START, HandlingCost.USUAL);
        var given = RebuildSequence.asGiven(graph, START, HandlingCost.USUAL);

        assertThat(plan.order()).containsExactlyInAnyOrderElementsOf(given.order());
        assertThat(isLegal(graph, plan.order())).isTrue();
        assertThat(plan.minutes())
                .isLessThan(given.minutes())
                .isGreaterThanOrEqualTo(plan.boundMinutes());
    }

    @Test
    void saysWhyThereIsNoOrder() {
        var graph = Graphs.of(Graphs.named("hub", "shaft"), "hub>shaft>hub");

        assertThatThrownBy(() -> RebuildSequence.of(graph, START, HandlingCost.USUAL))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("“hub” must come off before “shaft” (told)");
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> task("a", -1, null, null, null))
                .isInstanceOf(Refused.class)
                .hasMessage(
                        "Time for a step −1 min is outside 0 to 10000 min. A time cannot be negative.");
        assertThatThrownBy(() -> new HandlingCost(1, Double.NaN, 1))
                .hasMessageContaining("turning the unit over is missing");
        assertThatThrownBy(() -> Graphs.of(Graphs.named("a"), "a>b"))
                .hasMessageContaining("there is no step b");
    }

    private static double cheapestOfAll(TaskGraph graph) {
        var problem = new SequenceProblem(graph, START, HandlingCost.USUAL);
        var best = new double[] {Double.POSITIVE_INFINITY};
        permute(
                new ArrayList<>(),
                graph.tasks().size(),
                order -> {
                    if (problem.isLegal(order)) {
                        best[0] = Math.min(best[0], problem.cost(order));
                    }
                });
        return best[0];
    }

    private static void permute(
            List<Integer> taken, int size, java.util.function.Consumer<int[]> each) {
        if (taken.size() == size) {
            each.accept(taken.stream().mapToInt(Integer::intValue).toArray());
            return;
        }
        for (int i = 0; i < size; i++) {
            if (!taken.contains(i)) {
                taken.add(i);
                permute(taken, size, each);
                taken.remove(taken.size() - 1);
            }
        }
    }

    private static boolean isLegal(TaskGraph graph, List<String> order) {
        return graph.befores().stream()
                .allMatch(b -> order.indexOf(b.first()) < order.indexOf(b.then()));
    }
}
