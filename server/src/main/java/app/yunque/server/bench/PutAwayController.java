package app.yunque.server.bench;

import app.yunque.measure.Refused;
import app.yunque.server.history.PutAwayRequest;
import app.yunque.server.history.WriteOnce;
import app.yunque.server.job.JobEndRequest;
import app.yunque.server.job.JobService;
import app.yunque.server.unit.UnitService;
import app.yunque.server.unit.UnitView;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Units and jobs out of the way, and back. */
@RestController
class PutAwayController {
    private final WriteOnce writes;
    private final BenchWrite bench;
    private final UnitService units;
    private final JobService jobs;
    private final JobViews views;

    PutAwayController(
            WriteOnce writes,
            BenchWrite bench,
            UnitService units,
            JobService jobs,
            JobViews views) {
        this.writes = writes;
        this.bench = bench;
        this.units = units;
        this.jobs = jobs;
        this.views = views;
    }

    @PutMapping("/api/units/{id}/put-away")
    UnitView putUnitAway(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody PutAwayRequest request) {
        writes.run(
                writeId,
                () -> {
                    jobs.openOf(id)
                            .ifPresent(
                                    open -> {
                                        throw Refused.because(
                                                "job",
                                                "Job %d is open on this unit. Sign it or put it away first."
                                                        .formatted(open));
                                    });
                    units.putAway(id, request);
                });
        return units.view(id);
    }

    @PostMapping("/api/units/{id}/take-back")
    UnitView takeUnitBack(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> units.takeBack(id, version));
        return units.view(id);
    }

    /** Ends a job that nobody signs: opened by mistake, returned, scrapped, called off, or gone on in another. */
    @PutMapping("/api/jobs/{number}/put-away")
    JobView putJobAway(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody JobEndRequest request) {
        return bench.change(
                writeId,
                number,
                job ->
                        jobs.putAway(
                                job,
                                request,
                                views.asItStands(job).ledger().onBench(),
                                jobs.head(job)));
    }

    @PostMapping("/api/jobs/{number}/take-back")
    JobView takeJobBack(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(
                writeId,
                () -> {
                    var job = jobs.find(number);
                    units.refusePutAway(job.unitId());
                    jobs.takeBack(number, version, jobs.head(job));
                    jobs.touch(job);
                });
        return views.of(number);
    }
}
