package app.yunque.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What giving up one thing of a contradiction leaves; the minutes are added up by hand. */
class RelaxationTest {
    private static final HandlingCost COST = new HandlingCost(1, 2, 1.5);

    /** Three minutes of work each and one tool each: six minutes and two tools, whichever of the two sentences goes. */
    @Test
    void leavesAnOrderOfSoManyMinutes() {
        var hub = new Task("hub", "hub", 3, new Handling("puller", null, null));
        var shaft = new Task("shaft", "shaft", 3, new Handling("mallet", null, null));
        var passage = new Before("shaft", "hub", "the hub does not pass", Before.Origin.PASSAGE);
        var said = new Before("hub", "shaft", "so it was said", Before.Origin.STATED);

        var found = relaxations(new TaskGraph(List.of(hub, shaft), List.of(passage, said)));

        assertThat(found)
                .containsExactly(
                        new Relaxation("“hub” comes off before “shaft” (so it was said)", 8.0, ""),
                        new Relaxation(
                                "“shaft” comes off before “hub” (the hub does not pass)", 8.0, ""));
    }

    /** Two rings of contradictions beside each other: giving up one thing leaves the other ring, which is told. */
    @Test
    void tellsWhatStillContradictsItself() {
        var found = relaxations(Graphs.of(Graphs.named("a", "b", "c", "d"), "a>b>a", "c>d>c"));

        assertThat(found).hasSize(2);
        assertThat(found)
                .allSatisfy(
                        r -> {
                            assertThat(r.minutes()).isNull();
                            assertThat(r.next()).contains("“c” must come off before “d”");
                        });
    }

    /** a before b before c before a, and b before a: only b before c before a and b before a are two rings over “a before b”. */
    @Test
    void whatLeavesAnOrderStandsFirst() {
        var graph =
                new TaskGraph(
                        Graphs.named("a", "b", "c"),
                        List.of(
                                new Before("b", "a", "said", Before.Origin.STATED),
                                new Before("a", "b", "log", Before.Origin.LOG),
                                new Before("b", "c", "log", Before.Origin.LOG),
                                new Before("c", "a", "log", Before.Origin.LOG)));

        assertThat(relaxations(graph))
                .extracting(Relaxation::givenUp, r -> r.minutes() != null)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("“a” comes off before “b” (log)", true),
                        org.assertj.core.groups.Tuple.tuple(
                                "“b” comes off before “a” (said)", false));
    }

    /** A gear whose two ways are both closed: without the choice it comes off as it likes. */
    @Test
    void aChoiceIsGivenUpToo() {
        var graph =
                new TaskGraph(
                        Graphs.named("gear", "left cover", "right cover"),
                        List.of(
                                new Before("gear", "left cover", "log", Before.Origin.LOG),
                                new Before("gear", "right cover", "log", Before.Origin.LOG)),
                        List.of(
                                new EitherWay(
                                        "gear",
                                        List.of(
                                                way("left", "left cover"),
                                                way("right", "right cover")))));

        assertThat(relaxations(graph))
                .extracting(Relaxation::givenUp, r -> r.minutes() != null)
                .contains(
                        org.assertj.core.groups.Tuple.tuple(
                                "“gear” comes off only left, or right", true));
    }

    @Test
    void eitherLeavesAnOrderOrSaysWhyNot() {
        assertThatThrownBy(() -> new Relaxation("x", null, "")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Relaxation("x", 3.0, "still")).isInstanceOf(Refused.class);
    }

    private static EitherWay.OneWay way(String name, String first) {
        return new EitherWay.OneWay(
                name, List.of(new Before(first, "gear", "closed", Before.Origin.PASSAGE)));
    }

    private static List<Relaxation> relaxations(TaskGraph strip) {
        return Relaxation.of(Contradiction.in(strip).orElseThrow(), strip, COST, Patience.ENDLESS);
    }
}
