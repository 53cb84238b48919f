package app.yunque.fastener;

import app.yunque.fastener.ScrewHole.Metal;
import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.Arrays;
import java.util.List;

/**
 * Torque of a screw where the maker gives none: preload F = φ S_p A_s, T = K F d. What the screw then really holds lies in a wide band, because friction does; the upper end
 * of it must not stretch the screw. A soft thread it goes into strips first and caps the torque. Source: Machinery's Handbook and ISO 898-1, from memory;
 * K and its spread common practice, no source; wrench ± 6 % ISO 6789, from memory.
 *
 * @param preloadN preload aimed at (N)
 * @param torqueNm torque (N·m)
 * @param leastN   least the screw may then hold (N)
 * @param mostN    most it may then hold (N)
 * @param stagesNm torques of the rounds (N·m): 30, 70, 100 %
 * @param told     verdict and words
 */
public record TighteningTorque(
        double preloadN,
        double torqueNm,
        double leastN,
        double mostN,
        List<Double> stagesNm,
        Told told) {
    public static final Range ENGAGED = Range.of("engagedMm", "thread engaged", 0.5, 500, "mm");
    private static final double REUSED = 0.75;
    private static final double PERMANENT = 0.90;
    private static final double WRENCH = 0.06;
    private static final double FRICTION = 0.25;
    private static final double OVERLOAD = 0.9;
    private static final double[] STAGES = {0.3, 0.7, 1.0};
    private static final double STRIPS_WITH = 0.5;

    /**
     * @param thread     as a drawing names it
     * @param strength   by the mark on its head
     * @param condition  what is on the thread
     * @param permanent  true when it is never undone again
     * @param into       what it goes into
     * @param engagedMm  length of thread engaged (mm)
     */
    @PublicRule(
            at = "fastener/torque",
            title = "Torque where the maker gives none",
            says =
                    "By mark, thread, what is on it and what it goes into, with what the screw may then really hold.",
            sets = {"S-12"})
    public static TighteningTorque of(
            @Asks(value = "thread", hint = "M10, M12×1.5, 3/8-16.") String thread,
            @Asks("mark on the head") StrengthClass strength,
            @Asks("the thread is") ThreadCondition condition,
            @Asks("it is never undone again") boolean permanent,
            @Asks("it goes into") Metal into,
            double engagedMm) {
        Refused.ifAny(ENGAGED.judge(engagedMm));
        var section = ThreadSection.of(thread);
        double d = section.thread().diameterMm() == null ? 0 : section.thread().diameterMm();
        double share = permanent ? PERMANENT : REUSED;
        double byScrew = share * strength.proofMpa(d) * section.stressAreaMm2();
        // Half of the cylinder at the pitch diameter is thread of the part.
        double byThread =
                STRIPS_WITH * into.shearMpa() * Math.PI * section.pitchDiaMm() * engagedMm / 2;
        double preload = Math.min(byScrew, byThread);
        double k = condition.coefficient();
        double torque = k * preload * d / 1000;
        double least = torque * (1 - WRENCH) / (k * (1 + FRICTION) * d) * 1000;
        double most = torque * (1 + WRENCH) / (k * (1 - FRICTION) * d) * 1000;
        double yields = strength.yieldMpa(d) * section.stressAreaMm2();
        boolean soft = byThread < byScrew;
        var stages = Arrays.stream(STAGES).map(s -> s * torque).boxed().toList();
        var told =
                Told.of(
                                "ISO 898-1, SAE J429, Machinery's Handbook, from memory; K and its spread common practice, no source; the maker's torque wins")
                        .verdict(most > yields ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED)
                        .figure("torqueNm", "torque", torque, "N·m", 1)
                        .figure("preloadN", "preload aimed at", preload, "N", 0)
                        .figure("leastN", "it may hold as little as", least, "N", 0)
                        .figure("mostN", "it may hold as much as", most, "N", 0)
                        .words(
                                "stages",
                                "rounds",
                                "%s, %s, %s N·m, then once round until none moves"
                                        .formatted(
                                                PlainDigits.rounded(stages.get(0), 1),
                                                PlainDigits.rounded(stages.get(1), 1),
                                                PlainDigits.rounded(stages.get(2), 1)))
                        .warnIf(
                                most > yields,
                                "With little friction it would stretch the screw: %s N against %s. Ask the maker."
                                        .formatted(
                                                PlainDigits.rounded(most, 0),
                                                PlainDigits.rounded(yields, 0)))
                        .warnIf(
                                most <= yields
                                        && most
                                                > OVERLOAD
                                                        * strength.proofMpa(d)
                                                        * section.stressAreaMm2(),
                                "With little friction it comes over 0.9 of its proof load: oil and paste are not put on without reckoning again.")
                        .warnIf(
                                soft,
                                "The %s strips before the screw is full: the torque is capped by %s mm of thread."
                                        .formatted(into.words(), PlainDigits.exact(engagedMm)))
                        .warnIf(
                                engagedMm < into.wantedDiameters() * d,
                                "Only %s d of thread in %s; %s d is wanted."
                                        .formatted(
                                                PlainDigits.rounded(engagedMm / d, 2),
                                                into.words(),
                                                PlainDigits.exact(into.wantedDiameters())))
                        .warnIf(
                                strength == StrengthClass.UNMARKED,
                                "Without a mark the lowest class counts. It may be harder: never use it as a shear pin.")
                        .line(
                                "F = φ S_p A_s",
                                "%s × %s × %s = %s N",
                                PlainDigits.exact(share),
                                PlainDigits.rounded(strength.proofMpa(d), 0),
                                PlainDigits.rounded(section.stressAreaMm2(), 2),
                                PlainDigits.rounded(byScrew, 0))
                        .line(
                                "T = K F d",
                                "%s × %s × %s mm = %s N·m",
                                PlainDigits.exact(k),
                                PlainDigits.rounded(preload, 0),
                                PlainDigits.exact(d),
                                PlainDigits.rounded(torque, 2))
                        .school("The maker's torque wins over any table.")
                        .saying(
                                "%s N·m, %s."
                                        .formatted(
                                                PlainDigits.about(torque, 3), condition.words()));
        return new TighteningTorque(preload, torque, least, most, stages, told);
    }
}
