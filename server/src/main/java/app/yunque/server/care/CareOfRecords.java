package app.yunque.server.care;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at the records from outside: what ./yunque doctor tells at the machine, for a lead at a tablet. */
@Service
class CareOfRecords {
    private static final long BYTES_OF_MB = 1024L * 1024;

    private final JdbcClient records;
    private final Clock clock;
    private final Path place;

    /** @param place the launcher's folder; where it is started without, the folder it stands in */
    CareOfRecords(JdbcClient records, Clock clock, @Value("${yunque.place:.}") Path place) {
        this.records = records;
        this.clock = clock;
        this.place = place;
    }

    @Transactional(readOnly = true)
    public List<Sign> signs() {
        var now = clock.instant();
        return List.of(
                Sign.records(
                        records.sql(
                                        "select coalesce(max(version::int), 0) from flyway_schema_history where success")
                                .query(Integer.class)
                                .single(),
                        records.sql("select pg_size_pretty(pg_database_size(current_database()))")
                                .query(String.class)
                                .single()),
                Sign.room(place.toFile().getUsableSpace() / BYTES_OF_MB),
                Sign.clock(now, lastEntry().orElse(null)),
                backups(now));
    }

    private Optional<Instant> lastEntry() {
        return records.sql("select max(at) from revision")
                .query((row, number) -> Optional.ofNullable(row.getObject(1, Long.class)))
                .single()
                .map(Instant::ofEpochMilli);
    }

    private Sign backups(Instant now) {
        try {
            var noted = place.resolve("backups.place");
            if (!Files.isReadable(noted)) {
                return Sign.noBackups();
            }
            var folder = Files.readString(noted).strip();
            return Sign.backups(folder, now, newest(Path.of(folder)).orElse(null));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Optional<Instant> newest(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return Optional.empty();
        }
        try (var files = Files.list(folder)) {
            return files.filter(
                            f -> f.getFileName().toString().matches("yunque-[0-9-]{10}\\.yunque"))
                    .map(f -> Instant.ofEpochMilli(f.toFile().lastModified()))
                    .max(Instant::compareTo);
        }
    }
}
