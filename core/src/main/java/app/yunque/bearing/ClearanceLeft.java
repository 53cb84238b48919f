package app.yunque.bearing;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import org.jspecify.annotations.Nullable;

/**
 * What is left of a bearing's clearance when it is mounted and warm. A tight inner ring grows by ΔD_i = I_e k (1 − k₀²)/(1 − k² k₀²), k = d/D_i,
 * k₀ = d₀/d; a tight outer ring shrinks by ΔD_e = I_e h (1 − h₀²)/(1 − h² h₀²), h = D_e/D, h₀ = D/D₀; an inner ring hotter by ΔT takes α ΔT D_e.
 * Of an interference I a ground seat keeps I d/(d + 2). Source: Lamé's thick rings; smoothing bearing handbooks, from memory; race diameters where
 * they are not known (4 D + d)/5 and (D + 4 d)/5, judgement, no source.
 *
 * @param innerUm    taken by the inner ring's fit (µm)
 * @param outerUm    taken by the outer ring's fit (µm)
 * @param warmUm     taken by the warm inner ring (µm)
 * @param leftUm     what is left (µm); minus is preload
 * @param told       verdict and words
 */
public record ClearanceLeft(
        double innerUm, double outerUm, double warmUm, double leftUm, Told told) {
    public static final Range BORE = Range.of("boreMm", "bore d", 2.5, 1000, "mm");
    public static final Range OUTSIDE = Range.of("outsideMm", "outside D", 5, 1500, "mm");
    public static final Range RACE =
            Range.of("innerRaceMm", "raceway of the inner ring", 2.5, 1500, "mm");
    public static final Range SHAFT_BORE =
            Range.of("shaftBoreMm", "bore of the shaft", 0, 1000, "mm");
    public static final Range HOUSING =
            Range.of("housingMm", "outside of the housing", 5, 5000, "mm");
    public static final Range CLEARANCE =
            Range.of("clearanceUm", "clearance before", 0, 2000, "µm");
    public static final Range INTERFERENCE = Range.of("innerUm", "interference", -2000, 500, "µm");
    public static final Range WARMER = Range.of("warmerK", "inner ring warmer by", 0, 100, "K");
    private static final double EXPANSION_PER_K = 12.5e-6;
    private static final double SMOOTHING_MM = 2;

    /**
     * The bearing in its seats.
     *
     * @param boreMm      d (mm)
     * @param outsideMm   D (mm)
     * @param innerRaceMm D_i (mm); null takes (D + 4 d)/5
     * @param outerRaceMm D_e (mm); null takes (4 D + d)/5
     * @param shaftBoreMm d₀ (mm), 0 for a solid shaft
     * @param housingMm   D₀ (mm); null for a thick housing
     */
    public record Seated(
            double boreMm,
            double outsideMm,
            @Asks(value = "raceway of the inner ring", hint = "Empty takes (D + 4 d)/5.")
                    @Nullable Double innerRaceMm,
            @Asks(value = "raceway of the outer ring", hint = "Empty takes (4 D + d)/5.")
                    @Nullable Double outerRaceMm,
            double shaftBoreMm,
            @Asks(value = "outside of the housing", hint = "Empty for a thick one.")
                    @Nullable Double housingMm) {
        public Seated {
            Refused.ifAny(
                    BORE.judge(boreMm), OUTSIDE.judge(outsideMm), SHAFT_BORE.judge(shaftBoreMm));
            double inner = innerRaceMm == null ? (outsideMm + 4 * boreMm) / 5 : innerRaceMm;
            double outer = outerRaceMm == null ? (4 * outsideMm + boreMm) / 5 : outerRaceMm;
            double housing = housingMm == null ? Double.POSITIVE_INFINITY : housingMm;
            if (!(shaftBoreMm < boreMm
                    && boreMm < inner
                    && inner < outer
                    && outer < outsideMm
                    && outsideMm < housing)) {
                throw Refused.because(
                        shaftBoreMm >= boreMm ? "shaftBoreMm" : "outsideMm",
                        "Diameters out of order: bore of the shaft %s, bore %s, races %s and %s, outside %s%s mm. Each has to be larger than the one before."
                                .formatted(
                                        PlainDigits.exact(shaftBoreMm),
                                        PlainDigits.exact(boreMm),
                                        PlainDigits.exact(inner),
                                        PlainDigits.exact(outer),
                                        PlainDigits.exact(outsideMm),
                                        housingMm == null
                                                ? ""
                                                : ", housing " + PlainDigits.exact(housing)));
            }
        }

        double inner() {
            return innerRaceMm == null ? (outsideMm + 4 * boreMm) / 5 : innerRaceMm;
        }

        double outer() {
            return outerRaceMm == null ? (4 * outsideMm + boreMm) / 5 : outerRaceMm;
        }
    }

    /**
     * What a tight inner ring takes.
     *
     * @param effectiveUm interference after smoothing I_e (µm); nothing at 0 and below
     */
    public static double byInnerRing(Seated bearing, double effectiveUm) {
        double k = bearing.boreMm / bearing.inner();
        double k0 = bearing.shaftBoreMm / bearing.boreMm;
        return Math.max(0, effectiveUm) * k * (1 - k0 * k0) / (1 - k * k * k0 * k0);
    }

    /**
     * What a tight outer ring takes.
     *
     * @param effectiveUm interference after smoothing I_e (µm); nothing at 0 and below
     */
    public static double byOuterRing(Seated bearing, double effectiveUm) {
        double h = bearing.outer() / bearing.outsideMm;
        double h0 = bearing.housingMm == null ? 0 : bearing.outsideMm / bearing.housingMm;
        return Math.max(0, effectiveUm) * h * (1 - h0 * h0) / (1 - h * h * h0 * h0);
    }

    /** What an inner ring takes that is warmer by some kelvin (µm). */
    public static double byHeat(Seated bearing, double warmerK) {
        return 1000 * EXPANSION_PER_K * warmerK * bearing.outer();
    }

    /**
     * @param bearing     its sizes and seats
     * @param clearanceUm radial clearance before it is mounted (µm)
     * @param innerUm     interference of the inner ring, shaft less bore (µm); minus is free
     * @param outerUm     interference of the outer ring, outside less housing (µm); minus is free
     * @param warmerK     how much warmer than the outer ring the inner ring runs (K)
     */
    @PublicRule(
            at = "bearing/clearance-left",
            title = "Clearance left when mounted and warm",
            says = "What the fits and the heat take of it, and whether anything is left.",
            sets = {"S-01"})
    public static ClearanceLeft of(
            @Asks("the bearing and its seats") Seated bearing,
            double clearanceUm,
            @Asks(
                            value = "interference of the inner ring",
                            hint = "Shaft less bore; minus is free.")
                    double innerUm,
            @Asks(
                            value = "interference of the outer ring",
                            hint = "Outside less housing; minus is free.")
                    double outerUm,
            double warmerK) {
        Refused.ifAny(
                CLEARANCE.judge(clearanceUm),
                INTERFERENCE.judge(innerUm),
                INTERFERENCE.named("outerUm", "interference of the outer ring").judge(outerUm),
                WARMER.judge(warmerK));
        double inner = byInnerRing(bearing, smoothed(innerUm, bearing.boreMm));
        double outer = byOuterRing(bearing, smoothed(outerUm, bearing.outsideMm));
        double warm = byHeat(bearing, warmerK);
        double left = clearanceUm - inner - outer - warm;
        var told =
                Told.of("Lamé; smoothing bearing handbooks, from memory")
                        .verdict(left < 0 ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED)
                        .figure("leftUm", "clearance left, warm", left, "µm", 1)
                        .figure("innerUm", "the inner ring's fit takes", inner, "µm", 1)
                        .figure("outerUm", "the outer ring's fit takes", outer, "µm", 1)
                        .figure("warmUm", "the warm inner ring takes", warm, "µm", 1)
                        .line(
                                "ΔD_i = I_e k (1 − k₀²) / (1 − k² k₀²)",
                                "%s µm",
                                PlainDigits.rounded(inner, 2))
                        .line(
                                "ΔD_e = I_e h (1 − h₀²) / (1 − h² h₀²)",
                                "%s µm",
                                PlainDigits.rounded(outer, 2))
                        .line("α ΔT D_e", "%s µm", PlainDigits.rounded(warm, 2))
                        .line(
                                "G = G₀ − ΔD_i − ΔD_e − α ΔT D_e",
                                "%s − %s − %s − %s = %s µm",
                                PlainDigits.exact(clearanceUm),
                                PlainDigits.rounded(inner, 1),
                                PlainDigits.rounded(outer, 1),
                                PlainDigits.rounded(warm, 1),
                                PlainDigits.rounded(left, 1))
                        .school("A housing of light alloy or iron takes less than reckoned here.")
                        .saying(
                                left < 0
                                        ? "Preloaded by %s µm when warm: take a wider clearance group, or ease the fit."
                                                .formatted(PlainDigits.rounded(-left, 1))
                                        : "%s µm of %s are left when warm."
                                                .formatted(
                                                        PlainDigits.rounded(left, 1),
                                                        PlainDigits.exact(clearanceUm)));
        return new ClearanceLeft(inner, outer, warm, left, told);
    }

    private static double smoothed(double interferenceUm, double diameterMm) {
        return Math.max(0, interferenceUm) * diameterMm / (diameterMm + SMOOTHING_MM);
    }
}
