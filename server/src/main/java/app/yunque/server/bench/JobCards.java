package app.yunque.server.bench;

import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs as lists show them. */
@Service
class JobCards {
    private final JobService jobs;
    private final JobViews views;

    JobCards(JobService jobs, JobViews views) {
        this.jobs = jobs;
        this.views = views;
    }

    @Transactional(readOnly = true)
    List<JobCard> open() {
        return jobs.open().stream().map(this::card).toList();
    }

    @Transactional(readOnly = true)
    List<JobCard> signed(@Nullable Long before) {
        return jobs.signedBefore(before).stream().map(this::card).toList();
    }

    @Transactional(readOnly = true)
    List<JobCard> ofUnit(UUID unitId) {
        return jobs.ofUnit(unitId).stream().map(this::card).toList();
    }

    private JobCard card(JobRef job) {
        var view = views.of(job);
        boolean open = job.isOpen();
        var stop =
                view.route().stops().stream().filter(s -> s.station() == view.next()).findFirst();
        return new JobCard(
                job.number(),
                job.unitId(),
                view.unit().tag(),
                view.unit().name(),
                view.job().complaint(),
                job.openedAt(),
                view.job().openedBy(),
                open ? view.next() : null,
                open ? stop.map(s -> s.says()).orElse(null) : null,
                open ? view.route().stops() : List.of(),
                job.signedBy(),
                job.signedAt(),
                job.putAway(),
                view.proof() == null ? null : view.proof().given().nextService(),
                view.meshes().stream()
                        .map(m -> m.after() == null ? null : m.after().result().backlash())
                        .filter(Objects::nonNull)
                        .map(b -> b.mean().circumferentialMm())
                        .toList());
    }
}
