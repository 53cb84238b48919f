package app.yunque.plan;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jspecify.annotations.Nullable;

/**
 * Why there is no order: the smallest set of statements that cannot all be true, in plain words, and which of them would
 * free the order if it were dropped.
 *
 * <p>The shortest directed cycle, found breadth-first from every task, O(V·E); of equal ones the one whose identities,
 * smallest first, come first in natural order.
 *
 * @param cycle  the statements, each leading to the next and the last back to the first
 * @param says   the whole contradiction in one sentence
 * @param frees  those statements whose loss alone leaves an order, what was said before what was measured
 */
public record Contradiction(List<Before> cycle, String says, List<Before> frees) {

    public Contradiction {
        cycle = List.copyOf(cycle);
        frees = List.copyOf(frees);
    }

    /** The smallest contradiction; empty when there is an order. */
    public static Optional<Contradiction> in(TaskGraph graph) {
        if (!new CycleDetector<>(graph.asGraph()).detectCycles()) {
            return Optional.empty();
        }
        var successors = new HashMap<String, List<Before>>();
        graph.befores()
                .forEach(b -> successors.computeIfAbsent(b.first(), f -> new ArrayList<>()).add(b));
        successors
                .values()
                .forEach(l -> l.sort(Comparator.comparing(Before::then, NaturalOrder.INSTANCE)));
        @Nullable List<Before> best = null;
        var starts = graph.tasks().stream().map(Task::id).sorted(NaturalOrder.INSTANCE).toList();
        for (var start : starts) {
            var cycle =
                    shortestThrough(
                            start, successors, best == null ? starts.size() : best.size() - 1);
            if (cycle != null) {
                best = cycle;
            }
        }
        return Optional.of(explained(rotated(java.util.Objects.requireNonNull(best)), graph));
    }

    /** The shortest cycle through a task of at most {@code longest} statements; null when there is none. */
    private static @Nullable List<Before> shortestThrough(
            String start, Map<String, List<Before>> successors, int longest) {
        var cameBy = new HashMap<String, Before>();
        var depth = new HashMap<String, Integer>(Map.of(start, 0));
        var queue = new ArrayDeque<String>(List.of(start));
        while (!queue.isEmpty()) {
            var here = queue.remove();
            if (depth.get(here) >= longest) {
                return null;
            }
            for (var next : successors.getOrDefault(here, List.of())) {
                if (next.then().equals(start)) {
                    return path(next, cameBy);
                }
                if (!depth.containsKey(next.then())) {
                    depth.put(next.then(), depth.get(here) + 1);
                    cameBy.put(next.then(), next);
                    queue.add(next.then());
                }
            }
        }
        return null;
    }

    private static List<Before> path(Before last, Map<String, Before> cameBy) {
        var path = new ArrayList<Before>(List.of(last));
        for (var step = cameBy.get(last.first()); step != null; step = cameBy.get(step.first())) {
            path.add(0, step);
        }
        return path;
    }

    private static List<Before> rotated(List<Before> cycle) {
        int smallest = 0;
        for (int i = 1; i < cycle.size(); i++) {
            if (NaturalOrder.INSTANCE.compare(cycle.get(i).first(), cycle.get(smallest).first())
                    < 0) {
                smallest = i;
            }
        }
        var turned = new ArrayList<>(cycle.subList(smallest, cycle.size()));
        turned.addAll(cycle.subList(0, smallest));
        return turned;
    }

    private static Contradiction explained(List<Before> cycle, TaskGraph graph) {
        var frees =
                cycle.stream()
                        .filter(
                                b ->
                                        !new CycleDetector<>(graph.without(b).asGraph())
                                                .detectCycles())
                        .sorted(Comparator.comparingInt(Contradiction::firmness))
                        .toList();
        var names =
                graph.tasks().stream().collect(Collectors.toMap(Task::id, Task::name, (a, b) -> a));
        var statements =
                cycle.stream()
                        .map(
                                b ->
                                        "“%s” must come off before “%s” (%s)"
                                                .formatted(
                                                        names.get(b.first()),
                                                        names.get(b.then()),
                                                        b.reason()))
                        .collect(Collectors.joining("; "));
        return new Contradiction(
                cycle,
                "These %d statements contradict each other: %s. One of them is wrong, or a second way out is missing."
                        .formatted(cycle.size(), statements),
                frees);
    }

    /** What was said is given up first, then the log, and last what follows from measured sizes. */
    private static int firmness(Before before) {
        return switch (before.origin()) {
            case STATED -> 0;
            case LOG -> 1;
            case PASSAGE -> 2;
        };
    }
}
