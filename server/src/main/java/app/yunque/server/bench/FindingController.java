package app.yunque.server.bench;

import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.inspection.Circumstance;
import app.yunque.server.finding.LeftRequest;
import app.yunque.server.finding.LeftService;
import app.yunque.server.finding.SeenRequest;
import app.yunque.server.finding.SeenService;
import app.yunque.server.job.CauseRequest;
import app.yunque.server.job.CauseService;
import app.yunque.server.job.JobService;
import app.yunque.server.teardown.StepService;
import java.util.Arrays;
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

/** What is found on parts by eye, finger or ear, and what can be asked of them. */
@RestController
class FindingController {
    private final BenchWrite bench;
    private final SeenService seen;
    private final LeftService left;
    private final StepService steps;
    private final JobService jobs;
    private final JobViews views;
    private final CauseService causes;

    FindingController(
            BenchWrite bench,
            SeenService seen,
            LeftService left,
            StepService steps,
            JobService jobs,
            JobViews views,
            CauseService causes) {
        this.causes = causes;
        this.jobs = jobs;
        this.views = views;
        this.bench = bench;
        this.seen = seen;
        this.left = left;
        this.steps = steps;
    }

    /** Every check there is, with its fixed words. */
    @GetMapping("/api/checks")
    List<Check> checks() {
        return Checks.all();
    }

    /** What it may be, from the complaint and all that was found so far, and which look tells the most next. */
    @GetMapping("/api/jobs/{number}/diagnosis")
    DiagnosisView diagnosis(@PathVariable long number) {
        return views.diagnosis(jobs.find(number));
    }

    /** What was answered of signs and quick tests, and what it really was. */
    @PutMapping("/api/jobs/{number}/cause")
    JobView keepCause(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody CauseRequest request) {
        return bench.change(
                writeId,
                number,
                job -> causes.keep(job, request, views.diagnosis(job).diagnosis()));
    }

    /** What somebody can say of a complaint, of the history of a job, and of a unit. */
    @GetMapping("/api/circumstances")
    List<CircumstanceView> circumstances() {
        return Arrays.stream(Circumstance.values())
                .filter(c -> c.isOfTheJob() || c.isOfTheUnit())
                .map(CircumstanceView::of)
                .toList();
    }

    @PutMapping("/api/jobs/{number}/findings/{id}")
    JobView keepFinding(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody SeenRequest request) {
        return bench.change(
                writeId, number, job -> seen.keep(job, id, request, steps.strip(job.id())));
    }

    @DeleteMapping("/api/jobs/{number}/findings/{id}")
    JobView removeFinding(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(writeId, number, job -> seen.remove(job, id, version));
    }

    @PutMapping("/api/jobs/{number}/left-open/{id}")
    JobView leaveOpen(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody LeftRequest request) {
        return bench.change(
                writeId, number, job -> left.keep(job, id, request, steps.strip(job.id())));
    }

    @DeleteMapping("/api/jobs/{number}/left-open/{id}")
    JobView removeLeftOpen(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(writeId, number, job -> left.remove(job, id, version));
    }
}
