package app.yunque.server.build;

import app.yunque.measure.Refused;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.Fitted;
import app.yunque.teardown.TeardownStep;
import app.yunque.teardown.Tightening;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what went back. */
@Service
public class FittingService {
    private static final int LONGEST_SETTING = 200;

    private final FittingRepository fittings;
    private final AtTheBench bench;
    private final Clock clock;

    FittingService(FittingRepository fittings, AtTheBench bench, Clock clock) {
        this.fittings = fittings;
        this.bench = bench;
        this.clock = clock;
    }

    /** What went back, by step id; steps that have not gone back are absent. */
    @Transactional(readOnly = true)
    public Map<String, Fitted> fitted(UUID jobId) {
        return fittings.ofJob(jobId).stream()
                .filter(f -> f.done)
                .collect(Collectors.toMap(f -> f.stepId.toString(), FittingService::core));
    }

    @Transactional(readOnly = true)
    public List<FittingView> views(UUID jobId) {
        return fittings.ofJob(jobId).stream().map(FittingService::view).toList();
    }

    @Transactional
    public void fit(JobRef job, List<TeardownStep> strip, UUID stepId, FittingRequest request) {
        if (strip.stream().noneMatch(s -> s.id().equals(stepId.toString()))) {
            throw new NotThere("That part is no longer in the strip. Look again.");
        }
        var found = fittings.findById(stepId);
        found.ifPresent(f -> f.refuseStale(request.version(), () -> view(f)));
        var fitting = found.orElseGet(FittingEntity::new);
        fitting.stepId = stepId;
        fitting.jobId = job.id();
        fitting.refitted = request.refitted();
        fitting.renewed = request.renewed();
        fitting.scrapped = request.scrapped();
        fitting.wantedInstead = request.wantedInstead();
        fitting.reason = request.reason().strip();
        fitting.done = request.done();
        var waiver = request.waiver() == null ? "" : request.waiver().strip();
        if (!waiver.equals(fitting.waiver) && !waiver.isEmpty()) {
            bench.actAsLead("Only a lead can waive the check of a card.");
        }
        fitting.waiver = waiver;
        Refused.ifAny(
                Optional.ofNullable(request.ticked()).flatMap(t -> Tightening.TICKS.judge(t)));
        fitting.ticked = request.done() ? request.ticked() : null;
        fitting.setTo =
                JobText.optional(
                        "setTo",
                        "Where it stands now",
                        request.setTo() == null ? "" : request.setTo(),
                        LONGEST_SETTING);
        core(fitting);
        fitting.keep(bench.name(), clock.instant());
        fittings.saveAndFlush(fitting);
    }

    private static Fitted core(FittingEntity f) {
        return new Fitted(f.refitted, f.renewed, f.scrapped, f.wantedInstead, f.reason);
    }

    private static FittingView view(FittingEntity f) {
        return new FittingView(
                f.stepId,
                new FittingRequest(
                        f.version(),
                        f.done,
                        f.refitted,
                        f.renewed,
                        f.scrapped,
                        f.wantedInstead,
                        f.reason,
                        f.waiver.isEmpty() ? null : f.waiver,
                        f.ticked,
                        f.setTo.isEmpty() ? null : f.setTo),
                f.changedBy(),
                f.changedAt());
    }
}
