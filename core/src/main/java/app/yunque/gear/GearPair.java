package app.yunque.gear;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Two gears in mesh on parallel shafts, at the centre distance their housing gives them: two external gears, or an
 * external pinion in a ring.
 *
 * @param pinion           gear 1, external, which drives in a reducing stage
 * @param wheel            gear 2, external or a ring
 * @param centreDistanceMm working centre distance a (mm), 1 to 10000
 */
public record GearPair(CylindricalGear pinion, CylindricalGear wheel, double centreDistanceMm) {
    public static final Range CENTRE_DISTANCE =
            Range.of("centreDistanceMm", "centre distance", 1, 10_000, "mm");

    /** Beyond 6° between working and reference pressure angle the centre distance does not suit the gears. */
    private static final double FURTHEST_ANGLE_RAD = Math.toRadians(6);

    /**
     * @throws Refused when the two gears cannot mesh, when the base circles overlap, or when the centre distance
     *     does not suit these gears
     */
    public GearPair {
        Refused.ifAny(CENTRE_DISTANCE.judge(centreDistanceMm));
        refuseRings(pinion, wheel);
        refuseStrangers(pinion, wheel);
        refuseOverlap(pinion, wheel, centreDistanceMm);
        refuseUnsuitable(pinion, wheel, centreDistanceMm);
    }

    /** cos α_wt = (r_b1 ± r_b2)/a (rad); with a ring r_b2 − r_b1. */
    public double workingPressureAngleRad() {
        return Math.acos(baseRadiiMm(pinion, wheel) / centreDistanceMm);
    }

    /** r_w1 = a · z₁/(z₂ ± z₁) (mm); with a ring z₂ − z₁. */
    public double pinionWorkingRadiusMm() {
        return centreDistanceMm * pinion.teeth() / toothSum(pinion, wheel);
    }

    /** r_w2 = a · z₂/(z₂ ± z₁) (mm); with a ring z₂ − z₁. */
    public double wheelWorkingRadiusMm() {
        return centreDistanceMm * wheel.teeth() / toothSum(pinion, wheel);
    }

    /** True when the wheel is a ring, so that both turn the same way. */
    public boolean isInternal() {
        return wheel.internal();
    }

    /** The radius at which gear {@code member} rolls on its mate (mm). */
    public double workingRadiusMm(Member member) {
        return member == Member.PINION ? pinionWorkingRadiusMm() : wheelWorkingRadiusMm();
    }

    public CylindricalGear gear(Member member) {
        return member == Member.PINION ? pinion : wheel;
    }

    /** 2 tan α_wt: how much backlash along the circle a millimetre of centre distance makes, to first order. */
    public double circumferentialPerCentreTravel() {
        return 2 * Math.tan(workingPressureAngleRad());
    }

    /** u = z₂/z₁. */
    public double ratio() {
        return (double) wheel.teeth() / pinion.teeth();
    }

    /** The reference centre distance a_d = (d₂ ± d₁)/2 (mm), at which unshifted gears run; with a ring d₂ − d₁. */
    public static double referenceCentreDistanceMm(CylindricalGear pinion, CylindricalGear wheel) {
        return (wheel.referenceDiameterMm() + wheel.outward() * pinion.referenceDiameterMm()) / 2;
    }

    private static double baseRadiiMm(CylindricalGear pinion, CylindricalGear wheel) {
        return (wheel.baseDiameterMm() + wheel.outward() * pinion.baseDiameterMm()) / 2;
    }

    private static int toothSum(CylindricalGear pinion, CylindricalGear wheel) {
        return wheel.teeth() + wheel.outward() * pinion.teeth();
    }

    private static void refuseRings(CylindricalGear pinion, CylindricalGear wheel) {
        if (pinion.internal()) {
            throw Refused.because(
                    "pinion", "The pinion turns inside the ring: enter the ring as the wheel.");
        }
        if (wheel.internal() && wheel.teeth() <= pinion.teeth()) {
            throw Refused.because(
                    "wheel",
                    "A ring of "
                            + wheel.teeth()
                            + " teeth has no room for a pinion of "
                            + pinion.teeth()
                            + ". Check the tooth counts.");
        }
    }

    private static void refuseStrangers(CylindricalGear pinion, CylindricalGear wheel) {
        if (pinion.normalModuleMm() != wheel.normalModuleMm()
                || pinion.pressureAngleDeg() != wheel.pressureAngleDeg()
                || pinion.helixAngleDeg() != wheel.helixAngleDeg()) {
            throw Refused.because(
                    "wheel",
                    "Pinion and wheel must share module, pressure angle and helix angle: "
                            + pinion.inWords()
                            + " cannot mesh with "
                            + wheel.inWords()
                            + ".");
        }
        if (wheel.internal() && wheel.hand() != pinion.hand()) {
            throw Refused.because(
                    "hand",
                    "A helical pinion and its ring need the same hand, both left or both right.");
        }
        if (!wheel.internal() && wheel.hand() != pinion.hand().opposite()) {
            throw Refused.because(
                    "hand",
                    "Two external helical gears on parallel shafts need opposite hands, one left and one"
                            + " right.");
        }
    }

    private static void refuseOverlap(CylindricalGear pinion, CylindricalGear wheel, double a) {
        double least = baseRadiiMm(pinion, wheel);
        if (!(a > least)) {
            throw Refused.because(
                    "centreDistanceMm",
                    "Centre distance "
                            + PlainDigits.exact(a)
                            + " mm is too small: at it the base circles overlap; these gears need more than "
                            + PlainDigits.rounded(least, 3)
                            + " mm, "
                            + PlainDigits.rounded(referenceCentreDistanceMm(pinion, wheel), 3)
                            + " mm without shift. Check centre distance, module and teeth.");
        }
    }

    private static void refuseUnsuitable(CylindricalGear pinion, CylindricalGear wheel, double a) {
        double working = Math.acos(baseRadiiMm(pinion, wheel) / a);
        if (!(Math.abs(working - pinion.transversePressureAngleRad()) <= FURTHEST_ANGLE_RAD)) {
            throw Refused.because(
                    "centreDistanceMm",
                    "Centre distance "
                            + PlainDigits.exact(a)
                            + " mm does not suit these gears: without shift they run at "
                            + PlainDigits.rounded(referenceCentreDistanceMm(pinion, wheel), 3)
                            + " mm. Check centre distance, module, helix and teeth.");
        }
    }
}
