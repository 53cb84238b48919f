package app.yunque.server.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SignTest {
    private static final Instant NOW = Instant.parse("2026-11-27T12:00:00Z");

    @ParameterizedTest(name = "{0} MB free: amiss {1}")
    @CsvSource({"0, true", "499, true", "500, false", "90000, false"})
    void roomIsTooLittleBelowItsLimit(long free, boolean amiss) {
        assertThat(Sign.room(free).amiss()).isEqualTo(amiss);
        assertThat(Sign.room(free).says()).contains("MB are free");
    }

    @ParameterizedTest(name = "last entry {0} from now: amiss {1}")
    @CsvSource(
            nullValues = "never",
            value = {"never, false", "-P1D, false", "PT5M, false", "PT5M1S, true", "P1D, true"})
    void aClockDoesNotStandBeforeWhatWasKept(@Nullable Duration after, boolean amiss) {
        var sign = Sign.clock(NOW, after == null ? null : NOW.plus(after));
        assertThat(sign.amiss()).isEqualTo(amiss);
        if (amiss) {
            assertThat(sign.says()).contains("before the last entry", NOW.plus(after).toString());
        }
    }

    @ParameterizedTest(name = "newest {0} old: amiss {1}")
    @CsvSource(
            nullValues = "none",
            value = {
                "none, true, There is none in /b yet.",
                "PT0S, false, 'The newest is of this hour, in /b'",
                "PT59M, false, 'The newest is of this hour, in /b'",
                "PT1H, false, 'The newest is 1 hours old, in /b'",
                "PT47H59M, false, 'The newest is 47 hours old, in /b'",
                "PT48H, false, 'The newest is 48 hours old, in /b'",
                "PT48H1S, true, 'The newest is 48 hours old, in /b. See backups.log on this machine.'",
                "-PT3H, false, 'The newest is of this hour, in /b'"
            })
    void aBackupOfTheLastTwoNightsIsThere(@Nullable Duration age, boolean amiss, String says) {
        assertThat(Sign.backups("/b", NOW, age == null ? null : NOW.minus(age)))
                .isEqualTo(new Sign("Backups", says, amiss));
    }

    @Test
    void noBackupsByThemselvesIsSaidWithWhatToDo() {
        assertThat(Sign.noBackups().amiss()).isTrue();
        assertThat(Sign.noBackups().says()).contains("./yunque start --keep-backups FOLDER");
    }

    /** What a lead sees at a tablet, and what ./yunque doctor sees at the machine. */
    @Test
    void theLauncherHasTheSameLimits() throws IOException {
        assertThat(Files.readString(Path.of("../launcher/care.sh")))
                .contains("\nleast_free_mb=%d\n".formatted(Sign.LEAST_FREE_MB))
                .contains("\"$hours\" -gt %d ]".formatted(Sign.OLDEST_BACKUP.toHours()))
                .contains("date +%%s) + %d)".formatted(Sign.CLOCKS_DIFFER.toSeconds()));
    }
}
