package app.yunque.teardown;

import app.yunque.measure.Problem;
import app.yunque.measure.Range;
import java.util.Optional;

/**
 * Ranges of what is noted of a step. They stand apart from {@link StepDetail}, whose parts need them before it is there itself:
 * a constant of its own would have holes when one of its parts is used first.
 */
final class DetailLimits {
    static final int LONGEST_TEXT = 200;
    static final Range MASS = Range.of("massKg", "mass", 0, 20_000, "kg");
    static final Range THICKNESS = Range.of("thicknessMm", "thickness", 0, 1000, "mm");
    static final Range TEETH = Range.count("teeth", "number of teeth", 1, 2000);
    static final Range BORE = Range.of("boreMm", "bore of the part", 0.1, 10_000, "mm");
    static final Range SEAT = Range.count("seat", "step of its shaft", 1, 12);
    static final Range DRAWN = Range.count("drawn", "pieces that the drawing wants", 0, 9999);
    static final Range POSITIONS = Range.count("positions", "positions it fits in", 1, 360);

    private DetailLimits() {}

    static Optional<Problem> tooLong(String field, String label, String text) {
        return text.length() <= LONGEST_TEXT
                ? Optional.empty()
                : Optional.of(
                        Problem.told(
                                field,
                                "%s has %d characters; at most %d fit."
                                        .formatted(label, text.length(), LONGEST_TEXT)));
    }
}
