package app.yunque.lubricant.interval;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Flushing and drawing: share of old oil after k fills c = (r/(r + f))^k, containers with the least left over and then the
 * fewest of them, cold fill for a hot mark. Source: arithmetic; the share to reach common practice.
 */
public final class OilChange {
    public static final Range HOT = Range.of("hotDegC", "temperature when hot", -60, 250, "°C");
    public static final Range COLD =
            Range.of("fillDegC", "temperature when filled", -60, 250, "°C");
    public static final Range AT_MARK =
            Range.of("litresAtMark", "litres at the mark", 0, 100000, "L");
    public static final Range FILLED_COLD =
            Range.of("litresCold", "litres filled cold", 0, 100000, "L");
    public static final Range SHARE_LEFT =
            Range.of("shareLeft", "share of old oil that stays", 0, 1, "");
    public static final Range DRAWN = Range.of("coldL", "litres filled cold", 0, 100000, "L");
    public static final Range RESERVE = Range.of("reserve", "reserve", 0, 1, "");

    public static final Range RESIDUE =
            Range.of("residueL", "oil that stays in the box", 0, 10_000, "L");
    public static final Range FILL = Range.of("fillL", "one fill", 0.01, 100_000, "L");
    public static final Range SHARE =
            Range.of("share", "share of old oil that may stay", 0.0001, 0.5, "");
    public static final Range NEEDED = Range.of("litres", "litres needed", 0.01, 5000, "L");
    public static final Range CONTAINER = Range.count("sizes", "litres of a container", 1, 2000);
    private static final double WHOLE = 1e-9;

    /** Litres of the containers oil usually comes in. Common practice, no source. */
    public static final List<Integer> USUAL_CONTAINERS = List.of(1, 4, 5, 20);

    /** Share of the old kind that may stay when another one goes in. Common practice, no source. */
    public static final double LITTLE = 0.01;

    private OilChange() {}

    /** Litres to draw from the store: what goes in, with a reserve (a share); never less than the smallest there is. */
    @PublicRule(
            at = "lubricant/to-draw",
            title = "What to draw",
            says = "Litres to draw from the store, with a reserve.",
            source = "common practice, no source")
    public static double drawn(double coldL, double residueL, double reserve) {
        Refused.ifAny(DRAWN.judge(coldL), RESIDUE.judge(residueL), RESERVE.judge(reserve));
        return Math.max(NEEDED.low(), (coldL - residueL) * (1 + reserve));
    }

    /** Fills that leave little of what is in the box, the last one counted; 1 where nothing or everything is left. */
    @PublicRule(
            at = "lubricant/fills-for-another-kind",
            title = "Fills for another kind",
            says = "How many fills until another kind may stand.",
            source = "dilution")
    public static int fillsForAnotherKind(double fillL, double shareLeft) {
        Refused.ifAny(SHARE_LEFT.judge(shareLeft));
        return shareLeft > 0 && shareLeft < 1
                ? fillsNeeded(fillL * shareLeft / (1 - shareLeft), fillL, LITTLE)
                : 1;
    }

    /** Share of old oil after k fills, the last one counted. */
    @PublicRule(
            at = "lubricant/old-share",
            title = "Share of old oil",
            says = "How much of the old oil is left after some fills.",
            source = "dilution")
    public static double oldShare(double residueL, double fillL, int fills) {
        Refused.ifAny(RESIDUE.judge(residueL), FILL.judge(fillL));
        return Math.pow(residueL / (residueL + fillL), fills);
    }

    /** Fills until no more than a share of the old oil stays, the last one counted. */
    @PublicRule(
            at = "lubricant/fills-needed",
            title = "Fills needed",
            says = "How many fills until no more than a share is old.",
            source = "dilution")
    public static int fillsNeeded(double residueL, double fillL, double share) {
        Refused.ifAny(RESIDUE.judge(residueL), FILL.judge(fillL), SHARE.judge(share));
        int fills = 1;
        while (oldShare(residueL, fillL, fills) > share + WHOLE) {
            fills++;
        }
        return fills;
    }

    /** Litres to fill cold so that the hot oil reaches its mark: V/(1 + α (t_hot − t_fill)). */
    @PublicRule(
            at = "lubricant/cold-litres",
            title = "Litres to fill cold",
            says = "What is filled cold so that the level stands when hot.",
            source = "density")
    public static double coldLitres(
            double litresAtMark, BaseOil base, double hotDegC, double fillDegC) {
        Refused.ifAny(AT_MARK.judge(litresAtMark), HOT.judge(hotDegC), COLD.judge(fillDegC));
        return litresAtMark / (1 + base.expansionPerKelvin() * (hotDegC - fillDegC));
    }

    /** Litres the oil takes at its working temperature: V (1 + α (t_hot − t_fill)). */
    @PublicRule(
            at = "lubricant/hot-litres",
            title = "Litres when hot",
            says = "What was filled cold comes to when hot.",
            source = "density")
    public static double hotLitres(
            double litresCold, BaseOil base, double hotDegC, double fillDegC) {
        Refused.ifAny(FILLED_COLD.judge(litresCold), HOT.judge(hotDegC), COLD.judge(fillDegC));
        return litresCold * (1 + base.expansionPerKelvin() * (hotDegC - fillDegC));
    }

    /**
     * Litres to pour where some of the old oil is still in the box (L).
     *
     * @throws Refused when more is left than the box holds at its line
     */
    @PublicRule(
            at = "lubricant/to-fill",
            title = "What goes in",
            says = "What goes in where some stays.",
            source = "difference")
    public static double toFill(double neededL, double residueL) {
        Refused.ifAny(RESIDUE.judge(residueL));
        if (residueL > neededL) {
            throw Refused.because(
                    "residueL",
                    "%s L are left in the box, more than the %s L it holds at this line. Check both."
                            .formatted(
                                    PlainDigits.exact(residueL), PlainDigits.rounded(neededL, 2)));
        }
        return neededL - residueL;
    }

    /**
     * Containers to draw, largest first: the least left over, then the fewest, then the larger ones.
     *
     * @param litres needed (L)
     * @param sizes  whole litres of the containers there are
     */
    @PublicRule(
            at = "lubricant/containers",
            title = "Which containers",
            says = "Containers that hold an amount with least left over.",
            source = "enumeration")
    public static List<Integer> containers(double litres, List<Integer> sizes) {
        Refused.ifAny(NEEDED.judge(litres));
        sizes.forEach(size -> Refused.ifAny(CONTAINER.judge(size)));
        int wanted = (int) Math.ceil(litres - WHOLE);
        int top = wanted + sizes.stream().max(Comparator.naturalOrder()).orElse(1);
        var best = new ArrayList<List<Integer>>();
        best.add(List.of());
        for (int total = 1; total <= top; total++) {
            List<Integer> found = null;
            for (int size : sizes) {
                if (size <= total && best.get(total - size) != null) {
                    var candidate = new ArrayList<>(best.get(total - size));
                    candidate.add(size);
                    candidate.sort(Comparator.reverseOrder());
                    if (found == null || isBetter(candidate, found)) {
                        found = candidate;
                    }
                }
            }
            best.add(found);
        }
        for (int total = wanted; total <= top; total++) {
            if (best.get(total) != null) {
                return List.copyOf(best.get(total));
            }
        }
        throw Refused.because("litres", "No container is on the shelf. Enter their sizes.");
    }

    private static boolean isBetter(List<Integer> one, List<Integer> two) {
        if (one.size() != two.size()) {
            return one.size() < two.size();
        }
        for (int i = 0; i < one.size(); i++) {
            if (!one.get(i).equals(two.get(i))) {
                return one.get(i) > two.get(i);
            }
        }
        return false;
    }
}
