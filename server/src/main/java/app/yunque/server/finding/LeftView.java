package app.yunque.server.finding;

import java.time.Instant;
import java.util.UUID;

/**
 * A check that somebody left, with why.
 *
 * @param id    identity
 * @param given as said, with its version
 * @param title what would have been looked at
 * @param why   why not, in words
 * @param by    who said it
 * @param at    when
 */
public record LeftView(
        UUID id, LeftRequest given, String title, String why, String by, Instant at) {}
