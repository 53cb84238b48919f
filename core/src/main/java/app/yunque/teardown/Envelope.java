package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * The room a part needs to pass an opening.
 *
 * @param shape   round part or box
 * @param aMm     diameter of a round part, or smaller side of the cross-section (mm), 0.1 to 10000
 * @param bMm     larger side of the cross-section of a box (mm), 0.1 to 10000; equal to {@code aMm} for a round part
 * @param lengthMm length along its axis (mm), 0.1 to 10000
 */
public record Envelope(Shape shape, double aMm, double bMm, double lengthMm) {
    public static final Range A = Range.of("aMm", "diameter or width", 0.1, 10_000, "mm");
    public static final Range B = Range.of("bMm", "height", 0.1, 10_000, "mm");
    public static final Range LENGTH =
            Range.of("lengthMm", "length of the part", 0.1, 10_000, "mm");

    /** Shape of a part. */
    public enum Shape {
        ROUND,
        BOX
    }

    /** @throws Refused naming every size that cannot be */
    public Envelope {
        Refused.ifAny(
                A.judge(aMm),
                shape == Shape.BOX ? B.judge(bMm) : Optional.empty(),
                LENGTH.judge(lengthMm));
        if (shape == Shape.ROUND) {
            bMm = aMm;
        } else if (bMm < aMm) {
            double larger = aMm;
            aMm = bMm;
            bMm = larger;
        }
    }

    public static Envelope round(double diameterMm, double lengthMm) {
        return new Envelope(Shape.ROUND, diameterMm, diameterMm, lengthMm);
    }

    /** "Ø96 × 28" or "30 × 40 × 60". */
    public String inWords() {
        return shape == Shape.ROUND
                ? "Ø" + PlainDigits.exact(aMm) + " × " + PlainDigits.exact(lengthMm)
                : PlainDigits.exact(aMm)
                        + " × "
                        + PlainDigits.exact(bMm)
                        + " × "
                        + PlainDigits.exact(lengthMm);
    }
}
