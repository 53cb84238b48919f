package app.yunque.server.bench;

import app.yunque.plan.HandlingCost;
import app.yunque.plan.LeastStrip;
import app.yunque.server.build.BuildOrderRequest;
import app.yunque.server.build.BuildOrderService;
import app.yunque.server.job.JobService;
import app.yunque.server.unit.LayoutRequest;
import app.yunque.server.unit.UnitService;
import app.yunque.teardown.TeardownStep;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** In which order: what must come off to reach a part, and how it all goes back. */
@RestController
@RequestMapping("/api/jobs/{number}")
class PlanController {
    private final BenchWrite bench;
    private final JobService jobs;
    private final JobViews views;
    private final BuildOrderService orders;
    private final UnitService units;
    private final PlanRuns runs;

    PlanController(
            BenchWrite bench,
            JobService jobs,
            JobViews views,
            BuildOrderService orders,
            UnitService units,
            PlanRuns runs) {
        this.units = units;
        this.runs = runs;
        this.bench = bench;
        this.jobs = jobs;
        this.views = views;
        this.orders = orders;
    }

    /** The rebuild planned, as logged and with two mechanics; what changes cost may be entered in minutes. Begun where it takes a while. */
    @PostMapping("/plan")
    PlanRun plan(@PathVariable long number, @RequestBody HandlingCost cost) {
        return runs.of(views.model(jobs.find(number)), cost);
    }

    /** How far a plan is. */
    @GetMapping("/plan/runs/{id}")
    PlanRun planned(@PathVariable long number, @PathVariable UUID id) {
        return runs.at(id);
    }

    /** Breaks a plan off, with the best until then. */
    @DeleteMapping("/plan/runs/{id}")
    PlanRun breakOff(@PathVariable long number, @PathVariable UUID id) {
        return runs.breakOff(id);
    }

    /** The least that has to come off to reach the part of a step, best first. */
    @GetMapping("/plan/reach/{stepId}")
    List<LeastStrip> reach(@PathVariable long number, @PathVariable UUID stepId) {
        return views.model(jobs.find(number)).leastStrip(stepId.toString());
    }

    /** Chooses the order of the rebuild; an empty one goes back to the strip turned round. */
    @PutMapping("/plan/order")
    JobView choose(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody BuildOrderRequest request) {
        return bench.change(writeId, number, job -> orders.choose(job, request, views.model(job)));
    }

    /** Keeps shafts, bores and covers of the unit, and the openings of its housing. */
    @PutMapping("/layout")
    JobView lay(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody LayoutRequest request) {
        return bench.change(
                writeId,
                number,
                job ->
                        units.lay(
                                job.unitId(),
                                request,
                                views.model(job).steps().stream()
                                        .map(TeardownStep::part)
                                        .toList()));
    }
}
