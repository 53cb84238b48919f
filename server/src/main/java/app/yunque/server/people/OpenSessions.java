package app.yunque.server.people;

import jakarta.servlet.http.HttpSession;
import java.util.Set;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Ends what somebody has open on other devices, so that a new role or PIN counts at once. */
@Component
class OpenSessions {
    private static final String DEVICE = OpenSessions.class.getName() + ".device";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    OpenSessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** Notes where a session was begun. */
    static void begunOn(HttpSession session, String device) {
        session.setAttribute(DEVICE, device);
    }

    /**
     * Ends what somebody has open on one device.
     *
     * @param but the one that asks, which goes on
     */
    void endOn(String name, String device, String but) {
        sessions.findByPrincipalName(name).values().stream()
                .filter(s -> device.equals(s.getAttribute(DEVICE)))
                .map(Session::getId)
                .filter(id -> !id.equals(but))
                .toList()
                .forEach(sessions::deleteById);
    }

    /** @param but the one that goes on; empty when none does */
    void endOf(String name, String but) {
        for (var id : Set.copyOf(sessions.findByPrincipalName(name).keySet())) {
            if (!id.equals(but)) {
                sessions.deleteById(id);
            }
        }
    }
}
