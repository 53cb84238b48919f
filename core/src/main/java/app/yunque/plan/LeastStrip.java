package app.yunque.plan;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.plan.Removal.Way;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The least that has to come off to reach a part.
 *
 * <p>Each part is taken off once, by one of its ways, when everything that way requires is off; the minutes are summed.
 * With one way a part the answer is the set of all that stands before it. With several it is a set-cover kind of problem:
 * up to {@value #EXACT_PARTS} parts that bear on the question are searched exactly, cheapest first, over the set of parts
 * that are off; beyond that the ways that look cheapest by h_add are followed, and the bound h_max says what no plan can
 * beat. Source: uniform-cost search; h_max and h_add after B. Bonet and H. Geffner, Planning as heuristic search, 2001
 * (from memory).
 *
 * @param choices what comes off, in order, and by which way
 * @param minutes what it takes in all
 * @param boundMinutes what no other way can beat; equal to {@code minutes} when exact
 * @param isExact true when nothing quicker exists
 */
public record LeastStrip(
        List<Choice> choices, double minutes, double boundMinutes, boolean isExact) {
    /** Parts up to which the search is exact; 2²⁰ sets of parts at most. */
    public static final int EXACT_PARTS = 20;

    /**
     * @param part    identity of the part
     * @param name    what it is
     * @param way     the way taken, in words; empty for the only one
     * @param minutes how long it takes
     */
    public record Choice(String part, String name, String way, double minutes) {}

    public LeastStrip {
        choices = List.copyOf(choices);
    }

    /**
     * @param removals every part with its ways off, in drawing order
     * @param targets  parts to reach, at least one
     * @throws Refused when a target or a requirement is unknown
     * @throws NotApplicable when a target cannot come off in any way; the sentence names the smallest set of parts that
     *     block one another
     */
    public static LeastStrip toReach(List<Removal> removals, Set<String> targets) {
        return new Search(removals, targets).solve();
    }

    /**
     * Other ways to the same parts, quickest first: for each part of the best strip that had a choice, the best strip that
     * does without the way it took. Plans that take the same parts off by the same ways are told once.
     *
     * @param most how many to tell at most
     */
    public static List<LeastStrip> alternatives(
            List<Removal> removals, Set<String> targets, int most) {
        var best = toReach(removals, targets);
        var found = new ArrayList<LeastStrip>();
        for (var choice : best.choices) {
            without(removals, choice)
                    .flatMap(left -> reached(left, targets))
                    .filter(
                            plan ->
                                    !plan.isSameAs(best)
                                            && found.stream().noneMatch(plan::isSameAs))
                    .ifPresent(found::add);
        }
        found.sort(Comparator.comparingDouble(LeastStrip::minutes));
        return List.copyOf(found.subList(0, Math.min(most, found.size())));
    }

    private boolean isSameAs(LeastStrip other) {
        return new HashSet<>(choices).equals(new HashSet<>(other.choices));
    }

    private static Optional<List<Removal>> without(List<Removal> removals, Choice taken) {
        var left = new ArrayList<Removal>();
        for (var removal : removals) {
            if (!removal.part().equals(taken.part)) {
                left.add(removal);
                continue;
            }
            var ways = removal.ways().stream().filter(w -> !w.name().equals(taken.way)).toList();
            if (ways.isEmpty()) {
                return Optional.empty();
            }
            left.add(new Removal(removal.part(), removal.name(), ways));
        }
        return Optional.of(left);
    }

    private static Optional<LeastStrip> reached(List<Removal> removals, Set<String> targets) {
        try {
            return Optional.of(toReach(removals, targets));
        } catch (NotApplicable blocked) {
            return Optional.empty();
        }
    }

    /** One question; parts are numbered in drawing order, those that do not bear on it are left out. */
    private static final class Search {
        private final List<Removal> parts;
        private final Set<String> targets;
        private final Map<String, Integer> index = new HashMap<>();
        private final List<List<Step>> ways = new ArrayList<>();

        /** A way that can be gone: the parts it requires, and what it costs. */
        private record Step(Way way, BitSet requires) {}

        Search(List<Removal> removals, Set<String> targets) {
            this.targets = targets;
            var known =
                    removals.stream().collect(Collectors.toMap(Removal::part, r -> r, (a, b) -> a));
            refuseUnknown(removals, known);
            var bears = bearing(known);
            this.parts = removals.stream().filter(r -> bears.contains(r.part())).toList();
            parts.forEach(p -> index.put(p.part(), index.size()));
            for (var part : parts) {
                ways.add(
                        part.ways().stream()
                                .filter(w -> w.barred().isEmpty())
                                .map(w -> new Step(w, bits(w.requires())))
                                .toList());
            }
        }

        private void refuseUnknown(List<Removal> removals, Map<String, Removal> known) {
            for (var target : targets) {
                if (!known.containsKey(target)) {
                    throw Refused.because("target", "There is no part " + target + " to reach.");
                }
            }
            for (var removal : removals) {
                for (var way : removal.ways()) {
                    for (var need : way.requires()) {
                        if (!known.containsKey(need)) {
                            throw Refused.because(
                                    "requires",
                                    "“"
                                            + removal.name()
                                            + "” waits for "
                                            + need
                                            + ", which is no part here.");
                        }
                    }
                }
            }
        }

        private Set<String> bearing(Map<String, Removal> known) {
            var bears = new TreeSet<>(targets);
            var open = new ArrayList<>(targets);
            while (!open.isEmpty()) {
                for (var way : known.get(open.remove(open.size() - 1)).ways()) {
                    for (var need : way.requires()) {
                        if (bears.add(need)) {
                            open.add(need);
                        }
                    }
                }
            }
            return bears;
        }

        private BitSet bits(Set<String> ids) {
            var set = new BitSet(parts.size());
            ids.forEach(id -> set.set(index.get(id)));
            return set;
        }

        LeastStrip solve() {
            refuseBlocked();
            return parts.size() <= EXACT_PARTS ? exact() : estimated();
        }

        private void refuseBlocked() {
            var off = new BitSet();
            boolean moved = true;
            while (moved) {
                moved = false;
                for (int p = 0; p < parts.size(); p++) {
                    if (!off.get(p) && canCome(p, off)) {
                        off.set(p);
                        moved = true;
                    }
                }
            }
            for (var target : new TreeSet<>(targets)) {
                if (!off.get(index.get(target))) {
                    throw new NotApplicable(
                            "least strip",
                            Blockade.around(target, parts, off, index).says(),
                            "Look at these parts again: a size or an opening is wrong, or a way is missing.");
                }
            }
        }

        private boolean canCome(int part, BitSet off) {
            return ways.get(part).stream().anyMatch(s -> isSubset(s.requires, off));
        }

        private static boolean isSubset(BitSet small, BitSet big) {
            var rest = (BitSet) small.clone();
            rest.andNot(big);
            return rest.isEmpty();
        }

        /** State of the search: what is off, and how it came off. */
        private record State(int off, double minutes, int count, int[] sequence) {}

        private LeastStrip exact() {
            int goal = 0;
            for (var target : targets) {
                goal |= 1 << index.get(target);
            }
            int[][] masks = new int[parts.size()][];
            for (int p = 0; p < masks.length; p++) {
                masks[p] =
                        ways.get(p).stream().mapToInt(s -> (int) firstWord(s.requires)).toArray();
            }
            var queue =
                    new PriorityQueue<State>(
                            Comparator.comparingDouble(State::minutes)
                                    .thenComparingInt(State::count)
                                    .thenComparing(State::sequence, Arrays::compare));
            queue.add(new State(0, 0, 0, new int[0]));
            var closed = new HashSet<Integer>();
            int forced = forced(goal, masks);
            while (true) {
                var state = queue.remove();
                if ((state.off & goal) == goal) {
                    return told(state.sequence, state.minutes, state.minutes, true);
                }
                if (closed.add(state.off)) {
                    expand(state, forced, masks, queue);
                }
            }
        }

        /**
         * Parts with one way off without which the target is never reached. They come off in every plan at the same cost,
         * so as soon as one can, nothing else has to be tried: without this, independent parts alone would make 2ⁿ sets.
         */
        private static int forced(int goal, int[][] masks) {
            int forced = 0;
            for (int p = 0; p < masks.length; p++) {
                if (masks[p].length == 1 && (closure(masks, ~(1 << p)) & goal) != goal) {
                    forced |= 1 << p;
                }
            }
            return forced;
        }

        private static int closure(int[][] masks, int allowed) {
            int off = 0;
            boolean moved = true;
            while (moved) {
                moved = false;
                for (int p = 0; p < masks.length; p++) {
                    int known = off;
                    if ((allowed & ~off & 1 << p) != 0
                            && Arrays.stream(masks[p]).anyMatch(m -> (m & ~known) == 0)) {
                        off |= 1 << p;
                        moved = true;
                    }
                }
            }
            return off;
        }

        private static long firstWord(BitSet set) {
            var words = set.toLongArray();
            return words.length == 0 ? 0 : words[0];
        }

        private void expand(State state, int forced, int[][] masks, PriorityQueue<State> queue) {
            for (int p = 0; p < masks.length; p++) {
                if ((forced & ~state.off & 1 << p) != 0 && (masks[p][0] & ~state.off) == 0) {
                    queue.add(next(state, p, 0));
                    return;
                }
            }
            for (int p = 0; p < masks.length; p++) {
                for (int w = 0; (state.off & 1 << p) == 0 && w < masks[p].length; w++) {
                    if ((masks[p][w] & ~state.off) == 0) {
                        queue.add(next(state, p, w));
                    }
                }
            }
        }

        private State next(State state, int part, int way) {
            var sequence = Arrays.copyOf(state.sequence, state.sequence.length + 1);
            sequence[state.sequence.length] = part * 100 + way;
            return new State(
                    state.off | 1 << part,
                    state.minutes + ways.get(part).get(way).way.minutes(),
                    state.count + 1,
                    sequence);
        }

        private LeastStrip estimated() {
            var sums = new double[parts.size()];
            var most = new double[parts.size()];
            int[] bySum = fixpoint(sums, true);
            fixpoint(most, false);
            double bound = 0;
            var order = new ArrayList<Integer>();
            var done = new BitSet();
            for (var target : targets) {
                bound = Math.max(bound, most[index.get(target)]);
                extract(index.get(target), bySum, done, order);
            }
            int[] sequence = order.stream().mapToInt(p -> p * 100 + bySum[p]).toArray();
            double minutes = 0;
            for (int p : order) {
                minutes += ways.get(p).get(bySum[p]).way.minutes();
            }
            boolean oneWay = parts.stream().allMatch(p -> p.ways().size() == 1);
            return told(sequence, minutes, oneWay ? minutes : bound, oneWay);
        }

        /** Cost of each part when requirements add up (or only the dearest counts); the way that gives it. */
        private int[] fixpoint(double[] cost, boolean adding) {
            Arrays.fill(cost, Double.POSITIVE_INFINITY);
            var chosen = new int[parts.size()];
            boolean moved = true;
            while (moved) {
                moved = false;
                for (int p = 0; p < parts.size(); p++) {
                    for (int w = 0; w < ways.get(p).size(); w++) {
                        var step = ways.get(p).get(w);
                        var needs = step.requires.stream().mapToDouble(q -> cost[q]);
                        double total =
                                step.way.minutes() + (adding ? needs.sum() : needs.max().orElse(0));
                        if (total < cost[p]) {
                            cost[p] = total;
                            chosen[p] = w;
                            moved = true;
                        }
                    }
                }
            }
            return chosen;
        }

        private void extract(int part, int[] chosen, BitSet done, List<Integer> order) {
            if (done.get(part)) {
                return;
            }
            done.set(part);
            ways.get(part).get(chosen[part]).requires.stream()
                    .forEach(q -> extract(q, chosen, done, order));
            order.add(part);
        }

        private LeastStrip told(int[] sequence, double minutes, double bound, boolean exact) {
            var choices = new ArrayList<Choice>();
            for (int step : sequence) {
                var part = parts.get(step / 100);
                var way = ways.get(step / 100).get(step % 100).way;
                choices.add(new Choice(part.part(), part.name(), way.name(), way.minutes()));
            }
            return new LeastStrip(
                    choices, minutes, Math.min(bound, minutes), exact || minutes - bound < 1e-9);
        }
    }
}
