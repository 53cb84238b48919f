package app.yunque.cost;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Repair or a new unit, by what a year costs: C r/(1 − (1 + r)⁻ⁿ) + running, without interest C/n. Source: annuity.
 *
 * @param repairPerYear a year of the repaired unit
 * @param newPerYear    a year of a new one
 * @param told          the cheaper one, and by how much
 */
public record RepairOrReplace(double repairPerYear, double newPerYear, Told told) {
    public static final Range COST = Range.of("cost", "cost", 0, 100_000_000, "");
    public static final Range YEARS = Range.of("years", "years it then lasts", 0.1, 60, "");
    public static final Range INTEREST = Range.of("interestPercent", "interest a year", 0, 50, "%");
    public static final Range RUNNING =
            Range.of("runningPerYear", "running cost a year", 0, 10_000_000, "");

    /**
     * One of the two.
     *
     * @param cost           what it costs
     * @param years          years it then lasts
     * @param runningPerYear running cost a year
     */
    public record Way(double cost, double years, double runningPerYear) {
        public Way {
            Refused.ifAny(COST.judge(cost), YEARS.judge(years), RUNNING.judge(runningPerYear));
        }

        double perYear(double rate) {
            return Annuity.perYear(cost, years, rate) + runningPerYear;
        }
    }

    /**
     * @param repair          the repair
     * @param replacement     a new unit
     * @param interestPercent interest a year (%)
     */
    @PublicRule(
            at = "cost/repair-or-replace",
            title = "Repair or a new unit",
            says = "What a year of each costs, with interest.")
    public static RepairOrReplace of(
            @Asks("the repair") Way repair,
            @Asks("a new unit") Way replacement,
            double interestPercent) {
        Refused.ifAny(INTEREST.judge(interestPercent));
        double one = repair.perYear(interestPercent / 100);
        double other = replacement.perYear(interestPercent / 100);
        return new RepairOrReplace(
                one,
                other,
                Told.of("annuity")
                        .figure("repairPerYear", "repaired, a year", one, "", 2)
                        .figure("newPerYear", "new, a year", other, "", 2)
                        .line(
                                "C r / (1 − (1 + r)⁻ⁿ) + running",
                                "%s and %s a year",
                                PlainDigits.rounded(one, 2),
                                PlainDigits.rounded(other, 2))
                        .saying(
                                "%s costs %s a year less."
                                        .formatted(
                                                one <= other ? "The repair" : "A new unit",
                                                PlainDigits.rounded(Math.abs(one - other), 2))));
    }
}
