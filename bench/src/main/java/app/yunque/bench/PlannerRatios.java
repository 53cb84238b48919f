package app.yunque.bench;

import app.yunque.plan.Handling;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.RebuildSequence;
import app.yunque.plan.Task;
import app.yunque.plan.TaskGraph;
import java.util.Map;
import java.util.stream.Collectors;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Prints the planner's figures as ratios of one run. */
public final class PlannerRatios {
    private static final double[] COSTS = {1, 2, 1.5};

    private PlannerRatios() {}

    public static void main(String[] arguments) throws RunnerException {
        exactness();
        speed();
    }

    private static void speed() throws RunnerException {
        var results =
                new Runner(new OptionsBuilder().include(PlannerBench.class.getSimpleName()).build())
                        .run();
        Map<String, Double> micros =
                results.stream()
                        .collect(
                                Collectors.toMap(
                                        r -> r.getPrimaryResult().getLabel(),
                                        r -> r.getPrimaryResult().getScore()));
        double pass = micros.get("topologicalPass");
        System.out.printf(
                "1000 parts, 3000 constraints: plan %.1f ×, contradiction %.1f × the bare topological pass (aim 10)%n",
                micros.get("plan") / pass, micros.get("contradiction") / pass);
    }

    /** Up to sixteen free steps against every legal order, tried by depth-first search that only leaves out
     * what already costs more. */
    private static void exactness() {
        int agreed = 0;
        int asked = 0;
        for (int seed = 0; seed < 40; seed++) {
            var graph = Assemblies.of(16, 40, 6, seed);
            double planned = RebuildSequence.of(graph, Handling.ANY, HandlingCost.USUAL).minutes();
            agreed += Math.abs(planned - bruteForce(graph)) < 1e-9 ? 1 : 0;
            asked++;
        }
        System.out.printf(
                "16 steps: %d of %d plans equal the cheapest of all legal orders%n", agreed, asked);
    }

    private static double bruteForce(TaskGraph graph) {
        return new EveryOrder(graph).cheapest();
    }

    /** Tries every legal order, task by task, and leaves out only what already costs more than the best so far. */
    private static final class EveryOrder {
        private final int size;
        private final int[] needs;
        private final String[][] asks;
        private final double[] minutes;
        private double best = Double.POSITIVE_INFINITY;

        EveryOrder(TaskGraph graph) {
            size = graph.tasks().size();
            needs = new int[size];
            asks = new String[size][];
            minutes = new double[size];
            var ids = graph.tasks().stream().map(Task::id).toList();
            for (int t = 0; t < size; t++) {
                var task = graph.tasks().get(t);
                var handling = task.handling();
                asks[t] = new String[] {handling.tool(), handling.position(), handling.area()};
                minutes[t] = task.minutes();
            }
            graph.befores()
                    .forEach(b -> needs[ids.indexOf(b.then())] |= 1 << ids.indexOf(b.first()));
        }

        double cheapest() {
            search(0, new String[3], 0, java.util.Arrays.stream(minutes).sum());
            return best;
        }

        private void search(int done, String[] now, double cost, double left) {
            if (cost + left >= best - 1e-9) {
                return;
            }
            if (done == (1 << size) - 1) {
                best = cost;
                return;
            }
            for (int t = 0; t < size; t++) {
                if ((done & 1 << t) == 0 && (needs[t] & ~done) == 0) {
                    var then = now.clone();
                    double change = 0;
                    for (int k = 0; k < COSTS.length; k++) {
                        if (asks[t][k] != null && !asks[t][k].equals(now[k])) {
                            change += COSTS[k];
                            then[k] = asks[t][k];
                        }
                    }
                    search(done | 1 << t, then, cost + minutes[t] + change, left - minutes[t]);
                }
            }
        }
    }
}
