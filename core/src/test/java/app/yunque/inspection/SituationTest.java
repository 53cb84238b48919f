package app.yunque.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice, no source. */
class SituationTest {
    @Test
    void readsTheWordsWhileNobodyHasSaid() {
        var read = Situation.of("Capstan of the pier", Set.of(Circumstance.SEA), "It growls", null);
        assertThat(read.kinds()).containsExactly(UnitKind.PLW);
        assertThat(read.kindKnown()).isTrue();
        assertThat(read.read()).containsExactly(Circumstance.GROWL);
        assertThat(read.circumstances())
                .containsExactlyInAnyOrder(Circumstance.PLW, Circumstance.SEA, Circumstance.GROWL);
    }

    @Test
    void whatSomebodySaidTakesThePlaceOfWhatWasRead() {
        var said =
                Situation.of(
                        "Capstan of the pier",
                        Set.of(),
                        "It growls",
                        List.of(Circumstance.LEAK, Circumstance.REP));
        assertThat(said.read()).containsExactly(Circumstance.GROWL);
        assertThat(said.circumstances())
                .containsExactlyInAnyOrder(Circumstance.PLW, Circumstance.LEAK, Circumstance.REP);
        assertThat(Situation.of("Capstan", Set.of(), "It growls", List.of()).circumstances())
                .as("somebody said that no word of it counts")
                .containsExactly(Circumstance.PLW);
    }

    @Test
    void aKindThatNothingTellsIsAReducerAndSaysSo() {
        var box = Situation.of("a box", Set.of(), "", null);
        assertThat(box.kinds()).containsExactly(UnitKind.RED);
        assertThat(box.kindKnown()).isFalse();
        var chosen = Situation.of("a box", Set.of(Circumstance.HWN, Circumstance.ACT), "", null);
        assertThat(chosen.kinds()).containsExactly(UnitKind.HWN, UnitKind.ACT);
        assertThat(chosen.kindKnown()).isTrue();
        assertThat(chosen.circumstances())
                .containsExactlyInAnyOrder(Circumstance.HWN, Circumstance.ACT);
    }

    /** Every circumstance belongs to the unit or to the job, but duty and renewal, which are said elsewhere. */
    @ParameterizedTest
    @EnumSource(Circumstance.class)
    void belongsToTheUnitOrToTheJob(Circumstance c) {
        boolean elsewhere =
                Set.of(Circumstance.LIFT, Circumstance.FEED, Circumstance.NEW).contains(c);
        assertThat(c.isOfTheUnit() && c.isOfTheJob()).isFalse();
        assertThat(c.isOfTheUnit() || c.isOfTheJob()).isEqualTo(!elsewhere);
        assertThat(c.isKind()).isEqualTo(c.compareTo(Circumstance.RED) >= 0);
    }
}
