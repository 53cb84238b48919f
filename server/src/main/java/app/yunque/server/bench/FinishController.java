package app.yunque.server.bench;

import app.yunque.server.job.JobService;
import app.yunque.server.job.SignRequest;
import app.yunque.server.place.FillRequest;
import app.yunque.server.place.FillService;
import app.yunque.server.proof.ProofRequest;
import app.yunque.server.proof.ProofService;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The last stations: Fill and Prove, and the signature. */
@RestController
@RequestMapping("/api/jobs/{number}")
class FinishController {
    private final BenchWrite bench;
    private final JobService jobs;
    private final FillService fills;
    private final ProofService proofs;
    private final JobViews views;
    private final SignedReports reports;

    FinishController(
            BenchWrite bench,
            JobService jobs,
            FillService fills,
            ProofService proofs,
            JobViews views,
            SignedReports reports) {
        this.bench = bench;
        this.jobs = jobs;
        this.fills = fills;
        this.proofs = proofs;
        this.views = views;
        this.reports = reports;
    }

    /** What was done at a lubricated place of the unit. */
    @PutMapping("/places/{placeId}/fill")
    JobView keepFill(
            @PathVariable long number,
            @PathVariable UUID placeId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody FillRequest request) {
        return bench.change(writeId, number, job -> fills.keep(job, placeId, request));
    }

    @PutMapping("/proof")
    JobView keepProof(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody ProofRequest request) {
        return bench.change(writeId, number, job -> proofs.keep(job, request));
    }

    /** Signs the job; the report is kept as it stands at this moment. */
    @PostMapping("/sign")
    JobView sign(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody SignRequest request) {
        return bench.change(
                writeId,
                number,
                job -> {
                    var against = views.of(job).route().againstSigning();
                    jobs.sign(job, against, request.despite());
                    reports.keep(job.number());
                });
    }
}
