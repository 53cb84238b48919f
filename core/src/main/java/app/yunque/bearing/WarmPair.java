package app.yunque.bearing;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import app.yunque.mesh.Material;

/**
 * What becomes of the float of a pair of tapered or angular bearings when case and shaft warm: L (α_h ΔT_h − α_s ΔT_s), gained by a pair that faces
 * inward (X) and lost by one that faces outward (O). Source: linear expansion along the axis only; the raceways grow as well and work against it.
 *
 * @param changeMm change of the float (mm), plus is more
 * @param warmMm   float when warm (mm), minus is preload
 * @param told     verdict and words
 */
public record WarmPair(double changeMm, double warmMm, Told told) {
    public static final Range SPAN = Range.of("spanMm", "distance of the bearings", 5, 5000, "mm");
    public static final Range RISE = Range.of("caseRiseK", "case warmer by", -60, 150, "K");
    public static final Range COLD =
            Range.of("coldFloatMm", "float when cold, minus for preload", -0.5, 2, "mm");
    public static final Range EXPANSION =
            Range.of("caseExpansionPerMK", "expansion of the case", 5, 30, "10⁻⁶/K");
    private static final double STEEL_PER_MK = 1e6 * Material.STEEL.expansionPerKelvin();

    /** Which way the pair faces. */
    public enum Facing {
        X("face to face (X): rings set from outside, apexes inward", 1),
        O("back to back (O): apexes outward", -1);

        private final String words;
        private final int sign;

        Facing(String words, int sign) {
            this.words = words;
            this.sign = sign;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param spanMm             L, between the back faces of the outer rings (mm)
     * @param caseExpansionPerMK expansion of the case (10⁻⁶/K): iron 10.5, aluminium 22
     * @param caseRiseK          how much warmer the case gets (K)
     * @param shaftRiseK         how much warmer the shaft gets (K)
     * @param facing             which way the pair faces
     * @param coldFloatMm        float when cold (mm), minus for preload
     */
    @PublicRule(
            at = "bearing/warm-pair",
            title = "A pair of bearings when warm",
            says = "What aluminium or iron leaves of the float of a pair when it is warm.",
            sets = {"S-02", "S-04"})
    public static WarmPair of(
            double spanMm,
            double caseExpansionPerMK,
            double caseRiseK,
            @Asks("shaft warmer by") double shaftRiseK,
            @Asks("the pair faces") Facing facing,
            double coldFloatMm) {
        Refused.ifAny(
                SPAN.judge(spanMm),
                EXPANSION.judge(caseExpansionPerMK),
                RISE.judge(caseRiseK),
                RISE.named("shaftRiseK", "shaft warmer by").judge(shaftRiseK),
                COLD.judge(coldFloatMm));
        double change =
                facing.sign
                        * spanMm
                        * (caseExpansionPerMK * caseRiseK - STEEL_PER_MK * shaftRiseK)
                        * 1e-6;
        double warm = coldFloatMm + change;
        boolean seizes = coldFloatMm >= 0 && warm < 0;
        var told =
                Told.of("linear expansion, along the axis only")
                        .verdict(seizes ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED)
                        .mm("changeMm", "change of the float, plus is more", change)
                        .mm("warmMm", "float when warm, minus is preload", warm)
                        .warnIf(
                                seizes,
                                "Free when cold, preloaded when warm: set at least %s mm of float."
                                        .formatted(PlainDigits.rounded(-change, 3)))
                        .line(
                                "L (α_h ΔT_h − α_s ΔT_s)",
                                "%s × (%s × %s − %s × %s) × 10⁻⁶ = %s mm",
                                PlainDigits.exact(spanMm),
                                PlainDigits.exact(caseExpansionPerMK),
                                PlainDigits.exact(caseRiseK),
                                PlainDigits.rounded(STEEL_PER_MK, 1),
                                PlainDigits.exact(shaftRiseK),
                                PlainDigits.rounded(facing.sign * change, 4))
                        .school("The raceways grow in diameter as well and work against it.")
                        .saying(
                                "It %s %s mm: %s mm of %s when warm."
                                        .formatted(
                                                change < 0 ? "loses" : "gains",
                                                PlainDigits.rounded(Math.abs(change), 3),
                                                PlainDigits.rounded(Math.abs(warm), 3),
                                                warm < 0 ? "preload" : "float"));
        return new WarmPair(change, warm, told);
    }
}
