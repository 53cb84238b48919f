package app.yunque.server.bench;

import app.yunque.drive.TurnCountCheck;
import app.yunque.server.history.WriteOnce;
import app.yunque.server.job.ArrivalRequest;
import app.yunque.server.job.IsolationRequest;
import app.yunque.server.job.JobRequest;
import app.yunque.server.job.JobService;
import app.yunque.server.job.LiftRequest;
import app.yunque.server.job.PermissionRequest;
import app.yunque.server.job.ReceiveService;
import app.yunque.server.job.TurnCountRequest;
import app.yunque.server.unit.UnitService;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Jobs, and their first station. */
@RestController
@RequestMapping("/api/jobs")
class JobController {
    private final WriteOnce writes;
    private final BenchWrite bench;
    private final JobService jobs;
    private final ReceiveService receive;
    private final UnitService units;
    private final JobViews views;
    private final JobCards cards;
    private final Clock clock;

    JobController(
            WriteOnce writes,
            BenchWrite bench,
            JobService jobs,
            ReceiveService receive,
            UnitService units,
            JobViews views,
            JobCards cards,
            Clock clock) {
        this.writes = writes;
        this.bench = bench;
        this.jobs = jobs;
        this.receive = receive;
        this.units = units;
        this.views = views;
        this.cards = cards;
        this.clock = clock;
    }

    /** Open jobs, the newest first. */
    @GetMapping("/open")
    List<JobCard> open() {
        return cards.open();
    }

    /** A page of signed jobs by falling number, before a number. */
    @GetMapping("/signed")
    List<JobCard> signed(@RequestParam(required = false) Long before) {
        return cards.signed(before);
    }

    /** All jobs on a unit, the newest first. */
    @GetMapping("/of-unit/{unitId}")
    List<JobCard> ofUnit(@PathVariable UUID unitId) {
        return cards.ofUnit(unitId);
    }

    @PostMapping
    JobView open(@RequestHeader("Write-Id") UUID writeId, @RequestBody JobRequest request) {
        units.refusePutAway(request.unitId());
        writes.run(writeId, () -> jobs.open(request, clock.instant()));
        return views.of(jobs.byId(request.id()));
    }

    @GetMapping("/{number}")
    JobView job(@PathVariable long number) {
        return views.of(number);
    }

    /** Whether anything changed: a screen that knows this number is up to date. */
    @GetMapping("/{number}/pulse")
    Pulse pulse(@PathVariable long number) {
        return new Pulse(jobs.touched(number));
    }

    @PutMapping("/{number}/arrival")
    JobView arrived(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody ArrivalRequest request) {
        return bench.change(writeId, number, job -> jobs.arrived(job, request, jobs.head(job)));
    }

    /** Which words of the complaint, which history and which surroundings count for the plan of checks. */
    @PutMapping("/{number}/circumstances")
    JobView isAbout(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody CircumstancesRequest request) {
        return bench.change(
                writeId,
                number,
                job -> {
                    jobs.isAbout(job, request.version(), request.ofJob(), jobs.head(job));
                    units.stands(job.unitId(), request.ofUnit());
                });
    }

    @PutMapping("/{number}/permission")
    JobView permit(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody PermissionRequest request) {
        return bench.change(
                writeId,
                number,
                job -> receive.permit(job, units.papers(job.unitId()).underWarranty(), request));
    }

    @PutMapping("/{number}/isolation")
    JobView isolate(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody IsolationRequest request) {
        return bench.change(writeId, number, job -> receive.isolate(job, request));
    }

    /** Whoever comes to an isolated unit tries for himself that it does not start. */
    @PostMapping("/{number}/isolation/tried")
    JobView triedToStart(@PathVariable long number, @RequestHeader("Write-Id") UUID writeId) {
        return bench.change(writeId, number, receive::triedToStart);
    }

    @PostMapping("/{number}/isolation/lift")
    JobView liftIsolation(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody LiftRequest request) {
        return bench.change(writeId, number, job -> receive.liftIsolation(job, request));
    }

    @PutMapping("/{number}/turn-count")
    JobView countTurns(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody TurnCountRequest request) {
        return bench.change(
                writeId,
                number,
                job -> receive.countTurns(job, units.papers(job.unitId()).drive(), request));
    }

    @PostMapping("/{number}/preview/turn-count")
    TurnCountCheck previewTurns(@PathVariable long number, @RequestBody TurnCountRequest request) {
        return receive.preview(units.papers(jobs.find(number).unitId()).drive(), request);
    }
}
