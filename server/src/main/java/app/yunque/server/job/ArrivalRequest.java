package app.yunque.server.job;

/**
 * How the unit arrived.
 *
 * @param version    version that was seen
 * @param complaint  what the customer says, 1 to 500 characters
 * @param symptoms   what was found before opening: lash, end float, noise, leaks, up to 2000 characters
 * @param oilAsFound amount, look, metal of the drained oil, up to 500 characters
 */
public record ArrivalRequest(long version, String complaint, String symptoms, String oilAsFound) {}
