package app.yunque.server.people;

import app.yunque.measure.Refused;
import app.yunque.server.problem.NotThere;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who works here. A lead adds, changes and lets go; whoever leaves stays in the records that bear the name. */
@Service
public class PeopleService {
    private static final int LONGEST_NAME = 60;
    private static final String LEADS_ONLY = "Only a lead looks after the people.";

    private final PersonRepository people;
    private final DeviceRepository devices;
    private final PasswordEncoder encoder;
    private final NamesForEver names;
    private final OpenSessions sessions;
    private final AtTheBench bench;
    private final Clock clock;

    PeopleService(
            PersonRepository people,
            DeviceRepository devices,
            PasswordEncoder encoder,
            NamesForEver names,
            OpenSessions sessions,
            AtTheBench bench,
            Clock clock) {
        this.people = people;
        this.devices = devices;
        this.encoder = encoder;
        this.names = names;
        this.sessions = sessions;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<PersonView> all() {
        bench.refuseUnlessLead(LEADS_ONLY);
        return people.findAllByOrderByName().stream().map(this::view).toList();
    }

    /** Adds a person, or changes name, role or PIN of one. */
    @Transactional
    void keep(UUID id, PersonRequest request) {
        bench.actAsLead(LEADS_ONLY);
        people.holdLeads();
        var found = people.findWithLockById(id);
        found.ifPresent(p -> p.refuseStale(request.version(), () -> view(p)));
        var person = found.orElseGet(PersonEntity::new);
        if (found.isPresent() && request.role() != Role.LEAD) {
            refuseWithoutLead(person);
        }
        var pin = request.pin();
        if (found.isEmpty() && pin == null) {
            throw Refused.because("pin", "A new person needs a PIN.");
        }
        var before = person.name;
        fill(person, id, request.name(), request.role(), pin);
        person.keep(bench.name(), clock.instant());
        people.saveAndFlush(person);
        sessions.endOf(before, "");
    }

    /** The first lead of a shop, who keeps the own record. */
    @Transactional
    public void first(String name, String pin) {
        var person = new PersonEntity();
        fill(person, UUID.randomUUID(), name, Role.LEAD, pin);
        person.keep(person.name, clock.instant());
        people.saveAndFlush(person);
    }

    private void fill(PersonEntity person, UUID id, String name, Role role, @Nullable String pin) {
        var stripped = name.strip();
        if (stripped.isEmpty() || stripped.length() > LONGEST_NAME) {
            throw Refused.because("name", "A name has 1 to %d characters.".formatted(LONGEST_NAME));
        }
        if (!names.take(stripped, id)) {
            throw Refused.because(
                    "name",
                    "%s is, or was, the name of somebody else here. Records carry the name, so each needs one of its own; who has left can be taken back."
                            .formatted(stripped));
        }
        if (pin != null) {
            person.pinHash = String.valueOf(encoder.encode(Secret.checked("pin", pin)));
            person.guesses.clear();
            devices.deleteByPersonId(id);
        }
        person.id = id;
        person.name = stripped;
        person.role = role;
    }

    @Transactional
    void leave(UUID id, long version) {
        people.holdLeads();
        var person = toChange(id, version);
        refuseWithoutLead(person);
        person.leftAt = clock.instant();
        person.keep(bench.name(), clock.instant());
        sessions.endOf(person.name, "");
    }

    @Transactional
    void comeBack(UUID id, long version) {
        var person = toChange(id, version);
        person.leftAt = null;
        person.guesses.clear();
        person.keep(bench.name(), clock.instant());
    }

    /** Wrong PINs are forgotten before their time. */
    @Transactional
    void unlock(UUID id) {
        bench.actAsLead(LEADS_ONLY);
        found(id).guesses.clear();
        devices.findByPersonId(id).forEach(d -> d.guesses.clear());
    }

    /**
     * Everybody's own, with the present one.
     *
     * @param here the session in which it is changed, which goes on
     */
    @Transactional
    SignInService.Attempt changeOwnPin(
            SignInService signIn, String current, String pin, String here) {
        var me = bench.person();
        var attempt = signIn.attempt(me.id(), current);
        if (attempt.person() != null) {
            var person = found(me.id());
            person.pinHash = String.valueOf(encoder.encode(Secret.checked("pin", pin)));
            person.keep(me.name(), clock.instant());
            sessions.endOf(me.name(), here);
        }
        return attempt;
    }

    private PersonEntity toChange(UUID id, long version) {
        bench.actAsLead(LEADS_ONLY);
        var person = found(id);
        person.refuseStale(version, () -> view(person));
        return person;
    }

    private PersonEntity found(UUID id) {
        return people.findWithLockById(id)
                .orElseThrow(
                        () -> new NotThere("There is no such person. Look at the list again."));
    }

    /** A shop without a lead could never get one again. */
    private void refuseWithoutLead(PersonEntity person) {
        boolean isOther =
                people.findAllByOrderByName().stream()
                        .anyMatch(
                                p ->
                                        p.role == Role.LEAD
                                                && p.leftAt == null
                                                && !p.id.equals(person.id));
        if (person.role == Role.LEAD && person.leftAt == null && !isOther) {
            throw Refused.because(
                    "role",
                    "%s is the only lead here, and only a lead looks after the people. Make somebody else a lead first."
                            .formatted(person.name));
        }
    }

    /** The longest lock at any device. */
    private @Nullable Instant lockedUntil(PersonEntity p, Instant now) {
        return Stream.concat(
                        Stream.of(p.guesses),
                        devices.findByPersonId(p.id).stream().map(d -> d.guesses))
                .map(g -> g.lock(now))
                .filter(Objects::nonNull)
                .max(Instant::compareTo)
                .orElse(null);
    }

    private PersonView view(PersonEntity p) {
        var now = clock.instant();
        return new PersonView(
                p.id,
                p.name,
                p.role,
                p.leftAt,
                lockedUntil(p, now),
                p.guesses.locks,
                p.changedBy(),
                p.changedAt(),
                p.version());
    }
}
