package app.yunque.drive;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * A screw that moves its nut, or a nut that moves its screw: s = P · starts for one turn; tan γ = s/(π d₂), tan ρ' = μ/cos (α/2), η =
 * tan γ/tan (γ + ρ'), and it holds its load by itself while γ ≤ ρ'. Source: common to handbooks of machine elements, from memory.
 *
 * @param pitchMm           P, from thread to thread (mm), 0.2 to 200
 * @param starts            1 to 12
 * @param pitchDiameterMm   d₂ (mm), 2 to 1000
 * @param includedAngleDeg  α of the thread (degrees), 0 for a square one, 29 or 30 for most; 0 to 60
 * @param friction          μ, 0.002 to 0.3; about 0.12 for bronze on oiled steel, 0.005 where balls roll
 */
public record ScrewAndNut(
        double pitchMm,
        int starts,
        double pitchDiameterMm,
        double includedAngleDeg,
        double friction)
        implements Stage {
    public static final Range PITCH = Range.of("pitchMm", "pitch of the screw", 0.2, 200, "mm");
    public static final Range STARTS = Range.count("starts", "starts of the screw", 1, 12);
    public static final Range DIAMETER =
            Range.of("pitchDiameterMm", "pitch diameter of the screw", 2, 1000, "mm");
    public static final Range ANGLE =
            Range.of("includedAngleDeg", "included angle of the thread", 0, 60, "degrees");
    public static final Range FRICTION =
            Range.of("friction", "coefficient of friction", 0.002, 0.3, "");

    /** @throws Refused naming every value out of its range */
    public ScrewAndNut {
        Refused.ifAny(
                PITCH.judge(pitchMm),
                STARTS.judge(starts),
                DIAMETER.judge(pitchDiameterMm),
                ANGLE.judge(includedAngleDeg),
                FRICTION.judge(friction));
    }

    /** Its output does not turn; the shafts before it alone make the ratio. */
    @Override
    public String checks() {
        return "MSN";
    }

    @Override
    public double ratio() {
        return 1;
    }

    @Override
    public double travelMmPerTurn() {
        return pitchMm * starts;
    }

    private double leadAngleRad() {
        return Math.atan(travelMmPerTurn() / (Math.PI * pitchDiameterMm));
    }

    private double frictionAngleRad() {
        return Math.atan(friction / Math.cos(Math.toRadians(includedAngleDeg / 2)));
    }

    @Override
    public StageOutline outline() {
        return StageOutline.screw(pitchDiameterMm);
    }

    @Override
    public double efficiency() {
        return Math.tan(leadAngleRad()) / Math.tan(leadAngleRad() + frictionAngleRad());
    }

    /** True when the load does not turn the screw back while the friction is as entered; never a brake to rely on. */
    public boolean holdsItsLoad() {
        return leadAngleRad() <= frictionAngleRad();
    }

    @Override
    public String inWords() {
        return "screw %s × %s mm%s, lead %s mm"
                .formatted(
                        PlainDigits.exact(pitchDiameterMm),
                        PlainDigits.exact(pitchMm),
                        starts == 1 ? "" : ", " + starts + " starts",
                        PlainDigits.exact(travelMmPerTurn()));
    }
}
