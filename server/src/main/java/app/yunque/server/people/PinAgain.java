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
    private final Clock clock;

    PinAgain(Clock clock) {
        this.clock = clock;
    }

    /** The PIN was right, in this session and now. */
    void shown() {
        RequestContextHolder.currentRequestAttributes()
                .setAttribute(SHOWN_AT, clock.instant(), RequestAttributes.SCOPE_SESSION);
    }

    /** @throws PinWanted when it was not shown in these minutes */
    void refuseUnlessShown(String what) {
        if (!isNeeded()) {
            return;
        }
        var at =
                RequestContextHolder.currentRequestAttributes()
                        .getAttribute(SHOWN_AT, RequestAttributes.SCOPE_SESSION);
        if (!(at instanceof Instant shown) || shown.plus(GOOD_FOR).isBefore(clock.instant())) {
            throw new PinWanted(what + " Type your PIN for it.");
        }
    }

    /** One signature, one PIN. */
    void used() {
        if (isNeeded()) {
            RequestContextHolder.currentRequestAttributes()
                    .removeAttribute(SHOWN_AT, RequestAttributes.SCOPE_SESSION);
        }
    }

    private static boolean isNeeded() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication == null
                || authentication.getAuthorities().stream()
                        .noneMatch(a -> NOT_NEEDED.equals(a.getAuthority()));
    }
}
