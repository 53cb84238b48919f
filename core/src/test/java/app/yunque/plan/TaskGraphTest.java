package app.yunque.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.plan.RebuildSequence.Changes;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What leads to what, and which of two orders changes something less often. */
class TaskGraphTest {
    private final TaskGraph graph =
            Graphs.of(Graphs.named("a", "b", "c", "d", "e"), "a>b>c>d", "a>e>d");

    @ParameterizedTest(name = "{0} leads to {1}: {2}")
    @CsvSource({
        "a, b, true",
        "a, d, true",
        "e, d, true",
        "b, e, false",
        "d, a, false",
        "c, b, false",
        "a, a, false"
    })
    void knowsWhatLeadsToWhat(String first, String then, boolean leads) {
        assertThat(graph.leadsTo(first, then)).isEqualTo(leads);
    }

    @Test
    void namesWhatStandsBetweenOnTheShortestChain() {
        assertThat(graph.between("a", "d")).containsExactly("e");
        assertThat(graph.between("a", "c")).containsExactly("b");
        assertThat(graph.between("a", "b")).isEmpty();
        assertThat(graph.between("b", "e")).as("nothing leads there").isEmpty();
        assertThat(Graphs.of(Graphs.named("a", "b", "c", "d"), "a>b>c>d").between("a", "d"))
                .containsExactly("b", "c");
    }

    /** Tools, turns, moves: fewer of one kind is enough, whatever the rest does. */
    @ParameterizedTest(name = "{0} {1} {2}: {3}")
    @CsvSource({
        "2, 2, 2, false",
        "1, 9, 9, true",
        "9, 1, 9, true",
        "9, 9, 1, true",
        "3, 3, 3, false",
        "2, 2, 3, false"
    })
    void fewerOfOneKindIsEnough(int tools, int flips, int moves, boolean fewer) {
        assertThat(new Changes(tools, flips, moves).hasOneFewerThan(new Changes(2, 2, 2)))
                .isEqualTo(fewer);
    }

    @Test
    void withoutLeavesOutWhatWasNamedAndNothingElse() {
        var first = graph.befores().get(0);
        assertThat(graph.without(first).befores())
                .hasSize(graph.befores().size() - 1)
                .doesNotContain(first);
        var way = new EitherWay.OneWay("", List.of(Graphs.before("a", "b")));
        var one = new EitherWay("b", List.of(way));
        var other = new EitherWay("a", List.of(way));
        var both = new TaskGraph(graph.tasks(), List.of(), List.of(one, other));
        assertThat(both.without(one).choices()).containsExactly(other);
    }
}
