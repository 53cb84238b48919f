package app.yunque.server.bench;

import app.yunque.server.document.DocumentService;
import app.yunque.server.document.DocumentView;
import app.yunque.server.history.WriteOnce;
import app.yunque.server.unit.UnitService;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Papers of the maker that lie beside the log and the card. */
@RestController
@RequestMapping("/api/units/{unitId}/documents")
class DocumentController {
    private final WriteOnce writes;
    private final UnitService units;
    private final DocumentService documents;

    DocumentController(WriteOnce writes, UnitService units, DocumentService documents) {
        this.writes = writes;
        this.units = units;
        this.documents = documents;
    }

    @GetMapping
    List<DocumentView> documents(@PathVariable UUID unitId) {
        return documents.views(unitId);
    }

    /** Takes a PDF or a picture in; the body is the file as it is. */
    @PutMapping(path = "/{id}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    List<DocumentView> take(
            @PathVariable UUID unitId,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam String title,
            HttpServletRequest request) {
        units.view(unitId);
        LimitedBody.read(
                request,
                "document",
                "document",
                DocumentService.MOST_BYTES,
                bytes -> {
                    writes.run(writeId, () -> documents.take(unitId, id, title, bytes));
                    return true;
                });
        return documents.views(unitId);
    }

    @DeleteMapping("/{id}")
    List<DocumentView> remove(
            @PathVariable UUID unitId,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> documents.remove(unitId, id, version));
        return documents.views(unitId);
    }

    @Operation(summary = "The document as it was handed in, a picture upright")
    @GetMapping("/{id}")
    ResponseEntity<byte[]> original(@PathVariable UUID unitId, @PathVariable UUID id) {
        var media =
                documents.views(unitId).stream()
                        .filter(d -> d.id().equals(id))
                        .map(DocumentView::media)
                        .findFirst()
                        .orElse(MediaType.APPLICATION_OCTET_STREAM_VALUE);
        return unchanging(documents.original(unitId, id), MediaType.parseMediaType(media));
    }

    @Operation(summary = "One page as a picture, 1 first")
    @GetMapping(path = "/{id}/pages/{number}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> page(
            @PathVariable UUID unitId, @PathVariable UUID id, @PathVariable int number) {
        return unchanging(documents.page(unitId, id, number), MediaType.IMAGE_JPEG);
    }

    /** A document never changes under its identity. */
    private static ResponseEntity<byte[]> unchanging(byte[] bytes, MediaType media) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .contentType(media)
                .body(bytes);
    }
}
