package app.yunque.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A session ends twelve hours after its sign-in however busy it is, so that a tablet on the bench asks who is there once in every shift.
 * What was typed meanwhile waits on the device. Source: OWASP ASVS 4, 3.3.2 (level 2).
 */
final class Shift extends OncePerRequestFilter {
    static final Duration LONGEST = Duration.ofHours(12);
    private static final String BEGAN = Shift.class.getName();

    private final Clock clock;

    Shift(Clock clock) {
        this.clock = clock;
    }

    static void begins(HttpSession session, Instant now) {
        session.setAttribute(BEGAN, now);
    }

    @Override
    protected void doFilterInternal(
            HttpServletRequest request, HttpServletResponse response, FilterChain next)
            throws ServletException, IOException {
        var session = request.getSession(false);
        if (session != null
                && session.getAttribute(BEGAN) instanceof Instant began
                && began.plus(LONGEST).isBefore(clock.instant())) {
            session.invalidate();
        }
        next.doFilter(request, response);
    }
}
