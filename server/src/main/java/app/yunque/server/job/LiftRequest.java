package app.yunque.server.job;

/**
 * The energy is back on.
 *
 * @param version version of the isolation that was seen
 */
public record LiftRequest(long version) {}
