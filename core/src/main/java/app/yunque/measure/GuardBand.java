package app.yunque.measure;

/**
 * Judges a value against a limit with the uncertainty of the value: inside the limit by U or more is a clear
 * pass, outside by more than U a clear fail, anything between is doubtful.
 *
 * <p>Source: ISO 14253-1, decision rule for conformity, from memory; a slack of 1e-9 of the unit lets a value
 * exactly on the edge of the band pass.
 */
public final class GuardBand {
    private static final double SLACK = 1e-9;

    private GuardBand() {}

    /**
     * @param value       measured value y, any unit
     * @param uncertainty expanded uncertainty U (k = 2), same unit, 0 or more
     * @param limit       upper limit L, same unit
     */
    @PublicRule(
            at = "measure/at-most",
            title = "Reading against a most",
            says = "Clear, doubtful or failed against an upper limit.",
            source = "ISO 14253-1, from memory")
    public static Verdict atMost(double value, double uncertainty, double limit) {
        refuseNegative(uncertainty);
        if (!Double.isFinite(value) || !Double.isFinite(limit)) {
            return Verdict.NOT_JUDGED;
        }
        if (value + uncertainty <= limit + SLACK) {
            return Verdict.CLEAR_PASS;
        }
        return value - uncertainty > limit + SLACK ? Verdict.CLEAR_FAIL : Verdict.DOUBTFUL;
    }

    /** The mirror image of {@link #atMost}: the value has to be at least the limit. */
    @PublicRule(
            at = "measure/at-least",
            title = "Reading against a least",
            says = "Clear, doubtful or failed against a lower limit.",
            source = "ISO 14253-1, from memory")
    public static Verdict atLeast(double value, double uncertainty, double limit) {
        return atMost(-value, uncertainty, -limit);
    }

    private static void refuseNegative(double uncertainty) {
        if (!(uncertainty >= 0)) {
            throw Refused.because("uncertainty", "An uncertainty cannot be negative.");
        }
    }
}
