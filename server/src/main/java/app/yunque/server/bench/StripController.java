package app.yunque.server.bench;

import app.yunque.server.build.FittingRequest;
import app.yunque.server.build.FittingService;
import app.yunque.server.decision.DecisionRequest;
import app.yunque.server.decision.DecisionService;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.ReceiveService;
import app.yunque.server.teardown.StepRequest;
import app.yunque.server.teardown.StepService;
import app.yunque.server.unit.UnitService;
import app.yunque.teardown.ShaftStack;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The stations that handle parts: Strip, Decide, Build. */
@RestController
@RequestMapping("/api/jobs/{number}")
class StripController {
    private final BenchWrite bench;
    private final ReceiveService receive;
    private final StepService steps;
    private final DecisionService decisions;
    private final FittingService fittings;
    private final UnitService units;
    private final JobViews views;

    StripController(
            BenchWrite bench,
            ReceiveService receive,
            StepService steps,
            DecisionService decisions,
            FittingService fittings,
            UnitService units,
            JobViews views) {
        this.bench = bench;
        this.receive = receive;
        this.steps = steps;
        this.decisions = decisions;
        this.fittings = fittings;
        this.units = units;
        this.views = views;
    }

    @PutMapping("/steps/{stepId}")
    JobView keepStep(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody StepRequest request) {
        return bench.change(
                writeId,
                number,
                job -> {
                    receive.refuseShutStrip(job);
                    steps.keep(job, stepId, request, shafts(job));
                });
    }

    @DeleteMapping("/steps/{stepId}")
    JobView removeStep(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(
                writeId, number, job -> steps.remove(job, stepId, version, shafts(job)));
    }

    /** Undoes the last change to the strip that still stands. */
    @PostMapping("/steps/undo")
    JobView undo(@PathVariable long number, @RequestHeader("Write-Id") UUID writeId) {
        return bench.change(writeId, number, steps::undo);
    }

    @PutMapping("/decisions/{stepId}")
    JobView decide(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody DecisionRequest request) {
        return bench.change(
                writeId,
                number,
                job -> decisions.decide(job, steps.strip(job.id()), stepId, request));
    }

    /** Takes every proposal that is not decided yet; parts that have to be measured first stay open. */
    @PostMapping("/decisions/accept")
    JobView acceptProposals(@PathVariable long number, @RequestHeader("Write-Id") UUID writeId) {
        return bench.change(writeId, number, this::accept);
    }

    @PutMapping("/fittings/{stepId}")
    JobView fit(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody FittingRequest request) {
        return bench.change(
                writeId, number, job -> fittings.fit(job, steps.strip(job.id()), stepId, request));
    }

    private void accept(JobRef job) {
        var strip = steps.strip(job.id());
        for (var part : views.of(job).decisions()) {
            if (part.decided() == null && part.proposed() != null) {
                decisions.decide(
                        job,
                        strip,
                        part.stepId(),
                        new DecisionRequest(null, part.proposed(), part.proposedReason()));
            }
        }
    }

    private List<String> shafts(JobRef job) {
        return ShaftStack.shaftNames(units.papers(job.unitId()).train());
    }
}
