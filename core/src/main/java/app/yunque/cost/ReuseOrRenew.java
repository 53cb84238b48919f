package app.yunque.cost;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import org.jspecify.annotations.Nullable;

/**
 * What reuse and renewal are expected to cost: now + p (what a second visit costs), p the chance that the unit comes back before it is opened anyway. The break-even says by how
 * much the chance must fall for renewal to pay. Source: expected cost; the chances are judgement, no source.
 *
 * @param reuseCost  expected cost of reuse
 * @param renewCost  expected cost of renewal
 * @param breakEven  by how much p must fall for renewal to pay; more than 1 means never, null where a second visit costs nothing
 * @param told       the cheaper one, and by how much
 */
public record ReuseOrRenew(
        double reuseCost, double renewCost, @Nullable Double breakEven, Told told) {
    public static final Range MONEY = Range.of("partsNow", "parts now", 0, 10_000_000, "");
    public static final Range HOURS = Range.of("hoursNow", "hours now", 0, 10_000, "h");
    public static final Range CHANCE =
            Range.of("comesBackPercent", "chance that it comes back", 0, 100, "%");
    public static final Range RATE = Range.of("ratePerHour", "shop rate an hour", 0, 100_000, "");

    /**
     * One choice.
     *
     * @param partsNow         parts now
     * @param hoursNow         hours now (h)
     * @param comesBackPercent chance that it comes back before it is opened anyway (%)
     */
    public record Choice(double partsNow, double hoursNow, double comesBackPercent) {
        public Choice {
            Refused.ifAny(
                    MONEY.judge(partsNow), HOURS.judge(hoursNow), CHANCE.judge(comesBackPercent));
        }

        double now(double rate) {
            return partsNow + hoursNow * rate;
        }

        double chance() {
            return comesBackPercent / 100;
        }
    }

    /**
     * What a second visit costs.
     *
     * @param partsThen       parts then
     * @param hoursThen       hours then (h)
     * @param downHours       hours the machine stands (h)
     * @param downRatePerHour what an hour of it costs
     */
    public record SecondVisit(
            @Asks("parts then") double partsThen,
            @Asks("hours then, h") double hoursThen,
            @Asks("hours the machine stands, h") double downHours,
            @Asks("what an hour of it costs") double downRatePerHour) {
        public SecondVisit {
            Refused.ifAny(
                    MONEY.named("partsThen", "parts then").judge(partsThen),
                    HOURS.named("hoursThen", "hours then").judge(hoursThen),
                    HOURS.named("downHours", "hours the machine stands").judge(downHours),
                    RATE.named("downRatePerHour", "what an hour of it costs")
                            .judge(downRatePerHour));
        }

        double cost(double rate) {
            return partsThen + hoursThen * rate + downHours * downRatePerHour;
        }
    }

    /**
     * @param reuse       if it goes back
     * @param renew       if it is renewed
     * @param visit       what a second visit costs
     * @param ratePerHour shop rate
     */
    @PublicRule(
            at = "cost/reuse-or-renew",
            title = "Reuse or renew, in money",
            says = "Expected cost of both, and how sure one has to be.")
    public static ReuseOrRenew of(
            @Asks("if it goes back") Choice reuse,
            @Asks("if it is renewed") Choice renew,
            @Asks("a second visit") SecondVisit visit,
            double ratePerHour) {
        Refused.ifAny(RATE.judge(ratePerHour));
        double again = visit.cost(ratePerHour);
        double one = reuse.now(ratePerHour) + reuse.chance() * again;
        double other = renew.now(ratePerHour) + renew.chance() * again;
        Double needed =
                again == 0 ? null : (renew.now(ratePerHour) - reuse.now(ratePerHour)) / again;
        // Of two that cost the same, the one that comes back less often.
        boolean renews = other < one || other == one && renew.chance() < reuse.chance();
        var told =
                Told.of("expected cost; the chances are judgement, no source")
                        .figure("reuseCost", "if it goes back", one, "", 2)
                        .figure("renewCost", "if it is renewed", other, "", 2)
                        .figure("visitCost", "a second visit costs", again, "", 2)
                        .line(
                                "now + p × second visit",
                                "%s + %s × %s = %s; %s + %s × %s = %s",
                                PlainDigits.rounded(reuse.now(ratePerHour), 2),
                                PlainDigits.exact(reuse.chance()),
                                PlainDigits.rounded(again, 2),
                                PlainDigits.rounded(one, 2),
                                PlainDigits.rounded(renew.now(ratePerHour), 2),
                                PlainDigits.exact(renew.chance()),
                                PlainDigits.rounded(again, 2),
                                PlainDigits.rounded(other, 2))
                        .warn(
                                "What is condemned, single-use or holds a load is renewed whatever it costs.");
        if (needed != null && needed <= 1) {
            told.figure(
                    "breakEvenPercent",
                    "renewal pays if it lowers the chance by",
                    100 * needed,
                    "%",
                    1);
        }
        return new ReuseOrRenew(
                one,
                other,
                needed,
                told.saying(
                        "%s is expected to cost %s less."
                                .formatted(
                                        renews ? "Renewal" : "Reuse",
                                        PlainDigits.rounded(Math.abs(one - other), 2))));
    }
}
