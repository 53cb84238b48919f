package app.yunque.server.history;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.time.Instant;

/**
 * A record that is out of the way and still there: it can be looked at and taken back.
 *
 * @param by  who put it away
 * @param at  when
 * @param why reason in words
 */
@Embeddable
public record PutAway(
        @Column(name = "put_away_by") String by,
        @Column(name = "put_away_at") Instant at,
        @Column(name = "put_away_why") String why) {}
