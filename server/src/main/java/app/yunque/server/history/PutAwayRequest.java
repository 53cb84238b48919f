package app.yunque.server.history;

/**
 * Puts a record out of the way.
 *
 * @param version version that was seen
 * @param why     reason in words, up to 300 characters
 */
public record PutAwayRequest(long version, String why) {
    public static final int LONGEST_WHY = 300;
}
