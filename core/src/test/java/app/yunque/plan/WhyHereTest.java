package app.yunque.plan;

import static app.yunque.plan.Graphs.task;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class WhyHereTest {
    private static final HandlingCost COST = HandlingCost.USUAL;

    /** Two with pliers, one with a key between them would cost two changes more; worked by hand. */
    @Test
    void tellsWhatHoldsAStepAndWhatItsPlaceSaves() {
        var graph =
                Graphs.of(
                        List.of(
                                task("spring", 1, "pliers", null, null),
                                task("clip", 1, "pliers", null, null),
                                task("plug", 1, "hex 5", null, null)),
                        "spring>plug");

        var told = WhyHere.inOrder(graph, List.of("spring", "clip", "plug"), Handling.ANY, COST);

        assertThat(told).extracting(WhyHere::task).containsExactly("spring", "clip", "plug");
        var spring = told.get(0);
        assertThat(List.of(spring.earliest(), spring.latest())).containsExactly(1, 2);
        assertThat(spring.after()).isNull();
        assertThat(spring.before()).isEqualTo(Graphs.before("spring", "plug"));
        assertThat(spring.saves()).as("the two with pliers may change places").isZero();
        var clip = told.get(1);
        assertThat(List.of(clip.earliest(), clip.latest())).containsExactly(1, 3);
        assertThat(clip.after()).isNull();
        assertThat(clip.before()).isNull();
        var plug = told.get(2);
        assertThat(List.of(plug.earliest(), plug.latest())).containsExactly(2, 3);
        assertThat(plug.after()).isEqualTo(Graphs.before("spring", "plug"));
        assertThat(plug.saves())
                .as("between them the pliers are taken twice")
                .isCloseTo(1, within(1e-9));
    }

    @Test
    void namesTheWayThatWouldBeClosed() {
        var way = Graphs.before("gear", "cover");
        var graph =
                new TaskGraph(
                        Graphs.named("gear", "cover", "lid"),
                        List.of(),
                        List.of(
                                new EitherWay(
                                        "gear",
                                        List.of(
                                                new EitherWay.OneWay("by the cover", List.of(way)),
                                                new EitherWay.OneWay(
                                                        "by the lid",
                                                        List.of(Graphs.before("gear", "lid")))))));

        var told = WhyHere.inOrder(graph, List.of("lid", "gear", "cover"), Handling.ANY, COST);

        assertThat(told.get(1).latest()).as("the lid is on already").isEqualTo(2);
        assertThat(told.get(1).before()).isEqualTo(way);
        assertThat(told.get(1).earliest()).isEqualTo(1);
        assertThat(told.get(2).earliest()).isEqualTo(3);
        assertThat(told.get(2).after()).isEqualTo(way);
    }

    @Test
    void aStepAloneIsHeldByNothing() {
        var told =
                WhyHere.inOrder(
                        new TaskGraph(Graphs.named("a"), List.of()),
                        List.of("a"),
                        Handling.ANY,
                        COST);
        assertThat(told).containsExactly(new WhyHere("a", 1, 1, null, null, 0));
    }
}
