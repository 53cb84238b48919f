package app.yunque.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.line.LineReading.Found;
import app.yunque.line.LineReading.Piece;
import app.yunque.line.LineReading.Previous;
import app.yunque.line.OwnWords.Word;
import app.yunque.measure.Refused;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.StripAct;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a shop calls things. Common practice, no source. */
class OwnWordsTest {
    private static final OwnWords OURS =
            new OwnWords(
                    List.of(
                            new Word("dogbone", PartKind.LEVER, null),
                            new Word("drive cookie", PartKind.COUPLING, null),
                            new Word("shoe", PartKind.PIN, null),
                            new Word("knackered", null, Found.WORN)));

    private static LineReading read(String line, OwnWords own) {
        return LineReading.of(line, List.of("input shaft"), Optional.empty(), Previous.NONE, own);
    }

    @Test
    void aNameOfTheShopIsReadLikeOneOfTheTrade() {
        var line = "2 dogbones and drive-cookie off, knackered, 4x M6x20";
        var read = read(line, OURS);
        assertThat(read.act()).isEqualTo(StripAct.TAKE_OFF);
        assertThat(read.parts())
                .extracting(LineReading.Part::kind, LineReading.Part::count)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(PartKind.LEVER, 2),
                        org.assertj.core.groups.Tuple.tuple(PartKind.COUPLING, 1));
        assertThat(read.parts().get(1).found())
                .extracting(LineReading.Finding::what)
                .containsExactly(Found.WORN);
        assertThat(read.pieces())
                .extracting(Piece::meaning)
                .contains("lever, fork or yoke, as this shop calls it");
        assertThat(read("dogbone off, knackered", OwnWords.NONE).parts())
                .as("without the words of the shop")
                .allSatisfy(
                        p -> {
                            assertThat(p.kind()).isEqualTo(PartKind.OTHER);
                            assertThat(p.found()).isEmpty();
                        });
    }

    @Test
    void aCountedThingOfNoKnownKindIsRead() {
        var read = read("2 danglers off", OwnWords.NONE);
        assertThat(read.parts())
                .extracting(LineReading.Part::name, LineReading.Part::kind, LineReading.Part::count)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("danglers", PartKind.OTHER, 2));
        assertThat(read("2 turns out", OwnWords.NONE).parts()).isEmpty();
        assertThat(read("5 teeth sheared off", OwnWords.NONE).parts()).isEmpty();
    }

    @Test
    void theShopCountsBeforeTheTrade() {
        assertThat(read("shoe 4 mm, tray A", OwnWords.NONE).parts().get(0).kind())
                .isEqualTo(PartKind.LEVER);
        assertThat(read("shoe 4 mm, tray A", OURS).parts().get(0).kind()).isEqualTo(PartKind.PIN);
        assertThat(PartNames.kindOf("left shoe", OURS)).contains(PartKind.PIN);
        assertThat(read("gear 20T off", OURS).parts().get(0).kind()).isEqualTo(PartKind.GEAR);
    }

    /** A name of the shop is no slip of the key. */
    @Test
    void whatTheShopSaysIsNotCorrected() {
        var own = new OwnWords(List.of(new Word("bearring", PartKind.BUSH, null)));
        assertThat(read("bearring off", own).parts().get(0).kind()).isEqualTo(PartKind.BUSH);
        assertThat(read("bearring off", OwnWords.NONE).parts().get(0).kind())
                .isEqualTo(PartKind.BEARING);
    }

    @Test
    void whatTheTradeCallsOtherwiseCountsFromTheSecondTime() {
        assertThat(OwnWords.isSure(new Word("dogbone", PartKind.LEVER, null), 1)).isTrue();
        assertThat(OwnWords.isSure(new Word("shoe", PartKind.PIN, null), 1)).isFalse();
        assertThat(OwnWords.isSure(new Word("shoe", PartKind.PIN, null), 2)).isTrue();
        assertThat(OwnWords.isSure(new Word("worn", null, Found.SCORED), 1)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "left dogbone,dogbone",
        "Dogbones 2,dogbone",
        "3 small drive cookies 12 mm,drive cookie",
        "brass,brass",
        "boss,boss",
        "ab,ab",
        "a,''",
        "abcdefghijklmnopqrstuvwxyzabcdefghijklmn,abcdefghijklmnopqrstuvwxyzabcdefghijklmn",
        "abcdefghijklmnopqrstuvwxyzabcdefghijklmno,''",
        "'input/output thing',''",
        "one two three four,''",
        "12,''"
    })
    void takesTheWordOutOfAName(String name, String word) {
        assertThat(OwnWords.inName(name)).isEqualTo(word);
    }

    @ParameterizedTest
    @CsvSource({
        "dogbone,true",
        "strainer,true",
        "drive cookie,true",
        "end,false",
        "worn,false",
        "cover,true",
        "table,false",
        "'',false"
    })
    void neverLearnsAWordThatEveryLineMayHold(String name, boolean can) {
        assertThat(OwnWords.canBeLearned(name)).isEqualTo(can);
    }

    @Test
    void anotherSetOfWordsIsAnotherVocabulary() {
        var one = new OwnWords(List.of(new Word("dogbone", PartKind.LEVER, null)));
        var other = new OwnWords(List.of(new Word("dogbone", PartKind.PIN, null)));
        for (int i = 0; i < 2; i++) {
            assertThat(PartNames.kindOf("dogbone", one)).contains(PartKind.LEVER);
            assertThat(PartNames.kindOf("dogbone", other)).contains(PartKind.PIN);
            assertThat(PartNames.kindOf("dogbone", OwnWords.NONE)).isEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "x",
                "M8",
                "a,b",
                "one two three four",
                "abcdefghijklmnopqrstuvwxyzabcdefghijklmnopq"
            })
    void refusesWhatIsNoWord(String words) {
        assertThatThrownBy(() -> new Word(words, PartKind.PIN, null))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("one to 3 words of letters, 2 to 40 characters");
    }

    @Test
    void aWordStandsForOneThing() {
        assertThatThrownBy(() -> new Word("dogbone", null, null))
                .hasMessageContaining("Say what “dogbone” stands for");
        assertThatThrownBy(() -> new Word("dogbone", PartKind.PIN, Found.WORN))
                .isInstanceOf(Refused.class);
        assertThat(new Word("  Dog   Bone ", PartKind.PIN, null).words()).isEqualTo("dog bone");
        var longest = "abcdefghijklmnopqrstuvwxyzabcdefghijklmn";
        assertThat(new Word(longest, PartKind.PIN, null).words()).hasSize(40);
    }

    /** The form and the line read one vocabulary: what the line takes a name for, the form's pattern finds. */
    @ParameterizedTest
    @EnumSource(PartKind.class)
    void theFormKnowsWhatTheLineKnows(PartKind kind) {
        var pattern =
                Pattern.compile(
                        PartNames.hint(kind, OURS),
                        Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        var names = Vocabulary.with(OURS).names(kind);
        assertThat(names).isNotEmpty();
        for (var name : names) {
            assertThat(pattern.matcher(name).results().mapToInt(m -> m.end()).max())
                    .as(name)
                    .hasValue(name.length());
            assertThat(PartNames.kindOf(name, OURS)).as(name).contains(kind);
        }
        assertThat(pattern.matcher("rumour").find()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "coupling key,KEY",
        "seal of the input shaft,SEAL",
        "input shaft bearing,BEARING",
        "worm wheel,GEAR",
        "shear pins,PIN",
        "spacer (behind the gear),SPACER",
        "for the bearing,BEARING"
    })
    void theLastNameIsTheThingItself(String name, PartKind kind) {
        assertThat(PartNames.kindOf(name, OwnWords.NONE)).contains(kind);
    }

    @Test
    void anUnknownNameIsOfNoKind() {
        assertThat(PartNames.kindOf("dogbone", OwnWords.NONE)).isEmpty();
        assertThat(PartNames.hint(PartKind.LEVER, OwnWords.NONE)).doesNotContain("dogbone");
    }
}
