package app.yunque.finding;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiPredicate;
import java.util.regex.Pattern;

/**
 * What the renewal of one part pulls with it: another that is renewed too, or that is looked at again. It never makes anything milder.
 * Source: common practice, no source, except where a rule says otherwise.
 */
public final class RenewalSets {
    /** What happens to the other part. */
    public enum Pull {
        /** Its check is made again. */
        LOOK_AGAIN,
        /** It is renewed with the first. */
        RENEW_TOO
    }

    /**
     * What one part is told because another is renewed.
     *
     * @param pull    what happens to it
     * @param because the part that is renewed
     * @param check   the check that is made again; empty where it is renewed
     * @param why     why, in a sentence
     */
    public record Advice(Pull pull, String because, String check, String why) {}

    /** @param applies of the renewed part and the other one */
    private record Rule(
            Pull pull, String check, String why, BiPredicate<PartRecord, PartRecord> applies) {}

    /** Hardest first: of several that apply the first is told. */
    private static final List<Rule> RULES =
            List.of(
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "They are matched, and run or fit together only.",
                            (a, b) -> isMatchedWith(a, b) || isMatchedWith(b, a)),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "Bevel gears are run in together and go together.",
                            (a, b) -> both(a, b, "bevel|hypoid|crown wheel") && areGears(a, b)),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "The halves are worn into each other.",
                            (a, b) -> both(a, b, "half ?nuts?") || both(a, b, "dogs?|dog halves")),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "Cup and cone are one bearing.",
                            (a, b) ->
                                    isOnOneSeat(a, b)
                                            && (named(a, "cups?|outer races?")
                                                            && named(b, "cones?|inner races?")
                                                    || named(b, "cups?|outer races?")
                                                            && named(a, "cones?|inner races?"))),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "Planets share the load: with one gone all of the stage go, with their needles and pins.",
                            (a, b) -> isDamagedPlanet(a) && isOfPlanets(b) && areTogether(a, b)),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "Pawl springs are renewed together.",
                            (a, b) ->
                                    named(a, "pawls?|pawl springs?") && named(b, "pawl springs?")),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "One pawl is beyond its limit: all of them have held as long.",
                            (a, b) ->
                                    a.step().kind() == PartKind.PAWL
                                            && b.step().kind() == PartKind.PAWL
                                            && isBeyond(a)),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "Belts of a set and linings of a brake are renewed together.",
                            (a, b) -> both(a, b, "belts?") || both(a, b, "linings?|brake discs?")),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "A new gear does not run with a worn, scuffed or pitted mate.",
                            (a, b) -> areMates(a, b) && isRunDown(b)),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "On lifting duty the mate of a spalled or cracked gear goes with it.",
                            (a, b) ->
                                    areMates(a, b)
                                            && a.duty() == ServiceDuty.LIFTING
                                            && found(a, "spall|crack|crushing")),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "A worm that catches the nail eats the new wheel.",
                            (a, b) -> isWormWheel(a) && isWorm(b) && isRunDown(b)),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "The wheel is worn to the old worm.",
                            (a, b) -> isWorm(a) && isWormWheel(b) && isRunDown(b)),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "A hooked sprocket ruins a new chain.",
                            (a, b) -> isChain(a) && isSprocket(b) && found(b, "hooked|point")),
                    new Rule(
                            Pull.RENEW_TOO,
                            "",
                            "A worn chain ruins a new sprocket: it stays only when it measures as new.",
                            (a, b) -> isSprocket(a) && isChain(b) && !isMeasuredAsNew(b)),
                    look("GER-1", "Its mate is renewed.", RenewalSets::areMates),
                    look(
                            "WOR-1",
                            "The worm wheel is renewed.",
                            (a, b) -> isWormWheel(a) && isWorm(b)),
                    look("WWL-1", "The worm is renewed.", (a, b) -> isWorm(a) && isWormWheel(b)),
                    look(
                            "GER-1",
                            "A planet of its stage is renewed.",
                            (a, b) ->
                                    isDamagedPlanet(a)
                                            && areTogether(a, b)
                                            && (named(b, "suns?")
                                                    || b.step().kind() == PartKind.RING_GEAR)),
                    look(
                            "CAR-1",
                            "A planet it carries is renewed.",
                            (a, b) ->
                                    isDamagedPlanet(a)
                                            && areTogether(a, b)
                                            && b.step().kind() == PartKind.CARRIER),
                    look("CHN-2", "The chain is renewed.", (a, b) -> isChain(a) && isSprocket(b)),
                    look(
                            "PWL-1",
                            "A pawl or its spring is renewed.",
                            (a, b) -> named(a, "pawls?|pawl springs?") && named(b, "ratchets?")),
                    look(
                            "JRN-1",
                            "The bush on it is renewed.",
                            (a, b) -> isKind(a, PartKind.BUSH) && isShaftOf(b, a)),
                    look(
                            "LND-1",
                            "A new lip runs where the old one ran.",
                            (a, b) -> isKind(a, PartKind.SEAL) && isShaftOf(b, a)),
                    look(
                            "DET-1",
                            "The fork is renewed: what held it counts too.",
                            (a, b) -> named(a, "forks?") && named(b, "detents?")),
                    look(
                            "STM-1",
                            "Its nut is renewed.",
                            (a, b) ->
                                    named(a, "(stem|load|feed) nuts?|half ?nuts?")
                                            && named(b, "stems?|(lead|feed) ?screws?")),
                    look(
                            "ANY-1",
                            "Something broke in this drive: what carried the same load is looked at.",
                            (a, b) ->
                                    found(a, "broken|breakage|fracture|sheared|stripped")
                                            && StrictParts.isLoadPath(b.step().kind())));

    private static final Map<String, Pattern> PATTERNS = new ConcurrentHashMap<>();

    private RenewalSets() {}

    private static Rule look(
            String check, String why, BiPredicate<PartRecord, PartRecord> applies) {
        return new Rule(Pull.LOOK_AGAIN, check, why, applies);
    }

    /**
     * @param parts   all that is on record about each part of the strip
     * @param renewed ids of the parts that are renewed
     * @return by id of the other part, the hardest there is; nothing for what is renewed anyway
     */
    public static Map<String, Advice> of(List<PartRecord> parts, Set<String> renewed) {
        var told = new HashMap<String, Advice>();
        var gone = parts.stream().filter(p -> renewed.contains(p.step().id())).toList();
        for (var other : parts) {
            if (!renewed.contains(other.step().id())) {
                hardest(gone, other).ifPresent(a -> told.put(other.step().id(), a));
            }
        }
        return told;
    }

    private static Optional<Advice> hardest(List<PartRecord> gone, PartRecord other) {
        return RULES.stream()
                .filter(r -> r.pull == Pull.RENEW_TOO || !isAnswered(other, r.check))
                .flatMap(
                        r ->
                                gone.stream()
                                        .filter(p -> r.applies.test(p, other))
                                        .limit(1)
                                        .map(
                                                p ->
                                                        new Advice(
                                                                r.pull,
                                                                p.step().part(),
                                                                r.check,
                                                                r.why)))
                .findFirst();
    }

    /** Looked at in the very words of that check, not only as whole. */
    private static boolean isAnswered(PartRecord part, String check) {
        return part.standing().stream().anyMatch(f -> f.check().equals(check))
                || part.measured().stream().anyMatch(m -> m.check().equals(check));
    }

    private static boolean named(PartRecord part, String words) {
        return pattern("\\b(" + words + ")\\b").matcher(part.step().part()).find();
    }

    /** Each rule asks every pair of parts, so its words are made ready once. */
    private static Pattern pattern(String words) {
        return PATTERNS.computeIfAbsent(
                words, w -> Pattern.compile(w, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE));
    }

    private static boolean both(PartRecord one, PartRecord other, String words) {
        return named(one, words) && named(other, words);
    }

    private static boolean isKind(PartRecord part, PartKind kind) {
        return part.step().kind() == kind;
    }

    private static boolean areGears(PartRecord one, PartRecord other) {
        return isKind(one, PartKind.GEAR) && isKind(other, PartKind.GEAR);
    }

    private static boolean isMatchedWith(PartRecord one, PartRecord other) {
        var mate = one.step().detail().back().matchedWith().strip();
        return !mate.isEmpty() && mate.equalsIgnoreCase(other.step().part());
    }

    private static boolean areMates(PartRecord one, PartRecord other) {
        var a = one.step().gear();
        var b = other.step().gear();
        return a != null && b != null && a.stage() == b.stage() && a.member() != b.member();
    }

    private static boolean isOnOneSeat(PartRecord one, PartRecord other) {
        return one.step().shaft() == other.step().shaft()
                && one.step().side() == other.step().side()
                && isKind(one, PartKind.BEARING)
                && isKind(other, PartKind.BEARING);
    }

    private static boolean areTogether(PartRecord one, PartRecord other) {
        var group = one.step().detail().subassembly();
        return group.isEmpty()
                ? one.step().shaft() == other.step().shaft()
                : group.equals(other.step().detail().subassembly())
                        || one.step().shaft() == other.step().shaft();
    }

    private static boolean isPlanet(TeardownStep step) {
        return step.kind() == PartKind.GEAR
                && pattern("\\bplanets?\\b").matcher(step.part()).find();
    }

    private static boolean isDamagedPlanet(PartRecord part) {
        return isPlanet(part.step()) && found(part, "spall|pitt|brok|break|fracture|crack");
    }

    private static boolean isOfPlanets(PartRecord part) {
        return isPlanet(part.step())
                || isKind(part, PartKind.PIN) && named(part, "planets?( pins?)?")
                || isKind(part, PartKind.ROLLER) && named(part, "needles?|planet rollers?");
    }

    private static boolean isWorm(PartRecord part) {
        return isKind(part, PartKind.WORM);
    }

    private static boolean isWormWheel(PartRecord part) {
        return named(part, "worm ?wheels?");
    }

    private static boolean isChain(PartRecord part) {
        return named(part, "chains?");
    }

    private static boolean isSprocket(PartRecord part) {
        return named(part, "sprockets?");
    }

    private static boolean isShaftOf(PartRecord shaft, PartRecord other) {
        return isKind(shaft, PartKind.SHAFT) && shaft.step().shaft() == other.step().shaft();
    }

    private static boolean isBeyond(PartRecord part) {
        return part.measured().stream().anyMatch(m -> m.verdict() == Verdict.CLEAR_FAIL);
    }

    private static boolean isMeasuredAsNew(PartRecord part) {
        return part.measured().stream().anyMatch(m -> m.zone() == Zone.AS_NEW);
    }

    /** Worn past new, scuffed, or pitting that goes on: it would wear the new one. */
    private static boolean isRunDown(PartRecord part) {
        return part.measured().stream().anyMatch(m -> m.zone() == Zone.WATCH)
                || isBeyond(part)
                || found(part, "scuff|progressive pitting|nail catches|ridge where");
    }

    private static boolean found(PartRecord part, String words) {
        var pattern = pattern(words);
        return part.standing().stream()
                .anyMatch(f -> f.severity() != Severity.SOUND && pattern.matcher(f.word()).find());
    }
}
