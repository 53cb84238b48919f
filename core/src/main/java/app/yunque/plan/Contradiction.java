package app.yunque.plan;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jspecify.annotations.Nullable;

/**
 * Why there is no order: the smallest set of statements that cannot all be true, in plain words, and which of them would
 * free the order if it were dropped.
 *
 * <p>Without choices the shortest directed cycle, found breadth-first from every task, O(V·E); of equal ones the one whose identities,
 * smallest first, come first in natural order. Where only the choices leave no order, a set from which nothing can be left out; of every
 * choice in it all ways are told.
 *
 * @param cycle   the statements; of a cycle each leads to the next and the last back to the first
 * @param choices what may go several ways, and goes none; empty for a cycle
 * @param says    the whole contradiction in one sentence
 * @param frees   those statements whose loss alone leaves an order, what was said before what was measured
 * @param freeing the choices whose loss alone leaves an order
 */
public record Contradiction(
        List<Before> cycle,
        List<EitherWay> choices,
        String says,
        List<Before> frees,
        List<EitherWay> freeing) {

    /** What was said is given up first, then the log, and last what follows from measured sizes. */
    static final Comparator<Before> GIVEN_UP_FIRST =
            Comparator.comparingInt(Contradiction::firmness);

    public Contradiction {
        cycle = List.copyOf(cycle);
        choices = List.copyOf(choices);
        frees = List.copyOf(frees);
        freeing = List.copyOf(freeing);
    }

    /** The smallest contradiction; empty when there is an order. */
    public static Optional<Contradiction> in(TaskGraph graph) {
        if (SomeOrder.of(graph).isPresent()) {
            return Optional.empty();
        }
        if (new CycleDetector<>(graph.asGraph()).detectCycles()) {
            return Optional.of(explained(shortestCycle(graph), List.of(), graph));
        }
        var core = core(graph);
        return Optional.of(explained(core.befores(), core.choices(), graph));
    }

    /** Statements and choices of which none can be left out, either; what was measured or said rather than what the log shows. */
    private static TaskGraph core(TaskGraph graph) {
        var befores =
                needed(
                        graph.befores(),
                        some -> hasNoOrder(new TaskGraph(graph.tasks(), some, graph.choices())));
        var choices =
                needed(
                        graph.choices(),
                        some -> hasNoOrder(new TaskGraph(graph.tasks(), befores, some)));
        return new TaskGraph(graph.tasks(), befores, choices);
    }

    private static <T> List<T> needed(List<T> all, Predicate<List<T>> contradict) {
        return all.isEmpty() || contradict.test(List.of())
                ? List.of()
                : needed(List.of(), false, all, contradict);
    }

    /**
     * Those of a list that contradict each other together with what is given, none of them idle; what stands first in the list is preferred.
     * Halves are dropped at once, so that a few among hundreds are found with few questions. Source: U. Junker, QuickXplain, 2004 (from
     * memory).
     */
    private static <T> List<T> needed(
            List<T> given, boolean hasGrown, List<T> rest, Predicate<List<T>> contradict) {
        if (hasGrown && contradict.test(given)) {
            return List.of();
        }
        if (rest.size() == 1) {
            return rest;
        }
        var first = rest.subList(0, rest.size() / 2);
        var second = rest.subList(rest.size() / 2, rest.size());
        var ofSecond = needed(joined(given, first), true, second, contradict);
        var ofFirst = needed(joined(given, ofSecond), !ofSecond.isEmpty(), first, contradict);
        return joined(ofFirst, ofSecond);
    }

    private static <T> List<T> joined(List<T> one, List<T> other) {
        var both = new ArrayList<>(one);
        both.addAll(other);
        return both;
    }

    private static boolean hasNoOrder(TaskGraph graph) {
        return SomeOrder.of(graph).isEmpty();
    }

    private static List<Before> shortestCycle(TaskGraph graph) {
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
        return rotated(java.util.Objects.requireNonNull(best));
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

    private static Contradiction explained(
            List<Before> statements, List<EitherWay> choices, TaskGraph graph) {
        var frees =
                statements.stream()
                        .filter(b -> !hasNoOrder(graph.without(b)))
                        .sorted(GIVEN_UP_FIRST)
                        .toList();
        var freeing = choices.stream().filter(c -> !hasNoOrder(graph.without(c))).toList();
        var names =
                graph.tasks().stream().collect(Collectors.toMap(Task::id, Task::name, (a, b) -> a));
        var told = new ArrayList<String>();
        statements.forEach(b -> told.add(says(b, names)));
        choices.forEach(c -> told.add(says(c, names)));
        return new Contradiction(
                statements,
                choices,
                "These %d statements contradict each other: %s. One of them is wrong, or a second way out is missing."
                        .formatted(told.size(), String.join("; ", told)),
                frees,
                freeing);
    }

    private static String says(Before b, Map<String, String> names) {
        return "“%s” must come off before “%s” (%s)"
                .formatted(names.get(b.first()), names.get(b.then()), b.reason());
    }

    /** Every way of a choice: "“gear” comes off by the side hole: after “side cover” (…), or …". */
    private static String says(EitherWay choice, Map<String, String> names) {
        return "“%s” comes off %s"
                .formatted(
                        names.get(choice.task()),
                        choice.ways().stream()
                                .map(w -> says(w, choice.task(), names))
                                .collect(Collectors.joining(", or ")));
    }

    private static String says(EitherWay.OneWay way, String task, Map<String, String> names) {
        var conditions =
                way.befores().stream()
                        .map(
                                b ->
                                        "%s “%s” (%s)"
                                                .formatted(
                                                        b.then().equals(task) ? "after" : "before",
                                                        names.get(
                                                                b.then().equals(task)
                                                                        ? b.first()
                                                                        : b.then()),
                                                        b.reason()))
                        .collect(Collectors.joining(" and "));
        return way.name().isEmpty() ? conditions : way.name() + ": " + conditions;
    }

    private static int firmness(Before before) {
        return switch (before.origin()) {
            case STATED -> 0;
            case LOG -> 1;
            case PASSAGE -> 2;
        };
    }
}
