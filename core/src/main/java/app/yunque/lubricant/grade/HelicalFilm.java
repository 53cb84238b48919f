package app.yunque.lubricant.grade;

import app.yunque.gear.GearPair;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.mesh.ActualTeeth;
import app.yunque.mesh.MeshState;

/**
 * Film between helical teeth with an overlap of at least one, by Dowson and Higginson at the pitch point. Source: handbook, from memory.
 *
 * @param contactRatio    ε_α
 * @param overlapRatio    ε_β
 * @param curvatureMm     R (mm)
 * @param lineLoadNPerM   w (N/m)
 * @param filmUm          least film h (µm)
 */
public record HelicalFilm(
        double contactRatio,
        double overlapRatio,
        double curvatureMm,
        double lineLoadNPerM,
        double filmUm) {
    public static final Range VELOCITY =
            Range.of("velocityMPerS", "pitch-line velocity", 0.01, 200, "m/s");
    public static final Range LOAD = Range.of("tangentialN", "tangential load", 0.1, 1e8, "N");
    public static final Range DYNAMIC =
            Range.of("dynamic", "viscosity at the tooth", 0.1, 1e6, "mPa·s");

    /** @throws NotApplicable for an overlap below one: take the film of spur teeth */
    @PublicRule(
            at = "lubricant/helical-film",
            title = "Film of helical teeth",
            says = "Least film between helical teeth at the pitch point.",
            source = "Dowson and Higginson, handbook, from memory; AGMA 925-A03, from memory")
    public static HelicalFilm of(
            GearPair pair, double velocityMPerS, double tangentialN, double dynamic, BaseOil base) {
        Refused.ifAny(
                VELOCITY.judge(velocityMPerS), LOAD.judge(tangentialN), DYNAMIC.judge(dynamic));
        var state =
                MeshState.of(
                        ActualTeeth.nominal(pair.pinion()),
                        ActualTeeth.nominal(pair.wheel()),
                        pair.centreDistanceMm());
        if (state.overlapRatio() < 1) {
            throw new NotApplicable(
                    "lubricant/helical-film",
                    "The overlap of these teeth is below 1.",
                    "Ask for the film of spur teeth instead.");
        }
        double sin = Math.sin(pair.workingPressureAngleRad());
        double r1 = pair.pinionWorkingRadiusMm();
        double r2 = pair.centreDistanceMm() - r1;
        double curvature = r1 * r2 / (r1 + r2) * sin / Math.cos(pair.pinion().baseHelixAngleRad());
        double face = Math.min(pair.pinion().faceWidthMm(), pair.wheel().faceWidthMm()) / 1000;
        double load =
                tangentialN
                        / (face
                                * state.transverseContactRatio()
                                * Math.cos(pair.workingPressureAngleRad()));
        return new HelicalFilm(
                state.transverseContactRatio(),
                state.overlapRatio(),
                curvature,
                load,
                FilmCheck.leastUm(
                        curvature,
                        velocityMPerS * sin,
                        load,
                        dynamic,
                        FilmCheck.pressureCoefficient(base, dynamic)));
    }
}
