package app.yunque.server.people;

import app.yunque.server.problem.Forbidden;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Asks who is signed in. */
@Component
public class AtTheBench {
    public SignedIn person() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication != null && authentication.getPrincipal() instanceof SignedIn signedIn) {
            return signedIn;
        }
        throw new Forbidden("Nobody is signed in.");
    }

    public String name() {
        return person().name();
    }

    public boolean isLead() {
        return person().role() == Role.LEAD;
    }

    /** @throws Forbidden when the person at the bench is not a lead */
    public void refuseUnlessLead(String what) {
        if (!isLead()) {
            throw new Forbidden(what + " Ask a lead to sign in.");
        }
    }
}
