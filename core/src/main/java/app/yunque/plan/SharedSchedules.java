package app.yunque.plan;

import app.yunque.plan.TwoMechanics.Turn;
import app.yunque.plan.TwoMechanics.Wait;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The search for the quickest schedule of two mechanics at one unit. */
final class SharedSchedules {
    private static final double SAME = 1e-9;

    /** Partial schedules looked at before the search for the quickest gives way to improving the best. */
    static final int NODES = 20_000;

    /** Tasks placed while improving: what bounds the time of the answer. */
    private static final long PLACED = 1_000_000;

    private final SharedTasks all;
    private final double[] tail;
    private final double bound;
    private int nodesLeft = NODES;
    private long placedLeft = PLACED;
    private double best = Double.POSITIVE_INFINITY;
    private List<SharedBench.Placed> bestPlan = List.of();

    /** The plan for one: two are never slower, the second can watch. */
    private final int[] alone;

    private final Patience patience;

    SharedSchedules(
            TaskGraph graph,
            Handling start,
            HandlingCost cost,
            List<String> alone,
            Patience patience) {
        this.patience = patience;
        this.all = new SharedTasks(graph, start, cost);
        var least = SharedBound.of(graph, start, cost);
        this.tail = least.tails();
        this.bound = least.minutes();
        var index = graph.index();
        this.alone = alone.stream().mapToInt(index::get).toArray();
    }

    TwoMechanics best() {
        int[] byTail = byLongestTail().orElse(alone);
        keepIfBetter(placed(byTail, true));
        keepIfBetter(placed(alone, true));
        keepIfBetter(placed(alone, false));
        search(new SharedBench(all), new ArrayList<>(), remainingWork());
        boolean searched = nodesLeft > 0 && patience.lasts();
        if (!searched && all.size() <= TwoMechanics.IMPROVED_TASKS) {
            descend(alone.clone());
            improve(byTail);
        }
        boolean exact = searched || best <= bound + SAME;
        return told(exact);
    }

    private double remainingWork() {
        double work = 0;
        for (int t = 0; t < all.size(); t++) {
            work += all.minutes(t) * all.people(t);
        }
        return work;
    }

    /** Depth first over what may begin next, in the order of starts, with either mechanic. */
    private void search(SharedBench now, List<SharedBench.Placed> plan, double workLeft) {
        if (best <= bound + SAME || nodesLeft-- <= 0 || !patience.lasts()) {
            return;
        }
        if (plan.size() == all.size()) {
            keepIfBetter(plan);
            return;
        }
        if (optimistic(now, workLeft) >= best - SAME) {
            return;
        }
        var next = new ArrayList<SharedBench.Placed>();
        for (int t = 0; t < all.size(); t++) {
            if (now.isReady(t)) {
                for (var ways : now.ways(t)) {
                    next.add(now.at(t, 0, ways));
                    if (all.people(t) == 1 && !now.areAlike()) {
                        next.add(now.at(t, 1, ways));
                    }
                }
            }
        }
        // What begins early and leads to much first: the best plans are found soon, and cut off the
        // rest.
        next.sort(
                Comparator.comparingDouble(
                        (SharedBench.Placed p) -> p.from() + p.changing() - tail[p.task()] * 0.01));
        for (var placed : next) {
            if (placed.from() < now.lastStart() - SAME) {
                continue;
            }
            var then = new SharedBench(now);
            then.take(placed);
            plan.add(placed);
            search(then, plan, workLeft - all.minutes(placed.task()) * all.people(placed.task()));
            plan.remove(plan.size() - 1);
        }
    }

    /** No completion of what stands can finish earlier. */
    private double optimistic(SharedBench now, double workLeft) {
        double least = Math.max(now.lastEnd(), (now.spent() + workLeft) / 2);
        for (int t = 0; t < all.size(); t++) {
            if (now.isReady(t)) {
                least = Math.max(least, now.earliest(t) + tail[t]);
            }
        }
        return least;
    }

    /** What leads to most first; empty where a way that was not looked at was closed by that. */
    private Optional<int[]> byLongestTail() {
        var bench = new SharedBench(all);
        var order = new int[all.size()];
        for (int i = 0; i < order.length; i++) {
            int next = -1;
            for (int t = 0; t < order.length; t++) {
                if (bench.isReady(t) && (next < 0 || tail[t] > tail[next] + SAME)) {
                    next = t;
                }
            }
            if (next < 0) {
                return Optional.empty();
            }
            order[i] = next;
            bench.take(bench.at(next, 0, bench.ways(next).get(0)));
        }
        return Optional.of(order);
    }

    /**
     * Each task of a list by the first ways that can be gone, with the mechanic with whom it begins first, or with the first mechanic
     * alone; ends early where a task of the list can go no way.
     */
    private List<SharedBench.Placed> placed(int[] list, boolean shared) {
        placedLeft -= list.length;
        var bench = new SharedBench(all);
        var plan = new ArrayList<SharedBench.Placed>();
        for (int task : list) {
            var ways = bench.ways(task);
            if (ways.isEmpty()) {
                return plan;
            }
            var placed = shared ? bench.best(task, ways.get(0)) : bench.at(task, 0, ways.get(0));
            bench.take(placed);
            plan.add(placed);
        }
        return plan;
    }

    /** When it is finished; never where a task is missing. */
    private double end(List<SharedBench.Placed> plan) {
        if (plan.size() < all.size()) {
            return Double.POSITIVE_INFINITY;
        }
        return plan.stream().mapToDouble(p -> p.from() + all.minutes(p.task())).max().orElse(0);
    }

    private void keepIfBetter(List<SharedBench.Placed> plan) {
        double end = end(plan);
        if (end < best - SAME) {
            best = end;
            bestPlan = List.copyOf(plan);
        }
    }

    /**
     * Moves one task at a time to an earlier or later place of the list while that helps; then shakes the best list found and tries
     * again. The shaking follows a fixed sequence, so the same question has the same answer.
     */
    private void improve(int[] from) {
        descend(from.clone());
        long shake = 1;
        while (placedLeft > 0 && best > bound + SAME && patience.lasts()) {
            int[] trial = bestPlan.stream().mapToInt(SharedBench.Placed::task).toArray();
            for (int i = 0; i < 3; i++) {
                shake = shake * 6364136223846793005L + 1442695040888963407L;
                int at = (int) ((shake >>> 33) % trial.length);
                shake = shake * 6364136223846793005L + 1442695040888963407L;
                moved(trial, at, (int) ((shake >>> 33) % trial.length));
            }
            descend(trial);
        }
    }

    private void descend(int[] from) {
        int[] list = from;
        double end = weight(list);
        boolean again = true;
        while (again) {
            again = false;
            for (int at = 0; at < list.length; at++) {
                for (int to = 0; to < list.length; to++) {
                    if (placedLeft <= 0 || best <= bound + SAME || !patience.lasts()) {
                        return;
                    }
                    int[] trial = list.clone();
                    if (moved(trial, at, to)) {
                        double now = weight(trial);
                        if (now < end - SAME) {
                            end = now;
                            list = trial;
                            again = true;
                        }
                    }
                }
            }
        }
    }

    /** When it is finished; among equals, how early the tasks end, so that there is always a way down. */
    private double weight(int[] list) {
        var plan = placed(list, true);
        keepIfBetter(plan);
        double end = end(plan);
        if (Double.isInfinite(end)) {
            return end;
        }
        double sum = plan.stream().mapToDouble(p -> p.from() + all.minutes(p.task())).sum();
        return end + sum / (1000.0 * list.length * Math.max(end, 1));
    }

    /** Moves a task to another place of the list; false when a constraint stands in between or nothing moves. */
    private boolean moved(int[] list, int at, int to) {
        int task = list[at];
        int by = to > at ? 1 : -1;
        for (int i = at; i != to; i += by) {
            int other = list[i + by];
            int first = by > 0 ? task : other;
            int then = by > 0 ? other : task;
            if (Arrays.stream(all.before(then)).anyMatch(p -> p == first)) {
                return false;
            }
            list[i] = other;
            list[i + by] = task;
        }
        return at != to;
    }

    private TwoMechanics told(boolean exact) {
        var bench = new SharedBench(all);
        var turns = new ArrayList<Turn>();
        var waits = new ArrayList<Wait>();
        for (var placed : bestPlan) {
            boolean both = all.people(placed.task()) == 2;
            for (int who = 0; who < 2; who++) {
                double since = bench.freeSince(who);
                double until = placed.from() - placed.changing();
                if ((both || who == placed.who()) && until > since + SAME) {
                    waits.add(new Wait(who == 0, since, until, bench.inWords(placed)));
                }
            }
            var changes = bench.take(placed);
            turns.add(
                    new Turn(
                            all.id(placed.task()),
                            both || placed.who() == 0,
                            both || placed.who() == 1,
                            placed.from(),
                            placed.from() + all.minutes(placed.task()),
                            placed.changing(),
                            changes));
        }
        turns.sort(Comparator.comparingDouble(Turn::from));
        waits.sort(Comparator.comparingDouble(Wait::from));
        return new TwoMechanics(
                turns,
                waits,
                best,
                exact ? best : bound,
                exact,
                criticalPath(),
                Arrays.stream(tail).max().orElse(0));
    }

    private List<String> criticalPath() {
        var path = new ArrayList<String>();
        double left = Arrays.stream(tail).max().orElse(0);
        int last = -1;
        while (left > SAME) {
            int next = -1;
            for (int t = 0; t < tail.length && next < 0; t++) {
                int from = last;
                double turning = from < 0 ? 0 : all.turningBetween(from, t);
                boolean follows = from < 0 || Arrays.stream(all.before(t)).anyMatch(p -> p == from);
                if (follows && Math.abs(tail[t] - (left - turning)) < SAME) {
                    next = t;
                    left -= turning;
                }
            }
            if (next < 0) {
                break;
            }
            path.add(all.id(next));
            left -= all.minutes(next);
            last = next;
        }
        return path;
    }
}
