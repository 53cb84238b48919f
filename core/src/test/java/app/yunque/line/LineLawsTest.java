package app.yunque.line;

import static app.yunque.line.Lines.held;
import static app.yunque.line.Lines.part;
import static app.yunque.line.Lines.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.line.LineReading.Part;
import app.yunque.measure.Refused;
import app.yunque.teardown.StripAct;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for every line, whatever it tells. Common practice, no source, unless a line says otherwise. */
class LineLawsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 circlips off | 0 × circlips: from 1 to 9999 pieces came off",
                "circlip x0 | 0 × circlip: from 1 to 9999",
                "nuts 10000 off | 10000 × nuts: from 1 to 9999",
                "10000 needles | 10000 × needles",
                "bearing left right | Left and right of one part cannot both be",
                "seal right side left end | Left and right of one part",
            })
    void namesWhatCannotBe(String line, String problem) {
        assertThat(read(line).problems()).singleElement().asString().startsWith(problem);
    }

    @ParameterizedTest
    @ValueSource(strings = {"9999 needles", "1 nut", "seal left, 2 bolts right", "left bearing"})
    void keepsStillWhereAllCanBe(String line) {
        assertThat(read(line).problems()).isEmpty();
    }

    @Test
    void keepsWhatItDoesNotUnderstandInWords() {
        assertThat(read("cover, rattled like a tin of nails").note())
                .isEqualTo("rattled like a tin of nails");
        for (var untold : List.of("oil cup missing, hole plugged", "keyway wallowed out")) {
            assertThat(read(untold).act()).as(untold).isNull();
            assertThat(read(untold).parts()).isEmpty();
        }
        var onlySaid = read("oil sample taken, brown");
        assertThat(onlySaid.act()).as("names no part, and nothing moved").isEqualTo(StripAct.NOTE);
        assertThat(onlySaid.parts()).isEmpty();
        assertThat(onlySaid.note()).isEqualTo("oil sample taken, brown");
        var tabs = read("tab washer and locknut M30x1.5 LH, one of the tabs cracked");
        assertThat(tabs.parts()).flatExtracting(Part::found).isEmpty();
        assertThat(tabs.note()).isEqualTo("one of the tabs cracked");
        assertThat(part("4 spacers: 2 at 10.0, 2 at 5.5").thickness()).isNull();
        assertThat(held("cover 6 screws M6, one cross threaded").drive()).isEmpty();
        assertThat(held("cover 6 cross head M6").drive()).isEqualTo("cross");
        assertThat(part("grease shield").name()).isEqualTo("grease shield");
        assertThat(read("grease shield").goesOn()).isEmpty();
        assertThat(read("screw M5, silicone grease on the gear").goesOn())
                .isEqualTo("silicone grease");
        assertThat(read("bent not sheared").act()).isNull();
        assertThat(read("bent not sheared").note()).isEqualTo("bent not sheared");
    }

    /** Law: every word of a line is understood, stands in a name, or stays in the note. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "cover motor side 4x M5x12 hex 4, tray A, odd smell",
                "worm wheel 20T bronze stripped over a third",
                "bearing of the side motor with much game, 6204",
                "wavy washer sat beneath the bottom brg, flattened",
                "what on earth is this, nobody knows"
            })
    void noWordIsLost(String line) {
        var read = read(line);
        var kept = new StringBuilder(read.note());
        read.pieces().forEach(p -> kept.append(' ').append(p.words()));
        read.parts().forEach(p -> kept.append(' ').append(p.name()));
        for (var word : line.split("[\\s,]+")) {
            var whole = word.replace("brg", "bearing");
            assertThat(kept.toString()).as(word).containsIgnoringCase(whole);
        }
    }

    /** Law: where clauses stand does not change what is read of the part. */
    @ParameterizedTest(name = "{0} / {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "cover, tray B, 6x M8x25 | tray B, cover, 6x M8x25",
                "seal, lip in, renew, tray 2 | seal, tray 2, renew, lip in",
                "spacer 4.0, chamfer down, 3 min | spacer 4.0, 3 min, chamfer down",
                "nut M20x1.5 LH, hex 30, 80 Nm table | nut M20x1.5 80 Nm table, hex 30, LH"
            })
    void theOrderOfWordsDoesNotMatter(String one, String other) {
        assertThat(read(other).parts()).isEqualTo(read(one).parts());
        assertThat(read(other).fasteners()).isEqualTo(read(one).fasteners());
        assertThat(read(other).tray()).isEqualTo(read(one).tray());
        assertThat(read(other).minutes()).isEqualTo(read(one).minutes());
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "washr, washer",
        "circilp, circlip",
        "crclip, circlip",
        "spcaer, spacer",
        "beraing, bearing",
        "gaskte,",
        "puller,",
        "place,",
        "helicoil,",
        "driven,",
        "cage,"
    })
    void putsASlipOfTheKeyRightAndLeavesOtherWordsAlone(String word, String meant) {
        assertThat(Vocabulary.OF_THE_TRADE.meant(word)).isEqualTo(Optional.ofNullable(meant));
    }

    @Test
    void leansOnTheLineBefore() {
        var same =
                LineReading.of(
                        "spacer next to it, 8.5, same shaft",
                        Lines.SHAFTS,
                        Optional.empty(),
                        new LineReading.Previous(2));
        assertThat(same.parts().get(0).shaft()).isEqualTo(2);
        assertThat(part("spacer next to it, same shaft").shaft()).isNull();
    }

    @Test
    void showsWhatItUnderstoodWhereItStands() {
        assertThat(read("2 spacers, tray B").pieces())
                .contains(
                        new LineReading.Piece("2", "pieces", 0),
                        new LineReading.Piece("tray B", "tray", 11));
        // A word that was put right shows as it was typed.
        assertThat(read("crclip lost").pieces())
                .contains(new LineReading.Piece("lost", "found: lost", 7));
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
        assertThat(read("worm, 3 thou bent").problems()).isEmpty();
        assertThat(read("crown wheel marked as a pair 7-11").problems()).isEmpty();
    }

    @Test
    void refusesAnEmptyLineAndAnEndlessOne() {
        assertThatThrownBy(() -> read("   "))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Type what came off");
        assertThatThrownBy(() -> read("x".repeat(401)))
                .hasMessageContaining("401 characters; at most 400 fit");
        assertThat(read("x".repeat(400)).note()).isNotNull();
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
                "🔩🔩 2 bolts 🔧",
                "left left left",
                "10000 rollers",
                "note:",
                "z 0",
                "0 pins",
                ",,,;;;:",
                "and and and",
                "1/0 gasket",
                "gasket 1/0 in thick",
                "4x 1/4-20 x 1/0"
            })
    void survivesAnything(String line) {
        assertThat(read(line).pieces()).isNotNull();
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource({
        "'plain bolt 3/8-16 x 2 fitted where the shoulder bolt belongs', shoulder bolt",
        "'clip fitted instead of a circlip', circlip",
        "'shear pin 5/16 dia where 1/4 belongs', shear pin 1/4",
        "'plug should be tight', ",
        "'washer in place', ",
    })
    void readsWhatBelongsThere(String line, String belongs) {
        assertThat(read(line).parts().get(0).insteadOf()).isEqualTo(belongs == null ? "" : belongs);
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource({
        "'cap 2x M5x10 finger tight', finger tight",
        "'cover 4x M6x20, snug and back 1/8 turn', snug and back 1/8 turn",
        "'gland 2x M8x40 alternately', alternately",
        "'cone nut M20x1.5 to no play', to no play",
        "'cover 4x M6x20, 10 Nm from the plate', ''",
        "'cover 4x M6x20, tight', ''",
    })
    void readsHowTightWithoutAFigure(String line, String feel) {
        assertThat(held(line).byFeel()).isEqualTo(feel);
    }
}
