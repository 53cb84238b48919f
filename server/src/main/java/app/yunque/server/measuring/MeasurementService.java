package app.yunque.server.measuring;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.server.finding.About;
import app.yunque.server.finding.Finding;
import app.yunque.server.finding.Finding.Content;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.finding.FindingSort;
import app.yunque.server.instrument.Doubts;
import app.yunque.server.instrument.InstrumentService;
import app.yunque.server.job.JobRef;
import app.yunque.server.unit.UnitPapers;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps measurements; the core judges them anew whenever they are shown. */
@Service
public class MeasurementService {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final FindingBook book;
    private final InstrumentService instruments;

    MeasurementService(FindingBook book, InstrumentService instruments) {
        this.instruments = instruments;
        this.book = book;
    }

    /** Measurements of a job in the order they were kept. */
    @Transactional(readOnly = true)
    public List<MeasurementView> views(UUID jobId, UnitPapers unit) {
        var doubts = instruments.doubts();
        return book.of(jobId, FindingSort.MEASURED).stream()
                .map(f -> view(f, unit, doubts))
                .toList();
    }

    public MeasurementResult preview(UnitPapers unit, MeasurementRequest request) {
        return MeasurementMapping.result(request, unit.drive(), unit.duty());
    }

    @Transactional
    public void keep(JobRef job, UnitPapers unit, UUID id, MeasurementRequest request) {
        preview(unit, request);
        if (request.instrument() != null && instruments.find(request.instrument()).isEmpty()) {
            throw Refused.because(
                    "instrument",
                    "That instrument is not on the shop's list. Choose another, or none.");
        }
        var tidied = request.tidied();
        book.keep(
                job,
                id,
                request.version(),
                new Content(
                        FindingSort.MEASURED,
                        request.station(),
                        request.kind().name(),
                        new About(null, request.stage(), request.member()),
                        "",
                        JSON.writeValueAsString(tidied.seen(null)),
                        tidied.remark()),
                f -> view(f, unit));
    }

    @Transactional
    public void remove(JobRef job, UnitPapers unit, UUID id, long version) {
        book.remove(job, id, FindingSort.MEASURED, version, f -> view(f, unit));
    }

    /** Papers that were corrected, or a rule that has become stricter, must not hide the record: the refusal stands in its place. */
    private static MeasurementResult result(MeasurementRequest given, UnitPapers unit) {
        try {
            return MeasurementMapping.result(given, unit.drive(), unit.duty());
        } catch (Refused | NotApplicable refused) {
            return MeasurementResult.refused(String.valueOf(refused.getMessage()));
        }
    }

    private MeasurementView view(Finding f, UnitPapers unit) {
        return view(f, unit, instruments.doubts());
    }

    private static MeasurementView view(Finding f, UnitPapers unit, Doubts doubts) {
        var given =
                JSON.readValue(f.content().given(), MeasurementRequest.class)
                        .seen(f.version())
                        .of(f.content().about());
        var lost = doubts.about(given.instrument(), f.at());
        return new MeasurementView(
                f.id(),
                given,
                MeasurementMapping.gear(given.stage(), given.member(), unit.drive()),
                lost.map(MeasurementResult::refused).orElseGet(() -> result(given, unit)),
                f.by(),
                f.at(),
                lost.orElse(null));
    }
}
