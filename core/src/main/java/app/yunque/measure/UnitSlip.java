package app.yunque.measure;

import java.util.Optional;

/**
 * Notices a reading that was probably taken in the other unit: it is far from what is expected, and comes
 * close once multiplied or divided by 25.4. A warning, never a refusal: the mechanic holds the tool.
 */
public final class UnitSlip {
    private static final double INCH_MM = 25.4;
    private static final double FAR = 5;

    private UnitSlip() {}

    /**
     * @param valueMm    the reading as it was understood (mm), above 0
     * @param expectedMm what geometry or the limit lets one expect (mm), above 0
     * @return the warning in words, or nothing
     */
    @PublicRule(
            at = "measure/unit-slip",
            title = "Slip of units",
            says = "Whether a reading looks like inches for millimetres or a slipped point.",
            source = "judgement, no source")
    public static Optional<String> suspect(double valueMm, double expectedMm) {
        if (!(valueMm > 0) || !(expectedMm > 0)) {
            return Optional.empty();
        }
        double factor = valueMm / expectedMm;
        if (isFar(factor) && isNear(factor / INCH_MM)) {
            return Optional.of(warning(valueMm, expectedMm, "Were millimetres entered as inches?"));
        }
        if (isFar(factor) && isNear(factor * INCH_MM)) {
            return Optional.of(warning(valueMm, expectedMm, "Were inches entered as millimetres?"));
        }
        return Optional.empty();
    }

    private static boolean isFar(double factor) {
        return factor > FAR || factor < 1 / FAR;
    }

    private static boolean isNear(double factor) {
        return 1 / FAR < factor && factor < FAR;
    }

    private static String warning(double valueMm, double expectedMm, String question) {
        return "Reading of "
                + PlainDigits.rounded(valueMm, 3)
                + " mm is far from the expected "
                + PlainDigits.rounded(expectedMm, 3)
                + " mm, about 25.4 times off. "
                + question;
    }
}
