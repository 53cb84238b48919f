package app.yunque.plan;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The cheapest order by dynamic programming over states: which tasks are done, and what tool, position and area are then
 * in hand. From each state the cheapest way to the end is found once and remembered.
 */
final class SequenceByStates {
    private static final int BITS = 12;

    /** States looked at before the question is given up: what bounds time and memory of the answer. */
    static final int STATES = 150_000;

    private final SequenceProblem problem;
    private final int[] needs;

    /** For each task its choices, for each the ways: what must be done and what must not. */
    private final int[][][][] ways;

    private final int all;
    private final Map<Long, Double> rest = new HashMap<>();

    SequenceByStates(SequenceProblem problem) {
        this.problem = problem;
        this.needs = new int[problem.size()];
        for (int t = 0; t < needs.length; t++) {
            needs[t] = bits(problem.rules.predecessors[t]);
        }
        this.ways =
                Arrays.stream(problem.rules.choices)
                        .map(
                                of ->
                                        Arrays.stream(of)
                                                .map(SequenceByStates::waysAsBits)
                                                .toArray(int[][][]::new))
                        .toArray(int[][][][]::new);
        this.all = (1 << problem.size()) - 1;
    }

    private static int[][] waysAsBits(Rules.Way[] ways) {
        return Arrays.stream(ways)
                .map(w -> new int[] {bits(w.done()), bits(w.notYet())})
                .toArray(int[][]::new);
    }

    private static int bits(int[] tasks) {
        return Arrays.stream(tasks).map(t -> 1 << t).reduce(0, (a, b) -> a | b);
    }

    /** The cheapest order; of equal ones the first in the order of the tasks as given; empty when there are too many states. */
    Optional<int[]> best() {
        var order = new int[problem.size()];
        int done = 0;
        var now = problem.start.clone();
        for (int i = 0; i < order.length; i++) {
            double best = cheapestRest(done, now);
            for (int t = 0; t < needs.length; t++) {
                if (isFree(t, done)
                        && step(t, now) + cheapestRest(done | 1 << t, after(t, now))
                                <= best + 1e-9) {
                    order[i] = t;
                    done |= 1 << t;
                    now = after(t, now);
                    break;
                }
            }
        }
        return rest.size() < STATES ? Optional.of(order) : Optional.empty();
    }

    private double cheapestRest(int done, int[] now) {
        if (done == all) {
            return 0;
        }
        long key =
                ((long) done << 3 * BITS)
                        | ((long) now[0] << 2 * BITS)
                        | ((long) now[1] << BITS)
                        | now[2];
        var known = rest.get(key);
        if (known != null) {
            return known;
        }
        double best = Double.POSITIVE_INFINITY;
        if (rest.size() >= STATES) {
            return best;
        }
        for (int t = 0; t < needs.length; t++) {
            if (isFree(t, done)) {
                best = Math.min(best, step(t, now) + cheapestRest(done | 1 << t, after(t, now)));
            }
        }
        rest.put(key, best);
        return best;
    }

    private boolean isFree(int task, int done) {
        if ((done & 1 << task) != 0 || (needs[task] & ~done) != 0) {
            return false;
        }
        for (var choice : ways[task]) {
            if (Arrays.stream(choice).noneMatch(w -> (w[0] & ~done) == 0 && (w[1] & done) == 0)) {
                return false;
            }
        }
        return true;
    }

    private double step(int task, int[] now) {
        double cost = problem.minutes(task);
        for (int k = 0; k < now.length; k++) {
            int asked = problem.asks[task][k];
            cost += asked != 0 && asked != now[k] ? problem.changeCost[k] : 0;
        }
        return cost;
    }

    private int[] after(int task, int[] now) {
        var then = Arrays.copyOf(now, now.length);
        for (int k = 0; k < now.length; k++) {
            then[k] = problem.asks[task][k] == 0 ? now[k] : problem.asks[task][k];
        }
        return then;
    }
}
