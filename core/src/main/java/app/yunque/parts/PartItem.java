package app.yunque.parts;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Locale;

/**
 * So many of one number.
 *
 * @param number   part number as the maker writes it, 1 to 40 characters; blanks around it and small letters mean nothing
 * @param quantity pieces, 1 to 1000
 */
public record PartItem(String number, int quantity) {
    public static final Range QUANTITY = Range.count("quantity", "pieces", 1, 1000);
    private static final int LONGEST = 40;

    /** @throws Refused for no number, or a quantity out of its range */
    public PartItem {
        number = number.strip().toUpperCase(Locale.ROOT);
        if (number.isEmpty() || number.length() > LONGEST) {
            throw Refused.because(
                    "number", "A part number has 1 to %d characters.".formatted(LONGEST));
        }
        Refused.ifAny(QUANTITY.judge(quantity));
    }

    /** "4 × P4". */
    public String inWords() {
        return "%d × %s".formatted(quantity, number);
    }
}
