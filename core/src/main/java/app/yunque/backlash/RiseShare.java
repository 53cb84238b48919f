package app.yunque.backlash;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * How a rise of backlash by wear divides between two gears of like material where only one can be measured: each tooth wears with the
 * number of its contacts, so the pinion has u/(1 + u) of it. Source: common practice, no source.
 *
 * @param pinionMm thickness the pinion lost (mm)
 * @param wheelMm  thickness the wheel lost (mm)
 */
public record RiseShare(double pinionMm, double wheelMm) {
    public static final Range RISE = Range.of("riseMm", "rise of the backlash", 0, 50, "mm");
    public static final Range PINION_TEETH =
            Range.count("pinionTeeth", "teeth of the pinion", 4, 2000);
    public static final Range WHEEL_TEETH =
            Range.count("wheelTeeth", "teeth of the wheel", 4, 2000);

    /** @param riseMm rise of the circumferential backlash by wear, floats and centre distance taken off (mm) */
    @PublicRule(
            at = "backlash/rise-share",
            title = "Sharing of a rise",
            says = "How a rise of backlash divides between pinion and wheel.",
            source = "common practice, no source")
    public static RiseShare of(double riseMm, int pinionTeeth, int wheelTeeth) {
        Refused.ifAny(
                RISE.judge(riseMm), PINION_TEETH.judge(pinionTeeth), WHEEL_TEETH.judge(wheelTeeth));
        double u = (double) wheelTeeth / pinionTeeth;
        return new RiseShare(riseMm * u / (1 + u), riseMm / (1 + u));
    }
}
