package app.yunque.plan;

import app.yunque.measure.NotApplicable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;

/**
 * An order that keeps every constraint and goes one way of every choice, if there is one, however dear.
 *
 * <p>A way that only waits for others becomes easier the more of them are done, so taking whatever may be taken never leads astray. A way
 * that wants another task <em>not</em> done yet can become impossible: of those each is fixed in turn and the others are tried when it
 * does not go on. Turned round, waiting and not-yet change places; the side with less to try is taken.
 */
final class SomeOrder {
    /** Combinations of fixed ways after which the question is given up as unanswered, and said to be. */
    private static final int TRIED = 4096;

    private final TaskGraph graph;
    private final List<EitherWay> free = new ArrayList<>();
    private final List<EitherWay> fixed = new ArrayList<>();
    private int left = TRIED;

    private SomeOrder(TaskGraph graph) {
        this.graph = graph;
        for (var choice : graph.choices()) {
            boolean onlyWaits =
                    choice.befores().stream().allMatch(b -> b.then().equals(choice.task()));
            (onlyWaits ? free : fixed).add(choice);
        }
    }

    /** Places of the tasks in such an order, of several the one that keeps closest to the order given; empty when there is none. */
    static Optional<int[]> of(TaskGraph graph) {
        var straight = new SomeOrder(graph);
        var turned = new SomeOrder(graph.reversed());
        if (straight.fixed.size() <= turned.fixed.size()) {
            return straight.find(0, List.of(), 1);
        }
        return turned.find(0, List.of(), -1)
                .map(
                        order -> {
                            var back = new int[order.length];
                            Arrays.setAll(back, i -> order[order.length - 1 - i]);
                            return back;
                        });
    }

    /** @param sign 1 takes the first as given first, −1 the last */
    private Optional<int[]> find(int choice, List<Before> chosen, int sign) {
        var order = closure(chosen, sign);
        if (order.length < graph.tasks().size() || choice == fixed.size()) {
            return order.length < graph.tasks().size() ? Optional.empty() : Optional.of(order);
        }
        for (var way : fixed.get(choice).ways()) {
            if (left-- <= 0) {
                throw new NotApplicable(
                        "order",
                        "%d parts may go several ways, and %d combinations of them were tried without an order."
                                .formatted(fixed.size(), TRIED),
                        "Say for some of them by which opening they leave.");
            }
            var more = new ArrayList<>(chosen);
            more.addAll(way.befores());
            var found = find(choice + 1, more, sign);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** Takes whatever may be taken until nothing may be. */
    private int[] closure(List<Before> chosen, int sign) {
        var rules = new Rules(new TaskGraph(graph.tasks(), with(chosen), free));
        int size = graph.tasks().size();
        var ready = new PriorityQueue<Integer>((a, b) -> sign * Integer.compare(a, b));
        var done = new boolean[size];
        var queued = new boolean[size];
        var order = new int[size];
        int count = 0;
        for (int t = 0; t < size; t++) {
            queued[t] = rules.isFree(t, done);
            if (queued[t]) {
                ready.add(t);
            }
        }
        while (!ready.isEmpty()) {
            int task = ready.remove();
            done[task] = true;
            order[count++] = task;
            for (int next : rules.touchedBy(task)) {
                if (!queued[next] && rules.isFree(next, done)) {
                    queued[next] = true;
                    ready.add(next);
                }
            }
        }
        return Arrays.copyOf(order, count);
    }

    private List<Before> with(List<Before> chosen) {
        var all = new ArrayList<>(graph.befores());
        all.addAll(chosen);
        return all;
    }
}
