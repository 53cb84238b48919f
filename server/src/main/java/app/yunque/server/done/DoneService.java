package app.yunque.server.done;

import app.yunque.measure.Refused;
import app.yunque.route.Station;
import app.yunque.server.finding.About;
import app.yunque.server.finding.Finding;
import app.yunque.server.finding.Finding.Content;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.finding.FindingSort;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.teardown.StripAct;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what was done at Strip beside taking parts off. */
@Service
public class DoneService {
    private static final int LONGEST = 400;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final FindingBook book;

    DoneService(FindingBook book) {
        this.book = book;
    }

    /** What stands in the record beside its keys; {@code after} is no key, because a step may go and this stays. */
    private record Said(@Nullable UUID after, boolean back) {}

    /** Everything that was done at a job, in the order it was kept or last changed. */
    @Transactional(readOnly = true)
    public List<DoneView> views(UUID jobId) {
        return book.of(jobId, FindingSort.DONE).stream().map(DoneService::view).toList();
    }

    /** @throws Refused when it says nothing, or is a part that came off */
    @Transactional
    public void keep(JobRef job, UUID id, DoneRequest request) {
        if (!request.act().isNoPart()) {
            throw Refused.because(
                    "act", "A part that came off is kept as a step of the strip, not as a note.");
        }
        if (request.back() && request.act().mirror().isEmpty()) {
            throw Refused.because(
                    "back",
                    "What is %s needs nothing to be put back.".formatted(request.act().words()));
        }
        var line = JobText.required("line", "What was done", request.line(), LONGEST);
        book.keep(
                job,
                id,
                request.version(),
                new Content(
                        FindingSort.DONE,
                        Station.STRIP,
                        request.act().name(),
                        About.NOTHING,
                        "",
                        JSON.writeValueAsString(new Said(request.after(), request.back())),
                        line),
                DoneService::view);
    }

    @Transactional
    public void remove(JobRef job, UUID id, long version) {
        book.remove(job, id, FindingSort.DONE, version, DoneService::view);
    }

    private static DoneView view(Finding f) {
        var said = JSON.readValue(f.content().given(), Said.class);
        var act = StripAct.valueOf(f.content().question());
        return new DoneView(
                f.id(),
                new DoneRequest(f.version(), act, f.content().remark(), said.after, said.back),
                act.words(),
                act.mirror(),
                f.by(),
                f.at());
    }
}
