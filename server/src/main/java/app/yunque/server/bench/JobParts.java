package app.yunque.server.bench;

import app.yunque.finding.Disposition;
import app.yunque.finding.PartRecord;
import app.yunque.finding.StrictParts;
import app.yunque.inspection.RepairEnds;
import app.yunque.measure.Refused;
import app.yunque.parts.AlternateGrade.Duty;
import app.yunque.server.decision.DecisionService;
import app.yunque.server.drawer.KeptAnswerService;
import app.yunque.server.job.JobRef;
import app.yunque.server.parts.OrderRequest;
import app.yunque.server.parts.PartsOfJob;
import app.yunque.server.parts.PartsService;
import app.yunque.server.parts.PartsService.Part;
import app.yunque.server.teardown.StepService;
import app.yunque.server.unit.UnitService;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a job buys, from what came off and what was decided about it. */
@Service
public class JobParts {
    private final StepService steps;
    private final DecisionService decisions;
    private final PartsService parts;
    private final UnitService units;
    private final KeptAnswerService answers;

    JobParts(
            StepService steps,
            DecisionService decisions,
            PartsService parts,
            UnitService units,
            KeptAnswerService answers) {
        this.answers = answers;
        this.units = units;
        this.steps = steps;
        this.decisions = decisions;
        this.parts = parts;
    }

    /** @throws Refused when a part to buy is tied to a step that is not in this job's strip */
    private void refuseStranger(JobRef job, @Nullable UUID stepId) {
        if (stepId != null
                && steps.strip(job.id()).stream()
                        .noneMatch(step -> step.id().equals(stepId.toString()))) {
            throw Refused.because(
                    "stepId",
                    "The part it was bought for is not in this job's strip any more. Put it on the list without it.");
        }
    }

    /** Keeps a line of the list; see {@link PartsService#keep}. */
    void keep(JobRef job, UUID id, OrderRequest request) {
        refuseStranger(job, request.stepId());
        parts.keep(job, id, request, duty(job, request.stepId()));
    }

    /** Takes a wanted part from stores; see {@link PartsService#takeFromStores}. */
    void takeFromStores(JobRef job, UUID id, long version) {
        parts.takeFromStores(job, id, version, step -> duty(job, step));
    }

    /** Puts the cheapest packages on the list; see {@link PartsService#takeChoice}. */
    void takeChoice(JobRef job) {
        parts.takeChoice(job, step -> duty(job, step));
    }

    private Duty duty(JobRef job, @Nullable UUID stepId) {
        return steps.strip(job.id()).stream()
                .filter(step -> stepId != null && step.id().equals(stepId.toString()))
                .findFirst()
                .map(StrictParts::duty)
                .orElse(Duty.INSIDE_THE_BOX);
    }

    /** What of it is bought: what is renewed, what goes in in the place of what was missing or wrong, and pieces the drawing has more. */
    @Transactional(readOnly = true)
    public PartsOfJob of(JobRef job) {
        var papers = units.papers(job.unitId());
        var made = decisions.made(job.id());
        var strip = steps.strip(job.id());
        var packs = PacksOfSet.of(answers.views(job.id()), strip);
        return parts.of(
                job,
                strip.stream()
                        .map(
                                step ->
                                        new Part(
                                                UUID.fromString(step.id()),
                                                step.goesIn(),
                                                step.count(),
                                                step.toBuy(
                                                        made.get(step.id()) == Disposition.RENEW,
                                                        packs.getOrDefault(
                                                                step.id(), step.wanted())),
                                                RepairEnds.without(
                                                        PartRecord.of(step, papers.duty())),
                                                StrictParts.duty(step)))
                        .toList());
    }
}
