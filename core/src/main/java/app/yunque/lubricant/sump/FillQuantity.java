package app.yunque.lubricant.sump;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * The oil that brings a dry sump to its line: what the sump holds up to the level, less what gears, shafts and bearings
 * displace.
 *
 * <p>Source: geometry. The effective radius of a gear, (d_a + d_f)/4, holds within 0.4 % of a whole involute gear.
 *
 * @param litres          net quantity (L)
 * @param grossLitres     the empty sump up to the line (L)
 * @param displacedLitres what the parts take away (L)
 * @param litresPerMm     change for a millimetre of level (L/mm)
 * @param dips            how deep each part dips
 * @param warnings        parts that dip too deep or not at all
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

    /** Share of the height from which hot oil has no room left. */
    private static final double NEARLY_FULL = 0.95;

    /**
     * @param part            name of the part
     * @param dipMm           depth of its lowest point below the level (mm), 0 when dry
     * @param displacedLitres what it takes away (L)
     */
    public record Dip(String part, double dipMm, double displacedLitres) {}

    /**
     * @param sump    the inside of the sump
     * @param levelMm oil level above the lowest floor point (mm), inside the sump
     * @param parts   parts that may dip; none for a sump measured by filling, where they are counted already
     * @throws Refused for a level outside the sump, or parts that displace more than it holds
     */
    public static FillQuantity of(SumpShape sump, double levelMm, List<? extends Immersed> parts) {
        double gross = sump.litres(levelMm);
        List<? extends Immersed> counted = sump instanceof PouredSump ? List.of() : parts;
        var dips =
                counted.stream()
                        .map(
                                p ->
                                        new Dip(
                                                p.name(),
                                                p.dipMm(levelMm),
                                                p.displacedMm3(levelMm) / MM3_PER_L))
                        .toList();
        double displaced = dips.stream().mapToDouble(Dip::displacedLitres).sum();
        if (!(displaced < gross)) {
            throw Refused.because(
                    "levelMm",
                    "The parts displace %s L, more than the sump holds at this level (%s L). Check the dimensions of the sump."
                            .formatted(
                                    PlainDigits.rounded(displaced, 2),
                                    PlainDigits.rounded(gross, 2)));
        }
        return new FillQuantity(
                gross - displaced,
                gross,
                displaced,
                litresPerMm(sump, levelMm, counted),
                dips,
                warnings(sump, parts, levelMm),
                working(sump, levelMm, gross, dips, displaced));
    }

    /**
     * The level that so many litres of oil reach with the parts in place (mm), by bisection.
     *
     * @throws Refused when the sump holds less
     */
    public static double levelMm(SumpShape sump, double litres, List<? extends Immersed> parts) {
        double low = 0;
        double high = sump.heightMm();
        double whole = net(sump, high, parts);
        if (!(litres >= 0 && litres <= whole)) {
            throw Refused.because(
                    "litres",
                    "%s L is outside 0 to %s L, what the case holds up to its joint."
                            .formatted(PlainDigits.exact(litres), PlainDigits.rounded(whole, 2)));
        }
        for (int i = 0; i < 100; i++) {
            double middle = (low + high) / 2;
            if (net(sump, middle, parts) < litres) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /**
     * The level that so many litres reach in a box with gears in it (mm).
     *
     * @throws Refused when the box holds less
     */
    @PublicRule(
            at = "lubricant/level-of-litres",
            title = "Level of an amount",
            says = "How high so many litres stand in a box with its gears in place.",
            source = "geometry")
    public static double levelInBoxMm(SumpShape.Box box, double litres, List<ImmersedGear> gears) {
        return levelMm(box, litres, gears);
    }

    /** Litres of oil at a level, never below 0 (L). */
    public static double net(SumpShape sump, double levelMm, List<? extends Immersed> parts) {
        double displaced =
                sump instanceof PouredSump
                        ? 0
                        : parts.stream().mapToDouble(p -> p.displacedMm3(levelMm)).sum();
        return Math.max(0, (sump.volumeMm3(levelMm) - displaced) / MM3_PER_L);
    }

    private static double litresPerMm(
            SumpShape sump, double levelMm, List<? extends Immersed> parts) {
        double above = Math.min(sump.heightMm(), levelMm + 0.5);
        double below = Math.max(0, above - 1);
        return (net(sump, above, parts) - net(sump, below, parts)) / (above - below);
    }

    private static List<String> warnings(
            SumpShape sump, List<? extends Immersed> parts, double levelMm) {
        var warnings = new ArrayList<String>();
        var gears =
                parts.stream()
                        .filter(ImmersedGear.class::isInstance)
                        .map(ImmersedGear.class::cast)
                        .toList();
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
        if (levelMm > NEARLY_FULL * sump.heightMm()) {
            warnings.add("Nearly full: hot oil needs room, about 4 % of its volume for 50 K.");
        }
        return warnings;
    }

    private static Working working(
            SumpShape sump, double levelMm, double gross, List<Dip> dips, double displaced) {
        var lines = new ArrayList<Working.Line>();
        lines.add(
                line(
                        "V = " + sump.formula(),
                        "h = %s mm: V = %s L"
                                .formatted(
                                        PlainDigits.rounded(levelMm, 1),
                                        PlainDigits.rounded(gross, 3))));
        for (var dip : dips) {
            if (dip.dipMm() > 0) {
                lines.add(
                        line(
                                "− segment(r, dip) · b, what it displaces",
                                "%s dips %s mm: %s L"
                                        .formatted(
                                                dip.part(),
                                                PlainDigits.rounded(dip.dipMm(), 1),
                                                PlainDigits.rounded(dip.displacedLitres(), 3))));
            }
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
                "Geometry; gears as solid discs of mean tooth height, r_e = (d_a + d_f)/4",
                List.of(
                        "The level mark wins over any computed quantity: fill nearly all, run, wait ten minutes, correct"
                                + " at the mark.",
                        "What hangs on walls and in bearings is not counted: the mark shows the difference."));
    }
}
