package app.yunque.teardown;

import app.yunque.fastener.BoltPattern;
import app.yunque.fastener.ScrewPattern;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The rebuild, card by card. Each card says what goes in, which way round, what must be new, what goes on it, how it is
 * fastened, what to check before going on, and what could hurt. The order is the strip turned round, or an order planned
 * from it.
 *
 * @param cards in the order of the rebuild
 */
public record RebuildOrder(List<Card> cards) {

    /**
     * @param place     place in the rebuild, 1 first
     * @param stepId    the step of the strip it reverses
     * @param title     what to fit: "Fit 2 × spacer ring"
     * @param instead   why it is not what came off, in few words; empty when it is
     * @param cameOff   pieces that came off, 0 of what was missing
     * @param where     shaft and side in words
     * @param wayRound  which face looks where; empty when it does not matter
     * @param halfIn    what is done while a shaft is half in; empty for most parts
     * @param mark      match mark and partner; empty when there is none
     * @param mustBeNew true when a new part goes in
     * @param goesOn    what goes on it: oil, grease, nothing; empty when not said
     * @param lubricant the lubricant of the place it is lubricated from, with the place; empty where none stands out
     * @param fasten    how it is fastened, with torque and its source; empty when not
     * @param tightening numbers of the screws in the order of tightening; empty below three
     * @param screws    where each of them stands, in the order of their numbers
     * @param rounds    what each round is tightened to
     * @param tool      main tool; empty when it does not matter
     * @param position  which way up the unit lies; empty when it does not matter
     * @param checks    what to check before going on
     * @param caution   what could hurt; empty when nothing special
     * @param schools   where practitioners disagree about it; empty for most parts
     */
    public record Card(
            int place,
            String stepId,
            String title,
            String instead,
            int cameOff,
            String where,
            String wayRound,
            List<String> halfIn,
            String mark,
            boolean mustBeNew,
            String goesOn,
            String lubricant,
            String fasten,
            List<Integer> tightening,
            List<BoltPattern.Place> screws,
            List<String> rounds,
            String tool,
            String position,
            List<String> checks,
            String caution,
            List<TwoSchools> schools) {
        /** Cards that were sealed before they named a lubricant or what is done half in hold none; until they said where a screw stands all stood on a circle. */
        public Card {
            lubricant = lubricant == null ? "" : lubricant;
            screws = screws == null ? ScrewPattern.CIRCLE.places(tightening.size()) : screws;
            rounds = rounds == null ? List.of() : rounds;
            halfIn = halfIn == null ? List.of() : List.copyOf(halfIn);
        }
    }

    public RebuildOrder {
        cards = List.copyOf(cards);
    }

    /** The strip turned round. */
    public static RebuildOrder of(
            List<TeardownStep> steps, Set<String> renew, List<String> shafts) {
        return of(steps, renew, shafts, List.of(), List.of(), Map.of());
    }

    /**
     * @param steps  the strip in its order
     * @param renew  ids of steps whose part was decided to be renewed
     * @param shafts names of the shafts, input first
     * @param order  identities in a planned order; a step that is not in it comes right before the step that came off
     *               before it, as the strip turned round would have it
     * @param places lubricated places of the unit
     * @param halfIn what is done while a shaft is half in, by step; see {@link StripModel#halfIn}
     */
    public static RebuildOrder of(
            List<TeardownStep> steps,
            Set<String> renew,
            List<String> shafts,
            List<String> order,
            List<LubricantOfPlace> places,
            Map<String, List<String>> halfIn) {
        var cards = new ArrayList<Card>();
        for (var step : arranged(steps, order)) {
            cards.add(
                    card(
                            cards.size() + 1,
                            step,
                            renew.contains(step.id()),
                            shafts,
                            LubricantOfPlace.of(step, places),
                            halfIn.getOrDefault(step.id(), List.of())));
        }
        return new RebuildOrder(cards);
    }

    private static List<TeardownStep> arranged(List<TeardownStep> steps, List<String> order) {
        var byId = new HashMap<String, TeardownStep>();
        steps.forEach(s -> byId.put(s.id(), s));
        var arranged = new ArrayList<TeardownStep>();
        var placed = new ArrayList<String>();
        order.stream().filter(byId::containsKey).forEach(placed::add);
        var known = new HashSet<>(placed);
        for (int i = 0; i < steps.size(); i++) {
            if (known.add(steps.get(i).id())) {
                placed.add(
                        i == 0 ? placed.size() : placed.indexOf(steps.get(i - 1).id()),
                        steps.get(i).id());
            }
        }
        placed.forEach(id -> arranged.add(byId.get(id)));
        return arranged;
    }

    private static Card card(
            int place,
            TeardownStep step,
            boolean renew,
            List<String> shafts,
            Optional<LubricantOfPlace> from,
            List<String> halfIn) {
        var detail = step.detail();
        var tightening = Tightening.of(step);
        return new Card(
                place,
                step.id(),
                title(step),
                instead(step),
                step.cameOff(),
                where(step, shafts),
                step.wayRound(),
                halfIn,
                mark(detail.back()),
                step.belongs() != null || step.singleUse() || renew,
                detail.back().goesOn() == GoesOn.UNSAID ? "" : detail.back().goesOn().words(),
                from.map(LubricantOfPlace::inWords).orElse(""),
                fasten(step),
                tightening.order(),
                tightening.screws(),
                tightening.rounds(),
                detail.work().tool(),
                detail.work().position(),
                checks(step, from.filter(LubricantOfPlace::isGrease).isPresent()),
                caution(step),
                TwoSchools.of(step.kindThatGoesIn()));
    }

    private static String title(TeardownStep step) {
        return (step.kindThatGoesIn() == PartKind.PLUG ? "Close with " : "Fit ")
                + (step.count() == 1 ? "" : step.count() + " × ")
                + step.goesIn();
    }

    /** What was missing or wrong is never fitted: the card asks for what belongs there. */
    private static String instead(TeardownStep step) {
        var belongs = step.belongs();
        if (belongs == null || belongs.isUnknown()) {
            return "";
        }
        return switch (belongs.standing()) {
            case MISSING -> "it was missing";
            case WRONG -> "not the %s that came out".formatted(step.part());
            case REPLACED -> "in place of the %s".formatted(step.part());
        };
    }

    private static boolean isAnotherKind(TeardownStep step) {
        return step.kindThatGoesIn() != step.kind();
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

    private static String mark(StepDetail.Back back) {
        var words = new ArrayList<String>();
        if (!back.matchMark().isBlank()) {
            words.add(back.matchMark());
        }
        if (!back.matchedWith().isBlank()) {
            words.add("with " + back.matchedWith());
        }
        return String.join(", ", words);
    }

    /** How it is fastened, set by set; what held a part of another kind is not copied. */
    private static String fasten(TeardownStep step) {
        if (isAnotherKind(step)) {
            return step.fastenings().isEmpty()
                    ? ""
                    : "As its own sheet says: what held the %s is not copied."
                            .formatted(step.part());
        }
        var noted = step.detail().back().screws();
        var way =
                noted == null || noted.arrangement() == ScrewPattern.Arrangement.CIRCLE
                        ? ", crosswise in rounds"
                        : ", from the middle outwards in rounds";
        return step.fastenings().stream()
                .map(f -> fasten(f, way))
                .collect(Collectors.joining(" · and "));
    }

    private static String fasten(Fastening fastening, String way) {
        var words = fastening.inWords();
        if (fastening.count() > 2) {
            words += way;
        }
        if (fastening.locking() != Fastening.Locking.NONE) {
            words += "; locked by " + fastening.locking().words();
        }
        return fastening.torqueNm() == null
                ? fastening.byFeel().isEmpty()
                        ? words + "; no torque was entered: use the maker's figure"
                        : words + "; by feel"
                : words
                        + ", to "
                        + fastening.torqueInWords()
                        + " ("
                        + fastening.torqueSource()
                        + ")";
    }

    private static List<String> checks(TeardownStep step, boolean greased) {
        var checks = new ArrayList<String>();
        var detail = step.detail();
        if (!detail.back().check().isBlank()) {
            checks.add(WatchList.capital(detail.back().check()) + ".");
        }
        usual(step.kindThatGoesIn(), greased, checks);
        if (detail.back().positions() != null && detail.back().positions() > 1) {
            checks.add(
                    "The marks stand together: it fits in "
                            + detail.back().positions()
                            + " positions.");
        }
        for (var loose : detail.found().loose()) {
            var count = loose.expected() == null ? loose.found() : loose.expected();
            checks.add(
                    count != null && count == 1
                            ? "The " + loose.kind().words() + " is in."
                            : (count == null ? "Every one" : "All " + count)
                                    + " of the "
                                    + loose.kind().words()
                                    + "s are in, counted.");
        }
        var setting = detail.found().setting();
        if (setting != null && !setting.value().isBlank()) {
            checks.add(
                    WatchList.capital(setting.name())
                            + (setting.mustKeep() ? " stands again at " : " stood at ")
                            + setting.value()
                            + ".");
        }
        if (step.fastenings().stream().anyMatch(Fastening::isLeftHand)) {
            checks.add("Left-hand thread: tighten anticlockwise.");
        }
        return checks;
    }

    private static void usual(PartKind kind, boolean greased, List<String> checks) {
        switch (kind) {
            case BEARING ->
                    checks.add(
                            "Spins free by hand, no tick, %s before it turns."
                                    .formatted(greased ? "greased" : "oiled"));
            case SEAL -> checks.add("Lip oiled, spring side to the oil, no edge has cut it.");
            case GEAR, SHAFT, WORM, RING_GEAR, CARRIER, CAM_DISC ->
                    checks.add("The shafts turn free through one full turn of the slowest.");
            case SHIM, GASKET ->
                    checks.add("Same number and thickness as came off, or set the play anew.");
            case CIRCLIP -> checks.add("Sits in its groove all round.");
            case TAB_WASHER -> checks.add("One tab bent into a slot of the nut.");
            case COTTER_PIN -> checks.add("Both legs bent.");
            case KEY -> checks.add("Down in its seat, clear at the top.");
            case PAWL -> checks.add("Every pawl snaps out and clicks by itself.");
            case COLLET -> checks.add("Both halves seated all round.");
            default -> {}
        }
    }

    private static String caution(TeardownStep step) {
        var energy = step.detail().found().energy();
        if (energy != null) {
            return WatchList.capital(energy.kind().words())
                    + ": "
                    + energy.kind().firstMove()
                    + ". Local rules and the maker's instructions come first.";
        }
        return caution(step.kindThatGoesIn());
    }

    private static String caution(PartKind kind) {
        return switch (kind) {
            case BEARING ->
                    "Press or heat: push on the ring that has the tight fit, eye protection on, hands out of the line"
                            + " of force.";
            case SHAFT, COUPLING, HOUSING ->
                    "Heavy or off balance: sling or support it before it is free.";
            case SPRING, PLUNGER ->
                    "Stored force: cover the hole and keep your face out of the line.";
            case CIRCLIP -> "A circlip flies: eye protection on.";
            case GEAR, RING_GEAR, WORM -> "Fingers out of the mesh while a shaft is turned.";
            default -> "";
        };
    }
}
