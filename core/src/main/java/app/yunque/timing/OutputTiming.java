package app.yunque.timing;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two outputs on one input, each some teeth short of its mark: after how many input teeth both come true, t ≡ a (mod
 * z_A), t ≡ b (mod z_B). It can be done when gcd (z_A, z_B) divides a − b; otherwise one gear has to be lifted out and
 * meshed again by the remainder. Source: congruences, checked by trying every tooth.
 *
 * @param inputTeeth   t, input teeth to turn; empty when it cannot be done by turning
 * @param inputTurns   t/z_in; empty likewise
 * @param repeatTeeth  after so many teeth it comes again
 * @param remeshTeeth  teeth by which B has to be meshed anew; 0 when turning does it
 * @param sentence     what to do
 * @param warnings     marks that lie between teeth
 * @param working      formula and numbers
 */
public record OutputTiming(
        Optional<Long> inputTeeth,
        Optional<Double> inputTurns,
        long repeatTeeth,
        int remeshTeeth,
        String sentence,
        List<String> warnings,
        Working working) {
    public static final Range TEETH = Range.count("teeth", "number of teeth", 4, 500);
    public static final Range SHORT = Range.of("shortTeeth", "teeth short of the mark", 0, 500, "");
    private static final double BETWEEN_TEETH = 0.25;

    /**
     * @param inputTeeth z_in
     * @param teethA     z_A
     * @param shortA     a, teeth A is short of its mark in running sense; parts of a tooth are rounded and told
     * @param teethB     z_B
     * @param shortB     b, likewise
     */
    @PublicRule(
            at = "timing/outputs",
            title = "Timing of two outputs",
            says = "How far the input turns until two outputs stand as they should.")
    public static OutputTiming of(
            int inputTeeth, int teethA, double shortA, int teethB, double shortB) {
        Refused.ifAny(
                TEETH.named("inputTeeth", "teeth of the input gear").judge(inputTeeth),
                TEETH.named("teethA", "teeth of output A").judge(teethA),
                TEETH.named("teethB", "teeth of output B").judge(teethB),
                SHORT.named("shortA", "teeth A is short of its mark").judge(shortA),
                SHORT.named("shortB", "teeth B is short of its mark").judge(shortB));
        long a = Math.round(shortA);
        long b = Math.round(shortB);
        var warnings = new ArrayList<>(between("A", shortA, a).stream().toList());
        warnings.addAll(between("B", shortB, b).stream().toList());
        int g = SplineTiming.gcd(teethA, teethB);
        long repeat = SplineTiming.lcm(teethA, teethB);
        long apart = Math.floorMod(a - b, (long) g);
        if (apart != 0) {
            int remesh = (int) Math.min(apart, g - apart);
            return new OutputTiming(
                    Optional.empty(),
                    Optional.empty(),
                    repeat,
                    remesh,
                    "Turning alone never brings both true: they meet only in steps of %d teeth and are %d apart. Lift B out and mesh it %d %s over, then time again."
                            .formatted(g, apart, remesh, remesh == 1 ? "tooth" : "teeth"),
                    List.copyOf(warnings),
                    working(teethA, a, teethB, b, g, "g does not divide a − b"));
        }
        long t = Math.floorMod(a, (long) teethA);
        while (Math.floorMod(t - b, (long) teethB) != 0) {
            t += teethA;
        }
        double turns = t / (double) inputTeeth;
        return new OutputTiming(
                Optional.of(t),
                Optional.of(turns),
                repeat,
                0,
                "Turn the input on by %d teeth, %s turns: both marks come true together, and again every %d teeth."
                        .formatted(t, PlainDigits.rounded(turns, 3), repeat),
                List.copyOf(warnings),
                working(teethA, a, teethB, b, g, "t = " + t));
    }

    private static Optional<String> between(String output, double given, long whole) {
        return Math.abs(given - whole) > BETWEEN_TEETH
                ? Optional.of(
                        "The mark of %s lies between teeth (%s): wrong datum or wrong gear?"
                                .formatted(output, PlainDigits.exact(given)))
                : Optional.empty();
    }

    private static Working working(int zA, long a, int zB, long b, int g, String outcome) {
        return new Working(
                List.of(
                        line(
                                "t ≡ a (mod z_A), t ≡ b (mod z_B)",
                                "t ≡ %d (mod %d), t ≡ %d (mod %d)".formatted(a, zA, b, zB)),
                        line("g = gcd(z_A, z_B) must divide a − b", "g = " + g + ": " + outcome)),
                "congruences");
    }
}
