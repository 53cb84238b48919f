package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The strip turned round: the last thing off is the first thing on. Each card says what goes in, which way round, what
 * must be new, how it is fastened, what to check before going on, and what could hurt.
 *
 * @param cards in the order of the rebuild
 */
public record RebuildOrder(List<Card> cards) {

    /**
     * @param place     place in the rebuild, 1 first
     * @param stepId    the step of the strip it reverses
     * @param title     what to fit: "Fit 2 × spacer ring"
     * @param where     shaft and side in words
     * @param wayRound  which face looks where; empty when it does not matter
     * @param mustBeNew true when a new part goes in
     * @param fasten    how it is fastened, with torque and its source; empty when not
     * @param checks    what to check before going on
     * @param caution   what could hurt; empty when nothing special
     */
    public record Card(
            int place,
            String stepId,
            String title,
            String where,
            String wayRound,
            boolean mustBeNew,
            String fasten,
            List<String> checks,
            String caution) {}

    public RebuildOrder {
        cards = List.copyOf(cards);
    }

    /**
     * @param steps  the strip in its order
     * @param renew  ids of steps whose part was decided to be renewed
     * @param shafts names of the shafts, input first
     */
    public static RebuildOrder of(
            List<TeardownStep> steps, Set<String> renew, List<String> shafts) {
        var cards = new ArrayList<Card>();
        for (int i = steps.size() - 1; i >= 0; i--) {
            var step = steps.get(i);
            boolean fresh = step.singleUse() || renew.contains(step.id());
            cards.add(
                    new Card(
                            cards.size() + 1,
                            step.id(),
                            "Fit " + step.inWords(),
                            where(step, shafts),
                            step.wayRound(),
                            fresh,
                            fasten(step),
                            checks(step),
                            caution(step.kind())));
        }
        return new RebuildOrder(cards);
    }

    /** Shaft and side in words: "input shaft, left end"; "housing" for parts of no shaft. */
    public static String where(TeardownStep step, List<String> shafts) {
        if (step.shaft() == 0 || step.shaft() > shafts.size()) {
            return "housing";
        }
        var end =
                switch (step.side()) {
                    case LEFT -> ", left end";
                    case RIGHT -> ", right end";
                    case MIDDLE -> ", middle";
                };
        return shafts.get(step.shaft() - 1) + end;
    }

    private static String fasten(TeardownStep step) {
        var fastening = step.fastening();
        if (fastening == null) {
            return "";
        }
        var words = fastening.inWords();
        if (fastening.count() > 2) {
            words += ", crosswise in two passes";
        }
        return fastening.torqueNm() == null
                ? words + "; no torque was entered: use the maker's figure"
                : words
                        + ", to "
                        + PlainDigits.exact(fastening.torqueNm())
                        + " N·m ("
                        + fastening.torqueSource()
                        + ")";
    }

    private static List<String> checks(TeardownStep step) {
        var checks = new ArrayList<String>();
        switch (step.kind()) {
            case BEARING -> checks.add("Spins free by hand, no tick, oiled before it turns.");
            case SEAL -> checks.add("Lip oiled, spring side to the oil, no edge has cut it.");
            case GEAR, SHAFT ->
                    checks.add("The shafts turn free through one full turn of the slowest.");
            case SHIM, GASKET ->
                    checks.add("Same number and thickness as came off, or set the play anew.");
            case CIRCLIP -> checks.add("Sits in its groove all round.");
            case TAB_WASHER -> checks.add("One tab bent into a slot of the nut.");
            case COTTER_PIN -> checks.add("Both legs bent.");
            case KEY -> checks.add("Down in its seat, clear at the top.");
            default -> {}
        }
        var fastening = step.fastening();
        if (fastening != null && fastening.isLeftHand()) {
            checks.add("Left-hand thread: tighten anticlockwise.");
        }
        return checks;
    }

    private static String caution(PartKind kind) {
        return switch (kind) {
            case BEARING ->
                    "Press or heat: push on the ring that has the tight fit, eye protection on, hands out of the line"
                            + " of force.";
            case SHAFT, COUPLING -> "Heavy or off balance: sling or support it before it is free.";
            case SPRING -> "Stored force: cover the hole and keep your face out of the line.";
            case CIRCLIP -> "A circlip flies: eye protection on.";
            case GEAR -> "Fingers out of the mesh while a shaft is turned.";
            default -> "";
        };
    }
}
