package app.yunque.server.instrument;

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

/** The shop's instruments. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentController {
    private final InstrumentService instruments;
    private final WriteOnce writes;

    InstrumentController(InstrumentService instruments, WriteOnce writes) {
        this.instruments = instruments;
        this.writes = writes;
    }

    @GetMapping
    List<InstrumentView> instruments() {
        return instruments.all();
    }

    @PutMapping("/{id}")
    List<InstrumentView> keepInstrument(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody InstrumentRequest request) {
        writes.run(writeId, () -> instruments.keep(id, request));
        return instruments.all();
    }

    @DeleteMapping("/{id}")
    List<InstrumentView> removeInstrument(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> instruments.remove(id, version));
        return instruments.all();
    }
}
