package app.yunque.cost;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * The three ways an owner has, with what a year of each costs and what it risks: put right what must be, put right all that was advised, or a new
 * unit. A year costs C r/(1 − (1 + r)⁻ⁿ) + p × what a failure costs. Source: annuity and expected cost; years and chances are judgement, no source.
 *
 * @param ways the three, the cheapest a year first
 * @param told the same in words
 */
public record OwnersOptions(List<Way> ways, Told told) {
    public static final Range COST = Range.of("cost", "cost now", 0, 100_000_000, "");
    public static final Range YEARS = Range.of("years", "years it then lasts", 0.1, 60, "");
    public static final Range CHANCE =
            Range.of("failsPercentAYear", "chance of a failure in a year", 0, 100, "%");
    public static final Range FAILURE =
            Range.of("failureCost", "what a failure costs, standstill with it", 0, 100_000_000, "");
    public static final Range INTEREST = RepairOrReplace.INTEREST;
    private static final double PERCENT = 100;

    /**
     * What is known of one way.
     *
     * @param cost              parts and labour now, or the price of a new unit
     * @param years             years it then lasts
     * @param failsPercentAYear chance of a failure in a year (%)
     */
    public record Known(double cost, double years, double failsPercentAYear) {
        public Known {
            Refused.ifAny(COST.judge(cost), YEARS.judge(years), CHANCE.judge(failsPercentAYear));
        }

        private double perYear(double rate, double failureCost) {
            return Annuity.perYear(cost, years, rate) + failsPercentAYear / PERCENT * failureCost;
        }
    }

    /** What can be done. */
    public enum Choice {
        LEAST("only what must be", "leastPerYear"),
        ALL("all that was advised", "allPerYear"),
        NEW("a new unit", "newPerYear");

        private final String words;
        private final String figure;

        Choice(String words, String figure) {
            this.words = words;
            this.figure = figure;
        }
    }

    /**
     * One way.
     *
     * @param choice  what is done
     * @param known   what is known of it
     * @param perYear what a year of it is expected to cost
     */
    public record Way(Choice choice, Known known, double perYear) {
        private String inWords() {
            return "%s, %s with %s %% chance of a failure"
                    .formatted(
                            choice.words,
                            PlainDigits.rounded(perYear, 2),
                            PlainDigits.exact(known.failsPercentAYear));
        }
    }

    public OwnersOptions {
        ways = List.copyOf(ways);
    }

    /**
     * @param least           what must be put right, and no more
     * @param all             all that was advised
     * @param replacement     a new unit
     * @param failureCost     what a failure costs, standstill with it
     * @param interestPercent interest a year (%)
     * @throws Refused where the least costs more than all of it
     */
    @PublicRule(
            at = "cost/owners-options",
            title = "Three ways for the owner",
            says = "What a year of each costs and what it risks.")
    public static OwnersOptions of(
            @Asks("what must be put right, and no more") Known least,
            @Asks("all that was advised") Known all,
            @Asks("a new unit") Known replacement,
            double failureCost,
            double interestPercent) {
        Refused.ifAny(FAILURE.judge(failureCost), INTEREST.judge(interestPercent));
        if (least.cost > all.cost) {
            throw Refused.because(
                    "least.cost",
                    "What must be put right costs %s, and all that was advised %s: the second holds the first. Check both."
                            .formatted(PlainDigits.exact(least.cost), PlainDigits.exact(all.cost)));
        }
        double rate = interestPercent / PERCENT;
        var ways =
                Map.of(Choice.LEAST, least, Choice.ALL, all, Choice.NEW, replacement)
                        .entrySet()
                        .stream()
                        .map(
                                w ->
                                        new Way(
                                                w.getKey(),
                                                w.getValue(),
                                                w.getValue().perYear(rate, failureCost)))
                        // Of two that cost the same, the one that fails less often.
                        .sorted(
                                Comparator.comparingDouble(Way::perYear)
                                        .thenComparingDouble(w -> w.known.failsPercentAYear)
                                        .thenComparing(Way::choice))
                        .toList();
        return new OwnersOptions(ways, told(ways, failureCost));
    }

    private static Told told(List<Way> ways, double failureCost) {
        var told = Told.of("annuity and expected cost; years and chances are judgement, no source");
        for (var way : ways) {
            told.figure(way.choice.figure, way.choice.words + ", a year", way.perYear, "", 2)
                    .line(
                            "C r / (1 − (1 + r)⁻ⁿ) + p × failure",
                            "%s: %s now for %s years, %s %% a year of %s: %s a year",
                            way.choice.words,
                            PlainDigits.exact(way.known.cost),
                            PlainDigits.exact(way.known.years),
                            PlainDigits.exact(way.known.failsPercentAYear),
                            PlainDigits.exact(failureCost),
                            PlainDigits.rounded(way.perYear, 2));
        }
        return told.warn(
                        "What is condemned, single-use or holds a load is put right in every way there is. A machine that can hurt somebody is not weighed in money.")
                .saying(
                        "Cheapest a year: %s; then %s."
                                .formatted(ways.get(0).inWords(), ways.get(1).inWords()));
    }
}
