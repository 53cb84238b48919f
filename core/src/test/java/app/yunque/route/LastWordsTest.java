package app.yunque.route;

import static app.yunque.measure.Verdict.CLEAR_FAIL;
import static app.yunque.measure.Verdict.CLEAR_PASS;
import static app.yunque.measure.Verdict.DOUBTFUL;
import static app.yunque.measure.Verdict.NOT_JUDGED;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The rules are this project's own (common practice, no source). */
class LastWordsTest {
    private final LastWords words = new LastWords();

    @ParameterizedTest
    @EnumSource
    void theLaterMeasurementOfAThingReplacesTheEarlier(Verdict later) {
        for (var earlier : Verdict.values()) {
            words.measure("stage 1", earlier, null);
            words.measure("stage 1", later, null);
            assertThat(words.worst()).as("%s, then %s", earlier, later).isEqualTo(later);
        }
    }

    @Test
    void theWorstOfTwoThingsIsTheWorstWhateverTheOrder() {
        words.measure("stage 1", CLEAR_FAIL, null);
        words.measure("stage 2", CLEAR_PASS, null);
        words.answer("stage 3", DOUBTFUL, null);
        assertThat(words.worst()).isEqualTo(CLEAR_FAIL);
    }

    @Test
    void anAnswerIsAsBadAsAMeasurement() {
        words.measure("stage 1", CLEAR_PASS, null);
        words.answer("bearing", CLEAR_FAIL, null);
        assertThat(words.worst()).isEqualTo(CLEAR_FAIL);
    }

    @Test
    void aMeasurementThatCouldNotBeJudgedIsNoPass() {
        words.measure("stage 1", NOT_JUDGED, null);
        words.answer("bearing", CLEAR_PASS, null);
        assertThat(words.worst()).isEqualTo(NOT_JUDGED);
    }

    @Test
    void anAnswerThatJudgesNothingTakesNothingAway() {
        words.measure("stage 1", CLEAR_PASS, null);
        words.answer("torque", NOT_JUDGED, null);
        assertThat(words.worst()).isEqualTo(CLEAR_PASS);
    }

    @Test
    void anAnswerAndAMeasurementOfOneThingBothStand() {
        words.measure("stage 1", DOUBTFUL, null);
        words.answer("stage 1", CLEAR_PASS, null);
        assertThat(words.worst()).isEqualTo(DOUBTFUL);
    }

    @Test
    void wornButUsableIsToldUntilALaterWordTakesItsPlace() {
        var words = new LastWords();
        assertThat(words.isWorn()).isFalse();
        words.measure("stage 1", Verdict.CLEAR_PASS, Zone.WATCH);
        assertThat(words.isWorn()).isTrue();
        words.measure("stage 1", Verdict.CLEAR_PASS, Zone.AS_NEW);
        assertThat(words.isWorn()).isFalse();
        words.answer("bevel", Verdict.CLEAR_PASS, Zone.WATCH);
        assertThat(words.isWorn()).isTrue();
        words.answer("bevel", Verdict.CLEAR_FAIL, Zone.BEYOND);
        assertThat(words.isWorn()).isFalse();
    }
}
