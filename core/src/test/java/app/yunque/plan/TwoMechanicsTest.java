package app.yunque.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.NotApplicable;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TwoMechanicsTest {
    private static Task task(String id, double minutes, int people, String... holds) {
        return new Task(id, id, minutes, Handling.ANY, people, Set.of(holds));
    }

    // Worked example of the rebuild brief: critical path 13, bound 18, optimum 19 minutes.
    @Test
    void sharesAWorkedExample() {
        var graph =
                Graphs.of(
                        List.of(
                                task("a", 4, 1),
                                task("b", 6, 1, "case"),
                                task("c", 3, 1),
                                task("d", 5, 2),
                                task("e", 7, 1, "case"),
                                task("f", 2, 1),
                                task("g", 4, 1)),
                        "a>d>g",
                        "b>e",
                        "c>f>g");

        var plan = shared(graph);

        assertThat(plan.criticalMinutes()).isCloseTo(13, within(1e-9));
        assertThat(plan.criticalPath()).containsExactly("a", "d", "g");
        assertThat(plan.minutes()).isCloseTo(19, within(1e-9));
        assertThat(plan.isExact()).isTrue();
        assertSound(graph, plan);
    }

    // P. B. Brucker, Scheduling Algorithms, P2 || Cmax (from memory): 3, 3, 2, 2, 2 on two machines
    // end at 6,
    // where taking the longest first ends at 7.
    @Test
    void beatsTakingTheLongestFirst() {
        var graph =
                Graphs.of(
                        List.of(
                                task("a", 3, 1),
                                task("b", 3, 1),
                                task("c", 2, 1),
                                task("d", 2, 1),
                                task("e", 2, 1)));

        assertThat(shared(graph).minutes()).isCloseTo(6, within(1e-9));
    }

    /** Graham's bound: with one person a task and nothing held, never worse than 3/2 of the optimum. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void staysNearItsBoundOnLongRebuilds(int seed) {
        var random = new Random(seed);
        var tasks = new ArrayList<Task>();
        for (int i = 0; i < 40; i++) {
            tasks.add(task("t" + i, 1 + random.nextInt(9), 1));
        }
        var befores = new ArrayList<Before>();
        for (int i = 1; i < 40; i++) {
            befores.add(Graphs.before("t" + random.nextInt(i), "t" + i));
        }
        var graph = new TaskGraph(tasks, befores);

        var plan = shared(graph);

        assertThat(plan.minutes()).isLessThanOrEqualTo(plan.boundMinutes() * 1.5);
        assertSound(graph, plan);
    }

    @Test
    void explainsAContradictionInsteadOfAPlan() {
        assertThatThrownBy(() -> shared(Graphs.of(Graphs.named("a", "b"), "a>b>a")))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("contradict each other");
    }

    /** Without what changes cost, as the worked examples reckon. */
    private static TwoMechanics shared(TaskGraph graph) {
        return TwoMechanics.of(graph, Handling.ANY, new HandlingCost(0, 0, 0));
    }

    private static void assertSound(TaskGraph graph, TwoMechanics plan) {
        assertThat(plan.turns()).hasSize(graph.tasks().size());
        for (var a : plan.turns()) {
            for (var b : plan.turns()) {
                boolean together = a != b && a.from() < b.to() - 1e-9 && b.from() < a.to() - 1e-9;
                boolean shared = (a.first() && b.first()) || (a.second() && b.second());
                var held =
                        graph.task(a.task()).holds().stream()
                                .anyMatch(graph.task(b.task()).holds()::contains);
                assertThat(together && (shared || held)).as(a + " and " + b).isFalse();
            }
        }
        for (var before : graph.befores()) {
            assertThat(turn(plan, before.first()).to())
                    .isLessThanOrEqualTo(turn(plan, before.then()).from() + 1e-9);
        }
    }

    private static TwoMechanics.Turn turn(TwoMechanics plan, String id) {
        return plan.turns().stream().filter(t -> t.task().equals(id)).findFirst().orElseThrow();
    }
}
