package app.yunque.server.bench;

import app.yunque.gear.Member;
import app.yunque.server.drawer.KeptAnswerRequest;
import app.yunque.server.drawer.KeptAnswerService;
import app.yunque.server.job.JobService;
import app.yunque.server.parts.CostEntries;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.teardown.StepService;
import app.yunque.server.unit.UnitService;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawers at a job: what the papers already say, and answers that are kept. */
@RestController
@RequestMapping("/api/jobs/{number}")
class DrawerKeepController {
    private final BenchWrite bench;
    private final JobService jobs;
    private final UnitService units;
    private final StepService steps;
    private final KeptAnswerService kept;
    private final CostEntries costs;

    DrawerKeepController(
            BenchWrite bench,
            JobService jobs,
            UnitService units,
            StepService steps,
            KeptAnswerService kept,
            CostEntries costs) {
        this.costs = costs;
        this.bench = bench;
        this.jobs = jobs;
        this.units = units;
        this.steps = steps;
        this.kept = kept;
    }

    /** What the papers of the unit, the estimate and, where a part is named, its step of the log say, under the names drawers ask for it. */
    @GetMapping("/papers-entries")
    Map<String, EnteredNumber> papersEntries(
            @PathVariable long number,
            @RequestParam int stage,
            @RequestParam Member member,
            @RequestParam(required = false) @Nullable UUID step) {
        var job = jobs.find(number);
        var entries = PapersEntries.of(units.papers(job.unitId()), stage, member);
        entries.putAll(costs.of(job, step));
        if (step != null) {
            steps.strip(job.id()).stream()
                    .filter(s -> s.id().equals(step.toString()))
                    .findFirst()
                    .ifPresent(s -> entries.putAll(LoggedEntries.of(s)));
        }
        return entries;
    }

    @PutMapping("/answers/{id}")
    JobView keepAnswer(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody KeptAnswerRequest request) {
        return bench.change(writeId, number, job -> kept.keep(job, id, request));
    }

    @DeleteMapping("/answers/{id}")
    JobView removeAnswer(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(writeId, number, job -> kept.remove(job, id, version));
    }
}
