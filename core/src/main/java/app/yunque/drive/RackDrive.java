package app.yunque.drive;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * A pinion that drives a rack: s = π m_t z for one turn. Source: definition of the module.
 *
 * @param teeth    z of the pinion, 4 to 2000
 * @param moduleMm transverse module, along the rack (mm), 0.1 to 50
 */
public record RackDrive(int teeth, double moduleMm) implements Stage {
    public static final Range MODULE = Range.of("moduleMm", "module of the rack", 0.1, 50, "mm");

    /** @throws Refused naming every value out of its range */
    public RackDrive {
        Refused.ifAny(TEETH.judge(teeth), MODULE.judge(moduleMm));
    }

    /** Its output does not turn; the shafts before it alone make the ratio. */
    @Override
    public String checks() {
        return "MRK";
    }

    @Override
    public double ratio() {
        return 1;
    }

    @Override
    public double travelMmPerTurn() {
        return Math.PI * moduleMm * teeth;
    }

    @Override
    public StageOutline outline() {
        return StageOutline.rack(teeth, moduleMm);
    }

    @Override
    public double efficiency() {
        return 0.97;
    }

    @Override
    public String inWords() {
        return "pinion z %d on a rack, module %s mm".formatted(teeth, PlainDigits.exact(moduleMm));
    }

    @Override
    public double teethPerInputTurn() {
        return teeth;
    }

    @Override
    public double inputDiameterMm() {
        return moduleMm * teeth;
    }
}
