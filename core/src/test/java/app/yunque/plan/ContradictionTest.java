package app.yunque.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ContradictionTest {

    // Worked example of the rebuild brief: a cycle of six goes through the cover, one of three does
    // not.
    @Test
    void tellsTheShortestCycleOnly() {
        var graph =
                Graphs.of(
                        Graphs.named("cover", "gasket", "shaft", "yoke", "pin", "lever"),
                        "cover>gasket>shaft>yoke>pin>shaft",
                        "pin>lever>cover");

        var found = Contradiction.in(graph).orElseThrow();

        assertThat(found.cycle()).extracting(Before::first).containsExactly("pin", "shaft", "yoke");
        assertThat(found.says())
                .startsWith(
                        "These 3 statements contradict each other: “pin” must come off before “shaft” (told);");
    }

    @Test
    void offersWhatWasSaidBeforeWhatWasMeasured() {
        var graph =
                new TaskGraph(
                        Graphs.named("hub", "shaft"),
                        List.of(
                                new Before(
                                        "shaft",
                                        "hub",
                                        "the hub does not pass the side hole",
                                        Before.Origin.PASSAGE),
                                new Before("hub", "shaft", "Tomás says so", Before.Origin.STATED)));

        assertThat(Contradiction.in(graph).orElseThrow().frees())
                .extracting(Before::origin)
                .containsExactly(Before.Origin.STATED, Before.Origin.PASSAGE);
    }

    @Test
    void dropsNothingThatWouldNotHelp() {
        var graph = Graphs.of(Graphs.named("a", "b", "c", "d"), "a>b>a", "c>d>c");

        assertThat(Contradiction.in(graph).orElseThrow().frees()).isEmpty();
    }

    @Test
    void explainsACycleOfSixtyParts() {
        var ids = new String[60];
        for (int i = 0; i < ids.length; i++) {
            ids[i] = "part" + i;
        }
        var round = new ArrayList<>(List.of(ids));
        round.add(ids[0]);

        var found =
                Contradiction.in(Graphs.of(Graphs.named(ids), String.join(">", round)))
                        .orElseThrow();

        assertThat(found.cycle()).hasSize(60);
        assertThat(found.frees()).hasSize(60);
    }

    @Test
    void refusesAPartBeforeItself() {
        assertThatThrownBy(() -> Graphs.of(Graphs.named("yoke"), "yoke>yoke"))
                .hasMessage("“yoke” cannot have to come off before itself.");
    }

    @Test
    void findsNoneWhereThereIsAnOrder() {
        assertThat(Contradiction.in(Graphs.of(Graphs.named("a", "b", "c"), "a>b>c", "a>c")))
                .isEmpty();
    }

    /** A gear that can go out two ways, both closed by what must stay until the gear is out: every way is told. */
    @Test
    void tellsEveryBlockedWayWhereOnlyTheWaysLeaveNoOrder() {
        var graph =
                new TaskGraph(
                        Graphs.named("gear", "left cover", "right cover", "rod"),
                        List.of(
                                Graphs.before("gear", "left cover"),
                                Graphs.before("gear", "right cover"),
                                Graphs.before("rod", "gear")),
                        List.of(
                                new EitherWay(
                                        "gear",
                                        List.of(
                                                way("by the left", "left cover"),
                                                way("by the right", "right cover")))));

        var why = Contradiction.in(graph).orElseThrow();

        assertThat(why.cycle())
                .extracting(Before::then)
                .as("the rod is no part of it")
                .containsExactly("left cover", "right cover");
        assertThat(why.choices()).hasSize(1);
        assertThat(why.says())
                .isEqualTo(
                        "These 3 statements contradict each other: “gear” must come off before “left cover” (told); “gear” must come off before “right cover” (told); “gear” comes off by the left: after “left cover” (told), or by the right: after “right cover” (told). One of them is wrong, or a second way out is missing.");
        assertThat(why.frees())
                .extracting(Before::then)
                .containsExactly("left cover", "right cover");
        assertThat(why.freeing()).extracting(EitherWay::task).containsExactly("gear");
    }

    @Test
    void oneOpenWayIsEnough() {
        var graph =
                new TaskGraph(
                        Graphs.named("gear", "left cover", "right cover"),
                        List.of(Graphs.before("gear", "left cover")),
                        List.of(
                                new EitherWay(
                                        "gear",
                                        List.of(
                                                way("by the left", "left cover"),
                                                way("by the right", "right cover")))));
        assertThat(Contradiction.in(graph)).isEmpty();
        assertThat(graph.allows(List.of("right cover", "gear", "left cover"))).isTrue();
        assertThat(graph.allows(List.of("gear", "right cover", "left cover"))).isFalse();
        assertThat(graph.allows(List.of("left cover", "gear", "right cover"))).isFalse();
        assertThat(graph.allows(List.of("right cover", "gear"))).isFalse();
        assertThat(graph.allows(List.of("right cover", "gear", "gear"))).isFalse();
        assertThat(graph.reversed().allows(List.of("left cover", "gear", "right cover"))).isTrue();
    }

    /**
     * Of random tasks with choices: there is a contradiction exactly where no order of all orders is allowed; nothing in it is idle; and
     * what is said to free the order does.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    void isMinimalAndTrueAgainstAllOrders(int seed) {
        var random = new Random(seed);
        var ids = List.of("a", "b", "c", "d", "e");
        var befores = new ArrayList<Before>();
        for (int i = 0; i < 4; i++) {
            befores.add(pair(ids, random));
        }
        var choices = new ArrayList<EitherWay>();
        for (int i = 0; i < 3; i++) {
            var task = ids.get(random.nextInt(5));
            var ways = new ArrayList<EitherWay.OneWay>();
            for (int w = 0; w < 2; w++) {
                var other = ids.get(random.nextInt(5));
                if (!other.equals(task)) {
                    ways.add(
                            new EitherWay.OneWay(
                                    "way " + w,
                                    List.of(
                                            random.nextInt(3) == 0
                                                    ? Graphs.before(task, other)
                                                    : Graphs.before(other, task))));
                }
            }
            if (!ways.isEmpty()) {
                choices.add(new EitherWay(task, ways));
            }
        }
        var tasks = Graphs.named(ids.toArray(new String[0]));
        var graph = new TaskGraph(tasks, befores, choices);

        var found = Contradiction.in(graph);

        assertThat(found.isPresent()).isEqualTo(noneIsAllowed(graph));
        if (found.isPresent()) {
            var told = new TaskGraph(tasks, found.get().cycle(), found.get().choices());
            assertThat(noneIsAllowed(told)).isTrue();
            told.befores()
                    .forEach(b -> assertThat(noneIsAllowed(told.without(b))).as("%s", b).isFalse());
            told.choices()
                    .forEach(c -> assertThat(noneIsAllowed(told.without(c))).as("%s", c).isFalse());
            assertThat(found.get().frees())
                    .containsExactlyInAnyOrderElementsOf(
                            told.befores().stream()
                                    .filter(b -> !noneIsAllowed(graph.without(b)))
                                    .toList());
            assertThat(found.get().freeing())
                    .containsExactlyInAnyOrderElementsOf(
                            told.choices().stream()
                                    .filter(c -> !noneIsAllowed(graph.without(c)))
                                    .toList());
        }
    }

    static IntStream seeds() {
        return IntStream.range(0, 400);
    }

    private static Before pair(List<String> ids, Random random) {
        int first = random.nextInt(5);
        int then = (first + 1 + random.nextInt(4)) % 5;
        return Graphs.before(ids.get(first), ids.get(then));
    }

    private static boolean noneIsAllowed(TaskGraph graph) {
        return orders(graph.tasks().stream().map(Task::id).toList()).stream()
                .noneMatch(graph::allows);
    }

    private static List<List<String>> orders(List<String> ids) {
        if (ids.isEmpty()) {
            return List.of(List.of());
        }
        var found = new ArrayList<List<String>>();
        for (var first : ids) {
            var others = ids.stream().filter(i -> !i.equals(first)).toList();
            for (var rest : orders(others)) {
                var order = new ArrayList<>(List.of(first));
                order.addAll(rest);
                found.add(order);
            }
        }
        return found;
    }

    private static EitherWay.OneWay way(String name, String after) {
        return new EitherWay.OneWay(name, List.of(Graphs.before(after, "gear")));
    }

    @Test
    void refusesAWayThatSpeaksOfOthers() {
        assertThatThrownBy(
                        () ->
                                new EitherWay(
                                        "gear",
                                        List.of(
                                                new EitherWay.OneWay(
                                                        "", List.of(Graphs.before("a", "b"))))))
                .hasMessageContaining("speaks of a and b only");
        assertThatThrownBy(() -> new EitherWay("gear", List.of()))
                .hasMessageContaining("Say at least one");
        assertThatThrownBy(
                        () ->
                                new TaskGraph(
                                        Graphs.named("gear"),
                                        List.of(),
                                        List.of(
                                                new EitherWay(
                                                        "gear",
                                                        List.of(way("by the left", "lid"))))))
                .hasMessageContaining("there is no step lid");
    }
}
