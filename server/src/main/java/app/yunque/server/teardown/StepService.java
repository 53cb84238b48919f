package app.yunque.server.teardown;

import app.yunque.measure.Refused;
import app.yunque.server.job.JobRef;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.RebuildOrder;
import app.yunque.teardown.TeardownStep;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.envers.AuditReaderFactory;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the strip of a job. */
@Service
public class StepService {
    private static final int MOST_STEPS = 2000;

    private final StepRepository steps;
    private final StripActionRepository actions;
    private final EntityManager records;
    private final AtTheBench bench;
    private final Clock clock;

    StepService(
            StepRepository steps,
            StripActionRepository actions,
            EntityManager records,
            AtTheBench bench,
            Clock clock) {
        this.steps = steps;
        this.actions = actions;
        this.records = records;
        this.bench = bench;
        this.clock = clock;
    }

    /** The strip as the core knows it, in order. */
    @Transactional(readOnly = true)
    public List<TeardownStep> strip(UUID jobId) {
        var entities = steps.findByJobIdAndRemovedFalseOrderByPlace(jobId);
        var strip = new ArrayList<TeardownStep>();
        for (var step : entities) {
            strip.add(StepMapping.core(step, strip.size() + 1));
        }
        return strip;
    }

    @Transactional(readOnly = true)
    public List<StepView> views(UUID jobId, List<String> shafts) {
        var entities = steps.findByJobIdAndRemovedFalseOrderByPlace(jobId);
        var views = new ArrayList<StepView>();
        for (var step : entities) {
            views.add(view(step, views.size() + 1, shafts));
        }
        return views;
    }

    /** What the undo button would undo, in words; empty when nothing. */
    @Transactional(readOnly = true)
    public Optional<String> undoable(UUID jobId) {
        return actions.findFirstByJobIdAndUndoneFalseOrderByIdDesc(jobId).map(a -> a.what);
    }

    @Transactional
    public void keep(JobRef job, UUID stepId, StepRequest request, List<String> shafts) {
        refuseUnknownShaft(request, shafts);
        var found = steps.findById(stepId);
        if (found.isPresent()) {
            change(found.get(), job, request, shafts);
        } else {
            add(job, stepId, request);
        }
    }

    @Transactional
    public void remove(JobRef job, UUID stepId, long version, List<String> shafts) {
        var step = existing(job, stepId);
        step.refuseStale(version, () -> view(step, 0, shafts));
        remember(step, lastRevision(stepId), "removed " + step.part);
        step.removed = true;
        step.keep(bench.name(), clock.instant());
    }

    /** Undoes the last change to the strip that still stands; nothing happens when there is none. */
    @Transactional
    public void undo(JobRef job) {
        actions.findFirstByJobIdAndUndoneFalseOrderByIdDesc(job.id()).ifPresent(this::undo);
    }

    private void undo(StripActionEntity action) {
        var step = steps.findById(action.stepId).orElseThrow();
        if (action.revisionBefore == null) {
            step.removed = true;
        } else {
            var before =
                    AuditReaderFactory.get(records)
                            .find(StepEntity.class, action.stepId, action.revisionBefore);
            StepMapping.copy(before, step);
        }
        step.keep(bench.name(), clock.instant());
        action.undone = true;
    }

    private void add(JobRef job, UUID stepId, StepRequest request) {
        var last = steps.lastPlace(job.id());
        int place = last == null ? 1 : last + 1;
        if (place > MOST_STEPS) {
            throw Refused.because(
                    "part",
                    "A strip holds at most "
                            + MOST_STEPS
                            + " steps. Group small parts in one step.");
        }
        var step = new StepEntity();
        step.id = stepId;
        step.jobId = job.id();
        step.place = place;
        StepMapping.fill(step, request);
        step.keep(bench.name(), clock.instant());
        steps.saveAndFlush(step);
        remember(step, null, "added " + step.part);
    }

    private void change(StepEntity step, JobRef job, StepRequest request, List<String> shafts) {
        refuseStranger(step, job);
        step.refuseStale(request.version(), () -> view(step, 0, shafts));
        var before = lastRevision(step.id);
        var name = step.part;
        StepMapping.fill(step, request);
        step.keep(bench.name(), clock.instant());
        remember(step, before, "changed " + name);
    }

    private void remember(StepEntity step, @Nullable Long revisionBefore, String what) {
        var action = new StripActionEntity();
        action.jobId = step.jobId;
        action.stepId = step.id;
        action.revisionBefore = revisionBefore;
        action.what = what;
        action.doneBy = bench.name();
        action.doneAt = clock.instant();
        actions.save(action);
    }

    private Long lastRevision(UUID stepId) {
        var revisions = AuditReaderFactory.get(records).getRevisions(StepEntity.class, stepId);
        return revisions.get(revisions.size() - 1).longValue();
    }

    private StepEntity existing(JobRef job, UUID stepId) {
        var step =
                steps.findById(stepId)
                        .filter(s -> !s.removed)
                        .orElseThrow(
                                () ->
                                        new NotThere(
                                                "That step is no longer there. Somebody removed it."));
        refuseStranger(step, job);
        return step;
    }

    private static void refuseStranger(StepEntity step, JobRef job) {
        if (!step.jobId.equals(job.id())) {
            throw new NotThere("That step belongs to another job.");
        }
    }

    private static void refuseUnknownShaft(StepRequest request, List<String> shafts) {
        if (request.shaft() < 0 || request.shaft() > shafts.size()) {
            throw Refused.because(
                    "shaft",
                    "There is no shaft "
                            + request.shaft()
                            + ": this unit has "
                            + shafts.size()
                            + ", the input is 1.");
        }
    }

    private static StepView view(StepEntity step, int number, List<String> shafts) {
        var core = StepMapping.core(step, Math.max(1, number));
        var fastening = core.fastening();
        return new StepView(
                step.id,
                number,
                StepMapping.given(step),
                core.inWords(),
                RebuildOrder.where(core, shafts),
                fastening == null ? null : fastening.inWords(),
                step.changedBy(),
                step.changedAt());
    }
}
