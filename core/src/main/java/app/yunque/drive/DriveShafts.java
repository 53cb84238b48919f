package app.yunque.drive;

import java.util.ArrayList;
import java.util.LinkedHashSet;
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
 * shafts, and a back gear begins and ends where the direct position does. Where a drive has several outputs each has a shaft of its own.
 *
 * @param driver  shaft of the driving side of each stage, in the order of the stages; 1 is the input's
 * @param driven  shaft of the driven side of each stage
 * @param outputs shafts that leave the unit, in the order of the outputs; the highest numbers, unless one drives on to another
 */
public record DriveShafts(List<Integer> driver, List<Integer> driven, List<Integer> outputs) {
    /** Papers that describe no gears still have an input and an output. */
    private static final int FEWEST = 2;

    public DriveShafts {
        driver = List.copyOf(driver);
        driven = List.copyOf(driven);
        outputs = List.copyOf(outputs);
    }

    /** One side of a stage. */
    private record End(int stage, boolean isDriven) {}

    /**
     * @param stages how many there are
     * @param paths  numbers of the stages that carry the load, from the input on, one list for each position
     * @param output number of the output that each path leads to
     */
    static DriveShafts of(int stages, List<List<Integer>> paths, List<Integer> output) {
        var sides = new ArrayList<End>();
        for (int stage = 1; stage <= stages; stage++) {
            sides.add(new End(stage, false));
            sides.add(new End(stage, true));
        }
        var shafts = new UnionFind<>(sides.stream().collect(Collectors.toSet()));
        if (paths.stream().allMatch(List::isEmpty)) {
            return new DriveShafts(List.of(), List.of(), List.of(FEWEST));
        }
        var input = new End(paths.get(0).get(0), false);
        var ends = new TreeMap<Integer, End>();
        for (int p = 0; p < paths.size(); p++) {
            var path = paths.get(p);
            var end = new End(last(path), true);
            shafts.union(input, new End(path.get(0), false));
            shafts.union(ends.computeIfAbsent(output.get(p), o -> end), end);
            for (int i = 1; i < path.size(); i++) {
                shafts.union(new End(path.get(i - 1), true), new End(path.get(i), false));
            }
        }
        var last = ends.values().stream().map(shafts::find).toList();
        var order = new LinkedHashSet<End>();
        order.add(shafts.find(input));
        sides.stream().map(shafts::find).filter(s -> !last.contains(s)).forEach(order::add);
        order.addAll(last);
        var row = List.copyOf(order);
        return new DriveShafts(
                numbers(stages, s -> row.indexOf(shafts.find(new End(s, false))) + 1),
                numbers(stages, s -> row.indexOf(shafts.find(new End(s, true))) + 1),
                last.stream().map(s -> row.indexOf(s) + 1).toList());
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
     * Where each shaft came to lie after the papers were corrected. The input stays the input and each output its output; a shaft
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
        for (int i = 0; i < Math.min(outputs.size(), after.outputs.size()); i++) {
            moved.put(outputs.get(i), after.outputs.get(i));
        }
        return moved;
    }
}
