package app.yunque.server.change;

import app.yunque.drive.UnitChange;
import app.yunque.measure.Refused;
import app.yunque.route.Station;
import app.yunque.server.finding.About;
import app.yunque.server.finding.Finding;
import app.yunque.server.finding.Finding.Content;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.finding.FindingSort;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import app.yunque.server.job.JobText;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what the jobs of a unit changed on it. */
@Service
public class UnitChangeService {
    private static final int LONGEST = 400;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final FindingBook book;
    private final JobService jobs;

    UnitChangeService(FindingBook book, JobService jobs) {
        this.book = book;
        this.jobs = jobs;
    }

    /** @throws Refused when that job is not open on that unit */
    @Transactional(readOnly = true)
    public JobRef changing(UUID unitId, long number) {
        var job = jobs.find(number);
        if (!job.unitId().equals(unitId) || !job.isOpen()) {
            throw Refused.because(
                    "job",
                    "Job %d is not open on this unit. Choose the job again.".formatted(number));
        }
        return job;
    }

    /** The identity of a change that follows from another write: that write sent again keeps it once. */
    public static UUID following(UUID writeId, String what) {
        return UUID.nameUUIDFromBytes((writeId + " " + what).getBytes(StandardCharsets.UTF_8));
    }

    private record Said(String was, String becomes) {}

    /** What a job changes on its unit, in the order it was said or last corrected. */
    @Transactional(readOnly = true)
    public List<UnitChangeView> views(UUID jobId) {
        return book.of(jobId, FindingSort.CHANGED).stream().map(UnitChangeService::view).toList();
    }

    /** When the last change was kept after which the unit is set and proved again; empty where there is none. */
    public static Optional<Instant> toProveAgain(List<UnitChangeView> changes) {
        return changes.stream()
                .filter(UnitChangeView::provedAgain)
                .map(UnitChangeView::at)
                .max(Comparator.naturalOrder());
    }

    /** @throws Refused when one of its texts is missing or too long, or nothing is changed */
    @Transactional
    public void keep(JobRef job, UUID id, UnitChangeRequest request) {
        var was = JobText.required("was", "What it was", request.was(), LONGEST);
        var becomes = JobText.required("becomes", "What it becomes", request.becomes(), LONGEST);
        var because = JobText.required("because", "Why it is changed", request.because(), LONGEST);
        if (was.equalsIgnoreCase(becomes)) {
            throw Refused.because(
                    "becomes",
                    "It is “%s” before and after: that is no change. Say what it becomes."
                            .formatted(was));
        }
        book.keep(
                job,
                id,
                request.version(),
                new Content(
                        FindingSort.CHANGED,
                        Station.DECIDE,
                        request.what().name(),
                        About.NOTHING,
                        "",
                        JSON.writeValueAsString(new Said(was, becomes)),
                        because),
                UnitChangeService::view);
    }

    @Transactional
    public void remove(JobRef job, UUID id, long version) {
        book.remove(job, id, FindingSort.CHANGED, version, UnitChangeService::view);
    }

    private static UnitChangeView view(Finding f) {
        var said = JSON.readValue(f.content().given(), Said.class);
        var what = UnitChange.valueOf(f.content().question());
        return new UnitChangeView(
                f.id(),
                new UnitChangeRequest(
                        f.version(), what, said.was, said.becomes, f.content().remark()),
                what.words(),
                what.isProvedAgain(),
                f.by(),
                f.at());
    }
}
