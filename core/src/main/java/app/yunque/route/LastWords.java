package app.yunque.route;

import app.yunque.measure.Verdict;
import java.util.HashMap;
import java.util.Map;

/**
 * What was last said of each thing at a station, and the worst of it.
 *
 * <p>A measurement always counts: one that could not be judged is no pass. An answer that judges nothing (a torque, a quantity) says
 * nothing about soundness and takes nothing away from what does; it still replaces an earlier answer on the same thing. How many things
 * should have been measured is asked apart ({@link JobFacts.Meshes}).
 */
public final class LastWords {
    private final Map<Object, Verdict> measured = new HashMap<>();
    private final Map<Object, Verdict> answered = new HashMap<>();

    /** A measurement of a thing; the later one is the last word. */
    public void measure(Object thing, Verdict verdict) {
        measured.put(thing, verdict);
    }

    /** An answer about a thing; the later one is the last word. */
    public void answer(Object thing, Verdict verdict) {
        answered.put(thing, verdict);
    }

    /** Worst of the last words; CLEAR_PASS when nothing stands against it. */
    public Verdict worst() {
        var worst = measured.values().stream().reduce(Verdict.CLEAR_PASS, Verdict::worse);
        return answered.values().stream()
                .filter(v -> v != Verdict.NOT_JUDGED)
                .reduce(worst, Verdict::worse);
    }
}
