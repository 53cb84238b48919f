package app.yunque.plan;

import app.yunque.measure.NotApplicable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The same rebuild for two mechanics at once: who does what when, and which chain of tasks decides when it is finished.
 *
 * <p>Bound = max(critical path; Σ minutes · people / 2; for each thing held exclusively, Σ minutes of its tasks). A list
 * schedule gives each task, in the order of a list, the earliest start at which people and things are free for its whole
 * length; it may fill an earlier gap. Some list gives the optimum, so up to {@value #EXACT_TASKS} tasks every list that can
 * matter is tried; beyond that the list by longest tail is
 * improved by moving single tasks and shaking it, up to {@value #IMPROVED_TASKS} tasks. With one person a task and
 * nothing held, a list schedule is never worse than 3/2 of the optimum. Source: R. L. Graham, Bounds on multiprocessing
 * timing anomalies, 1969 (from memory).
 *
 * @param turns         who does what when, by start
 * @param minutes       when it is finished (min)
 * @param boundMinutes  before when it cannot be finished (min)
 * @param isExact       true when nothing is quicker
 * @param criticalPath  identities of the chain that takes longest
 * @param criticalMinutes minutes of that chain
 */
public record TwoMechanics(
        List<Turn> turns,
        double minutes,
        double boundMinutes,
        boolean isExact,
        List<String> criticalPath,
        double criticalMinutes) {
    public static final int EXACT_TASKS = 12;
    public static final int IMPROVED_TASKS = 80;
    private static final double SAME = 1e-9;
    private static final long WORK = 60_000_000;

    /**
     * @param task   identity of the task
     * @param first  true when the first mechanic is at it
     * @param second true when the second is; both for a task that needs two
     * @param from   start (min)
     * @param to     end (min)
     */
    public record Turn(String task, boolean first, boolean second, double from, double to) {}

    public TwoMechanics {
        turns = List.copyOf(turns);
        criticalPath = List.copyOf(criticalPath);
    }

    /** @throws NotApplicable when the constraints contradict each other */
    public static TwoMechanics of(TaskGraph graph) {
        var contradiction = Contradiction.in(graph);
        if (contradiction.isPresent()) {
            throw new NotApplicable(
                    "two mechanics", contradiction.get().says(), "Take one of them back.");
        }
        return new Search(graph).solve();
    }

    private static final class Search {
        private final List<Task> tasks;
        private final int[][] before;
        private final double[] tail;
        private final double bound;
        private int[] bestList = {};

        /** Schedules that may still be tried: fewer for long lists, whose schedules take longer, so that the time is bounded. */
        private long schedulesLeft;

        private double best = Double.POSITIVE_INFINITY;

        Search(TaskGraph graph) {
            tasks = graph.tasks();
            before = graph.predecessors();
            tail = tails();
            bound = bound();
            long size = tasks.size();
            schedulesLeft = WORK / (size * size * size + 1);
        }

        private double[] tails() {
            var tails = new double[tasks.size()];
            boolean moved = true;
            for (int t = 0; t < tails.length; t++) {
                tails[t] = tasks.get(t).minutes();
            }
            while (moved) {
                moved = false;
                for (int t = 0; t < tails.length; t++) {
                    for (int p : before[t]) {
                        double through = tasks.get(p).minutes() + tails[t];
                        if (through > tails[p] + SAME) {
                            tails[p] = through;
                            moved = true;
                        }
                    }
                }
            }
            return tails;
        }

        private double bound() {
            double path = Arrays.stream(tail).max().orElse(0);
            double work = tasks.stream().mapToDouble(t -> t.minutes() * t.people()).sum() / 2;
            var held = new HashMap<String, Double>();
            tasks.forEach(t -> t.holds().forEach(h -> held.merge(h, t.minutes(), Double::sum)));
            return Math.max(
                    Math.max(path, work),
                    held.values().stream().mapToDouble(Double::doubleValue).max().orElse(0));
        }

        TwoMechanics solve() {
            int[] byTail = byLongestTail();
            keepIfBetter(byTail);
            if (tasks.size() <= EXACT_TASKS) {
                tryAll(new int[tasks.size()], 0, new HashSet<>());
            } else if (tasks.size() <= IMPROVED_TASKS) {
                improve(byTail);
            }
            boolean exact = tasks.size() <= EXACT_TASKS || best <= bound + SAME;
            var path = criticalPath();
            return new TwoMechanics(
                    schedule(bestList),
                    best,
                    exact ? best : bound,
                    exact,
                    path,
                    Arrays.stream(tail).max().orElse(0));
        }

        private int[] byLongestTail() {
            var order = new ArrayList<Integer>();
            var done = new boolean[tasks.size()];
            while (order.size() < tasks.size()) {
                int next = -1;
                for (int t = 0; t < done.length; t++) {
                    if (!done[t] && isFree(t, done) && (next < 0 || tail[t] > tail[next] + SAME)) {
                        next = t;
                    }
                }
                done[next] = true;
                order.add(next);
            }
            return order.stream().mapToInt(Integer::intValue).toArray();
        }

        private boolean isFree(int task, boolean[] done) {
            return Arrays.stream(before[task]).allMatch(p -> done[p]);
        }

        private void tryAll(int[] list, int length, Set<Integer> used) {
            if (best <= bound + SAME) {
                return;
            }
            if (length == list.length) {
                keepIfBetter(list);
                return;
            }
            if (length > 0 && optimistic(list, length) >= best - SAME) {
                return;
            }
            for (int t = 0; t < list.length; t++) {
                if (!used.contains(t) && Arrays.stream(before[t]).allMatch(used::contains)) {
                    list[length] = t;
                    used.add(t);
                    tryAll(list, length + 1, used);
                    used.remove(t);
                }
            }
        }

        /** No completion of this list can finish earlier: what stands, with the tail of each task that stands. */
        private double optimistic(int[] list, int length) {
            var turns = schedule(Arrays.copyOf(list, length));
            double least = 0;
            for (int i = 0; i < length; i++) {
                least = Math.max(least, turns.get(i).from() + tail[list[i]]);
            }
            return least;
        }

        /**
         * Moves one task at a time to an earlier or later place of the list while that helps; then shakes the best list
         * found and tries again. The shaking follows a fixed sequence, so the same question has the same answer.
         */
        private void improve(int[] from) {
            int[] list = descended(from.clone());
            long shake = 1;
            while (schedulesLeft > 0 && best > bound + SAME) {
                int[] trial = bestList.clone();
                for (int i = 0; i < 3; i++) {
                    shake = shake * 6364136223846793005L + 1442695040888963407L;
                    int at = (int) ((shake >>> 33) % trial.length);
                    shake = shake * 6364136223846793005L + 1442695040888963407L;
                    moved(trial, at, (int) ((shake >>> 33) % trial.length));
                }
                list = descended(trial);
                keepIfBetter(list);
            }
        }

        private int[] descended(int[] from) {
            int[] list = from;
            double end = weight(list);
            boolean again = true;
            while (again && schedulesLeft > 0 && best > bound + SAME) {
                again = false;
                for (int at = 0; at < list.length; at++) {
                    for (int to = 0; to < list.length && schedulesLeft > 0; to++) {
                        int[] trial = list.clone();
                        if (moved(trial, at, to)) {
                            double now = weight(trial);
                            if (now < end - SAME) {
                                end = now;
                                list = trial;
                                again = true;
                                keepIfBetter(list);
                            }
                        }
                    }
                }
            }
            return list;
        }

        /** When it is finished; among equals, how early the turns end, so that there is always a way down. */
        private double weight(int[] list) {
            schedulesLeft--;
            double end = 0;
            double sum = 0;
            for (var turn : schedule(list)) {
                end = Math.max(end, turn.to);
                sum += turn.to;
            }
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
                if (Arrays.stream(before[then]).anyMatch(p -> p == first)) {
                    return false;
                }
                list[i] = other;
                list[i + by] = task;
            }
            return at != to;
        }

        private boolean keepIfBetter(int[] list) {
            double end = schedule(list).stream().mapToDouble(Turn::to).max().orElse(0);
            if (end < best - SAME) {
                best = end;
                bestList = list.clone();
                return true;
            }
            return false;
        }

        /** The list schedule, one turn for each entry of the list, in its order. */
        private List<Turn> schedule(int[] list) {
            var ends = new HashMap<Integer, Double>();
            List<List<Turn>> busy = List.of(new ArrayList<>(), new ArrayList<>());
            var held = new HashMap<String, List<Turn>>();
            var turns = new ArrayList<Turn>();
            for (int t : list) {
                double earliest = 0;
                for (int p : before[t]) {
                    earliest = Math.max(earliest, ends.get(p));
                }
                var turn = place(tasks.get(t), earliest, busy, held);
                ends.put(t, turn.to());
                turns.add(turn);
            }
            return turns;
        }

        private static Turn place(
                Task task, double earliest, List<List<Turn>> busy, Map<String, List<Turn>> held) {
            var starts = new ArrayList<Double>(List.of(earliest));
            busy.forEach(b -> b.forEach(t -> starts.add(t.to())));
            held.values().forEach(h -> h.forEach(t -> starts.add(t.to())));
            starts.removeIf(s -> s < earliest - SAME);
            starts.sort(Comparator.naturalOrder());
            for (double from : starts) {
                double to = from + task.minutes();
                boolean first = isIdle(busy.get(0), from, to);
                boolean second = isIdle(busy.get(1), from, to);
                boolean people = task.people() == 2 ? first && second : first || second;
                if (people
                        && task.holds().stream()
                                .allMatch(h -> isIdle(held.getOrDefault(h, List.of()), from, to))) {
                    var turn =
                            new Turn(
                                    task.id(),
                                    first,
                                    second && (task.people() == 2 || !first),
                                    from,
                                    to);
                    if (turn.first) {
                        busy.get(0).add(turn);
                    }
                    if (turn.second) {
                        busy.get(1).add(turn);
                    }
                    task.holds()
                            .forEach(
                                    h -> held.computeIfAbsent(h, x -> new ArrayList<>()).add(turn));
                    return turn;
                }
            }
            throw new IllegalStateException("Impossible: after the last turn everybody is idle");
        }

        private static boolean isIdle(List<Turn> busy, double from, double to) {
            return busy.stream().noneMatch(t -> t.from < to - SAME && from < t.to - SAME);
        }

        private List<String> criticalPath() {
            var path = new ArrayList<String>();
            double left = Arrays.stream(tail).max().orElse(0);
            int last = -1;
            while (left > SAME) {
                int next = -1;
                for (int t = 0; t < tail.length && next < 0; t++) {
                    int from = last;
                    boolean follows = from < 0 || Arrays.stream(before[t]).anyMatch(p -> p == from);
                    if (follows && Math.abs(tail[t] - left) < SAME) {
                        next = t;
                    }
                }
                if (next < 0) {
                    break;
                }
                path.add(tasks.get(next).id());
                left -= tasks.get(next).minutes();
                last = next;
            }
            return path;
        }
    }
}
