package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.drive.DriveShafts;
import app.yunque.line.LineReading.Fastener;
import app.yunque.line.LineReading.Loose;
import app.yunque.line.LineReading.Previous;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.StripAct;
import app.yunque.teardown.TeardownStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Reads one line. What can be told apart by itself (a tray, a thread, a torque, which way round) is taken first and blanked out; then the
 * line falls into clauses, and the first words of each are the name of a part or say something of the part before.
 */
final class LineReader {
    private static final Pattern IN_BRACKETS =
            words("\\((?!\\d{1,3}\\))([^)]*)\\)|\\bnote:\\s+(.*)$");
    private static final Pattern TRAY =
            words(
                    "\\b(?:(?:in|into|to|goes into)\\s+)?(tray|bag|box|tin|jar|pot)\\s+(?:no\\.?\\s?)?(\\d{1,3}[a-z]?|[a-z]\\d{0,2})(?![\\p{L}\\p{N}])");
    private static final Pattern MINUTES = words("\\b(\\d{1,3}(?:[.,]\\d)?)\\s?min(?:ute)?s?\\b");
    private static final Pattern MASS =
            words("\\b(\\d{1,4}(?:[.,]\\d)?)\\s?(kg|kilos?|lbs?)\\b(?![·./-]|\\s?f)");
    private static final Pattern PEOPLE =
            words("\\b(\\d|" + Numbers.WORDS + ")\\s+(?:men|man|people|mechanics|hands|of us)\\b");
    private static final Pattern RENEW =
            words(
                    "\\b(?:single use|order (?:a )?new(?: one)?|throw (?:it |them )?away|bin (?:it|them)|scrap(?: it)?|renew(?: it| them)?|fit (?:a )?new(?: one)?|new one(?: goes)? in|replace (?:it|them))\\b");
    private static final Pattern GOES_ON =
            words(
                    "\\b((?:silicone |moly |assembly |bearing |white )?(?:grease|anti-?seize|sealant|jointing compound|gasket compound|copper paste|moly paste))\\b(?=\\s*(?:[,;\\u0000]|$|on\\b|at\\b|in\\b|under\\b|no\\b))");
    private static final Pattern INSTEAD =
            words(
                    "\\b(?:instead of|in place of|replaced by|where (?:the |an? )?[^,;]{1,40} belongs?|should (?:be|have been))\\b[^,;]*");
    private static final Pattern INSTEAD_OF =
            words(
                    "^(?:(?:instead of|in place of|should (?:be|have been))(?: the| an?)?\\s+(?!(?:there|here|it|off|on|in|out|tight|loose|free|at)\\b)(.{1,60})|where (?:the |an? )?(.{1,40}?) belongs?)$");
    private static final Pattern TOOL =
            words(
                    "\\b(?:with|using|let up on)\\s+(?:an?\\s+|the\\s+|two\\s+|\\d\\s+)?((?:(?:M\\d{1,2}|long|[\\p{L}-]+)\\s){0,2}?(?:pullers?|press|mallet|hammer|drift|pliers|bars?|spanner|wrench|punch|heater|hoist|crane|screwdriver|extractor|magnet|wood block|wooden block|(?<=(?:M\\d{1,2}|long|jack|jacking|forcing|pusher|draw|two|\\d) )(?:bolts?|screws?)|slide hammer|torch|hot air|chisel|prybars?))\\b(?! (?:washers?|lock))");
    private static final Pattern TOOL_ALONE =
            words(
                    "(?:^|,\\s*)((?:brass |soft |long |two |legged |three |bearing |-)*(?:pullers?|drift|punch|pry bars?|mallet|slide hammer|press|\\d{1,2} spanner|hook spanner|hoist)(?: in a pair)?)\\s*(?=,|$)");
    private static final Pattern STUCK_TO = words("\\bstuck to (?:the |its )?([^,;]{2,60})");
    private static final Pattern HARD =
            words(
                    "\\b((?:was |were )?(?:seized|stuck(?! together)(?: on (?:its|the) [\\p{L}]+| fast| solid)?|one stuck|rust(?:ed|y) (?:on|in|solid)|would not (?:move|budge|come)|(?:he |it )?(?:goes|came|comes|went) (?:very )?hard|hard to (?:shift|move|get)[^,;]*|very tight))(?![\\p{L}])");
    private static final Pattern SEIZED_BEARING =
            words("\\bbearings?\\b[^,;]*\\b(?:was |were )?seized$");
    private static final Pattern ON_SOMETHING =
            words("^\\s*(?:fast |solid )?(?:on|onto|to|in|into)\\b");
    private static final Pattern TOGETHER =
            words(
                    "\\b(?:as (?:a|one) (?:unit|assembly|piece)|as an assembly|in one piece|(?:off|out) together|together|all in one)\\b");
    private static final Pattern MATCH_MARK =
            words(
                    "\\bmark(?:ed|s)?\\s+((?-i:[\\p{N}A-Z][\\w/.-]{0,19})|\\p{L}\\d{0,2})\\b|(?<![\\p{L}])(no\\.?\\s?\\d{1,2})\\b");
    private static final String FACE =
            "(?:(?:long|short|open|closed|marked|spring|numbered|dished|small|big|raised|sharp|rounded|stepped|flat|wide|narrow|thick|thin|oil|cage|plug|hollow|plain|tapered|writing|part|bevelled|chamfered|lettered)\\s)?"
                    + "(?:chamfers?|grooves?(?: side)?|shields?|lips?|tabs?|boss(?:es)?|hub|shoulder|sides?|face|flange|edge|radius|cone|cup|cages?|dots?|slots?|end(?: of (?:the )?clip)?|notch(?:es)?|step|recess|bevel|number|letters|lettering|relief|taper|teeth|oil groove|spring|garter spring|collar|dish|crown|arrow|stamp|snout|ridge|rib|counterbore)";
    private static final Pattern WAY_ROUND =
            words(
                    "(?<![\\p{L}])("
                            + FACE
                            + ")\\s+((?:up|down|inward|outward|forward|backward)s?\\b|(?:to(?:wards)?|against|facing)\\s+(?:the\\s+)?[^,;\\u0000]{2,40}"
                            + "|(?:in|out)\\b(?=\\s*(?:[,;\\u0000]|good|bad|ok|worn|$))"
                            + "|(?<!(?:side|end|face) )(?:left|right)\\b(?=\\s*(?:[,;\\u0000]|$)))");
    private static final Pattern PLACE =
            words(
                    "(?:\\b(?:at|on|of)\\s+(?:the\\s+)?)?\\b(?:(?:(?:motor|input|output|gear|handwheel|hand wheel|lever|pulley|fan|tool|chuck|operator|free|spindle|clutch|valve|feed|pump|wall)\\s+(?:side|end))|side (?:of the )?motor|(?:upper|lower|top|bottom|front|rear|back) row|(?:first|second|third|fourth|fifth|last|\\dth|\\dnd|\\drd) from the (?:left|right|top|bottom|front|back|end))\\b(?!\\s+(?:out|up|in|down|plate|cover|cap|bearing|shaft))");
    private static final Pattern WITH_LOOSE =
            words(
                    "\\bwith\\s+(\\d{1,4}|"
                            + Numbers.WORDS
                            + ")\\s+(?:loose\\s+((?:needle |steel )?(?:balls?|rollers?|needles?|springs?|keys?|pins?))|(balls?|rollers?|needles?|springs?|keys?|pins?)\\s+(?:loose|fell out|falling out|came out|free))\\b");

    private static final Pattern OUT = words("\\b(?:in|out)$");

    /** What follows the name of what came off: "cover off", "spring lifted out". */
    private static final Pattern COMES_OFF =
            words(
                    "^[\\s\\u0000]*(?:is |was |then )?(?:off|out|lifted|removed|drawn|unscrewed|taken (?:off|out)|driven out|tapped out|pressed (?:off|out)|pulled)\\b");

    private static final int ALL_BEFORE = 6;
    private static final Pattern ALL = words("\\b(?:both|all|them)\\b");

    /** What joined the names that were understood, and says nothing without them. */
    private static final Pattern JOINT =
            words("(?:^|,)\\s*(?:(?:and|then|plus|off|of the|on the)\\s*)(?=,|$)");

    private static final Pattern SAME_SHAFT = words("\\b(?:(?:on )?the )?same shaft\\b");

    private static final double POUND_KG = 0.45359237;

    private final TypedLine line;
    private final Previous previous;
    private final ClauseReader names;
    private final PlaceReader places;
    private final PartReader parts;

    LineReader(
            String typed,
            List<String> shafts,
            Optional<DriveShafts> drive,
            Previous previous,
            Vocabulary vocabulary) {
        this.line = new TypedLine(typed.replace('\u0000', ' ').strip(), vocabulary);
        this.previous = previous;
        this.names = new ClauseReader(line, shafts);
        this.places = new PlaceReader(line, shafts);
        this.parts = new PartReader(line, shafts, drive, names, places);
    }

    LineReading read() {
        var whole = line.whole();
        var note = new ArrayList<String>();
        note.add(line.take(IN_BRACKETS, "note").map(m -> Numbers.first(m, 1, 2)).orElse(""));
        var tray = line.take(TRAY, "tray").map(LineReader::tray).orElse("");
        var minutes = line.take(MINUTES, "minutes").map(m -> decimal(m.group(1))).orElse(null);
        var mass = line.take(MASS, "mass").map(LineReader::mass).orElse(null);
        var people = line.take(PEOPLE, "people").flatMap(m -> Numbers.of(m.group(1))).orElse(null);
        var tool = word(TOOL, "tool");
        var ways = ways();
        var positions = all(PLACE, "where");
        var instead = line.take(INSTEAD, "what belongs there");
        var fastenerReader = new FastenerReader(line);
        var fasteners = new ArrayList<>(fastenerReader.read());
        tool = tool.isEmpty() ? word(TOOL_ALONE, "tool") : tool;
        var fell = line.take(WITH_LOOSE, "loose items, counted").map(this::fell).stream().toList();
        var stuckTo = word(STUCK_TO, "stuck to");
        var hard = hard();
        var renewed = all(RENEW, "a new one goes in");
        var goesOn = word(GOES_ON, "goes on it");
        var mark = line.take(MATCH_MARK, "match mark").map(m -> Numbers.first(m, 1, 2)).orElse("");
        boolean sameShaft = line.take(SAME_SHAFT, "same shaft").isPresent();

        var clauses = names.clauses();
        var first =
                clauses.isEmpty()
                        ? ""
                        : whole.substring(clauses.get(0).from(), clauses.get(0).to()).strip();
        var act = act(clauses, first, fasteners);
        place(ways, positions, sameShaft);
        renew(renewed);
        note.add(instead.filter(i -> !belongs(i)).map(MatchResult::group).orElse(""));
        var drafts = parts.drafts();
        boolean takesOff = act == StripAct.TAKE_OFF;
        var falls =
                drafts.stream()
                        .filter(d -> takesOff && PartReader.FALLING.contains(d.kind))
                        .filter(d -> d.found.isEmpty() && d.shaft == null)
                        .toList();
        var kept = drafts.stream().filter(d -> !falls.contains(d)).toList();
        var held = held(fasteners, kept);
        note.add(TypedLine.tidy(JOINT.matcher(TypedLine.tidy(line.left())).replaceAll(", ")));
        return new LineReading(
                act,
                kept.stream().map(Draft::part).toList(),
                Stream.concat(
                                fell.stream(),
                                falls.stream().map(d -> new Loose(d.kind, d.count, d.size, d.name)))
                        .toList(),
                act == null || takesOff || act == StripAct.LEFT_IN ? held : List.of(),
                tray,
                goesOn,
                tool,
                minutes,
                people,
                mass,
                hard,
                stuckTo,
                line.find(TOGETHER).isPresent() ? first : "",
                mark,
                String.join(
                        "; ", note.stream().map(String::strip).filter(n -> !n.isEmpty()).toList()),
                line.pieces(),
                Stream.of(fastenerReader.problems(), places.problems(), impossible(drafts))
                        .flatMap(List::stream)
                        .toList());
    }

    /** A count that no ledger takes; what was not there is missing, and not none of it. */
    private static List<String> impossible(List<Draft> drafts) {
        return drafts.stream()
                .filter(d -> d.count != null && TeardownStep.COUNT.judge(d.count).isPresent())
                .map(
                        d ->
                                "%d × %s: from 1 to 9999 pieces came off. What was not there is “missing”: “%s missing”."
                                        .formatted(d.count, d.name, d.name))
                .toList();
    }

    /** Why it was hard to get off; a bearing that seized does not turn, which is found on it. */
    private String hard() {
        int at = 0;
        for (var m = line.find(HARD, at, line.length());
                m.isPresent();
                m = line.find(HARD, at, line.length())) {
            at = m.get().end();
            boolean isFound =
                    SEIZED_BEARING.matcher(line.left(0, m.get().end(1))).find()
                            && !ON_SOMETHING.matcher(line.left(at, line.length())).find();
            if (!isFound) {
                line.take(m.get().start(), at, "why it was hard");
                return m.get().group(1).strip();
            }
        }
        return "";
    }

    private String word(Pattern pattern, String meaning) {
        return line.take(pattern, meaning).map(m -> m.group(1).strip()).orElse("");
    }

    private List<MatchResult> all(Pattern pattern, String meaning) {
        var all = new ArrayList<MatchResult>();
        for (var m = line.take(pattern, meaning); m.isPresent(); m = line.take(pattern, meaning)) {
            all.add(m.get());
        }
        return all;
    }

    /** Which way round; "spring out" that nothing stands before is a spring that came out. */
    private List<MatchResult> ways() {
        var ways = new ArrayList<MatchResult>();
        int at = 0;
        for (var m = line.find(WAY_ROUND, at, line.length());
                m.isPresent();
                m = line.find(WAY_ROUND, at, line.length())) {
            var way = m.get();
            at = way.end();
            boolean isPart =
                    OUT.matcher(way.group()).find()
                            && line.vocabulary().part().matcher(way.group(1)).find()
                            && !line.vocabulary().part().matcher(line.left(0, way.start())).find();
            if (!isPart) {
                line.take(way.start(), way.end(), "which way round");
                ways.add(way);
            }
        }
        return ways;
    }

    /** What was done; a line that names parts and tells of nothing else took them off. */
    private @Nullable StripAct act(
            List<Clause> clauses, String first, List<FastenerReader.Read> fasteners) {
        boolean namesAPart = clauses.stream().anyMatch(c -> names.head(c, true).isPresent());
        boolean isHeld = fasteners.stream().anyMatch(f -> !f.fastener().thread().isEmpty());
        var told =
                ActReader.of(
                                line.whole(),
                                joined(clauses, first),
                                namesAPart,
                                !clauses.isEmpty() && names.head(clauses.get(0), true).isPresent(),
                                isHeld)
                        .filter(act -> !isOnlyTheName(act, clauses))
                        .orElse(null);
        if (told == null || ActReader.NAMES_PARTS.contains(told)) {
            parts.parts(clauses, told, fasteners);
        }
        if (told != null) {
            return told;
        }
        return !parts.drafts().isEmpty()
                ? StripAct.TAKE_OFF
                : ActReader.isOnlySaid(line) ? StripAct.NOTE : null;
    }

    /** "Pressure plate off", "marked gear off": the words for an act belong to the name of what came off. */
    private boolean isOnlyTheName(StripAct act, List<Clause> clauses) {
        if (ActReader.STANDS.contains(act) || clauses.isEmpty()) {
            return false;
        }
        var clause = clauses.get(0);
        return names.head(clause, false)
                // The plug of a cable is pulled, and is no plug of the housing.
                .filter(h -> h.kind() != PartKind.PLUG || act != StripAct.DISCONNECT)
                .filter(h -> COMES_OFF.matcher(line.left(h.to(), clause.to())).find())
                .isPresent();
    }

    /** "Key and pin stay": what names joined by "and" say together. */
    private String joined(List<Clause> clauses, String first) {
        return clauses.stream()
                .filter(c -> c.group() == clauses.get(0).group())
                .reduce((one, last) -> last)
                .map(last -> line.whole().substring(clauses.get(0).from(), last.to()).strip())
                .orElse(first);
    }

    /** A new one of what was named before it; of all where it says so. */
    private void renew(List<MatchResult> renewed) {
        for (var r : renewed) {
            var told = line.whole().substring(Math.max(0, r.start() - ALL_BEFORE), r.end());
            if (ALL.matcher(told).find()) {
                parts.drafts().forEach(d -> d.renew = true);
            } else {
                parts.of(r.start()).ifPresent(d -> d.renew = true);
            }
        }
    }

    /** What belongs where something else was found; false where the words do not name it. */
    private boolean belongs(MatchResult instead) {
        var named = INSTEAD_OF.matcher(instead.group().strip());
        var of = parts.of(instead.start());
        if (!named.matches() || of.isEmpty()) {
            return false;
        }
        var words = Numbers.first(named, 1, 2).strip();
        var isSizeOnly = words.matches("[\\d./,\\s]+(?:mm|in)?|M\\d+.*");
        of.get().insteadOf = isSizeOnly ? of.get().name + " " + words : words;
        return true;
    }

    /** Which way round and where belong to the part that was named before them. */
    private void place(List<MatchResult> ways, List<MatchResult> positions, boolean sameShaft) {
        for (var way : ways) {
            parts.of(way.start())
                    .ifPresent(d -> d.wayRound = TypedLine.tidy(d.wayRound + ", " + way.group()));
        }
        for (var position : positions) {
            parts.of(position.start())
                    .ifPresent(
                            d -> d.position = TypedLine.tidy(d.position + ", " + position.group()));
        }
        if (sameShaft && previous.shaft() != null) {
            parts.drafts().stream()
                    .filter(d -> d.shaft == null)
                    .forEach(d -> d.shaft = previous.shaft());
        }
    }

    /**
     * Where the part is the fastener itself both have one count.
     *
     * @param read what the line says of fasteners
     * @param named drafts that become parts, in their order
     */
    private List<Fastener> held(List<FastenerReader.Read> read, List<Draft> named) {
        var held = new ArrayList<Fastener>();
        for (var each : read) {
            var f = each.fastener();
            var own = parts.of(each.from()).filter(d -> PartReader.THREADED.contains(d.kind));
            boolean saysHandOnly = f.thread().isEmpty() && f.torque() == null && f.count() == null;
            if (saysHandOnly
                    && own.isEmpty()
                    && !line.whole().toLowerCase(Locale.ROOT).contains("thread")) {
                continue;
            }
            own.ifPresent(d -> shareCount(d, f, read));
            var count = f.count() == null ? own.map(d -> d.count).orElse(null) : f.count();
            var part = named.indexOf(own.or(() -> parts.of(each.from())).orElse(null));
            held.add(counted(f, count).of(part));
        }
        return held;
    }

    private void shareCount(Draft d, Fastener f, List<FastenerReader.Read> read) {
        var own =
                read.stream()
                        .filter(r -> parts.of(r.from()).filter(o -> o == d).isPresent())
                        .toList();
        if (f.count() != null && own.size() == 1 && (d.plural || d.count == null)) {
            d.count = f.count();
        } else if (f.count() != null && own.size() > 1 && d.plural) {
            d.count =
                    own.stream()
                            .map(r -> r.fastener().count())
                            .filter(Objects::nonNull)
                            .mapToInt(Integer::intValue)
                            .sum();
        }
    }

    private static Fastener counted(Fastener f, @Nullable Integer count) {
        return new Fastener(
                count,
                f.thread(),
                f.length(),
                f.leftHand(),
                f.torque(),
                f.source(),
                f.drive(),
                f.locking(),
                f.byFeel(),
                f.part());
    }

    private Loose fell(MatchResult m) {
        var name = Numbers.first(m, 2, 3);
        return new Loose(
                line.vocabulary().kind(name).orElse(PartKind.OTHER),
                Numbers.of(m.group(1)).orElse(null),
                "",
                name);
    }

    private static String tray(MatchResult m) {
        var label = m.group(2).toUpperCase(Locale.ROOT);
        return m.group(1).equalsIgnoreCase("tray")
                ? label
                : m.group(1).toLowerCase(Locale.ROOT) + " " + label;
    }

    private static Double mass(MatchResult m) {
        double value = decimal(m.group(1));
        return m.group(2).toLowerCase(Locale.ROOT).startsWith("l") ? value * POUND_KG : value;
    }

    private static double decimal(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
