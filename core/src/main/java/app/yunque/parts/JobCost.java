package app.yunque.parts;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * What a job costs, estimated and so far, and whether a lead has to say yes. Source: sums; the limit is the shop's.
 *
 * @param estimateCents what was estimated: parts and hours (cents)
 * @param actualCents   what it comes to so far (cents)
 * @param overCents     what it is over the estimate (cents), 0 where it is not
 * @param needsLead     true where a lead has to approve it before anything is ordered
 * @param sentence      the same in words
 */
public record JobCost(
        long estimateCents, long actualCents, long overCents, boolean needsLead, String sentence) {
    public static final Range PARTS = Range.of("partsCents", "parts", 0, 1e10, "cents");
    public static final Range ACTUAL = Range.of("boughtCents", "parts bought", 0, 1e10, "cents");
    public static final Range HOURS = Range.of("hours", "hours estimated", 0, 10_000, "h");
    public static final Range WORKED = Range.of("workedHours", "hours worked", 0, 10_000, "h");
    public static final Range RATE = Range.of("rateCents", "hourly rate", 0, 1e7, "cents");
    public static final Range LIMIT =
            Range.of("limitCents", "what a mechanic may order", 0, 1e10, "cents");

    /**
     * @param partsCents  parts as quoted (cents)
     * @param boughtCents parts ordered or received so far (cents)
     * @param hours       hours estimated
     * @param workedHours hours worked so far
     * @param rateCents   hourly rate (cents)
     * @param limitCents  what a mechanic may order without a lead (cents); empty where the shop has no limit
     */
    @PublicRule(
            at = "parts/job-cost",
            title = "Cost of a job",
            says = "Estimate against actual, and whether a lead has to say yes.",
            source = "sums; the limit is the shop’s")
    public static JobCost of(
            long partsCents,
            long boughtCents,
            double hours,
            double workedHours,
            long rateCents,
            Optional<Long> limitCents) {
        Refused.ifAny(
                PARTS.judge(partsCents),
                ACTUAL.judge(boughtCents),
                HOURS.judge(hours),
                WORKED.judge(workedHours),
                RATE.judge(rateCents),
                limitCents.flatMap(l -> LIMIT.judge(l)));
        long estimate = partsCents + Math.round(hours * rateCents);
        long actual = boughtCents + Math.round(workedHours * rateCents);
        boolean lead = limitCents.filter(l -> partsCents > l).isPresent();
        return new JobCost(
                estimate,
                actual,
                Math.max(0, actual - estimate),
                lead,
                "Estimated %s, so far %s%s.%s"
                        .formatted(
                                money(estimate),
                                money(actual),
                                actual > estimate
                                        ? ", %s over".formatted(money(actual - estimate))
                                        : "",
                                lead
                                        ? " The parts come to more than %s: a lead approves them before they are ordered."
                                                .formatted(money(limitCents.orElseThrow()))
                                        : ""));
    }

    static String money(long cents) {
        return "%d.%02d".formatted(cents / 100, cents % 100);
    }
}
