package app.yunque.server.teardown;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A step that stands at the wrong place.
 *
 * @param version version of the step that was seen
 * @param after   step it comes after; missing puts it first
 */
public record MoveRequest(long version, @Nullable UUID after) {}
