package app.yunque.server.care;

import app.yunque.server.history.WriteOnce;
import app.yunque.server.people.AtTheBench;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the records are, for a lead. */
@RestController
@RequestMapping("/api/care")
class CareController {
    private final CareOfRecords care;
    private final Purge purge;
    private final WriteOnce writes;
    private final AtTheBench bench;

    CareController(CareOfRecords care, Purge purge, WriteOnce writes, AtTheBench bench) {
        this.care = care;
        this.purge = purge;
        this.writes = writes;
        this.bench = bench;
    }

    @GetMapping
    List<Sign> care() {
        bench.refuseUnlessLead("Only a lead looks after the records.");
        return care.signs();
    }

    /**
     * @param tag the tag of the unit, typed
     * @param why reason in words, up to 300 characters
     */
    record PurgeRequest(String tag, String why) {}

    /** What was taken away for good. */
    @GetMapping("/purged")
    List<Purge.Purged> purged() {
        bench.refuseUnlessLead("Only a lead looks after the records.");
        return purge.all();
    }

    @PostMapping("/purge/units/{id}")
    List<Purge.Purged> purgeUnit(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody PurgeRequest request) {
        writes.run(writeId, () -> purge.unit(id, request.tag(), request.why()));
        return purge.all();
    }

    @PostMapping("/purge/jobs/{number}")
    List<Purge.Purged> purgeJob(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody PurgeRequest request) {
        writes.run(writeId, () -> purge.job(number, request.tag(), request.why()));
        return purge.all();
    }
}
