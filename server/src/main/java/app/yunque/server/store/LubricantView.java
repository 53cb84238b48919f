package app.yunque.server.store;

import app.yunque.lubricant.Lubricant;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.UUID;

/**
 * A lubricant of the shelf.
 *
 * @param id        identity
 * @param given     as entered, with its version
 * @param sort      what it is in words: grade or consistency, base, thickener
 * @param past      true when its last good day is over
 * @param lubricant what the rules of compatibility ask
 */
public record LubricantView(
        UUID id,
        LubricantRequest given,
        String sort,
        boolean past,
        @JsonIgnore Lubricant lubricant) {}
