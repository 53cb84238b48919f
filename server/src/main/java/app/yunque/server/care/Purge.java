package app.yunque.server.care;

import app.yunque.measure.Refused;
import app.yunque.server.history.PutAwayRequest;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes a record away for good, with its history and its pictures. Only what was put away before, only by a lead who types its tag
 * and the PIN; one line of it stays. Everything else the app takes away stays in the history.
 */
@Service
class Purge {
    private static final String STEPS =
            "(select id from step where job_id in (:jobs) union select id from step_aud where job_id in (:jobs))";
    private static final String PLACES =
            "(select id from lubricated_place where unit_id = :unit union select id from lubricated_place_aud where unit_id = :unit)";

    /** Each table with what in it belongs to some jobs, those first that others lean on last. */
    private static final List<String> OF_JOBS =
            List.of(
                    "strip_action where job_id in (:jobs)",
                    "photo where job_id in (:jobs)",
                    "photo_aud where job_id in (:jobs)",
                    "finding where job_id in (:jobs)",
                    "finding_aud where job_id in (:jobs)",
                    "statement where job_id in (:jobs)",
                    "statement_aud where job_id in (:jobs)",
                    "build_order where job_id in (:jobs)",
                    "build_order_aud where job_id in (:jobs)",
                    "decision where job_id in (:jobs)",
                    "decision_aud where step_id in " + STEPS,
                    "fitting where job_id in (:jobs)",
                    "fitting_aud where step_id in " + STEPS,
                    "place_fill where job_id in (:jobs)",
                    "place_fill_aud where job_id in (:jobs)",
                    "job_cause where job_id in (:jobs)",
                    "job_cause_aud where job_id in (:jobs)",
                    "job_permission where job_id in (:jobs)",
                    "job_permission_aud where job_id in (:jobs)",
                    "job_isolation where job_id in (:jobs)",
                    "job_isolation_aud where job_id in (:jobs)",
                    "job_turn_count where job_id in (:jobs)",
                    "job_turn_count_aud where job_id in (:jobs)",
                    "job_proof where job_id in (:jobs)",
                    "job_proof_aud where job_id in (:jobs)",
                    "job_fill_aud where job_id in (:jobs)",
                    "job_seal where job_id in (:jobs)",
                    "step where job_id in (:jobs)",
                    "step_aud where job_id in (:jobs)",
                    "job where id in (:jobs)",
                    "job_aud where id in (:jobs)");

    private static final List<String> OF_THE_UNIT =
            List.of(
                    "oil_sample where place_id in " + PLACES,
                    "oil_sample_aud where place_id in " + PLACES,
                    "place_fill where place_id in " + PLACES,
                    "place_fill_aud where place_id in " + PLACES,
                    "unit_document_page where document_id in (select id from unit_document where unit_id = :unit)",
                    "unit_document where unit_id = :unit",
                    "unit_document_aud where unit_id = :unit",
                    "lubricated_place where unit_id = :unit",
                    "lubricated_place_aud where unit_id = :unit",
                    "unit where id = :unit",
                    "unit_aud where id = :unit");

    private final JdbcClient records;
    private final AtTheBench bench;
    private final Clock clock;

    Purge(JdbcClient records, AtTheBench bench, Clock clock) {
        this.records = records;
        this.bench = bench;
        this.clock = clock;
    }

    /**
     * One that was purged.
     *
     * @param what       tag and name, or the number of a job
     * @param why        reason in words
     * @param jobs       jobs that went with it
     * @param signedJobs signed ones among them
     * @param by         who purged it
     * @param at         when
     */
    record Purged(String what, String why, int jobs, int signedJobs, String by, Instant at) {}

    private record Away(UUID id, String tag, String name, boolean isAway) {}

    /** What was purged, the latest first. */
    @Transactional(readOnly = true)
    public List<Purged> all() {
        return records.sql(
                        "select what, why, jobs, signed_jobs, purged_by, purged_at from purged order by purged_at desc")
                .query(
                        (row, n) ->
                                new Purged(
                                        row.getString(1),
                                        row.getString(2),
                                        row.getInt(3),
                                        row.getInt(4),
                                        row.getString(5),
                                        row.getTimestamp(6).toInstant()))
                .list();
    }

    /**
     * A unit with its jobs, signed ones too, its lubricated places, fillings and samples.
     *
     * @param tag its tag as somebody typed it
     * @throws Refused when it is in use, or the tag is another
     */
    @Transactional
    public void unit(UUID id, String tag, String why) {
        var unit =
                records.sql(
                                "select id, tag, name, put_away_at is not null from unit where id = :id for update")
                        .param("id", id)
                        .query(
                                (row, n) ->
                                        new Away(
                                                row.getObject(1, UUID.class),
                                                row.getString(2),
                                                row.getString(3),
                                                row.getBoolean(4)))
                        .optional()
                        .orElseThrow(
                                () -> new NotThere("There is no such unit. Look under Units."));
        refuse(unit, tag, why, unit.tag());
        var jobs =
                records.sql("select id from job where unit_id = :unit for update")
                        .param("unit", id)
                        .query(UUID.class)
                        .list();
        note("%s, %s".formatted(unit.tag(), unit.name()), why, jobs);
        ofJobs(jobs);
        for (var part : OF_THE_UNIT) {
            records.sql("delete from " + part).param("unit", id).update();
        }
    }

    /**
     * One job that was put away unsigned. A signed one goes with its unit only.
     *
     * @param tag the tag of its unit as somebody typed it
     */
    @Transactional
    public void job(long number, String tag, String why) {
        var job =
                records.sql(
                                """
                                select j.id, u.tag, u.name, j.put_away_at is not null from job j join unit u on u.id = j.unit_id
                                where j.number = :number for update of j
                                """)
                        .param("number", number)
                        .query(
                                (row, n) ->
                                        new Away(
                                                row.getObject(1, UUID.class),
                                                row.getString(2),
                                                row.getString(3),
                                                row.getBoolean(4)))
                        .optional()
                        .orElseThrow(
                                () ->
                                        new NotThere(
                                                "There is no job "
                                                        + number
                                                        + ". Look on the Floor."));
        refuse(job, tag, why, "job " + number);
        note("job %d on %s, %s".formatted(number, job.tag(), job.name()), why, List.of(job.id()));
        ofJobs(List.of(job.id()));
    }

    private void refuse(Away record, String tag, String why, String called) {
        if (!record.isAway()) {
            throw Refused.because(
                    "tag",
                    "Only what was put away is purged, and %s was not. Put it away first."
                            .formatted(called));
        }
        if (!record.tag().equals(tag.strip())) {
            throw Refused.because(
                    "tag",
                    "The tag is %s; “%s” was typed. Nothing was purged."
                            .formatted(record.tag(), tag.strip()));
        }
        if (why.isBlank() || why.strip().length() > PutAwayRequest.LONGEST_WHY) {
            throw Refused.because(
                    "why", "Say why, in 1 to %d characters.".formatted(PutAwayRequest.LONGEST_WHY));
        }
        bench.actAsLead("What is purged is gone for good; only a lead does it.");
    }

    private void note(String what, String why, List<UUID> jobs) {
        var signed =
                jobs.isEmpty()
                        ? 0
                        : records.sql(
                                        "select count(*) from job where id in (:jobs) and signed_at is not null")
                                .param("jobs", jobs)
                                .query(Integer.class)
                                .single();
        records.sql("insert into purged values (?, ?, ?, ?, ?, ?, ?)")
                .params(
                        UUID.randomUUID(),
                        what,
                        why.strip(),
                        jobs.size(),
                        signed,
                        bench.name(),
                        Timestamp.from(clock.instant()))
                .update();
    }

    private void ofJobs(List<UUID> jobs) {
        if (jobs.isEmpty()) {
            return;
        }
        for (var part : OF_JOBS) {
            records.sql("delete from " + part).param("jobs", jobs).update();
        }
    }
}
