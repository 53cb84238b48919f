package app.yunque.server.people;

import app.yunque.measure.Refused;
import java.nio.charset.StandardCharsets;

/** What a PIN may be: four characters or a whole sentence, but nothing that is tried first. */
final class Secret {
    static final int SHORTEST = 4;

    /** The hash reads no more than so many bytes. */
    static final int MOST_BYTES = 72;

    private Secret() {}

    /** @throws Refused when it is too short, too long, or the first that anybody would try */
    static String checked(String field, String pin) {
        if (pin.length() < SHORTEST) {
            throw Refused.because(
                    field,
                    "The PIN has %d characters; it needs %d or more. Words are allowed too."
                            .formatted(pin.length(), SHORTEST));
        }
        if (pin.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            throw Refused.because(
                    field, "That PIN is too long: at most %d characters.".formatted(MOST_BYTES));
        }
        if (isRun(pin, 0) || isRun(pin, 1) || isRun(pin, -1)) {
            throw Refused.because(
                    field, "That PIN is among the first that anybody tries. Choose another.");
        }
        return pin;
    }

    /** True for 0000, 1234 and 4321. */
    private static boolean isRun(String pin, int step) {
        for (int i = 1; i < pin.length(); i++) {
            if (pin.charAt(i) - pin.charAt(i - 1) != step) {
                return false;
            }
        }
        return true;
    }
}
