package app.yunque.server.bench;

import app.yunque.server.change.UnitChangeRequest;
import app.yunque.server.change.UnitChangeService;
import app.yunque.server.change.UnitChangeView;
import app.yunque.server.job.JobService;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a job changes on the unit itself. */
@RestController
class UnitChangeController {
    private final BenchWrite bench;
    private final JobService jobs;
    private final UnitChangeService changes;

    UnitChangeController(BenchWrite bench, JobService jobs, UnitChangeService changes) {
        this.bench = bench;
        this.jobs = jobs;
        this.changes = changes;
    }

    /**
     * A change with the job that made it.
     *
     * @param job    number of the job
     * @param change the change
     */
    record OfJob(long job, UnitChangeView change) {}

    @PutMapping("/api/jobs/{number}/unit-changes/{id}")
    JobView keep(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody UnitChangeRequest request) {
        return bench.change(writeId, number, job -> changes.keep(job, id, request));
    }

    @DeleteMapping("/api/jobs/{number}/unit-changes/{id}")
    JobView remove(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(writeId, number, job -> changes.remove(job, id, version));
    }

    /** What was changed on a unit over the years, by job. */
    @GetMapping("/api/units/{id}/changes")
    List<OfJob> ofUnit(@PathVariable UUID id) {
        return jobs.ofUnit(id).stream()
                .flatMap(j -> changes.views(j.id()).stream().map(c -> new OfJob(j.number(), c)))
                .toList();
    }
}
