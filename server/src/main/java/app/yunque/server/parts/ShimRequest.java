package app.yunque.server.parts;

import app.yunque.server.quantity.EnteredNumber;
import org.jspecify.annotations.Nullable;

/**
 * Shims of one thickness on the shelf.
 *
 * @param version   version that was seen; missing for new ones
 * @param name      what they fit: "input cover, Ø 62/80", 1 to 80 characters
 * @param thickness measured thickness of one
 * @param pieces    how many lie there
 * @param place     where they lie, 1 to 60 characters
 */
public record ShimRequest(
        @Nullable Long version, String name, EnteredNumber thickness, int pieces, String place) {}
