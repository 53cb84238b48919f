package app.yunque.route;

import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What was last said of each thing at a station, and the worst of it.
 *
 * <p>A measurement always counts: one that could not be judged is no pass. An answer that judges nothing (a torque, a quantity) says
 * nothing about soundness and takes nothing away from what does; it still replaces an earlier answer on the same thing. How many things
 * should have been measured is asked apart ({@link JobFacts.Meshes}).
 */
public final class LastWords {
    private record Word(Verdict verdict, @Nullable Zone zone) {}

    private final Map<Object, Word> measured = new HashMap<>();
    private final Map<Object, Word> answered = new HashMap<>();

    /** A measurement of a thing; the later one is the last word. */
    public void measure(Object thing, Verdict verdict, @Nullable Zone zone) {
        measured.put(thing, new Word(verdict, zone));
    }

    /** An answer about a thing; the later one is the last word. */
    public void answer(Object thing, Verdict verdict, @Nullable Zone zone) {
        answered.put(thing, new Word(verdict, zone));
    }

    /** True when something is worn but usable by its last word: never told as a bare pass. */
    public boolean isWorn() {
        return Stream.concat(measured.values().stream(), answered.values().stream())
                .anyMatch(w -> w.zone == Zone.WATCH);
    }

    /** Worst of the last words; CLEAR_PASS when nothing stands against it. */
    public Verdict worst() {
        var worst =
                measured.values().stream()
                        .map(Word::verdict)
                        .reduce(Verdict.CLEAR_PASS, Verdict::worse);
        return answered.values().stream()
                .map(Word::verdict)
                .filter(v -> v != Verdict.NOT_JUDGED)
                .reduce(worst, Verdict::worse);
    }
}
