package app.yunque.parts;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * Whether parts may be ordered, or a lead has to say yes first. Above the limit a lead approves the sum, and what is dearer later asks
 * again; what is quoted in another currency cannot be held against the limit, so a lead orders it. A shop without a limit asks nobody.
 * Source: a rule of the shop, no published one.
 *
 * @param mayOrder    true where the one who asks may order it now
 * @param isOverLimit true where the parts come to more than the limit
 * @param sentence    why not, and who can; empty where nothing stands against it
 */
public record OrderApproval(boolean mayOrder, boolean isOverLimit, String sentence) {
    public static final Range PARTS = Range.of("partsCents", "parts", 0, 1e10, "cents");
    public static final Range LIMIT =
            Range.of("limitCents", "what a mechanic may order", 0, 1e10, "cents");
    public static final Range APPROVED =
            Range.of("approvedCents", "sum a lead approved", 0, 1e10, "cents");

    /**
     * @param partsCents       what all parts of the job come to with this one, in the currency of the shop (cents)
     * @param inOtherCurrency  true where the part in hand is quoted in another currency than the shop's
     * @param limitCents       what a mechanic may order without a lead (cents); empty where the shop has no limit
     * @param approvedCents    sum a lead has approved for this job (cents); empty where none has
     * @param isLead           true where a lead orders
     */
    @PublicRule(
            at = "parts/order-approval",
            title = "Whether parts may be ordered",
            says = "Whether a lead has to say yes before parts are ordered.",
            source = "a rule of the shop, no published source")
    public static OrderApproval of(
            long partsCents,
            boolean inOtherCurrency,
            Optional<Long> limitCents,
            Optional<Long> approvedCents,
            boolean isLead) {
        Refused.ifAny(
                PARTS.judge(partsCents),
                limitCents.flatMap(l -> LIMIT.judge(l)),
                approvedCents.flatMap(a -> APPROVED.judge(a)));
        boolean isOver = limitCents.filter(l -> partsCents > l).isPresent();
        if (isOver && approvedCents.filter(a -> a >= partsCents).isEmpty()) {
            return new OrderApproval(
                    false,
                    true,
                    "The parts come to %s, more than %s: a lead approves them before they are ordered."
                            .formatted(
                                    Money.inWords(partsCents),
                                    Money.inWords(limitCents.orElseThrow())));
        }
        if (inOtherCurrency && limitCents.isPresent() && !isLead) {
            return new OrderApproval(
                    false,
                    isOver,
                    "It is quoted in another currency, which does not count towards the limit of %s: a lead orders it."
                            .formatted(Money.inWords(limitCents.orElseThrow())));
        }
        return new OrderApproval(true, isOver, "");
    }
}
