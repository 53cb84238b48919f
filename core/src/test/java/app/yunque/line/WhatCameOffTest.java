package app.yunque.line;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.line.LineReading.Found;
import app.yunque.line.LineReading.Part;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.StripAct;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names that hold a word for another act, a finding or a count: they came off all the same. Common practice, no source. */
class WhatCameOffTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "oil seal out, hard | SEAL | 1",
                "ground shim 0.5 under the bearing | SHIM | 1",
                "shims 0.5 0.2 0.1 | SHIM | 3",
                "shims 0.3 + 0.1 | SHIM | 2",
                "back gear off | GEAR | 1",
                "gear, left for scrap | GEAR | 1",
                "retaining plate, heads touched the drum | OTHER | 1",
                "oil pump off, 3 screws M6 | OTHER | 1",
                "oil plug out | PLUG | 1",
                "oil pan off, 12 bolts M6x16 | HOUSING | 1",
                "lead screw out to the right, marked red | SHAFT | 1",
                "wire clip black, tray A | CIRCLIP | 1",
                "cable drum off, marked A | COUPLING | 1",
                "battery tray cover off, 2 bolts M6 | COVER | 1",
                "limit switch bracket off | OTHER | 1",
                "drum lifted off, put on the bench | COUPLING | 1",
                "drum off and stood on wood blocks | COUPLING | 1",
                "cover jacked off, 6 screws M8x25 | COVER | 1",
                "housing jacked with two M8 screws, 14 nuts M12 | HOUSING | 1",
                "stroke knob, 2 pins | OTHER | 1",
                "clearance shim 0.2 out | SHIM | 1",
                "preload spring out | SPRING | 1",
                "return spring out, weak | SPRING | 1",
                "spring out, 42 free length | SPRING | 1",
                "spring cover off | COVER | 1",
                "clock spring housing off, 3 screws M5 | HOUSING | 1",
                "pressure plate off | OTHER | 1",
                "order plate off | OTHER | 1",
                "marked gear off | GEAR | 1",
                "seal out, new needed | SEAL | 1",
                "circlip off, new one wanted | CIRCLIP | 1",
                "nut off, turned by hand | NUT | 1",
                "hub off, turned 90 deg to clear | COUPLING | 1",
                "set collar off, set screw M6 | OTHER | 1",
                "30204 taper bearing off | BEARING | 1",
                "6204 bearing off | BEARING | 1",
                "notched nut 46, hook spanner | NUT | 1",
                "spider, 6 legs, 2 torn | COUPLING | 1"
            })
    void cameOffWhateverItsNameHolds(String line, PartKind kind, int count) {
        var read = Lines.read(line);
        assertThat(read.act()).isEqualTo(StripAct.TAKE_OFF);
        assertThat(read.problems()).isEmpty();
        assertThat(read.parts().get(0))
                .extracting(Part::kind, Part::count)
                .containsExactly(kind, count);
    }

    /** The same words where they do tell of another act. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "oil out, 1.2 l, grey | DRAIN",
                "motor wires red and black, tagged | DISCONNECT",
                "limit switch plug pulled, white connector | DISCONNECT",
                "battery: minus off first | DISCONNECT",
                "engine half strapped to the bench | AID",
                "chuck put on wood blocks | AID",
                "front axle jacked, wheels off ground | AID",
                "spindle bearing preload before: 12 N on the cord | MEASURE",
                "lead screw nut lash .012 in | MEASURE",
                "plunger stopped at end of discharge | SET_TO",
                "gearbox 62 kg flipped with the crane | TURN",
                "lead screw turned out 14 turns | TURN",
                "hub turned by hand, notchy | NOTE",
                "tried shaft to the right: no | NOTE",
                "old ratio 4.61, new set 23/91 wanted | NOTE",
                "bearing cup left in the housing | LEFT_IN"
            })
    void tellsOfAnotherActWhereItIsOne(String line, StripAct act) {
        assertThat(Lines.read(line).act()).isEqualTo(act);
        assertThat(Lines.read(line).takesOff()).isFalse();
    }

    @Test
    void aNumberIsNotAlwaysACount() {
        assertThat(Lines.part("30204 taper bearing off").size()).isEqualTo("30204");
        assertThat(Lines.part("change gears 40, 65, 127").count()).isNull();
        assertThat(Lines.part("case cover, 11 bolts M6, two seized").count()).isEqualTo(1);
        assertThat(Lines.part("bronze wheel out, all 20 of them worn").count()).isEqualTo(1);
        assertThat(Lines.part("6007-2RS x2, both noisy"))
                .extracting(Part::kind, Part::count, Part::size)
                .containsExactly(PartKind.BEARING, 2, "6007-2RS");
        assertThat(Lines.read("8 bolts: 6 short on top, 2 long bottom, M8").fasteners())
                .allMatch(f -> f.length() == null);
    }

    @Test
    void whatIsLeftIsNoSide() {
        assertThat(Lines.part("bearing cup left in the housing").side()).isNull();
        assertThat(Lines.part("top cap off, 3 drops of lock left").side()).isNull();
    }

    @Test
    void aFindingStaysWithItsPart() {
        assertThat(Lines.part("old gear, no teeth missing").found())
                .singleElement()
                .matches(f -> f.what() == Found.TEETH_MISSING && f.not());
        assertThat(Lines.part("gear lever off, nylon cup worn thin").found()).isEmpty();
        assertThat(Lines.part("bearing off, ran hot").found()).isEmpty();
        assertThat(Lines.part("shift rail 2 scored by the ball").found())
                .singleElement()
                .matches(f -> f.count() == null);
    }

    /** English words one slip away from a word of a part stay what they are. */
    @ParameterizedTest
    @CsvSource({"stopped", "trust", "collects", "thorough", "matters", "plant", "printer"})
    void anEnglishWordIsNoSlip(String word) {
        assertThat(Vocabulary.OF_THE_TRADE.meant(word)).isEmpty();
    }

    /** Several thicknesses told one after the other are none of one piece; sizes of a washer are no pieces. */
    @Test
    void aListOfThicknessesIsNoThickness() {
        assertThat(Lines.part("shims 0.5 0.2 0.1").thickness()).isNull();
        assertThat(Lines.part("shim 0.5").thickness().text()).isEqualTo("0.5");
        assertThat(Lines.part("washers 10.5 2.5").count()).isNull();
    }

    @Test
    void aPictureInPiecesIsNoPartInPieces() {
        assertThat(Lines.part("cover like the exploded view").found()).isEmpty();
    }

    /** A bearing that seized does not turn, which is found on it; one that sits fast was hard to get off. */
    @Test
    void whatSeizedIsToldOfTheBearingOrOfTheFit() {
        var turned = Lines.read("bearing seized solid");
        assertThat(turned.parts().get(0).found())
                .extracting(LineReading.Finding::what)
                .containsExactly(Found.SEIZED);
        var fast = Lines.read("bearing seized on the shaft");
        assertThat(fast.parts().get(0).found()).isEmpty();
        assertThat(fast.hard()).isEqualTo("seized");
    }
}
