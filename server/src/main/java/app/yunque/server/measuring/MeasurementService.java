package app.yunque.server.measuring;

import app.yunque.server.job.JobRef;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.server.unit.UnitPapers;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps measurements; the core judges them anew whenever they are shown. */
@Service
public class MeasurementService {
    private final MeasurementRepository measurements;
    private final AtTheBench bench;
    private final Clock clock;

    MeasurementService(MeasurementRepository measurements, AtTheBench bench, Clock clock) {
        this.measurements = measurements;
        this.bench = bench;
        this.clock = clock;
    }

    /** Measurements of a job in the order they were kept. */
    @Transactional(readOnly = true)
    public List<MeasurementView> views(UUID jobId, UnitPapers unit) {
        return measurements.findByJobIdAndRemovedFalse(jobId).stream()
                .sorted(Comparator.comparing(MeasurementEntity::changedAt).thenComparing(m -> m.id))
                .map(m -> view(m, unit))
                .toList();
    }

    public MeasurementResult preview(UnitPapers unit, MeasurementRequest request) {
        var unsaved = new MeasurementEntity();
        MeasurementMapping.fill(unsaved, request, unit.train());
        return MeasurementMapping.result(unsaved, unit.train(), unit.duty());
    }

    @Transactional
    public void keep(JobRef job, UnitPapers unit, UUID id, MeasurementRequest request) {
        preview(unit, request);
        var found = measurements.findById(id);
        found.ifPresent(
                m -> {
                    refuseStranger(m, job);
                    m.refuseStale(request.version(), () -> view(m, unit));
                });
        var measurement = found.orElseGet(MeasurementEntity::new);
        measurement.id = id;
        measurement.jobId = job.id();
        MeasurementMapping.fill(measurement, request, unit.train());
        measurement.keep(bench.name(), clock.instant());
        measurements.saveAndFlush(measurement);
    }

    @Transactional
    public void remove(JobRef job, UnitPapers unit, UUID id, long version) {
        var measurement =
                measurements
                        .findById(id)
                        .orElseThrow(() -> new NotThere("That measurement is no longer there."));
        refuseStranger(measurement, job);
        measurement.refuseStale(version, () -> view(measurement, unit));
        measurement.removed = true;
        measurement.keep(bench.name(), clock.instant());
    }

    private static void refuseStranger(MeasurementEntity measurement, JobRef job) {
        if (!measurement.jobId.equals(job.id())) {
            throw new NotThere("That measurement belongs to another job.");
        }
    }

    private static MeasurementView view(MeasurementEntity m, UnitPapers unit) {
        return new MeasurementView(
                m.id,
                MeasurementMapping.given(m),
                MeasurementMapping.gear(m.stage, m.member, unit.train()),
                MeasurementMapping.result(m, unit.train(), unit.duty()),
                m.changedBy(),
                m.changedAt());
    }
}
