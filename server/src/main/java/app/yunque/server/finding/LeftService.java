package app.yunque.server.finding;

import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.LeftOpen;
import app.yunque.measure.Refused;
import app.yunque.route.Station;
import app.yunque.server.finding.Finding.Content;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.teardown.TeardownStep;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps why a check is not made. */
@Service
public class LeftService {
    private static final int LONGEST_REMARK = 500;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final FindingBook book;

    LeftService(FindingBook book) {
        this.book = book;
    }

    /** What stands in the record beside its keys. */
    private record Said(LeftOpen.Why why) {}

    /** All checks of a job that somebody left, in the order it was said. */
    @Transactional(readOnly = true)
    public List<LeftView> views(UUID jobId) {
        return book.of(jobId, FindingSort.LEFT).stream().map(LeftService::view).toList();
    }

    /** @throws Refused when there is no such check, or the reason cannot be so of that part */
    @Transactional
    public void keep(JobRef job, UUID id, LeftRequest request, List<TeardownStep> strip) {
        var check = Checks.of(request.check());
        var about = About.partOrMesh(request.stepId(), request.stage(), strip);
        about.part(strip).ifPresent(p -> LeftOpen.refuseImpossible(p, check, request.why()));
        var remark = JobText.optional("remark", "Note", request.remark(), LONGEST_REMARK);
        book.keep(
                job,
                id,
                request.version(),
                new Content(
                        FindingSort.LEFT,
                        check.isAfterWork() ? Station.SET : Station.INSPECT,
                        check.id(),
                        about,
                        "",
                        JSON.writeValueAsString(new Said(request.why())),
                        remark),
                LeftService::view);
    }

    @Transactional
    public void remove(JobRef job, UUID id, long version) {
        book.remove(job, id, FindingSort.LEFT, version, LeftService::view);
    }

    /** As the core asks for it. */
    public static LeftOpen core(LeftView left) {
        return new LeftOpen(
                left.given().check(), left.given().why(), left.given().remark(), left.by());
    }

    private static LeftView view(Finding f) {
        var why = JSON.readValue(f.content().given(), Said.class).why;
        return new LeftView(
                f.id(),
                new LeftRequest(
                        f.version(),
                        f.content().about().stepId(),
                        f.content().about().stage(),
                        f.content().question(),
                        why,
                        f.content().remark()),
                Checks.find(f.content().question())
                        .map(Check::lookAt)
                        .orElse(f.content().question()),
                why.words(),
                f.by(),
                f.at());
    }
}
