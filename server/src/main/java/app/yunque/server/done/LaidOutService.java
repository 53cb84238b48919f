package app.yunque.server.done;

import app.yunque.route.Station;
import app.yunque.server.finding.About;
import app.yunque.server.finding.Finding;
import app.yunque.server.finding.Finding.Content;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.finding.FindingSort;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.teardown.LayOutList;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what lies ready before the first screw. */
@Service
public class LaidOutService {
    private static final int LONGEST = 400;

    private final FindingBook book;

    LaidOutService(FindingBook book) {
        this.book = book;
    }

    /** The list with its ticks. */
    @Transactional(readOnly = true)
    public List<LaidOutView> views(UUID jobId, LayOutList list) {
        var ticks =
                book.of(jobId, FindingSort.LAID_OUT).stream()
                        .collect(Collectors.toMap(Finding::id, Function.identity()));
        return list.items().stream()
                .map(
                        item -> {
                            var id = id(jobId, item.what());
                            var tick = ticks.get(id);
                            return new LaidOutView(
                                    id,
                                    item.group().words(),
                                    item.what(),
                                    item.because(),
                                    tick != null && isOut(tick),
                                    tick == null ? null : tick.version());
                        })
                .toList();
    }

    @Transactional
    public void keep(JobRef job, LaidOutRequest request) {
        var what = JobText.required("what", "What lies ready", request.what(), LONGEST);
        book.keep(
                job,
                id(job.id(), what),
                request.version(),
                new Content(
                        FindingSort.LAID_OUT,
                        Station.STRIP,
                        "",
                        About.NOTHING,
                        "",
                        String.valueOf(request.out()),
                        what),
                LaidOutService::isOut);
    }

    private static boolean isOut(Finding tick) {
        return Boolean.parseBoolean(tick.content().given());
    }

    private static UUID id(UUID jobId, String what) {
        return UUID.nameUUIDFromBytes((jobId + " " + what).getBytes(StandardCharsets.UTF_8));
    }
}
