package app.yunque.server.bench;

/**
 * Whether anything changed.
 *
 * @param touched counts the writes to the job
 */
public record Pulse(long touched) {}
