package app.yunque.server.people;

import app.yunque.server.problem.NotThere;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Checks a PIN, counts wrong ones and locks after five: a name for strange devices, a known device for itself. */
@Service
public class SignInService {
    private static final Logger LOG = LoggerFactory.getLogger(SignInService.class);
    private static final int SECONDS_OF_MINUTE = 60;

    private final PersonRepository people;
    private final DeviceRepository devices;
    private final ThisDevice device;
    private final PasswordEncoder encoder;
    private final NamesForEver names;
    private final Clock clock;

    SignInService(
            PersonRepository people,
            DeviceRepository devices,
            ThisDevice device,
            PasswordEncoder encoder,
            NamesForEver names,
            Clock clock) {
        this.people = people;
        this.devices = devices;
        this.device = device;
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
        // Who guesses elsewhere does not keep the owner out where the owner is known.
        var guesses = known(personId).map(d -> d.guesses).orElse(person.guesses);
        if (guesses.isLocked(now)) {
            return new Attempt(
                    null,
                    "Five wrong PINs: %s is locked for another %s. Wait, then try again."
                            .formatted(person.name, left(guesses, now)));
        }
        // No PIN is longer, and the hash reads no further.
        boolean isReadable = pin.getBytes(StandardCharsets.UTF_8).length <= Secret.MOST_BYTES;
        if (isReadable && encoder.matches(pin, person.pinHash)) {
            guesses.clear();
            return new Attempt(new SignedIn(person.id, person.name, person.role), "");
        }
        guesses.countWrong(now);
        if (!guesses.isLocked(now)) {
            return new Attempt(
                    null,
                    "That PIN is not %s’s. Tries left: %d."
                            .formatted(person.name, guesses.triesLeft()));
        }
        LOG.warn(
                "Five wrong PINs in a row for {}, asked from {}: locked until {}, {} in a row.",
                person.name,
                device.address(),
                guesses.lockedUntil,
                guesses.locks);
        return new Attempt(
                null,
                "Five wrong PINs: %s is locked for %s. Wait, then try again."
                        .formatted(person.name, left(guesses, now)));
    }

    private Optional<DeviceEntity> known(UUID personId) {
        return device.token()
                .flatMap(t -> devices.findWithLockById(DeviceEntity.idOf(t, personId)));
    }

    private static String left(Guesses guesses, Instant now) {
        long seconds = Duration.between(now, guesses.lockedUntil).toSeconds();
        if (seconds >= SECONDS_OF_MINUTE && seconds % SECONDS_OF_MINUTE == 0) {
            long minutes = seconds / SECONDS_OF_MINUTE;
            return minutes == 1 ? "one minute" : minutes + " minutes";
        }
        return seconds + 1 + " seconds";
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
}
