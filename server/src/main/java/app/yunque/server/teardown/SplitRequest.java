package app.yunque.server.teardown;

import java.util.UUID;

/**
 * A part first counted as one turns out to be two.
 *
 * @param version   version of the step that was seen
 * @param newId     identity of the second step, made where it was typed
 * @param part      what the second part is
 * @param count     pieces of it
 * @param keepCount pieces that stay with the first step
 */
public record SplitRequest(long version, UUID newId, String part, int count, int keepCount) {}
