package app.yunque.server.bench;

import app.yunque.plan.HandlingCost;
import app.yunque.plan.LeastStrip;
import app.yunque.server.build.BuildOrderRequest;
import app.yunque.server.build.BuildOrderService;
import app.yunque.server.job.JobService;
import app.yunque.server.unit.LayoutRequest;
import app.yunque.server.unit.UnitService;
import app.yunque.teardown.RebuildPlan;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
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

    PlanController(
            BenchWrite bench,
            JobService jobs,
            JobViews views,
            BuildOrderService orders,
            UnitService units) {
        this.units = units;
        this.bench = bench;
        this.jobs = jobs;
        this.views = views;
        this.orders = orders;
    }

    /** The rebuild planned, as logged and with two mechanics; what changes cost may be entered in minutes. */
    @GetMapping("/plan")
    RebuildPlan plan(
            @PathVariable long number,
            @RequestParam(defaultValue = "1") double toolChange,
            @RequestParam(defaultValue = "2") double flip,
            @RequestParam(defaultValue = "1.5") double move) {
        return RebuildPlan.of(
                views.model(jobs.find(number)), new HandlingCost(toolChange, flip, move));
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
        return bench.change(writeId, number, job -> units.lay(job.unitId(), request));
    }
}
