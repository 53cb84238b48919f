package app.yunque.mesh;

import app.yunque.gear.GearPair;
import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.List;

/**
 * The stretch of the line of action on which a pair carries, as radii of curvature of the pinion's flank.
 *
 * <p>It begins where the wheel's tip circle cuts the line, ρ₁′ = a sin α_wt − √(r_a2² − r_b2²), and ends where the
 * pinion's does, ρ₁ = √(r_a1² − r_b1²); with a ring ρ₁′ = √(r_a2² − r_b2²) − a sin α_wt. Contact never reaches beyond
 * the base circles. Source: ISO 21771, from memory.
 *
 * @param pair    the pair
 * @param startMm ρ at the first contact (mm), 0 or more
 * @param endMm   ρ at the last contact (mm)
 * @param uncutMm ρ₁′ before it was cut at the base circle (mm); negative means interference
 */
record LineOfAction(GearPair pair, double startMm, double endMm, double uncutMm) {

    static LineOfAction of(GearPair pair, ActualTeeth pinion, ActualTeeth wheel) {
        double sum = pair.centreDistanceMm() * Math.sin(pair.workingPressureAngleRad());
        double tip1 = leg(pinion);
        double tip2 = leg(wheel);
        boolean ring = pair.isInternal();
        double uncut = ring ? tip2 - sum : sum - tip2;
        return new LineOfAction(pair, Math.max(0, uncut), ring ? tip1 : Math.min(tip1, sum), uncut);
    }

    double lengthMm() {
        return endMm - startMm;
    }

    double contactRatio() {
        return lengthMm() / pair.pinion().transverseBasePitchMm();
    }

    /** What a tip does beyond the sound flank of its mate, in words. */
    List<String> interference(ActualTeeth pinion, ActualTeeth wheel) {
        var found = new ArrayList<String>();
        if (uncutMm < 0) {
            found.add(
                    "The tips of the wheel reach %s mm beyond the base circle of the pinion: interference."
                            .formatted(PlainDigits.rounded(-uncutMm, 3)));
        } else if (digsIntoRoot(pinion, startMm)) {
            found.add("The tips of the wheel work on the root fillet of the pinion.");
        }
        double sum = pair.centreDistanceMm() * Math.sin(pair.workingPressureAngleRad());
        if (!pair.isInternal()) {
            if (leg(pinion) > sum) {
                found.add(
                        "The tips of the pinion reach %s mm beyond the base circle of the wheel: interference."
                                .formatted(PlainDigits.rounded(leg(pinion) - sum, 3)));
            } else if (digsIntoRoot(wheel, sum - endMm)) {
                found.add("The tips of the pinion work on the root fillet of the wheel.");
            }
        }
        return found;
    }

    private static boolean digsIntoRoot(ActualTeeth teeth, double curvature) {
        double start = Math.hypot(teeth.baseRadiusMm(), curvature);
        return start + 1e-9 < teeth.gear().involuteStartDiameterMm() / 2;
    }

    private static double leg(ActualTeeth teeth) {
        double square =
                teeth.tipRadiusMm() * teeth.tipRadiusMm()
                        - teeth.baseRadiusMm() * teeth.baseRadiusMm();
        return Math.sqrt(Math.max(0, square));
    }
}
