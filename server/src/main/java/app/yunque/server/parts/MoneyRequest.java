package app.yunque.server.parts;

import app.yunque.cost.RepairLimit;
import org.jspecify.annotations.Nullable;

/**
 * What the shop reckons with.
 *
 * @param version    version that was seen; missing for a new one
 * @param currency   three letters, as EUR
 * @param rateCents  hourly rate (cents), 0 to 10 million
 * @param limitCents what a mechanic may order for a job without a lead (cents); missing for no limit
 * @param repairSharePercent share of a new unit that a repair may cost before the owner is asked (%), 1 to 100; missing for 60
 */
public record MoneyRequest(
        @Nullable Long version,
        String currency,
        long rateCents,
        @Nullable Long limitCents,
        @Nullable Double repairSharePercent) {

    /** As the trade has it where nothing was said. */
    double repairShare() {
        return repairSharePercent == null ? RepairLimit.USUAL_SHARE : repairSharePercent;
    }
}
