package app.yunque.server.bench;

import app.yunque.server.history.WriteOnce;
import app.yunque.server.job.CorrectionRequest;
import app.yunque.server.job.SignRequest;
import app.yunque.server.place.FillRequest;
import app.yunque.server.place.FillService;
import app.yunque.server.procedure.StepAnswerRequest;
import app.yunque.server.procedure.StepAnswerService;
import app.yunque.server.proof.ProofRequest;
import app.yunque.server.proof.ProofService;
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

/** The last stations: Fill and Prove, and the signature. */
@RestController
@RequestMapping("/api/jobs/{number}")
class FinishController {
    private final WriteOnce writes;
    private final BenchWrite bench;
    private final FillService fills;
    private final ProofService proofs;
    private final StepAnswerService procedure;
    private final JobViews views;
    private final Signing signing;

    FinishController(
            WriteOnce writes,
            BenchWrite bench,
            FillService fills,
            ProofService proofs,
            StepAnswerService procedure,
            JobViews views,
            Signing signing) {
        this.writes = writes;
        this.bench = bench;
        this.fills = fills;
        this.proofs = proofs;
        this.procedure = procedure;
        this.views = views;
        this.signing = signing;
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

    /** A try of a step of setting or proving. */
    @PutMapping("/steps-of-procedure/{id}")
    JobView keepStep(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody StepAnswerRequest request) {
        return bench.change(writeId, number, job -> procedure.keep(job, id, request));
    }

    @DeleteMapping("/steps-of-procedure/{id}")
    JobView removeStep(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(writeId, number, job -> procedure.remove(job, id, version));
    }

    @PutMapping("/proof")
    JobView keepProof(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody ProofRequest request) {
        return bench.change(writeId, number, job -> proofs.keep(job, request));
    }

    /** Signs the job and seals it as it stands at this moment. */
    @PostMapping("/sign")
    JobView sign(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody SignRequest request) {
        writes.run(writeId, () -> signing.sign(number, request.despite()));
        return views.of(number);
    }

    /** Opens a signed job again as its next revision; what was signed stays as it was. */
    @PostMapping("/correct")
    JobView correct(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody CorrectionRequest request) {
        writes.run(writeId, () -> signing.correct(number, request));
        return views.of(number);
    }
}
