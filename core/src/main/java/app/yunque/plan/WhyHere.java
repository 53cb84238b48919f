package app.yunque.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Why a task stands where it stands in an order, and what would move it: how far it could go towards either end while the others keep
 * their order, what stops it there, and what it would cost to stand elsewhere.
 *
 * @param task     identity of the task
 * @param earliest first place it could take, 1 first
 * @param latest   last place it could take
 * @param after    what it cannot go before, and why; null when it could be first
 * @param before   what it cannot go behind, and why; null when it could be last
 * @param saves    minutes that its place saves against the cheapest other one it could take; 0 when another is as good
 */
public record WhyHere(
        String task,
        int earliest,
        int latest,
        @Nullable Before after,
        @Nullable Before before,
        double saves) {

    /**
     * Every task of an order, in that order.
     *
     * @param order a legal order of the tasks of the graph, by identity
     */
    public static List<WhyHere> inOrder(
            TaskGraph graph, List<String> order, Handling start, HandlingCost cost) {
        var problem = new SequenceProblem(graph, start, cost);
        var index = graph.index();
        int[] places = order.stream().mapToInt(index::get).toArray();
        var told = new ArrayList<WhyHere>();
        for (int at = 0; at < places.length; at++) {
            told.add(of(graph, problem, places, at));
        }
        return told;
    }

    private static WhyHere of(TaskGraph graph, SequenceProblem problem, int[] order, int at) {
        double here = problem.cost(order);
        double elsewhere = Double.POSITIVE_INFINITY;
        var back = order.clone();
        int earliest = at;
        while (earliest > 0 && problem.isLegal(swapped(back, earliest - 1))) {
            earliest--;
            elsewhere = Math.min(elsewhere, problem.cost(back));
        }
        var ahead = order.clone();
        int latest = at;
        while (latest < order.length - 1 && problem.isLegal(swapped(ahead, latest))) {
            latest++;
            elsewhere = Math.min(elsewhere, problem.cost(ahead));
        }
        int task = order[at];
        return new WhyHere(
                problem.id(task),
                earliest + 1,
                latest + 1,
                earliest == 0
                        ? null
                        : between(graph, problem.id(order[earliest - 1]), problem.id(task)),
                latest == order.length - 1
                        ? null
                        : between(graph, problem.id(task), problem.id(order[latest + 1])),
                Double.isInfinite(elsewhere) ? 0 : Math.max(0, elsewhere - here));
    }

    /** Swaps two neighbours in place. */
    private static int[] swapped(int[] order, int at) {
        int first = order[at];
        order[at] = order[at + 1];
        order[at + 1] = first;
        return order;
    }

    /** What keeps two neighbours in their order: what holds in any case, else the way that is gone. */
    private static Before between(TaskGraph graph, String first, String then) {
        return named(graph.befores(), first, then)
                .or(
                        () ->
                                named(
                                        graph.choices().stream()
                                                .flatMap(c -> c.befores().stream())
                                                .toList(),
                                        first,
                                        then))
                .orElseGet(
                        () ->
                                new Before(
                                        first,
                                        then,
                                        "the way that was chosen would be closed",
                                        Before.Origin.PASSAGE));
    }

    private static Optional<Before> named(List<Before> befores, String first, String then) {
        return befores.stream()
                .filter(b -> b.first().equals(first) && b.then().equals(then))
                .findFirst();
    }
}
