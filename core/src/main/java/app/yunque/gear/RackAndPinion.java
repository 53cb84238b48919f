package app.yunque.gear;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * A pinion that rolls on a rack: one turn moves it π m_n z/cos β, a turn of φ radians φ d/2. Source: definition.
 *
 * @param pinion      the pinion, external
 * @param pitchMm     transverse pitch of the rack, π m_t (mm)
 * @param perTurnMm   travel for one turn of the pinion (mm)
 */
public record RackAndPinion(CylindricalGear pinion, double pitchMm, double perTurnMm) {
    public static final Range TURN =
            Range.of("turnDeg", "turn of the pinion", -36_000, 36_000, "degrees");

    /** @throws Refused for a ring */
    @PublicRule(
            at = "gear/rack-and-pinion",
            title = "Rack and pinion",
            says = "How far a turn of the pinion moves its rack.",
            source = "definition")
    public static RackAndPinion of(CylindricalGear pinion) {
        if (pinion.internal()) {
            throw Refused.because("internal", "A ring cannot roll on a rack. Enter the pinion.");
        }
        double pitch = Math.PI * pinion.transverseModuleMm();
        return new RackAndPinion(pinion, pitch, pitch * pinion.teeth());
    }

    /** Travel for a turn (mm). */
    public double travelMm(double turnDeg) {
        Refused.ifAny(TURN.judge(turnDeg));
        return perTurnMm * turnDeg / 360;
    }

    /** Turn that a travel needs (degrees). */
    public double turnDeg(double travelMm) {
        return 360 * travelMm / perTurnMm;
    }
}
