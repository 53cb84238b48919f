package app.yunque.server.job;

import java.sql.Timestamp;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What signed jobs were sealed as, each revision by itself. Rows are written once and never changed; a list of jobs never reads them. */
@Repository
class SealRepository {
    private final JdbcClient jdbc;

    SealRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    void keep(JobEntity job, Seal seal) {
        jdbc.sql(
                        """
                        insert into job_seal (job_id, revision, signed_by, signed_at, why, view, page, pdf, backlash_mm, digest, papers_digest)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(
                        job.id,
                        job.revision,
                        job.signedBy,
                        Timestamp.from(Objects.requireNonNull(job.signedAt, "sealed when signed")),
                        job.correctedWhy,
                        seal.view(),
                        seal.page(),
                        seal.pdf(),
                        seal.backlashMm().toArray(Double[]::new),
                        Seal.digest(seal.view()),
                        Seal.digest(seal.page(), seal.pdf()))
                .update();
    }

    Optional<String> view(UUID jobId, int revision) {
        return one("view", jobId, revision, String.class);
    }

    Optional<String> page(UUID jobId, int revision) {
        return one("page", jobId, revision, String.class);
    }

    Optional<byte[]> pdf(UUID jobId, int revision) {
        return one("pdf", jobId, revision, byte[].class);
    }

    /** All signatures of a job, the first first, each with whether it is still what was sealed; PostgreSQL compares. */
    List<Revision> of(UUID jobId) {
        return jdbc.sql(
                        """
                        select revision, signed_by, signed_at, why, digest,
                            digest = encode(sha256(convert_to(coalesce(view, ''), 'UTF8')), 'hex')
                                and papers_digest = encode(sha256(convert_to(coalesce(page, ''), 'UTF8') || pdf), 'hex') as whole
                        from job_seal where job_id = ? order by revision""")
                .param(jobId)
                .query(
                        (row, n) -> {
                            var at = row.getTimestamp("signed_at");
                            return new Revision(
                                    row.getInt("revision"),
                                    row.getString("signed_by"),
                                    at == null ? null : at.toInstant(),
                                    row.getString("why"),
                                    row.getString("digest"),
                                    row.getBoolean("whole"));
                        })
                .list();
    }

    private <T> Optional<T> one(String column, UUID jobId, int revision, Class<T> type) {
        return jdbc.sql(
                        "select %1$s from job_seal where job_id = ? and revision = ? and %1$s is not null"
                                .formatted(column))
                .params(jobId, revision)
                .query(type)
                .optional();
    }
}
