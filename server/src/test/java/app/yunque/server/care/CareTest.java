package app.yunque.server.care;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(RunningApp.class)
class CareTest {
    private static final Instant NOW = Instant.parse("2036-11-27T12:00:00Z");
    @TempDir Path place;

    private Sign backups() {
        var care =
                new CareOfRecords(
                        RunningApp.bean(JdbcClient.class), Clock.fixed(NOW, ZoneOffset.UTC), place);
        return care.signs().get(3);
    }

    @Test
    void aLeadSeesHowTheRecordsAre() {
        var care = AtBench.lead().get("/api/care");
        assertThat(care.status()).isEqualTo(200);
        assertThat(care.body())
                .extracting(s -> s.path("what").asString())
                .containsExactly("Records", "Room", "Clock", "Backups");
        assertThat(care.body().get(0).path("says").asString()).matches("version \\d+, .*B");
        assertThat(care.body().get(2).path("amiss").asBoolean()).isFalse();
        assertThat(AtBench.mechanic().get("/api/care").status()).isEqualTo(403);
    }

    @Test
    void theNewestBackupOfTheNotedFolderCounts() throws Exception {
        assertThat(backups()).isEqualTo(Sign.noBackups());
        var folder = place.resolve("nights");
        Files.writeString(place.resolve("backups.place"), folder + "\n");
        assertThat(backups().says()).isEqualTo("There is none in " + folder + " yet.");

        Files.createDirectory(folder);
        night(folder, "yunque-2036-11-25.yunque", 60);
        night(folder, "yunque-2036-11-27.yunque", 10);
        night(folder, "before-version-15.yunque", 1);
        assertThat(backups().says()).startsWith("The newest is 10 hours old");
    }

    private static void night(Path folder, String name, int hoursAgo) throws Exception {
        var file = Files.writeString(folder.resolve(name), "x").toFile();
        assertThat(file.setLastModified(NOW.minusSeconds(3600L * hoursAgo).toEpochMilli()))
                .isTrue();
    }
}
