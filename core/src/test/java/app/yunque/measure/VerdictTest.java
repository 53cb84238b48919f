package app.yunque.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class VerdictTest {
    @ParameterizedTest(name = "{0} in zone {1}: {2}")
    @CsvSource(
            nullValues = "-",
            value = {
                "CLEAR_PASS, -, clear pass",
                "CLEAR_PASS, AS_NEW, clear pass",
                "CLEAR_PASS, WATCH, worn but usable",
                "DOUBTFUL, -, doubtful",
                "DOUBTFUL, WATCH, doubtful",
                "CLEAR_FAIL, BEYOND, clear fail",
                "CLEAR_FAIL, BELOW, clear fail",
                "NOT_JUDGED, -, not judged"
            })
    void wornButUsableIsNeverABarePass(Verdict verdict, @Nullable Zone zone, String words) {
        assertThat(verdict.words(zone)).isEqualTo(words);
    }

    @ParameterizedTest
    @EnumSource(Verdict.class)
    void onlyAPassIsAPassAndOnlyAFailAFail(Verdict verdict) {
        assertThat(verdict.isPass()).isEqualTo(verdict == Verdict.CLEAR_PASS);
        assertThat(verdict.isFail()).isEqualTo(verdict == Verdict.CLEAR_FAIL);
        assertThat(Verdict.orNotJudged(verdict)).isEqualTo(verdict);
    }

    @Test
    void whatIsMissingIsNotJudged() {
        assertThat(Verdict.orNotJudged(null)).isEqualTo(Verdict.NOT_JUDGED);
    }

    // Each verdict is worse than those before it: pass, not judged, doubtful, fail.
    @Test
    void theWorseOfTwoStands() {
        var order =
                List.of(
                        Verdict.CLEAR_PASS,
                        Verdict.NOT_JUDGED,
                        Verdict.DOUBTFUL,
                        Verdict.CLEAR_FAIL);
        for (int one = 0; one < order.size(); one++) {
            for (int other = 0; other < order.size(); other++) {
                assertThat(order.get(one).worse(order.get(other)))
                        .isEqualTo(order.get(Math.max(one, other)));
            }
        }
    }

    // GUM, type B, by hand: u = √((0.01/√12)² + (0.01/√3)²) = 0.0064550, U = 2 u.
    @Test
    void aGaugeThatIsNotOnTheListIsGoodToAHundredth() {
        assertThat(Gauge.UNLISTED).isEqualTo(new Gauge(0.01, 0.01));
        assertThat(Gauge.UNLISTED.expandedUncertaintyMm()).isCloseTo(0.0129099, within(5e-8));
    }

    @Test
    void fewerThanFourPlacesSeeNoRunOut() {
        assertThat(new RepeatedReadings(List.of(0.1, 0.2, 0.3)).tooFewRound("worm wheel"))
                .contains("Measure at four places or more: a worm wheel can run out.");
        assertThat(new RepeatedReadings(List.of(0.1, 0.2, 0.3, 0.2)).tooFewRound("worm wheel"))
                .isEmpty();
    }
}
