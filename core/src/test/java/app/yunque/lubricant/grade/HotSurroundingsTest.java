package app.yunque.lubricant.grade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.lubricant.LubricantAdvice;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.measure.Refused;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A gear beside an engine stands hotter than any table reaches: it gets an answer, and never without what is to be minded. */
class HotSurroundingsTest {
    private static final String MINDED = "The tables end at 55 °C";

    @ParameterizedTest(name = "{0} °C: {1}")
    @CsvSource({"55, false", "55.1, true", "80, true", "100, true"})
    void beyondTheTablesIsTold(double hottest, boolean told) {
        var grade = OilGrade.forDuty(new GearOilDuty(3, 0, hottest));
        assertThat(grade.warnings().stream().anyMatch(w -> w.startsWith(MINDED))).isEqualTo(told);
        assertThat(grade.proposed())
                .as("the hottest column of the table")
                .isEqualTo(OilGrade.forDuty(new GearOilDuty(3, 0, 55)).proposed());
    }

    @ParameterizedTest
    @EnumSource(PlaceSort.class)
    void everySortOfPlaceSaysIt(PlaceSort sort) {
        var advice =
                LubricantAdvice.of(
                        sort,
                        new LubricantAdvice.Duty(
                                new GearOilDuty(1, 0, 90), Optional.empty(), Set.of()));
        boolean nothing =
                advice.form() == LubricantAdvice.Form.PLATE_ONLY
                        || advice.form() == LubricantAdvice.Form.NOTHING;
        assertThat(advice.warnings().stream().filter(w -> w.startsWith(MINDED)).count())
                .isEqualTo(nothing ? 0 : 1);
    }

    @Test
    void whatNoGearStandsInIsRefused() {
        assertThatThrownBy(() -> new GearOilDuty(1, 0, 101))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("−40 to 100");
    }
}
