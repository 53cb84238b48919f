package app.yunque.server.parts;

import app.yunque.server.history.WriteOnce;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The spares of the shop. */
@RestController
@RequestMapping("/api/spares")
class SpareController {
    private final SpareService spares;
    private final WriteOnce writes;

    SpareController(SpareService spares, WriteOnce writes) {
        this.spares = spares;
        this.writes = writes;
    }

    @GetMapping
    List<SpareView> spares() {
        return spares.all();
    }

    @PutMapping("/{id}")
    List<SpareView> keepSpare(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody SpareRequest request) {
        writes.run(writeId, () -> spares.keep(id, request));
        return spares.all();
    }

    @DeleteMapping("/{id}")
    List<SpareView> removeSpare(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> spares.remove(id, version));
        return spares.all();
    }
}
