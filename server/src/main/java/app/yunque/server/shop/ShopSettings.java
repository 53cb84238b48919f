package app.yunque.server.shop;

import org.jspecify.annotations.Nullable;

/**
 * What a shop says of itself.
 *
 * @param version version that was seen; missing for the first ones
 * @param name    name of the shop, 1 to 80 characters; every paper carries it
 * @param system  which lengths a new device shows first
 * @param decimal the decimal separator a new device shows
 * @param zone    time zone of the shop by its name, as Europe/Madrid; papers tell the time in it
 */
public record ShopSettings(
        @Nullable Long version, String name, LengthSystem system, String decimal, String zone) {

    /** Which lengths come first. */
    public enum LengthSystem {
        METRIC,
        INCH
    }
}
