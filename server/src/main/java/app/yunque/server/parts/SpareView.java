package app.yunque.server.parts;

import app.yunque.parts.ReorderPoint;
import java.util.UUID;

/**
 * A spare of the shop.
 *
 * @param id       identity
 * @param given    as entered, with its version
 * @param reserved pieces that open jobs want
 * @param onItsWay pieces that jobs ordered and that are not here
 * @param reorder  when it is ordered again, and how many
 */
public record SpareView(
        UUID id, SpareRequest given, int reserved, int onItsWay, ReorderPoint reorder) {}
