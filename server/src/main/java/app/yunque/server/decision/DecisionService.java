package app.yunque.server.decision;

import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.DecisionGate;
import app.yunque.finding.Disposition;
import app.yunque.finding.DispositionProposal;
import app.yunque.finding.PartEvidence;
import app.yunque.finding.PartRecord;
import app.yunque.measure.Refused;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
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
     * @param parts what is on record about each part, in the order of the strip
     */
    @Transactional(readOnly = true)
    public List<DecisionView> views(UUID jobId, List<PartRecord> parts) {
        var made = byStep(jobId);
        return parts.stream().map(part -> view(part, made.get(part.step().id()))).toList();
    }

    /** What was decided, by step id. */
    @Transactional(readOnly = true)
    public Map<String, Disposition> made(UUID jobId) {
        return decisions.findByJobId(jobId).stream()
                .collect(Collectors.toMap(d -> d.stepId.toString(), d -> d.disposition));
    }

    /** @throws Refused when it is too mild for the part and for who decides */
    @Transactional
    public void decide(JobRef job, PartRecord part, DecisionRequest request) {
        var stepId = UUID.fromString(part.step().id());
        var found = decisions.findById(stepId);
        found.ifPresent(d -> d.refuseStale(request.version(), () -> view(part, d)));
        DecisionGate.refuseTooMild(part, request.disposition(), bench.isLead());
        var decision = found.orElseGet(DecisionEntity::new);
        decision.stepId = stepId;
        decision.jobId = job.id();
        decision.disposition = request.disposition();
        decision.reason = JobText.required("reason", "Reason", request.reason(), 500);
        decision.keep(bench.name(), clock.instant());
        decisions.saveAndFlush(decision);
    }

    /** @throws Refused when two parts that are to become one were decided differently */
    @Transactional(readOnly = true)
    public void refuseUnlike(JobRef job, UUID stepId, UUID into) {
        var made = made(job.id());
        var one = made.get(stepId.toString());
        var other = made.get(into.toString());
        if (one != null && other != null && one != other) {
            throw Refused.because(
                    "into",
                    "These two were decided differently, one %s and one %s (Decide). Decide them alike first, or leave them apart."
                            .formatted(
                                    one.name().toLowerCase(Locale.ROOT),
                                    other.name().toLowerCase(Locale.ROOT)));
        }
    }

    private Map<String, DecisionEntity> byStep(UUID jobId) {
        return decisions.findByJobId(jobId).stream()
                .collect(Collectors.toMap(d -> d.stepId.toString(), Function.identity()));
    }

    private static DecisionView view(PartRecord part, @Nullable DecisionEntity decision) {
        var step = part.step();
        var proposal = DispositionProposal.of(part);
        var known = PartEvidence.of(part);
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
                decision == null ? null : decision.version(),
                Checks.of(step).stream().map(Check::id).toList(),
                part.openMusts().stream().map(Check::id).toList(),
                part.standing());
    }
}
