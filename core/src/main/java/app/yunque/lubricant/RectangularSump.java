package app.yunque.lubricant;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * A box-shaped sump, measured inside.
 *
 * @param lengthMm L (mm), 10 to 10000
 * @param widthMm  W (mm), 10 to 10000
 * @param heightMm inside height up to the lowest opening or the joint (mm), 10 to 10000
 */
public record RectangularSump(double lengthMm, double widthMm, double heightMm) {
    public static final Range LENGTH =
            Range.of("sumpLengthMm", "inside length of the sump", 10, 10_000, "mm");
    public static final Range WIDTH =
            Range.of("sumpWidthMm", "inside width of the sump", 10, 10_000, "mm");
    public static final Range HEIGHT =
            Range.of("sumpHeightMm", "inside height of the sump", 10, 10_000, "mm");

    /** @throws Refused naming every value out of its range */
    public RectangularSump {
        Refused.ifAny(LENGTH.judge(lengthMm), WIDTH.judge(widthMm), HEIGHT.judge(heightMm));
    }

    double volumeMm3(double levelMm) {
        return lengthMm * widthMm * levelMm;
    }

    /** @throws Refused when the level is below the floor or above the case */
    void refuseOutside(double levelMm) {
        if (!(levelMm > 0 && levelMm <= heightMm)) {
            throw Refused.because(
                    "levelMm",
                    "Oil level %s mm is outside 0 to %s mm, the inside height of the sump. Measure from the lowest floor"
                                    .formatted(
                                            PlainDigits.exact(levelMm), PlainDigits.exact(heightMm))
                            + " point.");
        }
    }
}
