package app.yunque.backlash;

import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * One backlash of a pair, stated in every way it is ever quoted.
 *
 * <p>j_bn = j_wt cos α_wt cos β_b; angle = j_wt / r_w at each gear. Source: ISO 21771, from memory.
 *
 * @param circumferentialMm j_wt at the working circle, in the plane of rotation (mm)
 * @param normalMm          j_bn, the shortest distance between the flanks (mm)
 * @param pinionAngleMin    play of the pinion with the wheel held (minutes of arc)
 * @param wheelAngleMin     play of the wheel with the pinion held (minutes of arc)
 */
public record Backlash(
        double circumferentialMm, double normalMm, double pinionAngleMin, double wheelAngleMin) {
    public static final Range CIRCUMFERENTIAL =
            Range.of("circumferentialMm", "circumferential backlash", 0, 50, "mm");
    private static final double MINUTES_PER_RADIAN = 60 * 180 / Math.PI;

    /**
     * @param pair              the pair in mesh
     * @param circumferentialMm j_wt (mm), 0 to 50
     * @throws Refused outside that range
     */
    @PublicRule(
            at = "backlash/of-circumferential",
            title = "Backlash told otherwise",
            says = "Circumferential backlash as normal and as angles.",
            source = "ISO 21771, from memory")
    public static Backlash ofCircumferential(GearPair pair, double circumferentialMm) {
        Refused.ifAny(CIRCUMFERENTIAL.judge(circumferentialMm));
        return new Backlash(
                circumferentialMm,
                circumferentialMm * normalPerCircumferential(pair),
                MINUTES_PER_RADIAN * circumferentialMm / pair.pinionWorkingRadiusMm(),
                MINUTES_PER_RADIAN * circumferentialMm / pair.wheelWorkingRadiusMm());
    }

    /** From j_bn, as a feeler or a wire reads it: j_wt = j_bn/(cos α_wt cos β_b). */
    @PublicRule(
            at = "backlash/of-normal",
            title = "Backlash from a feeler",
            says = "Normal backlash as circumferential and as angles.",
            source = "ISO 21771, from memory")
    public static Backlash ofNormal(GearPair pair, double normalMm) {
        return ofCircumferential(pair, normalMm / normalPerCircumferential(pair));
    }

    /** From the play of one gear with the other held: j_wt = j_θ r_w, j_θ in minutes of arc. */
    @PublicRule(
            at = "backlash/of-angle",
            title = "Backlash from an angle",
            says = "The angle a gear rocks as backlash at the circle.",
            source = "ISO 21771, from memory")
    public static Backlash ofAngle(GearPair pair, Member member, double minutes) {
        return ofCircumferential(pair, minutes / MINUTES_PER_RADIAN * pair.workingRadiusMm(member));
    }

    /** From how far the centres close until the teeth touch, to first order: j_wt = 2 j_r tan α_wt. */
    @PublicRule(
            at = "backlash/of-centre-travel",
            title = "Backlash from centre travel",
            says = "What opening the centres adds.",
            source = "ISO 21771, from memory")
    public static Backlash ofCentreTravel(GearPair pair, double travelMm) {
        return ofCircumferential(pair, 2 * travelMm * Math.tan(pair.workingPressureAngleRad()));
    }

    /** cos α_wt cos β_b: what a millimetre along the circle amounts to square to the flanks. */
    public static double normalPerCircumferential(GearPair pair) {
        return Math.cos(pair.workingPressureAngleRad())
                * Math.cos(pair.pinion().baseHelixAngleRad());
    }
}
