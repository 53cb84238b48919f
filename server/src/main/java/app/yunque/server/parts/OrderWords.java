package app.yunque.server.parts;

import app.yunque.measure.Refused;
import app.yunque.parts.PartItem;
import app.yunque.parts.Supersession;
import app.yunque.server.supplier.Quote.Standing;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is said of a line of the list. */
final class OrderWords {
    private OrderWords() {}

    static String of(OrderState state) {
        return state.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** What it means where a part of this job is not made any more. */
    static String without(OrderEntity order, List<PartsService.Part> parts) {
        boolean isGone =
                order.quote != null && order.quote.quote().standing() == Standing.NO_LONGER_MADE;
        return parts.stream()
                .filter(p -> isGone && p.stepId().equals(order.stepId))
                .findFirst()
                .flatMap(PartsService.Part::without)
                .orElse("");
    }

    /** What replaces it by the bill, else what the supplier says against it. */
    static String says(OrderEntity o, BillRequest bill) {
        try {
            var today =
                    Supersession.of(
                            bill.replacements(),
                            new PartItem(o.number, o.quantity),
                            Optional.of(bill.serial()));
            if (!today.chain().isEmpty()) {
                return today.sentence();
            }
        } catch (Refused ring) {
            return String.valueOf(ring.getMessage());
        }
        if (o.quote == null) {
            return "";
        }
        var quote = o.quote.quote();
        return switch (quote.standing()) {
            case OFFERED -> "";
            case REPLACED ->
                    "The supplier sells in its place: %s."
                            .formatted(
                                    String.join(
                                            ", ",
                                            quote.replacedBy().stream()
                                                    .map(PartItem::inWords)
                                                    .toList()));
            case NO_LONGER_MADE -> "The supplier does not sell it any more.";
            case NOT_KNOWN ->
                    "The supplier does not know this number. Read it on the diagram again.";
            case NO_ANSWER -> "The supplier did not answer. Ask again; nothing is lost.";
        };
    }
}
