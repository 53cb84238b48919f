package app.yunque.server.people;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.yunque.server.problem.PinWanted;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** A shown PIN is good for two minutes, in the session in which it was shown. */
class PinAgainTest {
    private static final Instant NOON = Instant.parse("2026-11-27T12:00:00Z");

    private final Clock clock = mock(Clock.class);
    private final PinAgain pin = new PinAgain(clock);

    @BeforeEach
    void atNoon() {
        when(clock.instant()).thenReturn(NOON);
        anotherSession();
    }

    @AfterEach
    void nobodyHere() {
        RequestContextHolder.resetRequestAttributes();
        SecurityContextHolder.clearContext();
    }

    private static void anotherSession() {
        var kept = new HashMap<String, Object>();
        var session = mock(RequestAttributes.class);
        when(session.getAttribute(anyString(), eq(RequestAttributes.SCOPE_SESSION)))
                .thenAnswer(asked -> kept.get(asked.<String>getArgument(0)));
        doAnswer(asked -> kept.put(asked.getArgument(0), asked.getArgument(1)))
                .when(session)
                .setAttribute(anyString(), any(), eq(RequestAttributes.SCOPE_SESSION));
        doAnswer(asked -> kept.remove(asked.<String>getArgument(0)))
                .when(session)
                .removeAttribute(anyString(), eq(RequestAttributes.SCOPE_SESSION));
        RequestContextHolder.setRequestAttributes(session);
    }

    private void wanted() {
        assertThatThrownBy(() -> pin.refuseUnlessShown("Signing closes it."))
                .isInstanceOf(PinWanted.class)
                .hasMessage("Signing closes it. Type your PIN for it.");
    }

    private void goesOn() {
        assertThatCode(() -> pin.refuseUnlessShown("Signing closes it."))
                .doesNotThrowAnyException();
    }

    @Test
    void isGoodForTwoMinutesAndNotASecondMore() {
        wanted();
        pin.shown();
        goesOn();
        when(clock.instant()).thenReturn(NOON.plusSeconds(120));
        goesOn();
        when(clock.instant()).thenReturn(NOON.plusSeconds(121));
        wanted();
    }

    @Test
    void isNotGoodInAnotherSession() {
        pin.shown();
        anotherSession();
        wanted();
    }

    private void signatureIsRefused() {
        assertThatThrownBy(() -> pin.useUp("Signing closes it."))
                .isInstanceOf(PinWanted.class)
                .hasMessage("Signing closes it. Type your PIN for it.");
    }

    @Test
    void isUsedUpByOneSignature() {
        signatureIsRefused();
        pin.shown();
        pin.useUp("Signing closes it.");
        signatureIsRefused();
        wanted();
    }

    /** What a lead typed for an act of a lead signs nothing a minute later; what is typed anew does. */
    @Test
    void isNotGoodForASignatureAfterAnotherAct() {
        pin.shown();
        goesOn();
        signatureIsRefused();
        goesOn();
        when(clock.instant()).thenReturn(NOON.plusSeconds(30));
        pin.shown();
        pin.useUp("Signing closes it.");
    }

    @Test
    void isNotAskedOfTheAppItself() {
        SecurityContextHolder.getContext()
                .setAuthentication(
                        new TestingAuthenticationToken("demo", null, PinAgain.NOT_NEEDED));
        RequestContextHolder.resetRequestAttributes();
        goesOn();
        assertThatCode(() -> pin.useUp("Signing closes it.")).doesNotThrowAnyException();
    }
}
