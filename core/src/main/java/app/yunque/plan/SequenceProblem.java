package app.yunque.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** A rebuild with tasks, tools, positions and areas as numbers; 0 stands for "does not matter" or "nothing in hand". */
final class SequenceProblem {
    private static final int KINDS = 3;
    private static final int LONGEST_BLOCK = 4;

    /** Orders looked at while improving: what bounds the time of the answer. */
    private static final int LOOKS = 600_000;

    /** Ways from which improving begins, beside the order as given. */
    private static final int STARTS = 24;

    private final TaskGraph graph;
    private final Handling inHand;
    private final HandlingCost cost;
    private final List<Task> tasks;
    final Rules rules;
    private final Patience patience;
    private int looksLeft = LOOKS;

    /** For each task what it asks for: tool, position, area. */
    final int[][] asks;

    final int[] start;
    final double[] changeCost;
    private final int[] distinct = new int[KINDS];

    /** What the numbers of tools, positions and areas stand for; number 1 first. */
    private final List<List<String>> names = new ArrayList<>();

    SequenceProblem(TaskGraph graph, Handling start, HandlingCost cost) {
        this(graph, start, cost, Patience.ENDLESS);
    }

    SequenceProblem(TaskGraph graph, Handling start, HandlingCost cost, Patience patience) {
        this.graph = graph;
        this.inHand = start;
        this.cost = cost;
        this.patience = patience;
        this.tasks = graph.tasks();
        this.rules = new Rules(graph);
        this.changeCost = new double[] {cost.toolChange(), cost.flip(), cost.move()};
        this.asks = new int[tasks.size()][KINDS];
        this.start = new int[KINDS];
        List<Function<Handling, @Nullable String>> kinds =
                List.of(Handling::tool, Handling::position, Handling::area);
        for (int k = 0; k < KINDS; k++) {
            number(k, kinds.get(k), start);
        }
    }

    private void number(int kind, Function<Handling, @Nullable String> asked, Handling atStart) {
        var numbers = new LinkedHashMap<String, Integer>();
        var inHand = asked.apply(atStart);
        if (inHand != null) {
            numbers.put(inHand, 1);
            start[kind] = 1;
        }
        for (int t = 0; t < tasks.size(); t++) {
            var value = asked.apply(tasks.get(t).handling());
            if (value != null) {
                asks[t][kind] = numbers.computeIfAbsent(value, v -> numbers.size() + 1);
            }
        }
        distinct[kind] = numbers.size() - (inHand == null ? 0 : 1);
        names.add(List.copyOf(numbers.keySet()));
    }

    /** A sixth of the work. */
    void lookLess() {
        looksLeft = LOOKS / 6;
    }

    String name(int kind, int number) {
        return names.get(kind).get(number - 1);
    }

    int names(int kind) {
        return names.get(kind).size();
    }

    int size() {
        return tasks.size();
    }

    String id(int task) {
        return tasks.get(task).id();
    }

    double minutes(int task) {
        return tasks.get(task).minutes();
    }

    boolean isLegal(int[] order) {
        return rules.isLegal(order);
    }

    double cost(int[] order) {
        var changes = changes(order);
        return Arrays.stream(order).mapToDouble(this::minutes).sum()
                + changes.tools() * changeCost[0]
                + changes.flips() * changeCost[1]
                + changes.moves() * changeCost[2];
    }

    RebuildSequence.Changes changes(int[] order) {
        var counted = new int[KINDS];
        var now = start.clone();
        for (int task : order) {
            for (int k = 0; k < KINDS; k++) {
                if (asks[task][k] != 0 && asks[task][k] != now[k]) {
                    counted[k]++;
                    now[k] = asks[task][k];
                }
            }
        }
        return new RebuildSequence.Changes(counted[0], counted[1], counted[2]);
    }

    /**
     * Σ minutes and, for tool, position and area, the changes that no order avoids. Where a task may go several ways, the least of them, for
     * the choice for which that is most.
     */
    double bound() {
        double bound = plainBound();
        for (var choice : graph.choices()) {
            double least = Double.POSITIVE_INFINITY;
            for (var way : choice.ways()) {
                var gone = new TaskGraph(tasks, graph.befores()).with(way.befores());
                if (SomeOrder.of(gone).isPresent()) {
                    least = Math.min(least, new SequenceProblem(gone, inHand, cost).plainBound());
                }
            }
            bound = Double.isInfinite(least) ? bound : Math.max(bound, least);
        }
        return bound;
    }

    private double plainBound() {
        double bound = work();
        for (int k = 0; k < KINDS; k++) {
            bound += changeCost[k] * leastChanges(k);
        }
        return bound;
    }

    /** Minutes of work alone, without any change. */
    double work() {
        return tasks.stream().mapToDouble(Task::minutes).sum();
    }

    /** Minutes of turning the unit over and carrying it about that no order avoids. */
    double leastTurning() {
        return changeCost[1] * leastChanges(1) + changeCost[2] * leastChanges(2);
    }

    private int leastChanges(int kind) {
        return Math.max(distinct[kind], mostChangesOnAChain(kind));
    }

    /** Dynamic programming along the constraints: most changes on a chain that ends with each value in hand. */
    private int mostChangesOnAChain(int kind) {
        var most = new ArrayList<Map<Integer, Integer>>();
        for (int t = 0; t < size(); t++) {
            most.add(new HashMap<>());
        }
        int best = 0;
        for (int task : staying(rules)) {
            var here = new HashMap<Integer, Integer>(Map.of(start[kind], 0));
            for (int p : rules.predecessors[task]) {
                most.get(p).forEach((value, count) -> here.merge(value, count, Math::max));
            }
            int asked = asks[task][kind];
            if (asked != 0) {
                int count = 0;
                for (var entry : here.entrySet()) {
                    count = Math.max(count, entry.getValue() + (entry.getKey() == asked ? 0 : 1));
                }
                here.clear();
                here.put(asked, count);
            }
            most.set(task, here);
            best =
                    Math.max(
                            best,
                            here.values().stream().mapToInt(Integer::intValue).max().orElse(0));
        }
        return best;
    }

    /**
     * Legal orders from which to go on, the cheapest first: the order as given, and orders that stay with what is in hand, for several
     * ways through the choices. Empty when the constraints contradict each other.
     */
    List<int[]> starts() {
        var starts = new ArrayList<int[]>();
        var given = new int[size()];
        Arrays.setAll(given, i -> i);
        boolean givenIsLegal = isLegal(given);
        if (givenIsLegal) {
            starts.add(given);
        }
        if (!rules.hasChoices()) {
            var staying = staying(rules);
            if (staying.length == size()) {
                starts.add(staying);
            }
        } else {
            SomeOrder.of(graph).ifPresent(some -> addStarts(givenIsLegal ? given : some, starts));
        }
        starts.sort(Comparator.comparingDouble(this::cost));
        return starts;
    }

    /** Stays with what is in hand, by the ways that an order goes and by each other way of a choice in turn. */
    private void addStarts(int[] some, List<int[]> starts) {
        if (starts.isEmpty()) {
            starts.add(some);
        }
        starts.add(stayingByTheWaysOf(some));
        for (var choice : graph.choices()) {
            for (var way : choice.ways()) {
                if (starts.size() >= STARTS || !patience.lasts()) {
                    return;
                }
                var rest = graph.without(choice);
                var all = new ArrayList<>(rest.befores());
                all.addAll(way.befores());
                SomeOrder.of(new TaskGraph(tasks, all, rest.choices()))
                        .ifPresent(order -> starts.add(stayingByTheWaysOf(order)));
            }
        }
    }

    private int[] stayingByTheWaysOf(int[] order) {
        return staying(new Rules(graph.with(waysOf(order))));
    }

    /** The constraints of the first way that each choice can go in an order. */
    private List<Before> waysOf(int[] order) {
        var place = new HashMap<String, Integer>();
        for (int i = 0; i < order.length; i++) {
            place.put(id(order[i]), i);
        }
        var taken = new ArrayList<Before>();
        for (var choice : graph.choices()) {
            choice.ways().stream()
                    .filter(
                            w ->
                                    w.befores().stream()
                                            .allMatch(
                                                    b ->
                                                            place.get(b.first())
                                                                    < place.get(b.then())))
                    .findFirst()
                    .ifPresent(w -> taken.addAll(w.befores()));
        }
        return taken;
    }

    /**
     * Keeps tool, position and area while any free task can be done with them, else goes to what costs least; of equal
     * ones the first as given. Shorter than the tasks when the constraints contradict each other.
     */
    private int[] staying(Rules by) {
        var waiting = new int[size()];
        var free = new HashMap<Integer, PriorityQueue<Integer>>();
        for (int t = 0; t < size(); t++) {
            waiting[t] = by.predecessors[t].length;
            if (waiting[t] == 0) {
                free.computeIfAbsent(key(t), k -> new PriorityQueue<>()).add(t);
            }
        }
        var order = new int[size()];
        int done = 0;
        var now = start.clone();
        while (!free.isEmpty()) {
            var queue = cheapest(free, now);
            int task = queue.remove();
            if (queue.isEmpty()) {
                free.remove(key(task));
            }
            order[done++] = task;
            for (int k = 0; k < KINDS; k++) {
                now[k] = asks[task][k] == 0 ? now[k] : asks[task][k];
            }
            for (int next : by.successors[task]) {
                if (--waiting[next] == 0) {
                    free.computeIfAbsent(key(next), k -> new PriorityQueue<>()).add(next);
                }
            }
        }
        return Arrays.copyOf(order, done);
    }

    int key(int task) {
        return (asks[task][0] << 20) | (asks[task][1] << 10) | asks[task][2];
    }

    private PriorityQueue<Integer> cheapest(Map<Integer, PriorityQueue<Integer>> free, int[] now) {
        PriorityQueue<Integer> best = free.values().iterator().next();
        double least = Double.POSITIVE_INFINITY;
        for (var queue : free.values()) {
            int head = queue.element();
            double cost = 0;
            for (int k = 0; k < KINDS; k++) {
                cost += asks[head][k] != 0 && asks[head][k] != now[k] ? changeCost[k] : 0;
            }
            if (cost < least || (cost == least && head < best.element())) {
                least = cost;
                best = queue;
            }
        }
        return best;
    }

    /** An order that costs the same and in which no two neighbours stand against the order given without a reason. */
    int[] asGivenWhereAlike(int[] order) {
        int[] now = order.clone();
        double cost = cost(now);
        boolean swapped = true;
        while (swapped) {
            swapped = false;
            for (int i = 1; i < now.length; i++) {
                if (now[i - 1] > now[i]) {
                    int[] trial = now.clone();
                    trial[i - 1] = now[i];
                    trial[i] = now[i - 1];
                    if (rules.isLegal(trial) && cost(trial) < cost + 1e-9) {
                        now = trial;
                        swapped = true;
                    }
                }
            }
        }
        return now;
    }

    /** The cheapest order that improving comes to, from each start in turn. */
    int[] improved(List<int[]> starts) {
        int[] best = starts.get(0);
        for (var start : starts) {
            if (looksLeft > 0 && patience.lasts()) {
                var order = improved(start);
                best = cost(order) < cost(best) - 1e-9 ? order : best;
            }
        }
        return best;
    }

    /** Moves blocks of one to four tasks wherever the constraints allow, until no move makes it cheaper. */
    private int[] improved(int[] from) {
        int[] order = from.clone();
        double cost = cost(order);
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int length = 1; length <= LONGEST_BLOCK; length++) {
                for (int at = 0; at + length <= order.length; at++) {
                    int[] better = bestMove(order, at, length, cost);
                    if (looksLeft <= 0 || !patience.lasts()) {
                        return better.length > 0 ? better : order;
                    }
                    if (better.length > 0) {
                        order = better;
                        cost = cost(order);
                        moved = true;
                    }
                }
            }
        }
        return order;
    }

    /** The cheapest order that differs only in where one block stands; empty when none is cheaper. */
    private int[] bestMove(int[] order, int at, int length, double cost) {
        int[] best = {};
        double least = cost - 1e-9;
        int[] trial = order.clone();
        for (int to = at;
                to + length < order.length && mayPass(trial, to, length, to + length);
                to++) {
            shift(trial, to, length, 1);
            double now = looked(trial);
            if (now < least) {
                least = now;
                best = trial.clone();
            }
        }
        trial = order.clone();
        for (int to = at; to > 0 && mayPass(trial, to, length, to - 1); to--) {
            shift(trial, to, length, -1);
            double now = looked(trial);
            if (now < least) {
                least = now;
                best = trial.clone();
            }
        }
        return best;
    }

    /** What an order costs; without end where no way of a choice can be gone. */
    private double looked(int[] order) {
        looksLeft--;
        double cost = cost(order);
        return rules.hasChoices() && !rules.goesSomeWay(order) ? Double.POSITIVE_INFINITY : cost;
    }

    private boolean mayPass(int[] order, int from, int length, int neighbour) {
        int other = order[neighbour];
        for (int i = from; i < from + length; i++) {
            int first = neighbour > i ? order[i] : other;
            int then = neighbour > i ? other : order[i];
            for (int p : rules.predecessors[then]) {
                if (p == first) {
                    return false;
                }
            }
        }
        return true;
    }

    private static void shift(int[] order, int from, int length, int by) {
        int passed = by > 0 ? order[from + length] : order[from - 1];
        if (by > 0) {
            System.arraycopy(order, from, order, from + 1, length);
            order[from] = passed;
        } else {
            System.arraycopy(order, from, order, from - 1, length);
            order[from + length - 1] = passed;
        }
    }
}
