package app.yunque.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;

/**
 * Before when two mechanics cannot be finished: the longest chain with the turns of the unit that its neighbours force; half the work and
 * the turns that no order avoids; for each tool and each thing held the work that needs it. Where a task may go several ways, the least
 * of them, for the choice for which that is most.
 *
 * @param tails   for each task how long it takes from its start to the end of the longest chain behind it (min), without the choices
 * @param minutes the bound (min)
 */
record SharedBound(double[] tails, double minutes) {
    private static final double SAME = 1e-9;

    /** @param graph an order exists */
    static SharedBound of(TaskGraph graph, Handling start, HandlingCost cost) {
        var plain = new TaskGraph(graph.tasks(), graph.befores());
        var without = ofPlain(plain, start, cost);
        double minutes = without.minutes;
        for (var choice : graph.choices()) {
            double least = Double.POSITIVE_INFINITY;
            for (var way : choice.ways()) {
                var gone = plain.with(way.befores());
                if (SomeOrder.of(gone).isPresent()) {
                    least = Math.min(least, ofPlain(gone, start, cost).minutes);
                }
            }
            minutes = Double.isInfinite(least) ? minutes : Math.max(minutes, least);
        }
        return new SharedBound(without.tails, minutes);
    }

    private static SharedBound ofPlain(TaskGraph graph, Handling start, HandlingCost cost) {
        var all = new SharedTasks(graph, start, cost);
        var tails = tails(all);
        double path = Arrays.stream(tails).max().orElse(0);
        double work = 0;
        var alone = new HashMap<String, Double>();
        for (int t = 0; t < all.size(); t++) {
            double minutes = all.minutes(t);
            work += minutes * all.people(t);
            for (var what : needed(all, t)) {
                alone.merge(what, minutes, Double::sum);
            }
        }
        double things = alone.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        return new SharedBound(
                tails, Math.max(Math.max(path, work / 2 + all.leastTurning()), things));
    }

    /** What a task needs of which there is one: things held, and its tool. */
    private static List<String> needed(SharedTasks all, int task) {
        var needed = new ArrayList<String>();
        for (int thing : all.holds(task)) {
            needed.add(all.thingName(thing));
        }
        if (all.tool(task) != 0) {
            needed.add("tool " + all.tool(task));
        }
        return needed;
    }

    private static double[] tails(SharedTasks all) {
        var tails = new double[all.size()];
        Arrays.setAll(tails, all::minutes);
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int t = 0; t < tails.length; t++) {
                for (int p : all.before(t)) {
                    double through = all.minutes(p) + all.turningBetween(p, t) + tails[t];
                    if (through > tails[p] + SAME) {
                        tails[p] = through;
                        moved = true;
                    }
                }
            }
        }
        return tails;
    }
}
