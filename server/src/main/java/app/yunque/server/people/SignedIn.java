package app.yunque.server.people;

import java.io.Serializable;
import java.util.UUID;

/**
 * The person at the bench, as the session remembers it.
 *
 * @param id   identity
 * @param name name, which records and reports carry
 * @param role what the person may do
 */
public record SignedIn(UUID id, String name, Role role) implements Serializable {
    @Override
    public String toString() {
        return name;
    }
}
