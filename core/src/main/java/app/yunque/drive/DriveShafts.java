package app.yunque.drive;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.IntUnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jgrapht.alg.util.UnionFind;

/**
 * Shafts of a drive as they follow from its paths. Stages that follow each other in some position share a shaft; those that begin a
 * path share the input's, those that end one the output's. So the pairs of a sliding cluster come to lie between the same two
 * shafts, and a back gear begins and ends where the direct position does.
 *
 * @param driver shaft of the driving side of each stage, in the order of the stages; 1 is the input's
 * @param driven shaft of the driven side of each stage; the highest number is the output's
 */
public record DriveShafts(List<Integer> driver, List<Integer> driven) {
    /** Papers that describe no gears still have an input and an output. */
    private static final int FEWEST = 2;

    public DriveShafts {
        driver = List.copyOf(driver);
        driven = List.copyOf(driven);
    }

    /** One side of a stage. */
    private record End(int stage, boolean isDriven) {}

    /**
     * @param stages how many there are
     * @param paths  numbers of the stages that carry the load, from the input on, one list for each position
     */
    static DriveShafts of(int stages, List<List<Integer>> paths) {
        var ends = new ArrayList<End>();
        for (int stage = 1; stage <= stages; stage++) {
            ends.add(new End(stage, false));
            ends.add(new End(stage, true));
        }
        var shafts = new UnionFind<>(ends.stream().collect(Collectors.toSet()));
        var used = paths.stream().filter(p -> !p.isEmpty()).toList();
        if (used.isEmpty()) {
            return new DriveShafts(List.of(), List.of());
        }
        var input = new End(used.get(0).get(0), false);
        var output = new End(last(used.get(0)), true);
        for (var path : used) {
            shafts.union(input, new End(path.get(0), false));
            shafts.union(output, new End(last(path), true));
            for (int i = 1; i < path.size(); i++) {
                shafts.union(new End(path.get(i - 1), true), new End(path.get(i), false));
            }
        }
        var order = new ArrayList<End>();
        order.add(shafts.find(input));
        ends.stream()
                .map(shafts::find)
                .filter(s -> !s.equals(shafts.find(output)) && !order.contains(s))
                .distinct()
                .forEach(order::add);
        if (!shafts.inSameSet(input, output)) {
            order.add(shafts.find(output));
        }
        return new DriveShafts(
                numbers(stages, s -> order.indexOf(shafts.find(new End(s, false))) + 1),
                numbers(stages, s -> order.indexOf(shafts.find(new End(s, true))) + 1));
    }

    private static int last(List<Integer> path) {
        return path.get(path.size() - 1);
    }

    private static List<Integer> numbers(int stages, IntUnaryOperator shaft) {
        return IntStream.rangeClosed(1, stages).map(shaft).boxed().toList();
    }

    /** How many there are, at least 2. */
    public int count() {
        return Math.max(
                FEWEST,
                IntStream.concat(driver.stream().mapToInt(s -> s), driven.stream().mapToInt(s -> s))
                        .max()
                        .orElse(0));
    }

    /**
     * @param stage    number of the stage, 1 first
     * @param isDriven true for its driven side
     */
    public int of(int stage, boolean isDriven) {
        return (isDriven ? driven : driver).get(stage - 1);
    }

    /**
     * Where each shaft came to lie after the papers were corrected. The input stays the input and the output the output; a shaft
     * between them goes with the stages on it.
     *
     * @param after   shafts by the corrected papers
     * @param numbers new number of each stage that stayed, by its old one
     * @return new number by old one, for every shaft that can be told
     */
    public Map<Integer, Integer> movedTo(DriveShafts after, Map<Integer, Integer> numbers) {
        var moved = new TreeMap<Integer, Integer>();
        moved.put(1, 1);
        numbers.forEach(
                (was, is) -> {
                    moved.putIfAbsent(of(was, false), after.of(is, false));
                    moved.putIfAbsent(of(was, true), after.of(is, true));
                });
        moved.put(count(), after.count());
        return moved;
    }
}
