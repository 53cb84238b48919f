package app.yunque.server.people;

import app.yunque.server.problem.NotThere;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The devices that know a person: remembered at a sign-in, looked through and forgotten by their owner. */
@Service
class DeviceService {
    private final DeviceRepository devices;
    private final ThisDevice device;
    private final OpenSessions sessions;
    private final AtTheBench bench;
    private final Clock clock;

    DeviceService(
            DeviceRepository devices,
            ThisDevice device,
            OpenSessions sessions,
            AtTheBench bench,
            Clock clock) {
        this.devices = devices;
        this.device = device;
        this.sessions = sessions;
        this.bench = bench;
        this.clock = clock;
    }

    /**
     * From now on the device that holds this counts for itself.
     *
     * @return what it is known by
     */
    @Transactional
    String know(SignedIn person, String token) {
        var now = clock.instant();
        devices.deleteByLastUsedAtBefore(now.minus(ThisDevice.KNOWN_FOR));
        var id = DeviceEntity.idOf(token, person.id());
        var known = devices.findById(id).orElseGet(DeviceEntity::new);
        known.id = id;
        known.personId = person.id();
        known.isHandHeld = device.isHandHeld();
        known.seenFrom = device.address();
        known.lastUsedAt = now;
        devices.save(known);
        return id;
    }

    /** Of the person at the bench, the last used first. */
    @Transactional(readOnly = true)
    List<DeviceView> own() {
        var me = bench.person();
        var here = device.token().map(t -> DeviceEntity.idOf(t, me.id())).orElse("");
        return devices.findByPersonId(me.id()).stream()
                .sorted(Comparator.comparing((DeviceEntity d) -> d.lastUsedAt).reversed())
                .map(
                        d ->
                                new DeviceView(
                                        d.id,
                                        d.isHandHeld,
                                        d.seenFrom,
                                        d.lastUsedAt,
                                        d.id.equals(here)))
                .toList();
    }

    /**
     * One that was lost or lent: strange again, and what is open on it ends at once.
     *
     * @param here the session in which it is said, which goes on
     */
    @Transactional
    void forget(String id, String here) {
        var me = bench.person();
        var known =
                devices.findWithLockById(id)
                        .filter(d -> d.personId.equals(me.id()))
                        .orElseThrow(
                                () -> new NotThere("That device is not on your list any more."));
        bench.actAgain("A device is forgotten by its owner.");
        devices.delete(known);
        sessions.endOn(me.name(), id, here);
    }
}
