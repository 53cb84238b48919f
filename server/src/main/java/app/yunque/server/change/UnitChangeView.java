package app.yunque.server.change;

import java.time.Instant;
import java.util.UUID;

/**
 * A change of the unit on record.
 *
 * @param id     identity
 * @param given  as entered
 * @param words  what is changed, in words
 * @param provedAgain true where what was set and proved before counts no more
 * @param by     who said it
 * @param at     when
 */
public record UnitChangeView(
        UUID id,
        UnitChangeRequest given,
        String words,
        boolean provedAgain,
        String by,
        Instant at) {
    /** "teeth: 19/57, was 19/58 (kit of the maker)". */
    public String inWords() {
        return "%s: %s, was %s (%s)"
                .formatted(words, given.becomes(), given.was(), given.because());
    }
}
