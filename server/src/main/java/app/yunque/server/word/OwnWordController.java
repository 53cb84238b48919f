package app.yunque.server.word;

import app.yunque.line.LineReading.Found;
import app.yunque.server.history.WriteOnce;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What this shop calls things. */
@RestController
@RequestMapping("/api/own-words")
class OwnWordController {
    private final OwnWordService words;
    private final WriteOnce writes;

    OwnWordController(OwnWordService words, WriteOnce writes) {
        this.words = words;
        this.writes = writes;
    }

    @GetMapping
    List<OwnWordView> words() {
        return words.all();
    }

    /** What a word may stand for beside a kind of part. */
    @GetMapping("/findings")
    List<FindingView> findings() {
        return Stream.of(Found.values()).map(f -> new FindingView(f, f.words())).toList();
    }

    @PutMapping("/{id}")
    List<OwnWordView> keepWord(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody OwnWordRequest request) {
        writes.run(writeId, () -> words.keep(id, request));
        return words.all();
    }

    @DeleteMapping("/{id}")
    List<OwnWordView> removeWord(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> words.remove(id, version));
        return words.all();
    }
}
