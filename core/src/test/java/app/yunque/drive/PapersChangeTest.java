package app.yunque.drive;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.drive.PapersChange.Difference;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is different between papers before and after; ratios worked out by hand. */
class PapersChangeTest {
    private static final Stage FIRST = new Stage.Counted(19, 58, false);
    private static final Stage SECOND = new Stage.Counted(20, 40, false);

    private static Drive drive(Stage... stages) {
        return new Drive(List.of(stages), List.of(), 960, 0);
    }

    @Test
    void saysNothingWhereThePapersSayTheSame() {
        assertThat(PapersChange.between(drive(FIRST, SECOND), drive(FIRST, SECOND)).differences())
                .isEmpty();
        assertThat(PapersChange.between(drive(), drive()).differences()).isEmpty();
    }

    // 58/19 · 40/20 = 6.1053, 57/19 · 2 = 6.
    @Test
    void tellsTheRatioFirstAndThenTheStage() {
        var other = new Stage.Counted(19, 57, false);
        var found = PapersChange.between(drive(FIRST, SECOND), drive(other, SECOND)).differences();
        assertThat(found)
                .containsExactly(
                        new Difference("ratio from input to output", "6.1053", "6"),
                        new Difference("stage 1", FIRST.inWords(), other.inWords()));
        assertThat(found.get(0).inWords()).isEqualTo("ratio from input to output: 6, was 6.1053");
    }

    @Test
    void tellsAStageThatCameOrWent() {
        assertThat(PapersChange.between(drive(FIRST), drive(FIRST, SECOND)).differences())
                .contains(new Difference("stage 2", "none", SECOND.inWords()));
        assertThat(PapersChange.between(drive(FIRST), drive()).differences())
                .containsExactly(
                        new Difference("ratio from input to output", "3.0526", "none"),
                        new Difference("stage 1", FIRST.inWords(), "none"));
    }

    /** What is set and proved again, and what is not. */
    @Test
    void onlyWhatTurnsIsProvedAgain() {
        assertThat(java.util.Arrays.stream(UnitChange.values()).filter(UnitChange::isProvedAgain))
                .containsExactly(UnitChange.TEETH, UnitChange.RATIO, UnitChange.KIT);
    }
}
