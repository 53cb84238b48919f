package app.yunque.server.done;

import java.time.Instant;
import java.util.UUID;

/**
 * Something that was done at Strip.
 *
 * @param id     identity
 * @param given  as said, with its version
 * @param act    what was done, in words
 * @param mirror what undoes it before the unit leaves; empty where nothing has to
 * @param by     who said the last of it
 * @param at     when
 */
public record DoneView(
        UUID id, DoneRequest given, String act, String mirror, String by, Instant at) {

    /** True while it has to be put back and is not. */
    public boolean isOpen() {
        return !mirror.isEmpty() && !given.back();
    }
}
