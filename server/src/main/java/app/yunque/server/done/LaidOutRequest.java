package app.yunque.server.done;

import org.jspecify.annotations.Nullable;

/**
 * A line of the lay-out list.
 *
 * @param version version that was seen; missing while nobody ticked it
 * @param what    what lies ready
 * @param out     true when it lies ready
 */
public record LaidOutRequest(@Nullable Long version, String what, boolean out) {}
