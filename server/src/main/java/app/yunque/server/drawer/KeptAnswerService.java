package app.yunque.server.drawer;

import app.yunque.finding.Checks;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.route.Station;
import app.yunque.server.finding.About;
import app.yunque.server.finding.Finding;
import app.yunque.server.finding.Finding.Content;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.finding.FindingSort;
import app.yunque.server.instrument.Doubts;
import app.yunque.server.instrument.InstrumentService;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps answers of drawers to jobs; what they mean is worked out anew whenever they are shown. */
@Service
public class KeptAnswerService {
    private static final int LONGEST_SUBJECT = 120;
    private static final int LONGEST_REMARK = 500;
    private static final int LONGEST_WHERE = 60;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final FindingBook book;
    private final DrawerService drawers;
    private final InstrumentService instruments;

    KeptAnswerService(FindingBook book, DrawerService drawers, InstrumentService instruments) {
        this.instruments = instruments;
        this.book = book;
        this.drawers = drawers;
    }

    /** What stands in the record beside its keys. */
    private record Answered(
            DrawerEntries entries, @Nullable String check, @Nullable String where) {}

    private static final Set<Station> STATIONS =
            EnumSet.of(Station.INSPECT, Station.SET, Station.FILL);

    /** Answers kept to a job in the order they were kept. */
    @Transactional(readOnly = true)
    public List<KeptAnswerView> views(UUID jobId) {
        var doubts = instruments.doubts();
        return book.of(jobId, FindingSort.ANSWERED).stream().map(f -> view(f, doubts)).toList();
    }

    @Transactional
    public void keep(JobRef job, UUID id, KeptAnswerRequest request) {
        drawers.answer(request.drawer(), request.entries());
        if (!STATIONS.contains(request.station())) {
            throw Refused.because("station", "An answer is kept at Inspect, at Set or at Fill.");
        }
        var subject =
                JobText.optional("subject", "What it is about", request.subject(), LONGEST_SUBJECT);
        var remark = JobText.optional("remark", "Remark", request.remark(), LONGEST_REMARK);
        var where = JobText.optional("where", "Where on it", request.where(), LONGEST_WHERE);
        var check = request.check();
        if (check != null) {
            Checks.of(check);
        }
        var about = request.about() == null ? About.NOTHING : request.about();
        book.keep(
                job,
                id,
                request.version(),
                new Content(
                        FindingSort.ANSWERED,
                        request.station(),
                        request.drawer(),
                        about,
                        subject,
                        JSON.writeValueAsString(new Answered(request.entries(), check, where)),
                        remark),
                this::view);
    }

    @Transactional
    public void remove(JobRef job, UUID id, long version) {
        book.remove(job, id, FindingSort.ANSWERED, version, this::view);
    }

    private KeptAnswerView view(Finding f) {
        return view(f, instruments.doubts());
    }

    private KeptAnswerView view(Finding f, Doubts doubts) {
        var content = f.content();
        var answered = JSON.readValue(content.given(), Answered.class);
        var lost = doubts.about(answered.entries.instrument(), f.at());
        return new KeptAnswerView(
                f.id(),
                new KeptAnswerRequest(
                        f.version(),
                        content.station(),
                        content.question(),
                        content.words(),
                        content.about().equals(About.NOTHING) ? null : content.about(),
                        answered.check,
                        answered.where,
                        content.remark(),
                        answered.entries),
                drawers.title(content.question()),
                answered.check == null ? drawers.answers(content.question()) : answered.check,
                lost.map(l -> DrawerAnswer.saying(l).build())
                        .orElseGet(() -> answer(content.question(), answered.entries)),
                f.by(),
                f.at(),
                lost.orElse(null));
    }

    /** A rule that has become stricter since must not hide the record: the refusal is shown in its place. */
    private DrawerAnswer answer(String drawer, DrawerEntries entries) {
        try {
            return drawers.answer(drawer, entries).withoutMesh();
        } catch (Refused | NotApplicable refused) {
            return DrawerAnswer.saying(String.valueOf(refused.getMessage())).build();
        }
    }
}
