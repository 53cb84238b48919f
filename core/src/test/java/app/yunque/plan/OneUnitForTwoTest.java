package app.yunque.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.plan.TwoMechanics.Turn;
import app.yunque.plan.TwoMechanics.Wait;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Two mechanics have one unit between them. Every plan is replayed against the facts of the bench, common practice, no source: a unit
 * lies one way up and in one place, nobody works on it while it is turned or carried, there is one of each tool and one press, and a
 * mechanic does one thing at a time.
 */
class OneUnitForTwoTest {
    private static final double SAME = 1e-9;
    private static final HandlingCost COST = new HandlingCost(1, 3, 2);

    static IntStream seeds() {
        return IntStream.range(0, 150);
    }

    private static TaskGraph random(int seed, int most) {
        var random = new Random(seed);
        int size = 2 + random.nextInt(most - 1);
        var tasks = new ArrayList<Task>();
        var befores = new ArrayList<Before>();
        for (int i = 0; i < size; i++) {
            tasks.add(
                    new Task(
                            "t" + i,
                            "t" + i,
                            1 + random.nextInt(6),
                            new Handling(
                                    random.nextInt(3) == 0 ? null : "tool" + random.nextInt(3),
                                    random.nextInt(2) == 0 ? null : "side" + random.nextInt(3),
                                    random.nextInt(3) == 0 ? "press" : null),
                            random.nextInt(6) == 0 ? 2 : 1,
                            random.nextInt(4) == 0 ? Set.of("hoist") : Set.of()));
            for (int j = 0; j < i; j++) {
                if (random.nextDouble() < 0.2) {
                    befores.add(Graphs.before("t" + j, "t" + i));
                }
            }
        }
        return new TaskGraph(tasks, befores);
    }

    /** The same with tasks that may go one of two ways, each waiting for one and closed by another. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everyPlanWithChoicesCanBeCarriedOut(int seed) {
        var plain = random(seed, 8);
        var random = new Random(-seed);
        var choices = new ArrayList<EitherWay>();
        int size = plain.tasks().size();
        for (int i = 0; size > 3 && i < 2; i++) {
            var task = "t" + random.nextInt(size);
            var ways = new ArrayList<EitherWay.OneWay>();
            for (int w = 0; w < 2; w++) {
                var other = "t" + random.nextInt(size);
                if (!other.equals(task)) {
                    boolean waits = random.nextInt(3) == 0;
                    ways.add(
                            new EitherWay.OneWay(
                                    "way " + w,
                                    List.of(
                                            waits
                                                    ? Graphs.before(other, task)
                                                    : Graphs.before(task, other))));
                }
            }
            if (ways.size() == 2) {
                choices.add(new EitherWay(task, ways));
            }
        }
        var graph = new TaskGraph(plain.tasks(), plain.befores(), choices);
        if (Contradiction.in(graph).isEmpty()) {
            var plan = replayed(graph, Handling.ANY);
            for (var choice : choices) {
                assertThat(choice.ways()).as("%s", choice).anyMatch(w -> isGone(w, plan));
            }
        }
    }

    private static boolean isGone(EitherWay.OneWay way, TwoMechanics plan) {
        return way.befores().stream()
                .allMatch(b -> turn(plan, b.first()).to() <= turn(plan, b.then()).from() + SAME);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyPlanCanBeCarriedOut(int seed) {
        var graph = random(seed, 8);
        replayed(graph, Handling.ANY);
    }

    /** As long as a real strip, where not everything is tried. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void longPlansCanBeCarriedOutToo(int seed) {
        var graph = Graphs.random(30 * seed, 0.05, new Random(seed));
        replayed(graph, new Handling("tool1", "side0", null));
    }

    private static TwoMechanics replayed(TaskGraph graph, Handling start) {
        var plan = TwoMechanics.of(graph, start, COST);
        assertThat(plan.turns())
                .extracting(Turn::task)
                .doesNotHaveDuplicates()
                .hasSize(graph.tasks().size());
        for (var before : graph.befores()) {
            assertThat(turn(plan, before.first()).to())
                    .isLessThanOrEqualTo(turn(plan, before.then()).from() + SAME);
        }
        for (var one : plan.turns()) {
            assertThat(one.to() - one.from())
                    .isCloseTo(graph.task(one.task()).minutes(), within(SAME));
            assertThat(one.first() && one.second()).isEqualTo(graph.task(one.task()).people() == 2);
            for (var other : plan.turns()) {
                if (one != other) {
                    together(graph, one, other);
                }
            }
        }
        changes(graph, start, plan);
        waits(plan);
        assertThat(plan.minutes())
                .isCloseTo(
                        plan.turns().stream().mapToDouble(Turn::to).max().orElse(0), within(SAME));
        assertThat(plan.boundMinutes()).isLessThanOrEqualTo(plan.minutes() + SAME);
        assertThat(plan.minutes())
                .as("two are not slower than one")
                .isLessThanOrEqualTo(RebuildSequence.of(graph, start, COST).minutes() + SAME);
        assertThat(plan.isExact()).isEqualTo(plan.minutes() - plan.boundMinutes() < SAME);
        return plan;
    }

    private static void together(TaskGraph graph, Turn one, Turn other) {
        var a = graph.task(one.task());
        var b = graph.task(other.task());
        if (overlap(one.from(), one.to(), other.from(), other.to())) {
            assertThat(Collections.disjoint(a.holds(), b.holds()))
                    .as("%s and %s", one, other)
                    .isTrue();
            assertThat(same(a.handling().tool(), b.handling().tool())).as("one tool").isFalse();
            assertThat(differ(a.handling().position(), b.handling().position()))
                    .as("one way up")
                    .isFalse();
            assertThat(differ(a.handling().area(), b.handling().area())).as("one place").isFalse();
        }
        boolean shared = one.first() && other.first() || one.second() && other.second();
        if (shared) {
            assertThat(
                            overlap(
                                    one.from() - one.changing(),
                                    one.to(),
                                    other.from() - other.changing(),
                                    other.to()))
                    .as("one thing at a time: %s %s", one, other)
                    .isFalse();
        }
    }

    private static boolean overlap(double from, double to, double otherFrom, double otherTo) {
        return from < otherTo - SAME && otherFrom < to - SAME;
    }

    private static boolean same(Object a, Object b) {
        return a != null && a.equals(b);
    }

    private static boolean differ(Object a, Object b) {
        return a != null && b != null && !a.equals(b);
    }

    /** How the unit lies and what each has in hand, turn by turn: what is not so must be changed, and takes its minutes. */
    private static void changes(TaskGraph graph, Handling start, TwoMechanics plan) {
        String[] hands = {start.tool(), null};
        String position = start.position();
        String area = start.area();
        for (var turn :
                plan.turns().stream().sorted(Comparator.comparingDouble(Turn::from)).toList()) {
            var asks = graph.task(turn.task()).handling();
            double turning = 0;
            var said = new ArrayList<String>();
            if (asks.position() != null && !asks.position().equals(position)) {
                turning += COST.flip();
                said.add("unit " + asks.position());
                position = asks.position();
            }
            if (asks.area() != null && !asks.area().equals(area)) {
                turning += COST.move();
                said.add("to the " + asks.area());
                area = asks.area();
            }
            double begin = turn.from() - turning;
            if (turning > 0) {
                assertThat(plan.turns().stream().filter(t -> t != turn))
                        .as("nobody works while it is turned for %s", turn)
                        .noneMatch(t -> overlap(t.from(), t.to(), begin, turn.from()));
            }
            double tool = 0;
            if (asks.tool() != null && turn.changes().contains(asks.tool())) {
                tool = COST.toolChange();
                said.add(asks.tool());
            } else if (asks.tool() != null) {
                var tookIt =
                        turn.first() && asks.tool().equals(hands[0])
                                || turn.second() && asks.tool().equals(hands[1]);
                assertThat(tookIt).as("has %s in hand for %s", asks.tool(), turn).isTrue();
            }
            if (asks.tool() != null) {
                // A tool that two need together is with whoever had it, else with the first.
                boolean second =
                        turn.second()
                                && (!turn.first()
                                        || asks.tool().equals(hands[1])
                                                && !asks.tool().equals(hands[0]));
                hands[second ? 1 : 0] = asks.tool();
            }
            assertThat(turn.changes()).containsExactlyInAnyOrderElementsOf(said);
            assertThat(turn.changing()).isCloseTo(turning + tool, within(SAME));
        }
    }

    /** From the first minute to his last turn, each mechanic works, changes something or is said to wait. */
    private static void waits(TwoMechanics plan) {
        for (boolean first : new boolean[] {true, false}) {
            var own = plan.turns().stream().filter(t -> first ? t.first() : t.second()).toList();
            double busy = own.stream().mapToDouble(t -> t.to() - t.from() + t.changing()).sum();
            double waited =
                    plan.waits().stream()
                            .filter(w -> w.first() == first)
                            .mapToDouble(w -> w.to() - w.from())
                            .sum();
            assertThat(busy + waited)
                    .isCloseTo(own.stream().mapToDouble(Turn::to).max().orElse(0), within(1e-6));
        }
        assertThat(plan.waits()).extracting(Wait::what).allMatch(w -> !w.isBlank());
    }

    private static Turn turn(TwoMechanics plan, String id) {
        return plan.turns().stream().filter(t -> t.task().equals(id)).findFirst().orElseThrow();
    }

    /** Every order of starts with either mechanic at each task, reckoned anew: nothing is quicker than a plan that says so. */
    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsQuickerThanAnExactPlan(int seed) {
        var graph = random(seed + 5000, 5);
        var plan = TwoMechanics.of(graph, Handling.ANY, COST);
        assertThat(plan.isExact()).isTrue();
        assertThat(plan.minutes()).isCloseTo(new Enumeration(graph).quickest(), within(SAME));
    }

    private static final class Enumeration {
        private final TaskGraph graph;
        private double best = Double.POSITIVE_INFINITY;

        Enumeration(TaskGraph graph) {
            this.graph = graph;
        }

        double quickest() {
            next(new ArrayList<>(), new HashSet<>());
            return best;
        }

        private record Given(Task task, int who) {}

        private void next(List<Given> so, Set<String> done) {
            if (so.size() == graph.tasks().size()) {
                best = Math.min(best, end(so));
                return;
            }
            for (var task : graph.tasks()) {
                boolean free =
                        !done.contains(task.id())
                                && graph.befores().stream()
                                        .filter(b -> b.then().equals(task.id()))
                                        .allMatch(b -> done.contains(b.first()));
                for (int who = 0; free && who < 2; who++) {
                    so.add(new Given(task, who));
                    done.add(task.id());
                    next(so, done);
                    done.remove(task.id());
                    so.remove(so.size() - 1);
                }
            }
        }

        private static int hand(Given given, String[] toolOf) {
            var tool = given.task.handling().tool();
            if (given.task.people() == 1) {
                return given.who;
            }
            return Objects.equals(toolOf[1], tool) && !Objects.equals(toolOf[0], tool) ? 1 : 0;
        }

        /** When the last is finished if each begins as early as those given before it allow. */
        private double end(List<Given> order) {
            var ends = new HashMap<String, Double>();
            var toolOf = new String[2];
            var idle = new double[2];
            Map<String, Double> used = new HashMap<>();
            String side = null;
            String place = null;
            double lies = 0;
            double all = 0;
            for (var given : order) {
                var asks = given.task.handling();
                double ready =
                        given.task.people() == 2 ? Math.max(idle[0], idle[1]) : idle[given.who];
                if (asks.tool() != null) {
                    ready = Math.max(ready, used.getOrDefault(asks.tool(), 0.0));
                    ready +=
                            Objects.equals(toolOf[hand(given, toolOf)], asks.tool())
                                    ? 0
                                    : COST.toolChange();
                }
                ready = Math.max(ready, lies);
                for (var b : graph.befores()) {
                    if (b.then().equals(given.task.id())) {
                        ready = Math.max(ready, ends.get(b.first()));
                    }
                }
                for (var thing : given.task.holds()) {
                    ready = Math.max(ready, used.getOrDefault("hold " + thing, 0.0));
                }
                boolean over = asks.position() != null && !asks.position().equals(side);
                boolean away = asks.area() != null && !asks.area().equals(place);
                if (over || away) {
                    ready =
                            Math.max(ready, all)
                                    + (over ? COST.flip() : 0)
                                    + (away ? COST.move() : 0);
                    lies = ready;
                    side = over ? asks.position() : side;
                    place = away ? asks.area() : place;
                }
                double end = ready + given.task.minutes();
                ends.put(given.task.id(), end);
                idle[given.who] = end;
                idle[1 - given.who] = given.task.people() == 2 ? end : idle[1 - given.who];
                if (asks.tool() != null) {
                    toolOf[hand(given, toolOf)] = asks.tool();
                    used.put(asks.tool(), end);
                }
                given.task.holds().forEach(h -> used.put("hold " + h, end));
                all = Math.max(all, end);
            }
            return all;
        }
    }

    /** Alone, the other way up and back: two can do no better on one unit than one after the other. */
    @Test
    void aUnitDoesNotLieTwoWaysAtOnce() {
        var graph =
                Graphs.of(
                        List.of(
                                Graphs.task("a", 5, null, "up", null),
                                Graphs.task("b", 5, null, "down", null)));
        assertThat(TwoMechanics.of(graph, new Handling(null, "up", null), COST).minutes())
                .isCloseTo(5 + 3 + 5, within(SAME));
        assertThat(TwoMechanics.of(graph, Handling.ANY, COST).minutes())
                .isCloseTo(3 + 5 + 3 + 5, within(SAME));
    }

    /** One spanner between two: the second waits for it, and it is said. */
    @Test
    void thereIsOneOfEachTool() {
        var graph =
                Graphs.of(
                        List.of(
                                Graphs.task("a", 5, "hook spanner", null, null),
                                Graphs.task("b", 4, "hook spanner", null, null)));
        var plan = TwoMechanics.of(graph, Handling.ANY, COST);
        assertThat(plan.minutes()).isCloseTo(1 + 5 + 4, within(SAME));
        assertThat(plan.turns()).extracting(Turn::first).containsOnly(true);
    }

    @Test
    void saysWhatAMechanicWaitsFor() {
        var graph =
                Graphs.of(
                        List.of(
                                Graphs.task("a", 5, null, null, null),
                                Graphs.task("c", 2, null, null, null),
                                new Task("b", "both", 4, Handling.ANY, 2, Set.of())),
                        "a>b",
                        "c>b");
        assertThat(TwoMechanics.of(graph, Handling.ANY, COST).waits())
                .singleElement()
                .satisfies(
                        w -> {
                            assertThat(w.to() - w.from()).isCloseTo(3, within(SAME));
                            assertThat(w.what()).isEqualTo("the other mechanic");
                        });
    }

    /** Ten steps on ten ends in any order: an answer in bounded work, and honest about it. */
    @Test
    void anOpenQuestionIsAnsweredWithItsBound() {
        var tasks = new ArrayList<Task>();
        for (int i = 0; i < 14; i++) {
            tasks.add(
                    Graphs.task(
                            "t" + i, 1 + i % 5 + i / 10.0, "tool" + i % 4, "side" + i % 3, null));
        }
        var plan = replayed(new TaskGraph(tasks, List.of()), Handling.ANY);
        assertThat(plan.minutes()).isLessThan(1.3 * plan.boundMinutes());
    }
}
