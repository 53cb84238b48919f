package app.yunque.server.paper;

import app.yunque.server.door.TypedText;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Set;
import org.springframework.core.io.ClassPathResource;

/** Turns a page of HTML into a PDF; the fonts are embedded, so that it prints the same everywhere. */
public final class Paper {
    private static final int REGULAR = 400;
    private static final int BOLD = 700;
    private static final Set<FSFontUseCase> OF_THE_PAGE = Set.of(FSFontUseCase.DOCUMENT);

    private Paper() {}

    /** The page as a PDF. */
    public static byte[] pdf(String html) {
        var bytes = new ByteArrayOutputStream();
        var builder = new PdfRendererBuilder();
        font(builder, "AtkinsonHyperlegible_400Regular.ttf", "Atkinson", REGULAR, OF_THE_PAGE);
        font(builder, "AtkinsonHyperlegible_700Bold.ttf", "Atkinson", BOLD, OF_THE_PAGE);
        font(builder, "BarlowCondensed_600SemiBold.ttf", "Barlow", BOLD, OF_THE_PAGE);
        // What people type and these have not: signs of the trade, Greek, Cyrillic; then Han, kana
        // and hangul.
        font(builder, "DejaVuSans.ttf", "Signs", REGULAR, Set.of(FSFontUseCase.FALLBACK_PRE));
        font(builder, "DejaVuSans-Bold.ttf", "Signs", BOLD, Set.of(FSFontUseCase.FALLBACK_PRE));
        font(
                builder,
                "DroidSansFallback.ttf",
                "Han",
                REGULAR,
                Set.of(FSFontUseCase.FALLBACK_FINAL));
        // Records from before texts were cleaned at the door may hold what XML cannot.
        builder.withHtmlContent(TypedText.printable(html), null);
        builder.toStream(bytes);
        try {
            builder.run();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
        return bytes.toByteArray();
    }

    private static void font(
            PdfRendererBuilder builder,
            String file,
            String family,
            int weight,
            Set<FSFontUseCase> uses) {
        builder.useFont(
                () -> {
                    try {
                        return new ClassPathResource("fonts/" + file).getInputStream();
                    } catch (IOException defect) {
                        throw new UncheckedIOException(defect);
                    }
                },
                family,
                weight,
                FontStyle.NORMAL,
                true,
                uses);
    }
}
