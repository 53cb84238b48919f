package app.yunque.server.decision;

import app.yunque.cost.CheapWhileOpen;
import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.DecisionGate;
import app.yunque.finding.Disposition;
import app.yunque.finding.DispositionProposal;
import app.yunque.finding.PartEvidence;
import app.yunque.finding.PartRecord;
import app.yunque.finding.Proposals;
import app.yunque.measure.Refused;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.server.problem.PinWanted;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
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
        var proposals = Proposals.of(parts, made(jobId));
        return parts.stream()
                .map(part -> view(part, of(proposals, part), made.get(part.step().id())))
                .toList();
    }

    /** What was decided, by step id. */
    @Transactional(readOnly = true)
    public Map<String, Disposition> made(UUID jobId) {
        return decisions.ofJob(jobId).stream()
                .collect(Collectors.toMap(d -> d.stepId.toString(), d -> d.disposition));
    }

    /**
     * Decides on one part.
     *
     * @param parts what is on record about each part, in the order of the strip
     * @throws NotThere when the part is no longer there
     * @throws Refused when it is too mild for the part and for who decides
     * @throws PinWanted when it is a lead’s, who has not shown the PIN
     */
    @Transactional
    public void decide(JobRef job, List<PartRecord> parts, UUID stepId, DecisionRequest request) {
        var part =
                parts.stream()
                        .filter(p -> p.step().id().equals(stepId.toString()))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new NotThere(
                                                "That part is no longer in the strip. Look again."));
        var proposal = of(Proposals.of(parts, made(job.id())), part);
        var found = decisions.findById(stepId);
        found.ifPresent(d -> d.refuseStale(request.version(), () -> view(part, proposal, d)));
        DecisionGate.refuseTooMild(part, proposal, request.disposition(), bench.isLead());
        if (DecisionGate.isForALead(part, proposal, request.disposition())) {
            bench.actAsLead("Deciding milder than this about a part that holds is a lead’s.");
        }
        var decision = found.orElseGet(DecisionEntity::new);
        decision.stepId = stepId;
        decision.jobId = job.id();
        decision.disposition = request.disposition();
        decision.reason = JobText.required("reason", "Reason", request.reason(), 500);
        decision.keep(bench.name(), clock.instant());
        decisions.saveAndFlush(decision);
    }

    /** Takes the proposals of the parts that are named; what somebody decided, and what has to be looked at first, stays as it is. */
    @Transactional
    public void accept(JobRef job, List<PartRecord> parts, List<UUID> named) {
        var made = made(job.id());
        Proposals.of(parts, made)
                .forEach(
                        (id, proposal) -> {
                            var disposition = proposal.disposition();
                            var stepId = UUID.fromString(id);
                            if (disposition != null
                                    && named.contains(stepId)
                                    && !made.containsKey(id)) {
                                decide(
                                        job,
                                        parts,
                                        stepId,
                                        new DecisionRequest(null, disposition, proposal.reason()));
                            }
                        });
    }

    private static DispositionProposal of(
            Map<String, DispositionProposal> proposals, PartRecord part) {
        return Objects.requireNonNull(proposals.get(part.step().id()));
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
        return decisions.ofJob(jobId).stream()
                .collect(Collectors.toMap(d -> d.stepId.toString(), Function.identity()));
    }

    private static DecisionView view(
            PartRecord part, DispositionProposal proposal, @Nullable DecisionEntity decision) {
        var step = part.step();
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
                part.standing(),
                CheapWhileOpen.isWorthAsking(step.kind()),
                (step.count() == 1 ? "" : step.count() + " × ") + step.goesIn());
    }
}
