package app.yunque.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.HashSet;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a bench types is on the paper, with a font that lies in it. */
class PaperTest {
    private static PDDocument printed(String text) throws IOException {
        return Loader.loadPDF(
                Paper.pdf(
                        "<html><body style=\"font-family: 'Atkinson', sans-serif\"><h1>%s</h1><p>%s</p></body></html>"
                                .formatted(text, text)));
    }

    private static Set<String> fonts(PDDocument paper) throws IOException {
        var fonts = new HashSet<String>();
        for (var page : paper.getPages()) {
            for (var name : page.getResources().getFontNames()) {
                var font = page.getResources().getFont(name);
                assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                fonts.add(font.getName().replaceAll(".*\\+", ""));
            }
        }
        return fonts;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "⌀20 ±0,05",
                "3⅜″ × ¼″",
                "12 o’clock → 3 o’clock",
                "✓ ✗ ⚠",
                "µm · Ω · °C · ≤ ≥ ≈ √",
                "Łukasz Żółw",
                "Иван Петров",
                "Γιώργος",
                "王伟",
                "田中さくら",
                "김철수"
            })
    void printsWhatIsTyped(String text) throws IOException {
        try (var paper = printed(text)) {
            assertThat(new PDFTextStripper().getText(paper).replaceAll("\\s+", ""))
                    .isEqualTo((text + text).replaceAll("\\s+", ""));
            assertThat(fonts(paper)).isNotEmpty();
        }
    }

    @Test
    void takesAFurtherFontOnlyWhereItIsNeeded() throws IOException {
        try (var paper = printed("plain words, 0,35 mm")) {
            assertThat(fonts(paper)).allMatch(f -> f.startsWith("Atkinson"));
        }
        try (var paper = printed("王伟 ✓")) {
            assertThat(fonts(paper))
                    .anyMatch(f -> f.startsWith("DroidSansFallback"))
                    .anyMatch(f -> f.startsWith("DejaVuSans"));
        }
    }
}
