package app.yunque.tooth;

import static app.yunque.measure.Working.line;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Involute;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Gauge;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.UnitSlip;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import app.yunque.measure.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How much tooth a span measurement says is missing.
 *
 * <p>s_n = W/cos α_n − m_n [π (k − 1) + z inv α_t]; wear at the reference circle Δs_n = (W_ref − W)/cos α_n, the sum
 * over two flanks, at the worst of the places measured: a good mean says nothing about the worst tooth. Reference: the maker's span or the span of an unworn place of the same gear where known, else the
 * nominal span of the drawing, which is thinned for backlash on a real gear and so counts a little wear that never
 * happened.
 *
 * <p>Source: ISO 21771, from memory; limits of {@link ServiceDuty}; verdict after ISO 14253-1.
 *
 * @param worstSpanMm     smallest of the readings W, which is judged (mm)
 * @param meanSpanMm      mean of the readings (mm)
 * @param spreadMm        largest less smallest reading (mm)
 * @param referenceSpanMm span of the unworn gear W_ref (mm)
 * @param thicknessMm     remaining normal tooth thickness s_n at the reference circle (mm)
 * @param wearMm          thickness lost Δs_n (mm); negative when thicker than the reference
 * @param wearPercent     the same in per cent of the reference thickness
 * @param uncertaintyMm   expanded uncertainty of the wear (mm)
 * @param uncertaintyPercent the same in per cent
 * @param watchPercent    from here the gear is watched (%)
 * @param renewPercent    from here the gear is renewed (%)
 * @param verdict         against the renewal limit
 * @param zone            the zone it counts as; null when it has to be measured again
 * @param coarse          true where it is known too coarsely to overrule a feel
 * @param sentence        the verdict in words
 *
 * @param warnings        doubts about the readings themselves
 * @param working         formula and numbers
 */
public record ToothWear(
        double worstSpanMm,
        double meanSpanMm,
        double spreadMm,
        double referenceSpanMm,
        double thicknessMm,
        double wearMm,
        double wearPercent,
        double uncertaintyMm,
        double uncertaintyPercent,
        double watchPercent,
        double renewPercent,
        Verdict verdict,
        @Nullable Zone zone,
        boolean coarse,
        String sentence,
        List<String> warnings,
        Working working) {
    public static final Range SPAN = Range.of("readings", "span", 0.1, 5000, "mm");
    public static final Range REFERENCE_SPAN =
            Range.of("referenceSpanMm", "span of the unworn gear", 0.1, 5000, "mm");

    private static final double LEAST_SHARE = 0.2;
    private static final double MOST_SHARE = 1.8;

    /**
     * @param teethSpanned      k
     * @param readings          spans at one or more places round the gear (mm)
     * @param gauge             the caliper or micrometer
     * @param referenceSpanMm   span of the unworn gear (mm); empty takes the nominal span
     * @param duty              sets the limits
     * @param makersRenewalPercent the maker's own renewal limit (%), which overrules the duty's; may be empty
     * @throws Refused when a reading means an impossible tooth, with what k − 1 and k + 1 would mean
     */
    public static ToothWear bySpan(
            CylindricalGear gear,
            int teethSpanned,
            RepeatedReadings readings,
            Gauge gauge,
            Optional<Double> referenceSpanMm,
            ServiceDuty duty,
            Optional<Double> makersRenewalPercent) {
        var nominal = SpanMeasurement.of(gear, teethSpanned);
        Refused.ifAny(
                SPAN.judge(readings.smallestMm()),
                SPAN.judge(readings.largestMm()),
                referenceSpanMm.flatMap(REFERENCE_SPAN::judge));
        double cosN = Math.cos(gear.normalPressureAngleRad());
        double reference = referenceSpanMm.orElse(nominal.spanMm());
        double thicknessRef = thicknessMm(gear, teethSpanned, reference);
        double thickness = thicknessMm(gear, teethSpanned, readings.smallestMm());
        var slip = UnitSlip.suspect(readings.meanMm(), reference);
        refuseImpossible(gear, teethSpanned, readings.smallestMm(), thickness, slip);

        var loss =
                ThicknessLoss.of(
                        gear,
                        thickness,
                        thicknessRef,
                        2 * wearUncertaintyMm(gauge, referenceSpanMm, cosN),
                        duty,
                        WearLimit.ToothMaterial.STEEL,
                        makersRenewalPercent);
        return new ToothWear(
                readings.smallestMm(),
                readings.meanMm(),
                readings.spreadMm(),
                reference,
                thickness,
                loss.lossMm(),
                loss.percent(),
                loss.uncertaintyMm(),
                loss.uncertaintyPercent(),
                loss.limit().watchPercent(),
                loss.limit().renewPercent(),
                loss.verdict(),
                loss.zone(),
                loss.coarse(),
                loss.sentence(),
                warnings(loss.lossMm(), loss.uncertaintyMm(), readings, gauge),
                working(
                        gear,
                        teethSpanned,
                        reference,
                        referenceSpanMm.isPresent(),
                        readings,
                        loss.lossMm()));
    }

    static double thicknessMm(CylindricalGear gear, int k, double span) {
        return span / Math.cos(gear.normalPressureAngleRad())
                - gear.normalModuleMm()
                        * (Math.PI * (k - 1)
                                + gear.teeth() * Involute.of(gear.transversePressureAngleRad()));
    }

    /** u(Δs) from both spans; a nominal reference counts as exact, which the working says. */
    private static double wearUncertaintyMm(Gauge gauge, Optional<Double> reference, double cosN) {
        double measured = RepeatedReadings.standardUncertaintyOfOneMm(gauge);
        double referenced = reference.isPresent() ? gauge.standardUncertaintyMm() : 0;
        return Math.hypot(measured, referenced) / cosN;
    }

    private static void refuseImpossible(
            CylindricalGear gear, int k, double span, double thickness, Optional<String> slip) {
        double nominal = gear.normalToothThicknessMm();
        if (thickness > LEAST_SHARE * nominal && thickness < MOST_SHARE * nominal) {
            return;
        }
        var sentence =
                "Span %s mm over %d teeth means a tooth %s mm thick, which is impossible (nominal %s mm)."
                        .formatted(
                                PlainDigits.rounded(span, 3),
                                k,
                                PlainDigits.rounded(thickness, 3),
                                PlainDigits.rounded(nominal, 3));
        var counts =
                " Over %d teeth it would mean %s mm, over %d teeth %s mm: was the count right?"
                        .formatted(
                                k - 1,
                                PlainDigits.rounded(thicknessMm(gear, k - 1, span), 3),
                                k + 1,
                                PlainDigits.rounded(thicknessMm(gear, k + 1, span), 3));
        throw Refused.because("readings", sentence + slip.map(s -> " " + s).orElse(counts));
    }

    static List<String> warnings(
            double wear, double uncertainty, RepeatedReadings readings, Gauge gauge) {
        var warnings = new ArrayList<String>();
        if (wear < -uncertainty) {
            warnings.add(
                    "The tooth measures thicker than the reference: check profile shift, teeth spanned and"
                            + " module.");
        }
        if (readings.count() < 3) {
            warnings.add("Wear is not even round a gear: measure at three places or more.");
        }
        if (readings.count() > 1 && readings.spreadMm() > 10 * gauge.resolutionMm()) {
            warnings.add(
                    "The readings spread by "
                            + PlainDigits.rounded(readings.spreadMm(), 3)
                            + " mm: look for a worn arc, a burr or a bent tooth.");
        }
        return warnings;
    }

    private static Working working(
            CylindricalGear gear,
            int k,
            double reference,
            boolean measuredReference,
            RepeatedReadings readings,
            double wear) {
        var from =
                measuredReference
                        ? "W_ref is the span entered for the unworn gear"
                        : "W_ref is the nominal span of the drawing, without thinning for backlash: a little"
                                + " of the wear may never have been there";
        return new Working(
                List.of(
                        line(
                                "Δsₙ = (W_ref − W) / cos αₙ",
                                "(%s − %s) / cos %s° = %s mm"
                                        .formatted(
                                                PlainDigits.rounded(reference, 4),
                                                PlainDigits.rounded(readings.smallestMm(), 4),
                                                PlainDigits.exact(gear.pressureAngleDeg()),
                                                PlainDigits.rounded(wear, 4))),
                        line("W over k = " + k + " teeth, worst of " + readings.count(), from),
                        line(
                                "U = 2 √(u_readings² + u_gauge²) / cos αₙ",
                                "95 %, after ISO 14253-1 guard bands")),
                "ISO 21771, from memory; limits: see the duty of the unit",
                List.of(
                        "The loss is the sum of two flanks. If only the drive flank is worn, its depth is"
                                + " Δs × cos α; if both, half of that.",
                        "Cranes and hoists condemn at 10 % on the first stage, 20 % on others (GB/T 6067.1, from"
                                + " memory)."));
    }
}
