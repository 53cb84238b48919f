package app.yunque.finding;

import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.teardown.Condition;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What to do with a part, proposed from all that is on record about it. The first rule that fires wins, hardest first: not what belongs
 * there, or not there at all; single use;
 * condemned by eye; measured beyond its limit; a check that must be made is open; doubtful, or to be measured or washed first; past its
 * limit before the next opening; to dress; else it goes back. Source: common practice, no source.
 *
 * @param disposition the proposal; null when something has to be looked at or measured first
 * @param reason      why, in a sentence, naming the check that decides and those that are open
 * @param watch       true when it goes back worn but usable, or with something noted: it is compared next time
 */
public record DispositionProposal(@Nullable Disposition disposition, String reason, boolean watch) {

    public static DispositionProposal of(PartRecord part) {
        return asTheFuse(judged(part), part);
    }

    /** What gives way on purpose is renewed as it was: a stronger one hands the blow on to what it protects. */
    private static DispositionProposal asTheFuse(DispositionProposal judged, PartRecord part) {
        return judged.disposition == Disposition.RENEW && StrictParts.limitsTorque(part.step())
                ? new DispositionProposal(
                        Disposition.RENEW,
                        judged.reason
                                + " It is there to give way: the maker’s material and strength, never a stronger one.",
                        judged.watch)
                : judged;
    }

    private static DispositionProposal judged(PartRecord part) {
        return another(part)
                .or(() -> singleUse(part))
                .or(() -> condemned(part))
                .or(() -> beyond(part))
                .or(() -> lookFirst(part))
                .or(() -> measureFirst(part))
                .or(() -> beforeNextOpening(part))
                .or(() -> dress(part))
                .orElseGet(() -> reuse(part));
    }

    private static Optional<DispositionProposal> another(PartRecord part) {
        var belongs = part.step().belongs();
        if (belongs == null) {
            return Optional.empty();
        }
        return switch (belongs.standing()) {
            case MISSING -> renew("It was missing when the unit was opened.");
            case WRONG -> renew("It does not belong there: what does goes in.");
            case REPLACED ->
                    renew("Another part takes its place: %s.".formatted(part.step().goesIn()));
        };
    }

    private static Optional<DispositionProposal> singleUse(PartRecord part) {
        return part.step().singleUse()
                ? renew("Single use: it has been disturbed and will not hold a second time.")
                : Optional.empty();
    }

    private static Optional<DispositionProposal> condemned(PartRecord part) {
        return heaviest(part, Severity.CONDEMNED)
                .flatMap(f -> renew(isInPassing(f) ? inPassing(part) : condemning(f)));
    }

    /** What was noted at Strip carries no name of its own: it is the person's who kept the step. */
    private static boolean isInPassing(StandingFinding f) {
        return f.check().equals(Checks.WHOLE) && f.by().isEmpty();
    }

    private static String inPassing(PartRecord part) {
        return switch (part.step().condition()) {
            case CRACKED -> "Cracked: a crack only grows.";
            case BROKEN -> "Broken. Find the cause before the new one goes in.";
            case PITTED -> "Pitted or spalled: the surface goes on breaking out.";
            default -> "Worn to the feel: a bearing is cheaper than opening again.";
        };
    }

    private static String condemning(StandingFinding f) {
        return f.again()
                ? "%s (%s) is still there %s: it does not go back."
                        .formatted(capital(f.word()), f.check(), f.look().words())
                : "%s (%s): it does not go back, whatever is measured."
                        .formatted(capital(f.word()), f.check());
    }

    private static Optional<DispositionProposal> beyond(PartRecord part) {
        var failed =
                part.measured().stream()
                        .filter(m -> m.verdict() == Verdict.CLEAR_FAIL && !m.isTooLittle())
                        .filter(m -> part.isStrict() || !part.isFeltOtherwise(m))
                        .map(Measured::sentence)
                        .toList();
        if (!failed.isEmpty()) {
            return renew("Measured and failed: " + String.join(" ", failed));
        }
        return part.isStrict()
                ? first(part, m -> m.verdict() == Verdict.DOUBTFUL)
                        .flatMap(
                                m ->
                                        renew(
                                                "Doubtful counts as failed on what holds, stops or carries the load: "
                                                        + m.sentence()))
                : Optional.empty();
    }

    private static Optional<DispositionProposal> lookFirst(PartRecord part) {
        var open = part.openMusts();
        if (open.isEmpty()) {
            return Optional.empty();
        }
        if (open.get(0).id().equals(Checks.WHOLE)) {
            return undecided(
                    part.measured().isEmpty()
                            ? "Not looked at: say how it was found, or measure it."
                            : "Measured, but nobody said that it is whole: look at it, and say how it was found.");
        }
        return undecided(
                "Look first: "
                        + open.stream().map(Check::inWords).collect(Collectors.joining("; "))
                        + ".");
    }

    private static Optional<DispositionProposal> measureFirst(PartRecord part) {
        return first(part, m -> m.verdict() == Verdict.CLEAR_FAIL && part.isFeltOtherwise(m))
                .flatMap(
                        m ->
                                undecided(
                                        "Felt sound, and measured beyond its limit: check zero, unit and place, and let another hand measure it once more. Beyond again stands. "
                                                + m.sentence()))
                .or(() -> doubtful(part))
                .or(
                        () ->
                                first(part, Measured::isTooLittle)
                                        .flatMap(
                                                m ->
                                                        undecided(
                                                                "Less than the least of a new one, which is no wear: look for heat, dirt, a wrong part or pack. "
                                                                        + m.sentence())))
                .or(
                        () ->
                                heaviest(part, Severity.MEASURE)
                                        .flatMap(f -> undecided(measuring(part, f))))
                .or(
                        () ->
                                heaviest(part, Severity.WASH)
                                        .flatMap(
                                                f ->
                                                        undecided(
                                                                "%s (%s) may be dirt: wash it, oil it and feel again."
                                                                        .formatted(
                                                                                capital(f.word()),
                                                                                f.check()))));
    }

    private static Optional<DispositionProposal> doubtful(PartRecord part) {
        return first(part, m -> m.verdict() == Verdict.DOUBTFUL)
                .flatMap(
                        m ->
                                undecided(
                                        "Measured, too close to tell: measure again. "
                                                + m.sentence()));
    }

    private static String measuring(PartRecord part, StandingFinding f) {
        if (part.isContradicted(f)) {
            return "%s (%s), and measured good too coarsely or too early to overrule it: measure once more at the place and in the direction of the feel, loaded, with another tool."
                    .formatted(capital(f.word()), f.check());
        }
        if (f.check().equals(Checks.WHOLE)) {
            return NotedInPassing.isCoarse(part.step())
                            && part.step().condition() == Condition.PITTED
                    ? "Pitted: say at Inspect which sort it is, or measure how much it covers."
                    : "Worn by eye or feel: measure it before deciding.";
        }
        var by = Checks.find(f.check()).map(c -> c.answeredBy(f.word())).orElse(List.of());
        return by.isEmpty()
                ? "%s (%s): nothing that is measured here decides it; a lead does, with a reason."
                        .formatted(capital(f.word()), f.check())
                : "%s (%s): measure before deciding, by %s."
                        .formatted(capital(f.word()), f.check(), String.join(" or ", by));
    }

    private static Optional<DispositionProposal> beforeNextOpening(PartRecord part) {
        return first(part, Measured::renewNow)
                .flatMap(
                        m ->
                                renew(
                                        "Renew now: it will be past its limit before the unit is opened again. "
                                                + m.sentence()));
    }

    private static Optional<DispositionProposal> dress(PartRecord part) {
        return heaviest(part, Severity.DRESS)
                .map(f -> new DispositionProposal(Disposition.DRESS, dressing(part, f), false));
    }

    private static String dressing(PartRecord part, StandingFinding f) {
        if (!isInPassing(f)) {
            return "%s (%s): dress it, and look again afterwards."
                    .formatted(capital(f.word()), f.check());
        }
        return part.step().condition() == Condition.CORRODED
                ? "Clean it and look again: pits on a running or sealing surface mean a new one."
                : "Only raised metal matters: stone it down, never file a running surface.";
    }

    private static DispositionProposal reuse(PartRecord part) {
        var worn = first(part, m -> m.isPassed() && m.zone() == Zone.WATCH);
        boolean noted = part.standing().stream().anyMatch(f -> f.severity() != Severity.SOUND);
        var says =
                worn.or(() -> first(part, Measured::isPassed))
                        .map(
                                m ->
                                        (worn.isPresent()
                                                        ? "Worn but usable: "
                                                        : "Measured and passed: ")
                                                + m.sentence())
                        .orElseGet(() -> looked(part));
        return new DispositionProposal(
                Disposition.REUSE, says + notMade(part), worn.isPresent() || noted);
    }

    private static String notMade(PartRecord part) {
        var left = part.leftToALead();
        return left.isEmpty()
                ? ""
                : " Not made: "
                        + left.stream().map(Check::inWords).collect(Collectors.joining("; "))
                        + ".";
    }

    /** Says no more than was looked at. */
    private static String looked(PartRecord part) {
        var noted =
                part.standing().stream()
                        .filter(f -> f.severity() != Severity.SOUND)
                        .map(f -> f.word() + " (" + f.check() + ")")
                        .toList();
        return noted.isEmpty()
                ? "Looked at, and found sound."
                : "Looked at: %s. Compare next time.".formatted(String.join(", ", noted));
    }

    private static Optional<StandingFinding> heaviest(PartRecord part, Severity severity) {
        return part.standing().stream()
                .filter(f -> f.severity() == severity)
                .filter(f -> severity != Severity.MEASURE || !part.isSettledByMeasuring(f))
                .findFirst();
    }

    private static Optional<Measured> first(PartRecord part, Predicate<Measured> which) {
        return part.measured().stream().filter(which).findFirst();
    }

    private static Optional<DispositionProposal> renew(String reason) {
        return Optional.of(new DispositionProposal(Disposition.RENEW, reason, false));
    }

    private static Optional<DispositionProposal> undecided(String reason) {
        return Optional.of(new DispositionProposal(null, reason, false));
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
