package app.yunque.bench;

import app.yunque.plan.Handling;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.RebuildSequence;
import app.yunque.plan.TaskGraph;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Prints the planner's figures as ratios of one run. */
public final class PlannerRatios {
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
        for (int seed = 0; seed < 12; seed++) {
            var graph = Assemblies.of(16, 34, seed);
            double planned = RebuildSequence.of(graph, Handling.ANY, HandlingCost.USUAL).minutes();
            agreed += Math.abs(planned - bruteForce(graph)) < 1e-9 ? 1 : 0;
            asked++;
        }
        System.out.printf(
                "16 steps: %d of %d plans equal the cheapest of all legal orders%n", agreed, asked);
    }

    private static double bruteForce(TaskGraph graph) {
        var best = new double[] {Double.POSITIVE_INFINITY};
        search(graph, new ArrayList<>(), new HashSet<>(), new Handling(null, null, null), 0, best);
        return best[0];
    }

    private static void search(
            TaskGraph graph,
            List<String> order,
            Set<String> done,
            Handling now,
            double cost,
            double[] best) {
        double left =
                graph.tasks().stream()
                        .filter(t -> !done.contains(t.id()))
                        .mapToDouble(t -> t.minutes())
                        .sum();
        if (cost + left >= best[0] - 1e-9) {
            return;
        }
        if (order.size() == graph.tasks().size()) {
            best[0] = cost;
            return;
        }
        for (var task : graph.tasks()) {
            boolean free =
                    !done.contains(task.id())
                            && graph.befores().stream()
                                    .allMatch(
                                            b ->
                                                    !b.then().equals(task.id())
                                                            || done.contains(b.first()));
            if (free) {
                var asks = task.handling();
                double change =
                        changes(asks.tool(), now.tool(), 1)
                                + changes(asks.position(), now.position(), 2)
                                + changes(asks.area(), now.area(), 1.5);
                order.add(task.id());
                done.add(task.id());
                search(graph, order, done, after(asks, now), cost + task.minutes() + change, best);
                done.remove(task.id());
                order.remove(order.size() - 1);
            }
        }
    }

    private static double changes(String asked, String inHand, double minutes) {
        return asked != null && !asked.equals(inHand) ? minutes : 0;
    }

    private static Handling after(Handling asks, Handling now) {
        return new Handling(
                asks.tool() == null ? now.tool() : asks.tool(),
                asks.position() == null ? now.position() : asks.position(),
                asks.area() == null ? now.area() : asks.area());
    }
}
