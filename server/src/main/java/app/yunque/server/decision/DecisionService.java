package app.yunque.server.decision;

import app.yunque.finding.Disposition;
import app.yunque.finding.DispositionProposal;
import app.yunque.finding.PartEvidence;
import app.yunque.gear.ServiceDuty;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.TeardownStep;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the decisions on the parts. */
@Service
public class DecisionService {
    private final DecisionRepository decisions;
    private final AtTheBench bench;
    private final Clock clock;

    DecisionService(DecisionRepository decisions, AtTheBench bench, Clock clock) {
        this.decisions = decisions;
        this.bench = bench;
        this.clock = clock;
    }

    /**
     * @param strip    the strip
     * @param evidence measurements that bear on a step
     */
    @Transactional(readOnly = true)
    public List<DecisionView> views(
            UUID jobId,
            List<TeardownStep> strip,
            ServiceDuty duty,
            Function<TeardownStep, List<DispositionProposal.Evidence>> evidence) {
        var made = byStep(jobId);
        return strip.stream()
                .map(step -> view(step, duty, evidence.apply(step), made.get(step.id())))
                .toList();
    }

    /** What was decided, by step id. */
    @Transactional(readOnly = true)
    public Map<String, Disposition> made(UUID jobId) {
        return decisions.findByJobId(jobId).stream()
                .collect(Collectors.toMap(d -> d.stepId.toString(), d -> d.disposition));
    }

    @Transactional
    public void decide(
            JobRef job,
            List<TeardownStep> strip,
            ServiceDuty duty,
            UUID stepId,
            DecisionRequest request) {
        var step =
                strip.stream()
                        .filter(s -> s.id().equals(stepId.toString()))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new NotThere(
                                                "That part is no longer in the strip. Look again."));
        var found = decisions.findById(stepId);
        found.ifPresent(
                d -> d.refuseStale(request.version(), () -> view(step, duty, List.of(), d)));
        var decision = found.orElseGet(DecisionEntity::new);
        decision.stepId = stepId;
        decision.jobId = job.id();
        decision.disposition = request.disposition();
        decision.reason = JobText.required("reason", "Reason", request.reason(), 500);
        decision.keep(bench.name(), clock.instant());
        decisions.saveAndFlush(decision);
    }

    private Map<String, DecisionEntity> byStep(UUID jobId) {
        return decisions.findByJobId(jobId).stream()
                .collect(Collectors.toMap(d -> d.stepId.toString(), Function.identity()));
    }

    private static DecisionView view(
            TeardownStep step,
            ServiceDuty duty,
            List<DispositionProposal.Evidence> evidence,
            @Nullable DecisionEntity decision) {
        var proposal = DispositionProposal.of(step, evidence);
        var known = PartEvidence.of(step, evidence, duty);
        return new DecisionView(
                UUID.fromString(step.id()),
                step.number(),
                step.inWords(),
                step.condition().words(),
                known.lookedAt(),
                known.strict(),
                proposal.disposition(),
                proposal.reason(),
                decision == null ? null : decision.disposition,
                decision == null ? null : decision.reason,
                decision == null ? null : decision.changedBy(),
                decision == null ? null : decision.changedAt(),
                decision == null ? null : decision.version());
    }
}
