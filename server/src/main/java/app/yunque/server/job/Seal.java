package app.yunque.server.job;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;

/**
 * A job as it was signed: with its verdicts, limits, sheets and names, as data, as a page and as a PDF. What is corrected later,
 * a rule, the papers of the unit, the card of an instrument, does not change it.
 *
 * @param view       the whole job as the screens show it (JSON)
 * @param page       the report (HTML)
 * @param pdf        the same page as PDF
 * @param backlashMm mean backlash after the rebuild, mesh by mesh (mm), as lists show it
 */
public record Seal(String view, String page, byte[] pdf, List<Double> backlashMm) {

    /** Of the data, as it is printed on the papers (SHA-256, hexadecimal). */
    public static String digest(String view) {
        return hex(sha256(view.getBytes(StandardCharsets.UTF_8)));
    }

    /** Of both papers, the page before the PDF. */
    static String digest(String page, byte[] pdf) {
        return hex(sha256(page.getBytes(StandardCharsets.UTF_8), pdf));
    }

    private static String hex(byte[] bytes) {
        return HexFormat.of().formatHex(bytes);
    }

    private static byte[] sha256(byte[]... parts) {
        try {
            var digest = MessageDigest.getInstance("SHA-256");
            for (var part : parts) {
                digest.update(part);
            }
            return digest.digest();
        } catch (NoSuchAlgorithmException defect) {
            throw new IllegalStateException("Impossible: every Java has SHA-256", defect);
        }
    }
}
