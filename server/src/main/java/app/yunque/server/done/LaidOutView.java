package app.yunque.server.done;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A line of the lay-out list with its tick.
 *
 * @param id      identity of its tick
 * @param group   what it is for, in words
 * @param what    what to lay out
 * @param because what asks for it
 * @param out     true when it lies ready
 * @param version version of the tick; missing while nobody ticked it
 */
public record LaidOutView(
        UUID id, String group, String what, String because, boolean out, @Nullable Long version) {}
