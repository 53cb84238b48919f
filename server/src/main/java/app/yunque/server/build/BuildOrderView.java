package app.yunque.server.build;

import java.util.List;
import java.util.UUID;

/**
 * The order that was chosen.
 *
 * @param steps    steps in that order; empty is the strip turned round
 * @param chosenBy who chose it
 * @param version  version of the record
 */
public record BuildOrderView(List<UUID> steps, String chosenBy, long version) {}
