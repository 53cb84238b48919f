package app.yunque.server.people;

import java.util.Set;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Ends what somebody has open on other devices, so that a new role or PIN counts at once. */
@Component
class OpenSessions {
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    OpenSessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
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
