package app.yunque.lubricant;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * The oil that brings a dry box-shaped sump to its line: length times width times level, less what the gears displace.
 *
 * <p>Source: geometry. The effective radius of a gear, (d_a + d_f)/4, holds within 0.4 % of a whole involute gear.
 *
 * @param litres          net quantity (L)
 * @param grossLitres     the empty sump up to the line (L)
 * @param displacedLitres what the gears take away (L)
 * @param litresPerMm     change for a millimetre of level (L/mm)
 * @param dips            how deep each gear dips
 * @param warnings        gears that dip too deep or not at all
 * @param working         formula and numbers
 */
public record FillQuantity(
        double litres,
        double grossLitres,
        double displacedLitres,
        double litresPerMm,
        List<Dip> dips,
        List<String> warnings,
        Working working) {
    private static final double MM3_PER_L = 1e6;

    /**
     * @param gear      name of the gear
     * @param dipMm     depth of its tip below the level (mm), 0 when dry
     * @param displacedLitres what it takes away (L)
     */
    public record Dip(String gear, double dipMm, double displacedLitres) {}

    /**
     * @param sump    the box
     * @param levelMm oil level above the lowest floor point (mm), above 0 and inside the box
     * @param gears   gears that may dip
     * @throws Refused for a level outside the box, or gears that displace more than it holds
     */
    public static FillQuantity of(RectangularSump sump, double levelMm, List<ImmersedGear> gears) {
        sump.refuseOutside(levelMm);
        double gross = sump.volumeMm3(levelMm) / MM3_PER_L;
        var dips =
                gears.stream()
                        .map(
                                g ->
                                        new Dip(
                                                g.name(),
                                                g.dipMm(levelMm),
                                                g.displacedMm3(levelMm) / MM3_PER_L))
                        .toList();
        double displaced = dips.stream().mapToDouble(Dip::displacedLitres).sum();
        if (!(displaced < gross)) {
            throw Refused.because(
                    "levelMm",
                    "The gears displace %s L, more than the sump holds at this level (%s L). Check the dimensions of"
                                    .formatted(
                                            PlainDigits.rounded(displaced, 2),
                                            PlainDigits.rounded(gross, 2))
                            + " the sump.");
        }
        return new FillQuantity(
                gross - displaced,
                gross,
                displaced,
                sump.volumeMm3(1) / MM3_PER_L,
                dips,
                warnings(gears, levelMm),
                working(sump, levelMm, gross, dips, displaced));
    }

    private static List<String> warnings(List<ImmersedGear> gears, double levelMm) {
        var warnings = new ArrayList<String>();
        if (!gears.isEmpty() && gears.stream().allMatch(g -> g.dipMm(levelMm) == 0)) {
            warnings.add("No gear reaches the oil at this level: the teeth would run dry.");
        }
        for (var gear : gears) {
            if (gear.dipMm(levelMm) > gear.tipDiameterMm() / 2) {
                warnings.add(
                        "The shaft of "
                                + gear.name()
                                + " stands in the oil: the box will churn and heat.");
            }
        }
        return warnings;
    }

    private static Working working(
            RectangularSump sump, double levelMm, double gross, List<Dip> dips, double displaced) {
        var lines = new ArrayList<Working.Line>();
        lines.add(
                line(
                        "V = L · W · h",
                        "%s × %s × %s mm = %s L"
                                .formatted(
                                        PlainDigits.exact(sump.lengthMm()),
                                        PlainDigits.exact(sump.widthMm()),
                                        PlainDigits.exact(levelMm),
                                        PlainDigits.rounded(gross, 3))));
        for (var dip : dips) {
            lines.add(
                    line(
                            "− segment(r_e, dip) · b, r_e = (d_a + d_f)/4",
                            "%s dips %s mm: %s L"
                                    .formatted(
                                            dip.gear(),
                                            PlainDigits.rounded(dip.dipMm(), 1),
                                            PlainDigits.rounded(dip.displacedLitres(), 3))));
        }
        lines.add(
                line(
                        "V_net = V − Σ V_displaced",
                        "%s − %s = %s L"
                                .formatted(
                                        PlainDigits.rounded(gross, 3),
                                        PlainDigits.rounded(displaced, 3),
                                        PlainDigits.rounded(gross - displaced, 3))));
        return new Working(
                lines,
                "Geometry; gears as solid discs of mean tooth height",
                List.of(
                        "The level mark wins over any computed quantity: fill nearly all, run, wait ten minutes, correct"
                                + " at the mark.",
                        "Shafts and bearings below the line are not counted here: the mark shows the difference."));
    }
}
