package app.yunque.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.diagnosis.Diagnosis.NextTest;
import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.Look;
import app.yunque.finding.Measured;
import app.yunque.finding.PartFinding;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.Verdict;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class DiagnosisTest {

    private static Diagnosis of(
            Set<String> present, Set<String> absent, Set<String> positive, Set<String> negative) {
        return Diagnosis.of(Set.of(), new Evidence(present, absent, positive, negative));
    }

    private static Diagnosis of(Set<String> present, Set<String> absent) {
        return of(present, absent, Set.of(), Set.of());
    }

    private static double p(Diagnosis d, String cause) {
        return d.causes().stream()
                .filter(c -> c.id().equals(cause))
                .findFirst()
                .orElseThrow()
                .probability();
    }

    private static NextTest test(Diagnosis d, String id) {
        return d.next().stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
    }

    // Source: Bayes' rule, worked apart on the weights of the table.
    @Test
    void ranksByBayesRule() {
        var noDrive = of(Set.of("S01"), Set.of());
        assertThat(p(noDrive, "C01")).isEqualTo(0.331797, within(5e-7));
        assertThat(p(noDrive, "C02")).isEqualTo(0.138249, within(5e-7));
        assertThat(p(noDrive, "C03")).isEqualTo(0.110599, within(5e-7));
        assertThat(p(noDrive, "C28")).isEqualTo(0.0829493, within(5e-8));
        assertThat(noDrive.entropyBits()).isEqualTo(3.44536, within(5e-6));
        var jumps = of(Set.of("S03"), Set.of("S04"));
        assertThat(p(jumps, "C06")).isEqualTo(0.340730, within(5e-7));
        assertThat(p(jumps, "C07")).isEqualTo(0.220843, within(5e-7));
        assertThat(p(jumps, "C10")).isEqualTo(0.102009, within(5e-7));
        assertThat(jumps.entropyBits()).isEqualTo(3.34456, within(5e-6));
        assertThat(p(of(Set.of("S08", "S12"), Set.of("S15")), "C18"))
                .isEqualTo(0.513464, within(5e-7));
        assertThat(p(of(Set.of("S01", "S14"), Set.of()), "C23")).isEqualTo(0.564854, within(5e-7));
        assertThat(of(Set.of(), Set.of()).entropyBits())
                .as("the bare weights")
                .isEqualTo(4.83241, within(5e-6));
    }

    // Source: Shannon's entropy before and after, worked apart.
    @Test
    void knowsWhichLookTellsTheMost() {
        var noDrive = of(Set.of("S01"), Set.of());
        assertThat(test(noDrive, "T02").gainBits()).isEqualTo(0.617418, within(5e-7));
        assertThat(test(noDrive, "T02").bitsAMinute()).isEqualTo(0.154354, within(5e-7));
        assertThat(test(noDrive, "T15").gainBits()).isEqualTo(0.145352, within(5e-7));
        assertThat(test(noDrive, "T03").gainBits()).isEqualTo(0.429656, within(5e-7));
        assertThat(noDrive.next().get(0).id()).isEqualTo("T02");
        assertThat(noDrive.next())
                .extracting(NextTest::id)
                .as("it repeats what was said")
                .doesNotContain("T01");
        var jumps = of(Set.of("S03"), Set.of("S04"));
        assertThat(test(jumps, "T05").gainBits()).isEqualTo(0.287864, within(5e-7));
        assertThat(test(jumps, "T21").gainBits()).isEqualTo(0.623285, within(5e-7));
        assertThat(test(jumps, "T01").gainBits()).isEqualTo(0.102540, within(5e-7));
    }

    @Test
    void goesOnFromAResult() {
        assertThat(p(of(Set.of("S01"), Set.of(), Set.of("T02"), Set.of()), "C01"))
                .isEqualTo(0.937093, within(5e-7));
        var whole = of(Set.of("S01"), Set.of(), Set.of(), Set.of("T02"));
        assertThat(p(whole, "C02")).isEqualTo(0.196821, within(5e-7));
        assertThat(p(whole, "C03")).isEqualTo(0.157457, within(5e-7));
        assertThat(p(whole, "C28")).isEqualTo(0.118093, within(5e-7));
        assertThat(of(Set.of("S01"), Set.of(), Set.of("T02"), Set.of()).isEnough()).isTrue();
        assertThat(whole.isEnough()).isFalse();
    }

    /** Whatever is known: chances add up to one, no gain is negative or more than what is open, each fact moves the causes it is named with. */
    @Test
    void keepsTheLawsOfProbability() {
        var random = new Random(17);
        var signs = List.copyOf(EvidenceTable.shipped().signs().keySet());
        var tests = List.copyOf(EvidenceTable.shipped().tests().keySet());
        for (int i = 0; i < 300; i++) {
            var present = new HashSet<String>();
            var absent = new HashSet<String>();
            var positive = new HashSet<String>();
            var negative = new HashSet<String>();
            for (var s : signs) {
                int roll = random.nextInt(6);
                (roll == 0 ? present : roll == 1 ? absent : new HashSet<String>()).add(s);
            }
            for (var t : tests) {
                int roll = random.nextInt(8);
                (roll == 0 ? positive : roll == 1 ? negative : new HashSet<String>()).add(t);
            }
            var kinds = EnumSet.of(UnitKind.values()[random.nextInt(UnitKind.values().length)]);
            var d = Diagnosis.of(kinds, new Evidence(present, absent, positive, negative));
            assertThat(d.causes().stream().mapToDouble(Diagnosis.Ranked::probability).sum())
                    .isEqualTo(1, within(1e-9));
            assertThat(d.next())
                    .allSatisfy(
                            t -> assertThat(t.gainBits()).isBetween(0.0, d.entropyBits() + 1e-9));
            assertThat(d.causes())
                    .isSortedAccordingTo(
                            (a, b) -> Double.compare(b.probability(), a.probability()));
            var made = new HashSet<>(positive);
            made.addAll(negative);
            assertThat(d.next()).extracting(NextTest::id).doesNotContainAnyElementsOf(made);
        }
    }

    /** The gain is the mean of what the two results leave open: the answers themselves, asked for. */
    @Test
    void theGainIsWhatTheTwoResultsLeaveOpen() {
        var before = of(Set.of("S05"), Set.of());
        for (var t : before.next()) {
            var chance =
                    before.causes().stream()
                            .mapToDouble(
                                    c ->
                                            c.probability()
                                                    * EvidenceTable.shipped()
                                                            .tests()
                                                            .get(t.id())
                                                            .chance(c.id()))
                            .sum();
            double after =
                    chance * of(Set.of("S05"), Set.of(), Set.of(t.id()), Set.of()).entropyBits()
                            + (1 - chance)
                                    * of(Set.of("S05"), Set.of(), Set.of(), Set.of(t.id()))
                                            .entropyBits();
            assertThat(t.gainBits())
                    .as(t.id())
                    .isEqualTo(before.entropyBits() - after, within(1e-9));
        }
    }

    @Test
    void saysWhatItLeavesUnexplainedAndWhenTwoAreClose() {
        var both = of(Set.of("S10", "S06"), Set.of());
        assertThat(both.notes()).anyMatch(n -> n.contains("Think of two faults"));
        assertThat(both.causes().get(0).unexplained()).isNotEmpty();
        var leak = of(Set.of("S10"), Set.of());
        assertThat(leak.notes()).isEmpty();
        assertThat(leak.sentence())
                .as("seal and land are close")
                .contains("seal lip")
                .contains(" or ")
                .contains("by judgement");
        assertThat(of(Set.of(), Set.of()).sentence()).startsWith("Nothing is known yet");
    }

    @Test
    void weighsWhatSpeaksForAndAgainst() {
        var jumps = of(Set.of("S03"), Set.of("S04"));
        var detent = jumps.causes().get(0);
        assertThat(detent.id()).isEqualTo("C06");
        assertThat(detent.evidence().get(0).id()).isEqualTo("S03");
        assertThat(detent.evidence().get(0).decibans()).isPositive();
        var shaft =
                jumps.causes().stream().filter(c -> c.id().equals("C08")).findFirst().orElseThrow();
        assertThat(
                        shaft.evidence().stream()
                                .filter(e -> e.id().equals("S04"))
                                .findFirst()
                                .orElseThrow()
                                .decibans())
                .as("a bent rail is nearly always stiff")
                .isNegative();
    }

    @Test
    void thinksOfWhatTheUnitCanHave() {
        var winch =
                Diagnosis.of(
                        EnumSet.of(UnitKind.HWN),
                        new Evidence(Set.of("S18"), Set.of(), Set.of(), Set.of()));
        assertThat(winch.causes().get(0).id()).isIn("C34", "C35");
        assertThat(winch.causes())
                .extracting(Diagnosis.Ranked::id)
                .doesNotContain("C31", "C37", "C40");
        assertThat(
                        Diagnosis.of(
                                        EnumSet.of(UnitKind.MTP),
                                        new Evidence(Set.of("S17"), Set.of(), Set.of(), Set.of()))
                                .causes()
                                .get(0)
                                .id())
                .isEqualTo("C31");
    }

    @Test
    void refusesWhatIsSaidBothWaysOrInNoTable() {
        assertThatThrownBy(() -> of(Set.of("S01"), Set.of("S01")))
                .hasMessageContaining("S01 is said both ways");
        assertThatThrownBy(() -> of(Set.of("S99"), Set.of()))
                .hasMessageContaining("“S99” is in no table")
                .hasMessageContaining("S01 to S18");
        assertThatThrownBy(() -> of(Set.of(), Set.of(), Set.of("T02"), Set.of("T02")))
                .hasMessageContaining("said both ways");
    }

    /** A line that names what is not there would be silent for ever. */
    @Test
    void theTablesNameWhatIsThere() {
        var table = EvidenceTable.shipped();
        assertThat(table.causes()).hasSizeGreaterThanOrEqualTo(40);
        assertThat(table.signs().size() + table.tests().size()).isGreaterThanOrEqualTo(30);
        table.causes()
                .values()
                .forEach(
                        c -> {
                            assertThat(table.signs().keySet())
                                    .as(c.id())
                                    .containsAll(c.levels().keySet());
                            assertThat(c.levels().values()).as(c.id()).doesNotContainNull();
                            assertThat(c.weight()).isPositive();
                            assertThat(c.putRight()).isNotBlank();
                        });
        table.tests()
                .values()
                .forEach(
                        t -> {
                            assertThat(table.causes().keySet())
                                    .as(t.id())
                                    .containsAll(t.levels().keySet());
                            assertThat(t.levels().values()).as(t.id()).doesNotContainNull();
                            assertThat(
                                            t.repeats().isEmpty()
                                                    || table.signs().containsKey(t.repeats()))
                                    .isTrue();
                            assertThat(t.checks())
                                    .as(t.id())
                                    .allSatisfy(c -> assertThat(Checks.find(c)).isPresent());
                            var words =
                                    t.checks().stream()
                                            .map(Checks::of)
                                            .flatMap(c -> c.words().stream())
                                            .map(Check.Word::text)
                                            .collect(Collectors.toSet());
                            words.addAll(List.of("condemned", "beyond", "inside"));
                            assertThat(words)
                                    .as(t.id())
                                    .containsAll(t.positive())
                                    .containsAll(t.negative());
                        });
        var led =
                table.tests().values().stream()
                        .flatMap(t -> t.levels().keySet().stream())
                        .collect(Collectors.toSet());
        assertThat(led)
                .as("no test leads to these")
                .containsAll(Arrays.asList("C31", "C34", "C35", "C36", "C37", "C38", "C42"));
    }

    @Test
    void readsTheEvidenceThatIsThereAlready() {
        var evidence =
                EvidenceFound.of(
                        "No drive since Monday; leaks at the output shaft",
                        EnumSet.of(Circumstance.METAL),
                        List.of(
                                PartFinding.of("SHP-1", "cut clean", Look.AS_FOUND, "Tomás"),
                                PartFinding.of("PLG-1", "blows free", Look.AS_FOUND, "Tomás"),
                                PartFinding.of("GER-1", "polishing", Look.WASHED, "Tomás"),
                                PartFinding.of("GER-1", "spalling", Look.WASHED, "Tomás")),
                        List.of(
                                new Measured("SHF-1", Verdict.CLEAR_PASS, null, false, ""),
                                new Measured("MBV-1", Verdict.CLEAR_FAIL, null, false, "")));
        assertThat(evidence.present()).containsExactlyInAnyOrder("S01", "S10", "S12");
        assertThat(evidence.absent()).as("what nobody looked at is not absent").isEmpty();
        assertThat(evidence.positive()).containsExactlyInAnyOrder("T02", "T06", "T13");
        assertThat(evidence.negative()).containsExactlyInAnyOrder("T10", "T12");
    }

    /** What is clean after the work was not clean when it came in. */
    @Test
    void whatIsSeenAfterTheWorkIsNoEvidence() {
        var after = List.of(PartFinding.of("PLG-1", "blows free", Look.AFTER_WORK, "Tomás"));
        assertThat(EvidenceFound.of("", Set.of(), after, List.of())).isEqualTo(Evidence.NOTHING);
    }

    /** A doubtful measurement says nothing either way. */
    @Test
    void whatIsDoubtfulIsNoEvidence() {
        var evidence =
                EvidenceFound.of(
                        "",
                        Set.of(),
                        List.of(),
                        List.of(new Measured("SHF-1", Verdict.DOUBTFUL, null, false, "")));
        assertThat(evidence).isEqualTo(Evidence.NOTHING);
    }

    @Test
    void readsALoadThatSlipsBack() {
        assertThat(
                        EvidenceFound.of(
                                        "Yearly service; slips back a tooth under load",
                                        Set.of(),
                                        List.of(),
                                        List.of())
                                .present())
                .containsExactly("S18");
        assertThat(EvidenceFound.of("slips under load", Set.of(), List.of(), List.of()).present())
                .isEmpty();
    }

    /** What is denied is not read, in a sign as in a word of the complaint. */
    @Test
    void whatIsDeniedIsNoSign() {
        for (var said :
                List.of(
                        "no leak at the output shaft",
                        "does not leak at the seal",
                        "Never kicks back")) {
            assertThat(EvidenceFound.of(said, Set.of(), List.of(), List.of()))
                    .as(said)
                    .isEqualTo(Evidence.NOTHING);
        }
        assertThat(EvidenceFound.of("LEAKS AT THE SEAL", Set.of(), List.of(), List.of()).present())
                .containsExactly("S10");
    }

    @Test
    void saysOfATestThatWasNegativeThatItWasNotSo() {
        var d = of(Set.of("S10"), Set.of(), Set.of(), Set.of("T12"));
        var said =
                d.causes().stream()
                        .flatMap(c -> c.evidence().stream())
                        .map(Diagnosis.Weighed::says)
                        .distinct()
                        .toList();
        assertThat(said).contains("blow through the breather: not so (blocked)");
    }
}
