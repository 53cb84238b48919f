package app.yunque.server.done;

import app.yunque.teardown.StripAct;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that was done at Strip and is no part that came off.
 *
 * @param version version that was seen; missing for a new one
 * @param act     what was done
 * @param line    in the words typed, 1 to 400 characters
 * @param after   step of the strip that was the last when it was done; missing where none was
 * @param back    true when it is put back: connected again, taken out again
 */
public record DoneRequest(
        @Nullable Long version, StripAct act, String line, @Nullable UUID after, boolean back) {}
