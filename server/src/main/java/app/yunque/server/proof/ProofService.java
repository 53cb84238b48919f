package app.yunque.server.proof;

import app.yunque.measure.Refused;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.upkeep.RunTemperature;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the proof of a job. */
@Service
public class ProofService {
    private static final Map<String, String> FIELDS =
            Map.of("ambientDegC", "ambient", "caseDegC", "hot", "makersLimitDegC", "makersLimit");

    private final ProofRepository proofs;
    private final AtTheBench bench;
    private final Clock clock;

    ProofService(ProofRepository proofs, AtTheBench bench, Clock clock) {
        this.proofs = proofs;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional
    public void keep(JobRef job, ProofRequest request) {
        var checked = new ProofEntity();
        fill(checked, request);
        temperature(checked);
        var found = proofs.findById(job.id());
        found.ifPresent(p -> p.refuseStale(request.version(), () -> view(p)));
        var proof = found.orElseGet(ProofEntity::new);
        proof.jobId = job.id();
        fill(proof, request);
        proof.keep(bench.name(), clock.instant());
        proofs.saveAndFlush(proof);
    }

    @Transactional(readOnly = true)
    public Optional<ProofView> view(UUID jobId) {
        return proofs.findById(jobId).map(ProofService::view);
    }

    private void fill(ProofEntity proof, ProofRequest request) {
        var faults = new Faults();
        proof.ambient = temperature(faults, request.ambient(), "ambient", "surroundings");
        proof.hot = temperature(faults, request.hot(), "hot", "temperature after the run");
        proof.makersLimit =
                temperature(faults, request.makersLimit(), "makersLimit", "the maker's limit");
        faults.gather(() -> JobText.optional("remark", "Remark", request.remark(), 500));
        faults.gather(() -> refusePast(request.nextService()));
        faults.throwIfAny();
        proof.remark = request.remark().strip();
        proof.runMinutes = request.runMinutes();
        proof.nextService = request.nextService();
    }

    private Boolean refusePast(@Nullable LocalDate nextService) {
        if (nextService != null && nextService.isBefore(LocalDate.now(clock))) {
            throw Refused.because(
                    "nextService",
                    "Next service " + nextService + " is in the past. Choose a later day.");
        }
        return true;
    }

    private static @Nullable Entered temperature(
            Faults faults, @Nullable EnteredNumber number, String field, String label) {
        return EnteredNumber.gatherOptional(faults, number, field, label, EntryKind.TEMPERATURE);
    }

    /** Judged once something of the run was entered; what is missing then is told. */
    private static @Nullable RunTemperature temperature(ProofEntity p) {
        if (p.ambient == null && p.hot == null && p.runMinutes == null) {
            return null;
        }
        return AtField.named(
                FIELDS,
                () ->
                        RunTemperature.of(
                                p.ambient == null ? Double.NaN : p.ambient.canonical(),
                                p.hot == null ? Double.NaN : p.hot.canonical(),
                                p.runMinutes == null ? Double.NaN : p.runMinutes,
                                Optional.ofNullable(Entered.valueOf(p.makersLimit))));
    }

    private static ProofView view(ProofEntity p) {
        var given =
                new ProofRequest(
                        p.version(),
                        p.remark,
                        EnteredNumber.of(p.ambient),
                        EnteredNumber.of(p.hot),
                        p.runMinutes,
                        EnteredNumber.of(p.makersLimit),
                        p.nextService);
        return new ProofView(given, temperature(p), p.changedBy(), p.changedAt());
    }
}
