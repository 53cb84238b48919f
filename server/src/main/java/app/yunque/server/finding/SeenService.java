package app.yunque.server.finding;

import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.Look;
import app.yunque.finding.PartFinding;
import app.yunque.finding.Severity;
import app.yunque.measure.Refused;
import app.yunque.route.Station;
import app.yunque.server.finding.Finding.Content;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.teardown.TeardownStep;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what was found by eye, finger or ear. */
@Service
public class SeenService {
    private static final int LONGEST_REMARK = 500;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final FindingBook book;

    SeenService(FindingBook book) {
        this.book = book;
    }

    /** What stands in the record beside its keys. */
    private record Said(Look look, String word, Severity severity, @Nullable Integer pieces) {}

    /** All that was found on the parts of a job, in the order it was said. */
    @Transactional(readOnly = true)
    public List<SeenView> views(UUID jobId) {
        return book.of(jobId, FindingSort.SEEN).stream().map(SeenService::view).toList();
    }

    /** @throws Refused when the check or its word is not known, or more pieces show it than there are */
    @Transactional
    public void keep(JobRef job, UUID id, SeenRequest request, List<TeardownStep> strip) {
        var about = About.partOrMesh(request.stepId(), request.stage(), strip);
        var severity = Checks.of(request.check()).severityOf(request.word());
        refuseMorePieces(request.pieces(), about.part(strip).map(TeardownStep::count).orElse(1));
        var remark = JobText.optional("remark", "Note", request.remark(), LONGEST_REMARK);
        book.keep(
                job,
                id,
                request.version(),
                new Content(
                        FindingSort.SEEN,
                        request.look() == Look.AFTER_WORK ? Station.SET : Station.INSPECT,
                        request.check(),
                        about,
                        "",
                        JSON.writeValueAsString(
                                new Said(
                                        request.look(),
                                        request.word().strip(),
                                        severity,
                                        request.pieces())),
                        remark),
                SeenService::view);
    }

    private static void refuseMorePieces(@Nullable Integer pieces, int count) {
        if (pieces != null && (pieces < 1 || pieces > count)) {
            throw Refused.because(
                    "pieces",
                    "%d of %d pieces cannot show it. Enter 1 to %d, or leave it out for all."
                            .formatted(pieces, count, count));
        }
    }

    @Transactional
    public void remove(JobRef job, UUID id, long version) {
        book.remove(job, id, FindingSort.SEEN, version, SeenService::view);
    }

    /** As the core asks for it. */
    public static PartFinding core(SeenView seen) {
        return new PartFinding(
                seen.given().check(),
                seen.given().word(),
                seen.severity(),
                seen.given().look(),
                seen.by(),
                seen.at());
    }

    /** A word that the table of checks no longer knows keeps the weight it was said with. */
    private static SeenView view(Finding f) {
        var said = JSON.readValue(f.content().given(), Said.class);
        var check = Checks.find(f.content().question());
        var severity =
                check.stream()
                        .flatMap(c -> c.words().stream())
                        .filter(w -> w.text().equalsIgnoreCase(said.word))
                        .map(Check.Word::severity)
                        .findFirst()
                        .orElse(said.severity);
        return new SeenView(
                f.id(),
                new SeenRequest(
                        f.version(),
                        f.content().about().stepId(),
                        f.content().about().stage(),
                        f.content().question(),
                        said.look,
                        said.word,
                        said.pieces,
                        f.content().remark()),
                check.map(Check::lookAt).orElse(f.content().question()),
                severity,
                severity.words(),
                f.by(),
                f.at());
    }
}
