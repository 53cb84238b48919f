package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.fastener.ScrewPattern;
import app.yunque.fastener.ScrewPattern.Arrangement;
import app.yunque.measure.Refused;
import app.yunque.teardown.Fastening.AsTyped;
import app.yunque.teardown.Fastening.Locking;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Rounds of 30, 70 and 100 % and once round: common practice, no source. */
class TighteningTest {

    private static Fastening set(int count, String thread, @Nullable Double torque, String byFeel) {
        return new Fastening(
                count,
                thread,
                25.0,
                false,
                torque,
                torque == null ? "" : "maker's sheet",
                "",
                Locking.NONE,
                null,
                AsTyped.CANONICAL,
                byFeel);
    }

    private static TeardownStep cover(@Nullable ScrewPattern screws, Fastening... sets) {
        var plain = step(1, "cover", PartKind.COVER).build();
        var detail =
                new StepDetail(
                        StepDetail.Work.ANY,
                        StepDetail.Body.UNKNOWN,
                        StepDetail.Found.NOTHING,
                        new StepDetail.Back("", "", null, GoesOn.UNSAID, false, "", null, screws),
                        "",
                        false,
                        List.of(sets).subList(1, sets.length));
        return new TeardownStep(
                plain.id(),
                1,
                plain.part(),
                plain.kind(),
                1,
                0,
                Side.LEFT,
                null,
                "",
                sets[0],
                false,
                "A",
                Condition.SOUND,
                "",
                detail);
    }

    @Test
    void inRoundsToTheTorque() {
        var eight = Tightening.of(cover(null, set(8, "M8", 24.0, "")));
        assertThat(eight.order()).containsExactly(1, 5, 3, 7, 2, 6, 4, 8);
        assertThat(eight.rounds())
                .containsExactly(
                        "snug by hand",
                        "7.2 N·m",
                        "16.8 N·m",
                        "24 N·m",
                        "once round at the torque, until none moves");
    }

    @Test
    void setByFeelOrByAFigureNobodyKnows() {
        assertThat(Tightening.of(cover(null, set(4, "M6", null, "finger tight"))).rounds())
                .as("nothing tighter before it")
                .containsExactly("finger tight");
        assertThat(Tightening.of(cover(null, set(4, "M6", null, ""))).rounds())
                .containsExactly("snug by hand", "half tight", "tight, to the maker’s figure");
        assertThat(
                        Tightening.of(
                                        cover(
                                                null,
                                                set(4, "M6", 10.0, ""),
                                                set(2, "M8", null, "snug")))
                                .rounds())
                .as("one set without a figure")
                .endsWith("tight, to the maker’s figure");
    }

    @Test
    void twoSetsTogether() {
        var both = Tightening.of(cover(null, set(4, "M8", 20.0, ""), set(2, "M10", 40.0, "")));
        assertThat(both.screws()).hasSize(6);
        assertThat(both.rounds()).contains("M8 6 N·m, M10 12 N·m", "M8 20 N·m, M10 40 N·m");
    }

    @Test
    void whatHasSetIsNotTouchedAgain() {
        var locked =
                new Fastening(
                        6, "M8", 25.0, false, 24.0, "sheet", "", Locking.THREADLOCK_LOW, null);
        assertThat(Tightening.of(cover(null, locked)).rounds().get(4))
                .contains("never again when the compound has set");
        for (var locking : Locking.values()) {
            assertThat(locking.setsForGood())
                    .as(locking.words())
                    .isEqualTo(locking.words().startsWith("threadlocker"));
        }
    }

    @Test
    void inItsPattern() {
        var frame = new ScrewPattern(Arrangement.FRAME, 3, 2, 60, 80, List.of());
        var six = cover(frame, set(6, "M8", 24.0, ""));
        assertThat(Tightening.of(six).order()).containsExactly(2, 5, 1, 4, 6, 3);
        var card =
                RebuildOrder.of(List.of(six), Set.of(), List.of("input", "output")).cards().get(0);
        assertThat(card.screws()).hasSize(6);
        assertThat(card.rounds()).hasSize(5);
        assertThat(card.fasten()).contains("from the middle outwards in rounds");
        assertThatThrownBy(() -> cover(frame, set(8, "M8", 24.0, "")))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("of 6 screws, and 8 are noted");
        assertThatThrownBy(() -> cover(frame, set(6, "M8", 24.0, ""), set(2, "M6", null, "snug")))
                .as("all sets are counted")
                .hasMessageContaining("and 8 are noted");
    }

    @Test
    void nothingWhereNothingCrosses() {
        assertThat(Tightening.of(cover(null, set(2, "M8", 24.0, "")))).isEqualTo(Tightening.NONE);
        assertThat(Tightening.of(cover(null, set(3, "M8", 24.0, ""))).order()).hasSize(3);
        assertThat(Tightening.of(cover(null, set(24, "M8", 24.0, ""))).order()).hasSize(24);
        assertThat(Tightening.of(cover(null, set(25, "M8", 24.0, "")))).isEqualTo(Tightening.NONE);
    }
}
