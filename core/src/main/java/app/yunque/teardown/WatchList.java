package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What will bite later, derived from the strip: each warning speaks in consequences and names the step it comes from.
 * Triggers are common practice, no source.
 *
 * @param warnings danger first, then in the order of the strip
 */
public record WatchList(List<Warning> warnings) {
    private static final double LOOK_ALIKE_MM = 1;

    /** How hard a warning bites. */
    public enum Weight {
        DANGER,
        CAUTION,
        NOTE
    }

    /**
     * @param weight      how hard it bites
     * @param title       what it is about
     * @param consequence what happens when it is overlooked, or what to do
     * @param stepId      the step it comes from
     * @param number      the place of that step in the strip
     */
    public record Warning(
            Weight weight, String title, String consequence, String stepId, int number) {}

    public WatchList {
        warnings = List.copyOf(warnings);
    }

    public static WatchList of(List<TeardownStep> steps) {
        var found = new ArrayList<Warning>();
        for (var step : steps) {
            ofOneStep(step, found);
        }
        lookAlikes(steps, found);
        found.sort(Comparator.comparing(Warning::weight).thenComparing(Warning::number));
        return new WatchList(found);
    }

    private static void ofOneStep(TeardownStep step, List<Warning> found) {
        var fastening = step.fastening();
        if (fastening != null && fastening.isLeftHand()) {
            found.add(
                    warning(
                            Weight.DANGER,
                            "Left-hand thread " + fastening.thread(),
                            "Clockwise loosens. Forced the wrong way, it shears.",
                            step));
        }
        if (step.isOneWay()) {
            found.add(
                    warning(
                            Weight.CAUTION,
                            "One way: " + step.part(),
                            step.wayRound() + ".",
                            step));
        }
        if (step.kind().setsADimension()) {
            found.add(
                    warning(
                            Weight.CAUTION,
                            "Counted: " + step.inWords(),
                            "They set play and gear depth. Same count and thickness back, or set anew.",
                            step));
        }
        if (step.singleUse()) {
            found.add(
                    warning(
                            Weight.NOTE,
                            "Single use: " + step.inWords(),
                            "A new one goes in; on the purchase list.",
                            step));
        }
        if (step.kind().falls() && step.tray().isBlank()) {
            found.add(
                    warning(
                            Weight.CAUTION,
                            "Lies loose: " + step.inWords(),
                            "Small and easily lost. Give it a tray or a bag.",
                            step));
        }
    }

    /** Screws of one thread and hand whose lengths differ: one warning a thread, at the last such step. */
    private static void lookAlikes(List<TeardownStep> steps, List<Warning> found) {
        var byThread = new LinkedHashMap<String, List<TeardownStep>>();
        for (var step : steps) {
            var fastening = step.fastening();
            if (fastening != null && fastening.lengthMm() != null) {
                var key = fastening.thread() + (fastening.isLeftHand() ? " left-hand" : "");
                byThread.computeIfAbsent(key, k -> new ArrayList<>()).add(step);
            }
        }
        byThread.forEach((thread, alike) -> addIfAlike(thread, alike, found));
    }

    private static void addIfAlike(String thread, List<TeardownStep> alike, List<Warning> found) {
        var byLength = new TreeMap<Double, List<String>>(Comparator.reverseOrder());
        for (var step : alike) {
            byLength.computeIfAbsent(lengthMm(step), l -> new ArrayList<>()).add(step.part());
        }
        double difference = byLength.firstKey() - byLength.lastKey();
        if (difference < LOOK_ALIKE_MM) {
            return;
        }
        var where =
                byLength.entrySet().stream()
                        .map(
                                e ->
                                        PlainDigits.exact(e.getKey())
                                                + " mm in "
                                                + String.join(", ", e.getValue()))
                        .collect(Collectors.joining("; "));
        found.add(
                warning(
                        Weight.DANGER,
                        "Screws look alike",
                        "%s: %s. The longest in the shortest hole reaches %s mm too deep."
                                .formatted(thread, where, PlainDigits.exact(difference)),
                        alike.get(alike.size() - 1)));
    }

    private static double lengthMm(TeardownStep step) {
        return Objects.requireNonNull(Objects.requireNonNull(step.fastening()).lengthMm());
    }

    private static Warning warning(
            Weight weight, String title, String consequence, TeardownStep step) {
        return new Warning(weight, title, consequence, step.id(), step.number());
    }
}
