package app.yunque.mesh;

import static app.yunque.measure.Working.line;

import app.yunque.gear.GearPair;
import app.yunque.gear.Involute;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * A mesh as it really stands: real teeth at a real centre distance.
 *
 * <p>j_wt = K [π m_t − s_t1 − s_t2 + (d₁ + d₂)(inv α_wt − inv α_t)], K = cos α_t/cos α_wt; with a ring (d₂ − d₁)(inv
 * α_t − inv α_wt). Source of all: ISO 21771, from memory; internal tip interference from memory of the gear handbooks.
 *
 * @param pair                    the pair at its centre distance
 * @param workingPressureAngleDeg α_wt (degrees)
 * @param circumferentialMm       j_wt along the working circles (mm); negative when the teeth overlap
 * @param normalMm                j_bn, shortest distance between the flanks (mm)
 * @param radialMm                j_r, how far the centres could still close (mm)
 * @param pinionAngleMin          play of the pinion with the wheel held (minutes of arc)
 * @param wheelAngleMin           play of the wheel with the pinion held (minutes of arc)
 * @param transverseContactRatio  ε_α, how many teeth carry on average
 * @param overlapRatio            ε_β of a helical pair; 0 for spur gears
 * @param pinionTipClearanceMm    from the pinion's tip to the wheel's root (mm)
 * @param wheelTipClearanceMm     from the wheel's tip to the pinion's root (mm)
 * @param troubles                what keeps this mesh from running, in words; empty for a sound one
 * @param warnings                what a sound mesh should have better, in words
 * @param working                 formula and numbers
 */
public record MeshState(
        GearPair pair,
        double workingPressureAngleDeg,
        double circumferentialMm,
        double normalMm,
        double radialMm,
        double pinionAngleMin,
        double wheelAngleMin,
        double transverseContactRatio,
        double overlapRatio,
        double pinionTipClearanceMm,
        double wheelTipClearanceMm,
        List<String> troubles,
        List<String> warnings,
        Working working) {
    private static final double MINUTES_PER_RADIAN = 60 * 180 / Math.PI;

    /** Common practice, no source. */
    private static final double WANTED_CONTACT_RATIO = 1.2;

    private static final double WANTED_TIP_CLEARANCE = 0.15;

    /** The pair with nominal teeth. */
    public static MeshState of(GearPair pair) {
        return of(
                ActualTeeth.nominal(pair.pinion()),
                ActualTeeth.nominal(pair.wheel()),
                pair.centreDistanceMm());
    }

    /**
     * @param pinion           the pinion's real teeth
     * @param wheel            the wheel's real teeth
     * @param centreDistanceMm working centre distance a (mm)
     * @throws Refused when there is no mesh at this centre distance
     */
    @PublicRule(
            at = "mesh/state",
            title = "State of a mesh",
            says = "Backlash, contact ratios, clearances and what strikes, of gears as they are.")
    public static MeshState of(ActualTeeth pinion, ActualTeeth wheel, double centreDistanceMm) {
        var pair = new GearPair(pinion.gear(), wheel.gear(), centreDistanceMm);
        double working = pair.workingPressureAngleRad();
        double along = circumferential(pair, pinion, wheel);
        double normal = along * Math.cos(working) * Math.cos(pair.pinion().baseHelixAngleRad());
        double radial =
                pair.wheel().outward()
                        * (centreDistanceMm - CentreDistance.of(pinion, wheel).withoutBacklashMm());
        var action = LineOfAction.of(pair, pinion, wheel);
        double tip1 = tipClearance(pinion, wheel, centreDistanceMm, true);
        double tip2 = tipClearance(pinion, wheel, centreDistanceMm, false);
        double overlap =
                Math.min(pair.pinion().faceWidthMm(), pair.wheel().faceWidthMm())
                        * Math.sin(pair.pinion().helixAngleRad())
                        / (Math.PI * pair.pinion().normalModuleMm());
        return new MeshState(
                pair,
                Math.toDegrees(working),
                along,
                normal,
                radial,
                MINUTES_PER_RADIAN * along / pair.pinionWorkingRadiusMm(),
                MINUTES_PER_RADIAN * along / pair.wheelWorkingRadiusMm(),
                action.contactRatio(),
                overlap,
                tip1,
                tip2,
                troubles(along, action, tip1, tip2, pinion, wheel),
                warnings(action, overlap, tip1, tip2, pinion, wheel),
                working(pair, pinion, wheel, along, action, tip1, tip2));
    }

    /** A mesh that cannot run fails; of one that can, geometry alone says nothing good. */
    public Verdict verdict() {
        return troubles.isEmpty() ? Verdict.NOT_JUDGED : Verdict.CLEAR_FAIL;
    }

    /** K [π m_t − s_t1 − s_t2 ± (d₂ ± d₁)(inv α_wt − inv α_t)] (mm). */
    static double circumferential(GearPair pair, ActualTeeth pinion, ActualTeeth wheel) {
        double alphaT = pair.pinion().transversePressureAngleRad();
        double working = pair.workingPressureAngleRad();
        double diameters =
                pair.wheel().referenceDiameterMm()
                        + pair.wheel().outward() * pair.pinion().referenceDiameterMm();
        double gap =
                Math.PI * pair.pinion().transverseModuleMm()
                        - pinion.transverseThicknessMm()
                        - wheel.transverseThicknessMm()
                        + pair.wheel().outward()
                                * diameters
                                * (Involute.of(working) - Involute.of(alphaT));
        return gap * Math.cos(alphaT) / Math.cos(working);
    }

    private static double tipClearance(
            ActualTeeth pinion, ActualTeeth wheel, double a, boolean pinionTip) {
        if (wheel.gear().internal()) {
            return pinionTip
                    ? wheel.rootRadiusMm() - a - pinion.tipRadiusMm()
                    : wheel.tipRadiusMm() - a - pinion.rootRadiusMm();
        }
        return pinionTip
                ? a - pinion.tipRadiusMm() - wheel.rootRadiusMm()
                : a - wheel.tipRadiusMm() - pinion.rootRadiusMm();
    }

    private static List<String> troubles(
            double along,
            LineOfAction action,
            double tip1,
            double tip2,
            ActualTeeth pinion,
            ActualTeeth wheel) {
        var troubles = new ArrayList<String>();
        if (along < 0) {
            troubles.add(
                    "There is no backlash: the teeth would overlap by %s mm. Open the centres or check the thicknesses."
                            .formatted(PlainDigits.rounded(-along, 3)));
        }
        troubles.addAll(strikes(action, tip1, tip2, pinion, wheel));
        return List.copyOf(troubles);
    }

    /**
     * What keeps a pair from running at its centre distance however thick its teeth are: tips that strike, teeth that let go too
     * early. In words; empty for a pair that can run.
     */
    public static List<String> strikes(GearPair pair) {
        var pinion = ActualTeeth.nominal(pair.pinion());
        var wheel = ActualTeeth.nominal(pair.wheel());
        double a = pair.centreDistanceMm();
        return strikes(
                LineOfAction.of(pair, pinion, wheel),
                tipClearance(pinion, wheel, a, true),
                tipClearance(pinion, wheel, a, false),
                pinion,
                wheel);
    }

    private static List<String> strikes(
            LineOfAction action, double tip1, double tip2, ActualTeeth pinion, ActualTeeth wheel) {
        var troubles = new ArrayList<String>();
        tell(
                troubles,
                tip1,
                "The tips of the pinion would strike the roots of the wheel by %s mm.");
        tell(
                troubles,
                tip2,
                "The tips of the wheel would strike the roots of the pinion by %s mm.");
        if (action.contactRatio() < 1) {
            troubles.add(
                    "Contact ratio %s: one pair of teeth lets go before the next arrives."
                            .formatted(PlainDigits.rounded(action.contactRatio(), 2)));
        }
        if (wheel.gear().internal() && ringTipsStrike(action.pair(), pinion, wheel)) {
            troubles.add(
                    "The tips of the pinion strike the tips of the ring as they swing in: too few teeth between them"
                            + " (%d and %d)."
                                    .formatted(pinion.gear().teeth(), wheel.gear().teeth()));
        }
        return List.copyOf(troubles);
    }

    private static void tell(List<String> troubles, double clearance, String sentence) {
        if (clearance <= 0) {
            troubles.add(sentence.formatted(PlainDigits.rounded(-clearance, 3)));
        }
    }

    private static List<String> warnings(
            LineOfAction action,
            double overlap,
            double tip1,
            double tip2,
            ActualTeeth pinion,
            ActualTeeth wheel) {
        var warnings = new ArrayList<String>();
        double least = WANTED_TIP_CLEARANCE * pinion.gear().normalModuleMm();
        double tip = Math.min(tip1, tip2);
        if (tip > 0 && tip < least) {
            warnings.add(
                    "Tip clearance %s mm is less than the usual %s mm (0.15 of the module)."
                            .formatted(PlainDigits.rounded(tip, 3), PlainDigits.rounded(least, 2)));
        }
        if (action.contactRatio() >= 1 && action.contactRatio() + overlap < WANTED_CONTACT_RATIO) {
            warnings.add(
                    "Contact ratio %s is below the usual 1.2: noisy, and hard on one tooth."
                            .formatted(PlainDigits.rounded(action.contactRatio(), 2)));
        }
        warnings.addAll(action.interference(pinion, wheel));
        return List.copyOf(warnings);
    }

    /**
     * Tip interference of a pinion in a ring: (z₁/z₂) θ₁ + inv α_wt − inv α_a2 &lt; θ₂. Source: from memory of the gear
     * handbooks; the threshold agrees with a traced tip corner.
     */
    static boolean ringTipsStrike(GearPair pair, ActualTeeth pinion, ActualTeeth wheel) {
        return ringTipMargin(pair, pinion, wheel) < 0;
    }

    static double ringTipMargin(GearPair pair, ActualTeeth pinion, ActualTeeth wheel) {
        double a = pair.centreDistanceMm();
        double r1 = pinion.tipRadiusMm();
        double r2 = wheel.tipRadiusMm();
        double cos1 = (r2 * r2 - r1 * r1 - a * a) / (2 * a * r1);
        double cos2 = (r2 * r2 - r1 * r1 + a * a) / (2 * a * r2);
        if (Math.abs(cos1) > 1 || Math.abs(cos2) > 1) {
            return 1; // the tip circles do not cross
        }
        double invWorking = Involute.of(pair.workingPressureAngleRad());
        double tipAngle1 = Involute.of(Math.acos(pinion.baseRadiusMm() / r1));
        double tipAngle2 = Involute.of(Math.acos(Math.min(1, wheel.baseRadiusMm() / r2)));
        double first = Math.acos(cos1) + tipAngle1 - invWorking;
        double second = Math.acos(cos2);
        double ratio = (double) pair.pinion().teeth() / pair.wheel().teeth();
        return ratio * first + invWorking - tipAngle2 - second;
    }

    private static Working working(
            GearPair pair,
            ActualTeeth pinion,
            ActualTeeth wheel,
            double along,
            LineOfAction action,
            double tip1,
            double tip2) {
        boolean ring = pair.isInternal();
        return new Working(
                List.of(
                        line(
                                ring ? "cos α_wt = (r_b2 − r_b1)/a" : "cos α_wt = (r_b1 + r_b2)/a",
                                "α_wt = "
                                        + PlainDigits.rounded(
                                                Math.toDegrees(pair.workingPressureAngleRad()), 4)
                                        + "° at a = "
                                        + PlainDigits.exact(pair.centreDistanceMm())
                                        + " mm"),
                        line(
                                ring
                                        ? "j_wt = K [π mₜ − s_t1 − s_t2 + (d₂ − d₁)(inv αₜ − inv α_wt)]"
                                        : "j_wt = K [π mₜ − s_t1 − s_t2 + (d₁ + d₂)(inv α_wt − inv αₜ)]",
                                "s_t1 "
                                        + PlainDigits.rounded(pinion.transverseThicknessMm(), 4)
                                        + ", s_t2 "
                                        + PlainDigits.rounded(wheel.transverseThicknessMm(), 4)
                                        + ": "
                                        + PlainDigits.rounded(along, 4)
                                        + " mm"),
                        line(
                                "ε_α = length of contact / p_bt",
                                PlainDigits.rounded(action.lengthMm(), 3)
                                        + " / "
                                        + PlainDigits.rounded(
                                                pair.pinion().transverseBasePitchMm(), 3)
                                        + " = "
                                        + PlainDigits.rounded(action.contactRatio(), 3)),
                        line(
                                ring ? "c = r_f2 − a − r_a1" : "c = a − r_a1 − r_f2",
                                "pinion "
                                        + PlainDigits.rounded(tip1, 3)
                                        + " mm, wheel "
                                        + PlainDigits.rounded(tip2, 3)
                                        + " mm")),
                "ISO 21771, from memory",
                List.of(
                        "First order: one gasket of thickness t between split housings changes the backlash by 2 t tan"
                                + " α_wt; the true change is a little larger for a large t."));
    }
}
