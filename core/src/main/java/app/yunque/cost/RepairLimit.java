package app.yunque.cost;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.parts.Money;

/**
 * Whether a repair costs more than it is worth against a new unit. Source: six tenths of a new one is a judgement of the trade, no
 * source; a shop says its own.
 *
 * @param limitCents from where on the owner is asked (cents)
 * @param isOver     true where the repair costs more
 * @param sentence   the same in words
 */
public record RepairLimit(long limitCents, boolean isOver, String sentence) {
    public static final Range REPAIR = Range.of("repairCents", "the repair", 0, 1e10, "cents");
    public static final Range NEW = Range.of("newUnitCents", "a new unit", 1, 1e10, "cents");
    public static final Range SHARE = Range.of("sharePercent", "share of a new unit", 1, 100, "%");

    /** Of a new unit (%). Judgement, no source. */
    public static final double USUAL_SHARE = 60;

    private static final double PERCENT = 100;

    /**
     * @param repairCents  parts and labour, estimated (cents)
     * @param newUnitCents price of a new unit (cents)
     * @param sharePercent share of it a repair may cost (%)
     */
    @PublicRule(
            at = "cost/repair-limit",
            title = "Repair against a new unit",
            says = "Whether the estimate passes the share of a new unit that a repair may cost.",
            source = "judgement of the trade, no source")
    public static RepairLimit of(long repairCents, long newUnitCents, double sharePercent) {
        Refused.ifAny(
                REPAIR.judge(repairCents), NEW.judge(newUnitCents), SHARE.judge(sharePercent));
        long limit = Math.round(newUnitCents * sharePercent / PERCENT);
        boolean isOver = repairCents > limit;
        long share = Math.round(PERCENT * repairCents / newUnitCents);
        return new RepairLimit(
                limit,
                isOver,
                isOver
                        ? "The repair comes to %s, %d %% of a new unit at %s. Ask the owner before more is bought or measured."
                                .formatted(
                                        Money.inWords(repairCents),
                                        share,
                                        Money.inWords(newUnitCents))
                        : "The repair comes to %d %% of a new unit, below the limit of %s."
                                .formatted(share, Money.inWords(limit)));
    }
}
