package app.yunque.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;

class LockTest {
    private static final Instant NOON = Instant.parse("2026-05-04T12:00:00Z");

    private final PersonRepository people = mock(PersonRepository.class);
    private final PasswordEncoder encoder = mock(PasswordEncoder.class);
    private final Clock clock = mock(Clock.class);
    private final SignInService signIn =
            new SignInService(people, encoder, mock(NamesForEver.class), clock);
    private final PersonEntity person = new PersonEntity();

    @BeforeEach
    void atNoon() {
        person.id = UUID.randomUUID();
        person.name = "Tomás Vega";
        person.role = Role.MECHANIC;
        when(people.findWithLockById(person.id)).thenReturn(Optional.of(person));
        when(encoder.matches(eq("1470"), any())).thenReturn(true);
        when(clock.instant()).thenReturn(NOON);
    }

    private void guessWrongly(int times) {
        for (int i = 0; i < times; i++) {
            signIn.attempt(person.id, "0000");
        }
    }

    @Test
    void opensAgainAfterAMinute() {
        guessWrongly(5);
        when(clock.instant()).thenReturn(NOON.plusSeconds(59));
        assertThat(signIn.attempt(person.id, "1470").person()).isNull();
        when(clock.instant()).thenReturn(NOON.plusSeconds(61));
        assertThat(signIn.attempt(person.id, "1470").person()).isNotNull();
    }

    @Test
    void forgetsWrongPinsOnceTheRightOneCame() {
        guessWrongly(4);
        signIn.attempt(person.id, "1470");
        guessWrongly(4);
        assertThat(signIn.attempt(person.id, "1470").person()).isNotNull();
    }
}
