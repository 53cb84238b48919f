package app.yunque.server.word;

import app.yunque.line.OwnWords;
import app.yunque.line.PartNames;
import app.yunque.measure.Refused;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.PartKind;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the words of the shop, and learns one where somebody corrects what a name was taken for. */
@Service
public class OwnWordService {
    /** What a lead says counts at once. */
    private static final int SAID = 2;

    private final OwnWordRepository words;
    private final AtTheBench bench;
    private final Clock clock;

    OwnWordService(OwnWordRepository words, AtTheBench bench, Clock clock) {
        this.words = words;
        this.bench = bench;
        this.clock = clock;
    }

    /** The words that lines are read by. */
    @Transactional(readOnly = true)
    public OwnWords words() {
        return new OwnWords(
                words.findByRemovedFalseOrderByName().stream()
                        .filter(OwnWordService::counts)
                        .map(OwnWordService::word)
                        .toList());
    }

    @Transactional(readOnly = true)
    public List<OwnWordView> all() {
        return words.findByRemovedFalseOrderByName().stream().map(OwnWordService::view).toList();
    }

    /**
     * Learns what a name stands for where somebody says otherwise than it was taken for. What a lead put away is not learned again.
     *
     * @param part name of the part, as typed
     * @param kind the kind that was said
     * @param step the step it was said at
     * @param job  number of the job
     */
    @Transactional
    public void learn(String part, PartKind kind, UUID step, long job) {
        var name = OwnWords.inName(part);
        if (!OwnWords.canBeLearned(name)
                || kind == PartKind.OTHER
                || PartNames.kindOf(part, words()).filter(k -> k == kind).isPresent()) {
            return;
        }
        // Two who correct the same name in one moment wait for each other; neither loses the step.
        words.holdName(name);
        var kept = words.findByName(name);
        if (kept.isPresent()) {
            again(kept.get(), kind, step);
            return;
        }
        var word = new OwnWordEntity();
        word.id = UUID.randomUUID();
        word.name = name;
        word.kind = kind;
        word.lastStep = step;
        word.learnedFrom = "“%s”, job %d".formatted(part.strip(), job);
        keep(word);
    }

    private void again(OwnWordEntity word, PartKind kind, UUID step) {
        boolean isSaidByALead = word.learnedFrom.isEmpty();
        if (word.removed || isSaidByALead || step.equals(word.lastStep) && word.kind == kind) {
            return;
        }
        word.times = word.kind == kind ? word.times + 1 : 1;
        word.kind = kind;
        word.lastStep = step;
        keep(word);
    }

    /** Keeps a word, corrects it, or takes back one that was put away. */
    @Transactional
    public void keep(UUID id, OwnWordRequest request) {
        bench.actAsLead("Only a lead says what lines are read by.");
        var said =
                AtField.named(
                        Map.of("words", "name"),
                        () -> new OwnWords.Word(request.name(), request.kind(), request.found()));
        var found = words.findById(id);
        found.ifPresent(w -> w.refuseStale(request.version(), () -> view(w)));
        words.findByName(said.words())
                .filter(w -> !w.id.equals(id))
                .ifPresent(
                        w -> {
                            if (!w.removed) {
                                throw Refused.because(
                                        "name",
                                        "“%s” is on the list already: %s. Correct it there."
                                                .formatted(w.name, view(w).means()));
                            }
                            words.delete(w);
                            words.flush();
                        });
        var word = found.orElseGet(OwnWordEntity::new);
        word.id = id;
        word.name = said.words();
        word.kind = said.kind();
        word.found = said.found();
        word.learnedFrom = "";
        word.times = SAID;
        word.removed = false;
        keep(word);
    }

    @Transactional
    public void remove(UUID id, long version) {
        bench.actAsLead("Only a lead says what lines are read by.");
        var word =
                words.findById(id).orElseThrow(() -> new NotThere("That word is no longer there."));
        word.refuseStale(version, () -> view(word));
        word.removed = true;
        keep(word);
    }

    private void keep(OwnWordEntity word) {
        word.keep(bench.name(), clock.instant());
        words.saveAndFlush(word);
    }

    private static OwnWords.Word word(OwnWordEntity w) {
        return new OwnWords.Word(w.name, w.kind, w.found);
    }

    private static boolean counts(OwnWordEntity word) {
        return OwnWords.isSure(word(word), word.times);
    }

    private static OwnWordView view(OwnWordEntity word) {
        var kind = word.kind;
        var found = word.found;
        return new OwnWordView(
                word.id,
                new OwnWordRequest(word.version(), word.name, kind, found),
                kind != null ? kind.words() : "found: " + (found == null ? "" : found.words()),
                word.learnedFrom,
                counts(word));
    }
}
