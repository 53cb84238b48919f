package app.yunque.route;

import static app.yunque.measure.Verdict.CLEAR_FAIL;
import static app.yunque.measure.Verdict.CLEAR_PASS;
import static app.yunque.measure.Verdict.DOUBTFUL;
import static app.yunque.measure.Verdict.NOT_JUDGED;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.measure.Verdict;
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
            words.measure("stage 1", earlier);
            words.measure("stage 1", later);
            assertThat(words.worst()).as("%s, then %s", earlier, later).isEqualTo(later);
        }
    }

    @Test
    void theWorstOfTwoThingsIsTheWorstWhateverTheOrder() {
        words.measure("stage 1", CLEAR_FAIL);
        words.measure("stage 2", CLEAR_PASS);
        words.answer("stage 3", DOUBTFUL);
        assertThat(words.worst()).isEqualTo(CLEAR_FAIL);
    }

    @Test
    void anAnswerIsAsBadAsAMeasurement() {
        words.measure("stage 1", CLEAR_PASS);
        words.answer("bearing", CLEAR_FAIL);
        assertThat(words.worst()).isEqualTo(CLEAR_FAIL);
    }

    @Test
    void aMeasurementThatCouldNotBeJudgedIsNoPass() {
        words.measure("stage 1", NOT_JUDGED);
        words.answer("bearing", CLEAR_PASS);
        assertThat(words.worst()).isEqualTo(NOT_JUDGED);
    }

    @Test
    void anAnswerThatJudgesNothingTakesNothingAway() {
        words.measure("stage 1", CLEAR_PASS);
        words.answer("torque", NOT_JUDGED);
        assertThat(words.worst()).isEqualTo(CLEAR_PASS);
    }

    @Test
    void anAnswerAndAMeasurementOfOneThingBothStand() {
        words.measure("stage 1", DOUBTFUL);
        words.answer("stage 1", CLEAR_PASS);
        assertThat(words.worst()).isEqualTo(DOUBTFUL);
    }
}
