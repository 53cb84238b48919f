package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What will bite later, derived from the strip: each warning speaks in consequences and names the step it comes from, so
 * that it shows at Strip while it can still be avoided and again at Build on the card where it bites. Triggers and limits
 * are common practice, no source, unless a line says otherwise.
 *
 * @param warnings danger first, then in the order of the strip
 */
public record WatchList(List<Warning> warnings) {
    /** Mass above which two people or a hoist are wanted (kg); common manual-handling guidance, local rules first. */
    static final double HEAVY_KG = 25;

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

    /** Warnings of a strip whose openings nobody has measured. */
    public static WatchList of(List<TeardownStep> steps) {
        return of(new StripModel(steps, List.of(), List.of(), List.of()));
    }

    /** Warnings of a strip with all that is known of order and openings. */
    public static WatchList of(StripModel model) {
        var found = new Warnings();
        for (var step : model.steps()) {
            if (step.belongs() == null) {
                step.fastenings().forEach(f -> fastening(step, f, found));
                facing(step, found);
                renewal(step, found);
                smallThings(step, found);
            } else {
                another(step, step.belongs(), found);
            }
            foundThings(step, found);
            handling(step, found);
            counts(step, found);
            LubricantWatch.of(step, found);
        }
        HowItCameOff.of(model.steps(), found);
        LookAlikes.of(model.steps(), found);
        StackWatch.of(model.steps(), found);
        passages(model, found);
        return new WatchList(found.sorted());
    }

    /** What came off here does not go back, or nothing came off. */
    private static void another(TeardownStep step, Belongs belongs, Warnings found) {
        var because = belongs.because().isEmpty() ? "" : " " + capital(belongs.because()) + ".";
        switch (belongs.standing()) {
            case MISSING ->
                    found.danger(
                            "Missing: " + step.inWords(),
                            "It was not there when the unit was opened. A new one goes in; look for what its absence did, and whether the old one lies inside."
                                    + because,
                            step);
            case WRONG ->
                    found.danger(
                            "Does not belong there: " + step.inWords(),
                            (belongs.isUnknown()
                                            ? "Find out what does before it is ordered, and copy nothing from this one."
                                            : capital(step.goesIn())
                                                    + " goes in; copy nothing from this one.")
                                    + because,
                            step);
            case REPLACED ->
                    found.caution(
                            "Another part takes its place: " + step.part(),
                            capital(step.goesIn()) + " goes in." + because,
                            step);
        }
    }

    private static void fastening(TeardownStep step, Fastening fastening, Warnings found) {
        if (fastening.isLeftHand()) {
            found.danger(
                    "Left-hand thread " + fastening.thread(),
                    "Clockwise loosens. Forced the wrong way, it shears.",
                    step);
        }
        if (fastening.locking() == Fastening.Locking.SECOND_SCREW) {
            found.caution(
                    "Set screw under a set screw: " + step.part(),
                    "One screw out and still fast means that a second one sits below. Both go back.",
                    step);
        }
        if (fastening.locking().isSingleUse() && !step.kind().isSingleUse()) {
            found.note(
                    "Single use: " + fastening.locking().words() + " of " + step.part(),
                    "It holds once. A new one goes in; on the purchase list.",
                    step);
        }
        var hole = fastening.hole();
        if (hole != null && hole.isThrough() && fastening.locking() == Fastening.Locking.NONE) {
            found.note(
                    "Through hole: " + step.part(), "Oil creeps along the thread. Seal it.", step);
        }
    }

    private static void facing(TeardownStep step, Warnings found) {
        var back = step.detail().back();
        if (step.isOneWay()) {
            found.caution("One way: " + step.part(), step.wayRound() + ".", step);
        } else if (back.facingMatters() || step.kind().usuallyFaces()) {
            found.danger(
                    "Which way did it face? " + step.part(),
                    "Not noted. Look at the wear marks now, before it is cleaned.",
                    step);
        }
        if (!back.matchedWith().isBlank()) {
            found.caution(
                    "Matched: " + step.part(),
                    "Stays with "
                            + back.matchedWith()
                            + ", same side, marks together. Renew one, renew both.",
                    step);
        }
        if (back.positions() != null && back.positions() > 1) {
            var mark =
                    back.matchMark().isBlank()
                            ? "mark it before it moves"
                            : "mark " + back.matchMark();
            found.add(
                    back.matchMark().isBlank() ? Weight.DANGER : Weight.CAUTION,
                    "Fits in %d positions: %s".formatted(back.positions(), step.part()),
                    "Only one is right: " + mark + ".",
                    step);
        }
    }

    private static void renewal(TeardownStep step, Warnings found) {
        if (step.kind().setsADimension()) {
            var thickness = step.detail().body().thicknessMm();
            var sum =
                    thickness == null
                            ? "Thickness not noted: measure each one."
                            : step.count()
                                    + " × "
                                    + PlainDigits.exact(thickness)
                                    + " = "
                                    + PlainDigits.rounded(step.count() * thickness, 2)
                                    + " mm.";
            found.caution(
                    "Counted: " + step.inWords(),
                    "They set play and gear depth. "
                            + sum
                            + " Same count and thickness back, or set anew.",
                    step);
        }
        if (step.singleUse()) {
            found.note(
                    "Single use: " + step.inWords(),
                    "A new one goes in; on the purchase list.",
                    step);
        }
    }

    private static void smallThings(TeardownStep step, Warnings found) {
        if (step.kind().falls() && step.tray().isBlank()) {
            found.caution(
                    "Lies loose: " + step.inWords(),
                    "Small and easily lost. Give it a tray or a bag.",
                    step);
        }
        for (var loose : step.detail().found().loose()) {
            var what = loose.kind().words() + "s from " + step.part();
            if (loose.found() == null) {
                found.danger(
                        "Count the " + what,
                        (loose.expected() == null
                                        ? "Nobody has counted them"
                                        : loose.expected() + " expected, none counted yet")
                                + ": work over a tray and count before the next step.",
                        step);
            } else if (loose.expected() != null && !loose.expected().equals(loose.found())) {
                int missing = loose.expected() - loose.found();
                found.danger(
                        missing > 0
                                ? missing
                                        + " "
                                        + loose.kind().words()
                                        + (missing == 1 ? "" : "s")
                                        + " missing"
                                : -missing + " too many " + loose.kind().words() + "s",
                        "%d of %d from %s found. Find them before the next step, or say what happened."
                                .formatted(loose.found(), loose.expected(), step.part()),
                        step);
            } else {
                found.caution(
                        "Loose: %s from %s"
                                .formatted(counted(loose.found(), loose.kind()), step.part()),
                        loose.found() == 1
                                ? "It goes back. Work over a tray."
                                : "All "
                                        + loose.found()
                                        + " go back. "
                                        + (LubricantWatch.bearsGrease(step)
                                                ? "Hold them with grease, over a tray."
                                                : "Work over a tray; no grease to hold them here."),
                        step);
            }
        }
    }

    private static void foundThings(TeardownStep step, Warnings found) {
        var notes = step.detail().found();
        var energy = notes.energy();
        if (energy != null) {
            var where = energy.kind().words() + ": " + step.part();
            if (energy.madeSafe().isBlank()) {
                found.danger(
                        capital(where),
                        "Not made safe yet: "
                                + energy.kind().firstMove()
                                + ". Local rules and the maker come first.",
                        step);
            } else {
                found.caution(
                        capital(where),
                        "Made safe: " + energy.madeSafe() + ". The same care on the way back.",
                        step);
            }
        }
        var setting = notes.setting();
        if (setting != null && setting.mustKeep()) {
            if (setting.value().isBlank()) {
                found.danger(
                        "Do not disturb: " + setting.name(),
                        "Its value is not noted. Measure it, or scribe it and count the turns, before it moves.",
                        step);
            } else {
                found.caution(
                        "Setting to keep: " + setting.name(),
                        "It stood at " + setting.value() + ".",
                        step);
            }
        }
        if (!notes.stuckTo().isBlank()) {
            found.caution(
                    "Came off together: " + step.part(),
                    "Stuck to " + notes.stuckTo() + ": counted as one, it is two.",
                    step);
        }
        if (!notes.notOriginal().isBlank()) {
            found.caution(
                    "Earlier repair: " + step.part(),
                    capital(notes.notOriginal()) + ". Do not copy it: it misleads.",
                    step);
        }
        if (step.detail().leftAssembled()) {
            found.note(
                    "Left together: " + step.detail().subassembly(),
                    "Not opened, on purpose. Its inside is not on the ledger.",
                    step);
        }
    }

    /** True for a part that wants two people or a hoist. */
    static boolean isHeavy(TeardownStep step) {
        var mass = step.detail().body().massKg();
        return mass != null && mass > HEAVY_KG;
    }

    /** A count that is not the drawing's is an earlier repair, or a piece that lies in the sump. */
    private static void counts(TeardownStep step, Warnings found) {
        var drawn = step.detail().body().drawn();
        if (drawn != null && step.belongs() == null && drawn != step.cameOff()) {
            found.caution(
                    "Not as drawn: " + step.part(),
                    step.cameOff() < drawn
                            ? "%d came off, the drawing wants %d: an earlier repair, or one is still inside. Look before anything turns."
                                    .formatted(step.cameOff(), drawn)
                            : "%d came off, the drawing wants %d: an earlier repair? The ledger goes by the drawing."
                                    .formatted(step.cameOff(), drawn),
                    step);
        }
    }

    private static void handling(TeardownStep step, Warnings found) {
        var mass = step.detail().body().massKg();
        if (mass != null && isHeavy(step)) {
            found.danger(
                    "Heavy: " + step.part() + ", " + PlainDigits.exact(mass) + " kg",
                    "Two people or a hoist; support it before its last fastener. Local rules first.",
                    step);
        }
    }

    private static void passages(StripModel model, Warnings found) {
        model.trapped()
                .forEach(
                        (id, sentence) -> {
                            var step = step(model, id);
                            found.danger("Passes no opening: " + step.part(), sentence, step);
                        });
        for (var stays : model.staysInside()) {
            var hub = step(model, stays.then());
            found.caution(
                    "Inside first: " + hub.part(),
                    capital(stays.reason())
                            + ": at the rebuild it must be inside before the "
                            + step(model, stays.first()).part()
                            + " goes in.",
                    hub);
        }
    }

    private static TeardownStep step(StripModel model, String id) {
        return model.steps().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    private static String counted(int count, PartKind kind) {
        return count + " " + kind.words() + (count == 1 ? "" : "s");
    }

    static String capital(String words) {
        return words.isEmpty()
                ? words
                : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** Warnings as they are found. */
    static final class Warnings {
        private final List<Warning> list = new ArrayList<>();

        void danger(String title, String consequence, TeardownStep step) {
            add(Weight.DANGER, title, consequence, step);
        }

        void caution(String title, String consequence, TeardownStep step) {
            add(Weight.CAUTION, title, consequence, step);
        }

        void note(String title, String consequence, TeardownStep step) {
            add(Weight.NOTE, title, consequence, step);
        }

        void add(Weight weight, String title, String consequence, TeardownStep step) {
            list.add(new Warning(weight, title, consequence, step.id(), step.number()));
        }

        List<Warning> sorted() {
            list.sort(Comparator.comparing(Warning::weight).thenComparing(Warning::number));
            return list;
        }
    }
}
