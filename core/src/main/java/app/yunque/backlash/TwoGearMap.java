package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * Two eccentric gears: y = c + p₁ cos θ₁ + q₁ sin θ₁ + p₂ cos θ₂ + q₂ sin θ₂ with θ₁ = θ₂ z₂/z₁, each counted in its own
 * sense of rotation from the start marks. Source: ordinary least squares.
 *
 * @param meanMm          c (mm)
 * @param pinionMm        A₁ (mm)
 * @param pinionAtDeg     φ₁ (degrees)
 * @param wheelMm         A₂ (mm)
 * @param wheelAtDeg      φ₂ (degrees)
 * @param scatterMm       what the two waves leave over (mm)
 * @param smallestMm      the smallest that this pair can ever meet (mm)
 * @param bestMm          the smallest after the best assembly; the same as smallestMm for a hunting pair (mm)
 * @param isHunting       true when every tooth meets every other in time
 * @param sentence        what to do
 * @param working         formula and numbers
 */
public record TwoGearMap(
        double meanMm,
        double pinionMm,
        double pinionAtDeg,
        double wheelMm,
        double wheelAtDeg,
        double scatterMm,
        double smallestMm,
        double bestMm,
        boolean isHunting,
        String sentence,
        Working working) {
    public static final Range PINION_TEETH =
            Range.count("pinionTeeth", "teeth of the pinion", 1, 2000);
    public static final Range WHEEL_TEETH =
            Range.count("wheelTeeth", "teeth of the wheel", 1, 2000);

    public static final Range PLACES =
            Range.count("readings", "number of places", 8, 400)
                    .advising("Take eight or more over one turn of the wheel and one beat.");
    public static final Range ANGLE =
            Range.of("angleDeg", "turned angle of the wheel", 0, 36_000, "degrees");
    private static final double WORST_CONDITION = 1e6;
    private static final int SCAN = 720;

    /**
     * One stop.
     *
     * @param wheelAngleDeg θ₂ turned since the start, going on beyond a turn (degrees)
     * @param backlashMm    j_wt there (mm)
     */
    public record Stop(double wheelAngleDeg, double backlashMm) {
        public Stop {
            Refused.ifAny(ANGLE.judge(wheelAngleDeg), BacklashMap.READING.judge(backlashMm));
        }
    }

    /**
     * @param stops       eight or more
     * @param pinionTeeth z₁
     * @param wheelTeeth  z₂, another number than z₁
     * @throws Refused when the stops always meet the pinion at the same place, or the tooth counts are equal
     */
    @PublicRule(
            at = "backlash/two-gear-map",
            title = "Which gear runs out",
            says = "Run-out of pinion and wheel apart, from stops over many turns.")
    public static TwoGearMap of(List<Stop> stops, int pinionTeeth, int wheelTeeth) {
        Refused.ifAny(PINION_TEETH.judge(pinionTeeth), WHEEL_TEETH.judge(wheelTeeth));
        Refused.ifAny(PLACES.judge(stops.size()));
        if (pinionTeeth == wheelTeeth) {
            throw Refused.because(
                    "wheelTeeth",
                    "With equal tooth counts the two gears always meet alike: only their sum can be seen. Map one gear against a sound mate.");
        }
        double ratio = (double) wheelTeeth / pinionTeeth;
        double[][] normal = new double[5][5];
        double[] right = new double[5];
        for (var stop : stops) {
            double[] row = row(stop, ratio);
            for (int i = 0; i < 5; i++) {
                right[i] += row[i] * stop.backlashMm();
                for (int j = 0; j < 5; j++) {
                    normal[i][j] += row[i] * row[j];
                }
            }
        }
        if (!(LeastSquares.condition(normal) < WORST_CONDITION)) {
            throw Refused.because(
                    "readings",
                    "These stops always meet the pinion at the same places: choose other stops, for example every 100° of the wheel over three turns.");
        }
        double[] x = LeastSquares.times(LeastSquares.inverse(normal), right);
        double squares = 0;
        for (var stop : stops) {
            double[] row = row(stop, ratio);
            double left = stop.backlashMm();
            for (int i = 0; i < 5; i++) {
                left -= row[i] * x[i];
            }
            squares += left * left;
        }
        return told(x, squares, stops.size(), pinionTeeth, wheelTeeth);
    }

    private static double[] row(Stop stop, double ratio) {
        double two = Math.toRadians(stop.wheelAngleDeg());
        double one = two * ratio;
        return new double[] {1, Math.cos(one), Math.sin(one), Math.cos(two), Math.sin(two)};
    }

    private static TwoGearMap told(double[] x, double squares, int stops, int z1, int z2) {
        double one = Math.hypot(x[1], x[2]);
        double two = Math.hypot(x[3], x[4]);
        boolean hunting = gcd(z1, z2) == 1;
        double worst = x[0] - one - two;
        boolean locked = z2 % z1 == 0;
        double best = locked ? bestLocked(x[0], one, two, z2 / z1) : worst;
        return new TwoGearMap(
                x[0],
                one,
                degrees(x[2], x[1]),
                two,
                degrees(x[4], x[3]),
                Math.sqrt(squares / Math.max(1, stops - 5)),
                worst,
                best,
                hunting,
                sentence(hunting, locked, worst, best),
                new Working(
                        List.of(
                                line(
                                        "j = c + A₁ cos(θ₁ − φ₁) + A₂ cos(θ₂ − φ₂), θ₁ = θ₂ z₂/z₁",
                                        "c %s, A₁ %s, A₂ %s mm"
                                                .formatted(
                                                        PlainDigits.rounded(x[0], 4),
                                                        PlainDigits.rounded(one, 4),
                                                        PlainDigits.rounded(two, 4))),
                                line(
                                        "smallest ever: c − A₁ − A₂",
                                        PlainDigits.rounded(worst, 4) + " mm")),
                        "ordinary least squares"));
    }

    /** c + min over θ of [A₁ cos n(θ − δ) + A₂ cos θ], for the δ at which that minimum is largest. */
    private static double bestLocked(double c, double one, double two, int n) {
        double best = Double.NEGATIVE_INFINITY;
        for (int d = 0; d < SCAN; d++) {
            double shift = 2 * Math.PI * d / SCAN;
            double least = Double.POSITIVE_INFINITY;
            for (int k = 0; k < SCAN; k++) {
                double t = 2 * Math.PI * k / SCAN;
                least = Math.min(least, one * Math.cos(n * t - shift) + two * Math.cos(t));
            }
            best = Math.max(best, least);
        }
        return c + best;
    }

    private static String sentence(boolean hunting, boolean locked, double worst, double best) {
        if (hunting) {
            return "A hunting pair: in time the high sides meet, so it must bear its smallest, %s mm."
                    .formatted(PlainDigits.rounded(worst, 3));
        }
        return locked
                ? "The phase is fixed at assembly: turn the pinion so that its high side meets the wheel's low side, and the smallest becomes %s instead of %s mm. Mark the teeth and read again."
                        .formatted(PlainDigits.rounded(best, 3), PlainDigits.rounded(worst, 3))
                : "Some teeth never meet: try another tooth in mesh and read again; the worst would be %s mm."
                        .formatted(PlainDigits.rounded(worst, 3));
    }

    private static double degrees(double sin, double cos) {
        return (Math.toDegrees(Math.atan2(sin, cos)) + 360) % 360;
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
