package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;

/**
 * Preload and torque of a screw from the friction in its thread and under its head: T = F (P/2π + d₂ μ_G/(2 cos 30°) + D_Km/2 μ_K), and the most preload that pulling and
 * twisting together leave below a share ν of its yield, F = A_s ν R_p/√(1 + 3 (3/2 d₂/d₀ (P/(π d₂) + 2/√3 μ_G))²). Source: VDI 2230, from memory, with the
 * exact factors it rounds.
 *
 * @param preloadN preload (N)
 * @param torqueNm torque that makes it (N·m)
 * @param told     verdict and words
 */
public record AssemblyTorque(double preloadN, double torqueNm, Told told) {
    public static final Range FRICTION =
            Range.of("threadFriction", "friction in the thread", 0.04, 0.4, "");
    public static final Range ACROSS =
            Range.of("headMm", "bearing face of the head, outside", 2, 300, "mm");
    public static final Range USE = Range.of("sharePercent", "share of the yield", 10, 100, "%");
    private static final double TWIST = 1.5;
    private static final double FLANK = Math.cos(Math.toRadians(30));
    private static final double USUAL = 90;

    /**
     * Where the head bears.
     *
     * @param headMm outside of its bearing face (mm)
     * @param holeMm hole under it (mm), less than that
     */
    public record Bearing(double headMm, @Asks("hole under the head") double holeMm) {
        public Bearing {
            Refused.ifAny(
                    ACROSS.judge(headMm),
                    ACROSS.named("holeMm", "hole under the head").judge(holeMm));
            if (holeMm >= headMm) {
                throw Refused.because(
                        "holeMm",
                        "A hole of %s mm leaves nothing under a head of %s mm. Exchange the two?"
                                .formatted(PlainDigits.exact(holeMm), PlainDigits.exact(headMm)));
            }
        }

        private double meanMm() {
            return (headMm + holeMm) / 2;
        }
    }

    /**
     * @param thread         as a drawing names it
     * @param strength       by the mark on its head
     * @param threadFriction μ_G
     * @param headFriction   μ_K
     * @param bearing        where the head bears
     * @param sharePercent   ν, share of the yield that pulling and twisting may use together (%)
     * @throws Refused also for a hole that the screw does not go through
     */
    @PublicRule(
            at = "fastener/assembly-torque",
            title = "Torque from known friction",
            says =
                    "Preload and torque where the friction of thread and head is known, up to a share of the yield.",
            sets = {"S-12"})
    public static AssemblyTorque of(
            @Asks(value = "thread", hint = "M10, M12×1.5, 3/8-16.") String thread,
            @Asks("mark on the head") StrengthClass strength,
            double threadFriction,
            @Asks("friction under the head") double headFriction,
            @Asks("where the head bears") Bearing bearing,
            @Asks(value = "share of the yield", hint = "90 is usual.") double sharePercent) {
        Refused.ifAny(
                FRICTION.judge(threadFriction),
                FRICTION.named("headFriction", "friction under the head").judge(headFriction),
                USE.judge(sharePercent));
        var section = ThreadSection.of(thread);
        double d = diameter(section);
        if (bearing.holeMm < d) {
            throw Refused.because(
                    "bearing.holeMm",
                    "%s is %s mm thick and does not go through a hole of %s mm."
                            .formatted(
                                    thread,
                                    PlainDigits.exact(d),
                                    PlainDigits.exact(bearing.holeMm)));
        }
        double pitch = pitch(section);
        double d2 = section.pitchDiaMm();
        double d0 = (d2 + section.rootDiaMm()) / 2;
        double twist = TWIST * d2 / d0 * (pitch / (Math.PI * d2) + threadFriction / FLANK);
        double yield = strength.yieldMpa(d);
        double preload =
                section.stressAreaMm2()
                        * sharePercent
                        / 100
                        * yield
                        / Math.sqrt(1 + 3 * twist * twist);
        double perNewton =
                pitch / (2 * Math.PI)
                        + d2 * threadFriction / (2 * FLANK)
                        + bearing.meanMm() / 2 * headFriction;
        double torque = preload * perNewton / 1000;
        boolean nearYield = sharePercent > USUAL;
        double turns = pitch / (2 * Math.PI) / perNewton;
        return new AssemblyTorque(
                preload,
                torque,
                Told.of("VDI 2230, ISO 898-1, from memory; the maker's torque wins")
                        .verdict(nearYield ? Verdict.DOUBTFUL : Verdict.NOT_JUDGED)
                        .figure("torqueNm", "torque", torque, "N·m", 1)
                        .figure("preloadN", "preload", preload, "N", 0)
                        .figure("yieldMpa", "yield of the screw", yield, "MPa", 0)
                        .figure(
                                "stretchPercent",
                                "of the torque stretches the screw",
                                100 * turns,
                                "%",
                                0)
                        .warnIf(
                                nearYield,
                                "So near to its yield a wrench that reads low stretches it for good. A screw that was tightened into its yield is never tightened again and never used again: put in a new one.")
                        .warnIf(
                                strength == StrengthClass.UNMARKED,
                                "Without a mark the lowest class counts.")
                        .line(
                                "F = A_s ν R_p / √(1 + 3 τ²)",
                                "%s × %s × %s / √(1 + 3 × %s²) = %s N",
                                PlainDigits.rounded(section.stressAreaMm2(), 2),
                                PlainDigits.exact(sharePercent / 100),
                                PlainDigits.rounded(yield, 0),
                                PlainDigits.rounded(twist, 4),
                                PlainDigits.rounded(preload, 0))
                        .line(
                                "T = F (P / 2π + d₂ μ_G / (2 cos 30°) + D μ_K / 2)",
                                "%s × %s mm = %s N·m",
                                PlainDigits.rounded(preload, 0),
                                PlainDigits.rounded(perNewton, 4),
                                PlainDigits.rounded(torque, 2))
                        .school(
                                "Where friction is guessed and not known, Torque where the maker gives none tells in what band the screw then lies.")
                        .saying(
                                "%s N·m for %s N of preload."
                                        .formatted(
                                                PlainDigits.about(torque, 3),
                                                PlainDigits.rounded(preload, 0))));
    }

    private static double diameter(ThreadSection section) {
        var d = section.thread().diameterMm();
        return d == null ? 0 : d;
    }

    private static double pitch(ThreadSection section) {
        var p = section.thread().pitchMm();
        return p == null ? 0 : p;
    }
}
