package app.yunque.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

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
}
