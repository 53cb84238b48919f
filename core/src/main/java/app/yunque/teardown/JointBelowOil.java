package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;

/**
 * What runs out where a joint below the oil is opened. Source: volume of the oil that stands above the joint, with the surface taken as
 * the same all the way down; common practice, no source.
 *
 * @param litres what runs out (L); 0 where the joint stands above the oil
 * @param told   words and working
 */
public record JointBelowOil(double litres, Told told) {
    public static final Range LEVEL =
            Range.of("levelMm", "oil level above the floor", 0, 5000, "mm");
    public static final Range JOINT =
            Range.of("jointMm", "lowest edge of the joint above the floor", 0, 5000, "mm");
    public static final Range SURFACE =
            Range.of("surfaceDm2", "surface of the oil", 0.01, 1000, "dm²");
    private static final double MM_PER_DM = 100;

    /** What lets oil out when it comes off. */
    private static final Set<PartKind> CLOSES =
            EnumSet.of(
                    PartKind.COVER,
                    PartKind.HOUSING,
                    PartKind.PLUG,
                    PartKind.SEAL,
                    PartKind.GASKET);

    /** Told where something that closes the unit comes off and nothing was drained at this job. */
    public static final String NOT_DRAINED =
            "Oil stands in this unit and nothing was drained at this job: drain first, or be sure that the joint is above the oil; a tray under it.";

    /** True where one of these lets oil out. */
    public static boolean opens(Collection<PartKind> kinds) {
        return kinds.stream().anyMatch(CLOSES::contains);
    }

    /**
     * @param levelMm    oil level above the floor of the unit (mm)
     * @param jointMm    lowest edge of the joint above that floor (mm)
     * @param surfaceDm2 surface of the oil (dm²)
     */
    @PublicRule(
            at = "teardown/joint-below-oil",
            title = "A joint below the oil",
            says = "What runs out where this joint is opened before the oil is drained.")
    public static JointBelowOil of(double levelMm, double jointMm, double surfaceDm2) {
        Refused.ifAny(LEVEL.judge(levelMm), JOINT.judge(jointMm), SURFACE.judge(surfaceDm2));
        double above = Math.max(0, levelMm - jointMm);
        double litres = surfaceDm2 * above / MM_PER_DM;
        boolean runsOut = above > 0;
        var told =
                Told.of("common practice, no source")
                        .verdict(runsOut ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED)
                        .figure("litres", "runs out", litres, "L", 2)
                        .warnIf(
                                runsOut,
                                "Drain first. What came out is waste that is handed in; oil on the floor is a fall.")
                        .line(
                                "V = A (level − joint)",
                                "%s dm² × %s mm = %s L",
                                PlainDigits.exact(surfaceDm2),
                                PlainDigits.exact(above),
                                PlainDigits.rounded(litres, 3))
                        .saying(
                                runsOut
                                        ? "Drain first: about %s L will run out."
                                                .formatted(PlainDigits.rounded(litres, 2))
                                        : "The joint is not below the level that was entered. Oil clings to walls and stands in pockets all the same: a tray under it.");
        return new JointBelowOil(litres, told);
    }
}
