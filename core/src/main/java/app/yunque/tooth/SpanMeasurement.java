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
import java.util.stream.IntStream;

/**
 * The base tangent length W over k teeth of a gear: what two flat parallel jaws read across several teeth.
 *
 * <p>W_k = m_n cos α_n [π (k − ½) + z inv α_t + 2 x tan α_n]. The reading is the same wherever the jaws touch, as
 * long as both touch involute: no peak has to be searched for.
 *
 * <p>Source: ISO 21771 and DIN 3960, from memory; the extra width b_M of the jaws on a helical gear from memory of
 * DIN 3960.
 *
 * @param teethSpanned      k
 * @param spanMm            W_k (mm)
 * @param contactDiameterMm diameter at which the jaws touch (mm), between base and tip circle
 * @param neededFaceWidthMm face width below which one jaw of a helical gear hangs in the air (mm)
 * @param working           formula and numbers
 */
public record SpanMeasurement(
        int teethSpanned,
        double spanMm,
        double contactDiameterMm,
        double neededFaceWidthMm,
        Working working) {
    public static final Range TEETH_SPANNED =
            Range.count("teethSpanned", "number of teeth spanned", 2, 400);
    private static final String SOURCE = "ISO 21771 and DIN 3960, base tangent length, from memory";

    /**
     * @param teethSpanned k, 2 or more, such that the jaws touch between base and tip circle
     * @throws Refused for a k outside 2 to 400
     * @throws NotApplicable when the jaws would miss sound flank or each other; the message says which k would do
     */
    public static SpanMeasurement of(CylindricalGear gear, int teethSpanned) {
        Refused.ifAny(TEETH_SPANNED.judge(teethSpanned));
        var span = unchecked(gear, teethSpanned);
        if (!touchesFlank(gear, span)) {
            throw new NotApplicable(
                    "span measurement",
                    "Over "
                            + teethSpanned
                            + " teeth the jaws would touch at a diameter of "
                            + PlainDigits.rounded(span.contactDiameterMm, 2)
                            + " mm, outside the flank ("
                            + PlainDigits.rounded(gear.baseDiameterMm(), 2)
                            + " to "
                            + PlainDigits.rounded(gear.tipDiameterMm(), 2)
                            + " mm).",
                    adviceFor(gear));
        }
        if (gear.faceWidthMm() < span.neededFaceWidthMm) {
            throw new NotApplicable(
                    "span measurement",
                    "Face width "
                            + PlainDigits.exact(gear.faceWidthMm())
                            + " mm is too narrow: on this helix the two jaws touch "
                            + PlainDigits.rounded(axialOffsetMm(gear, span.spanMm), 2)
                            + " mm apart along the face and need "
                            + PlainDigits.rounded(span.neededFaceWidthMm, 2)
                            + " mm.",
                    "Measure over two balls instead.");
        }
        return span;
    }

    /**
     * The number of teeth to span: the one whose jaws touch nearest the middle of the flank, on the circle d + 2 x
     * m_n, with one more or one fewer where that one fails.
     *
     * @throws NotApplicable when no whole number of teeth gives sound contact
     */
    @PublicRule(
            at = "tooth/teeth-to-span",
            title = "Teeth to span",
            says = "Over how many teeth, or spaces of a ring, a span is measured best.",
            source = "ISO 21771, from memory")
    public static int teethToSpan(CylindricalGear gear) {
        int nearest = Math.max(2, (int) Math.rint(idealTeethSpanned(gear)));
        return IntStream.of(nearest, nearest + 1, nearest - 1)
                .filter(k -> k >= 2 && isMeasurable(gear, k))
                .findFirst()
                .orElseThrow(
                        () ->
                                new NotApplicable(
                                        "span measurement",
                                        "No span of whole teeth touches sound flank on this gear.",
                                        "Measure over pins or balls, or with the gear-tooth caliper."));
    }

    /** k₀ = (z/π)[tan α_v/cos²β_b − inv α_t − (2x/z) tan α_n] + ½, with cos α_v = d_b/(d + 2 x m_n). */
    static double idealTeethSpanned(CylindricalGear gear) {
        double z = gear.teeth();
        double dV = gear.referenceDiameterMm() + 2 * gear.profileShift() * gear.normalModuleMm();
        double tanV = Math.tan(Math.acos(Math.min(1, gear.baseDiameterMm() / dV)));
        double cosB = Math.cos(gear.baseHelixAngleRad());
        return z
                        / Math.PI
                        * (tanV / (cosB * cosB)
                                - Involute.of(gear.transversePressureAngleRad())
                                - 2
                                        * gear.profileShift()
                                        / z
                                        * Math.tan(gear.normalPressureAngleRad()))
                + 0.5;
    }

    private static boolean isMeasurable(CylindricalGear gear, int k) {
        var span = unchecked(gear, k);
        return touchesFlank(gear, span) && gear.faceWidthMm() >= span.neededFaceWidthMm;
    }

    private static boolean touchesFlank(CylindricalGear gear, SpanMeasurement span) {
        double innermost = Math.max(gear.baseDiameterMm(), gear.rootDiameterMm());
        return innermost < span.contactDiameterMm && span.contactDiameterMm < gear.tipDiameterMm();
    }

    private static SpanMeasurement unchecked(CylindricalGear gear, int k) {
        double mn = gear.normalModuleMm();
        double alphaN = gear.normalPressureAngleRad();
        double invT = Involute.of(gear.transversePressureAngleRad());
        double w =
                mn
                        * Math.cos(alphaN)
                        * (Math.PI * (k - 0.5)
                                + gear.teeth() * invT
                                + 2 * gear.profileShift() * Math.tan(alphaN));
        double contact = Math.hypot(gear.baseDiameterMm(), w * Math.cos(gear.baseHelixAngleRad()));
        return new SpanMeasurement(k, w, contact, neededFaceWidthMm(gear, w), working(gear, k, w));
    }

    private static double axialOffsetMm(CylindricalGear gear, double w) {
        return w * Math.sin(gear.baseHelixAngleRad());
    }

    private static double neededFaceWidthMm(CylindricalGear gear, double w) {
        if (gear.helixAngleDeg() == 0) {
            return 0;
        }
        double jaw = 1.2 + 0.018 * w;
        return axialOffsetMm(gear, w) + jaw * Math.cos(gear.baseHelixAngleRad());
    }

    private static String adviceFor(CylindricalGear gear) {
        int nearest = Math.max(2, (int) Math.rint(idealTeethSpanned(gear)));
        return isMeasurable(gear, nearest)
                ? "Span " + nearest + " teeth."
                : "Measure over pins or balls, or with the gear-tooth caliper.";
    }

    private static Working working(CylindricalGear gear, int k, double w) {
        var numbers =
                "%s × cos %s° × [π × (%d − 0.5) + %d × %s + 2 × %s × tan %s°] = %s mm"
                        .formatted(
                                PlainDigits.exact(gear.normalModuleMm()),
                                PlainDigits.exact(gear.pressureAngleDeg()),
                                k,
                                gear.teeth(),
                                PlainDigits.rounded(
                                        Involute.of(gear.transversePressureAngleRad()), 7),
                                PlainDigits.exact(gear.profileShift()),
                                PlainDigits.exact(gear.pressureAngleDeg()),
                                PlainDigits.rounded(w, 4));
        return new Working(
                List.of(
                        line("W = mₙ cos αₙ [π (k − ½) + z inv αₜ + 2 x tan αₙ]", numbers),
                        line(
                                "k from the flank's middle",
                                "k₀ = "
                                        + PlainDigits.rounded(idealTeethSpanned(gear), 2)
                                        + "; the reading is the same wherever the jaws touch involute")),
                SOURCE,
                List.of(
                        "Over pins or balls: for odd shapes, narrow helical gears and rings, where a span cannot"
                                + " be taken.",
                        "Gear-tooth caliper: quick, but it leans on the tip diameter and is only good to about"
                                + " 0.03 mm."));
    }
}
