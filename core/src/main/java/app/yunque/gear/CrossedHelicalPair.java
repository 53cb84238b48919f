package app.yunque.gear;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Two helical gears on crossed shafts: Σ = β₁ + β₂ with each helix signed by its hand, a = (m_n/2)(z₁/cos β₁ + z₂/cos
 * β₂). The teeth touch in a point. Source: machinist's handbooks, from memory.
 *
 * @param teeth1         z₁
 * @param teeth2         z₂
 * @param normalModuleMm m_n (mm)
 * @param helix1Deg      β₁ (degrees), minus for left hand
 * @param helix2Deg      β₂ (degrees), minus for left hand
 */
public record CrossedHelicalPair(
        int teeth1, int teeth2, double normalModuleMm, double helix1Deg, double helix2Deg) {
    public static final Range HELIX =
            Range.of("helix1Deg", "helix angle", -80, 80, "degrees")
                    .advising("Minus for left hand.");

    public CrossedHelicalPair {
        Refused.ifAny(
                CylindricalGear.TEETH.named("teeth1", "teeth of gear 1").judge(teeth1),
                CylindricalGear.TEETH.named("teeth2", "teeth of gear 2").judge(teeth2),
                CylindricalGear.MODULE.judge(normalModuleMm),
                HELIX.judge(helix1Deg),
                HELIX.named("helix2Deg", "helix angle of gear 2").judge(helix2Deg));
        if (helix1Deg + helix2Deg == 0) {
            throw Refused.because(
                    "helix2Deg",
                    "With opposite helix angles the shafts are parallel: that is an ordinary helical pair.");
        }
    }

    /** Σ between the shafts (degrees). */
    public double shaftAngleDeg() {
        return Math.abs(helix1Deg + helix2Deg);
    }

    /** d = z m_n/cos β (mm). */
    public double diameter1Mm() {
        return teeth1 * normalModuleMm / Math.cos(Math.toRadians(helix1Deg));
    }

    /** d = z m_n/cos β (mm). */
    public double diameter2Mm() {
        return teeth2 * normalModuleMm / Math.cos(Math.toRadians(helix2Deg));
    }

    /** a = (d₁ + d₂)/2 (mm). */
    public double centreDistanceMm() {
        return (diameter1Mm() + diameter2Mm()) / 2;
    }
}
