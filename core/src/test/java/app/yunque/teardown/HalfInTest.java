package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.teardown.Envelope.Section;
import app.yunque.teardown.Opening.Faces;
import app.yunque.teardown.Opening.Shape;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What goes on while a shaft is half in. Geometry; how it is done is common practice, no source. */
class HalfInTest {
    private static final String HOLD = "; hold each in line, fingers out of bores and gaps.";

    private final TeardownStep shaft =
            step(1, "feed shaft", PartKind.SHAFT)
                    .on(1, Side.MIDDLE)
                    .envelope(
                            Envelope.stepped(
                                    List.of(
                                            new Section(30, 50),
                                            new Section(30, 50),
                                            new Section(30, 50),
                                            new Section(30, 50))))
                    .build();

    private static Opening bore(Faces faces) {
        return new Opening("end bore", Shape.ROUND, 35, 35, "", faces, 1, null);
    }

    private static TeardownStep hub(int number, String name, Integer seat) {
        return step(number, name, PartKind.GEAR)
                .on(1, Side.MIDDLE)
                .hub(Envelope.round(96, 28), 30.0, seat)
                .build();
    }

    private static TeardownStep ring(int number, Integer seat) {
        return step(number, "snap ring", PartKind.CIRCLIP)
                .on(1, Side.MIDDLE)
                .hub(Envelope.round(34, 2), null, seat)
                .build();
    }

    private java.util.Map<String, String> told(Faces from, TeardownStep... onIt) {
        return new HalfIn(new DrawnOut(shaft, bore(from)), List.of(onIt)).told();
    }

    /** What sits nearest to the opening is met first, whatever the order of the log. */
    @Test
    void theShaftMeetsFirstWhatIsNearest() {
        assertThat(told(Faces.LEFT, hub(3, "far hub", 4), hub(2, "near hub", 2)))
                .containsExactly(
                        java.util.Map.entry(
                                "s1",
                                "Half in by the end bore: it goes through the near hub, then through the far hub"
                                        + HOLD));
        assertThat(told(Faces.RIGHT, hub(2, "near hub", 2), hub(3, "far hub", 4)).get("s1"))
                .contains("it goes through the far hub, then through the near hub");
    }

    /** A ring on step 3 between hubs on 2 and 4 goes over the end on the way; one with nothing beyond it goes on after. */
    @ParameterizedTest(name = "from the {0}, ring on {1}: {2}")
    @CsvSource({
        "LEFT,  3, between",
        "RIGHT, 3, between",
        "LEFT,  1, with the shaft",
        "RIGHT, 1, after",
        "LEFT,  5, after",
        "RIGHT, 5, with the shaft"
    })
    void aRingGoesOnBetweenBeforeOrAfter(Faces from, int seat, String when) {
        var told = told(from, hub(2, "left hub", 2), ring(4, seat), hub(3, "right hub", 4));
        var first = from == Faces.LEFT ? "left" : "right";
        var then = from == Faces.LEFT ? "right" : "left";
        switch (when) {
            case "between" -> {
                assertThat(told.get("s1"))
                        .isEqualTo(
                                "Half in by the end bore: it goes through the %s hub, then slip the snap ring over its end, then through the %s hub%s"
                                        .formatted(first, then, HOLD));
                assertThat(told.get("s4")).startsWith("It is over the shaft already");
            }
            case "after" -> {
                assertThat(told.get("s1")).doesNotContain("snap ring");
                assertThat(told.get("s4"))
                        .isEqualTo(
                                "Goes on inside, over the end of the shaft that has come through.");
            }
            default -> assertThat(told).containsOnlyKeys("s1");
        }
    }

    /** Nobody said on which steps the two sit: the order is not made up. */
    @Test
    void doesNotMakeUpAnOrder() {
        assertThat(told(Faces.LEFT, hub(2, "hub", null), hub(3, "spacer", null)).get("s1"))
                .isEqualTo(
                        "Half in by the end bore: it goes through the hub and the spacer, in the order in which they sat"
                                + HOLD);
    }

    @Test
    void saysNothingWhereNothingStaysInside() {
        var small =
                step(2, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(34, 28), 30.0, 2)
                        .build();
        assertThat(told(Faces.LEFT, small, ring(3, 3))).isEmpty();
        assertThat(told(Faces.LEFT)).isEmpty();
    }

    /** The card of the rebuild says it, once for every way by which the shaft may come. */
    @Test
    void theCardSaysIt() {
        var steps = List.of(shaft, hub(2, "hub", 2), ring(3, 3));
        var model =
                new StripModel(
                        steps,
                        List.of(),
                        List.of(
                                bore(Faces.LEFT),
                                new Opening(
                                        "other bore",
                                        Shape.ROUND,
                                        35,
                                        35,
                                        "",
                                        Faces.RIGHT,
                                        1,
                                        null)),
                        List.of("feed shaft"));
        var cards =
                RebuildOrder.of(
                                steps,
                                Set.of(),
                                List.of("feed shaft"),
                                List.of(),
                                List.of(),
                                model.halfIn())
                        .cards();
        assertThat(cards.get(2).halfIn())
                .containsExactly(
                        "Half in by the end bore: it goes through the hub; hold it in line, fingers out of bores and gaps.",
                        "Half in by the other bore: it goes through the hub; hold it in line, fingers out of bores and gaps.");
        assertThat(cards.get(0).halfIn()).hasSize(1);
        assertThat(cards.get(1).halfIn()).isEmpty();
    }
}
