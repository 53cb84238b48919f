package app.yunque.cost;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import org.hipparchus.distribution.discrete.PoissonDistribution;

/**
 * How many of a part to hold so that a wanted share of demands is met while an order is on its way: the least s with P(N ≤ s) ≥ level, N Poisson with λ = machines × parts ×
 * failures a year × lead time. Source: Poisson demand; valid for failures that know nothing of each other, not for wear-out of one batch.
 *
 * @param demand       λ while an order is on its way
 * @param hold         parts to hold
 * @param probability  chance that they do
 * @param expectedShort parts expected to be missing
 * @param told         words
 */
public record SparesToHold(
        double demand, int hold, double probability, double expectedShort, Told told) {
    public static final Range MACHINES = Range.count("machines", "machines", 1, 10_000);
    public static final Range EACH = Range.count("partsEach", "parts in each", 1, 1000);
    public static final Range FAILURES =
            Range.of("failuresPerYear", "failures of one a year", 0, 1000, "");
    public static final Range LEAD =
            Range.of("leadWeeks", "weeks until an order comes", 0, 260, "");
    public static final Range LEVEL =
            Range.of("levelPercent", "demands to be met", 1, 99.99, "%")
                    .advising("100 % cannot be promised.");
    private static final double WEEKS_A_YEAR = 52;
    private static final double MOST_DEMAND = 5000;

    /**
     * @param machines        machines that have it
     * @param partsEach       how many in each
     * @param failuresPerYear failures of one part in a year
     * @param leadWeeks       weeks until an order comes
     * @param levelPercent    share of demands to be met (%)
     */
    @PublicRule(
            at = "cost/spares",
            title = "Spares to hold",
            says = "How many should lie on the shelf while an order is on its way.")
    public static SparesToHold of(
            int machines,
            int partsEach,
            double failuresPerYear,
            double leadWeeks,
            double levelPercent) {
        Refused.ifAny(
                MACHINES.judge(machines),
                EACH.judge(partsEach),
                FAILURES.judge(failuresPerYear),
                LEAD.judge(leadWeeks),
                LEVEL.judge(levelPercent));
        double demand = machines * partsEach * failuresPerYear * leadWeeks / WEEKS_A_YEAR;
        if (demand > MOST_DEMAND) {
            throw Refused.because(
                    "failuresPerYear",
                    "%s failures while one order is on its way: is that a year's figure for one part?"
                            .formatted(PlainDigits.rounded(demand, 0)));
        }
        int hold = 0;
        double met = 1;
        double missing = 0;
        if (demand > 0) {
            var failures = new PoissonDistribution(demand);
            while (failures.cumulativeProbability(hold) < levelPercent / 100) {
                hold++;
            }
            met = failures.cumulativeProbability(hold);
            missing = demand - hold;
            for (int k = 0; k <= hold; k++) {
                missing += (hold - k) * failures.probability(k);
            }
        }
        var told =
                Told.of("Poisson demand; failures that know nothing of each other")
                        .figure("hold", "hold", hold, "", 0)
                        .figure("demand", "failures while an order is on its way", demand, "", 3)
                        .figure("metPercent", "they do in", 100 * met, "%", 1)
                        .figure("expectedShort", "expected to be missing", missing, "", 3)
                        .line(
                                "λ = machines × parts × failures × weeks / 52",
                                "%d × %d × %s × %s / 52 = %s",
                                machines,
                                partsEach,
                                PlainDigits.exact(failuresPerYear),
                                PlainDigits.exact(leadWeeks),
                                PlainDigits.rounded(demand, 4))
                        .line(
                                "P(N ≤ s) ≥ level",
                                "s = %d: %s %%",
                                hold,
                                PlainDigits.rounded(100 * met, 2))
                        .school("Parts of one batch that wear out together are not like that.")
                        .saying(
                                "Hold %d: they do in %s %% of cases."
                                        .formatted(hold, PlainDigits.rounded(100 * met, 1)));
        return new SparesToHold(demand, hold, met, missing, told);
    }
}
