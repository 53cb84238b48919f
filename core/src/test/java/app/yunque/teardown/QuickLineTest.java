package app.yunque.teardown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.gear.Member;
import app.yunque.measure.Refused;
import app.yunque.teardown.QuickLine.Amount;
import app.yunque.teardown.QuickLine.Screw;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuickLineTest {
    private static final List<String> SHAFTS =
            List.of("input shaft", "intermediate shaft", "output shaft");

    private static QuickLine read(String line) {
        return QuickLine.read(line, SHAFTS);
    }

    private static Screw screw(String line) {
        return Objects.requireNonNull(read(line).screw());
    }

    // The trade's way of writing; common practice, no source.
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "bearing cover input left 6x M8x25, tray B | bearing cover | COVER | 1 | 1 | LEFT | B",
                "2 spacers output right bag 3 | spacers | SPACER | 2 | 3 | RIGHT | bag 3",
                "two tab washers shaft 2 left | tab washers | TAB_WASHER | 2 | 2 | LEFT | ''",
                "input cover, tray A | input cover | COVER | 1 | 1 | | A",
                "coupling key 8 × 36 input left | coupling key 8 × 36 | KEY | 1 | 1 | LEFT | ''",
                "12 rollers output middle tin 4 | rollers | ROLLER | 12 | 3 | MIDDLE | tin 4",
                "seal of the input shaft, drive end | seal of the input shaft | SEAL | 1 | 1 | LEFT | ''",
                "worm wheel | worm wheel | GEAR | 1 | | | ''",
            })
    void readsPartCountPlaceAndTray(
            String line,
            String part,
            PartKind kind,
            int count,
            Integer shaft,
            Side side,
            String tray) {
        var step = read(line);

        assertThat(step.part()).isEqualTo(part);
        assertThat(step.kind()).isEqualTo(kind);
        assertThat(step.count()).isEqualTo(count);
        assertThat(step.shaft()).isEqualTo(shaft);
        assertThat(step.side()).isEqualTo(side);
        assertThat(step.tray()).isEqualTo(tray);
        assertThat(step.problems()).isEmpty();
    }

    // ISO 261: M10 has a pitch of 1.25 and none of 25, so one number is a pitch and the other a
    // length.
    @ParameterizedTest(name = "{0}: {1} × {2}, {3} {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "cover 6x M8x25 | 6 | M8 | 25 | mm",
                "cover 6 M8 x 25 | 6 | M8 | 25 | mm",
                "locknut M30x1.5 | 1 | M30×1.5 | | ",
                "flange 4× M10×1.25×30 | 4 | M10×1.25 | 30 | mm",
                "flange 4x M10x1,25 30 mm long | 4 | M10×1.25 | 30 | mm",
                "flange 4x 3/8-16 x 1 1/4 in | 4 | 3/8-16 | 1.25 | in",
                "plate 2x #10-32 UNF x 3/4\" | 2 | #10-32 | 0.75 | in",
                "drain plug G 1/2 | 1 | G 1/2 | | ",
            })
    void tellsAPitchFromALength(String line, int count, String thread, String length, String unit) {
        var screw = screw(line);

        assertThat(screw.count()).isEqualTo(count);
        assertThat(screw.thread()).isEqualTo(thread);
        assertThat(screw.length()).isEqualTo(length == null ? null : new Amount(length, unit));
    }

    @Test
    void readsHandDriveTorqueAndLocking() {
        var nut =
                read("locknut M10x1.25 LH, hex 17, 24 lbf·ft from maker's sheet, threadlock high");

        assertThat(nut.part()).isEqualTo("locknut");
        assertThat(nut.screw())
                .isEqualTo(
                        new Screw(
                                1,
                                "M10×1.25",
                                null,
                                true,
                                new Amount("24", "lbf·ft"),
                                "maker's sheet",
                                "hex 17",
                                Fastening.Locking.THREADLOCK_HIGH));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "washer, chamfer down | chamfer down",
                "bearing groove up input left | groove up",
                "seal, lip in, tray C | lip in",
                "gear hub to the bearing | hub to the bearing",
                "ring marked side out | marked side out",
                "bearing cup in the wall | ''",
            })
    void readsWhichWayRound(String line, String way) {
        assertThat(read(line).wayRound()).isEqualTo(way);
    }

    @Test
    void readsWhatMadeItHard() {
        var bush =
                read(
                        "worn bush output right stuck to the collar, with puller, 12 min (second time)");

        assertThat(bush.part()).isEqualTo("bush");
        assertThat(bush.condition()).isEqualTo(Condition.WORN);
        assertThat(bush.stuckTo()).isEqualTo("collar");
        assertThat(bush.tool()).isEqualTo("puller");
        assertThat(bush.minutes()).isEqualTo(12);
        assertThat(bush.note()).isEqualTo("second time");
    }

    @Test
    void countsWhatFallsOut() {
        var cage = read("cage output left with 24 loose rollers");

        assertThat(cage.part()).isEqualTo("cage");
        assertThat(cage.loose()).isEqualTo(new LooseItem(PartKind.ROLLER, 24, 24));
    }

    @Test
    void namesAGearOfThePapers() {
        var wheel = read("wheel 1, mark 7");

        assertThat(wheel.gear()).isEqualTo(new GearPlace(1, Member.WHEEL));
        assertThat(wheel.shaft()).isEqualTo(2);
        assertThat(wheel.matchMark()).isEqualTo("7");
    }

    @Test
    void keepsWhatItDoesNotUnderstandInTheName() {
        assertThat(read("thingamajig with the odd lug, tray Z").part())
                .isEqualTo("thingamajig with the odd lug");
    }

    @Test
    void showsWhatItUnderstoodWhereItStands() {
        assertThat(read("2 spacers, tray B").pieces())
                .containsExactly(
                        new QuickLine.Piece("2", "pieces", 0),
                        new QuickLine.Piece("tray B", "tray", 11));
    }

    @Test
    void saysWhenAThreadIsNone() {
        assertThat(read("cover 6x M8x1.3").problems())
                .singleElement()
                .asString()
                .contains("There is no thread M8×1.3", "M8×1.25, M8×1, M8×0.75");
        assertThat(read("cover shaft 7").problems())
                .singleElement()
                .asString()
                .contains("no shaft 7");
        assertThat(read("tray B").problems())
                .contains("Say what came off: no part is named in this line.");
    }

    @Test
    void refusesAnEmptyLineAndAnEndlessOne() {
        assertThatThrownBy(() -> read("   "))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Type what came off");
        assertThatThrownBy(() -> read("x".repeat(401)))
                .hasMessageContaining("401 characters; at most 400 fit");
    }

    /** Whatever is typed, nothing is thrown but a sentence. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "M",
                "x x x",
                "6x",
                "M8x",
                "1/4-",
                "((((",
                "tray",
                "9999999999 balls",
                "6x M999",
                "Ω≈ç√",
                "left left left",
                "10000 rollers",
                "note:",
                "z 0",
                "0 pins"
            })
    void survivesAnything(String line) {
        assertThat(read(line).pieces()).isNotNull();
    }
}
