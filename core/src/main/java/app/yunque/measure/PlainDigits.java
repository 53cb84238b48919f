package app.yunque.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Numbers as a mechanic reads them: plain digits, a decimal point, never an exponent. */
public final class PlainDigits {
    private static final double LARGEST_PRINTED = 1e15;

    private PlainDigits() {}

    /**
     * The value exactly as it came, so that 2.0004 is never shown as 2. Beyond 15 digits the size is told
     * instead of a line of zeros.
     */
    public static String exact(double value) {
        if (Double.isNaN(value)) {
            return "missing";
        }
        if (Math.abs(value) >= LARGEST_PRINTED) {
            return (value < 0 ? "below −" : "above ") + "1 followed by 15 zeros";
        }
        var plain = BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
        return plain.replace('-', '−');
    }

    /** The value to a number of digits that count, without trailing zeros: 359.29 to 3 is 359, 4.7625 is 4.76. */
    public static String about(double value, int digits) {
        if (!Double.isFinite(value) || Math.abs(value) >= LARGEST_PRINTED) {
            return exact(value);
        }
        return exact(BigDecimal.valueOf(value).round(new MathContext(digits)).doubleValue());
    }

    /** The value rounded half up to a number of decimals, trailing zeros kept: 0.1 to 3 decimals is 0.100. */
    public static String rounded(double value, int decimals) {
        if (!Double.isFinite(value) || Math.abs(value) >= LARGEST_PRINTED) {
            return exact(value);
        }
        var plain =
                BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP).toPlainString();
        return plain.replace('-', '−');
    }
}
