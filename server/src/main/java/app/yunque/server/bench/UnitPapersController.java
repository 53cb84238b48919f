package app.yunque.server.bench;

import app.yunque.drive.PapersChange;
import app.yunque.drive.UnitChange;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.server.change.UnitChangeRequest;
import app.yunque.server.change.UnitChangeService;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.history.WriteOnce;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import app.yunque.server.teardown.StepService;
import app.yunque.server.unit.UnitPapers;
import app.yunque.server.unit.UnitRequest;
import app.yunque.server.unit.UnitService;
import app.yunque.server.unit.UnitView;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.TeardownStep;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Corrects the papers of a unit; its open job is judged by the new ones from then on. */
@RestController
class UnitPapersController {
    private final WriteOnce writes;
    private final UnitService units;
    private final JobService jobs;
    private final StepService steps;
    private final FindingBook findings;
    private final UnitChangeService changes;
    private final JobViews views;

    UnitPapersController(
            WriteOnce writes,
            UnitService units,
            JobService jobs,
            StepService steps,
            FindingBook findings,
            UnitChangeService changes,
            JobViews views) {
        this.writes = writes;
        this.units = units;
        this.jobs = jobs;
        this.steps = steps;
        this.findings = findings;
        this.changes = changes;
        this.views = views;
    }

    /**
     * Corrects the papers, or keeps what a job changed on the unit: with a job, what is different afterwards stands with that job.
     *
     * @param job     number of the job that changes the unit; missing where the papers were wrong
     * @param because why it changes it
     */
    @PutMapping("/api/units/{id}/papers")
    UnitView correct(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version,
            @RequestParam(required = false) @Nullable Long job,
            @RequestParam(required = false) @Nullable String because,
            @RequestBody UnitRequest request) {
        writes.run(
                writeId,
                () -> {
                    jobs.holdOpenOfUnit(id);
                    var before = units.papers(id);
                    jobs.ofUnit(id).stream()
                            .filter(JobRef::isOpen)
                            .forEach(j -> refuseStageInUse(j, before, request));
                    var changing = job == null ? null : changes.changing(id, job);
                    var moves = units.correct(id, version, request);
                    if (changing != null) {
                        keep(changing, writeId, before, units.papers(id), because);
                    }
                    if (!moves.isNothing()) {
                        jobs.ofUnit(id)
                                .forEach(
                                        j -> {
                                            findings.renumber(j.id(), moves.stages());
                                            steps.renumber(j.id(), moves.stages(), moves.shafts());
                                        });
                    }
                    jobs.ofUnit(id).stream()
                            .filter(JobRef::isOpen)
                            .forEach(j -> refuseUnreadable(j, units.papers(id)));
                    jobs.touchOpenOfUnit(id);
                });
        return units.view(id);
    }

    /** What is different by the new papers stands with the job that changed it; where nothing is, nothing is kept. */
    private void keep(
            JobRef job,
            UUID writeId,
            UnitPapers before,
            UnitPapers after,
            @Nullable String because) {
        for (var each : PapersChange.between(before.drive(), after.drive()).differences()) {
            changes.keep(
                    job,
                    UnitChangeService.following(writeId, each.what()),
                    new UnitChangeRequest(
                            null,
                            each.what().startsWith("ratio") ? UnitChange.RATIO : UnitChange.TEETH,
                            each.was(),
                            each.what() + ": " + each.becomes(),
                            because == null ? "" : because));
        }
    }

    /** Whatever an open job holds has to be read by the new papers: its shafts, its turn count. */
    private void refuseUnreadable(JobRef job, UnitPapers after) {
        int shafts = after.shafts().size();
        steps.strip(job.id()).stream()
                .filter(s -> s.shaft() > shafts)
                .findFirst()
                .ifPresent(
                        s -> {
                            throw Refused.because(
                                    "stages",
                                    "%s of job %d sat on shaft %d, and by these papers the unit has %d. Correct that step first, or name the shafts."
                                            .formatted(s.part(), job.number(), s.shaft(), shafts));
                        });
        try {
            views.asItStands(job);
        } catch (Refused | NotApplicable unreadable) {
            throw Refused.because(
                    "stages",
                    "Job %d cannot be read by these papers: %s"
                            .formatted(job.number(), unreadable.getMessage()));
        }
    }

    /** A stage that an open job speaks of stays. */
    private void refuseStageInUse(JobRef job, UnitPapers before, UnitRequest request) {
        var stay = request.stagesThatStay(before.drive().stages().size());
        var parts =
                steps.strip(job.id()).stream()
                        .map(TeardownStep::gear)
                        .filter(Objects::nonNull)
                        .mapToInt(GearPlace::stage);
        var found = findings.stages(job.id()).stream().mapToInt(s -> s).filter(s -> s > 0);
        IntStream.concat(parts, found)
                .filter(s -> !stay.contains(s))
                .findFirst()
                .ifPresent(
                        gone -> {
                            throw Refused.because(
                                    "stages",
                                    "Stage %d cannot be taken away: job %d measured it, or took its gear off. Remove that there first, or correct the stage instead."
                                            .formatted(gone, job.number()));
                        });
    }
}
