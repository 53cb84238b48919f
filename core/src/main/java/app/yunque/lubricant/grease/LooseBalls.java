package app.yunque.lubricant.grease;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * A race of loose balls: how many belong in it when they were not counted, and the room left for grease. The greatest number that
 * touch on a pitch circle is Z = ⌊π/asin(D_w/D_p)⌋; when the arc left over is below 0.1 D_w, one fewer, so that they roll. The
 * count taken at the strip comes before this. Source: geometry; the spare ball common practice, no source.
 *
 * @param most       Z
 * @param fit        how many to fit
 * @param leftoverMm arc left over with Z (mm)
 * @param roomCm3    room for grease with so many in it (cm³)
 * @param working    formula and numbers
 */
public record LooseBalls(int most, int fit, double leftoverMm, double roomCm3, Working working) {
    public static final Range BALL = Range.of("ballMm", "ball", 0.3, 200, "mm");
    public static final Range INNER = Range.of("boreMm", "inside of the race", 1, 1900, "mm");
    public static final Range OUTER = Range.of("outsideMm", "outside of the race", 3, 2000, "mm");
    public static final Range WIDTH = Range.of("widthMm", "width of the race", 1, 800, "mm");
    private static final double TIGHT = 0.1;

    /**
     * @param ballMm    D_w (mm)
     * @param boreMm    inner edge of the annular room (mm)
     * @param outsideMm its outer edge (mm); the pitch circle lies in the middle
     * @param widthMm   its width (mm)
     * @throws Refused when such balls cannot lie there
     */
    @PublicRule(
            at = "lubricant/loose-balls",
            title = "Loose balls of a race",
            says = "How many fit, how many belong, and the room for grease.")
    public static LooseBalls of(double ballMm, double boreMm, double outsideMm, double widthMm) {
        Refused.ifAny(
                BALL.judge(ballMm),
                INNER.judge(boreMm),
                OUTER.judge(outsideMm),
                WIDTH.judge(widthMm));
        if (outsideMm <= boreMm) {
            throw Refused.because(
                    "outsideMm",
                    "The race is %s mm outside and %s mm inside. The outside is the larger: check both."
                            .formatted(PlainDigits.exact(outsideMm), PlainDigits.exact(boreMm)));
        }
        double pitch = (boreMm + outsideMm) / 2;
        if (ballMm > pitch / 2) {
            throw Refused.because(
                    "ballMm",
                    "A ball of %s mm is too large for a pitch circle of %s mm; at most %s mm."
                            .formatted(
                                    PlainDigits.exact(ballMm),
                                    PlainDigits.exact(pitch),
                                    PlainDigits.exact(pitch / 2)));
        }
        double exact = Math.PI / Math.asin(ballMm / pitch);
        int most = (int) Math.floor(exact + 1e-9);
        double leftover = Math.max(0, exact - most) * ballMm;
        int fit = leftover < TIGHT * ballMm ? most - 1 : most;
        double ring = Math.PI / 4 * (outsideMm * outsideMm - boreMm * boreMm) * widthMm;
        double room = (ring - fit * Math.PI * ballMm * ballMm * ballMm / 6) / 1000;
        if (!(room > 0)) {
            throw Refused.because(
                    "widthMm",
                    "%d balls of %s mm do not go into a race %s mm wide. Check width and ball."
                            .formatted(fit, PlainDigits.exact(ballMm), PlainDigits.exact(widthMm)));
        }
        return new LooseBalls(
                most, fit, leftover, room, working(ballMm, pitch, exact, fit, leftover, room));
    }

    private static Working working(
            double ball, double pitch, double exact, int fit, double leftover, double room) {
        return new Working(
                List.of(
                        line(
                                "Z = ⌊π / asin(D_w/D_p)⌋",
                                "π / asin(%s/%s) = %s"
                                        .formatted(
                                                PlainDigits.exact(ball),
                                                PlainDigits.exact(pitch),
                                                PlainDigits.rounded(exact, 3))),
                        line(
                                "one fewer where less than 0.1 D_w is left over",
                                "%s mm left over, fit %d"
                                        .formatted(PlainDigits.rounded(leftover, 2), fit)),
                        line("ring − Z π D_w³/6", PlainDigits.rounded(room, 2) + " cm³")),
                "geometry; the spare ball common practice, no source");
    }
}
