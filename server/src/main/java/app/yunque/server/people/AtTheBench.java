package app.yunque.server.people;

import app.yunque.server.problem.Forbidden;
import app.yunque.server.problem.PinWanted;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Asks who is signed in. */
@Component
public class AtTheBench {
    private final PinAgain pin;

    AtTheBench(PinAgain pin) {
        this.pin = pin;
    }

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

    /**
     * Before what only a lead may do.
     *
     * @throws Forbidden when the person at the bench is not a lead
     * @throws PinWanted when that lead has not shown the PIN in these minutes
     */
    public void actAsLead(String what) {
        refuseUnlessLead(what);
        pin.refuseUnlessShown(what);
    }

    /**
     * Before what everybody may do for oneself only.
     *
     * @throws PinWanted when the PIN was not shown in these minutes
     */
    void actAgain(String what) {
        pin.refuseUnlessShown(what);
    }

    /**
     * Before a signature: it is the person's who signed in, not of whoever found the tablet. One PIN is good for one.
     *
     * @throws PinWanted when the PIN has not been shown for it
     */
    public void putsNameTo(String what) {
        pin.useUp(what);
    }
}
