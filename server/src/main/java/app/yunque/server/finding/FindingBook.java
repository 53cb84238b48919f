package app.yunque.server.finding;

import app.yunque.server.finding.Finding.Content;
import app.yunque.server.job.JobRef;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps findings of every sort; what they mean is worked out anew by the room of their question whenever they are shown. */
@Service
public class FindingBook {
    /** The number of no stage. */
    private static final int GONE = 0;

    private final FindingRepository findings;
    private final AtTheBench bench;
    private final Clock clock;

    FindingBook(FindingRepository findings, AtTheBench bench, Clock clock) {
        this.findings = findings;
        this.bench = bench;
        this.clock = clock;
    }

    /** Findings of one sort of a job in the order they were kept. */
    @Transactional(readOnly = true)
    public List<Finding> of(UUID jobId, FindingSort sort) {
        return findings.ofJob(jobId).stream()
                .filter(f -> f.sort == sort)
                .sorted(Comparator.comparing(FindingEntity::changedAt).thenComparing(f -> f.id))
                .map(FindingBook::finding)
                .toList();
    }

    /** Reads the findings of several jobs in one question, for a page that will ask for each of them. */
    @Transactional(readOnly = true)
    public void readAhead(List<UUID> jobs) {
        findings.readAhead(jobs);
    }

    /**
     * @param version version that was seen; null for a new one
     * @param shown   how the present one is shown to somebody whose version is stale
     */
    @Transactional
    public void keep(
            JobRef job,
            UUID id,
            @Nullable Long version,
            Content content,
            Function<Finding, Object> shown) {
        var found = findings.findById(id);
        found.ifPresent(
                f -> {
                    refuseStranger(f, job, content.sort());
                    f.refuseStale(version, () -> shown.apply(finding(f)));
                });
        var finding = found.orElseGet(FindingEntity::new);
        finding.id = id;
        finding.jobId = job.id();
        fill(finding, content);
        finding.keep(bench.name(), clock.instant());
        findings.saveAndFlush(finding);
    }

    /** Takes a finding away; it stays in the history. */
    @Transactional
    public void remove(
            JobRef job, UUID id, FindingSort sort, long version, Function<Finding, Object> shown) {
        var finding =
                findings.findById(id)
                        .orElseThrow(() -> new NotThere("That finding is no longer there."));
        refuseStranger(finding, job, sort);
        finding.refuseStale(version, () -> shown.apply(finding(finding)));
        finding.removed = true;
        finding.keep(bench.name(), clock.instant());
    }

    /**
     * What was found on a part is also found on the part that was made of it, or that it became part of. It keeps its author; a second
     * time does nothing.
     */
    @Transactional
    public void copy(JobRef job, UUID stepId, UUID toStepId) {
        for (var f : findings.findByJobIdAndRemovedFalse(job.id())) {
            var id =
                    UUID.nameUUIDFromBytes(
                            (f.id + " " + toStepId).getBytes(StandardCharsets.US_ASCII));
            if (stepId.equals(f.stepId) && !findings.existsById(id)) {
                var copy = new FindingEntity();
                copy.id = id;
                copy.jobId = f.jobId;
                fill(copy, finding(f).content());
                copy.stepId = toStepId;
                copy.keep(f.changedBy(), f.changedAt());
                findings.save(copy);
            }
        }
    }

    /** When something was read with an instrument, by job. */
    @Transactional(readOnly = true)
    public Map<UUID, List<Instant>> readWith(UUID instrument) {
        return findings.readWith(instrument).stream()
                .collect(
                        Collectors.groupingBy(
                                f -> f.jobId,
                                Collectors.mapping(FindingEntity::changedAt, Collectors.toList())));
    }

    /** Stages of the unit on which something was found in a job, by measuring or with a drawer. */
    @Transactional(readOnly = true)
    public Set<Integer> stages(UUID jobId) {
        return findings.ofJob(jobId).stream()
                .flatMap(f -> Stream.ofNullable(f.stage))
                .collect(Collectors.toSet());
    }

    /**
     * The stages of the unit got other numbers; what was found on them goes along, and stays its author's. What was found on a stage that
     * is gone stays on record and belongs to none that is there, or it would be taken for a later stage's.
     */
    @Transactional
    public void renumber(UUID jobId, Map<Integer, Integer> stages) {
        for (var f : findings.findByJobId(jobId)) {
            if (f.stage != null) {
                f.stage = stages.getOrDefault(f.stage, GONE);
            }
        }
    }

    private static void fill(FindingEntity finding, Content content) {
        finding.sort = content.sort();
        finding.station = content.station();
        finding.question = content.question();
        finding.stepId = content.about().stepId();
        finding.stage = content.about().stage();
        finding.member = content.about().member();
        finding.words = content.words();
        finding.given = content.given();
        finding.remark = content.remark();
        finding.removed = false;
    }

    private static void refuseStranger(FindingEntity finding, JobRef job, FindingSort sort) {
        if (!finding.jobId.equals(job.id())) {
            throw new NotThere("That finding belongs to another job.");
        }
        if (finding.sort != sort) {
            throw new NotThere("That finding is of another sort.");
        }
    }

    private static Finding finding(FindingEntity f) {
        return new Finding(
                f.id,
                new Content(
                        f.sort,
                        f.station,
                        f.question,
                        new About(f.stepId, f.stage, f.member),
                        f.words,
                        f.given,
                        f.remark),
                f.version(),
                f.changedBy(),
                f.changedAt());
    }
}
