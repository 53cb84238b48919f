package app.yunque.server.parts;

import app.yunque.server.job.JobRef;
import app.yunque.server.quantity.EnteredNumber;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the estimate of a job already says, under the names the drawers about money ask for it, in the shop's own money. */
@Service
public class CostEntries {
    private final OrderRepository orders;
    private final EstimateRepository estimates;
    private final MoneyService shop;

    CostEntries(OrderRepository orders, EstimateRepository estimates, MoneyService shop) {
        this.orders = orders;
        this.estimates = estimates;
        this.shop = shop;
    }

    /**
     * Entries by the name of the drawer and its field; nothing of what nobody estimated, or of which a part has no price yet.
     *
     * @param step a part that came off: what renewing it costs by the list, now and at a second visit; missing for none
     */
    @Transactional(readOnly = true)
    public Map<String, EnteredNumber> of(JobRef job, @Nullable UUID step) {
        var money = shop.money();
        var estimate = estimates.findById(job.id()).orElseGet(EstimateEntity::new);
        var priced = new Priced(orders.findByJobIdOrderByChangedAt(job.id()), money.currency());
        var cost = priced.cost(estimate, money.rateCents());
        var entries = new HashMap<String, EnteredNumber>();
        if (estimate.hours > 0 && priced.isWhole()) {
            put(entries, "cost-owners-options.all.cost", cost.estimateCents());
            put(entries, "cost-repair-or-replace.repair.cost", cost.estimateCents());
        }
        if (estimate.newUnitCents != null) {
            put(entries, "cost-owners-options.replacement.cost", estimate.newUnitCents);
            put(entries, "cost-repair-or-replace.replacement.cost", estimate.newUnitCents);
        }
        if (money.rateCents() > 0) {
            put(entries, "cost-reuse-or-renew.ratePerHour", money.rateCents());
            put(entries, "cost-cheap-while-open.ratePerHour", money.rateCents());
        }
        priced.lines().stream()
                .filter(o -> step != null && step.equals(o.stepId))
                .findFirst()
                .flatMap(o -> Priced.lineCents(o, money.currency()))
                .ifPresent(
                        cents -> {
                            put(entries, "cost-reuse-or-renew.reuse.partsNow", 0);
                            put(entries, "cost-reuse-or-renew.renew.partsNow", cents);
                            put(entries, "cost-reuse-or-renew.visit.partsThen", cents);
                        });
        return entries;
    }

    private static void put(Map<String, EnteredNumber> entries, String name, long cents) {
        entries.put(
                name,
                new EnteredNumber(
                        BigDecimal.valueOf(cents, 2).stripTrailingZeros().toPlainString(), ""));
    }
}
