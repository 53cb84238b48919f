package app.yunque.server.people;

import org.jspecify.annotations.Nullable;

/**
 * A person as a lead describes one.
 *
 * @param version version that was seen; missing for a new person
 * @param name    name, which records and reports carry; 1 to 60 characters
 * @param role    what the person may do
 * @param pin     a first or a new PIN, 4 characters or more; missing when it stays
 */
public record PersonRequest(@Nullable Long version, String name, Role role, @Nullable String pin) {}
