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
 * @param choices tasks that may go one of several ways
 */
public record TaskGraph(List<Task> tasks, List<Before> befores, List<EitherWay> choices) {

    public TaskGraph(List<Task> tasks, List<Before> befores) {
        this(tasks, befores, List.of());
    }

    /** @throws Refused when a constraint names an unknown task or a task before itself, or an identity comes twice */
    public TaskGraph {
        tasks = List.copyOf(tasks);
        choices = List.copyOf(choices);
        var index = new HashMap<String, Integer>();
        var faults = new ArrayList<Problem>();
        for (var task : tasks) {
            if (index.put(task.id(), index.size()) != null) {
                faults.add(Problem.told("tasks", "Two steps have the identity " + task.id() + "."));
            }
        }
        for (var choice : choices) {
            for (var before : choice.befores()) {
                judge(before, tasks, index, faults);
            }
        }
        var merged = new LinkedHashMap<List<String>, Before>();
        for (var before : befores) {
            judge(before, tasks, index, faults);
            merged.putIfAbsent(List.of(before.first(), before.then()), before);
        }
        if (!faults.isEmpty()) {
            throw new Refused(faults);
        }
        befores = List.copyOf(merged.values());
    }

    private static void judge(
            Before before, List<Task> tasks, Map<String, Integer> index, List<Problem> faults) {
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
                            "befores", "“" + name + "” cannot have to come off before itself."));
        }
    }

    /** Same tasks, every constraint turned round. */
    public TaskGraph reversed() {
        return new TaskGraph(
                tasks,
                befores.stream().map(Before::reversed).toList(),
                choices.stream().map(EitherWay::reversed).toList());
    }

    TaskGraph without(Before dropped) {
        return new TaskGraph(
                tasks, befores.stream().filter(b -> !b.equals(dropped)).toList(), choices);
    }

    TaskGraph without(EitherWay dropped) {
        return new TaskGraph(
                tasks, befores, choices.stream().filter(c -> !c.equals(dropped)).toList());
    }

    /** The same tasks with nothing to choose: a way of each choice has become a constraint. */
    TaskGraph with(List<Before> ways) {
        var all = new ArrayList<>(befores);
        all.addAll(ways);
        return new TaskGraph(tasks, all);
    }

    /** Whether an order of these tasks, by identity, leaves none out, keeps every constraint and goes one way of every choice. */
    public boolean allows(List<String> order) {
        var index = index();
        if (order.size() != tasks.size() || !index.keySet().equals(new HashSet<>(order))) {
            return false;
        }
        return new Rules(this).isLegal(order.stream().mapToInt(index::get).toArray());
    }

    /** Whether one task comes before another by the constraints, directly or through others. */
    public boolean leadsTo(String first, String then) {
        var thens = new HashMap<String, List<String>>();
        befores.forEach(
                b -> thens.computeIfAbsent(b.first(), f -> new ArrayList<>()).add(b.then()));
        var seen = new HashSet<String>();
        var open = new ArrayDeque<>(List.of(first));
        while (!open.isEmpty()) {
            for (var next : thens.getOrDefault(open.pop(), List.of())) {
                if (seen.add(next)) {
                    open.push(next);
                }
            }
        }
        return seen.contains(then);
    }

    /** Names of the tasks that stand between two of which the first leads to the other, on the shortest chain. */
    public List<String> between(String first, String then) {
        var cameFrom = new HashMap<String, String>();
        var open = new ArrayDeque<>(List.of(first));
        while (!open.isEmpty() && !cameFrom.containsKey(then)) {
            var here = open.remove();
            for (var before : befores) {
                if (before.first().equals(here)
                        && cameFrom.putIfAbsent(before.then(), here) == null) {
                    open.add(before.then());
                }
            }
        }
        var chain = new ArrayList<String>();
        for (var at = cameFrom.get(then); at != null && !at.equals(first); at = cameFrom.get(at)) {
            chain.add(0, task(at).name());
        }
        return chain;
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
