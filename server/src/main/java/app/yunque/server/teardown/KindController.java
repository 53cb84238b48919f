package app.yunque.server.teardown;

import app.yunque.teardown.Fastening;
import app.yunque.teardown.PartKind;
import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The trade's words for parts. */
@RestController
class KindController {
    private static final List<KindWords> KINDS =
            PartKind.inOrder().stream()
                    .map(k -> new KindWords(k, k.words(), k.isSingleUse(), k.hint()))
                    .toList();

    /**
     * @param kind      the kind
     * @param words     in the trade's words
     * @param singleUse true when common practice renews it whenever it was disturbed
     * @param hint      words that give it away, as a regular expression without regard to case
     */
    record KindWords(PartKind kind, String words, boolean singleUse, String hint) {}

    @GetMapping("/api/kinds")
    ResponseEntity<List<KindWords>> kinds() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(10)).cachePrivate())
                .body(KINDS);
    }

    /** Ways of tightening that are meant without a figure, in the trade's words. */
    @GetMapping("/api/ways-of-tightening")
    ResponseEntity<List<String>> waysOfTightening() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(10)).cachePrivate())
                .body(Fastening.FEELS);
    }
}
