package app.yunque.teardown;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Nothing left on the bench, nothing missing: every piece that came off is refitted, renewed or scrapped.
 *
 * <p>For each step: on the bench = removed − refitted − scrapped; missing = wanted − refitted − renewed. Both must be
 * zero. Wanted is what the drawing wants, where somebody looked, else what was found. What was missing came off with no piece; what does not belong there fills no place. Source: double-entry counting; common
 * practice, no source.
 *
 * @param entries     one for each step of the strip, in its order
 * @param removed   pieces that came off
 * @param refitted  pieces that went back
 * @param renewed   new pieces fitted
 * @param onBench   pieces still on the bench
 * @param missing   pieces still missing from the unit
 */
public record Ledger(
        List<Entry> entries, int removed, int refitted, int renewed, int onBench, int missing) {

    /**
     * @param stepId   the step
     * @param number   its place in the strip
     * @param part     what it is
     * @param removed  pieces that came off
     * @param refitted pieces that went back
     * @param renewed  new pieces fitted
     * @param scrapped pieces thrown out
     * @param wanted   pieces the unit wants
     * @param onBench  negative when more went back than came off
     * @param missing  negative when too many were fitted
     * @param says     what is wrong, or empty
     */
    public record Entry(
            String stepId,
            int number,
            String part,
            int removed,
            int refitted,
            int renewed,
            int scrapped,
            int wanted,
            int onBench,
            int missing,
            String says) {
        public boolean isBalanced() {
            return onBench == 0 && missing == 0;
        }
    }

    public Ledger {
        entries = List.copyOf(entries);
    }

    /**
     * @param steps  the strip
     * @param fitted what went back, by step id; a step that is absent has gone back not at all
     */
    public static Ledger of(List<TeardownStep> steps, Map<String, Fitted> fitted) {
        return of(steps, fitted, Map.of());
    }

    /**
     * @param steps  the strip
     * @param fitted what went back, by step id; a step that is absent has gone back not at all
     * @param packs  pieces of a pack worked out at Set, by step id: so many go in, however many came off or are drawn, unless somebody said
     *     otherwise
     */
    public static Ledger of(
            List<TeardownStep> steps, Map<String, Fitted> fitted, Map<String, Integer> packs) {
        var entries = new ArrayList<Entry>();
        for (var step : steps) {
            entries.add(
                    entry(
                            step,
                            fitted.getOrDefault(step.id(), Fitted.NOTHING),
                            packs.getOrDefault(step.id(), step.wanted())));
        }
        return new Ledger(
                entries,
                entries.stream().mapToInt(Entry::removed).sum(),
                entries.stream().mapToInt(Entry::refitted).sum(),
                entries.stream().mapToInt(Entry::renewed).sum(),
                entries.stream().mapToInt(Entry::onBench).sum(),
                entries.stream().mapToInt(Entry::missing).sum());
    }

    public boolean isBalanced() {
        return entries.stream().allMatch(Entry::isBalanced);
    }

    private static Entry entry(TeardownStep step, Fitted fitted, int asWorkedOut) {
        int wanted = fitted.wantedInstead() == null ? asWorkedOut : fitted.wantedInstead();
        int onBench = step.cameOff() - fitted.refitted() - fitted.scrapped();
        // What does not belong there fills no place, also when somebody put it back.
        int inPlace = step.belongs() == null ? fitted.refitted() : 0;
        int missing = wanted - inPlace - fitted.renewed();
        return new Entry(
                step.id(),
                step.number(),
                step.part(),
                step.cameOff(),
                fitted.refitted(),
                fitted.renewed(),
                fitted.scrapped(),
                wanted,
                onBench,
                missing,
                says(step, fitted, onBench, missing));
    }

    private static String says(TeardownStep step, Fitted fitted, int onBench, int missing) {
        var faults = new ArrayList<String>();
        if (onBench > 0) {
            faults.add(
                    onBench
                            + " × "
                            + step.part()
                            + (step.belongs() == null
                                    ? " still on the bench: refit, scrap or explain."
                                    : " still on the bench: it does not go back, scrap it or explain."));
        }
        if (onBench < 0) {
            faults.add(
                    "%s: more refitted and scrapped (%d) than came off (%d); a count is wrong."
                            .formatted(
                                    step.part(),
                                    fitted.refitted() + fitted.scrapped(),
                                    step.cameOff()));
        }
        if (missing > 0) {
            faults.add(
                    missing
                            + " × "
                            + step.goesIn()
                            + " not fitted"
                            + refittedInstead(step, fitted));
        }
        if (missing < 0) {
            faults.add(-missing + " too many " + step.goesIn() + " fitted.");
        }
        return String.join(" ", faults);
    }

    private static String refittedInstead(TeardownStep step, Fitted fitted) {
        return step.belongs() != null && fitted.refitted() > 0
                ? ": the %s went back, and it does not belong there.".formatted(step.part())
                : ".";
    }
}
