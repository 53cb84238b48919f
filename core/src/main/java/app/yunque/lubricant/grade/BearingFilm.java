package app.yunque.lubricant.grade;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;

/**
 * Whether the oil of a box is thick enough for a rolling bearing in it: κ = ν/ν₁. Source: ISO 281, from memory; what each range means,
 * common practice, no source.
 *
 * @param wanted   ν₁ (mm²/s)
 * @param kappa    κ; above 4 counts as 4
 * @param verdict  doubtful below 1, clear fail never: the additive decides
 * @param sentence the same in words
 */
public record BearingFilm(double wanted, double kappa, Verdict verdict, String sentence) {
    public static final Range SPEED = Range.of("speedRpm", "speed", 0.1, 100_000, "min⁻¹");
    public static final Range DIAMETER =
            Range.of("meanDiameterMm", "mean diameter of the bearing", 2, 3000, "mm");
    public static final Range VISCOSITY =
            Range.of("viscosity", "viscosity at work", 0.3, 1e6, "mm²/s");
    private static final double MOST = 4;
    private static final double LITTLE = 0.4;

    @PublicRule(
            at = "lubricant/bearing-film",
            title = "Film of a bearing",
            says = "Whether an oil is thick enough for a rolling bearing in the same box.",
            source = "ISO 281, from memory; meaning common practice, no source")
    public static BearingFilm of(double speedRpm, double meanDiameterMm, double viscosity) {
        Refused.ifAny(
                SPEED.judge(speedRpm), DIAMETER.judge(meanDiameterMm), VISCOSITY.judge(viscosity));
        double wanted = FilmCheck.bearingViscosity(speedRpm, meanDiameterMm);
        double kappa = Math.min(MOST, viscosity / wanted);
        return new BearingFilm(
                wanted,
                kappa,
                kappa >= 1 ? Verdict.CLEAR_PASS : Verdict.DOUBTFUL,
                kappa >= 1
                        ? "Thick enough for the bearing."
                        : kappa >= LITTLE
                                ? "Thin for the bearing: an oil with antiwear or EP, or a grade thicker."
                                : "Much too thin for the bearing: a thicker grade, or strong additives and a short life.");
    }
}
