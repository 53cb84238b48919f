package app.yunque.bench;

import app.yunque.plan.Contradiction;
import app.yunque.plan.Handling;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.RebuildSequence;
import app.yunque.plan.TaskGraph;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.traverse.TopologicalOrderIterator;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A rebuild of a thousand parts beside the bare topological pass of the graph library over the same constraints. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
public class PlannerBench {
    private final TaskGraph thousand = Assemblies.of(1000, 3000, 40, 7);
    private final Graph<String, DefaultEdge> bare = asGraph(thousand);

    private static Graph<String, DefaultEdge> asGraph(TaskGraph assembly) {
        var graph = new DefaultDirectedGraph<String, DefaultEdge>(DefaultEdge.class);
        assembly.tasks().forEach(t -> graph.addVertex(t.id()));
        assembly.befores().forEach(b -> graph.addEdge(b.first(), b.then()));
        return graph;
    }

    /** The reference: sorting a graph that is already built. */
    @Benchmark
    public List<String> topologicalPass() {
        var order = new ArrayList<String>();
        new TopologicalOrderIterator<>(bare).forEachRemaining(order::add);
        return order;
    }

    /** Planning: numbers, stay-with-the-tool order, cost, changes and bound. */
    @Benchmark
    public RebuildSequence plan() {
        return RebuildSequence.of(thousand, Handling.ANY, HandlingCost.USUAL);
    }

    /** Looking for a contradiction where there is none. */
    @Benchmark
    public boolean contradiction() {
        return Contradiction.in(thousand).isPresent();
    }
}
