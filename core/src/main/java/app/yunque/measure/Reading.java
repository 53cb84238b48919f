package app.yunque.measure;

/**
 * A value that was measured, with how well.
 *
 * @param value       y, any unit
 * @param uncertainty expanded uncertainty U (k = 2), same unit, 0 or more
 * @param unit        the unit; empty for a bare number
 */
public record Reading(double value, double uncertainty, String unit) {
    private static final double SLACK = 1e-9;

    public Reading {
        if (!(uncertainty >= 0)) {
            throw Refused.because("uncertainty", "An uncertainty cannot be negative.");
        }
    }

    /**
     * Whether two readings of one thing can both be right: they differ by no more than √(U₁² + U₂²). Source: GUM, two independent
     * values, from memory.
     */
    public boolean agreesWith(Reading other) {
        return Math.abs(value - other.value) <= Math.hypot(uncertainty, other.uncertainty) + SLACK;
    }

    /** "0.18 ± 0.01 mm". */
    public String inWords() {
        return "%s ± %s %s"
                .formatted(PlainDigits.rounded(value, 3), PlainDigits.rounded(uncertainty, 3), unit)
                .strip();
    }
}
