package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.line.LineReading.Finding;
import app.yunque.line.LineReading.Found;
import app.yunque.teardown.PartKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Reads what was found on a part in a stretch of a line: with what it is not, and on how many of several. */
final class FindingReader {
    /** What somebody looked for and did not find: never a finding. */
    private static final Pattern NOT =
            words(
                    "(?:^|[\\s,;(\\u0000])(?:not|no|none|nothing|never|neither|without|isn['’]?t|wasn['’]?t|aren['’]?t|nowhere|free of|nor)\\s+(?:(?:a|any|yet|of them|in the least|much|really|visibly|the least)\\s+)?(?:\\p{L}+\\s+)?$");

    private static final Pattern TEETH_GONE =
            words(
                    "(?:\\b(\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\s+)?\\b(?:teeth|tooth)\\s+(?:are |is |were )?(?:half |nearly |almost )?(?:gone|missing|lost|off|out|(?:broken|sheared|snapped|knocked|torn|stripped)\\s+(?:off|out|clean off))\\b|\\bmissing (?:\\d{1,3} )?(?:teeth|tooth)\\b");

    /** "2 rusty", "one gone flat", "3 of the 26 ring pins blued", "2 of 3". */
    private static final Pattern SOME =
            words(
                    "(?:^|[\\s,;\\u0000])(\\d{1,3}|"
                            + Numbers.WORDS
                            + ")(?:\\s+of\\s+(?:the\\s+|them\\s*)?(\\d{1,3}|"
                            + Numbers.WORDS
                            + ")?)?[\\s\\u0000]*((?:[\\p{L}-]+\\s+){0,3})$");

    private static final Pattern IN_SOME =
            words(
                    "^[\\s,]*(?:[\\p{L}]+\\s+){0,2}?(?:in|on)\\s+(\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\s+of\\s+(?:the\\s+)?(\\d{1,3})\\b");

    private static final Pattern REST =
            words(
                    "(?:^|[\\s,;\\u0000])(?:the\\s+)?(?:rest|others?)\\s+(?:are\\s+|is\\s+|all\\s+)?$");

    private static final Set<PartKind> SOFT =
            EnumSet.of(PartKind.FELT, PartKind.SEAL, PartKind.O_RING, PartKind.GASKET);

    private static final Pattern HARD_ALONE =
            words("(?:^|[\\s,;\\u0000])(hard)(?=\\s*(?:[,;\\u0000]|and\\b|$))");

    /** Words that mean something else here: a fine thread, rusted on, a loose ball. */
    private static final Pattern NOT_MEANT =
            words(
                    "^(?:fine thread|rust(?:ed|y)? (?:on|in|solid|to)\\b|ok(?:ay)? by (?:phone|mail)|good fit|(?:worn|broken) by|broken down|broke (?:cleanly|free|loose|easily|the seal|away from)|split (?:pin|ring)|lost motion|in (?:two|half) \\p{L}|chip tray|burn(?:t|ed) (?:oil|smell|paint)|bent over|bent (?:up|down|back)\\b|sound of|blue on|blue wire)");

    /** "M10x1.25 fine": the thread is. */
    private static final Pattern AFTER_A_THREAD =
            words("\\bM\\d{1,3}(?:[.,]\\d)?(?:\\s?[x×*]\\s?[\\d.,]+)*\\s*$|\\d-\\d{1,2}\\s*$");

    private final TypedLine line;

    FindingReader(TypedLine line) {
        this.line = line;
    }

    /**
     * @param from  where to look
     * @param to    where to stop
     * @param kind  kind of part it is on
     * @param count pieces of that part; null where the line does not say
     */
    List<Finding> read(int from, int to, PartKind kind, @Nullable Integer count) {
        var found = new ArrayList<Placed>();
        if (kind == PartKind.GEAR
                || kind == PartKind.RING_GEAR
                || kind == PartKind.COUPLING
                || kind == PartKind.WORM) {
            line.take(TEETH_GONE, "found: teeth missing", from, to)
                    .ifPresent(
                            m ->
                                    found.add(
                                            new Placed(
                                                    m.start(),
                                                    new Finding(
                                                            Found.TEETH_MISSING,
                                                            TypedLine.tidy(m.group()),
                                                            null,
                                                            null,
                                                            isDenied(from, m.start())))));
        }
        if (SOFT.contains(kind)) {
            line.find(HARD_ALONE, from, to)
                    .flatMap(m -> place(Found.HARDENED, m, m.start(1), from, to, count))
                    .ifPresent(found::add);
        }
        for (var words : line.vocabulary().found().entrySet()) {
            int at = from;
            while (at < to) {
                var m = line.find(words.getKey(), at, to);
                if (m.isEmpty()) {
                    break;
                }
                at = m.get().end();
                place(words.getValue(), m.get(), m.get().start(), from, to, count)
                        .ifPresent(found::add);
            }
        }
        found.sort(Comparator.comparingInt(Placed::at));
        var once = new ArrayList<Finding>();
        for (var each : found) {
            boolean isSaid =
                    once.stream()
                            .anyMatch(
                                    f ->
                                            f.what() == each.finding.what()
                                                    && f.not() == each.finding.not()
                                                    && java.util.Objects.equals(
                                                            f.count(), each.finding.count()));
            if (!isSaid) {
                once.add(each.finding);
            }
        }
        return once;
    }

    private boolean isDenied(int from, int start) {
        var before = line.left(from, start);
        return NOT.matcher(before.substring(before.lastIndexOf(',') + 1)).find();
    }

    private record Placed(int at, Finding finding) {}

    private Optional<Placed> place(
            Found what, MatchResult m, int start, int from, int to, @Nullable Integer count) {
        var rest = line.left(start, to);
        if (NOT_MEANT.matcher(rest).find()) {
            return Optional.empty();
        }
        var before = line.left(from, start);
        if (m.group().equalsIgnoreCase("no play") && before.endsWith("to ")) {
            return Optional.empty();
        }
        if (m.group().equalsIgnoreCase("fine")
                && AFTER_A_THREAD.matcher(line.whole().substring(0, start)).find()) {
            return Optional.empty();
        }
        var clause =
                before.substring(Math.max(before.lastIndexOf(','), before.lastIndexOf(';')) + 1);
        boolean not = NOT.matcher(clause).find();
        var words = m.group();
        Integer some = null;
        Integer of = null;
        if (!not) {
            var in = IN_SOME.matcher(line.left(m.end(), to));
            var lead = SOME.matcher(clause);
            if (in.find()) {
                some = Numbers.of(in.group(1)).orElse(null);
                of = Integer.valueOf(in.group(2));
                line.take(m.end() + in.start(1), m.end() + in.end(), "on some of them");
            } else if (lead.find()
                    && !lead.group(1).equalsIgnoreCase("both")
                    && (!Vocabulary.FEATURE.matcher(lead.group(3)).find()
                            || line.vocabulary().part().matcher(lead.group(3)).lookingAt())
                    && isOwn(lead.group(3))) {
                some = Numbers.of(lead.group(1)).orElse(null);
                of = lead.group(2) == null ? count : Numbers.of(lead.group(2)).orElse(count);
                if (some == null || of != null && some >= of) {
                    some = null;
                    of = null;
                } else {
                    int at = from + before.length() - clause.length();
                    line.take(at + lead.start(1), at + lead.end(1), "on some of them");
                }
            } else if (REST.matcher(clause).find()) {
                if (count == null || count == 1) {
                    return Optional.empty();
                }
                words = "rest " + words;
            } else if (what == Found.SOUND && isOfOneFeature(clause)) {
                return Optional.empty();
            }
        }
        line.take(
                start,
                m.end(),
                (not ? "looked for, not found: " : "found: ")
                        + what.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '));
        return Optional.of(new Placed(start, new Finding(what, words, some, of, not)));
    }

    /** "Cage ok", "keyway ok": of one feature only; sound teeth speak for the gear. */
    private static boolean isOfOneFeature(String clause) {
        var plain = clause.replace(TypedLine.GONE, ' ');
        var m = Vocabulary.FEATURE.matcher(plain);
        return m.find() && !m.group().toLowerCase(java.util.Locale.ROOT).startsWith("teeth")
                || plain.matches(
                        "(?is).*\\b(?:cage|race|races|cup|cone|rollers|balls|needles)\\s+(?:is |are )?$");
    }

    /** Between a number and what was found stands nothing but the thing itself or a word that weighs it. */
    private boolean isOwn(String between) {
        return between.isBlank()
                || between.strip()
                        .matches(
                                "(?i)(?:of them|is|are|was|were|a bit|slightly|badly|very|gone|heavily|lightly|ran dry|dry and|dry|already|half)(?: \\p{L}+)?")
                || line.vocabulary().part().matcher(between).find();
    }
}
