package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An opening of the housing through which parts come and go.
 *
 * @param name     what it is called: "side hole", 1 to 60 characters
 * @param shape    round or rectangular
 * @param widthMm  diameter, or smaller side (mm), 0.1 to 10000
 * @param heightMm larger side of a rectangle (mm), 0.1 to 10000; equal to the width for a round one
 * @param closedBy the part that closes it, as the strip calls it; empty when it is always open
 * @param faces    which way it looks; along the shafts it lets a shaft be drawn straight out
 * @param shaft    the shaft in whose axis it lies, 1 for the first; 0 when it is not the bore of a shaft
 * @param depthMm  free depth behind it (mm), 0.1 to 10000; null while nobody measured it
 */
public record Opening(
        String name,
        Shape shape,
        double widthMm,
        double heightMm,
        String closedBy,
        Faces faces,
        int shaft,
        @Nullable Double depthMm) {
    public static final Range WIDTH =
            Range.of("widthMm", "width of the opening", 0.1, 10_000, "mm");
    public static final Range HEIGHT =
            Range.of("heightMm", "height of the opening", 0.1, 10_000, "mm");
    public static final Range DEPTH =
            Range.of("depthMm", "free depth behind the opening", 0.1, 10_000, "mm");
    private static final int LONGEST_NAME = 60;

    /** Which way an opening looks, on the picture of the unit. */
    public enum Faces {
        UNSAID("not said"),
        LEFT("left"),
        RIGHT("right"),
        TOP("top"),
        BOTTOM("bottom"),
        FRONT("front"),
        BACK("back");

        private final String words;

        Faces(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** True where shafts run towards it. */
        boolean isAlongTheShafts() {
            return this == LEFT || this == RIGHT;
        }

        /** True where shafts lie across it. */
        boolean isAcrossTheShafts() {
            return this != UNSAID && !isAlongTheShafts();
        }
    }

    /** Of which only the size is known. */
    public Opening(String name, Shape shape, double widthMm, double heightMm, String closedBy) {
        this(name, shape, widthMm, heightMm, closedBy, Faces.UNSAID, 0, null);
    }

    /** Shape of an opening. */
    public enum Shape {
        ROUND,
        RECTANGLE
    }

    /** @throws Refused naming every size that cannot be, and a missing name */
    public Opening {
        name = name.strip();
        closedBy = closedBy.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refused.because(
                    "name", "Give the opening a name of 1 to " + LONGEST_NAME + " characters.");
        }
        Refused.ifAny(
                WIDTH.judge(widthMm),
                shape == Shape.RECTANGLE ? HEIGHT.judge(heightMm) : Optional.empty(),
                depthMm == null ? Optional.empty() : DEPTH.judge(depthMm));
        if (shape == Shape.ROUND) {
            heightMm = widthMm;
        } else if (heightMm < widthMm) {
            double larger = widthMm;
            widthMm = heightMm;
            heightMm = larger;
        }
    }

    /** "side hole (Ø80)" or "top opening (40 × 110)". */
    public String inWords() {
        return name
                + (shape == Shape.ROUND
                        ? " (Ø" + PlainDigits.exact(widthMm) + ")"
                        : " ("
                                + PlainDigits.exact(widthMm)
                                + " × "
                                + PlainDigits.exact(heightMm)
                                + ")");
    }
}
