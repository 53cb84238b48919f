package app.yunque.server.job;

/**
 * Opens a signed job again, as its next revision.
 *
 * @param version version that was seen
 * @param why     what is wrong in it, 1 to 300 characters; stands on every later paper
 */
public record CorrectionRequest(long version, String why) {}
