package app.yunque.server.document;

import app.yunque.measure.Refused;
import app.yunque.server.photo.PictureIntake;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * Takes a document in: a PDF page by page, or one picture. Judged by what it holds and not by its name.
 *
 * @param media    what it is
 * @param original a PDF as it was handed in; a picture upright, without the place where it was taken
 * @param pages    each page as a JPEG, at most 1600 pixels on its longer side
 */
record DocumentIntake(String media, byte[] original, List<byte[]> pages) {
    static final int MOST_BYTES = 25 * 1024 * 1024;
    static final int MOST_PAGES = 40;
    static final String PDF = "application/pdf";
    static final String PICTURE = "image/jpeg";
    private static final int LONGEST_SIDE = 1600;
    private static final byte[] BEGINS = "%PDF-".getBytes(StandardCharsets.US_ASCII);

    DocumentIntake {
        pages = List.copyOf(pages);
    }

    /** @throws Refused when it is neither a PDF nor a picture, locked, damaged, or too long */
    static DocumentIntake of(byte[] bytes) {
        if (!isPdf(bytes)) {
            var picture = PictureIntake.of(bytes).picture();
            return new DocumentIntake(PICTURE, picture, List.of(picture));
        }
        // One at a time, as pictures are: a page stands in memory at its full size while it is
        // drawn.
        synchronized (DocumentIntake.class) {
            return new DocumentIntake(PDF, bytes, pages(bytes));
        }
    }

    private static List<byte[]> pages(byte[] bytes) {
        try (var document = Loader.loadPDF(bytes)) {
            int count = document.getNumberOfPages();
            if (count < 1 || count > MOST_PAGES) {
                throw refused(
                        "The PDF has %d pages; 1 to %d fit. Keep the pages of this unit in a file of their own."
                                .formatted(count, MOST_PAGES));
            }
            var pages = new ArrayList<byte[]>();
            for (int page = 0; page < count; page++) {
                pages.add(jpeg(drawn(document, page)));
            }
            return pages;
        } catch (InvalidPasswordException locked) {
            throw refused(
                    "The PDF is locked with a password. Save it without one and choose that.");
        } catch (Refused told) {
            throw told;
        } catch (IOException | RuntimeException damaged) {
            throw refused(
                    "The PDF cannot be read to its end: it is damaged or cut short. Save it again, or take a picture of the page.");
        }
    }

    private static BufferedImage drawn(PDDocument document, int page) throws IOException {
        var box = document.getPage(page).getCropBox();
        float longest = Math.max(box.getWidth(), box.getHeight());
        var renderer = new PDFRenderer(document);
        // A picture larger than the page is read no finer than it is shown.
        renderer.setSubsamplingAllowed(true);
        return renderer.renderImage(page, LONGEST_SIDE / longest, ImageType.RGB);
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    private static boolean isPdf(byte[] bytes) {
        for (int i = 0; i < BEGINS.length; i++) {
            if (i >= bytes.length || bytes[i] != BEGINS[i]) {
                return false;
            }
        }
        return true;
    }

    private static Refused refused(String sentence) {
        return Refused.because("document", sentence);
    }
}
