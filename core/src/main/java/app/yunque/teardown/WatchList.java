package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

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

    private static void lookAlikes(List<TeardownStep> steps, List<Warning> found) {
        for (int i = 0; i < steps.size(); i++) {
            for (int j = i + 1; j < steps.size(); j++) {
                addIfAlike(steps.get(i), steps.get(j), found);
            }
        }
    }

    private static void addIfAlike(TeardownStep a, TeardownStep b, List<Warning> found) {
        var first = a.fastening();
        var second = b.fastening();
        if (first == null || second == null || !first.thread().equals(second.thread())) {
            return;
        }
        if (first.lengthMm() == null || second.lengthMm() == null) {
            return;
        }
        double difference = Math.abs(first.lengthMm() - second.lengthMm());
        if (first.isLeftHand() != second.isLeftHand() || difference < LOOK_ALIKE_MM) {
            return;
        }
        boolean firstIsLonger = first.lengthMm() > second.lengthMm();
        var longer = firstIsLonger ? a : b;
        var shorter = firstIsLonger ? b : a;
        found.add(
                warning(
                        Weight.DANGER,
                        "Two screws look alike",
                        "%s: %s mm in %s, %s mm in %s. The long one in the short hole reaches %s mm too deep."
                                .formatted(
                                        first.thread(),
                                        PlainDigits.exact(
                                                Math.max(first.lengthMm(), second.lengthMm())),
                                        longer.part(),
                                        PlainDigits.exact(
                                                Math.min(first.lengthMm(), second.lengthMm())),
                                        shorter.part(),
                                        PlainDigits.exact(difference)),
                        b));
    }

    private static Warning warning(
            Weight weight, String title, String consequence, TeardownStep step) {
        return new Warning(weight, title, consequence, step.id(), step.number());
    }
}
