package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.gear.GearPair;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import app.yunque.mesh.ActualTeeth;
import app.yunque.mesh.CentreDistance;
import java.util.List;

/**
 * What a slip of paper laid over the teeth really leaves when the gears are pushed home and it is pulled out: it covers
 * both flanks, so j_bn = 2 t, not t. Source: derived; squeezed paper is 10 to 20 % thinner, common practice.
 *
 * @param normalMm          j_bn left (mm)
 * @param circumferentialMm j_wt left (mm)
 * @param centresOpenedMm   how far the slip opened the centres (mm), exact
 * @param sentence          the same in words, beside the rule of 0.03 to 0.10 mm of change gears
 * @param working           formula and numbers
 */
public record PaperSlip(
        double normalMm,
        double circumferentialMm,
        double centresOpenedMm,
        String sentence,
        Working working) {
    public static final Range THICKNESS =
            Range.of("thicknessMm", "thickness of the slip, squeezed", 0.005, 1, "mm");

    /** @param pair the pair without backlash at its centre distance; its own backlash is not counted */
    @PublicRule(
            at = "backlash/paper-slip",
            title = "Backlash of a paper slip",
            says = "What a slip of paper between the teeth really gives.")
    public static PaperSlip of(GearPair pair, double thicknessMm) {
        Refused.ifAny(THICKNESS.judge(thicknessMm));
        double normal = 2 * thicknessMm;
        double along = normal / Backlash.normalPerCircumferential(pair);
        double opened = opened(pair, normal);
        return new PaperSlip(
                normal,
                along,
                opened,
                "A slip of %s mm leaves about %s mm along the circle: twice its thickness, because it lies on both flanks."
                        .formatted(PlainDigits.exact(thicknessMm), PlainDigits.rounded(along, 2)),
                new Working(
                        List.of(
                                line(
                                        "j_bn = 2 t",
                                        "2 × %s = %s mm"
                                                .formatted(
                                                        PlainDigits.exact(thicknessMm),
                                                        PlainDigits.rounded(normal, 3))),
                                line(
                                        "j_wt = 2 t / (cos α_wt cos β_b)",
                                        PlainDigits.rounded(along, 4) + " mm"),
                                line(
                                        "centres opened, solved for a",
                                        PlainDigits.rounded(opened, 4)
                                                + " mm (first order t / sin α_wt)")),
                        "derived from the involute mesh, ISO 21771",
                        List.of(
                                "For change gears of module 1 to 2 the usual backlash is 0.03 to 0.10 mm (common"
                                        + " practice): one writing paper a flank gives two to six times that, safe but"
                                        + " noisy. Tissue or foil of 0.03 mm comes closer.")));
    }

    /** Teeth thickened by the paper touch at a larger centre distance. */
    private static double opened(GearPair pair, double normalMm) {
        double perTooth = normalMm / Math.cos(pair.pinion().normalPressureAngleRad());
        var tight =
                CentreDistance.of(
                        ActualTeeth.nominal(pair.pinion()), ActualTeeth.nominal(pair.wheel()));
        var papered =
                CentreDistance.of(
                        ActualTeeth.thinnedBy(pair.pinion(), -perTooth),
                        ActualTeeth.nominal(pair.wheel()));
        return papered.withoutBacklashMm() - tight.withoutBacklashMm();
    }
}
