package app.yunque.server.job;

import app.yunque.diagnosis.CauseStated;
import app.yunque.diagnosis.Diagnosis;
import app.yunque.diagnosis.Evidence;
import app.yunque.diagnosis.EvidenceFound;
import app.yunque.diagnosis.EvidenceTable;
import app.yunque.server.people.AtTheBench;
import java.time.Clock;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is said of the cause of a job, and counts what it was at the signed ones. */
@Service
public class CauseService {
    private final CauseRepository causes;
    private final JobRepository jobs;
    private final AtTheBench bench;
    private final Clock clock;

    CauseService(CauseRepository causes, JobRepository jobs, AtTheBench bench, Clock clock) {
        this.jobs = jobs;
        this.causes = causes;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public CauseRequest of(JobRef job) {
        var kept = jobs.numbered(job.number()).map(Received::cause).orElse(null);
        return kept == null ? CauseRequest.NOTHING : given(kept);
    }

    /**
     * What was stated, told with what is known; empty while nobody stated anything. A cause that was taken out of the table since is told
     * by its name, so that the record is not lost.
     */
    public static Optional<CauseStated> stated(CauseRequest given, Diagnosis diagnosis) {
        if (!given.isStated()) {
            return Optional.empty();
        }
        boolean isKnown =
                given.cause().isEmpty()
                        || EvidenceTable.shipped().causes().containsKey(given.cause());
        return Optional.of(
                isKnown
                        ? CauseStated.of(given.cause(), given.words(), given.isFound(), diagnosis)
                        : CauseStated.of(
                                "",
                                "%s of an earlier table. %s"
                                        .formatted(given.cause(), given.words()),
                                true,
                                diagnosis));
    }

    /** At how many signed jobs each cause of the table was it. */
    @Transactional(readOnly = true)
    public Map<String, Long> here() {
        return causes.atSignedJobs().stream()
                .filter(t -> !t.cause().isEmpty())
                .collect(
                        Collectors.toMap(
                                CauseRepository.Times::cause,
                                CauseRepository.Times::times,
                                Long::sum,
                                TreeMap::new));
    }

    /**
     * @param diagnosis what is known without it, for what is refused
     * @throws app.yunque.measure.Refused for a name that is in no table, or a cause that nobody tells
     */
    @Transactional
    public void keep(JobRef job, CauseRequest request, Diagnosis diagnosis) {
        var found = causes.findById(job.id());
        found.ifPresent(c -> c.refuseStale(request.version(), () -> given(c)));
        EvidenceFound.alsoSaid(Evidence.NOTHING, request.answers());
        if (request.isStated()) {
            CauseStated.of(request.cause(), request.words(), request.isFound(), diagnosis);
        }
        var cause = found.orElseGet(CauseEntity::new);
        cause.jobId = job.id();
        cause.answers = Map.copyOf(request.answers());
        cause.isStated = request.isStated();
        cause.isFound = request.isStated() && request.isFound();
        cause.cause = request.isStated() ? request.cause() : "";
        cause.words = request.isStated() ? request.words().strip() : "";
        cause.keep(bench.name(), clock.instant());
        causes.saveAndFlush(cause);
    }

    private static CauseRequest given(CauseEntity c) {
        return new CauseRequest(c.version(), c.answers, c.isStated, c.isFound, c.cause, c.words);
    }
}
