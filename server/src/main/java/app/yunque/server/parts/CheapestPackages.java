package app.yunque.server.parts;

import app.yunque.measure.Refused;
import app.yunque.parts.KitsOrSingles;
import app.yunque.parts.PartItem;
import app.yunque.server.supplier.Quote;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Which packages cover what is wanted and quoted in the shop's own currency.
 *
 * @param choice the cheapest; null while nothing is quoted, or there are too many ways
 * @param fault  why it cannot be told; null where it can
 */
record CheapestPackages(@Nullable KitsOrSingles choice, @Nullable String fault) {
    static CheapestPackages of(List<OrderEntity> open, String currency) {
        var wanted =
                open.stream().filter(o -> o.state == OrderState.WANTED && o.quote != null).toList();
        var offers =
                wanted.stream()
                        .flatMap(CheapestPackages::said)
                        .filter(q -> q.isOffered() && q.currency().equals(currency))
                        .distinct()
                        .map(
                                q ->
                                        new KitsOrSingles.Offer(
                                                q.number(),
                                                q.contents(),
                                                Objects.requireNonNull(q.priceCents())))
                        .distinct()
                        .toList();
        if (wanted.isEmpty() || offers.isEmpty()) {
            return new CheapestPackages(null, null);
        }
        try {
            return new CheapestPackages(
                    KitsOrSingles.of(
                            wanted.stream().map(o -> new PartItem(o.number, o.quantity)).toList(),
                            offers),
                    null);
        } catch (Refused tooMany) {
            return new CheapestPackages(null, tooMany.getMessage());
        }
    }

    /** All that the supplier said of a line: of the part, and of kits that hold it. */
    static Stream<Quote> said(OrderEntity order) {
        var said = Objects.requireNonNull(order.quote);
        return Stream.concat(Stream.of(said.quote()), said.kits().stream());
    }
}
