package app.yunque.server.store;

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

/** The lubricants of the shop. */
@RestController
@RequestMapping("/api/lubricants")
class StoreController {
    private final StoreService store;
    private final WriteOnce writes;

    StoreController(StoreService store, WriteOnce writes) {
        this.store = store;
        this.writes = writes;
    }

    @GetMapping
    List<LubricantView> lubricants() {
        return store.all();
    }

    @PutMapping("/{id}")
    List<LubricantView> keepLubricant(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody LubricantRequest request) {
        writes.run(writeId, () -> store.keep(id, request));
        return store.all();
    }

    @DeleteMapping("/{id}")
    List<LubricantView> removeLubricant(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> store.remove(id, version));
        return store.all();
    }
}
