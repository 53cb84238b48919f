package app.yunque.server.decision;

import java.util.List;
import java.util.UUID;

/**
 * Takes the proposals of parts by name.
 *
 * @param steps steps of the strip whose proposal is taken, one or more
 */
public record AcceptRequest(List<UUID> steps) {}
