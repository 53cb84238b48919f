package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What differs from the last time the unit was open, and what a mechanic says about the order. */
class SinceLastTimeTest {
    private static List<String> told(List<TeardownStep> before, List<TeardownStep> now) {
        return SinceLastTime.between(before, now).differences().stream()
                .map(SinceLastTime.Difference::says)
                .toList();
    }

    private static Steps cover(int number) {
        return step(number, "bearing cover", PartKind.COVER).on(1, Side.LEFT);
    }

    private static Steps shim(int number) {
        return step(number, "shim", PartKind.SHIM).on(1, Side.LEFT);
    }

    @Test
    void nothingDiffersTheFirstTimeOrWhenAllIsAsItWas() {
        var now = List.of(cover(1).screws(4, "M8", 25, false).build(), shim(2).count(2).build());
        assertThat(told(List.of(), now)).isEmpty();
        assertThat(told(now, now)).isEmpty();
        var otherOrder =
                List.of(shim(1).count(2).build(), cover(2).screws(4, "M8", 25, false).build());
        assertThat(told(otherOrder, now)).as("the order is the mechanic's").isEmpty();
    }

    @Test
    void everyDifferenceIsToldAtItsStep() {
        var thick = new StepDetail.Body(null, List.of(), null, 0.5, null);
        var thin = new StepDetail.Body(null, List.of(), null, 0.3, null);
        var before =
                List.of(
                        cover(1).screws(4, "M8", 25, false).build(),
                        shim(2).count(3).body(thick).build(),
                        step(3, "lip seal", PartKind.SEAL)
                                .on(1, Side.LEFT)
                                .wayRound("lip in")
                                .build());
        var now =
                List.of(
                        cover(1).screws(4, "M8", 35, false).build(),
                        shim(2).count(2).body(thin).build(),
                        step(3, "Lip seal", PartKind.SEAL)
                                .on(1, Side.LEFT)
                                .wayRound("lip out")
                                .build(),
                        step(4, "spacer", PartKind.SPACER).on(1, Side.LEFT).build());
        var found = SinceLastTime.between(before, now).differences();
        assertThat(found)
                .extracting(SinceLastTime.Difference::number)
                .containsExactly(1, 2, 2, 3, 4);
        assertThat(found)
                .extracting(SinceLastTime.Difference::says)
                .satisfiesExactly(
                        s -> assertThat(s).contains("25", "last time, now by", "35"),
                        s -> assertThat(s).isEqualTo("Shim: 2 now, 3 last time."),
                        s -> assertThat(s).isEqualTo("Shim: 0.3 mm thick now, 0.5 mm last time."),
                        s -> assertThat(s).contains("“lip in” last time, now “lip out”"),
                        s -> assertThat(s).isEqualTo("Spacer was not there last time."));
    }

    /** Each part of the former strip stands for one part now: of two alike, the second is new. */
    @Test
    void aFormerPartIsUsedOnce() {
        var before = List.of(shim(1).build());
        var now = List.of(shim(1).build(), shim(2).build());
        assertThat(told(before, now)).containsExactly("Shim was not there last time.");
    }

    @Test
    void aStatementNamesItsStepsAndItsReason() {
        var strip =
                List.of(
                        cover(1).build(),
                        shim(2).build(),
                        step(3, "shaft", PartKind.SHAFT).build());
        var must = new Statement("x", Statement.Kind.MUST, "s1", "s2", "", " covers it ");
        assertThat(must.inWords(strip))
                .isEqualTo("1 bearing cover must be off before 2 shim: covers it.");
        var either = new Statement("x", Statement.Kind.EITHER, "s1", "s3", "s2", "two ways out");
        assertThat(either.inWords(strip))
                .isEqualTo(
                        "3 shaft comes off after 1 bearing cover or after 2 shim: two ways out.");
        var free = new Statement("x", Statement.Kind.FREE, "s1", "gone", "", "");
        assertThat(free.inWords(strip))
                .isEqualTo("The order of 1 bearing cover and a step that is gone does not matter.");
    }

    @Test
    void aStatementThatSaysNothingIsRefused() {
        assertThatThrownBy(() -> new Statement("x", Statement.Kind.MUST, "s1", "s1", "", "why"))
                .hasMessageContaining("before itself");
        assertThatThrownBy(() -> new Statement("x", Statement.Kind.MUST, "s1", "s2", "", " "))
                .hasMessageContaining("Say why");
        assertThatThrownBy(() -> new Statement("x", Statement.Kind.EITHER, "s1", "s2", "", "why"))
                .hasMessageContaining("Choose the steps");
        assertThatThrownBy(
                        () ->
                                new Statement(
                                        "x", Statement.Kind.MUST, "s1", "s2", "", "x".repeat(201)))
                .hasMessageContaining("201 characters; at most 200");
    }
}
