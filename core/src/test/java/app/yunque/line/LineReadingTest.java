package app.yunque.line;

import static app.yunque.line.Lines.held;
import static app.yunque.line.Lines.part;
import static app.yunque.line.Lines.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.Member;
import app.yunque.line.LineReading.Amount;
import app.yunque.line.LineReading.Fastener;
import app.yunque.line.LineReading.Found;
import app.yunque.line.LineReading.Loose;
import app.yunque.line.LineReading.Part;
import app.yunque.teardown.Condition;
import app.yunque.teardown.Fastening.Locking;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.StripAct;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The trade's way of writing; common practice, no source, unless a line says otherwise. */
class LineReadingTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "bearing cover input left 6x M8x25, tray B | bearing cover | COVER | 1 | 1 | LEFT | B",
                "2 spacers output right bag 3 | spacers | SPACER | 2 | 3 | RIGHT | bag 3",
                "two tab washers shaft 2 left | tab washers | TAB_WASHER | 2 | 2 | LEFT | ''",
                "input cover, tray A | input cover | COVER | 1 | 1 | | A",
                "coupling key 8 × 36 input left | coupling key | KEY | 1 | 1 | LEFT | ''",
                "12 rollers output middle tin 4 | rollers | ROLLER | 12 | 3 | MIDDLE | tin 4",
                "seal of the input shaft, drive end | seal | SEAL | 1 | 1 | LEFT | ''",
                "worm wheel | worm wheel | GEAR | 1 | | | ''",
                "input shaft, tray A | input shaft | SHAFT | 1 | 1 | | A",
                "3 gaskets 0.25 mm output carrier | gaskets | GASKET | 3 | | | ''",
                "woodruff key output shaft | woodruff key | KEY | 1 | 3 | | ''",
                "bearing 6305 C3 on the housing | bearing | BEARING | 1 | 0 | | ''",
                "pinion depth shim 1.25 mm | pinion depth shim | SHIM | 1 | | | ''",
                "cap, 2 washers, output right | cap | COVER | 1 | 3 | RIGHT | ''",
                "side cover shaft 1 left 4x M6x36, tray B | side cover | COVER | 1 | 1 | LEFT | B",
                "lip seal output left | lip seal | SEAL | 1 | 3 | LEFT | ''",
                "thingamajig off, tray Z | thingamajig | OTHER | 1 | | | Z"
            })
    void readsPartCountPlaceAndTray(
            String line,
            String name,
            PartKind kind,
            int count,
            Integer shaft,
            Side side,
            String tray) {
        var step = part(line);
        assertThat(step.name()).isEqualTo(name);
        assertThat(step.kind()).isEqualTo(kind);
        assertThat(step.count()).isEqualTo(count);
        assertThat(step.shaft()).isEqualTo(shaft);
        assertThat(step.side()).isEqualTo(side);
        assertThat(read(line).tray()).isEqualTo(tray);
        assertThat(read(line).act()).isEqualTo(StripAct.TAKE_OFF);
        assertThat(read(line).problems()).isEmpty();
    }

    /** Several things in a line are several parts, in their order. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "return spring, spring cup, e-clip, bag 1 | SPRING 1; WASHER 1; CIRCLIP 1",
                "cap, clip, 2 washers, wheel, spacer 1/2 | COVER 1; CIRCLIP 1; WASHER 2; GEAR 1; SPACER 1",
                "bull gear and its key, relief to the bearing | GEAR 1; KEY 1",
                "input shaft with pinion 15T and both bearings out as a unit | SHAFT 1",
                "in order: disc, spacer ring, eccentric, second disc | CAM_DISC 1; SPACER 1; ECCENTRIC 1; CAM_DISC 1",
                "O-rings from outside in: 20x2, 16x2, 20x2 | O_RING 1; O_RING 1; O_RING 1",
                "cover off, 8 M6x20, two dowels stayed in | COVER 1",
                "base bolts 5 x 5/16-18 x 1-1/2, nuts under deck | SCREW 5",
                "bearing input 6305, outer race turned in its seat | BEARING 1",
                "ball nut together, don't let the balls out | NUT 1",
                "2 springs and pawl, one spring weak | SPRING 2; PAWL 1",
                "2 pinions 12T worn, gear 40T pitted | GEAR 2; GEAR 1",
                "bearing left 6204, bearing right 6205 worn | BEARING 1; BEARING 1",
                "seal groove scored, seal itself fine | SEAL 1"
            })
    void tellsPartsFromWhatIsSaidOfThem(String line, String parts) {
        assertThat(read(line).parts())
                .extracting(p -> p.kind() + " " + p.count())
                .isEqualTo(Arrays.asList(parts.split("; ")));
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
                "9 cover screws M4x8 | 9 | M4 | 8 | mm",
                "cover 6 10-32 x 3/8 | 6 | #10-32 | 0.375 | in",
                "name plate 3 1/4-20 x 5/8 | 3 | 1/4-20 | 0.625 | in",
                "breather 1/4-18 NPT | 1 | 1/4-18 NPT | | ",
                "ring nut 1-1/4-12 | 1 | 1-1/4-12 | | ",
                "through bolts M5x110 x 2 | 2 | M5 | 110 | mm",
                "screw Tr 24x5 | 1 | Tr 24×5 | | "
            })
    void tellsAPitchFromALength(String line, int count, String thread, String length, String unit) {
        var screw = held(line);
        assertThat(screw.count()).isEqualTo(count);
        assertThat(screw.thread()).isEqualTo(thread);
        assertThat(screw.length()).isEqualTo(length == null ? null : new Amount(length, unit));
        assertThat(screw.part()).isZero();
    }

    @Test
    void readsHandDriveTorqueAndLocking() {
        var nut =
                held("locknut M10x1.25 LH, hex 17, 24 lbf·ft from maker's sheet, threadlock high");
        assertThat(nut)
                .isEqualTo(
                        new Fastener(
                                1,
                                "M10×1.25",
                                null,
                                true,
                                new Amount("24", "lbf·ft"),
                                "maker's sheet",
                                "hex 17",
                                Locking.THREADLOCK_HIGH,
                                "",
                                0));
        // 1 lbf·ft = 1.3558179483314 N·m (NIST SP 811); an inch is 25.4 mm, a thou its thousandth.
        assertThat(new Amount("24", "lbf·ft").canonical()).isCloseTo(32.5396, within(1e-4));
        assertThat(new Amount("12", "lbf·in").canonical()).isCloseTo(1.35582, within(1e-5));
        assertThat(new Amount("5", "thou").canonical()).isCloseTo(0.127, within(1e-12));
        assertThat(new Amount("1,5", "mm").canonical()).isEqualTo(1.5);
    }

    @ParameterizedTest(name = "{0}: {1} {2}, {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "nut M12, 80 Nm by table | 80 | N·m | table",
                "nut 1/2-20, 45 ft-lb, manual p.12 | 45 | lbf·ft | manual p.12",
                "nut M12 30 Nm est. | 30 | N·m | estimate",
                "screw #10-32 30 in-lb | 30 | lbf·in | ''",
                "bolts 4x M16 310 N.m sheet 4 | 310 | N·m | sheet 4",
                "pitman nut, 180 lb ft | 180 | lbf·ft | ''"
            })
    void readsATorqueInTheUnitOfTheWrench(String line, String value, String unit, String source) {
        assertThat(held(line).torque()).isEqualTo(new Amount(value, unit));
        assertThat(held(line).source()).isEqualTo(source);
    }

    /** A hand belongs to a thread: gears, places and directions have one too. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "worm single start, left hand helix",
                "gear 68T LH helical",
                "cover plate, quarter turn to the left frees it",
                "handle, left side"
            })
    void aHandOfSomethingElseIsNoThread(String line) {
        assertThat(read(line).fasteners()).isEmpty();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "washer, chamfer down | chamfer down",
                "bearing groove up input left | groove up",
                "seal, lip in, tray C | lip in",
                "gear hub to the bearing | hub to the bearing",
                "spacer ring marked side out | marked side out",
                "bearing cup in the wall | ''",
                "taper pin, big end to the left, drift | big end to the left"
            })
    void readsWhichWayRound(String line, String way) {
        assertThat(part(line).wayRound()).isEqualTo(way);
    }

    /** Left and right say where only where nothing else is meant. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "side plate left 4x 1/4-20 x 5/8 | LEFT",
                "bearing right end | RIGHT",
                "bush middle | MIDDLE",
                "drum off, slid out to the right | ",
                "dowel lower row, second from the left | ",
                "half nuts both out, lever left on | ",
                "cover motor side 4x M5x12 | ",
                "gear pitted lightly on drive side | ",
                "seal, drive end | LEFT",
                "seal, far end | RIGHT"
            })
    void leftAndRightAreNotAlwaysAPlace(String line, Side side) {
        assertThat(part(line).side()).isEqualTo(side);
    }

    @Test
    void readsWhatMadeItHard() {
        var line =
                "worn bush output right stuck to the collar, with puller, 12 min, two men, 34 kg (second time)";
        var bush = part(line);
        assertThat(bush.name()).isEqualTo("worn bush");
        assertThat(bush.kind()).isEqualTo(PartKind.BUSH);
        var read = read(line);
        assertThat(read.stuckTo()).isEqualTo("collar");
        assertThat(read.tool()).isEqualTo("puller");
        assertThat(read.minutes()).isEqualTo(12);
        assertThat(read.people()).isEqualTo(2);
        assertThat(read.massKg()).isEqualTo(34);
        assertThat(read.note()).isEqualTo("second time");
    }

    @Test
    void countsWhatFallsOut() {
        var read = read("28 loose balls 6 mm");
        assertThat(read.loose())
                .containsExactly(new Loose(PartKind.BALL, 28, "6 mm", "loose balls"));
        assertThat(read.parts()).isEmpty();
        var cage = read("needle cage output left with 24 loose rollers");
        assertThat(cage.parts()).extracting(Part::kind).containsExactly(PartKind.BEARING);
        assertThat(cage.loose()).containsExactly(new Loose(PartKind.ROLLER, 24, "", "rollers"));
        assertThat(read("selector: 2 balls 6 mm and spring 22.4 free length").loose())
                .extracting(Loose::count)
                .containsExactly(2);
    }

    @Test
    void namesAGearOfThePapers() {
        var wheel = part("wheel 1, mark 7");
        assertThat(wheel.gear()).isEqualTo(new GearPlace(1, Member.WHEEL));
        assertThat(wheel.shaft()).isEqualTo(2);
        assertThat(wheel.side()).isEqualTo(Side.MIDDLE);
        assertThat(read("wheel 1, mark 7").mark()).isEqualTo("7");
        assertThat(part("pinion 2").shaft()).isEqualTo(2);
    }

    // --- findings

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "fork bent, not cracked | BENT; not CRACKED",
                "shear pin worn, not broken | WORN; not BROKEN",
                "gear 42T no pitting | not PITTED",
                "6 springs, none weak | not WEAK",
                "6 case bolts, one snapped | BROKEN 1/6",
                "6 case bolts M8x40, one snapped | BROKEN 1/6",
                "2 springs and pawl, one spring weak | WEAK 1/2",
                "3 bushes, 2 rusty, 1 ok | CORRODED 2/3; SOUND 1/3",
                "3 of the 26 ring pins blued | BLUED 3/26",
                "plastic gear 45T, 6 teeth gone | TEETH_MISSING",
                "starter pinion 10T, 2 teeth chipped | CHIPPED",
                "spring broke coming out | BROKEN",
                "coupling spider, 3 of 6 legs worn | WORN",
                "seal hard | HARDENED",
                "pinion goes very hard | ''",
                "bearing 32208 rollers pitted, cage ok | PITTED",
                "pinion 17T, two teeth pitted, rest good | PITTED",
                "circlip rusted in | ''",
                "cotter pin bent over | ''",
                "cover, whiff of burnt oil | ''",
                "clamp bolt just to no play | ''",
                "bush no play | SOUND",
                "plate split in two places | ''"
            })
    void readsWhatWasFoundAndWhatWasNot(String line, String found) {
        assertThat(part(line).found())
                .extracting(
                        f ->
                                (f.not() ? "not " : "")
                                        + f.what()
                                        + (f.count() == null ? "" : " " + f.count() + "/" + f.of()))
                .isEqualTo(found.isEmpty() ? List.of() : Arrays.asList(found.split("; ")));
    }

    /** At a glance the worst that was found on all pieces counts; the rest stays in words. */
    @ParameterizedTest(name = "{0}: {1}, {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "fork bent, not cracked | NOT_SAID | bent, not cracked",
                "3 bushes, 2 rusty | NOT_SAID | 2 of 3 corroded",
                "gear pitted and rusty | PITTED | corroded",
                "gear rusty and cracked | CRACKED | corroded",
                "key sheared | BROKEN | ''",
                "bearing good | SOUND | ''",
                "bearing | NOT_SAID | ''"
            })
    void whatIsNotSaidOfAllIsNotSaidAtAGlance(String line, Condition condition, String beside) {
        assertThat(part(line).condition()).isEqualTo(condition);
        assertThat(part(line).foundBeside()).isEqualTo(beside);
    }

    /** Law: nothing that was found and bad makes a part sound, and no denial makes a finding. */
    @ParameterizedTest
    @EnumSource(
            value = Found.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"SOUND", "TEETH_MISSING"})
    void aNegationNeverYieldsTheFinding(Found found) {
        for (var pattern : Vocabulary.OF_THE_TRADE.found().entrySet()) {
            if (pattern.getValue() != found) {
                continue;
            }
            for (var word : words(pattern.getKey().pattern())) {
                for (var no : List.of("not", "no", "none", "not at all")) {
                    var line = "lever, " + no + " " + word;
                    assertThat(read(line).parts())
                            .as(line)
                            .flatExtracting(Part::found)
                            .allMatch(
                                    f ->
                                            ((LineReading.Finding) f).not()
                                                    || no.equals("not at all"));
                }
            }
        }
    }

    /** The plain words of a pattern of the vocabulary. */
    private static List<String> words(String pattern) {
        return Arrays.stream(pattern.replaceAll(".*?\\(\\?:(.*)\\)\\(\\?!.*", "$1").split("\\|"))
                .map(w -> w.replaceAll("\\\\Q|\\\\E", "").replace("[\\s-]?", " "))
                .filter(w -> w.matches("[a-z ]+"))
                .filter(w -> !w.contains("no ") && !w.contains("wear") && !w.contains("play"))
                .toList();
    }

    // --- what is no part that came off

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "battery lead off, capped | DISCONNECT",
                "motor cable disconnected, U1 V1 W1 marked | DISCONNECT",
                "drained 1.2 L, black | DRAIN",
                "half a cup of milky water tipped out | DRAIN",
                "clock spring let off 4 turns | RELIEVE",
                "pressure let off at the breather | RELIEVE",
                "turned the gearbox over | TURN",
                "left in neutral | SET_TO",
                "selector in LOW before lifting | SET_TO",
                "everything washed in white spirit | CLEAN",
                "two 1/2-13 jack bolts in | AID",
                "M12 eye bolt screwed in for lifting | AID",
                "backlash before strip 0.42 at the rim | MEASURE",
                "stroke knob reads 63 % | MEASURE",
                "dial: mark 3 on 7 of the hub | MARK",
                "no circlip on the pin, should be one | MISSING",
                "key missing in output shaft | MISSING",
                "spindle left where it is | LEFT_IN",
                "cover left on, just two 10-24 x 1/2 slackened | LEFT_IN",
                "gear slides free, spring brings it back | NOTE",
                "fan cover 3 screws, one missing | TAKE_OFF",
                "bracket off, the two dowels stay in the bed | TAKE_OFF",
                "gear, 2 teeth missing | TAKE_OFF",
                "feed clutch out as an assembly, not taken apart | TAKE_OFF"
            })
    void tellsWhatWasDone(String line, StripAct act) {
        assertThat(read(line).act()).isEqualTo(act);
        assertThat(read(line).takesOff()).isEqualTo(act == StripAct.TAKE_OFF);
    }

    /** What has to be undone says how; what nobody undoes says nothing. */
    @Test
    void whatWasDoneHasItsMirror() {
        assertThat(StripAct.DISCONNECT.mirror()).isEqualTo("connect it again as it was");
        assertThat(StripAct.AID.mirror()).isEqualTo("take it out again");
        assertThat(StripAct.MISSING.mirror()).isEqualTo("what belongs there goes in");
        assertThat(StripAct.MARK.mirror()).isEqualTo("bring it to its mark");
        assertThat(StripAct.TURN.mirror()).isEqualTo("turn it back as it was");
        for (var act :
                List.of(
                        StripAct.NOTE,
                        StripAct.CLEAN,
                        StripAct.MEASURE,
                        StripAct.LEFT_IN,
                        StripAct.DRAIN)) {
            assertThat(act.mirror()).isEmpty();
        }
        assertThat(StripAct.TAKE_OFF.isNoPart()).isFalse();
        assertThat(StripAct.TURN.isNoPart()).isTrue();
    }
}
