package app.yunque.server.fill;

import app.yunque.drive.GearTrain;
import app.yunque.server.job.JobRef;
import app.yunque.server.people.AtTheBench;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the fill of a job. */
@Service
public class FillService {
    private final FillRepository fills;
    private final AtTheBench bench;
    private final Clock clock;

    FillService(FillRepository fills, AtTheBench bench, Clock clock) {
        this.fills = fills;
        this.bench = bench;
        this.clock = clock;
    }

    public FillAnswer preview(GearTrain train, FillRequest request) {
        var unsaved = new FillEntity();
        FillMapping.fill(unsaved, request);
        return FillMapping.answer(unsaved, train);
    }

    @Transactional
    public void keep(JobRef job, GearTrain train, FillRequest request) {
        var answer = preview(train, request);
        var found = fills.findById(job.id());
        found.ifPresent(f -> f.refuseStale(request.version(), () -> view(f, train)));
        var fill = found.orElseGet(FillEntity::new);
        fill.jobId = job.id();
        FillMapping.fill(fill, request);
        FillMapping.complete(fill, request, answer.grade());
        fill.keep(bench.name(), clock.instant());
        fills.saveAndFlush(fill);
    }

    @Transactional(readOnly = true)
    public Optional<FillView> view(UUID jobId, GearTrain train) {
        return fills.findById(jobId).map(f -> view(f, train));
    }

    private static FillView view(FillEntity f, GearTrain train) {
        return new FillView(
                FillMapping.given(f), FillMapping.answer(f, train), f.changedBy(), f.changedAt());
    }
}
