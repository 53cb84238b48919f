package app.yunque.timing;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * A gear on a splined hub is out of time by an angle: by how many splines and how many teeth to move it. A shift of i
 * splines and j teeth turns the output by 360 (i/N + j/z)°; the finest step is 360°/lcm (N, z). Source: number theory,
 * checked by trying every shift.
 *
 * @param splines      i, plus turns the output on in its normal sense
 * @param teeth        j, likewise
 * @param shiftDeg     what that shift gives (degrees)
 * @param residualDeg  wanted less given (degrees)
 * @param finestDeg    the finest step there is (degrees)
 * @param sentence     what to do
 * @param working      formula and numbers
 */
public record SplineTiming(
        int splines,
        int teeth,
        double shiftDeg,
        double residualDeg,
        double finestDeg,
        String sentence,
        Working working) {
    public static final Range SPLINES = Range.count("splineCount", "number of splines", 2, 200);
    public static final Range TEETH = Range.count("teeth", "number of teeth", 4, 500);
    public static final Range WANTED =
            Range.of("wantedDeg", "angle to correct", -360, 360, "degrees");

    /**
     * @param splineCount N
     * @param teeth       z
     * @param wantedDeg   by how much the output must advance (degrees), minus to go back
     */
    @PublicRule(
            at = "timing/spline",
            title = "Timing by spline and teeth",
            says = "Which step of splines and teeth comes nearest to an angle.")
    public static SplineTiming of(int splineCount, int teeth, double wantedDeg) {
        Refused.ifAny(SPLINES.judge(splineCount), TEETH.judge(teeth), WANTED.judge(wantedDeg));
        long common = lcm(splineCount, teeth);
        long steps = Math.round(wantedDeg * common / 360);
        int[] best = smallestShift(splineCount, teeth, common, steps);
        double shift = 360.0 * (best[0] / (double) splineCount + best[1] / (double) teeth);
        double given = 360.0 * steps / common;
        return new SplineTiming(
                best[0],
                best[1],
                given,
                wantedDeg - given,
                360.0 / common,
                sentence(best, given, wantedDeg - given, common == Math.max(splineCount, teeth)),
                new Working(
                        List.of(
                                line(
                                        "finest step = 360° / lcm(N, z)",
                                        "360 / lcm(%d, %d) = 360 / %d = %s°"
                                                .formatted(
                                                        splineCount,
                                                        teeth,
                                                        common,
                                                        PlainDigits.rounded(360.0 / common, 4))),
                                line(
                                        "360 (i/N + j/z)",
                                        "360 (%d/%d + %d/%d) = %s°%s"
                                                .formatted(
                                                        best[0],
                                                        splineCount,
                                                        best[1],
                                                        teeth,
                                                        PlainDigits.rounded(shift, 4),
                                                        Math.abs(shift - given) > 1e-6
                                                                ? ", whole turns taken off: "
                                                                        + PlainDigits.rounded(
                                                                                given, 4)
                                                                        + "°"
                                                                : ""))),
                        "number theory: lcm of splines and teeth"));
    }

    /** Least |i| + |j|, then least |i|, then i above 0. */
    private static int[] smallestShift(int splines, int teeth, long common, long steps) {
        long u = common / splines;
        long v = common / teeth;
        int[] best = null;
        for (int i = -(splines / 2); i <= splines / 2; i++) {
            for (int j = -(teeth / 2); j <= teeth / 2; j++) {
                if (Math.floorMod(i * u + j * v - steps, common) == 0
                        && (best == null || isSmaller(i, j, best))) {
                    best = new int[] {i, j};
                }
            }
        }
        return best == null ? new int[] {0, 0} : best;
    }

    private static boolean isSmaller(int i, int j, int[] best) {
        int sum = Math.abs(i) + Math.abs(j);
        int bestSum = Math.abs(best[0]) + Math.abs(best[1]);
        if (sum != bestSum) {
            return sum < bestSum;
        }
        if (Math.abs(i) != Math.abs(best[0])) {
            return Math.abs(i) < Math.abs(best[0]);
        }
        return i > best[0];
    }

    private static String sentence(int[] best, double given, double left, boolean useless) {
        var move =
                best[0] == 0 && best[1] == 0
                        ? "Leave it as it is."
                        : "Move it %s and %s."
                                .formatted(steps(best[0], "spline"), steps(best[1], "tooth"));
        var rest =
                Math.abs(left) < 1e-9
                        ? " That is exact."
                        : " That gives %s°, %s° short of what is wanted: the closest there is."
                                .formatted(
                                        PlainDigits.rounded(given, 2),
                                        PlainDigits.rounded(left, 2));
        return move
                + rest
                + (useless ? " The splines do not help here: one divides the other." : "")
                + " Forward means the output advances in its normal sense; check on a mark before closing.";
    }

    private static String steps(int count, String what) {
        if (count == 0) {
            return "no " + what;
        }
        int n = Math.abs(count);
        var plural =
                what.equals("tooth") ? (n == 1 ? "tooth" : "teeth") : n == 1 ? what : what + "s";
        return n + " " + plural + (count > 0 ? " forward" : " back");
    }

    static long lcm(int a, int b) {
        return (long) a / gcd(a, b) * b;
    }

    static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
