package app.yunque.server.bench;

import app.yunque.server.job.JobRow;
import app.yunque.server.job.JobService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Jobs as lists show them. What a row says comes from one statement for the whole list; where an open job waits is judged from the
 * whole job, so that judgement is kept until the job is written to or the day changes. A signed job's row never changes.
 */
@Service
class JobCards {
    private final JobService jobs;
    private final JobViews views;
    private final Clock clock;
    private final Map<UUID, Judged> judged = new ConcurrentHashMap<>();

    JobCards(JobService jobs, JobViews views, Clock clock) {
        this.jobs = jobs;
        this.views = views;
        this.clock = clock;
    }

    /** Where an open job waits, as it stood after so many writes on that day. */
    private record Judged(long touched, LocalDate day, Waits waits) {}

    @Transactional(readOnly = true)
    List<JobCard> open() {
        var rows = jobs.open();
        judged.keySet().retainAll(rows.stream().map(r -> r.job().id()).toList());
        return rows.stream().map(this::card).toList();
    }

    @Transactional(readOnly = true)
    List<JobCard> signed(@Nullable Long before) {
        return jobs.signedBefore(before).stream().map(this::card).toList();
    }

    @Transactional(readOnly = true)
    List<JobCard> ofUnit(UUID unitId) {
        return jobs.rowsOfUnit(unitId).stream().map(this::card).toList();
    }

    private JobCard card(JobRow row) {
        var job = row.job();
        var waits = job.isOpen() ? waits(row) : Waits.NOWHERE;
        return new JobCard(
                job.number(),
                job.unitId(),
                row.tag(),
                row.unit(),
                row.complaint(),
                job.openedAt(),
                row.openedBy(),
                waits.at(),
                waits.says(),
                waits.stops(),
                job.signedBy(),
                job.signedAt(),
                job.putAway(),
                backlash(row));
    }

    private Waits waits(JobRow row) {
        var job = row.job();
        var today = LocalDate.now(clock);
        var known = judged.get(job.id());
        if (known == null || known.touched != job.touched() || !known.day.equals(today)) {
            known = new Judged(job.touched(), today, Waits.in(views.of(job).route()));
            judged.put(job.id(), known);
        }
        return known.waits;
    }

    private List<Double> backlash(JobRow row) {
        if (row.backlashMm() != null) {
            return row.backlashMm();
        }
        return row.job().isSigned() ? views.of(row.job()).backlashAfterMm() : List.of();
    }
}
