package app.yunque.server.bench;

/**
 * One typed line.
 *
 * @param line as typed, at most 400 characters
 */
public record LineRequest(String line) {}
