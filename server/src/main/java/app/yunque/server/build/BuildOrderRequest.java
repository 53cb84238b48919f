package app.yunque.server.build;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The order in which the unit is to be rebuilt.
 *
 * @param version version that was seen; missing when no order was chosen yet
 * @param steps   steps in that order; empty goes back to the strip turned round
 */
public record BuildOrderRequest(@Nullable Long version, List<UUID> steps) {}
