package app.yunque.server.people;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A person as a lead sees one.
 *
 * @param id          identity
 * @param name        name
 * @param role        what the person may do
 * @param leftAt      when the person left; missing while at work here
 * @param lockedUntil until when wrong PINs lock the name; missing while they do not
 * @param locks       how often in a row, at devices on which the person has never signed in
 * @param changedBy   who kept this last
 * @param changedAt   when
 * @param version     version of the record
 */
public record PersonView(
        UUID id,
        String name,
        Role role,
        @Nullable Instant leftAt,
        @Nullable Instant lockedUntil,
        int locks,
        String changedBy,
        Instant changedAt,
        long version) {}
