package app.yunque.plan;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;

/**
 * Tasks and what must come before what. A cycle is not refused: {@link Contradiction} explains it.
 *
 * @param tasks   in drawing order, which breaks ties; identities are unique
 * @param befores constraints; of several between the same two tasks the first is kept
 */
public record TaskGraph(List<Task> tasks, List<Before> befores) {

    /** @throws Refused when a constraint names an unknown task or a task before itself, or an identity comes twice */
    public TaskGraph {
        tasks = List.copyOf(tasks);
        var index = new HashMap<String, Integer>();
        var faults = new ArrayList<Problem>();
        for (var task : tasks) {
            if (index.put(task.id(), index.size()) != null) {
                faults.add(Problem.told("tasks", "Two steps have the identity " + task.id() + "."));
            }
        }
        var merged = new LinkedHashMap<List<String>, Before>();
        for (var before : befores) {
            var missing = index.containsKey(before.first()) ? before.then() : before.first();
            if (!index.containsKey(before.first()) || !index.containsKey(before.then())) {
                faults.add(
                        Problem.told(
                                "befores",
                                before.first()
                                        + " before "
                                        + before.then()
                                        + ": there is no step "
                                        + missing
                                        + "."));
            } else if (before.first().equals(before.then())) {
                var name = tasks.get(index.get(before.first())).name();
                faults.add(
                        Problem.told(
                                "befores",
                                "“" + name + "” cannot have to come off before itself."));
            }
            merged.putIfAbsent(List.of(before.first(), before.then()), before);
        }
        if (!faults.isEmpty()) {
            throw new Refused(faults);
        }
        befores = List.copyOf(merged.values());
    }

    /** Same tasks, every constraint turned round. */
    public TaskGraph reversed() {
        return new TaskGraph(tasks, befores.stream().map(Before::reversed).toList());
    }

    TaskGraph without(Before dropped) {
        return new TaskGraph(tasks, befores.stream().filter(b -> !b.equals(dropped)).toList());
    }

    /** Whether one task comes before another by the constraints, directly or through others. */
    public boolean leadsTo(String first, String then) {
        var seen = new HashSet<String>();
        var open = new ArrayDeque<>(List.of(first));
        while (!open.isEmpty()) {
            var here = open.pop();
            for (var before : befores) {
                if (before.first().equals(here) && seen.add(before.then())) {
                    open.push(before.then());
                }
            }
        }
        return seen.contains(then);
    }

    Task task(String id) {
        return tasks.stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
    }

    Map<String, Integer> index() {
        var index = new HashMap<String, Integer>();
        for (var task : tasks) {
            index.put(task.id(), index.size());
        }
        return index;
    }

    /** For each task the places of those that must come before it. */
    int[][] predecessors() {
        var index = index();
        var lists = new ArrayList<List<Integer>>();
        tasks.forEach(t -> lists.add(new ArrayList<>()));
        for (var before : befores) {
            lists.get(index.get(before.then())).add(index.get(before.first()));
        }
        return lists.stream()
                .map(l -> l.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    Graph<String, DefaultEdge> asGraph() {
        var graph = new DefaultDirectedGraph<String, DefaultEdge>(DefaultEdge.class);
        tasks.forEach(t -> graph.addVertex(t.id()));
        befores.forEach(b -> graph.addEdge(b.first(), b.then()));
        return graph;
    }
}
