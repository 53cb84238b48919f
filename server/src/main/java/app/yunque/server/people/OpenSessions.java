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

    void endOf(String name) {
        for (var id : Set.copyOf(sessions.findByPrincipalName(name).keySet())) {
            sessions.deleteById(id);
        }
    }
}
