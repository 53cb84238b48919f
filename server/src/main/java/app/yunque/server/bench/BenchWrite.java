package app.yunque.server.bench;

import app.yunque.server.history.WriteOnce;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** One write to a job: made once, refused on a signed job, answered with the whole job. */
@Component
class BenchWrite {
    private final WriteOnce writes;
    private final JobService jobs;
    private final JobViews views;

    BenchWrite(WriteOnce writes, JobService jobs, JobViews views) {
        this.writes = writes;
        this.jobs = jobs;
        this.views = views;
    }

    JobView change(UUID writeId, long number, Consumer<JobRef> change) {
        writes.run(
                writeId,
                () -> {
                    var job = jobs.openForWork(number);
                    change.accept(job);
                    jobs.touch(job);
                });
        return views.of(number);
    }
}
