package app.yunque.server.sheet;

import app.yunque.lubricant.ShelfChoice;
import app.yunque.server.store.LubricantView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the shelf offers for a place.
 *
 * @param cans   oils when an oil is sought, greases when a grease is; the best first
 * @param take   the can to take; missing when none goes without a reserve
 * @param amount how much goes in (L of an oil, g of a grease); missing when it was not worked out
 */
public record OnTheShelf(List<OfferedCan> cans, @Nullable UUID take, @Nullable Double amount) {

    /**
     * A can with what is to be said of it.
     *
     * @param id        identity on the shelf
     * @param name      on it
     * @param left      what is left (L of an oil, kg of a grease)
     * @param unit      of that
     * @param says      whether it goes there, in words
     * @param wanted    true when kind and grade are the wanted ones
     * @param forbidden true when something forbids it there
     */
    public record OfferedCan(
            UUID id,
            String name,
            double left,
            String unit,
            String says,
            boolean wanted,
            boolean forbidden) {}

    /** Oils when an oil is sought, greases when a grease is. */
    public static List<ShelfChoice.Can> cans(List<LubricantView> shelf, boolean grease) {
        return shelf.stream()
                .filter(l -> l.lubricant().isGrease() == grease)
                .map(LubricantView::can)
                .toList();
    }

    public static OnTheShelf of(ShelfChoice choice, @Nullable Double amount) {
        return new OnTheShelf(
                choice.judged().stream()
                        .map(
                                j ->
                                        new OfferedCan(
                                                j.can().id(),
                                                j.can().name(),
                                                j.can().amount(),
                                                j.can().unit(),
                                                j.says(),
                                                j.suits(),
                                                j.isForbidden()))
                        .toList(),
                choice.proposed().map(j -> j.can().id()).orElse(null),
                amount);
    }
}
