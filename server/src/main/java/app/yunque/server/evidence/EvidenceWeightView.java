package app.yunque.server.evidence;

import java.time.Instant;

/**
 * @param given   the correction
 * @param shipped what the table that ships says in this place
 * @param stands  false where it was taken back: the table that ships counts again
 * @param by      who said the last of it
 * @param at      when
 */
public record EvidenceWeightView(
        EvidenceWeightRequest given, double shipped, boolean stands, String by, Instant at) {}
