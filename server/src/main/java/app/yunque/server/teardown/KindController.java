package app.yunque.server.teardown;

import app.yunque.line.PartNames;
import app.yunque.server.word.OwnWordService;
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
    private final OwnWordService own;

    KindController(OwnWordService own) {
        this.own = own;
    }

    /**
     * @param kind      the kind
     * @param words     in the trade's words
     * @param singleUse true when common practice renews it whenever it was disturbed
     * @param hint      what it is called, here and in the trade, as a regular expression of Unicode without regard to case
     */
    record KindWords(PartKind kind, String words, boolean singleUse, String hint) {}

    @GetMapping("/api/kinds")
    List<KindWords> kinds() {
        var words = own.words();
        return PartKind.inOrder().stream()
                .map(k -> new KindWords(k, k.words(), k.isSingleUse(), PartNames.hint(k, words)))
                .toList();
    }

    /** Ways of tightening that are meant without a figure, in the trade's words. */
    @GetMapping("/api/ways-of-tightening")
    ResponseEntity<List<String>> waysOfTightening() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(10)).cachePrivate())
                .body(Fastening.FEELS);
    }
}
