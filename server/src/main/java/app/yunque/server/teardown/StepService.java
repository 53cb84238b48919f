package app.yunque.server.teardown;

import app.yunque.finding.StrictParts;
import app.yunque.gear.ServiceDuty;
import app.yunque.line.OwnWords;
import app.yunque.line.PartNames;
import app.yunque.measure.Refused;
import app.yunque.server.job.JobRef;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.Condition;
import app.yunque.teardown.Fastening;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.RebuildOrder;
import app.yunque.teardown.TeardownStep;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.envers.AuditReaderFactory;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the strip of a job. */
@Service
public class StepService {
    private static final int MOST_STEPS = 2000;

    /** Room left between two steps, so that one put in between moves no other. */
    private static final int GAP = 1024;

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
        var strip = new ArrayList<TeardownStep>();
        for (var step : steps.findByJobIdAndRemovedFalseOrderByPlace(jobId)) {
            strip.add(StepMapping.core(step, strip.size() + 1));
        }
        return strip;
    }

    /** The strip as the core knows it and as the screens show it. */
    @Transactional(readOnly = true)
    public KeptStrip kept(UUID jobId, List<String> shafts) {
        return kept(List.of(jobId), shafts).get(0);
    }

    /** The strips of several jobs on units with the same shafts, in the order of the jobs, read in one question. */
    @Transactional(readOnly = true)
    public List<KeptStrip> kept(List<UUID> jobs, List<String> shafts) {
        var ofJob =
                steps.findByJobIdInAndRemovedFalseOrderByPlace(jobs).stream()
                        .collect(Collectors.groupingBy(s -> s.jobId));
        return jobs.stream().map(job -> strip(shafts, ofJob.getOrDefault(job, List.of()))).toList();
    }

    private static KeptStrip strip(List<String> shafts, List<StepEntity> inOrder) {
        var strip = new ArrayList<TeardownStep>();
        var views = new ArrayList<StepView>();
        for (var step : inOrder) {
            var core = StepMapping.core(step, strip.size() + 1);
            strip.add(core);
            views.add(view(step, core, shafts));
        }
        return new KeptStrip(strip, views);
    }

    /** Stages and shafts of the unit got other numbers; the parts on them go along. */
    @Transactional
    public void renumber(UUID jobId, Map<Integer, Integer> stages, Map<Integer, Integer> shafts) {
        for (var step : steps.findByJobIdOrderByPlace(jobId)) {
            if (step.gearStage != null) {
                step.gearStage = stages.get(step.gearStage);
                // A gear of a stage that is gone is a gear like any other.
                step.gearMember = step.gearStage == null ? null : step.gearMember;
            }
            step.shaft = shafts.getOrDefault(step.shaft, step.shaft);
        }
    }

    /** What the undo button would undo, in words; empty when nothing. */
    @Transactional(readOnly = true)
    public Optional<String> undoable(UUID jobId) {
        return actions.findFirstByJobIdAndUndoneFalseOrderByIdDesc(jobId).map(a -> a.what);
    }

    /**
     * Keeps a new step or a change to one.
     *
     * @param after step a new one comes right after; null puts it at the end
     */
    @Transactional
    public void keep(
            JobRef job,
            UUID stepId,
            @Nullable UUID after,
            StepRequest request,
            List<String> shafts) {
        refuseUnknownShaft(request, shafts);
        var found = steps.findById(stepId);
        if (found.isPresent()) {
            change(found.get(), job, request, shafts);
        } else {
            add(job, stepId, after, request);
        }
    }

    @Transactional
    public void keep(JobRef job, UUID stepId, StepRequest request, List<String> shafts) {
        keep(job, stepId, null, request, shafts);
    }

    @Transactional
    public void remove(JobRef job, UUID stepId, long version, List<String> shafts) {
        var step = existing(job, stepId);
        step.refuseStale(version, () -> view(step, shafts));
        refuseOpened(job, step);
        remember(step, lastRevision(stepId), "removed " + step.part, UUID.randomUUID());
        step.removed = true;
        step.keep(bench.name(), clock.instant());
    }

    /**
     * Keeps that somebody looked at parts and found them sound, as one act of that person. A part on which not looked at counts as not fit
     * is said for itself, at its step; nothing that somebody already said is changed.
     *
     * @throws Refused when a part is strict, or something was said of it already
     */
    @Transactional
    public void lookedAt(
            JobRef job, LookedAtRequest request, ServiceDuty duty, List<String> shafts) {
        if (request.parts().isEmpty()) {
            throw Refused.because("parts", "Name the parts that were looked at.");
        }
        var batch = UUID.randomUUID();
        for (var part : request.parts()) {
            var step = existing(job, part.stepId());
            step.refuseStale(part.version(), () -> view(step, shafts));
            if (StrictParts.isStrict(StepMapping.core(step, 1), duty)) {
                throw Refused.because(
                        "parts",
                        "%s holds, stops or carries the load: look at it by itself, and say at its step how it was found."
                                .formatted(step.part));
            }
            if (step.condition != Condition.NOT_SAID) {
                throw Refused.because(
                        "parts",
                        "%s was found %s already. Change that at its step."
                                .formatted(step.part, step.condition.words()));
            }
            remember(step, lastRevision(step.id), "looked at, sound: " + step.part, batch);
            step.condition = Condition.SOUND;
            step.keep(bench.name(), clock.instant());
        }
    }

    /** Puts a step at another place of the strip, without retyping. */
    @Transactional
    public void move(JobRef job, UUID stepId, MoveRequest request, List<String> shafts) {
        var step = existing(job, stepId);
        step.refuseStale(request.version(), () -> view(step, shafts));
        if (stepId.equals(request.after())) {
            throw Refused.because("after", "A step cannot come after itself.");
        }
        int place = placeAfter(job.id(), request.after(), stepId);
        var action = remember(step, lastRevision(stepId), "moved " + step.part, UUID.randomUUID());
        action.moved = true;
        action.stoodAfter = before(job.id(), stepId);
        step.place = place;
        step.keep(bench.name(), clock.instant());
        steps.saveAndFlush(step);
    }

    /** Makes two steps of one that turned out to be two parts. */
    @Transactional
    public void split(
            JobRef job, UUID stepId, SplitRequest request, List<String> shafts, OwnWords own) {
        var step = existing(job, stepId);
        step.refuseStale(request.version(), () -> view(step, shafts));
        var batch = UUID.randomUUID();
        var what = "split " + step.part;
        var before = lastRevision(stepId);
        int place = placeAfter(job.id(), stepId, null);
        var second = new StepEntity();
        second.id = request.newId();
        second.jobId = job.id();
        second.place = place;
        StepMapping.fill(second, secondHalf(step, request, own));
        second.keep(bench.name(), clock.instant());
        steps.saveAndFlush(second);
        remember(second, null, what, batch);
        step.count = request.keepCount();
        StepMapping.core(step, 1);
        remember(step, before, what, batch);
        step.keep(bench.name(), clock.instant());
    }

    /** Makes one step of two: the pieces are added up, the notes kept one after the other. */
    @Transactional
    public void merge(JobRef job, UUID stepId, UUID intoId, long version, List<String> shafts) {
        var step = existing(job, stepId);
        var into = existing(job, intoId);
        step.refuseStale(version, () -> view(step, shafts));
        if (stepId.equals(intoId)) {
            throw Refused.because("into", "A step cannot be merged with itself.");
        }
        if (!Objects.equals(
                StepMapping.core(step, 1).belongs(), StepMapping.core(into, 1).belongs())) {
            throw Refused.because(
                    "into",
                    "%s and %s are not one: of one of them something else belongs there, or it was missing. Say the same of both first, or leave them apart."
                            .formatted(step.part, into.part));
        }
        var batch = UUID.randomUUID();
        var what = "merged " + step.part + " into " + into.part;
        remember(into, lastRevision(intoId), what, batch);
        remember(step, lastRevision(stepId), what, batch);
        into.count += step.count;
        var name = step.part.equalsIgnoreCase(into.part) ? "" : step.part;
        into.note = join(into.note, join(name, step.note));
        StepMapping.core(into, 1);
        into.keep(bench.name(), clock.instant());
        step.removed = true;
        step.keep(bench.name(), clock.instant());
    }

    /** Undoes the last change to the strip that still stands; nothing happens when there is none. */
    @Transactional
    public void undo(JobRef job) {
        actions.findFirstByJobIdAndUndoneFalseOrderByIdDesc(job.id())
                .map(last -> actions.findByBatchAndUndoneFalseOrderByIdDesc(last.batch))
                .ifPresent(batch -> batch.forEach(this::undo));
    }

    /** Steps typed before whose part begins with a text: of this unit first, then the newest, each part once. */
    @Transactional(readOnly = true)
    public List<StepRequest> suggestions(UUID unitId, String begins) {
        var seen = new java.util.HashSet<String>();
        var like =
                begins.strip().toLowerCase(java.util.Locale.ROOT).replaceAll("[\\\\%_]", "\\\\$0")
                        + "%";
        return steps.typedBefore(unitId, like).stream()
                .filter(s -> seen.add(s.part.toLowerCase(java.util.Locale.ROOT)))
                .limit(8)
                .map(StepService::givenAsRebuilt)
                .toList();
    }

    private static StepRequest givenAsRebuilt(StepEntity step) {
        var core = StepMapping.core(step, 1);
        var given = StepMapping.given(step);
        return core.belongs() == null ? given : given.asRebuilt(core.asRebuilt());
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
        if (action.moved) {
            step.place = placeAfter(step.jobId, action.stoodAfter, step.id);
        }
        step.keep(bench.name(), clock.instant());
        action.undone = true;
    }

    private void add(JobRef job, UUID stepId, @Nullable UUID after, StepRequest request) {
        var last = steps.lastPlace(job.id());
        if (steps.countByJobIdAndRemovedFalse(job.id()) >= MOST_STEPS) {
            throw Refused.because(
                    "part",
                    "A strip holds at most "
                            + MOST_STEPS
                            + " steps. Group small parts in one step.");
        }
        var step = new StepEntity();
        step.id = stepId;
        step.jobId = job.id();
        StepMapping.fill(step, request);
        step.place =
                after == null ? (last == null ? 0 : last) + GAP : placeAfter(job.id(), after, null);
        step.keep(bench.name(), clock.instant());
        steps.saveAndFlush(step);
        remember(step, null, "added " + step.part, UUID.randomUUID());
    }

    /**
     * A place between a step and the next one; the steps are spread anew when there is no room.
     *
     * @param after  step before the place; null for the very first place
     * @param moving step that is being moved and does not count
     */
    private int placeAfter(UUID jobId, @Nullable UUID after, @Nullable UUID moving) {
        var others =
                steps.findByJobIdOrderByPlace(jobId).stream()
                        .filter(s -> !s.id.equals(moving))
                        .toList();
        int at = -1;
        for (int i = 0; i < others.size(); i++) {
            at = others.get(i).id.equals(after) ? i : at;
        }
        if (after != null && at < 0) {
            throw new NotThere("The step it should come after is no longer there. Look again.");
        }
        int low = at < 0 ? 0 : others.get(at).place;
        int high = at + 1 < others.size() ? others.get(at + 1).place : low + 2 * GAP;
        if (high - low < 2) {
            for (int i = 0; i < others.size(); i++) {
                others.get(i).place = (i + 1) * GAP;
            }
            steps.flush();
            return (at + 1) * GAP + GAP / 2;
        }
        return low + (high - low) / 2;
    }

    /** The step that stands right before another; null when it is the first. */
    private @Nullable UUID before(UUID jobId, UUID stepId) {
        UUID before = null;
        for (var other : steps.findByJobIdAndRemovedFalseOrderByPlace(jobId)) {
            if (other.id.equals(stepId)) {
                return before;
            }
            before = other.id;
        }
        return before;
    }

    private void change(StepEntity step, JobRef job, StepRequest request, List<String> shafts) {
        refuseStranger(step, job);
        step.refuseStale(request.version(), () -> view(step, shafts));
        var before = lastRevision(step.id);
        var name = step.part;
        StepMapping.fill(step, request);
        step.keep(bench.name(), clock.instant());
        remember(step, before, "changed " + name, UUID.randomUUID());
    }

    /** Pieces of the same part go on as what they were; another part starts anew where the first one lay. */
    private static StepRequest secondHalf(StepEntity step, SplitRequest request, OwnWords own) {
        var given = StepMapping.given(step);
        boolean same = given.part().equalsIgnoreCase(request.part().strip());
        var kind =
                same ? given.kind() : PartNames.kindOf(request.part(), own).orElse(PartKind.OTHER);
        return new StepRequest(
                null,
                request.part(),
                kind,
                request.count(),
                given.shaft(),
                given.side(),
                same ? given.gear() : null,
                same ? given.wayRound() : "",
                null,
                same ? given.singleUse() : kind.isSingleUse(),
                given.tray(),
                given.condition(),
                same ? given.note() : "",
                same ? given.detail() : null);
    }

    private static String join(String one, String other) {
        return one.isBlank() ? other : other.isBlank() ? one : one + "; " + other;
    }

    private StripActionEntity remember(
            StepEntity step, @Nullable Long revisionBefore, String what, UUID batch) {
        var action = new StripActionEntity();
        action.jobId = step.jobId;
        action.stepId = step.id;
        action.revisionBefore = revisionBefore;
        action.what = what;
        action.doneBy = bench.name();
        action.doneAt = clock.instant();
        action.batch = batch;
        return actions.save(action);
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

    /** A subassembly that was opened stays: its inside hangs on it. */
    private void refuseOpened(JobRef job, StepEntity step) {
        var strip = strip(job.id());
        var group = StepMapping.core(step, 1).detail().subassembly();
        var members =
                strip.stream()
                        .filter(s -> !group.isEmpty() && s.detail().subassembly().equals(group))
                        .toList();
        boolean isWhole = !members.isEmpty() && members.get(0).id().equals(step.id.toString());
        if (isWhole && members.size() > 1) {
            throw Refused.because(
                    "step",
                    "%s cannot be removed: %d parts came out of it (%s …). Remove or move those first."
                            .formatted(step.part, members.size() - 1, members.get(1).part()));
        }
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

    private static StepView view(StepEntity step, List<String> shafts) {
        return view(step, StepMapping.core(step, 1), shafts);
    }

    private static StepView view(StepEntity step, TeardownStep core, List<String> shafts) {
        var held = core.fastenings().stream().map(Fastening::inWords).toList();
        return new StepView(
                step.id,
                core.number(),
                StepMapping.given(step),
                core.inWords(),
                RebuildOrder.where(core, shafts),
                held.isEmpty() ? null : String.join(" and ", held),
                core.facts(),
                step.changedBy(),
                step.changedAt());
    }
}
