package app.yunque.server.job;

import app.yunque.server.history.PutAway;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Lists of jobs, each in one statement: no seal, no strip and no finding is read for a row. */
@Repository
class JobRows {
    private static final String ROWS =
            """
            select j.id, j.number, j.unit_id, j.opened_at, j.opened_by, j.signed_by, j.signed_at, j.put_away_by, j.put_away_at,
                j.put_away_why, j.touched, j.complaint, u.tag, u.name, s.backlash_mm
            from job j join unit u on u.id = j.unit_id left join job_seal s on s.job_id = j.id and s.revision = j.revision
            where\s""";

    private final JdbcClient jdbc;

    JobRows(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Open jobs, the newest first. */
    List<JobRow> open() {
        return rows(
                "j.signed_at is null and j.put_away_at is null order by j.number desc", Map.of());
    }

    /** A page of signed jobs by falling number, before a number. */
    List<JobRow> signedBefore(long number, int page) {
        return rows(
                "j.signed_at is not null and j.number < :before order by j.number desc limit :page",
                Map.of("before", number, "page", page));
    }

    /** All jobs on a unit, the newest first. */
    List<JobRow> ofUnit(UUID unitId) {
        return rows("j.unit_id = :unit order by j.number desc", Map.of("unit", unitId));
    }

    /** Jobs by their identity, the newest first. */
    List<JobRow> of(Collection<UUID> ids) {
        return ids.isEmpty()
                ? List.of()
                : rows("j.id in (:ids) order by j.number desc", Map.of("ids", ids));
    }

    /** The last signed job before a number on a unit, or where it has none on one of the same kind. */
    Optional<JobRow> lastSignedLike(UUID unitId, long before) {
        return rows(
                        """
                        j.signed_at is not null and j.number < :before
                            and (u.id = :unit or lower(u.kind) = (select lower(own.kind) from unit own where own.id = :unit))
                        order by (u.id = :unit) desc, j.number desc limit 1""",
                        Map.of("unit", unitId, "before", before))
                .stream()
                .findFirst();
    }

    private List<JobRow> rows(String which, Map<String, Object> given) {
        return jdbc.sql(ROWS + which).params(given).query((row, n) -> row(row)).list();
    }

    private static JobRow row(ResultSet row) throws SQLException {
        var away = instant(row, "put_away_at");
        var backlash = row.getArray("backlash_mm");
        return new JobRow(
                new JobRef(
                        row.getObject("id", UUID.class),
                        row.getLong("number"),
                        row.getObject("unit_id", UUID.class),
                        row.getTimestamp("opened_at").toInstant(),
                        row.getString("signed_by"),
                        instant(row, "signed_at"),
                        away == null
                                ? null
                                : new PutAway(
                                        row.getString("put_away_by"),
                                        away,
                                        row.getString("put_away_why")),
                        row.getLong("touched")),
                row.getString("tag"),
                row.getString("name"),
                row.getString("complaint"),
                row.getString("opened_by"),
                backlash == null ? null : List.of((Double[]) backlash.getArray()));
    }

    private static @Nullable Instant instant(ResultSet row, String column) throws SQLException {
        Timestamp at = row.getTimestamp(column);
        return at == null ? null : at.toInstant();
    }
}
