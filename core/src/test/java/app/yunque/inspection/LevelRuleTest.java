package app.yunque.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.finding.Checks;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LevelRuleTest {
    @Test
    void everyLineOfTheTableOfChecksIsUnderstood() {
        assertThat(Checks.all())
                .hasSizeGreaterThan(170)
                .allSatisfy(c -> assertThat(LevelRule.of(c).base()).isNotNull());
    }

    @ParameterizedTest(name = "{0} in {1}: {2}, by {3}")
    @CsvSource(
            nullValues = "-",
            value = {
                "M, GROWL, MUST, -",
                "S, GROWL, SHOULD, -",
                "S; M: GROWL SEA, GROWL, MUST, GROWL",
                "S; M: GROWL SEA, SEA, MUST, SEA",
                "S; M: GROWL SEA, LEAK, SHOULD, -",
                "D; S: OLD; M: THR SHOCK, OLD, SHOULD, OLD",
                "D; S: OLD; M: THR SHOCK, THR, MUST, THR",
                "D; S: OLD; M: THR SHOCK, LEAK, IN_DOUBT, -"
            })
    void isRaisedByWhatItNames(
            String cell, Circumstance circumstance, CheckLevel level, Circumstance by) {
        var rule = LevelRule.read(cell);
        assertThat(rule.in(Set.of(circumstance))).isEqualTo(level);
        assertThat(rule.raisedBy(Set.of(circumstance)))
                .isEqualTo(by == null ? Set.of() : Set.of(by));
        assertThat(rule.in(Set.of())).isEqualTo(rule.base());
    }

    @Test
    void theHighestCountsAndIsNamed() {
        var rule = LevelRule.read("D; S: OLD; M: THR SHOCK");
        var all = Set.of(Circumstance.OLD, Circumstance.SHOCK);
        assertThat(rule.in(all)).isEqualTo(CheckLevel.MUST);
        assertThat(rule.raisedBy(all)).containsExactly(Circumstance.SHOCK);
    }

    @ParameterizedTest
    @ValueSource(strings = {"X", "S; M: NOISE", "", "M; Z: OLD"})
    void aLineThatIsNotUnderstoodEndsTheStart(String cell) {
        assertThatThrownBy(() -> LevelRule.read(cell))
                .isInstanceOfAny(IllegalStateException.class, IllegalArgumentException.class);
    }
}
