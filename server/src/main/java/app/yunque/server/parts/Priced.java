package app.yunque.server.parts;

import app.yunque.parts.JobCost;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What the lines of a list cost, in the currency of the shop.
 *
 * @param lines    lines that are not called off
 * @param currency three letters
 */
record Priced(List<OrderEntity> lines, String currency) {
    Priced {
        lines = lines.stream().filter(o -> !o.state.isCalledOff()).toList();
    }

    /** What all pieces of a line cost (cents); empty while it has no price in this currency. */
    static Optional<Long> lineCents(OrderEntity order, String currency) {
        return eachCents(order, currency).map(each -> each * order.quantity);
    }

    private static Optional<Long> eachCents(OrderEntity order, String currency) {
        if (order.isFromStores) {
            return Optional.ofNullable(order.eachCents);
        }
        return Optional.ofNullable(order.quote)
                .map(QuoteSaid::quote)
                .filter(q -> q.isOffered() && q.currency().equals(currency))
                .map(q -> Objects.requireNonNull(q.priceCents()));
    }

    static boolean isInOtherMoney(OrderEntity order, String currency) {
        return isInOtherMoney(order.quote, currency);
    }

    static boolean isInOtherMoney(@Nullable QuoteSaid said, String currency) {
        return said != null
                && said.quote().isOffered()
                && !said.quote().currency().equals(currency);
    }

    /** Of every line (cents). */
    long allCents() {
        return sum(lines);
    }

    /** Of what is here or on its way (cents). */
    long boughtCents() {
        return sum(lines.stream().filter(o -> o.state != OrderState.WANTED).toList());
    }

    /** Of what a supplier is paid for, which is what the limit of the shop is about (cents). */
    long suppliedCents() {
        return sum(lines.stream().filter(o -> !o.isFromStores).toList());
    }

    /** True where each line has a price in this currency: then the sum is of all of them. */
    boolean isWhole() {
        return lines.stream().allMatch(o -> lineCents(o, currency).isPresent());
    }

    /** What the job costs with its hours. */
    JobCost cost(EstimateEntity estimate, long rateCents) {
        return JobCost.of(
                allCents(), boughtCents(), estimate.hours, estimate.workedHours, rateCents);
    }

    private long sum(List<OrderEntity> those) {
        return those.stream().mapToLong(o -> lineCents(o, currency).orElse(0L)).sum();
    }
}
