package app.yunque.server.evidence;

import app.yunque.server.history.WriteOnce;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What this shop knows better than the table of evidence. */
@RestController
@RequestMapping("/api/evidence-corrections")
class CorrectionController {
    private final CorrectionService corrections;
    private final WriteOnce writes;

    CorrectionController(CorrectionService corrections, WriteOnce writes) {
        this.corrections = corrections;
        this.writes = writes;
    }

    @GetMapping
    List<EvidenceWeightView> corrections() {
        return corrections.all();
    }

    @PutMapping
    List<EvidenceWeightView> keepCorrection(
            @RequestHeader("Write-Id") UUID writeId, @RequestBody EvidenceWeightRequest request) {
        writes.run(writeId, () -> corrections.keep(request));
        return corrections.all();
    }

    @DeleteMapping
    List<EvidenceWeightView> removeCorrection(
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam String cause,
            @RequestParam(defaultValue = "") String of,
            @RequestParam long version) {
        writes.run(writeId, () -> corrections.remove(cause, of, version));
        return corrections.all();
    }
}
