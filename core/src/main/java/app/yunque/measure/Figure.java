package app.yunque.measure;

import org.jspecify.annotations.Nullable;

/**
 * One figure of an answer, for people and for programs.
 *
 * @param key      stays the same for ever, so that a program never reads the label: "clearanceMm"
 * @param label    what it is, in the trade's words
 * @param value    at full precision, in {@code unit}; null where words tell it
 * @param unit     its unit; empty for a pure number
 * @param decimals how many are worth showing
 * @param words    told in words; null for a number
 */
public record Figure(
        String key,
        String label,
        @Nullable Double value,
        String unit,
        int decimals,
        @Nullable String words) {

    /** @throws IllegalArgumentException when a figure is no number: a defect of the rule, not of what was entered */
    public Figure {
        if (value != null && !Double.isFinite(value)) {
            throw new IllegalArgumentException("Impossible: " + key + " came out as " + value);
        }
    }

    /** The figure as it is read: "0.015 mm", "clearance fit". */
    public String inWords() {
        if (words != null) {
            return words;
        }
        var digits = value == null ? "" : PlainDigits.rounded(value, decimals);
        return unit.isEmpty() ? digits : digits + " " + unit;
    }
}
