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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.security.crypto.password.PasswordEncoder;

class LockTest {
    private static final Instant NOON = Instant.parse("2026-05-04T12:00:00Z");

    private final PersonRepository people = mock(PersonRepository.class);
    private final PasswordEncoder encoder = mock(PasswordEncoder.class);
    private final DeviceRepository devices = mock(DeviceRepository.class);
    private final ThisDevice device = mock(ThisDevice.class);
    private final Clock clock = mock(Clock.class);
    private final SignInService signIn =
            new SignInService(people, devices, device, encoder, mock(NamesForEver.class), clock);
    private final PersonEntity person = new PersonEntity();

    @BeforeEach
    void atNoon() {
        person.id = UUID.randomUUID();
        person.name = "Tomás Vega";
        person.role = Role.MECHANIC;
        when(people.findWithLockById(person.id)).thenReturn(Optional.of(person));
        when(encoder.matches(eq("1470"), any())).thenReturn(true);
        when(clock.instant()).thenReturn(NOON);
        when(device.token()).thenReturn(Optional.empty());
    }

    /** The device on which the person signed in before, from now on. */
    private void atTheOwnDevice() {
        var own = new DeviceEntity();
        own.id = DeviceEntity.idOf("own", person.id);
        when(devices.findWithLockById(own.id)).thenReturn(Optional.of(own));
        when(device.token()).thenReturn(Optional.of("own"));
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

    /** 1, 2, 4 … minutes, and never more than an hour. */
    @ParameterizedTest(name = "lock {0}: {1}")
    @CsvSource({
        "1, 60, one minute",
        "2, 120, 2 minutes",
        "3, 240, 4 minutes",
        "4, 480, 8 minutes",
        "5, 960, 16 minutes",
        "6, 1920, 32 minutes",
        "7, 3600, 60 minutes",
        "8, 3600, 60 minutes",
        "70, 3600, 60 minutes"
    })
    void eachLockInARowIsTwiceAsLong(int lock, int seconds, String words) {
        var now = NOON;
        for (int i = 1; i < lock; i++) {
            guessWrongly(5);
            now = now.plusSeconds(3600);
            when(clock.instant()).thenReturn(now);
        }
        guessWrongly(4);
        assertThat(signIn.attempt(person.id, "0000").sentence())
                .isEqualTo(
                        "Five wrong PINs: Tomás Vega is locked for %s. Wait, then try again."
                                .formatted(words));
        when(clock.instant()).thenReturn(now.plusSeconds(seconds - 1));
        assertThat(signIn.attempt(person.id, "1470").sentence())
                .contains("locked for another 2 seconds");
        when(clock.instant()).thenReturn(now.plusSeconds(seconds));
        assertThat(signIn.attempt(person.id, "1470").person()).isNotNull();
        guessWrongly(5);
        when(clock.instant()).thenReturn(now.plusSeconds(seconds + 60));
        assertThat(signIn.attempt(person.id, "1470").person())
                .as("a right PIN ends the row")
                .isNotNull();
    }

    @Test
    void whoGuessesElsewhereDoesNotKeepTheOwnerOut() {
        guessWrongly(5);
        assertThat(signIn.attempt(person.id, "1470").person()).isNull();
        atTheOwnDevice();
        assertThat(signIn.attempt(person.id, "1470").person()).isNotNull();
        when(device.token()).thenReturn(Optional.of("a token made up"));
        assertThat(signIn.attempt(person.id, "1470").person())
                .as("the owner’s sign-in opens nothing for the guesser")
                .isNull();
    }

    @Test
    void theOwnDeviceCountsForItself() {
        atTheOwnDevice();
        guessWrongly(5);
        assertThat(signIn.attempt(person.id, "1470").person()).isNull();
        when(device.token()).thenReturn(Optional.empty());
        assertThat(signIn.attempt(person.id, "1470").person()).isNotNull();
    }

    @Test
    void aDeviceIsKnownForOnePersonOnly() {
        assertThat(DeviceEntity.idOf("own", person.id))
                .isNotEqualTo(DeviceEntity.idOf("own", UUID.randomUUID()))
                .isNotEqualTo(DeviceEntity.idOf("other", person.id))
                .hasSize(64);
    }
}
