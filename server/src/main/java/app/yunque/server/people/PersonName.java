package app.yunque.server.people;

import java.util.UUID;

/**
 * A name to choose at sign-in.
 *
 * @param id   identity
 * @param name name
 * @param role what the person may do
 */
public record PersonName(UUID id, String name, Role role) {}
