package app.yunque.server.finding;

import app.yunque.route.Station;
import java.time.Instant;
import java.util.UUID;

/**
 * A finding as it stands on record.
 *
 * @param id      identity
 * @param content what was found
 * @param version version of the record
 * @param by      who kept it
 * @param at      when
 */
public record Finding(UUID id, Content content, long version, String by, Instant at) {

    /**
     * What was found.
     *
     * @param sort     how
     * @param station  INSPECT as found, SET after the rebuild, FILL for a lubricated place
     * @param question what was asked: the check, the drawer, or what was read
     * @param about    what it is about
     * @param words    what it is about in words, at most 120 characters; may be empty
     * @param given    what was entered, as the room of the question reads it
     * @param remark   anything worth knowing, at most 500 characters
     */
    public record Content(
            FindingSort sort,
            Station station,
            String question,
            About about,
            String words,
            String given,
            String remark) {}
}
