package app.yunque.server.job;

import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What signed jobs were sealed as. Rows are written once and never changed; a list of jobs never reads them. */
@Repository
class SealRepository {
    private final JdbcClient jdbc;

    SealRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    void keep(UUID jobId, Seal seal) {
        jdbc.sql(
                        "insert into job_seal (job_id, view, page, pdf, backlash_mm) values (?, ?, ?, ?, ?)")
                .params(
                        jobId,
                        seal.view(),
                        seal.page(),
                        seal.pdf(),
                        seal.backlashMm().toArray(Double[]::new))
                .update();
    }

    Optional<String> view(UUID jobId) {
        return one("view", jobId, String.class);
    }

    Optional<String> page(UUID jobId) {
        return one("page", jobId, String.class);
    }

    Optional<byte[]> pdf(UUID jobId) {
        return one("pdf", jobId, byte[].class);
    }

    private <T> Optional<T> one(String column, UUID jobId, Class<T> type) {
        return jdbc.sql(
                        "select %1$s from job_seal where job_id = ? and %1$s is not null"
                                .formatted(column))
                .param(jobId)
                .query(type)
                .optional();
    }
}
