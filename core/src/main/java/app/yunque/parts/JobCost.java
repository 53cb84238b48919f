package app.yunque.parts;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * What a job costs, estimated and so far. Source: sums.
 *
 * @param labourCents   the hours estimated at the rate (cents)
 * @param estimateCents what was estimated: parts and hours (cents)
 * @param actualCents   what it comes to so far (cents)
 * @param overCents     what it is over the estimate (cents), 0 where it is not
 * @param sentence      the same in words
 */
public record JobCost(
        long labourCents, long estimateCents, long actualCents, long overCents, String sentence) {
    public static final Range PARTS = Range.of("partsCents", "parts", 0, 1e10, "cents");
    public static final Range ACTUAL = Range.of("boughtCents", "parts bought", 0, 1e10, "cents");
    public static final Range HOURS = Range.of("hours", "hours estimated", 0, 10_000, "h");
    public static final Range WORKED = Range.of("workedHours", "hours worked", 0, 10_000, "h");
    public static final Range RATE = Range.of("rateCents", "hourly rate", 0, 1e7, "cents");

    /**
     * @param partsCents  parts as quoted (cents)
     * @param boughtCents parts ordered or received so far (cents)
     * @param hours       hours estimated
     * @param workedHours hours worked so far
     * @param rateCents   hourly rate (cents)
     */
    @PublicRule(
            at = "parts/job-cost",
            title = "Cost of a job",
            says = "Estimate against actual: parts and hours.",
            source = "sums")
    public static JobCost of(
            long partsCents, long boughtCents, double hours, double workedHours, long rateCents) {
        Refused.ifAny(
                PARTS.judge(partsCents),
                ACTUAL.judge(boughtCents),
                HOURS.judge(hours),
                WORKED.judge(workedHours),
                RATE.judge(rateCents));
        long labour = labourCents(hours, rateCents);
        long estimate = partsCents + labour;
        long actual = boughtCents + labourCents(workedHours, rateCents);
        return new JobCost(
                labour,
                estimate,
                actual,
                Math.max(0, actual - estimate),
                "Estimated %s, so far %s%s."
                        .formatted(
                                Money.inWords(estimate),
                                Money.inWords(actual),
                                actual > estimate
                                        ? ", %s over".formatted(Money.inWords(actual - estimate))
                                        : ""));
    }

    private static long labourCents(double hours, long rateCents) {
        return Math.round(hours * rateCents);
    }
}
