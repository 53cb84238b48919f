package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;

/**
 * Pressure, pressing force and slip torque of a cylindrical press fit, and what it does to the hub, after Lamé:
 * p = δ / (d [((D² + d²)/(D² − d²) + ν_h)/E_h + ((d² + d_i²)/(d² − d_i²) − ν_s)/E_s]), F = μ p π d L, T = F d/2. Of the interference
 * 0.8 (Rz_s + Rz_h) is lost to smoothing. Source: Lamé; DIN 7190, from memory.
 *
 * @param pressureMpa  pressure in the joint (MPa)
 * @param forceN       force that presses it home (N)
 * @param slipTorqueNm torque at which it slips (N·m)
 * @param hubStressMpa hoop stress at the bore of the hub (MPa)
 * @param told         verdict and words
 */
public record PressFit(
        double pressureMpa, double forceN, double slipTorqueNm, double hubStressMpa, Told told) {
    public static final Range DIAMETER =
            Range.of("diameterMm", "diameter of the joint", 1, 2000, "mm");
    public static final Range OUTSIDE =
            Range.of("hubOutsideMm", "outside of the hub", 1, 5000, "mm");
    public static final Range BORE = Range.of("shaftBoreMm", "bore of the shaft", 0, 2000, "mm");
    public static final Range LENGTH = Range.of("lengthMm", "length of the joint", 0.5, 2000, "mm");
    public static final Range INTERFERENCE =
            Range.of("interferenceMm", "interference", -1, 5, "mm");
    public static final Range FRICTION =
            Range.of("friction", "coefficient of friction", 0.02, 0.5, "");
    public static final Range ROUGHNESS =
            Range.of("roughnessMm", "sum of both roughnesses Rz", 0, 0.2, "mm");
    private static final double SMOOTHED = 0.8;

    /**
     * @param diameterMm   d (mm)
     * @param hubOutsideMm D (mm), more than d
     * @param shaftBoreMm  d_i (mm), 0 for a solid shaft, less than d
     * @param lengthMm     L in contact (mm)
     */
    public record Joint(
            double diameterMm, double hubOutsideMm, double shaftBoreMm, double lengthMm) {
        public Joint {
            Refused.ifAny(
                    DIAMETER.judge(diameterMm),
                    OUTSIDE.judge(hubOutsideMm),
                    BORE.judge(shaftBoreMm),
                    LENGTH.judge(lengthMm));
            if (!(shaftBoreMm < diameterMm && diameterMm < hubOutsideMm)) {
                throw Refused.because(
                        shaftBoreMm >= diameterMm ? "shaftBoreMm" : "hubOutsideMm",
                        "Diameters out of order: bore of the shaft %s, joint %s, outside of the hub %s mm. Each has to be larger than the one before."
                                .formatted(
                                        PlainDigits.exact(shaftBoreMm),
                                        PlainDigits.exact(diameterMm),
                                        PlainDigits.exact(hubOutsideMm)));
            }
        }
    }

    /**
     * @param joint          its sizes
     * @param interferenceMm shaft less hole (mm)
     * @param roughnessMm    Rz of the shaft and of the hub added (mm)
     * @param hub            material of the hub
     * @param shaft          material of the shaft
     * @param friction       μ while pressing: dry steel 0.10 to 0.20, oiled 0.06 to 0.12 (judgement)
     */
    @PublicRule(
            at = "fit/press",
            title = "Press fit",
            says = "How hard to press, what it then carries, and whether the hub yields.",
            sets = {"S-01"})
    public static PressFit of(
            @Asks("the joint") Joint joint,
            double interferenceMm,
            double roughnessMm,
            @Asks("the hub is of") SeatMaterial hub,
            @Asks("the shaft is of") SeatMaterial shaft,
            double friction) {
        Refused.ifAny(
                INTERFERENCE.judge(interferenceMm),
                ROUGHNESS.judge(roughnessMm),
                FRICTION.judge(friction));
        double left = interferenceMm - SMOOTHED * roughnessMm;
        if (left <= 0) {
            throw Refused.because(
                    "interferenceMm",
                    "No interference is left: %s mm less %s mm that smoothing takes. It will not hold by a press fit; use a retaining compound, a key or a new part."
                            .formatted(
                                    PlainDigits.exact(interferenceMm),
                                    PlainDigits.rounded(SMOOTHED * roughnessMm, 4)));
        }
        double d = joint.diameterMm;
        double ofHub = ratio(joint.hubOutsideMm, d);
        double ofShaft = ratio(d, joint.shaftBoreMm);
        double pressure =
                left
                        / (d
                                * ((ofHub + hub.poisson()) / hub.modulusMpa()
                                        + (ofShaft - shaft.poisson()) / shaft.modulusMpa()));
        double force = friction * pressure * Math.PI * d * joint.lengthMm;
        double torque = force * d / 2 / 1000;
        double stress = pressure * ofHub;
        boolean yields = stress > hub.yieldMpa();
        var told =
                Told.of("Lamé; DIN 7190, from memory; friction and strength judgement, no source")
                        .verdict(yields ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED)
                        .figure("pressureMpa", "pressure in the joint", pressure, "MPa", 1)
                        .figure("forceN", "force to press it home", force, "N", 0)
                        .figure("slipTorqueNm", "torque at which it slips", torque, "N·m", 1)
                        .figure("hubStressMpa", "hoop stress in the hub", stress, "MPa", 0)
                        .mm("effectiveMm", "interference after smoothing", left)
                        .warnIf(
                                yields,
                                "The hub yields: %s MPa against %s for %s. It will not hold as reckoned and may split: less interference."
                                        .formatted(
                                                PlainDigits.rounded(stress, 0),
                                                PlainDigits.exact(hub.yieldMpa()),
                                                hub.words()))
                        .warn(
                                "Straight load path, guard or face shield, no hardened drift on a hardened ring. Stop and look when the force jumps.")
                        .line("δ = I − 0.8 (Rz_s + Rz_h)", "%s mm", PlainDigits.rounded(left, 4))
                        .line(
                                "p = δ / (d [(C_h + ν_h)/E_h + (C_s − ν_s)/E_s])",
                                "C_h %s, C_s %s: %s MPa",
                                PlainDigits.rounded(ofHub, 4),
                                PlainDigits.rounded(ofShaft, 4),
                                PlainDigits.rounded(pressure, 2))
                        .line("F = μ p π d L", "%s N", PlainDigits.rounded(force, 0))
                        .line("T = F d / 2", "%s N·m", PlainDigits.rounded(torque, 1))
                        .saying(
                                "%s kN to press it home; it slips at %s N·m."
                                        .formatted(
                                                PlainDigits.rounded(force / 1000, 2),
                                                PlainDigits.rounded(torque, 0)));
        return new PressFit(pressure, force, torque, stress, told);
    }

    /** (D² + d²)/(D² − d²). */
    private static double ratio(double outer, double inner) {
        return (outer * outer + inner * inner) / (outer * outer - inner * inner);
    }
}
