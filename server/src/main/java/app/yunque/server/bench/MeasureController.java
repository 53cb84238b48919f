package app.yunque.server.bench;

import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import app.yunque.server.measuring.MeasurementRequest;
import app.yunque.server.measuring.MeasurementResult;
import app.yunque.server.measuring.MeasurementService;
import app.yunque.server.unit.UnitPapers;
import app.yunque.server.unit.UnitService;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The stations that measure: Inspect and Set. */
@RestController
@RequestMapping("/api/jobs/{number}")
class MeasureController {
    private final BenchWrite bench;
    private final JobService jobs;
    private final MeasurementService measurements;
    private final UnitService units;

    MeasureController(
            BenchWrite bench, JobService jobs, MeasurementService measurements, UnitService units) {
        this.bench = bench;
        this.jobs = jobs;
        this.measurements = measurements;
        this.units = units;
    }

    @PutMapping("/measurements/{id}")
    JobView keepMeasurement(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody MeasurementRequest request) {
        return bench.change(writeId, number, job -> measurements.keep(job, unit(job), id, request));
    }

    @DeleteMapping("/measurements/{id}")
    JobView removeMeasurement(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(
                writeId, number, job -> measurements.remove(job, unit(job), id, version));
    }

    /** What the readings mean, without keeping them. */
    @PostMapping("/preview/measurement")
    MeasurementResult previewMeasurement(
            @PathVariable long number, @RequestBody MeasurementRequest request) {
        return measurements.preview(unit(jobs.find(number)), request);
    }

    private UnitPapers unit(JobRef job) {
        return units.papers(job.unitId());
    }
}
