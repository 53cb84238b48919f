package app.yunque.gear;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;

/**
 * The rack that would mesh with a gear: how high and how deep its teeth are, in multiples of the normal module.
 *
 * <p>Sources, all from memory: ISO 53 (types A to D), ANSI B6.1 with its older edition and the stub of 1932, ANSI B6.7;
 * worm common practice.
 *
 * @param name     name to show
 * @param addendum h_a*, 0.3 to 1.5
 * @param dedendum h_f*, 0.4 to 2
 * @param fillet   root fillet radius ρ*, 0 to 0.6
 */
public record BasicRack(String name, double addendum, double dedendum, double fillet) {
    public static final Range ADDENDUM =
            Range.of("addendum", "addendum of the rack", 0.3, 1.5, "× module");
    public static final Range DEDENDUM =
            Range.of("dedendum", "dedendum of the rack", 0.4, 2, "× module");
    public static final Range FILLET =
            Range.of("fillet", "root radius of the rack", 0, 0.6, "× module");

    public static final Range P = Range.of("p", "first figure of the pitch", 0.5, 200, "");
    public static final Range Q = Range.of("q", "second figure of the pitch", 0.5, 250, "");

    public static final BasicRack FULL_DEPTH = new BasicRack("full depth", 1, 1.25, 0.38);
    public static final BasicRack FULL_DEPTH_GROUND =
            new BasicRack("full depth, ground or shaved", 1, 1.4, 0.39);
    public static final BasicRack FULL_DEPTH_OLD_INCH =
            new BasicRack("full depth, old inch", 1, 1.157, 0.2);
    public static final BasicRack FULL_DEPTH_25 = new BasicRack("full depth, 25°", 1, 1.25, 0.3);
    public static final BasicRack STUB = new BasicRack("stub", 0.8, 1, 0.3);
    public static final BasicRack WORM = new BasicRack("worm and wheel", 1, 1.2, 0.2);

    /** Every rack a mechanic can choose by name. */
    public static final List<BasicRack> KNOWN =
            List.of(FULL_DEPTH, FULL_DEPTH_GROUND, FULL_DEPTH_OLD_INCH, FULL_DEPTH_25, STUB, WORM);

    /** @throws Refused naming every value out of its range */
    public BasicRack {
        Refused.ifAny(ADDENDUM.judge(addendum), DEDENDUM.judge(dedendum), FILLET.judge(fillet));
    }

    /** Fine pitch, DP 20 and finer: dedendum 1.2 plus 0.05 mm. Source: ANSI B6.7, from memory. */
    public static BasicRack finePitch(double normalModuleMm) {
        return new BasicRack("fine pitch", 1, 1.2 + 0.05 / normalModuleMm, 0);
    }

    /**
     * A combination stub "P/Q", for example 5/7: the first figure sets the pitch (m = 25.4/P), the second the height.
     * Common practice, no source.
     */
    @PublicRule(
            at = "gear/stub-pitch",
            title = "Stub pitch",
            says = "Tooth height of a combination stub such as 6/8.",
            source = "common practice, no source")
    public static BasicRack combinationStub(double p, double q) {
        Refused.ifAny(P.judge(p), Q.judge(q));
        if (q < p) {
            throw Refused.because(
                    "q",
                    "A stub is lower than full depth: the second figure is the larger, as in 6/8. Were they exchanged?");
        }
        return new BasicRack("stub %.0f/%.0f".formatted(p, q), p / q, 1.25 * p / q, 0.25);
    }

    /** Radial height of the rounded root, ρ* (1 − sin α_n), in multiples of the module. */
    double filletHeight(double normalPressureAngleRad) {
        return fillet * (1 - Math.sin(normalPressureAngleRad));
    }
}
