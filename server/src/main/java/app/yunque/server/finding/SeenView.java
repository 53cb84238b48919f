package app.yunque.server.finding;

import app.yunque.finding.Severity;
import java.time.Instant;
import java.util.UUID;

/**
 * A kept finding by eye with what it means.
 *
 * @param id       identity
 * @param given    as said, with its version
 * @param title    what was looked at
 * @param severity how much the word weighs
 * @param means    the same in words
 * @param by       who said it
 * @param at       when
 */
public record SeenView(
        UUID id,
        SeenRequest given,
        String title,
        Severity severity,
        String means,
        String by,
        Instant at) {}
