package app.yunque.route;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * A unit made safe to open: every source of energy locked out, and a start attempted in vain. Follows the principles of
 * lock-out practice (ISO 14118, from memory); local codes, the maker's instructions and licensed practice come first.
 *
 * @param sources      what was isolated, at least one
 * @param how          how it was locked and tagged, 3 to 500 characters
 * @param triedToStart true when a start was attempted and nothing moved
 * @param done         what was done at these sources, every step of each
 */
public record Isolation(
        Set<Energy> sources, String how, boolean triedToStart, Set<IsolationStep> done) {
    private static final int LONGEST = 500;

    /** @throws Refused naming everything that is missing */
    public Isolation {
        sources = sources.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(sources));
        how = how.strip();
        done = Set.copyOf(done);
        Refused.ifAny(
                missing(
                        sources.isEmpty(),
                        "sources",
                        "Choose every source of energy that was isolated."),
                missing(
                        how.length() < 3 || how.length() > LONGEST,
                        "how",
                        "Say how it was locked and tagged, in 3 to " + LONGEST + " characters."),
                missing(
                        !triedToStart,
                        "triedToStart",
                        "Try to start it before you confirm: only a failed start proves the isolation."),
                notDone(sources, done));
    }

    private static Optional<Problem> notDone(Set<Energy> sources, Set<IsolationStep> done) {
        var open = IsolationStep.of(sources).stream().filter(s -> !done.contains(s)).toList();
        return open.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Problem.told(
                                "done",
                                "Not confirmed yet: “%s”%s."
                                        .formatted(
                                                open.get(0).says(),
                                                open.size() == 1
                                                        ? ""
                                                        : ", and %d more"
                                                                .formatted(open.size() - 1))));
    }

    private static Optional<Problem> missing(boolean fault, String field, String sentence) {
        return fault ? Optional.of(Problem.told(field, sentence)) : Optional.empty();
    }
}
