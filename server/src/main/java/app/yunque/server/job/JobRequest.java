package app.yunque.server.job;

import java.util.UUID;

/**
 * A new job.
 *
 * @param id        identity, made where it was typed
 * @param unitId    the unit it is about
 * @param complaint what the customer says, 1 to 500 characters
 */
public record JobRequest(UUID id, UUID unitId, String complaint) {}
