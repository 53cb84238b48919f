package app.yunque.inspection;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.Look;
import app.yunque.finding.Measured;
import app.yunque.finding.PartFinding;
import app.yunque.finding.PartRecord;
import app.yunque.finding.Severity;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What ends a repair, from part 7.1 of the brief. Common practice, no source. */
class RepairEndsTest {
    private static final Set<PartKind> CARRY_ALL =
            EnumSet.of(PartKind.HOUSING, PartKind.RING_GEAR, PartKind.CARRIER);

    private static PartRecord part(PartKind kind, String name, List<PartFinding> found) {
        return new PartRecord(
                step(7, name, kind).on(0, Side.LEFT).build(),
                ServiceDuty.ENCLOSED_POWER,
                found,
                List.of());
    }

    private static PartRecord found(PartKind kind, String check, String word) {
        return part(kind, "case", List.of(PartFinding.of(check, word, Look.WASHED, "Ana")));
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource({
        "HOUSING, HSG-1, 'crack into a bore, foot or boss'",
        "HOUSING, HBR-1, cracked",
        "CARRIER, CAR-2, line",
        "RING_GEAR, RNG-1, lug cracked",
        "HOUSING, ANY-1, cracked",
        "CARRIER, ANY-1, torn or broken"
    })
    void endsIt(PartKind kind, String check, String word) {
        assertThat(RepairEnds.of(List.of(found(kind, check, word)), Set.of()))
                .singleElement()
                .satisfies(
                        r -> {
                            assertThat(r.stepId()).isEqualTo(found(kind, check, word).step().id());
                            assertThat(r.says()).startsWith("case (7): " + word + ". This may end");
                        });
    }

    /** Every word of every check on every kind: nothing milder than condemned ends a repair, and a broken small part never does. */
    @Test
    void nothingElseDoes() {
        int asked = 0;
        for (var kind : PartKind.values()) {
            for (Check check : Checks.all()) {
                for (var word : check.words()) {
                    var ends =
                            RepairEnds.of(List.of(found(kind, check.id(), word.text())), Set.of());
                    asked++;
                    if (word.severity() != Severity.CONDEMNED) {
                        assertThat(ends).as("%s %s", check.id(), word.text()).isEmpty();
                    }
                    if (check.id().equals("ANY-1") && !CARRY_ALL.contains(kind)) {
                        assertThat(ends).as("%s %s", kind, word.text()).isEmpty();
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(10_000);
        assertThat(RepairEnds.of(List.of(part(PartKind.HOUSING, "case", List.of())), Set.of()))
                .as("nobody looked: nothing is said")
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Verdict.class)
    void boresOutOfLineEndItWhereItIsSure(Verdict verdict) {
        var measured =
                new PartRecord(
                        step(7, "case", PartKind.HOUSING).on(0, Side.LEFT).build(),
                        ServiceDuty.ENCLOSED_POWER,
                        List.of(),
                        List.of(new Measured("HBR-4", verdict, null, false, "skew 0.09 mm")));
        assertThat(!RepairEnds.of(List.of(measured), Set.of()).isEmpty())
                .isEqualTo(verdict == Verdict.CLEAR_FAIL);
    }

    @Test
    void whatCannotBeHad() {
        assertThat(RepairEnds.without(part(PartKind.PAWL, "pawl", List.of())).orElseThrow())
                .contains("nothing but the maker’s part");
        assertThat(Arrays.stream(PartKind.values()))
                .filteredOn(
                        k ->
                                RepairEnds.without(part(k, "thing", List.of()))
                                        .filter(s -> s.startsWith("A shop does not make"))
                                        .isPresent())
                .containsExactlyInAnyOrder(
                        PartKind.HOUSING, PartKind.WORM, PartKind.CAM_DISC, PartKind.RING_GEAR);
        assertThat(RepairEnds.without(part(PartKind.GEAR, "bronze worm wheel", List.of())))
                .as("a worm wheel by its name")
                .isPresent();
        assertThat(RepairEnds.without(part(PartKind.GEAR, "change gear", List.of()))).isEmpty();
    }

    /** Once it is decided the caution is done. */
    @Test
    void whatIsDecidedIsNotSaidAgain() {
        var cracked = found(PartKind.HOUSING, "HSG-1", "crack into a bore, foot or boss");
        assertThat(RepairEnds.of(List.of(cracked), Set.of("another"))).hasSize(1);
        assertThat(RepairEnds.of(List.of(cracked), Set.of(cracked.step().id()))).isEmpty();
    }
}
