package app.yunque.server.evidence;

import app.yunque.diagnosis.EvidenceCorrection;
import app.yunque.diagnosis.EvidenceTable;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what a lead knows better than the table of evidence; nothing of it is forgotten. */
@Service
public class CorrectionService {
    private static final int LONGEST = 400;
    private static final String LEADS_ONLY = "Only a lead changes what causes are weighed by.";

    private final CorrectionRepository corrections;
    private final AtTheBench bench;
    private final Clock clock;

    CorrectionService(CorrectionRepository corrections, AtTheBench bench, Clock clock) {
        this.corrections = corrections;
        this.bench = bench;
        this.clock = clock;
    }

    /** What causes are weighed by in this shop. What was taken out of the table since counts no more. */
    @Transactional(readOnly = true)
    public EvidenceTable table() {
        var shipped = EvidenceTable.shipped();
        return EvidenceCorrection.corrected(
                corrections.findByRemovedFalseOrderByCauseAscOfAsc().stream()
                        .filter(c -> shipped.causes().containsKey(c.cause))
                        .filter(
                                c ->
                                        c.of.isEmpty()
                                                || shipped.signs().containsKey(c.of)
                                                || shipped.tests().containsKey(c.of))
                        .map(c -> new EvidenceCorrection(c.cause, c.of, c.value))
                        .toList());
    }

    @Transactional(readOnly = true)
    public List<EvidenceWeightView> all() {
        var shipped = EvidenceTable.shipped().causes();
        return corrections.findAll().stream()
                .filter(c -> shipped.containsKey(c.cause))
                .map(CorrectionService::view)
                .toList();
    }

    /** Corrects one place of the table, or corrects it once more. */
    @Transactional
    public void keep(EvidenceWeightRequest request) {
        bench.actAsLead(LEADS_ONLY);
        var said = new EvidenceCorrection(request.cause(), request.of(), request.value());
        var because = JobText.required("because", "Why", request.because(), LONGEST);
        var found = corrections.findByCauseAndOf(said.cause(), said.of());
        found.ifPresent(c -> c.refuseStale(request.version(), () -> view(c)));
        var kept = found.orElseGet(CorrectionEntity::new);
        if (found.isEmpty()) {
            kept.id = UUID.randomUUID();
        }
        kept.cause = said.cause();
        kept.of = said.of();
        kept.value = said.value();
        kept.because = because;
        kept.removed = false;
        keep(kept);
    }

    /** Takes a correction back: the table that ships counts again. */
    @Transactional
    public void remove(String cause, String of, long version) {
        bench.actAsLead(LEADS_ONLY);
        var kept =
                corrections
                        .findByCauseAndOf(cause, of)
                        .orElseThrow(() -> new NotThere("Nothing was corrected there."));
        kept.refuseStale(version, () -> view(kept));
        kept.removed = true;
        keep(kept);
    }

    private void keep(CorrectionEntity kept) {
        kept.keep(bench.name(), clock.instant());
        corrections.saveAndFlush(kept);
    }

    private static EvidenceWeightView view(CorrectionEntity c) {
        return new EvidenceWeightView(
                new EvidenceWeightRequest(c.version(), c.cause, c.of, c.value, c.because),
                EvidenceCorrection.shipped(c.cause, c.of),
                !c.removed,
                c.changedBy(),
                c.changedAt());
    }
}
