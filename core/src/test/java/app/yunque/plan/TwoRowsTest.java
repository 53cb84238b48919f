package app.yunque.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Two rows of tasks, each in its own order, merged with the fewest changes: for so many tasks all orders cannot be tried, but how far each
 * row is and what is in hand says everything, so that the least is known by going through those. Two sequences merged: common textbook
 * recursion.
 */
class TwoRowsTest {
    private static final HandlingCost COST = new HandlingCost(1, 2, 1.5);
    private static final String[] TOOLS = {null, "hex", "pliers", "puller"};
    private static final String[] SIDES = {null, "left up", "right up"};

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    /** Rows of 4 to 126 tasks together: on both sides of the 63 that fit the first word of a state. */
    @ParameterizedTest
    @MethodSource("seeds")
    void areMergedAsCheaplyAsCanBe(int seed) {
        var random = new Random(seed);
        int size = seed < 10 ? 60 + seed : 4 + random.nextInt(123);
        int left = 1 + random.nextInt(size - 1);
        var tasks = new ArrayList<Task>();
        var befores = new ArrayList<Before>();
        for (int t = 0; t < size; t++) {
            tasks.add(
                    new Task(
                            "t" + t,
                            "t" + t,
                            1 + random.nextInt(5),
                            new Handling(
                                    TOOLS[random.nextInt(TOOLS.length)],
                                    SIDES[random.nextInt(SIDES.length)],
                                    null)));
            if (t > 0 && t != left) {
                befores.add(Graphs.before("t" + (t - 1), "t" + t));
            }
        }
        double work = tasks.stream().mapToDouble(Task::minutes).sum();
        double least = work + least(tasks.subList(0, left), tasks.subList(left, size));

        var plan = RebuildSequence.of(new TaskGraph(tasks, befores), Handling.ANY, COST);

        assertThat(plan.isExact()).isTrue();
        assertThat(plan.minutes()).isCloseTo(least, within(1e-9));
        assertThat(plan.boundMinutes()).isCloseTo(least, within(1e-9));
        assertThat(plan.minutes())
                .as("as the changes are counted")
                .isCloseTo(
                        work + plan.changes().tools() + 2 * plan.changes().flips(), within(1e-9));
    }

    /** For each place in both rows and each thing in hand the least that the rest costs. */
    private static double least(List<Task> one, List<Task> other) {
        int hands = TOOLS.length * SIDES.length;
        var rest = new double[one.size() + 1][other.size() + 1][hands];
        for (int i = one.size(); i >= 0; i--) {
            for (int j = other.size(); j >= 0; j--) {
                for (int hand = 0; hand < hands; hand++) {
                    double best =
                            i == one.size() && j == other.size() ? 0 : Double.POSITIVE_INFINITY;
                    if (i < one.size()) {
                        int then = after(hand, one.get(i));
                        best = Math.min(best, change(hand, one.get(i)) + rest[i + 1][j][then]);
                    }
                    if (j < other.size()) {
                        int then = after(hand, other.get(j));
                        best = Math.min(best, change(hand, other.get(j)) + rest[i][j + 1][then]);
                    }
                    rest[i][j][hand] = best;
                }
            }
        }
        return rest[0][0][0];
    }

    private static int after(int hand, Task task) {
        var tool = task.handling().tool();
        var side = task.handling().position();
        return (tool == null ? hand / SIDES.length : Arrays.asList(TOOLS).indexOf(tool))
                        * SIDES.length
                + (side == null ? hand % SIDES.length : Arrays.asList(SIDES).indexOf(side));
    }

    private static double change(int hand, Task task) {
        int then = after(hand, task);
        return (then / SIDES.length == hand / SIDES.length ? 0 : 1)
                + (then % SIDES.length == hand % SIDES.length ? 0 : 2);
    }
}
