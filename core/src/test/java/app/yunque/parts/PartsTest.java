package app.yunque.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Refused;
import app.yunque.parts.AlternateGrade.Duty;
import app.yunque.parts.AlternateGrade.Grade;
import app.yunque.parts.BillOfParts.BillLine;
import app.yunque.parts.BillOfParts.CameOff;
import app.yunque.parts.Supersession.Replacement;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Serial ranges, numbers that replace each other, alternates and bills: common practice, no source. */
class PartsTest {
    @ParameterizedTest(name = "{0} in {1} to {2}: {3}")
    @CsvSource({
        "ab00987, AB-00120, AB 1499, true",
        "AB1500, AB-00120, AB 1499, false",
        "AC0987, AB-00120, AB 1499, false",
        "AB 120, AB-00120, AB 1499, true",
        "AB.1499, AB-00120, AB 1499, true",
        "AB 119, AB-00120, AB 1499, false",
        "AB 999999, AB 1500, '', true",
        "AB 1499, AB 1500, '', false",
        "AB 3, '', AB 1499, true",
        "XY 3, '', AB 1499, false",
        "XY 3, '', '', true",
        "AB1499X, AB-00120, AB 1499, true"
    })
    void aMachineInARange(String serial, String from, String to, boolean inside) {
        assertThat(new SerialRange(from, to).covers(SerialNumber.of(serial))).isEqualTo(inside);
    }

    @Test
    void aSerialNumberIsTakenApart() {
        assertThat(SerialNumber.of(" ab-00.987/c2 ")).isEqualTo(new SerialNumber("AB", 987, "C2"));
        assertThat(SerialNumber.of("0042")).isEqualTo(new SerialNumber("", 42, ""));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "AB", "12 AB 34 CD 56%", "?"})
    void whatIsNoSerialNumberIsTold(String written) {
        assertThatThrownBy(() -> SerialNumber.of(written))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Read the plate again");
    }

    @ParameterizedTest(name = "{0} to {1}: {2}")
    @CsvSource({
        "AB 10, AC 20, begin with other letters",
        "AB 20, AB 10, before it begins",
        "AB 20, x, not read as a serial number"
    })
    void aRangeThatCannotBe(String from, String to, String says) {
        assertThatThrownBy(() -> new SerialRange(from, to))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(says);
    }

    @ParameterizedTest(name = "{0}–{1} and {2}–{3}: {4}")
    @CsvSource({
        "AB 1, AB 10, AB 10, AB 20, true",
        "AB 1, AB 10, AB 11, AB 20, false",
        "AB 11, AB 20, AB 1, AB 10, false",
        "AB 1, '', AB 500, AB 600, true",
        "'', AB 10, AB 11, '', false",
        "'', AB 10, AB 5, '', true",
        "AB 1, '', AC 1, '', false",
        "'', '', AC 1, AC 2, true"
    })
    void rangesThatOverlap(String a, String b, String c, String d, boolean overlap) {
        assertThat(new SerialRange(a, b).overlaps(new SerialRange(c, d))).isEqualTo(overlap);
        assertThat(new SerialRange(c, d).overlaps(new SerialRange(a, b))).isEqualTo(overlap);
    }

    @Test
    void aRangeInWords() {
        assertThat(SerialRange.ALL.inWords()).isEqualTo("every machine");
        assertThat(new SerialRange("AB 1", "").inWords()).isEqualTo("from AB 1 on");
        assertThat(new SerialRange("", "AB 9").inWords()).isEqualTo("up to AB 9");
        assertThat(new SerialRange("AB 1", "AB 9").inWords()).isEqualTo("AB 1 to AB 9");
    }

    private static Replacement replaced(String old, SerialRange on, PartItem... by) {
        return new Replacement(old, List.of(by), on);
    }

    private static final List<Replacement> CHAIN =
            List.of(
                    replaced("p1", SerialRange.ALL, new PartItem("P2", 1)),
                    replaced("P2", SerialRange.ALL, new PartItem("P3", 1), new PartItem("S9", 2)),
                    replaced("P3", SerialRange.ALL, new PartItem("P4", 1)));

    // Two of P1: P1 → P2 → P3 and two S9 → P4 and two S9.
    @Test
    void numbersReplaceEachOther() {
        var told = Supersession.of(CHAIN, new PartItem("P1", 2), Optional.empty());
        assertThat(told.order()).containsExactly(new PartItem("P4", 2), new PartItem("S9", 4));
        assertThat(told.chain())
                .containsExactly("P1 → 1 × P2", "P2 → 1 × P3", "P3 → 1 × P4", "P2 → 2 × S9");
        assertThat(told.sentence()).isEqualTo("In the place of 2 × P1: 2 × P4, 4 × S9.");
        var same = Supersession.of(CHAIN, new PartItem("Q7", 1), Optional.empty());
        assertThat(same.order()).containsExactly(new PartItem("Q7", 1));
        assertThat(same.sentence()).isEqualTo("1 × Q7 is ordered as it is.");
    }

    /** Two ways to one end are bought together. */
    @Test
    void equalEndsAreOne() {
        var both =
                List.of(
                        replaced("A", SerialRange.ALL, new PartItem("B", 1), new PartItem("C", 3)),
                        replaced("B", SerialRange.ALL, new PartItem("C", 2)));
        assertThat(Supersession.of(both, new PartItem("A", 2), Optional.empty()).order())
                .containsExactly(new PartItem("C", 10));
    }

    @Test
    void aRingIsNamed() {
        var ring =
                List.of(
                        replaced("P1", SerialRange.ALL, new PartItem("P2", 1)),
                        replaced("P2", SerialRange.ALL, new PartItem("P1", 1)));
        assertThatThrownBy(() -> Supersession.of(ring, new PartItem("P1", 1), Optional.empty()))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("replace each other: P1 → P2 → P1");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"AB 100, NEW1", "AB 2000, NEW2", "'', OLD", "CD 5, OLD"})
    void aRangeStopsTheChainThere(String serial, String ordered) {
        var split =
                List.of(
                        replaced(
                                "OLD", new SerialRange("AB 1", "AB 1499"), new PartItem("NEW1", 1)),
                        replaced("OLD", new SerialRange("AB 1500", ""), new PartItem("NEW2", 1)));
        assertThat(Supersession.of(split, new PartItem("OLD", 1), Optional.of(serial)).order())
                .containsExactly(new PartItem(ordered, 1));
    }

    @Test
    void twoWaysOnOneMachineAreAsked() {
        var two =
                List.of(
                        replaced("OLD", SerialRange.ALL, new PartItem("NEW1", 1)),
                        replaced("OLD", new SerialRange("AB 1", ""), new PartItem("NEW2", 1)));
        assertThatThrownBy(() -> Supersession.of(two, new PartItem("OLD", 1), Optional.of("AB 7")))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("replaced in 2 ways")
                .hasMessageContaining("every machine; from AB 1 on");
        assertThatThrownBy(() -> new Replacement("OLD", List.of(), SerialRange.ALL))
                .hasMessageContaining("takes the place of OLD is missing");
    }

    // Inside A to C, limiting a torque A or B, outside A to D; the weakest item counts.
    @ParameterizedTest(name = "{0} {1} {2} {3} {4}, {5}: {6}, {7}")
    @CsvSource({
        "true,  false, false, false, false, LIMITS_TORQUE,   A, true",
        "false, true,  false, false, false, LIMITS_TORQUE,   B, true",
        "false, false, true,  true,  true,  LIMITS_TORQUE,   C, false",
        "false, false, true,  true,  true,  INSIDE_THE_BOX,  C, true",
        "false, false, true,  false, true,  INSIDE_THE_BOX,  D, false",
        "false, false, true,  false, false, INSIDE_THE_BOX,  D, false",
        "false, false, false, true,  true,  INSIDE_THE_BOX,  D, false",
        "false, false, false, true,  true,  OUTSIDE_THE_BOX, D, true",
        "false, false, false, true,  false, OUTSIDE_THE_BOX, E, false",
        "false, false, false, false, false, INSIDE_THE_BOX,  E, false"
    })
    void anAlternateByItsEvidence(
            boolean maker,
            boolean standard,
            boolean sizes,
            boolean material,
            boolean some,
            Duty duty,
            Grade grade,
            boolean allowed) {
        var told = AlternateGrade.of(maker, standard, sizes, material, some, duty);
        assertThat(told.grade()).isEqualTo(grade);
        assertThat(told.allowed()).isEqualTo(allowed);
        assertThat(told.sentence())
                .startsWith(grade + ": " + grade.words())
                .contains(allowed ? "It may be fitted." : "is asked at least");
    }

    /** Of what is inside C goes, of what limits a torque B, of what is outside D: common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "A, LIMITS_TORQUE, true", "B, LIMITS_TORQUE, true", "C, LIMITS_TORQUE, false",
        "D, LIMITS_TORQUE, false", "E, LIMITS_TORQUE, false", "A, INSIDE_THE_BOX, true",
        "B, INSIDE_THE_BOX, true", "C, INSIDE_THE_BOX, true", "D, INSIDE_THE_BOX, false",
        "E, INSIDE_THE_BOX, false", "A, OUTSIDE_THE_BOX, true", "B, OUTSIDE_THE_BOX, true",
        "C, OUTSIDE_THE_BOX, true", "D, OUTSIDE_THE_BOX, true", "E, OUTSIDE_THE_BOX, false"
    })
    void everyGradeForEveryDuty(Grade grade, Duty duty, boolean allowed) {
        var judged = AlternateGrade.judged(grade, duty);
        assertThat(judged.grade()).isEqualTo(grade);
        assertThat(judged.allowed()).isEqualTo(allowed);
    }

    @Test
    void theMakersNumberIsThatOfTheBillOrWhatReplacesItToday() {
        var replaced =
                List.of(new Replacement("S-9", List.of(new PartItem("S-10", 1)), SerialRange.ALL));
        var none = Optional.<String>empty();
        assertThat(BILL.isMakers("output shaft seal", "S-9", List.of(), none)).contains(true);
        assertThat(BILL.isMakers("shaft seal", "S-10", replaced, none)).contains(true);
        assertThat(BILL.isMakers("shaft seal", "S-10", List.of(), none)).contains(false);
        assertThat(BILL.isMakers("paint", "S-9", List.of(), none)).isEmpty();
        var ring =
                List.of(
                        new Replacement("S-9", List.of(new PartItem("S-10", 1)), SerialRange.ALL),
                        new Replacement("S-10", List.of(new PartItem("S-9", 1)), SerialRange.ALL));
        assertThat(BILL.isMakers("shaft seal", "S-10", ring, none)).isEmpty();
    }

    private static BillLine line(String position, String number, int pieces, String name) {
        return new BillLine(position, new PartItem(number, pieces), name, SerialRange.ALL);
    }

    private static final BillOfParts BILL =
            BillOfParts.of(
                    List.of(
                            line("1", "H-1", 1, "housing"),
                            line("2", "B-22", 2, "ball bearing"),
                            line("3", "W-1", 2, "wave washer"),
                            line("4", "S-9", 1, "output shaft seal")),
                    Optional.empty());

    @Test
    void whatCameOffAgainstTheBill() {
        var told =
                BILL.against(
                        List.of(
                                new CameOff("housing", 1),
                                new CameOff("ball bearings", 2),
                                new CameOff("wave washer", 1),
                                new CameOff("plain bolt", 1)));
        assertThat(told.missing()).extracting(BillLine::name).containsExactly("output shaft seal");
        assertThat(told.otherCount()).containsExactly("wave washer: 1 came off, 2 belong there");
        assertThat(told.notListed()).containsExactly(new CameOff("plain bolt", 1));
        assertThat(told.isNone()).isFalse();
        assertThat(
                        BILL.against(
                                        List.of(
                                                new CameOff("Housing", 1),
                                                new CameOff("ball bearing", 1),
                                                new CameOff("ball bearing", 1),
                                                new CameOff("wave-washers", 2),
                                                new CameOff("shaft seal", 1)))
                                .isNone())
                .isTrue();
    }

    /** A name that could be two lines is none: nothing is bought by guessing. */
    @Test
    void whatCouldBeTwoIsNone() {
        var two =
                BillOfParts.of(
                        List.of(
                                line("1", "A", 1, "inner bearing"),
                                line("2", "B", 1, "outer bearing")),
                        Optional.empty());
        assertThat(two.line("bearing")).isEmpty();
        assertThat(two.line("inner bearing").map(l -> l.part().number())).contains("A");
        assertThat(two.line("spring")).isEmpty();
    }

    @Test
    void onlyWhatHoldsOnThisMachine() {
        var early =
                new BillLine("5", new PartItem("P-1", 1), "pinion", new SerialRange("", "AB 1499"));
        var late =
                new BillLine("5", new PartItem("P-2", 1), "pinion", new SerialRange("AB 1500", ""));
        assertThat(BillOfParts.of(List.of(early, late), Optional.of("AB 2000")).line("pinion"))
                .contains(late);
        assertThat(BillOfParts.of(List.of(early, late), Optional.of("AB 20")).line("pinion"))
                .contains(early);
        assertThat(BillOfParts.of(List.of(early, late), Optional.empty()).lines()).isEmpty();
        var all = new BillLine("5", new PartItem("P-3", 1), "pinion", SerialRange.ALL);
        assertThatThrownBy(() -> BillOfParts.of(List.of(early, all), Optional.empty()))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Place 5 of the diagram is P-1 (up to AB 1499) and P-3");
        assertThatThrownBy(() -> line("1", "A", 1, " ")).hasMessageContaining("1 to 80 characters");
    }

    // By hand: 120.00 of parts and 2.5 h at 60.00 are 270.00; 150.00 and 3 h so far are 330.00.
    @Test
    void whatAJobCosts() {
        var cost = JobCost.of(12_000, 15_000, 2.5, 3, 6_000);
        assertThat(cost.labourCents()).isEqualTo(15_000);
        assertThat(cost.estimateCents()).isEqualTo(27_000);
        assertThat(cost.actualCents()).isEqualTo(33_000);
        assertThat(cost.overCents()).isEqualTo(6_000);
        assertThat(cost.sentence()).isEqualTo("Estimated 270.00, so far 330.00, 60.00 over.");
        assertThat(JobCost.of(12_001, 0, 0, 0, 0).overCents()).isZero();
        assertThatThrownBy(() -> JobCost.of(-1, 0, 0, 0, 0)).isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @CsvSource({"0, 0.00", "5, 0.05", "6200, 62.00", "-5, −0.05", "-123456, −1234.56"})
    void moneyInWords(long cents, String words) {
        assertThat(Money.inWords(cents)).isEqualTo(words);
    }

    @ParameterizedTest(name = "{1} × “{0}”")
    @CsvSource({"'', 1", "A, 0", "A, 1001"})
    void anItemThatCannotBe(String number, int pieces) {
        assertThatThrownBy(() -> new PartItem(number, pieces)).isInstanceOf(Refused.class);
    }
}
