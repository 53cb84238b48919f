package app.yunque.server.paper;

import app.yunque.server.door.TypedText;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.core.io.ClassPathResource;

/** Turns a page of HTML into a PDF; the fonts are embedded, so that it prints the same everywhere. */
public final class Paper {
    private static final int REGULAR = 400;
    private static final int BOLD = 700;

    private Paper() {}

    /** The page as a PDF. */
    public static byte[] pdf(String html) {
        var bytes = new ByteArrayOutputStream();
        var builder = new PdfRendererBuilder();
        font(builder, "AtkinsonHyperlegible_400Regular.ttf", "Atkinson", REGULAR);
        font(builder, "AtkinsonHyperlegible_700Bold.ttf", "Atkinson", BOLD);
        font(builder, "BarlowCondensed_600SemiBold.ttf", "Barlow", BOLD);
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

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
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
                true);
    }
}
