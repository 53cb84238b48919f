package app.yunque.mesh;

import static app.yunque.measure.Working.line;

import app.yunque.gear.Involute;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * The same mesh at another temperature: the housing moves the centres, the gears grow.
 *
 * <p>Solved with each gear grown by its own strain ε: j_bn = 2 [r_b1 (inv α_w − ψ_b1) + r_b2 (inv α_w + η_b2)], ψ_b1 the
 * half-angle of the pinion's tooth and η_b2 of the wheel's space at the base circle, which heat does not change, r_b
 * and α_w as grown. To first order Δj_wt = 2 tan α_wt [a α_h ΔT_h − r_w1 α₁ ΔT₁ − r_w2 α₂ ΔT₂], which overstates a
 * plastic wheel by about a tenth. Source: derived; coefficients handbook values, from memory.
 *
 * @param coldMm       j_wt as measured (mm)
 * @param warmMm       j_wt at the other temperature (mm); negative when the teeth bind
 * @param warmNormalMm j_bn there (mm)
 * @param changeMm     change of j_wt (mm)
 * @param firstOrderMm the same to first order (mm)
 * @param asCentreDistanceMm the centre distance at which the gears as measured mesh nearly as the grown ones do (mm)
 * @param warnings     what the temperature does that should not be
 * @param working      formula and numbers
 */
public record WarmMesh(
        double coldMm,
        double warmMm,
        double warmNormalMm,
        double changeMm,
        double firstOrderMm,
        double asCentreDistanceMm,
        List<String> warnings,
        Working working) {
    public static final Range RISE =
            Range.of("rise", "temperature rise over the day of the measurement", -80, 200, "K");
    private static final double FAR_RISE = 100;

    /**
     * What one body is made of and how much warmer it is than when it was measured.
     *
     * @param material what it is made of
     * @param riseK    temperature rise ΔT (K), −80 to 200
     */
    public record Body(Material material, double riseK) {
        public Body {
            Refused.ifAny(RISE.judge(riseK));
        }

        /** α ΔT, how much longer every length of this body becomes. */
        double strain() {
            return material.expansionPerKelvin() * riseK;
        }
    }

    /**
     * @param pinion           the pinion's teeth as measured
     * @param wheel            the wheel's teeth as measured
     * @param centreDistanceMm a as measured (mm)
     * @param pinionBody       what the pinion is made of, and its rise
     * @param wheelBody        what the wheel is made of, and its rise
     * @param housing          what holds the shafts apart, and its rise
     */
    @PublicRule(
            at = "mesh/warm",
            title = "Mesh when warm",
            says =
                    "What is left of the backlash when gears and case have temperatures of their own.")
    public static WarmMesh of(
            ActualTeeth pinion,
            ActualTeeth wheel,
            double centreDistanceMm,
            Body pinionBody,
            Body wheelBody,
            Body housing) {
        var cold = MeshState.of(pinion, wheel, centreDistanceMm);
        var pair = cold.pair();
        double tan2 = 2 * Math.tan(pair.workingPressureAngleRad());
        int sign = pair.wheel().outward();
        double pinionGrows = pair.pinionWorkingRadiusMm() * pinionBody.strain();
        double wheelGrows = pair.wheelWorkingRadiusMm() * wheelBody.strain();
        double centresGrow = centreDistanceMm * housing.strain();
        double first = sign * tan2 * (centresGrow - sign * pinionGrows - wheelGrows);
        double warmNormal =
                grownNormal(pinion, wheel, pinionBody, wheelBody, centreDistanceMm + centresGrow);
        double warmAngle =
                grownAngle(pinion, wheel, pinionBody, wheelBody, centreDistanceMm + centresGrow);
        double warm =
                warmNormal / Math.cos(warmAngle) / Math.cos(pair.pinion().baseHelixAngleRad());
        double change = warm - cold.circumferentialMm();
        return new WarmMesh(
                cold.circumferentialMm(),
                warm,
                warmNormal,
                change,
                first,
                centreDistanceMm + centresGrow - sign * pinionGrows - wheelGrows,
                warnings(warm, pinionBody, wheelBody),
                working(cold, change, first, pinionBody, wheelBody, housing));
    }

    /** α_w of the grown base circles at the grown centre distance (rad). */
    private static double grownAngle(
            ActualTeeth pinion, ActualTeeth wheel, Body one, Body two, double a) {
        double sum =
                wheel.baseRadiusMm() * (1 + two.strain())
                        + wheel.gear().outward() * pinion.baseRadiusMm() * (1 + one.strain());
        if (!(sum < a)) {
            throw Refused.because(
                    "rise",
                    "At this temperature the base circles overlap: the gears grow out of their housing. Check the"
                            + " temperatures and materials.");
        }
        return Math.acos(sum / a);
    }

    private static double grownNormal(
            ActualTeeth pinion, ActualTeeth wheel, Body one, Body two, double a) {
        double inv = Involute.of(grownAngle(pinion, wheel, one, two, a));
        double invT = Involute.of(pinion.gear().transversePressureAngleRad());
        int sign = wheel.gear().outward();
        double toothHalf =
                pinion.transverseThicknessMm() / pinion.gear().referenceDiameterMm() + invT;
        double spaceHalf =
                Math.PI / wheel.gear().teeth()
                        - wheel.transverseThicknessMm() / wheel.gear().referenceDiameterMm()
                        - sign * invT;
        double transverse =
                2 * pinion.baseRadiusMm() * (1 + one.strain()) * (inv - toothHalf)
                        + 2 * wheel.baseRadiusMm() * (1 + two.strain()) * (sign * inv + spaceHalf);
        return transverse * Math.cos(pinion.gear().baseHelixAngleRad());
    }

    private static List<String> warnings(double warm, Body pinion, Body wheel) {
        var told = new ArrayList<String>();
        if (warm <= 0) {
            told.add(
                    "At this temperature the teeth bind: %s mm too little. Give more backlash when cold."
                            .formatted(PlainDigits.rounded(-warm, 3)));
        }
        if ((pinion.material().isPlastic() && Math.abs(pinion.riseK()) > FAR_RISE)
                || (wheel.material().isPlastic() && Math.abs(wheel.riseK()) > FAR_RISE)) {
            told.add("A plastic gear so far from room temperature softens: ask the maker.");
        }
        if (pinion.material() == Material.NYLON || wheel.material() == Material.NYLON) {
            told.add(
                    "Nylon also swells by about 0.25 % of its size for each per cent of water it takes up (common"
                            + " practice).");
        }
        return List.copyOf(told);
    }

    private static Working working(
            MeshState cold, double change, double first, Body pinion, Body wheel, Body housing) {
        return new Working(
                List.of(
                        line(
                                "j_bn = 2 [r_b1 (inv α_w − ψ_b1) + r_b2 (inv α_w + η_b2)], grown",
                                PlainDigits.rounded(change, 4) + " mm"),
                        line(
                                "first order: Δj_wt = 2 tan α_wt [a α_h ΔT_h − r_w1 α₁ ΔT₁ − r_w2 α₂ ΔT₂]",
                                PlainDigits.rounded(first, 4) + " mm"),
                        line(
                                "expansion per K, × 10⁻⁶",
                                "pinion %s %s K, wheel %s %s K, housing %s %s K"
                                        .formatted(
                                                coefficient(pinion),
                                                PlainDigits.exact(pinion.riseK()),
                                                coefficient(wheel),
                                                PlainDigits.exact(wheel.riseK()),
                                                coefficient(housing),
                                                PlainDigits.exact(housing.riseK())))),
                "Handbook expansion coefficients, from memory; mesh after ISO 21771, from memory");
    }

    private static String coefficient(Body body) {
        return PlainDigits.exact(body.material().expansionPerKelvin() * 1e6) + " over";
    }
}
