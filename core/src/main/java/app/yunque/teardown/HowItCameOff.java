package app.yunque.teardown;

import app.yunque.teardown.WatchList.Warnings;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the way a part came off does to it or to its neighbours: a bearing drawn through its balls, a pin or a clip that holds once, a second
 * set screw under the first, heat beside a seal. Read from the words of the step; a word that denies it yields nothing. Common practice, no
 * source.
 */
final class HowItCameOff {
    private static final Pattern NOT = words("not|no|never|nothing|without");
    private static final Pattern OUTER_RING =
            words(
                    "(?:by|on|behind|at|under) (?:its |the )?outer (?:ring|race)|through (?:its|the) (?:balls?|rollers?|rolling elements)|slide hammer on the outer");
    private static final Pattern INNER_RING =
            words("(?:by|on|behind|at|under) (?:its |the )?inner (?:ring|race)");
    private static final Pattern DRAWN =
            words("pullers?|pulled|drawn|pry bars?|levered|slide hammer|pressed");
    private static final Pattern HEAT =
            words("heated|heat|torch|hot air|heater|blow ?lamp|induction|oven|hot plate");
    private static final Pattern ROLL_PIN = words("(?:roll|spring|tension|coiled) ?pins?");
    private static final Pattern CRUSH_WASHER =
            words("(?:crush|copper|sealing|bonded|aluminium|fibre) (?:washers?|rings?)");
    private static final Pattern SET_SCREW = words("(?:set|grub) ?screws?");

    private HowItCameOff() {}

    static void of(List<TeardownStep> steps, Warnings found) {
        for (int i = 0; i < steps.size(); i++) {
            var step = steps.get(i);
            bearing(step, found);
            holdsOnce(step, found);
            secondScrew(step, found);
            heat(step, steps.subList(i + 1, steps.size()), found);
        }
    }

    private static void bearing(TeardownStep step, Warnings found) {
        if (step.kind() != PartKind.BEARING || step.belongs() != null) {
            return;
        }
        var said = how(step);
        if (says(OUTER_RING, said)) {
            found.caution(
                    "Drawn through its balls: " + step.part(),
                    "The force went over the rolling elements and marks the races. Where the other ring was the tight one, it does not go back.",
                    step);
        } else if (step.shaft() > 0 && says(DRAWN, said) && !says(INNER_RING, said)) {
            found.note(
                    "On which ring did it pull? " + step.part(),
                    "Drawn by the ring with the tight fit it may go back; over the balls it may not. Say which.",
                    step);
        }
    }

    private static void holdsOnce(TeardownStep step, Warnings found) {
        if (step.singleUse() || step.belongs() != null) {
            return;
        }
        if (ROLL_PIN.matcher(step.part()).find()) {
            found.note(
                    "Driven twice it holds no more: " + step.inWords(),
                    "A new one goes in, the slot across the force.",
                    step);
        }
        if (step.kind() == PartKind.CIRCLIP) {
            found.note(
                    "Opened once: " + step.inWords(),
                    "It goes back only flat, and when it springs back into its groove all round; a spread or bent one is renewed.",
                    step);
        }
        if (CRUSH_WASHER.matcher(step.part()).find()) {
            found.note(
                    "Crushed once: " + step.inWords(),
                    "A new one seals. Plain copper may be made soft again with heat where no new one is at hand.",
                    step);
        }
    }

    private static void secondScrew(TeardownStep step, Warnings found) {
        boolean isHub = step.kind() == PartKind.COUPLING || step.kind() == PartKind.GEAR;
        boolean hasSetScrew =
                SET_SCREW.matcher(step.part() + ", " + how(step)).find()
                        && step.fastenings().stream()
                                .noneMatch(f -> f.locking() == Fastening.Locking.SECOND_SCREW);
        if (isHub && hasSetScrew && !step.detail().found().hard().isBlank()) {
            found.caution(
                    "Look under the set screw: " + step.part(),
                    "It was still fast. A second screw often sits under the first: look before more force goes on.",
                    step);
        }
    }

    /** @param later what came off after it, and so was still in place */
    private static void heat(TeardownStep step, List<TeardownStep> later, Warnings found) {
        if (!says(HEAT, how(step))) {
            return;
        }
        var seals =
                later.stream()
                        .filter(s -> s.kind() == PartKind.SEAL || s.kind() == PartKind.O_RING)
                        .filter(s -> s.shaft() == step.shaft())
                        .map(TeardownStep::part)
                        .distinct()
                        .collect(Collectors.joining(", "));
        if (!seals.isEmpty()) {
            found.caution(
                    "Heat beside a seal: " + step.part(),
                    "In place while it was heated: %s. Rubber hardens above about 100 °C: a new one goes in, and at the rebuild heat comes before the seal."
                            .formatted(seals),
                    step);
        }
    }

    /** How it came off, in the words noted; the name of the part tells what it is: a drawn cup bearing was not drawn. */
    private static String how(TeardownStep step) {
        var detail = step.detail();
        return Stream.of(
                        step.note(),
                        detail.work().tool(),
                        detail.found().hard(),
                        detail.found().stuckTo())
                .filter(t -> !t.isBlank())
                .collect(Collectors.joining(", "));
    }

    /** Said in a clause that does not deny it. */
    private static boolean says(Pattern pattern, String said) {
        return Stream.of(said.split("[,;.]"))
                .anyMatch(c -> pattern.matcher(c).find() && !NOT.matcher(c).find());
    }

    private static Pattern words(String any) {
        return Pattern.compile("\\b(?:" + any + ")\\b", Pattern.CASE_INSENSITIVE);
    }
}
