package app.yunque.server.people;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Twelve hours, then who is at the bench is asked again. Source: OWASP ASVS 4, 3.3.2. */
class ShiftTest {
    private static final Instant SIX = Instant.parse("2026-11-27T06:00:00Z");

    private final HttpSession session = mock(HttpSession.class);

    private void after(long seconds) throws Exception {
        var clock = mock(Clock.class);
        when(clock.instant()).thenReturn(SIX.plusSeconds(seconds));
        var request = mock(HttpServletRequest.class);
        when(request.getSession(false)).thenReturn(session);
        var onward = mock(FilterChain.class);
        var response = mock(HttpServletResponse.class);
        new Shift(clock).doFilter(request, response, onward);
        verify(onward).doFilter(request, response);
    }

    @ParameterizedTest
    @CsvSource({"43200, 0", "43201, 1"})
    void endsTwelveHoursAfterTheSignInAndNotASecondSooner(long seconds, int ended)
            throws Exception {
        var kept = new HashMap<String, Object>();
        doAnswer(said -> kept.put(said.getArgument(0), said.getArgument(1)))
                .when(session)
                .setAttribute(anyString(), any());
        when(session.getAttribute(anyString()))
                .thenAnswer(asked -> kept.get(asked.<String>getArgument(0)));
        Shift.begins(session, SIX);
        after(seconds);
        verify(session, times(ended)).invalidate();
    }

    @Test
    void aSessionOfNobodyStays() throws Exception {
        after(1_000_000);
        verify(session, times(0)).invalidate();
    }
}
