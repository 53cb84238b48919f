package app.yunque.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** What must come before what, with tasks as numbers: whether a task may come now depends on nothing but what is done. */
final class Rules {
    final int[][] predecessors;
    final int[][] successors;

    /** For each task its choices, for each the ways. */
    final Way[][][] choices;

    private final int[][] touched;
    private final boolean hasChoices;

    /** A way of a choice: what must be done when the task comes, and what must not. */
    record Way(int[] done, int[] notYet) {
        // Asked for every state of every search: loops, for streams take several times as long
        // here.
        boolean holds(boolean[] now) {
            for (int t : done) {
                if (!now[t]) {
                    return false;
                }
            }
            for (int t : notYet) {
                if (now[t]) {
                    return false;
                }
            }
            return true;
        }
    }

    Rules(TaskGraph graph) {
        this.predecessors = graph.predecessors();
        this.successors = turned(predecessors);
        int size = graph.tasks().size();
        var index = graph.index();
        var lists = new ArrayList<List<Way[]>>();
        var touches = new ArrayList<TreeSet<Integer>>();
        for (int t = 0; t < size; t++) {
            lists.add(new ArrayList<>());
            touches.add(new TreeSet<>());
            for (int next : successors[t]) {
                touches.get(t).add(next);
            }
        }
        for (var choice : graph.choices()) {
            int task = index.get(choice.task());
            var ways = new ArrayList<Way>();
            for (var way : choice.ways()) {
                int[] first =
                        way.befores().stream()
                                .filter(b -> b.then().equals(choice.task()))
                                .mapToInt(b -> index.get(b.first()))
                                .toArray();
                int[] later =
                        way.befores().stream()
                                .filter(b -> b.first().equals(choice.task()))
                                .mapToInt(b -> index.get(b.then()))
                                .toArray();
                ways.add(new Way(first, later));
                for (int other : first) {
                    touches.get(other).add(task);
                }
            }
            lists.get(task).add(ways.toArray(new Way[0]));
        }
        this.choices = lists.stream().map(l -> l.toArray(new Way[0][])).toArray(Way[][][]::new);
        this.hasChoices = !graph.choices().isEmpty();
        this.touched =
                touches.stream()
                        .map(s -> s.stream().mapToInt(Integer::intValue).toArray())
                        .toArray(int[][]::new);
    }

    int size() {
        return predecessors.length;
    }

    /** Tasks that may come free when this one is done. */
    int[] touchedBy(int task) {
        return touched[task];
    }

    boolean isFree(int task, boolean[] done) {
        if (done[task]) {
            return false;
        }
        for (int p : predecessors[task]) {
            if (!done[p]) {
                return false;
            }
        }
        return goesSomeWay(task, done);
    }

    /** True when each choice of the task has a way that holds now. */
    boolean goesSomeWay(int task, boolean[] done) {
        for (var ways : choices[task]) {
            if (!anyHolds(ways, done)) {
                return false;
            }
        }
        return true;
    }

    private static boolean anyHolds(Way[] ways, boolean[] done) {
        for (var way : ways) {
            if (way.holds(done)) {
                return true;
            }
        }
        return false;
    }

    boolean isLegal(int[] order) {
        var done = new boolean[order.length];
        for (int task : order) {
            if (!isFree(task, done)) {
                return false;
            }
            done[task] = true;
        }
        return true;
    }

    /** As {@link #isLegal}, of an order that keeps what must come before what; only the choices are looked at. */
    boolean goesSomeWay(int[] order) {
        var done = new boolean[order.length];
        for (int task : order) {
            if (choices[task].length > 0 && !goesSomeWay(task, done)) {
                return false;
            }
            done[task] = true;
        }
        return true;
    }

    boolean hasChoices() {
        return hasChoices;
    }

    /** For each task whether some way wants it not done yet: doing it early may close that way. */
    boolean[] mayClose() {
        var closes = new boolean[size()];
        for (var of : choices) {
            for (var ways : of) {
                for (var way : ways) {
                    for (int t : way.notYet) {
                        closes[t] = true;
                    }
                }
            }
        }
        return closes;
    }

    private static int[][] turned(int[][] lists) {
        var out = new ArrayList<List<Integer>>();
        for (int i = 0; i < lists.length; i++) {
            out.add(new ArrayList<>());
        }
        for (int i = 0; i < lists.length; i++) {
            for (int p : lists[i]) {
                out.get(p).add(i);
            }
        }
        return out.stream()
                .map(l -> l.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }
}
