package app.yunque.identify;

import app.yunque.gear.CylindricalGear;
import app.yunque.measure.Gauge;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;

/**
 * What was measured on a gear without a number.
 *
 * @param possibleTeeth  z as counted; several for a broken gear, each between 6 and 500
 * @param tipDiameterMm  d_a (mm), 3 to 3000
 * @param tipUncertaintyMm standard uncertainty of the tip diameter (mm), usually 0.1
 * @param spans          two spans; may be missing
 * @param tipHelixDeg    angle of the tooth trace at the tips, from a rub (degrees); empty for a spur gear
 * @param helixUncertaintyDeg standard uncertainty of the rub (degrees), usually 1
 * @param worn           true when the flanks are visibly worn, so that the spans are short by the wear
 */
public record UnknownGear(
        List<Integer> possibleTeeth,
        double tipDiameterMm,
        double tipUncertaintyMm,
        Optional<Spans> spans,
        Optional<Double> tipHelixDeg,
        double helixUncertaintyDeg,
        boolean worn) {
    public static final Range REFERENCE =
            Range.of("referenceDiameterMm", "reference diameter", 0.5, 10000, "mm");

    /** A caliper over tips that may be worn or bruised (mm). Common practice, no source. */
    public static final double USUAL_TIP_UNCERTAINTY_MM = 0.1;

    /** A rub on paper is read to about a degree. Common practice, no source. */
    public static final double USUAL_HELIX_UNCERTAINTY_DEG = 1;

    public static final Range TEETH = Range.count("teeth", "number of teeth", 6, 500);
    public static final Range TIP = Range.of("tipDiameterMm", "tip diameter", 3, 3000, "mm");
    public static final Range TIP_UNCERTAINTY =
            Range.of("tipUncertaintyMm", "uncertainty of the tip diameter", 0.005, 5, "mm");
    public static final Range HELIX =
            Range.of("tipHelixDeg", "helix angle at the tips", 1, 60, "degrees");
    public static final Range HELIX_UNCERTAINTY =
            Range.of("helixUncertaintyDeg", "uncertainty of the rub", 0.05, 10, "degrees");

    /**
     * Two spans over k and k + 1 teeth.
     *
     * @param teethSpanned  k
     * @param shorterMm     W_k (mm)
     * @param longerMm      W_{k+1} (mm), larger
     * @param uncertaintyMm standard uncertainty of one span (mm), usually 0.02
     */
    public record Spans(int teethSpanned, double shorterMm, double longerMm, double uncertaintyMm) {
        public static final Range SPANNED =
                Range.count("teethSpanned", "number of teeth spanned", 2, 200);
        public static final Range SPAN = Range.of("shorterMm", "span", 0.2, 2000, "mm");
        public static final Range UNCERTAINTY =
                Range.of("uncertaintyMm", "uncertainty of a span", 0.001, 1, "mm");

        private static final double LEAST_UNCERTAINTY_MM = 0.02;

        public Spans {
            Refused.ifAny(
                    SPANNED.judge(teethSpanned),
                    SPAN.judge(shorterMm),
                    SPAN.named("longerMm", "span over one more tooth").judge(longerMm),
                    UNCERTAINTY.judge(uncertaintyMm));
            if (longerMm <= shorterMm) {
                throw Refused.because(
                        "longerMm",
                        "The span over %d teeth, %s mm, must be larger than over %d teeth, %s mm. Were they exchanged?"
                                .formatted(
                                        teethSpanned + 1,
                                        PlainDigits.exact(longerMm),
                                        teethSpanned,
                                        PlainDigits.exact(shorterMm)));
            }
        }

        /** Standard uncertainty of one span (mm): never better than 0.02, whatever the gauge says. Common practice, no source. */
        public static double uncertaintyWith(Gauge gauge) {
            return Math.max(LEAST_UNCERTAINTY_MM, gauge.standardUncertaintyMm());
        }

        /** p_bn = W_{k+1} − W_k (mm). */
        public double basePitchMm() {
            return longerMm - shorterMm;
        }
    }

    /** @throws Refused naming every value out of its range */
    public UnknownGear {
        possibleTeeth = List.copyOf(possibleTeeth);
        if (possibleTeeth.isEmpty()) {
            throw Refused.because("teeth", "Number of teeth is missing. Count them once round.");
        }
        possibleTeeth.forEach(z -> Refused.ifAny(TEETH.judge(z)));
        Refused.ifAny(
                TIP.judge(tipDiameterMm),
                TIP_UNCERTAINTY.judge(tipUncertaintyMm),
                tipHelixDeg.flatMap(HELIX::judge),
                HELIX_UNCERTAINTY.judge(helixUncertaintyDeg));
        spans.ifPresent(s -> refuseLongSpan(s, tipDiameterMm));
    }

    private static void refuseLongSpan(Spans spans, double tip) {
        if (spans.longerMm() >= tip) {
            throw Refused.because(
                    "longerMm",
                    "A span of %s mm is longer than the gear, %s mm. Measure again, or check the unit."
                            .formatted(
                                    PlainDigits.exact(spans.longerMm()), PlainDigits.exact(tip)));
        }
    }

    /** The helix measured at the tips brought to the reference circle: tan β = tan β_a d/d_a (degrees). */
    @PublicRule(
            at = "identify/helix-of-a-rub",
            title = "Helix from a rub",
            says = "Helix at the reference circle from its angle at the tip.",
            source = "geometry")
    public static double helixAtReferenceDeg(
            double tipHelixDeg, double referenceDiameterMm, double tipDiameterMm) {
        Refused.ifAny(REFERENCE.judge(referenceDiameterMm), TIP.judge(tipDiameterMm));
        return Math.toDegrees(
                Math.atan(
                        Math.tan(Math.toRadians(tipHelixDeg))
                                * referenceDiameterMm
                                / tipDiameterMm));
    }

    /** Module a full-depth spur gear of this size would have, d_a/(z + 2) (mm): a first look, never a decision. */
    public double quickModuleMm() {
        double module = tipDiameterMm / (possibleTeeth.get(0) + 2);
        return Math.max(CylindricalGear.MODULE.low(), module);
    }
}
