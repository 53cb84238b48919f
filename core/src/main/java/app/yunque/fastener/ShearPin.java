package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.Optional;

/**
 * Torque at which a shear pin cuts, and whether it protects the box: T = n (π d²/4) τ R, τ a share of the pin's tensile strength. Both are known in a band only, so the
 * answer is one of three: it protects, it does not, or that cannot be told. A pin may protect and still cut in ordinary work. Source: mechanics; τ/R_m of steel
 * 0.57 to 0.70 judgement, no source; 15 % over the right pin common practice, no source.
 *
 * @param leastNm torque it may cut at, least (N·m)
 * @param mostNm  torque it may cut at, most (N·m)
 * @param limitNm torque the box bears at this shaft (N·m)
 * @param guards  what it does
 * @param told    verdict and words
 */
public record ShearPin(double leastNm, double mostNm, double limitNm, Guards guards, Told told) {
    public static final Range DIAMETER =
            Range.of("diameterMm", "diameter where it shears", 0.5, 60, "mm");
    public static final Range STRENGTH =
            Range.of("leastTensileMpa", "tensile strength", 50, 2000, "MPa");
    public static final Range RADIUS =
            Range.of("radiusMm", "radius of the shear plane", 1, 2000, "mm");
    public static final Range LIMIT =
            Range.of("outputLimitNm", "torque the output bears", 0.1, 1e7, "N·m");
    public static final Range RATIO =
            Range.of("ratio", "turns of this shaft for one of the output", 0.001, 10_000, "");
    public static final Range EFFICIENCY =
            Range.of("efficiency", "efficiency from here to the output", 0.05, 1, "");
    public static final Range WORK =
            Range.of("workNm", "torque of ordinary work here", 0, 1e7, "N·m");
    private static final double LEAST_SHARE = 0.57;
    private static final double MOST_SHARE = 0.70;
    private static final double TOO_STRONG = 1.15;

    /** What a pin does for the box. */
    public enum Guards {
        PROTECTS("It cuts before the box suffers.", Verdict.CLEAR_PASS),
        CANNOT_TELL(
                "It may cut before the box suffers, or after: find out what steel it is, or fit the listed one.",
                Verdict.DOUBTFUL),
        DOES_NOT_PROTECT(
                "It does not protect: the box breaks first. Take it out.", Verdict.CLEAR_FAIL);

        private final String words;
        private final Verdict verdict;

        Guards(String words, Verdict verdict) {
            this.words = words;
            this.verdict = verdict;
        }

        public String words() {
            return words;
        }
    }

    /** How it goes through. */
    public enum Planes {
        ONE("a flange: one plane", 1),
        TWO("across through a shaft: two planes", 2);

        private final String words;
        private final int count;

        Planes(String words, int count) {
            this.words = words;
            this.count = count;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A pin.
     *
     * @param diameterMm      where it shears, the groove where that lies in the plane (mm)
     * @param leastTensileMpa tensile strength, least (MPa)
     * @param mostTensileMpa  tensile strength, most (MPa)
     * @param planes          how it goes through
     * @param radiusMm        radius of the shear plane (mm): half the shaft, or the pitch radius of a flange
     */
    public record Pin(
            double diameterMm,
            double leastTensileMpa,
            @Asks("tensile strength, most") double mostTensileMpa,
            @Asks("it goes through") Planes planes,
            double radiusMm) {
        public Pin {
            Refused.ifAny(
                    DIAMETER.judge(diameterMm),
                    STRENGTH.judge(leastTensileMpa),
                    STRENGTH.named("mostTensileMpa", "tensile strength, most")
                            .judge(mostTensileMpa),
                    RADIUS.judge(radiusMm));
            if (mostTensileMpa < leastTensileMpa) {
                throw Refused.because(
                        "mostTensileMpa",
                        "The most of its strength, %s MPa, is less than the least, %s. Exchange the two."
                                .formatted(
                                        PlainDigits.exact(mostTensileMpa),
                                        PlainDigits.exact(leastTensileMpa)));
            }
        }

        /** Torque at which it cuts for a share τ/R_m of a tensile strength (N·m). */
        double torqueNm(double tensileMpa, double share) {
            return planes.count
                    * Math.PI
                    / 4
                    * diameterMm
                    * diameterMm
                    * share
                    * tensileMpa
                    * radiusMm
                    / 1000;
        }

        private double carries() {
            return mostTensileMpa * diameterMm * diameterMm * planes.count;
        }
    }

    /**
     * What the box bears.
     *
     * @param outputLimitNm torque its output bears (N·m)
     * @param ratio         turns of the pin's shaft for one of the output
     * @param efficiency    from the pin to the output
     */
    public record Box(double outputLimitNm, double ratio, double efficiency) {
        public Box {
            Refused.ifAny(
                    LIMIT.judge(outputLimitNm), RATIO.judge(ratio), EFFICIENCY.judge(efficiency));
        }

        /** The same at the pin's shaft, for a jam at the output (N·m). */
        double atThePinNm() {
            return outputLimitNm / (ratio * efficiency);
        }
    }

    /**
     * @param pin    the pin that is in
     * @param box    what the box bears
     * @param workNm torque of ordinary work at the pin, service factor in it (N·m); 0 where it is not known
     * @param listed the pin of the list; empty where it is not known
     */
    @PublicRule(
            at = "fastener/shear-pin",
            title = "Does the shear pin protect?",
            says = "Where it cuts against what the box bears, and against the pin of the list.",
            sets = {"S-13"})
    public static ShearPin of(
            @Asks("the pin that is in") Pin pin,
            @Asks("what the box bears") Box box,
            double workNm,
            @Asks("the pin of the list") Optional<Pin> listed) {
        Refused.ifAny(WORK.judge(workNm));
        double least = pin.torqueNm(pin.leastTensileMpa, LEAST_SHARE);
        double most = pin.torqueNm(pin.mostTensileMpa, MOST_SHARE);
        double limit = box.atThePinNm();
        double over = listed.map(l -> pin.carries() / l.carries()).orElse(1.0);
        var guards =
                over > TOO_STRONG || least > limit
                        ? Guards.DOES_NOT_PROTECT
                        : most <= limit ? Guards.PROTECTS : Guards.CANNOT_TELL;
        boolean nuisance = least < workNm;
        var told =
                Told.of("mechanics; τ/R_m judgement, no source; 15 % common practice, no source")
                        .verdict(guards.verdict)
                        .figure("leastNm", "it cuts from", least, "N·m", 1)
                        .figure("mostNm", "to", most, "N·m", 1)
                        .figure("limitNm", "the box bears here", limit, "N·m", 1)
                        .figure("overListed", "against the listed pin", over, "times", 2)
                        .warnIf(
                                over > TOO_STRONG,
                                "This pin lets %s times the torque of the listed one through: remove it. A bolt with marks on its head is no shear pin."
                                        .formatted(PlainDigits.rounded(over, 2)))
                        .warnIf(
                                nuisance,
                                "It may cut in ordinary work (%s N·m): that asks for the cause, not for a stronger pin."
                                        .formatted(PlainDigits.exact(workNm)))
                        .line(
                                "T = n π d²/4 τ R, τ = 0.57 to 0.70 R_m",
                                "%s to %s N·m",
                                PlainDigits.rounded(least, 1),
                                PlainDigits.rounded(most, 1))
                        .line(
                                "limit / (i η)",
                                "%s / (%s × %s) = %s N·m",
                                PlainDigits.exact(box.outputLimitNm),
                                PlainDigits.exact(box.ratio),
                                PlainDigits.exact(box.efficiency),
                                PlainDigits.rounded(limit, 2))
                        .saying(
                                "Cuts at %s to %s N·m; the box bears %s here. %s"
                                        .formatted(
                                                PlainDigits.rounded(least, 0),
                                                PlainDigits.rounded(most, 0),
                                                PlainDigits.rounded(limit, 0),
                                                guards.words));
        return new ShearPin(least, most, limit, guards, told);
    }
}
