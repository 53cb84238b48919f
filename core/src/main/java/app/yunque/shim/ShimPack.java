package app.yunque.shim;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Shims chosen from the shelf for a wanted thickness: fewest pieces, then nearest, then thinner, then more of the thicker ones; the second best beside it. Every
 * sum up to the target is looked at, so what is not found is not there. Source: whole numbers; more than five pieces common practice, no source.
 *
 * @param chosen  the pack; empty of shims where nothing is wanted; null where the shelf holds none within the tolerance
 * @param second  the second best; null where there is none
 * @param nearest sums beside the target that the shelf can make, where none is within the tolerance (µm)
 * @param told    verdict and words
 */
public record ShimPack(
        @Nullable Pack chosen, @Nullable Pack second, List<Integer> nearest, Told told) {
    public static final Range TARGET =
            Range.of("targetUm", "wanted thickness", -30_000, 30_000, "µm");
    public static final Range TOLERANCE = Range.of("toleranceUm", "tolerance", 0, 1000, "µm");
    public static final Range THICKNESS =
            new Range("thicknessUm", "thickness of a shim", 1, 20_000, "µm", true, "");
    public static final Range PIECES = Range.count("pieces", "shims of one thickness", 0, 50);
    private static final int MOST_SORTS = 24;
    private static final int MANY = 5;
    private static final int MOST_SUMS = 200_000;

    /**
     * Shims of one thickness.
     *
     * @param thicknessUm measured thickness (µm), whole
     * @param pieces      how many lie on the shelf
     */
    public record Stock(
            int thicknessUm,
            @Asks(value = "pieces of each", hint = "One for each thickness, in the same order.")
                    int pieces) {
        public Stock {
            Refused.ifAny(THICKNESS.judge(thicknessUm), PIECES.judge(pieces));
        }
    }

    /**
     * A pack.
     *
     * @param shims  of each thickness how many, thickest first
     * @param sumUm  together (µm)
     * @param pieces how many
     */
    public record Pack(
            List<Stock> shims,
            int sumUm,
            @Asks(value = "pieces of each", hint = "One for each thickness, in the same order.")
                    int pieces) {
        public Pack {
            shims = List.copyOf(shims);
        }

        /** "2 × 0.200 + 0.050 mm". */
        public String inWords() {
            return shims.isEmpty()
                    ? "no shim"
                    : shims.stream()
                                    .map(
                                            s ->
                                                    (s.pieces > 1 ? s.pieces + " × " : "")
                                                            + PlainDigits.rounded(
                                                                    s.thicknessUm / 1000.0, 3))
                                    .collect(Collectors.joining(" + "))
                            + " mm";
        }
    }

    public ShimPack {
        nearest = List.copyOf(nearest);
    }

    /**
     * @param stock       what lies on the shelf; equal thicknesses are added up
     * @param targetUm    wanted thickness (µm)
     * @param toleranceUm how far off it may be (µm)
     * @throws Refused when the pack would have to be negative
     */
    @PublicRule(
            at = "shim/pack",
            title = "Shims from the shelf",
            says =
                    "Fewest pieces for a wanted thickness, with the second best, or what the shelf comes nearest to.",
            sets = {"S-02", "S-03", "S-04", "S-07"})
    public static ShimPack of(
            @Asks("what lies on the shelf") List<Stock> stock,
            double targetUm,
            double toleranceUm) {
        Refused.ifAny(TARGET.judge(targetUm), TOLERANCE.judge(toleranceUm));
        if (targetUm < -toleranceUm) {
            throw Refused.because(
                    "targetUm",
                    "The pack cannot be negative: %s µm. Something else is wrong; measure the stack again."
                            .formatted(PlainDigits.exact(targetUm)));
        }
        var shelf = sorted(stock);
        var byRank =
                Comparator.comparingInt(Pack::pieces)
                        .thenComparingDouble(p -> Math.abs(p.sumUm - targetUm))
                        .thenComparingInt(Pack::sumUm)
                        .thenComparing(ShimPack::thickerFirst);
        var fitting = new ArrayList<Pack>();
        var sums = new ArrayList<Integer>();
        for (var pack :
                bestBySum(shelf, (int) Math.ceil(targetUm + toleranceUm) + thickest(shelf))) {
            sums.add(pack.sumUm);
            if (Math.abs(pack.sumUm - targetUm) <= toleranceUm) {
                fitting.add(pack);
            }
        }
        fitting.sort(byRank);
        if (fitting.isEmpty()) {
            return none(sums, targetUm, toleranceUm);
        }
        var best = fitting.get(0);
        var second = fitting.size() > 1 ? fitting.get(1) : null;
        var told =
                Told.of("every sum of the shelf; more than five pieces common practice, no source")
                        .verdict(Verdict.CLEAR_PASS)
                        .words("pack", "take", best.inWords())
                        .figure("sumMm", "together", best.sumUm / 1000.0, "mm", 3)
                        .figure("offMm", "off by", (best.sumUm - targetUm) / 1000, "mm", 3)
                        .figure("pieces", "pieces", best.pieces, "", 0)
                        .warnIf(
                                best.pieces > MANY,
                                "%d pieces are springy and drift: have one ground."
                                        .formatted(best.pieces))
                        .warn(
                                "Measure the finished pack with a micrometer; thick ones outside, thin ones inside. Edges of shims cut.")
                        .line(
                                "|Σ x_i t_i − T| ≤ tolerance, fewest pieces",
                                "%s = %s mm",
                                best.inWords(),
                                PlainDigits.rounded(best.sumUm / 1000.0, 3));
        if (second != null) {
            told.words(
                    "second",
                    "second best",
                    second.inWords()
                            + " = "
                            + PlainDigits.rounded(second.sumUm / 1000.0, 3)
                            + " mm");
        }
        return new ShimPack(
                best,
                second,
                List.of(),
                told.saying(
                        best.pieces == 0
                                ? "No shim at all."
                                : "Take %s, together %s mm."
                                        .formatted(
                                                best.inWords(),
                                                PlainDigits.rounded(best.sumUm / 1000.0, 3))));
    }

    private static ShimPack none(List<Integer> sums, double targetUm, double toleranceUm) {
        var below = sums.stream().filter(s -> s < targetUm).max(Integer::compare);
        var above = sums.stream().filter(s -> s > targetUm).min(Integer::compare);
        var nearest = List.of(below, above).stream().flatMap(Optional::stream).toList();
        return new ShimPack(
                null,
                null,
                nearest,
                Told.of("every sum of the shelf")
                        .verdict(Verdict.CLEAR_FAIL)
                        .line(
                                "|Σ x_i t_i − T| ≤ tolerance",
                                "no sum within ± %s µm of %s",
                                PlainDigits.exact(toleranceUm),
                                PlainDigits.exact(targetUm))
                        .saying(
                                "No pack from this shelf within ± %s mm: the nearest make %s mm. Grind one, or buy."
                                        .formatted(
                                                PlainDigits.exact(toleranceUm / 1000),
                                                nearest.stream()
                                                        .map(
                                                                s ->
                                                                        PlainDigits.rounded(
                                                                                s / 1000.0, 3))
                                                        .collect(Collectors.joining(" and ")))));
    }

    private static List<Stock> sorted(List<Stock> stock) {
        var merged =
                stock.stream()
                        .collect(Collectors.toMap(Stock::thicknessUm, Stock::pieces, Integer::sum));
        if (merged.size() > MOST_SORTS) {
            throw Refused.because(
                    "stock",
                    "%d thicknesses are more than %d. Leave out those that do not come into question."
                            .formatted(merged.size(), MOST_SORTS));
        }
        return merged.entrySet().stream()
                .map(e -> new Stock(e.getKey(), Math.min(50, e.getValue())))
                .sorted(Comparator.comparingInt(Stock::thicknessUm).reversed())
                .toList();
    }

    private static int thickest(List<Stock> shelf) {
        return shelf.isEmpty() ? 0 : shelf.get(0).thicknessUm;
    }

    /** For each sum that the shelf can make up to a limit, the pack of fewest pieces, of these the one with more of the thicker shims. */
    private static List<Pack> bestBySum(List<Stock> shelf, int upTo) {
        int limit = Math.min(upTo, MOST_SUMS);
        var best = new Pack[limit + 1];
        best[0] = new Pack(List.of(), 0, 0);
        for (var sort : shelf) {
            // From the top down, so that no pack takes more of one sort than the shelf has.
            for (int sum = limit; sum >= 0; sum--) {
                for (int n = 1; n <= sort.pieces && n * sort.thicknessUm <= sum; n++) {
                    var under = best[sum - n * sort.thicknessUm];
                    var now = best[sum];
                    if (under == null || now != null && under.pieces + n > now.pieces) {
                        continue;
                    }
                    var made = with(under, new Stock(sort.thicknessUm, n));
                    if (now == null || better(made, now)) {
                        best[sum] = made;
                    }
                }
            }
        }
        var all = new ArrayList<Pack>();
        for (var pack : best) {
            if (pack != null) {
                all.add(pack);
            }
        }
        return all;
    }

    private static Pack with(Pack under, Stock more) {
        var shims = new ArrayList<>(under.shims);
        shims.add(more);
        return new Pack(
                shims, under.sumUm + more.pieces * more.thicknessUm, under.pieces + more.pieces);
    }

    private static boolean better(Pack one, Pack other) {
        return one.pieces != other.pieces
                ? one.pieces < other.pieces
                : thickerFirst(one, other) < 0;
    }

    /** More of the thicker shims comes first. */
    private static int thickerFirst(Pack one, Pack other) {
        for (int i = 0; i < Math.min(one.shims.size(), other.shims.size()); i++) {
            var a = one.shims.get(i);
            var b = other.shims.get(i);
            if (a.thicknessUm != b.thicknessUm) {
                return Integer.compare(b.thicknessUm, a.thicknessUm);
            }
            if (a.pieces != b.pieces) {
                return Integer.compare(b.pieces, a.pieces);
            }
        }
        return Integer.compare(other.shims.size(), one.shims.size());
    }
}
