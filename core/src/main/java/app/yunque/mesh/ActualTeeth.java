package app.yunque.mesh;

import app.yunque.gear.CylindricalGear;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * The teeth a gear really has, worn or turned down as they are.
 *
 * @param gear              the gear of the drawing
 * @param normalThicknessMm normal tooth thickness s_n at the reference circle (mm), 0.2 to 1.8 times the nominal
 * @param tipDiameterMm     tip diameter d_a (mm), chamfer taken off
 */
public record ActualTeeth(CylindricalGear gear, double normalThicknessMm, double tipDiameterMm) {
    private static final double LEAST_SHARE = 0.2;
    private static final double MOST_SHARE = 1.8;
    private static final double TIP_MODULES = 1.5;

    /** @throws Refused for a thickness or tip that this gear cannot have */
    public ActualTeeth {
        double nominal = gear.normalToothThicknessMm();
        double most = TIP_MODULES * gear.normalModuleMm();
        Refused.ifAny(
                rounded(
                                "normalThicknessMm",
                                "tooth thickness",
                                nominal,
                                nominal * LEAST_SHARE,
                                MOST_SHARE * nominal)
                        .judge(normalThicknessMm),
                rounded(
                                "tipDiameterMm",
                                "tip diameter",
                                nominal,
                                gear.tipDiameterMm() - most,
                                gear.tipDiameterMm() + most)
                        .judge(tipDiameterMm));
        if (!gear.internal() && !(tipDiameterMm > gear.baseDiameterMm())) {
            throw Refused.because(
                    "tipDiameterMm",
                    "Tip diameter "
                            + PlainDigits.exact(tipDiameterMm)
                            + " mm is not larger than the base diameter "
                            + PlainDigits.rounded(gear.baseDiameterMm(), 3)
                            + " mm: no involute is left. Check module, teeth and pressure angle.");
        }
    }

    /** As the drawing has it, without thinning for backlash. */
    public static ActualTeeth nominal(CylindricalGear gear) {
        return new ActualTeeth(gear, gear.normalToothThicknessMm(), gear.tipDiameterMm());
    }

    /** The same gear with so much of its thickness gone (mm). */
    public static ActualTeeth thinnedBy(CylindricalGear gear, double normalMm) {
        return new ActualTeeth(
                gear, gear.normalToothThicknessMm() - normalMm, gear.tipDiameterMm());
    }

    /** s_t = s_n / cos β (mm). */
    public double transverseThicknessMm() {
        return normalThicknessMm / Math.cos(gear.helixAngleRad());
    }

    double tipRadiusMm() {
        return tipDiameterMm / 2;
    }

    double rootRadiusMm() {
        return gear.rootDiameterMm() / 2;
    }

    double baseRadiusMm() {
        return gear.baseDiameterMm() / 2;
    }

    private static Range rounded(
            String component, String label, double near, double low, double high) {
        double step = near < 1 ? 1000 : 100;
        return Range.of(
                component,
                label,
                Math.floor(low * step) / step,
                Math.ceil(high * step) / step,
                "mm");
    }
}
