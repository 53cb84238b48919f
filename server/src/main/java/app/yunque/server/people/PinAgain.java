package app.yunque.server.people;

import app.yunque.server.problem.PinWanted;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * The PIN shown once more. A tablet lies open on the bench all day: a session says who signed in this morning, not who stands
 * there now. What binds the shop asks again.
 */
@Component
public class PinAgain {
    /** Borne by what the app itself does in somebody's name: the demo. */
    public static final String NOT_NEEDED = "PIN_NOT_NEEDED";

    /** From the PIN to the act, with a sentence read in between. */
    static final Duration GOOD_FOR = Duration.ofMinutes(2);

    private static final String SHOWN_AT = PinAgain.class.getName();

    /** The PIN with which a lead has acted already. */
    private static final String SERVED = SHOWN_AT + ".served";

    private final Clock clock;

    PinAgain(Clock clock) {
        this.clock = clock;
    }

    /** The PIN was right, in this session and now. */
    void shown() {
        session().setAttribute(SHOWN_AT, clock.instant(), RequestAttributes.SCOPE_SESSION);
    }

    /**
     * For acts of a lead, as many as these minutes hold.
     *
     * @throws PinWanted when it was not shown in them
     */
    void refuseUnlessShown(String what) {
        if (isNeeded()) {
            session().setAttribute(SERVED, shownFor(what), RequestAttributes.SCOPE_SESSION);
        }
    }

    /**
     * For one signature: what was typed for something else is not good for it, and it is good for nothing after it.
     *
     * @throws PinWanted when it was not shown for this
     */
    void useUp(String what) {
        if (!isNeeded()) {
            return;
        }
        var shown = shownFor(what);
        if (shown.equals(session().getAttribute(SERVED, RequestAttributes.SCOPE_SESSION))) {
            throw wanted(what);
        }
        session().removeAttribute(SHOWN_AT, RequestAttributes.SCOPE_SESSION);
    }

    private Instant shownFor(String what) {
        var at = session().getAttribute(SHOWN_AT, RequestAttributes.SCOPE_SESSION);
        if (!(at instanceof Instant shown) || shown.plus(GOOD_FOR).isBefore(clock.instant())) {
            throw wanted(what);
        }
        return shown;
    }

    private static PinWanted wanted(String what) {
        return new PinWanted(what + " Type your PIN for it.");
    }

    private static RequestAttributes session() {
        return RequestContextHolder.currentRequestAttributes();
    }

    private static boolean isNeeded() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication == null
                || authentication.getAuthorities().stream()
                        .noneMatch(a -> NOT_NEEDED.equals(a.getAuthority()));
    }
}
