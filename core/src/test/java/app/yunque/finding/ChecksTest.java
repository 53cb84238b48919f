package app.yunque.finding;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Edges;
import app.yunque.measure.Refused;
import app.yunque.teardown.PartKind;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChecksTest {
    @Test
    void holdsTheWholeTable() {
        assertThat(Checks.all()).hasSize(175);
        assertThat(Checks.all()).allMatch(c -> c.minutes() > 0 && !c.source().isBlank());
        // What has neither words nor a measurement asks nothing.
        assertThat(Checks.all()).allMatch(c -> !c.words().isEmpty() || !c.measured().isEmpty());
    }

    @Test
    void knowsEachWordOnce() {
        for (var check : Checks.all()) {
            var words = check.words().stream().map(w -> w.text().toLowerCase(Locale.ROOT)).toList();
            assertThat(words).as(check.id()).doesNotHaveDuplicates().allMatch(w -> !w.isBlank());
        }
    }

    /** Where something can be found, it can also be found as it should be; evidence of what is renewed anyway need not. */
    @Test
    void everyCheckByEyeCanBeAnsweredWell() {
        var without =
                Checks.all().stream()
                        .filter(c -> !c.words().isEmpty())
                        .filter(
                                c ->
                                        c.words().stream()
                                                .noneMatch(w -> w.severity() == Severity.SOUND))
                        .filter(c -> c.measured().isEmpty())
                        .map(Check::id)
                        .toList();
        assertThat(without).isEmpty();
    }

    @Test
    void leadsOnlyToChecksThereAre() {
        var families = Checks.all().stream().map(Check::family).collect(Collectors.toSet());
        for (var check : Checks.all()) {
            Check.NAME
                    .matcher(check.leadsTo())
                    .results()
                    .map(r -> r.group())
                    .filter(name -> families.contains(name.substring(0, 3)))
                    .forEach(
                            name ->
                                    assertThat(Checks.find(name))
                                            .as(check.id() + " " + name)
                                            .isPresent());
        }
    }

    // Terms and severities: ISO 15243 and ISO 10825, from memory; severity common practice, no
    // source.
    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "ANY-1 | cracked | CONDEMNED",
                "ANY-1 | rubbed | MEASURE",
                "BRG-1 | Gritty | WASH",
                "BRG-2 | false brinelling seen | MEASURE",
                "BRG-2 | false brinelling felt | CONDEMNED",
                "GER-1 | initial pitting | NOTED",
                "GER-1 | light scuffing | DRESS",
                "GER-1 | severe scuffing | CONDEMNED",
                "PWL-4 | draws itself in | SOUND",
                "PWL-4 | stays half | CONDEMNED",
                "KEY-1 | key cut from screw or nail | CONDEMNED",
                "RNG-1 | spalling | CONDEMNED",
                "ECC-1 | thermal cracking | CONDEMNED",
                "SPR-1 | rust pits on a pawl, brake or valve spring | CONDEMNED"
            })
    void weighsEachWord(String check, String word, Severity severity) {
        assertThat(Checks.of(check).severityOf(word)).isEqualTo(severity);
    }

    @Test
    void refusesWordsAndNamesThereAreNot() {
        assertThatThrownBy(() -> Checks.of("BRG-1").severityOf("fine"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("knows no finding “fine”")
                .hasMessageContaining("smooth, drags evenly");
        assertThatThrownBy(() -> Checks.of("XYZ-1"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("There is no check “XYZ-1”");
    }

    @Test
    void tellsWhenToLook() {
        assertThat(Checks.of("BRG-1").looks()).isEqualTo(Set.of(Look.AS_FOUND, Look.WASHED));
        assertThat(Checks.of("PWL-6").looks()).isEqualTo(Set.of(Look.AFTER_WORK));
        assertThat(Checks.of("BRG-1").isMust()).isTrue();
        assertThat(Checks.of("BRG-3").isMust()).isFalse();
        assertThat(Checks.of("WSR-2").isMust()).as("should, raised by circumstances").isFalse();
    }

    @Test
    void namesWhatMeasuresAWord() {
        assertThat(Checks.of("KEY-1").answeredBy("keyway lip hammered")).containsExactly("KEY-1");
        assertThat(Checks.of("JRN-1").answeredBy("step felt")).containsExactly("JRN-2");
        assertThat(Checks.of("GER-1").answeredBy("corrosion pits on the flank"))
                .containsExactly("GER-8");
        assertThat(Checks.of("GER-1").answeredBy("ridging")).containsExactly("GER-3");
        assertThat(Checks.of("GER-1").answeredBy("fretting corrosion"))
                .contains("GER-3", "GER-8")
                .doesNotHaveDuplicates();
        assertThat(Checks.of("ANY-1").answeredBy("rubbed")).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(PartKind.class)
    void asksEveryKindWhetherItIsWholeAndSomethingOfItsOwn(PartKind kind) {
        var asked = Checks.of(step(1, "part", kind).build());
        assertThat(asked.get(0).id()).isEqualTo(Checks.WHOLE);
        assertThat(asked).doesNotHaveDuplicates();
        var own = asked.stream().filter(c -> !Set.of("ANY", "NEW").contains(c.family())).toList();
        assertThat(own.isEmpty()).isEqualTo(kind == PartKind.OTHER);
    }

    @ParameterizedTest(name = "{1} {0} is asked {2}")
    @CsvSource({
        "GEAR, worm wheel, WWL",
        "GEAR, ratchet wheel, PWL",
        "GEAR, sprocket, CHN",
        "GEAR, planet, PPN",
        "GEAR, nylon gear, FUS",
        "GEAR, dog gear, DOG",
        "PIN, planet pin, PPN",
        "PIN, shear pin, SHP",
        "PIN, ring pin, CYR",
        "ROLLER, cycloidal roller, CYR",
        "SPRING, clock spring, CLK",
        "OTHER, brake band, BRK",
        "NUT, stem nut, STM",
        "SCREW, lead screw, STM",
        "BEARING, one-way clutch bearing, OWC",
        "COUPLING, belt pulley, BLT",
        "COUPLING, rubber element, ELM",
        "BALL, check ball, CHK",
        "PLUNGER, pump plunger, PMP",
        "PLUNGER, detent, DET",
        "OTHER, gib, WAY",
        "OTHER, ball joint, JNT",
        "OTHER, synchro ring, CON",
        "SHAFT, layshaft, JRN",
        "SHAFT, splined shaft, SPL",
        "HOUSING, case half, HBR"
    })
    void asksMoreByTheName(PartKind kind, String name, String family) {
        assertThat(Checks.of(step(1, name, kind).build()))
                .extracting(Check::family)
                .contains(family);
    }

    @ParameterizedTest(name = "{1} {0} is not asked {2}")
    @CsvSource({
        "GEAR, wheel, PPN",
        "PIN, dowel pin, SHP",
        "BEARING, bearing, OWC",
        "PLUNGER, plunger, PMP",
        "BEARING, planet bearing, PPN"
    })
    void asksNothingThatIsNotThere(PartKind kind, String name, String family) {
        assertThat(Checks.of(step(1, name, kind).build()))
                .extracting(Check::family)
                .doesNotContain(family);
    }

    /** A practitioner who slips in the table is told the line, at the start. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "BRG-1 | feel | finger | M | smooth 0 | – | x | 2 | FC",
                "bearing | feel | finger | M | smooth 0 | – | x | 2 | FC | –",
                "BRG-1 | feel | finger | M | smooth | – | x | 2 | FC | –",
                "BRG-1 | feel | finger | M | smooth 4 | – | x | 2 | FC | –",
                "BRG-1 | feel | finger | M | smooth 0 | – | x | 2 | Q | –"
            })
    void aLineThatCannotBeReadIsNamed(String line) {
        assertThatThrownBy(() -> CheckTable.check(line))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining(line);
    }

    @ParameterizedTest(name = "{0}: {2} to {3} {1}")
    @CsvSource(
            nullValues = "-",
            value = {
                "HSG-4, mm, 0.05, 0.10, false",
                "BAL-1, µm, 2, 5, false",
                "PWL-2, '', 0.85, 0.80, true",
                "DOG-2, %, 85, 70, true",
                "SHP-2, %, 2, 5, false",
                "OWC-1, °, 2, 5, false",
                "PIN-3, mm, 0.20, 0.10, true"
            })
    void knowsLimitsThatAreTheSameForEveryPart(
            String check, String unit, double mostNew, double renew, boolean shrinks) {
        assertThat(Checks.of(check).limits())
                .isEqualTo(new CheckLimits(unit, new Edges(null, mostNew, renew, shrinks)));
    }

    @Test
    void knowsTheLeastWhereThereIsOneAndNothingWhereItDepends() {
        assertThat(Checks.of("LEV-1").limits())
                .isEqualTo(new CheckLimits("mm", Edges.growing(0.10, 0.30, 0.80)));
        // By size, by duty, and of two things.
        for (var check : List.of("KEY-1", "GER-3", "COL-1", "BRK-3", "ANY-1", "LND-2")) {
            assertThat(Checks.of(check).limits()).as(check).isNull();
        }
    }

    @Test
    void readsALine() {
        var check =
                CheckTable.check(
                        "ABC-7 | this | that way | S; M: LEAK | good 0; rust, deep 2m | – | me | 0.5 | FR | look at BRG-3");
        assertThat(check)
                .isEqualTo(
                        new Check(
                                "ABC-7",
                                "this",
                                "that way",
                                "S; M: LEAK",
                                List.of(
                                        new Check.Word("good", Severity.SOUND),
                                        new Check.Word("rust, deep", Severity.MEASURE)),
                                "",
                                null,
                                "me",
                                0.5,
                                Set.of(Look.AS_FOUND, Look.AFTER_WORK),
                                "look at BRG-3",
                                ""));
        assertThat(check.family()).isEqualTo("ABC");
    }

    // Common practice, no source.
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "BRG-1, compressed air",
        "HSG-3, blind hole",
        "HSG-1, tip",
        "CLK-1, hub",
        "PWL-4, load on the ground",
        "BRK-2, load on the ground",
        "CLP-1, eye protection",
        "SPR-1, eye protection",
        "GER-1, fingers out",
        "MSP-1, powered drill",
        "DET-1, point it away",
        "PMP-1, pressure",
        "MFR-1, no petrol"
    })
    void whatCanHurtSomebodySaysSo(String check, String says) {
        assertThat(Checks.of(check).caution()).contains(says);
    }

    @Test
    void everyCautionIsOfAFamilyOrACheckThatThereIs() {
        assertThat(Checks.of("JRN-1").caution()).isEmpty();
        assertThat(Checks.of("MFR-2").caution()).isEmpty();
        assertThat(CheckCautions.all().keySet())
                .allSatisfy(
                        k ->
                                assertThat(Checks.all())
                                        .anyMatch(c -> c.id().equals(k) || c.family().equals(k)));
    }

    /** The head of a name tells what a part is; what it belongs to does not. */
    @ParameterizedTest(name = "{0} {1}: {2}, not {3}")
    @CsvSource({
        "SPRING, clock spring of the brake, CLK-1, BRK-1",
        "SHAFT, brake shaft, BRK-1, CLK-1",
        "WASHER, one-way washer, WSR-1, OWC-1",
        "OTHER, one-way clutch, OWC-1, WSR-1",
        "SCREW, screws of the worm wheel, SCR-1, WWL-1"
    })
    void aPartIsAskedWhatItIs(PartKind kind, String name, String asked, String not) {
        assertThat(Checks.of(step(1, name, kind).build()))
                .extracting(Check::id)
                .contains(asked)
                .doesNotContain(not);
    }
}
