package app.yunque.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** ISO 10012, validity of earlier results when equipment is found not to conform, from memory. */
class InDoubtTest {
    private static final LocalDate GOOD = LocalDate.of(2026, 3, 2);
    private static final LocalDate FOUND = LocalDate.of(2026, 3, 9);

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "2026-03-01, false",
        "2026-03-02, true",
        "2026-03-05, true",
        "2026-03-09, true",
        "2026-03-10, false"
    })
    void bothOuterDaysAreInDoubt(LocalDate day, boolean covered) {
        assertThat(new InDoubt(GOOD, FOUND, "reads short").covers(day)).isEqualTo(covered);
    }

    @Test
    void saysWhatIsToBeDone() {
        assertThat(new InDoubt(GOOD, FOUND, " reads 0.04 mm short ").says("Caliper 3"))
                .isEqualTo(
                        "Taken with Caliper 3, which was found out of calibration on 2026-03-09 (reads 0.04 mm short): it counts as not made. Measure again with another.");
    }

    @Test
    void refusesWhatCannotBe() {
        assertThat(new InDoubt(GOOD, GOOD, "x".repeat(200)).covers(GOOD)).isTrue();
        assertThatThrownBy(() -> new InDoubt(FOUND, GOOD, "reads short"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("found out on 2026-03-02, before it was last good on");
        assertThatThrownBy(() -> new InDoubt(GOOD, FOUND, " "))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Say what was found");
        assertThatThrownBy(() -> new InDoubt(GOOD, FOUND, "x".repeat(201)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("1 to 200 characters");
    }
}
