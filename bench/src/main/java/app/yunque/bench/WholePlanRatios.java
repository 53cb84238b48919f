package app.yunque.bench;

import app.yunque.plan.HandlingCost;
import app.yunque.teardown.RebuildPlan;
import app.yunque.teardown.StripModel;
import java.util.ArrayList;
import java.util.List;
import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.traverse.TopologicalOrderIterator;

/**
 * The whole plan of a unit with openings, shafts that are drawn out of hubs and either-ways, for one and for two, with others as quick and
 * the reason of each step: as a multiple of the bare topological pass over its constraints, in one run.
 */
public final class WholePlanRatios {
    private static final int UNITS = 4;
    private static final int PASSES = 20_000;

    private WholePlanRatios() {}

    public static void main(String[] arguments) {
        // What the machine compiles first is thrown away.
        measured(Assemblies.unit(30, 99));
        for (int parts : new int[] {30, 120}) {
            double worst = 0;
            double seconds = 0;
            for (int seed = 1; seed <= UNITS; seed++) {
                var unit = Assemblies.unit(parts, seed);
                double planned = measured(unit);
                seconds = Math.max(seconds, planned);
                worst = Math.max(worst, planned / passed(unit));
            }
            System.out.printf(
                    "%d parts: the slowest of %d whole plans %.0f × the bare topological pass (%.2f s here, aim %d)%n",
                    parts, UNITS, worst, seconds, parts == 30 ? 2 : 10);
        }
    }

    private static double measured(StripModel unit) {
        long from = System.nanoTime();
        var plan = RebuildPlan.of(unit, HandlingCost.USUAL);
        if (plan.contradiction() != null) {
            throw new IllegalStateException("Impossible: " + plan.contradiction().says());
        }
        return (System.nanoTime() - from) / 1e9;
    }

    private static double passed(StripModel unit) {
        Graph<String, DefaultEdge> bare = new DefaultDirectedGraph<>(DefaultEdge.class);
        unit.steps().forEach(s -> bare.addVertex(s.id()));
        unit.befores().forEach(b -> bare.addEdge(b.first(), b.then()));
        List<String> order = new ArrayList<>();
        for (int i = 0; i < PASSES; i++) {
            order.clear();
            new TopologicalOrderIterator<>(bare).forEachRemaining(order::add);
        }
        long from = System.nanoTime();
        for (int i = 0; i < PASSES; i++) {
            order.clear();
            new TopologicalOrderIterator<>(bare).forEachRemaining(order::add);
        }
        return (System.nanoTime() - from) / 1e9 / PASSES;
    }
}
