package app.yunque.tooth;

import static app.yunque.measure.Working.line;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Involute;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * The dimension over two pins or balls in opposite tooth spaces; between them in a ring.
 *
 * <p>External: inv α_K = inv α_t + D/(z m_n cos α_n) + s_t/d − π/z; ring: inv α_K = inv α_t − D/(z m_n cos α_n) − s_t/d
 * + π/z. The centres sit at d_K = d_b/cos α_K; M = d_K ± D for an even number of teeth, d_K cos (90°/z) ± D for an odd
 * one. Source: ISO 21771 and the machinist's handbooks, from memory; checked against a sphere tangent to the flanks.
 *
 * @param pinDiameterMm     D (mm)
 * @param overPinsMm        M over the pins, between them in a ring (mm)
 * @param centreDiameterMm  d_K on which the centres of the pins sit (mm)
 * @param contactDiameterMm diameter at which the pins touch the flanks (mm)
 * @param isBall            true when only balls give a steady reading
 * @param working           formula and numbers
 */
public record PinMeasurement(
        double pinDiameterMm,
        double overPinsMm,
        double centreDiameterMm,
        double contactDiameterMm,
        boolean isBall,
        Working working) {
    public static final Range PIN_DIAMETER =
            Range.of("pinDiameterMm", "pin diameter", 0.05, 300, "mm");
    public static final Range OVER_PINS =
            Range.of("overPinsMm", "dimension over pins", 0.5, 5000, "mm");
    private static final String RULE = "measurement over pins";
    private static final String SOURCE =
            "ISO 21771 and machinist's handbooks, dimension over pins, from memory";

    /** Pins a mechanic has: drill shanks and roller diameters (mm), every tenth from 0.5 to 13, every half to 40. */
    public static double nearestUsualPinMm(double wantedMm) {
        double step = wantedMm <= 13 ? 0.1 : 0.5;
        return Math.round(Math.rint(wantedMm / step) * step * 1000) / 1000.0;
    }

    /** M of the nominal teeth over pins of this diameter. */
    public static PinMeasurement of(CylindricalGear gear, double pinDiameterMm) {
        return of(gear, gear.normalToothThicknessMm(), pinDiameterMm);
    }

    /**
     * @param gear              the gear
     * @param normalThicknessMm s_n at the reference circle (mm)
     * @param pinDiameterMm     D (mm), 0.05 to 300
     * @throws Refused       for a pin diameter out of its range
     * @throws NotApplicable when the pin drops to the root, does not stand proud, misses the involute or would rock
     */
    @PublicRule(
            at = "tooth/over-pins",
            title = "Measurement over pins or balls",
            says = "What pins in opposite spaces measure.")
    public static PinMeasurement of(
            CylindricalGear gear, double normalThicknessMm, double pinDiameterMm) {
        Refused.ifAny(PIN_DIAMETER.judge(pinDiameterMm));
        int sign = gear.outward();
        double z = gear.teeth();
        double thickness = normalThicknessMm / Math.cos(gear.helixAngleRad());
        double inv =
                Involute.of(gear.transversePressureAngleRad())
                        + sign
                                * (pinTerm(gear, pinDiameterMm)
                                        + thickness / gear.referenceDiameterMm()
                                        - Math.PI / z);
        if (!(inv > 0)) {
            throw misses(
                    gear,
                    pinDiameterMm,
                    gear.internal() ? "is too thick for these spaces" : "drops to the root");
        }
        double at = Involute.inverse(inv);
        double centre = gear.baseDiameterMm() / Math.cos(at);
        double over = centre * oddFactor(gear) + sign * pinDiameterMm;
        double contact = contactDiameterMm(gear, at, pinDiameterMm);
        refuseBadSeat(gear, pinDiameterMm, centre, contact);
        return new PinMeasurement(
                pinDiameterMm,
                over,
                centre,
                contact,
                gear.helixAngleDeg() > 0,
                working(gear, pinDiameterMm, at, centre, over));
    }

    /**
     * s_n from a measured M (mm).
     *
     * @throws Refused when M is too small for this pin and module
     */
    @PublicRule(
            at = "tooth/thickness-of-pins",
            title = "Thickness from pins",
            says = "Tooth thickness from what was measured over pins or balls.",
            source = "ISO 21771, from memory")
    public static double normalThicknessMm(
            CylindricalGear gear, double pinDiameterMm, double overPinsMm) {
        Refused.ifAny(PIN_DIAMETER.judge(pinDiameterMm), OVER_PINS.judge(overPinsMm));
        int sign = gear.outward();
        double centre = (overPinsMm - sign * pinDiameterMm) / oddFactor(gear);
        if (!(centre > gear.baseDiameterMm())) {
            throw Refused.because(
                    "overPinsMm",
                    "Dimension %s mm is too small for a pin of %s mm: the pins would sit below the base circle of %s mm. Check pin, module and teeth."
                            .formatted(
                                    PlainDigits.exact(overPinsMm),
                                    PlainDigits.exact(pinDiameterMm),
                                    PlainDigits.rounded(gear.baseDiameterMm(), 3)));
        }
        double at = Math.acos(gear.baseDiameterMm() / centre);
        double half =
                Math.PI / gear.teeth()
                        + sign * (Involute.of(at) - Involute.of(gear.transversePressureAngleRad()))
                        - pinTerm(gear, pinDiameterMm);
        return half * gear.referenceDiameterMm() * Math.cos(gear.helixAngleRad());
    }

    /** How far s_n moves for a millimetre of M: sin α_K/(c cos α_t) cos β. */
    public static double thicknessPerDimension(CylindricalGear gear, PinMeasurement nominal) {
        double cos = gear.baseDiameterMm() / nominal.centreDiameterMm;
        double sin = Math.sqrt(1 - cos * cos);
        return sin
                / (oddFactor(gear) * Math.cos(gear.transversePressureAngleRad()))
                * Math.cos(gear.helixAngleRad());
    }

    /**
     * The pin that touches on the circle d + 2 x m_n, the middle of the flank (mm); for a ring d − 2 x m.
     *
     * @throws NotApplicable when the space is too narrow there for any pin
     */
    @PublicRule(
            at = "tooth/best-pin",
            title = "Best pin",
            says = "The pin that touches near the reference circle.",
            source = "ISO 21771, from memory")
    public static double bestPinMm(CylindricalGear gear) {
        int sign = gear.outward();
        double rb = gear.baseDiameterMm();
        double touch =
                Math.max(
                        gear.referenceDiameterMm()
                                + sign * 2 * gear.profileShift() * gear.normalModuleMm(),
                        rb * (1 + 1e-6));
        double atTouch = Math.acos(rb / touch);
        double cosB = Math.cos(gear.baseHelixAngleRad());
        double space =
                Math.PI / gear.teeth()
                        - gear.transverseToothThicknessMm() / gear.referenceDiameterMm()
                        - sign * Involute.of(gear.transversePressureAngleRad());
        double at = centreAngle(atTouch, cosB, sign, space, gear.teeth());
        double pin = sign * rb * (Math.tan(at) - Math.tan(atTouch)) / cosB;
        if (!(pin > 0)) {
            throw new NotApplicable(
                    RULE,
                    "No pin touches the middle of these flanks: the space is too narrow there.",
                    "Measure the span, or use the gear-tooth caliper.");
        }
        return pin;
    }

    /** Solves inv α_K − (tan α_K − tan α_v)/cos² β_b = −space for the angle of the pin's centre, by bisection. */
    private static double centreAngle(
            double atTouch, double cosB, int sign, double space, int teeth) {
        double low = sign > 0 ? atTouch : 0;
        double high = sign > 0 ? Math.min(1.5, atTouch + Math.PI / teeth + 0.6) : atTouch;
        for (int i = 0; i < 200; i++) {
            double mid = (low + high) / 2;
            double f =
                    Involute.of(mid)
                            - (Math.tan(mid) - Math.tan(atTouch)) / (cosB * cosB)
                            + sign * space;
            // f falls with the angle: above zero the centre lies further out.
            if (f > 0) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return (low + high) / 2;
    }

    private static double pinTerm(CylindricalGear gear, double pin) {
        return pin
                / (gear.teeth() * gear.normalModuleMm() * Math.cos(gear.normalPressureAngleRad()));
    }

    private static double oddFactor(CylindricalGear gear) {
        return gear.teeth() % 2 == 0 ? 1 : Math.cos(Math.PI / 2 / gear.teeth());
    }

    private static double contactDiameterMm(CylindricalGear gear, double at, double pin) {
        double leg =
                Math.tan(at)
                        - gear.outward()
                                * pin
                                * Math.cos(gear.baseHelixAngleRad())
                                / gear.baseDiameterMm();
        return leg < 0 ? 0 : gear.baseDiameterMm() * Math.hypot(1, leg);
    }

    private static void refuseBadSeat(
            CylindricalGear gear, double pin, double centre, double contact) {
        int sign = gear.outward();
        if (sign * (centre - gear.rootDiameterMm()) <= pin) {
            throw misses(gear, pin, "rests on the root");
        }
        if (sign * (centre - gear.tipDiameterMm()) + pin <= 0) {
            throw misses(gear, pin, "does not stand proud of the tips");
        }
        double inner = gear.internal() ? gear.tipDiameterMm() : gear.involuteStartDiameterMm();
        double outer = gear.internal() ? gear.rootDiameterMm() : gear.tipDiameterMm();
        if (!(contact > Math.max(inner, gear.baseDiameterMm()) - 1e-9 && contact < outer)) {
            throw misses(gear, pin, "does not touch sound flank");
        }
    }

    private static NotApplicable misses(CylindricalGear gear, double pin, String what) {
        return new NotApplicable(
                RULE,
                "A pin of " + PlainDigits.exact(pin) + " mm " + what + " of this gear.",
                "Use one near " + PlainDigits.rounded(bestPinMm(gear), 2) + " mm.");
    }

    private static Working working(
            CylindricalGear gear, double pin, double at, double centre, double over) {
        boolean ring = gear.internal();
        boolean odd = gear.teeth() % 2 == 1;
        return new Working(
                List.of(
                        line(
                                ring
                                        ? "inv α_K = inv αₜ − D/(z mₙ cos αₙ) − sₜ/d + π/z"
                                        : "inv α_K = inv αₜ + D/(z mₙ cos αₙ) + sₜ/d − π/z",
                                PlainDigits.rounded(Involute.of(at), 7)
                                        + ", α_K = "
                                        + PlainDigits.rounded(Math.toDegrees(at), 4)
                                        + "°"),
                        line("d_K = d_b / cos α_K", PlainDigits.rounded(centre, 4) + " mm"),
                        line(
                                (odd ? "M = d_K cos(90°/z) " : "M = d_K ") + (ring ? "− D" : "+ D"),
                                PlainDigits.rounded(over, 4)
                                        + " mm with D = "
                                        + PlainDigits.exact(pin)
                                        + " mm")),
                SOURCE,
                gear.helixAngleDeg() > 0
                        ? List.of(
                                "Helical: two balls in one plane square to the axis. Straight pins rock on a helical"
                                        + " gear of odd teeth.")
                        : List.of(
                                "Old standard wires: D = 1.728 m outside, 1.68 m inside (machinist's handbooks, from"
                                        + " memory)."));
    }
}
