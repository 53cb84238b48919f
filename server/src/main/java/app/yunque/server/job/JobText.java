package app.yunque.server.job;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.Optional;

/** Lengths of what people write. */
public final class JobText {
    private JobText() {}

    /** @throws Refused when the text is empty or too long */
    public static String required(String field, String label, String text, int most) {
        var stripped = text.strip();
        Refused.ifAny(
                stripped.isEmpty()
                        ? Optional.of(Problem.told(field, label + " is missing."))
                        : tooLong(field, label, stripped, most));
        return stripped;
    }

    /** @throws Refused when the text is too long */
    public static String optional(String field, String label, String text, int most) {
        Refused.ifAny(tooLong(field, label, text.strip(), most));
        return text.strip();
    }

    private static Optional<Problem> tooLong(String field, String label, String text, int most) {
        return text.length() <= most
                ? Optional.empty()
                : Optional.of(
                        Problem.told(
                                field,
                                "%s has %d characters; at most %d fit. Shorten it."
                                        .formatted(label, text.length(), most)));
    }
}
