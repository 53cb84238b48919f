package app.yunque.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import javax.xml.parsers.SAXParserFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.xml.sax.InputSource;
import org.xml.sax.helpers.DefaultHandler;

class TypedTextTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "gear, z 24 · 3/8\"-16",
                "Größe ⌀ 24 H7, 5 µm",
                "мастерская 齿轮 ترس",
                "👩🏽‍🔧 tab\tand\nline",
                "e\u00ADg"
            })
    void leavesWhatPeopleWriteAsItIs(String text) {
        assertThat(TypedText.of(text)).isEqualTo(text);
    }

    // The line breaks of Unicode 5.8: LF, VT, FF, CR, CR LF, NEL, LS, PS.
    @ParameterizedTest
    @ValueSource(strings = {"\n", "\u000B", "\f", "\r", "\r\n", "\u0085", "\u2028", "\u2029"})
    void everyLineBreakIsANewLine(String lineBreak) {
        assertThat(TypedText.of("one" + lineBreak + "two")).isEqualTo("one\ntwo");
    }

    @Test
    void twoLineBreaksAreTwo() {
        assertThat(TypedText.of("a\r\rb\n\rc")).isEqualTo("a\n\nb\n\nc");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\u0000", "\u0007", "\u001F", "\u007F", "\u009F", "\uFFFE", "\uFFFF", "\uFDD0",
                "\uFDEF", "\uD83D", "\uDC00"
            })
    void whatIsNoCharacterKeepsApartWhatStoodApart(String none) {
        assertThat(TypedText.of("0,3" + none + "5")).isEqualTo("0,3 5");
    }

    @Test
    void halfOfAPairBesideAWholeOneGoesAlone() {
        assertThat(TypedText.of("\uD83D\uD83D\uDD27")).isEqualTo(" \uD83D\uDD27");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\uFEFF", "\u202E", "\u202A", "\u2066", "\u2069"})
    void whatNobodySeesFallsOut(String unseen) {
        assertThat(TypedText.of("a" + unseen + "b")).isEqualTo("ab");
    }

    @Test
    void accentsAreComposed() {
        assertThat(TypedText.of("In\u0065\u0301s")).isEqualTo("In\u00E9s");
        assertThat(TypedText.printable("In\u0065\u0301s")).isEqualTo("In\u0065\u0301s");
    }

    /** Every code point there is, held against an XML parser, which is what a paper is read with. */
    @Test
    void everyCharacterCanBePrintedAndIsLeftAloneTheSecondTime() throws Exception {
        var all = new StringBuilder();
        IntStream.rangeClosed(0, Character.MAX_CODE_POINT).forEach(all::appendCodePoint);
        var clean = TypedText.of(all.toString());

        assertThat(TypedText.of(clean)).isEqualTo(clean);
        var xml =
                "<?xml version=\"1.0\"?><x>"
                        + clean.replace("&", "&amp;").replace("<", "&lt;").replace("]]>", "")
                        + "</x>";
        SAXParserFactory.newInstance()
                .newSAXParser()
                .parse(new InputSource(new java.io.StringReader(xml)), new DefaultHandler());
    }
}
