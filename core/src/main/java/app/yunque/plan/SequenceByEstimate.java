package app.yunque.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest order, by states that are opened best first: by what an order has cost so far and what the rest cannot avoid, which is one
 * change for each tool, position and place that is still asked for and not in hand.
 *
 * <p>A free task that asks for nothing else than what is in hand is done at once, for putting it off never saves a change; not so one whose
 * doing may close another's way. Source: P. E. Hart, N. J. Nilsson, B. Raphael, A formal basis for the heuristic determination of minimum
 * cost paths, 1968 (from memory).
 */
final class SequenceByEstimate {
    /** Tasks whose sets fit the key of a state. */
    static final int TASKS = 126;

    /** States opened before the question is given up: what bounds time and memory of the answer. */
    static final int STATES = 150_000;

    private static final int WORD = 63;
    private static final int BITS = 10;
    private static final double SAME = 1e-9;

    private final SequenceProblem problem;
    private final Patience patience;
    private final boolean[] mayClose;
    private final int[] values;

    SequenceByEstimate(SequenceProblem problem, Patience patience) {
        this.problem = problem;
        this.patience = patience;
        this.mayClose = problem.rules.mayClose();
        this.values = new int[problem.start.length];
        Arrays.setAll(values, k -> problem.names(k) + 1);
    }

    /** Which tasks are done, in two words, and what is in hand. */
    private record State(long low, long high, int hand) {
        boolean isDone(int task) {
            return task < WORD ? (low >> task & 1) == 1 : (high >> task - WORD & 1) == 1;
        }

        int count() {
            return Long.bitCount(low) + Long.bitCount(high);
        }

        State with(int task, int handThen) {
            return task < WORD
                    ? new State(low | 1L << task, high, handThen)
                    : new State(low, high | 1L << task - WORD, handThen);
        }
    }

    /** A state that was reached: by which task, from where, and for how much. */
    private record Reached(
            State state, int task, @Nullable Reached from, double spent, double least, int at)
            implements Comparable<Reached> {

        /** The least first; of equal ones what is nearer to its end, then what was reached first, which follows the order given. */
        @Override
        public int compareTo(Reached other) {
            if (Math.abs(least - other.least) > SAME) {
                return Double.compare(least, other.least);
            }
            if (Math.abs(spent - other.spent) > SAME) {
                return Double.compare(other.spent, spent);
            }
            int done = Integer.compare(other.state.count(), state.count());
            return done == 0 ? Integer.compare(at, other.at) : done;
        }
    }

    /**
     * @param order       the cheapest order; empty when it was not found
     * @param leastChange what changes cost at least, in any order (min)
     */
    record Found(Optional<int[]> order, double leastChange) {}

    Found best() {
        var spent = new HashMap<State, Double>();
        var open = new PriorityQueue<Reached>();
        var none = new boolean[problem.size()];
        var start = new State(0, 0, hand(problem.start));
        var first = new Reached(start, -1, null, 0, rest(none, problem.start), 0);
        open.add(first);
        spent.put(start, 0.0);
        double least = 0;
        for (int opened = 0; !open.isEmpty() && opened < STATES && patience.lasts(); opened++) {
            var now = open.remove();
            least = Math.max(least, now.least);
            if (now.state.count() == problem.size()) {
                return new Found(Optional.of(orderTo(now)), least);
            }
            if (now.spent <= spent.get(now.state) + SAME) {
                open(now, spent, open);
            }
        }
        return new Found(
                Optional.empty(), open.isEmpty() ? least : Math.max(least, open.element().least));
    }

    private void open(Reached now, Map<State, Double> spent, PriorityQueue<Reached> open) {
        var done = new boolean[problem.size()];
        for (int t = 0; t < done.length; t++) {
            done[t] = now.state.isDone(t);
        }
        var inHand = inHand(now.state.hand);
        var free = new ArrayList<Integer>();
        for (int t = 0; t < done.length; t++) {
            if (problem.rules.isFree(t, done)) {
                if (change(t, inHand) < SAME && !mayClose[t]) {
                    add(now, t, done, inHand, spent, open);
                    return;
                }
                free.add(t);
            }
        }
        free.forEach(t -> add(now, t, done, inHand, spent, open));
    }

    private void add(
            Reached now,
            int task,
            boolean[] done,
            int[] inHand,
            Map<State, Double> spent,
            PriorityQueue<Reached> open) {
        double cost = now.spent + change(task, inHand);
        var then = inHand.clone();
        for (int k = 0; k < then.length; k++) {
            then[k] = problem.asks[task][k] == 0 ? then[k] : problem.asks[task][k];
        }
        var state = now.state.with(task, hand(then));
        if (cost < spent.getOrDefault(state, Double.POSITIVE_INFINITY) - SAME) {
            spent.put(state, cost);
            done[task] = true;
            open.add(new Reached(state, task, now, cost, cost + rest(done, then), spent.size()));
            done[task] = false;
        }
    }

    private static int[] orderTo(Reached reached) {
        var order = new int[reached.state.count()];
        int place = order.length;
        for (var at = reached; at.from != null; at = at.from) {
            order[--place] = at.task;
        }
        return order;
    }

    private double change(int task, int[] inHand) {
        double cost = 0;
        for (int k = 0; k < inHand.length; k++) {
            int asked = problem.asks[task][k];
            cost += asked != 0 && asked != inHand[k] ? problem.changeCost[k] : 0;
        }
        return cost;
    }

    /** One change for each value that is still asked for and not in hand. */
    private double rest(boolean[] done, int[] inHand) {
        double cost = 0;
        for (int k = 0; k < inHand.length; k++) {
            var seen = new boolean[values[k]];
            for (int t = 0; t < done.length; t++) {
                int asked = problem.asks[t][k];
                if (!done[t] && asked != 0 && asked != inHand[k] && !seen[asked]) {
                    seen[asked] = true;
                    cost += problem.changeCost[k];
                }
            }
        }
        return cost;
    }

    private static int hand(int[] inHand) {
        return inHand[0] << 2 * BITS | inHand[1] << BITS | inHand[2];
    }

    private static int[] inHand(int hand) {
        int mask = (1 << BITS) - 1;
        return new int[] {hand >> 2 * BITS, hand >> BITS & mask, hand & mask};
    }
}
