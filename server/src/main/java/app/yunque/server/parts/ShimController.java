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

/** The shelf of shims. */
@RestController
@RequestMapping("/api/shims")
class ShimController {
    private final ShimService shims;
    private final WriteOnce writes;

    ShimController(ShimService shims, WriteOnce writes) {
        this.shims = shims;
        this.writes = writes;
    }

    @GetMapping
    List<ShimView> shims() {
        return shims.all();
    }

    @PutMapping("/{id}")
    List<ShimView> keepShim(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody ShimRequest request) {
        writes.run(writeId, () -> shims.keep(id, request));
        return shims.all();
    }

    @DeleteMapping("/{id}")
    List<ShimView> removeShim(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> shims.remove(id, version));
        return shims.all();
    }
}
