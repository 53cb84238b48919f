package app.yunque.parts;

import app.yunque.measure.Refused;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A serial number taken apart: letters, a number, what follows. Blanks, dots and hyphens mean nothing, nor do leading zeros; "ab-00987" and
 * "AB 987" are one. Source: common practice, no source.
 *
 * @param prefix letters before the number, in capitals; may be empty
 * @param number the number
 * @param suffix what stands behind it, in capitals; may be empty
 */
public record SerialNumber(String prefix, long number, String suffix) {
    private static final Pattern FORM = Pattern.compile("([A-Z]*)(\\d{1,15})([A-Z][A-Z0-9]*)?");
    private static final Pattern MEANS_NOTHING = Pattern.compile("[\\s.\\-–/]");

    /** @throws Refused when there is no number in it to compare */
    public static SerialNumber of(String written) {
        var bare = MEANS_NOTHING.matcher(written).replaceAll("").toUpperCase(Locale.ROOT);
        var read = FORM.matcher(bare);
        if (!read.matches()) {
            throw Refused.because(
                    "serial",
                    "“%s” is not read as a serial number: letters, then digits, then perhaps letters, as AB-00987. Read the plate again."
                            .formatted(written.strip()));
        }
        return new SerialNumber(
                read.group(1),
                Long.parseLong(read.group(2)),
                read.group(3) == null ? "" : read.group(3));
    }
}
