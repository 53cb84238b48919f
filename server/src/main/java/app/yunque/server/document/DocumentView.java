package app.yunque.server.document;

import java.time.Instant;
import java.util.UUID;

/**
 * A document of a unit.
 *
 * @param id      identity
 * @param title   what it is, as typed
 * @param media   application/pdf or image/jpeg, as it was handed in
 * @param pages   number of its pages, each a picture
 * @param version version that was seen
 * @param by      who kept it
 * @param at      when
 */
public record DocumentView(
        UUID id, String title, String media, int pages, long version, String by, Instant at) {}
