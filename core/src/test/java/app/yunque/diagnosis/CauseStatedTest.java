package app.yunque.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.inspection.UnitKind;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What it really was. Common practice, no source: the table's own words. */
class CauseStatedTest {
    private static final Diagnosis NOTHING = Diagnosis.of(Set.of(), Evidence.NOTHING);

    @Test
    void aCauseOfTheTableByItsName() {
        var stated = CauseStated.of("C01", " pin of the wrong steel ", true, NOTHING);
        var words = EvidenceTable.shipped().causes().get("C01").words();
        assertThat(stated.sentence())
                .isEqualTo("The cause: " + words + ". pin of the wrong steel.");
        assertThat(stated.ruledOut()).isEmpty();
        assertThat(CauseStated.of("C01", "", true, NOTHING).sentence())
                .isEqualTo("The cause: " + words + ".");
        assertThatThrownBy(() -> CauseStated.of("C99", "", true, NOTHING))
                .hasMessageContaining("“C99” is in no table");
    }

    @Test
    void anotherOneInWords() {
        assertThat(CauseStated.of("", "A rag was left in it!", true, NOTHING).sentence())
                .isEqualTo("The cause: A rag was left in it!");
        assertThatThrownBy(() -> CauseStated.of("", " ", true, NOTHING))
                .hasMessageContaining("Say what it was");
        assertThatThrownBy(() -> CauseStated.of("", "x".repeat(201), true, NOTHING))
                .hasMessageContaining("200 characters");
        assertThat(CauseStated.of("", "x".repeat(200), true, NOTHING).words()).hasSize(200);
    }

    /** Only what somebody looked at rules a cause out; a complaint that does not fit rules out nothing. */
    @Test
    void notFoundTellsWhatWasRuledOutByALook() {
        assertThat(CauseStated.of("", "", false, NOTHING).sentence())
                .isEqualTo("The cause was not found. Nothing was ruled out by a look.");
        var looked =
                Diagnosis.of(
                        Set.of(),
                        new Evidence(Set.of("S10"), Set.of(), Set.of(), Set.of("T02", "T03")));
        var stated = CauseStated.of("", "", false, looked);
        var pin = EvidenceTable.shipped().causes().get("C01").words();
        assertThat(stated.ruledOut()).contains(pin);
        assertThat(stated.sentence()).contains("Ruled out: ", pin);
        for (var out : stated.ruledOut()) {
            var ranked =
                    looked.causes().stream()
                            .filter(c -> c.cause().equals(out))
                            .findFirst()
                            .orElseThrow();
            assertThat(ranked.probability()).isLessThan(0.02);
            assertThat(ranked.evidence())
                    .anyMatch(e -> e.id().startsWith("T") && e.decibans() <= -3);
        }
        var complained =
                Diagnosis.of(Set.of(), new Evidence(Set.of("S10"), Set.of(), Set.of(), Set.of()));
        assertThat(CauseStated.of("", "", false, complained).ruledOut()).isEmpty();
        assertThatThrownBy(() -> CauseStated.of("C01", "", false, NOTHING))
                .hasMessageContaining("Which of the two");
    }

    /** What is said by hand: a sign read wrongly is taken back, a test that a finding answers is not. */
    @Test
    void whatIsSaidByHandStandsBesideWhatWasFound() {
        var found = new Evidence(Set.of("S01"), Set.of(), Set.of("T02"), Set.of());
        var all =
                EvidenceFound.alsoSaid(
                        found,
                        Map.of("S01", false, "S10", true, "T02", false, "T09", true, "T14", false));
        assertThat(all.present()).containsExactly("S10");
        assertThat(all.absent()).containsExactly("S01");
        assertThat(all.positive()).containsExactlyInAnyOrder("T02", "T09");
        assertThat(all.negative()).containsExactly("T14");
        assertThat(EvidenceFound.alsoSaid(found, Map.of())).isEqualTo(found);
        assertThatThrownBy(() -> EvidenceFound.alsoSaid(found, Map.of("X1", true)))
                .hasMessageContaining("“X1” is in no table");
    }

    /** A sign that is said not to be there never makes a cause likelier that brings it for sure. */
    @Test
    void aSignThatIsNotThereSpeaksAgainstWhatBringsIt() {
        var kinds = EnumSet.noneOf(UnitKind.class);
        var without =
                Diagnosis.of(kinds, EvidenceFound.alsoSaid(Evidence.NOTHING, Map.of("S01", false)));
        var before = Diagnosis.of(kinds, Evidence.NOTHING);
        int brought = 0;
        for (var cause : before.causes()) {
            if (EvidenceTable.shipped().causes().get(cause.id()).chance("S01") > 0.5) {
                brought++;
                assertThat(of(without, cause.id())).isLessThan(cause.probability());
            }
        }
        assertThat(brought).isPositive();
    }

    private static double of(Diagnosis diagnosis, String cause) {
        return diagnosis.causes().stream()
                .filter(c -> c.id().equals(cause))
                .findFirst()
                .orElseThrow()
                .probability();
    }
}
