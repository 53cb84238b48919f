package app.yunque.tooth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: watched from three tenths of the hard skin, renewed from half. */
class CaseDepthTest {
    // Δs 0.20 mm, α 20°: δ 0.187939 mm from one flank, half of it from both; 31.3231 and 15.6615 %
    // of 0.6 mm.
    @Test
    void oneFlankOrBoth() {
        var one = CaseDepth.of(0.20, 0, false, 20, 3, Optional.of(0.6), false);
        assertThat(one.depthMm()).isCloseTo(0.187939, within(1e-6));
        assertThat(one.sharePercent()).isCloseTo(31.3231, within(1e-4));
        assertThat(one.zone()).isEqualTo(Zone.WATCH);
        assertThat(one.verdict()).isEqualTo(Verdict.CLEAR_PASS);
        var both = CaseDepth.of(0.20, 0, true, 20, 3, Optional.of(0.6), false);
        assertThat(both.sharePercent()).isCloseTo(15.6615, within(1e-4));
        assertThat(both.zone()).isEqualTo(Zone.AS_NEW);
    }

    // At α 10° and 1 mm of case a loss of x mm is 98.48 x %: 0.30 is 29.5 %, 0.31 is 30.5 %, 0.50
    // is 49.2 %, 0.52 is 51.2 %.
    @ParameterizedTest(name = "{0} ± {1}, strict {2}: {3} {4}")
    @CsvSource({
        "0.30, 0, false, CLEAR_PASS, AS_NEW",
        "0.31, 0, false, CLEAR_PASS, WATCH",
        "0.50, 0, false, CLEAR_PASS, WATCH",
        "0.52, 0, false, CLEAR_FAIL, BEYOND",
        "0.50, 0.03, false, DOUBTFUL, ",
        "0.50, 0.03, true, CLEAR_FAIL, BEYOND"
    })
    void bothSidesOfEveryEdge(
            double loss, double uncertainty, boolean strict, Verdict verdict, Zone zone) {
        var worn = CaseDepth.of(loss, uncertainty, false, 10, 3, Optional.of(1.0), strict);
        assertThat(worn.verdict()).isEqualTo(verdict);
        assertThat(worn.zone()).isEqualTo(zone);
    }

    /** What is only assumed condemns nothing less and passes nothing. */
    @Test
    void anAssumedCaseNeverPasses() {
        var little = CaseDepth.of(0.05, 0, false, 20, 4, Optional.empty(), false);
        assertThat(little.caseMm()).isCloseTo(0.6, within(1e-12));
        assertThat(little.assumed()).isTrue();
        assertThat(little.verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(little.zone()).isNull();
        assertThat(little.sentence()).contains("only assumed");
        var much = CaseDepth.of(0.5, 0, false, 20, 4, Optional.empty(), false);
        assertThat(much.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> CaseDepth.of(-0.1, -1, false, 9, 0, Optional.of(20.0), false))
                .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.problems()).hasSize(5));
    }
}
