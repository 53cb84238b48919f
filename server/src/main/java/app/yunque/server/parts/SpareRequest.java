package app.yunque.server.parts;

import org.jspecify.annotations.Nullable;

/**
 * A spare of the shop.
 *
 * @param version      version that was seen; missing for a new one
 * @param name         what it is, 1 to 80 characters
 * @param number       part number, 1 to 40 characters
 * @param place        where it lies, 1 to 60 characters
 * @param onShelf      pieces there
 * @param perYear      pieces used in a year
 * @param leadDays     days until an order comes
 * @param levelPercent share of demands to be met (%)
 * @param eachCents    what one cost the shop (cents); missing where nobody knows it
 */
public record SpareRequest(
        @Nullable Long version,
        String name,
        String number,
        String place,
        int onShelf,
        double perYear,
        double leadDays,
        double levelPercent,
        @Nullable Long eachCents) {}
