package app.yunque.server.people;

import app.yunque.server.problem.NotThere;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Checks a PIN, counts wrong ones and locks a name for a minute after five. */
@Service
public class SignInService {
    private final PersonRepository people;
    private final PasswordEncoder encoder;
    private final NamesForEver names;
    private final Clock clock;

    SignInService(
            PersonRepository people, PasswordEncoder encoder, NamesForEver names, Clock clock) {
        this.people = people;
        this.encoder = encoder;
        this.names = names;
        this.clock = clock;
    }

    /**
     * What came of a try.
     *
     * @param person   the person when the PIN was right; null otherwise
     * @param sentence what to tell when it was not
     */
    record Attempt(@Nullable SignedIn person, String sentence) {}

    @Transactional(readOnly = true)
    public List<PersonName> names() {
        return people.findAllByOrderByName().stream()
                .filter(p -> p.leftAt == null)
                .map(p -> new PersonName(p.id, p.name, p.role))
                .toList();
    }

    @Transactional
    public Attempt attempt(UUID personId, String pin) {
        var person =
                people.findWithLockById(personId)
                        .filter(p -> p.leftAt == null)
                        .orElseThrow(() -> new NotThere("Nobody of that name works here."));
        var now = clock.instant();
        if (person.isLocked(now)) {
            long seconds = Duration.between(now, person.lockedUntil).toSeconds() + 1;
            return new Attempt(
                    null,
                    "Five wrong PINs: "
                            + person.name
                            + " is locked for another "
                            + seconds
                            + " seconds. Wait, then try again.");
        }
        // No PIN is longer, and the hash reads no further.
        boolean isReadable = pin.getBytes(StandardCharsets.UTF_8).length <= Secret.MOST_BYTES;
        if (isReadable && encoder.matches(pin, person.pinHash)) {
            person.clearWrongPins();
            return new Attempt(new SignedIn(person.id, person.name, person.role), "");
        }
        person.countWrongPin(now);
        return new Attempt(null, wrongPin(person, person.isLocked(now)));
    }

    @Transactional
    public void register(UUID id, String name, Role role, String pin) {
        if (people.existsById(id)) {
            return;
        }
        var person = new PersonEntity();
        person.id = id;
        person.name = name;
        person.role = role;
        person.pinHash = String.valueOf(encoder.encode(pin));
        person.keep(name, clock.instant());
        people.save(person);
        names.take(name, id);
    }

    private static String wrongPin(PersonEntity person, boolean locked) {
        return locked
                ? "Five wrong PINs: "
                        + person.name
                        + " is locked for one minute. Wait, then try again."
                : "That PIN is not " + person.name + "’s. Tries left: " + person.triesLeft() + ".";
    }
}
