package app.yunque.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a shop knows better. Bayes' rule: the odds of a cause go with its weight and with the chance of each sign. */
class EvidenceCorrectionTest {
    private static final double TINY = 1e-12;
    private static final Evidence LEAK =
            new Evidence(Set.of("S10"), Set.of("S01"), Set.of(), Set.of());

    private static double odds(Diagnosis d, String cause) {
        double p =
                d.causes().stream()
                        .filter(c -> c.id().equals(cause))
                        .findFirst()
                        .orElseThrow()
                        .probability();
        return p / (1 - p);
    }

    private static Diagnosis with(Evidence evidence, EvidenceCorrection... corrections) {
        return Diagnosis.of(Set.of(), evidence, EvidenceCorrection.corrected(List.of(corrections)));
    }

    @Test
    void twiceTheWeightDoublesTheOdds() {
        double before = odds(with(LEAK), "C14");
        double weight = EvidenceCorrection.shipped("C14", "");
        assertThat(odds(with(LEAK, new EvidenceCorrection("C14", "", 2 * weight)), "C14"))
                .isCloseTo(2 * before, within(1e-9));
    }

    @Test
    void aSignsChanceCountsByItsRatioAndItsAbsenceByTheRest() {
        double before = odds(with(LEAK), "C14");
        double chance = EvidenceCorrection.shipped("C14", "S10");
        assertThat(chance).isCloseTo(0.60, within(TINY));
        assertThat(odds(with(LEAK, new EvidenceCorrection("C14", "S10", 0.30)), "C14"))
                .isCloseTo(before * 0.30 / chance, within(1e-9));
        double absent = EvidenceCorrection.shipped("C14", "S01");
        assertThat(absent).as("not named").isCloseTo(0.03, within(TINY));
        assertThat(odds(with(LEAK, new EvidenceCorrection("C14", "S01", 0.515)), "C14"))
                .isCloseTo(before * (1 - 0.515) / (1 - absent), within(1e-9));
    }

    @Test
    void aSignThatHardlyGoesWithItStaysUnexplained() {
        for (double chance : new double[] {0.01, 0.03}) {
            assertThat(unexplained(new EvidenceCorrection("C14", "S10", chance))).hasSize(1);
        }
        assertThat(unexplained(new EvidenceCorrection("C14", "S10", 0.031))).isEmpty();
        assertThat(unexplained(new EvidenceCorrection("C14", "", 5))).isEmpty();
    }

    private static List<String> unexplained(EvidenceCorrection correction) {
        return with(LEAK, correction).causes().stream()
                .filter(c -> c.id().equals("C14"))
                .findFirst()
                .orElseThrow()
                .unexplained();
    }

    @Test
    void aTestsChanceCountsForItsCauseOnly() {
        var positive = new Evidence(Set.of(), Set.of(), Set.of("T01"), Set.of());
        double before = odds(with(positive), "C01");
        double chance = EvidenceCorrection.shipped("C01", "T01");
        assertThat(odds(with(positive, new EvidenceCorrection("C01", "T01", chance / 3)), "C01"))
                .isCloseTo(before / 3, within(1e-9));
        assertThat(
                        EvidenceCorrection.corrected(
                                        List.of(new EvidenceCorrection("C01", "T01", 0.2)))
                                .tests()
                                .get("T01")
                                .chance("C02"))
                .isEqualTo(EvidenceCorrection.shipped("C02", "T01"));
    }

    @Test
    void ofTwoForOnePlaceTheLaterCountsAndTheShippedTableStaysAsItIs() {
        double weight = EvidenceCorrection.shipped("C14", "");
        var table =
                EvidenceCorrection.corrected(
                        List.of(
                                new EvidenceCorrection("C14", "", 50),
                                new EvidenceCorrection("C14", "", 60),
                                new EvidenceCorrection("C14", "S10", 0.5)));
        assertThat(table.causes().get("C14").weight()).isEqualTo(60);
        assertThat(table.causes().get("C14").chance("S10")).isEqualTo(0.5);
        assertThat(EvidenceCorrection.shipped("C14", "")).isEqualTo(weight);
        assertThat(EvidenceCorrection.corrected(List.of())).isSameAs(EvidenceTable.shipped());
    }

    @ParameterizedTest
    @CsvSource({
        "C99,'',1,There is no cause “C99”",
        "C01,S99,0.5,There is no sign and no test “S99”",
        "C01,'',0.09,Weight before anything is known",
        "C01,'',100.1,Weight before anything is known",
        "C01,S01,0.009,Chance with this cause",
        "C01,S01,0.991,Chance with this cause",
        "C01,T01,0,Chance with this cause",
        "C01,T01,1,Chance with this cause"
    })
    void nothingIsCertainAndNothingImpossible(String cause, String of, double value, String says) {
        assertThatThrownBy(() -> new EvidenceCorrection(cause, of, value))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(says);
    }

    @ParameterizedTest
    @CsvSource({"C01,'',0.1", "C01,'',100", "C01,S01,0.01", "C01,T01,0.99"})
    void theEndsOfTheRangesMayBe(String cause, String of, double value) {
        assertThat(new EvidenceCorrection(cause, of, value).value()).isEqualTo(value);
    }
}
