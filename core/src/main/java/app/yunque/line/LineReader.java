package app.yunque.line;

import app.yunque.drive.DriveShafts;
import app.yunque.gear.Member;
import app.yunque.line.LineReading.Fastener;
import app.yunque.line.LineReading.Loose;
import app.yunque.line.LineReading.Part;
import app.yunque.line.LineReading.Previous;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.StripAct;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads one line. What can be told apart by itself (a tray, a thread, a torque, which way round) is taken first and blanked out; then the
 * line falls into clauses, and the first words of each are the name of a part or say something of the part before.
 */
final class LineReader {
    private static final Pattern IN_BRACKETS = words("\\(([^)]*)\\)|\\bnote:\\s+(.*)$");
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
                    "\\b(?:single use|throw (?:it |them )?away|bin (?:it|them)|scrap(?: it)?|renew(?: it| them)?|fit (?:a )?new(?: one)?|new one(?: goes)? in|replace (?:it|them))\\b");
    private static final Pattern GOES_ON =
            words(
                    "\\b((?:silicone |moly |assembly |bearing |white )?(?:grease|anti-?seize|sealant|jointing compound|gasket compound|copper paste|moly paste))\\b(?! (?:gun|nipple|seal|cup|gone|dry|black|hard))");
    private static final Pattern INSTEAD =
            words(
                    "\\b(?:instead of|in place of|replaced by|where (?:the |an? )?[^,;]{1,40} belongs?|should (?:be|have been))\\b[^,;]*");
    private static final Pattern TOOL =
            words(
                    "\\b(?:with|using|let up on)\\s+(?:an?\\s+|the\\s+|two\\s+|\\d\\s+)?((?:(?:M\\d{1,2}|long|[\\p{L}-]+)\\s){0,2}?(?:pullers?|press|mallet|hammer|drift|pliers|bars?|spanner|wrench|punch|heater|hoist|crane|screwdriver|extractor|magnet|wood block|wooden block|bolts?|screws?|slide hammer|torch|hot air|chisel|prybars?))\\b(?! (?:washers?|lock))");
    private static final Pattern TOOL_ALONE =
            words(
                    "(?:^|,\\s*)((?:brass |soft |long |two |legged |three |bearing |-)*(?:pullers?|drift|punch|pry bars?|mallet|slide hammer|press|\\d{1,2} spanner|hook spanner|hoist)(?: in a pair)?)\\s*(?=,|$)");
    private static final Pattern STUCK_TO = words("\\bstuck to (?:the |its )?([^,;]{2,60})");
    private static final Pattern HARD =
            words(
                    "\\b((?:was |were )?(?:seized|stuck(?! together)(?: on (?:its|the) [\\p{L}]+| fast| solid)?|one stuck|rust(?:ed|y) (?:on|in|solid)|would not (?:move|budge|come)|(?:he |it )?(?:goes|came|comes|went) (?:very )?hard|hard to (?:shift|move|get)[^,;]*|very tight))(?![\\p{L}])");
    private static final Pattern TOGETHER =
            words(
                    "\\b(?:as (?:a|one) (?:unit|assembly|piece)|as an assembly|in one piece|(?:off|out) together|together|all in one)\\b");
    private static final Pattern MATCH_MARK =
            words(
                    "\\bmark(?:ed|s)?\\s+([\\p{N}A-Z][\\w/.-]{0,19})\\b|(?<![\\p{L}])(no\\.?\\s?\\d{1,2})\\b");
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
    private static final Pattern END_OF_SHAFT =
            words("\\b(drive|non-drive|far)[\\s-](?:end|side)\\b");
    private static final Pattern SIDE =
            words(
                    "(?<!to the )(?<!the )(?<!to )(?<!from )(?<!out )(?<!thread )(?<!drawn )(?<!row )\\b(left|right|middle)(?:\\s+(?:end|side)\\b|(?=\\s*(?:[,;:\\u0000]|$|\\d)))");
    private static final Pattern NUMBERED_SHAFT =
            words(
                    "\\b(?:on\\s+)?shaft\\s+(\\d{1,2})\\b(?!\\s?(?:mm|thou|in\\b|[.,]\\d|[x×]|°|deg))");
    private static final Pattern HOUSING_PLACE =
            words("\\b(?:on|in|of) the (?:housing|casing)\\b(?=\\s*(?:[,;\\u0000]|$))");
    private static final Pattern SAME_SHAFT = words("\\b(?:(?:on )?the )?same shaft\\b");
    private static final Pattern PAPERS =
            words("\\b(pinion|wheel)\\s+(\\d)\\b(?!\\d|\\s?(?:mm|x|off|pcs))");
    private static final Pattern TEETH =
            words(
                    "\\bz\\s?=?\\s?(\\d{1,4})\\b|\\b(\\d{1,4})\\s?T\\b|\\b(\\d{1,4})\\s?(?:-\\s?)?(?:teeth|tooth)\\b(?!\\s+(?:\\p{L}+\\s+)?(?:gone|missing|chipped|broken|worn|bent|burred|cracked|sheared|stripped|lost|pitted|off|in two|damaged|bad))");
    private static final String NUM = "\\d{1,3}(?:[.,]\\d{1,3})?";
    private static final String FRACTION = "(?:\\d{1,2}[\\s-])?\\d{1,2}/\\d{1,2}";
    private static final Pattern SIZE_BY =
            words(
                    "(?<![\\p{L}\\p{N}])((?:"
                            + FRACTION
                            + "|"
                            + NUM
                            + ")(?:\\s?[x×*]\\s?(?:"
                            + FRACTION
                            + "|"
                            + NUM
                            + ")){1,2})(?:\\s?mm\\b)?(?![\\p{L}\\p{N}])");
    private static final Pattern DASH_SIZE =
            words("(?<![\\p{L}\\p{N}])(2-\\d{3})(?![\\p{L}\\p{N}])");
    private static final Pattern BEARING_NUMBER =
            words(
                    "(?<![\\p{L}\\p{N}/.-])((?:NUP?|NJ|NKI?|HK|NA|RNA|AXK|LM|L|RLS|RMS)?\\s?\\d{3,6}(?:[\\s-]?(?:ZZ|2Z|Z|2RS1?|RS|DDU|LLU|C3|NR|N|K|E|A|B|TN9?|M))*(?:/\\w{1,4})?)(?![\\p{L}\\p{N}/.])");
    private static final Pattern DIAMETER =
            words(
                    "(?<![\\p{L}\\p{N}.-])(?:(?:int(?:ernal)?|ext(?:ernal)?)\\s)?("
                            + FRACTION
                            + "|"
                            + NUM
                            + ")(?:\\s?(?:mm|in|\"))?(?:\\s(?:dia|diameter|int(?:ernal)?|ext(?:ernal)?|long|free(?: length)?|bore|OD|ID)\\b)*(?![\\p{L}\\p{N}])");
    private static final Pattern DIAMETER_WITH_UNIT =
            words(
                    "(?<![\\p{L}\\p{N}.-])(?:("
                            + FRACTION
                            + ")|"
                            + NUM
                            + "\\s?(?:mm|in\\b|\"))(?:\\s?(?:mm|in\\b|\"))?(?:\\s(?:dia|diameter|long|bore|OD|ID)\\b)*(?![\\p{L}\\p{N}])|(?<![\\p{L}\\p{N}.-])"
                            + NUM
                            + "(?:\\smm)?\\s(?:free(?: length)?|long)\\b");
    private static final Pattern THICKNESS =
            words(
                    "(?<![\\p{L}\\p{N}/])(?:(half|quarter) (inch)|("
                            + FRACTION
                            + "|\\d{0,3}[.,]\\d{1,4}|\\d{1,3}(?=\\s?(?:mm|thou|thk|thick|in\\b)))\\s?(mm|thou|in\\b(?! (?:place|the|a|its))|inch\\b|\")?)\\s?(?:thk\\b|thick\\b|each\\b)?(?![\\p{N}])");

    /** "0.1 + 0.2 + 0.5": a pack, and no thickness of one piece. */
    private static final Pattern SUM = words("\\d\\s*\\+\\s*[\\d.]");

    private static final Pattern LEFT_AND_RIGHT =
            words(
                    "\\bL(?:eft)?\\s?("
                            + NUM
                            + ")\\b,?\\s+(?:and\\s+)?R(?:ight)?\\s?("
                            + NUM
                            + ")\\b");

    private static final Pattern CLAUSE_END =
            words("(?<!\\d),|,(?!\\d)|;|:(?=\\s)|\\bthen\\b|\\band then\\b|\\.(?=\\s|$)");
    private static final Pattern AND = words("\\s(?:and|plus|&)\\s");
    private static final Pattern WITH = words("\\bwith\\b");
    private static final String COUNTED =
            "(?:(\\d{1,4})(?!\\s?(?:mm|in\\b|thou|\"|°|deg))|(" + Numbers.WORDS + ")\\b)";
    private static final Pattern LEADING_COUNT =
            words(
                    "^[\\s\\u0000]*(?:all\\s+|the\\s+)?"
                            + COUNTED
                            + "\\s?(?:x|×|pcs?\\.?|pieces?|off|no\\.?)?\\s+(?:of\\s+(?:the\\s+)?)?");
    private static final Pattern OF_HOW_MANY =
            words(
                    "^[\\s\\u0000]*(?:\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\s+of\\s+(?:the\\s+)?(\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\b");
    private static final Pattern COUNT_AFTER =
            words(
                    "(?<![\\p{L}\\p{N}])(?:[x×]\\s?(\\d{1,4})(?![\\p{N}/.-])|(\\d{1,4})(?:[x×](?=\\s)|\\s?(?:off|pcs|pieces|of (?:them|these|it))\\b)|qty\\.?\\s?(\\d{1,4})\\b|all (\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\b|("
                            + Numbers.WORDS
                            + ")\\s(?:off|of them)\\b)");
    private static final Pattern WORD_OFF = words("\\b(\\d{1,3}|" + Numbers.WORDS + ")\\soff\\b");
    private static final Pattern ONLY_COUNT =
            words(
                    "^[\\s\\u0000]*(?:(\\d{1,3})|("
                            + Numbers.WORDS
                            + "))(?:\\s(?:halves|pieces|parts|segments|rings|in all|total|off))?[\\s\\u0000]*$");
    private static final Pattern BOTH_AFTER = words("^[\\s\\u0000]+both\\b");
    private static final Pattern NUMBER_AFTER =
            words("^[\\s\\u0000]+(\\d{1,4}|" + Numbers.WORDS + ")[\\s\\u0000]*$");
    private static final Pattern AT_BOTH_ENDS =
            words("\\b(?:top and bottom|both ends|both sides|left and right|front and rear)\\b");

    /** A word that ends the name of a part. */
    private static final Pattern STOP =
            words(
                    "(?<![\\p{L}-])(?:of|on|in|at|to|from|under|beneath|behind|above|below|between|with|without|for|by|over|off|out|is|was|were|are|be|been|has|had|and|or|no|not|when|until|before|after|where|which|that|stays?|came|goes|went|lifted|pulled|driven|drawn|put|only|still|back|through|next|against|per|as|let|don['’]t|do|keep|watch|mind|see|use|hold|needs?)(?![\\p{L}-])");

    /** What is told of a part and names none: "lever left on", "bull gear came with it". */
    private static final Pattern STATEMENT =
            words(
                    "^[\\s\\u0000]*(?:came (?:with|off with|out with)|brings|slides|drops?|falls?|runs?|turns|sits|sat in|goes|moves|comes|shows|needs|must|has to|is|are|was still|still|bears|fits|to follow|later|next time|not (?:yet )?(?:off|out|known|found)|done|ok by)\\b");

    private static final Pattern CAME_WITH =
            words("\\b(?:came with it|still on it|on it|in it|stays? (?:in|on) it|with it)\\b");
    private static final Pattern PLACE_ONLY =
            words(
                    "^[\\s\\u0000]*(?:the\\s+)?(?:upper|lower|top|bottom|inner|outer|front|rear|left|right|other|same|that)\\s+[\\p{L}-]+[\\s\\u0000]*$");
    private static final Pattern OF_A_BEARING = words("\\b(?:race|cage|cup|cone)s?$");
    private static final String UNKNOWN =
            "^[\\s\\u0000]*(?:the\\s+)?((?!oil|water|grease|power|current|lights?|gas|steam|air|hands?)\\p{L}[\\p{L}-]+(?:\\s\\p{L}[\\p{L}-]+)?)";
    private static final Pattern UNKNOWN_OFF =
            words(UNKNOWN + "\\s+(?:off|out|taken off|taken out|removed|lifted (?:off|out))\\b");
    private static final Pattern UNKNOWN_ALONE =
            words(
                    "^[\\s\\u0000]*(?:the\\s+)?((?:\\p{L}[\\p{L}'-]+ ?){1,3})(?=[\\s\\u0000]*$|[\\s\\u0000]*[,;]|\\s+(?:left|right|middle)\\b)");
    private static final Pattern UNKNOWN_HELD = words(UNKNOWN + "\\s*(?=\\u0000)");
    private static final Pattern PREDICATE =
            words(
                    "^[\\s\\u0000]+(?:all )?(?:tight|free|stiff|dry|oily|clean|dirty|counted|ok|okay|good|fine|sound|there|present|intact|worn|loose)\\b");
    private static final Pattern VERB =
            words(
                    "(?:ed|ing|left|right|middle|both|all|shut|cut|set|stuck|split|spun|hung|fell|fits|sits)\\s*$");
    private static final Pattern SPLIT_CASE = words("^[\\s\\u0000]*split\\b");

    private static final Set<PartKind> FASTENERS = EnumSet.of(PartKind.SCREW, PartKind.NUT);
    private static final Set<PartKind> THREADED =
            EnumSet.of(PartKind.SCREW, PartKind.NUT, PartKind.PLUG);
    private static final Set<PartKind> FLAT =
            EnumSet.of(PartKind.SHIM, PartKind.GASKET, PartKind.SPACER, PartKind.WASHER);
    private static final Set<PartKind> SIZED_BY =
            EnumSet.of(
                    PartKind.KEY,
                    PartKind.PIN,
                    PartKind.COTTER_PIN,
                    PartKind.BUSH,
                    PartKind.SEAL,
                    PartKind.O_RING);
    private static final Set<PartKind> FALLING = EnumSet.of(PartKind.BALL, PartKind.ROLLER);

    private final TypedLine line;
    private final List<String> shafts;
    private final Optional<DriveShafts> drive;
    private final Previous previous;
    private final FindingReader findings;
    private final List<String> problems = new ArrayList<>();
    private final List<Draft> drafts = new ArrayList<>();

    /** What the words before a colon name: "front wheel: cap, washers, wheel". */
    private @Nullable Head leadHead;

    LineReader(String typed, List<String> shafts, Optional<DriveShafts> drive, Previous previous) {
        this.line = new TypedLine(typed.replace('\u0000', ' ').strip());
        this.shafts = shafts;
        this.drive = drive;
        this.previous = previous;
        this.findings = new FindingReader(line);
    }

    /** A part while more is said of it. */
    private static final class Draft {
        String name = "";
        PartKind kind = PartKind.OTHER;
        boolean plural;
        @Nullable Integer count;
        @Nullable Integer shaft;
        @Nullable Side side;
        @Nullable GearPlace gear;
        String position = "";
        String wayRound = "";
        String size = "";
        @Nullable Integer teeth;
        LineReading.@Nullable Amount thickness;
        final List<LineReading.Finding> found = new ArrayList<>();
        String with = "";
        int at;
        int clause;
        int group;

        void add(List<LineReading.Finding> more) {
            more.stream()
                    .filter(
                            f ->
                                    found.stream()
                                            .noneMatch(
                                                    g ->
                                                            g.what() == f.what()
                                                                    && g.not() == f.not()))
                    .forEach(found::add);
        }

        Part part(boolean renew) {
            return new Part(
                    name, kind, count, shaft, side, gear, position, wayRound, size, teeth,
                    thickness, found, renew, with);
        }
    }

    private record Clause(int from, int to, int group, boolean isLead) {}

    private record Head(int from, int to, String name, PartKind kind, int nameFrom) {}

    LineReading read() {
        var note =
                new StringBuilder(
                        line.take(IN_BRACKETS, "note").map(m -> first(m, 1, 2)).orElse(""));
        var whole = line.whole();
        var tray = line.take(TRAY, "tray").map(LineReader::tray).orElse("");
        var minutes = line.take(MINUTES, "minutes").map(m -> decimal(m.group(1))).orElse(null);
        var mass = line.take(MASS, "mass").map(LineReader::mass).orElse(null);
        var people = line.take(PEOPLE, "people").flatMap(m -> Numbers.of(m.group(1))).orElse(null);
        var tool = line.take(TOOL, "tool").map(m -> m.group(1).strip()).orElse("");
        var ways = new ArrayList<MatchResult>();
        for (var m = line.take(WAY_ROUND, "which way round");
                m.isPresent();
                m = line.take(WAY_ROUND, "which way round")) {
            ways.add(m.get());
        }
        var places = new ArrayList<MatchResult>();
        for (var m = line.take(PLACE, "where"); m.isPresent(); m = line.take(PLACE, "where")) {
            places.add(m.get());
        }
        var instead =
                line.take(INSTEAD, "what belongs there").map(m -> m.group().strip()).orElse("");
        var fastenerReader = new FastenerReader(line);
        var fasteners = new ArrayList<>(fastenerReader.read());
        problems.addAll(fastenerReader.problems());
        if (tool.isEmpty()) {
            tool = line.take(TOOL_ALONE, "tool").map(m -> m.group(1).strip()).orElse("");
        }
        var stuckTo = line.take(STUCK_TO, "stuck to").map(m -> m.group(1).strip()).orElse("");
        var hard = line.take(HARD, "why it was hard").map(m -> m.group(1).strip()).orElse("");
        boolean renew = line.take(RENEW, "a new one goes in").isPresent();
        var goesOn = line.take(GOES_ON, "goes on it").map(m -> m.group(1)).orElse("");
        var mark = line.take(MATCH_MARK, "match mark").map(m -> first(m, 1, 2)).orElse("");
        boolean sameShaft = line.take(SAME_SHAFT, "same shaft").isPresent();
        boolean together = line.find(TOGETHER).isPresent();

        var clauses = clauses();
        var firstClause =
                clauses.isEmpty() ? "" : whole.substring(clauses.get(0).from, clauses.get(0).to);
        boolean namesAPart = clauses.stream().anyMatch(c -> head(c, true).isPresent());
        boolean isHeld = fasteners.stream().anyMatch(f -> !f.fastener().thread().isEmpty());
        var told = ActReader.of(whole, firstClause, namesAPart, isHeld);
        var act = told.orElse(null);
        if (act == null
                || act == StripAct.TAKE_OFF
                || act == StripAct.LEFT_IN
                || act == StripAct.MISSING) {
            parts(clauses, act, fasteners);
        }
        for (var way : ways) {
            of(way.start())
                    .ifPresent(d -> d.wayRound = TypedLine.tidy(d.wayRound + ", " + way.group()));
        }
        for (var place : places) {
            of(place.start())
                    .ifPresent(d -> d.position = TypedLine.tidy(d.position + ", " + place.group()));
        }
        if (sameShaft && previous.shaft() != null) {
            drafts.forEach(d -> d.shaft = d.shaft == null ? previous.shaft() : d.shaft);
        }
        if (act == null && !drafts.isEmpty()) {
            act = StripAct.TAKE_OFF;
        }
        boolean takesOff = act == StripAct.TAKE_OFF;
        var falls =
                drafts.stream()
                        .filter(d -> takesOff && FALLING.contains(d.kind))
                        .filter(d -> d.found.isEmpty() && d.shaft == null)
                        .toList();
        var kept = drafts.stream().filter(d -> !falls.contains(d)).toList();
        var held = held(fasteners, kept);
        var loose = falls.stream().map(d -> new Loose(d.kind, d.count, d.size, d.name)).toList();
        var named = kept.stream().map(d -> d.part(renew)).toList();
        var rest = TypedLine.tidy(line.left());
        if (!instead.isEmpty()) {
            note.append(note.isEmpty() ? "" : "; ").append(instead);
        }
        if (!rest.isEmpty()) {
            note.append(note.isEmpty() ? "" : "; ").append(rest);
        }
        return new LineReading(
                act,
                named,
                loose,
                act == null || takesOff || act == StripAct.LEFT_IN ? held : List.of(),
                tray,
                goesOn,
                tool,
                minutes,
                people,
                mass,
                hard,
                stuckTo,
                together ? firstClause.strip() : "",
                mark,
                note.toString(),
                line.pieces(),
                problems);
    }

    // --- clauses and the parts they name

    private List<Clause> clauses() {
        var clauses = new ArrayList<Clause>();
        int from = 0;
        int group = 0;
        for (int at = 0; at <= line.length(); ) {
            var end = line.find(CLAUSE_END, at, line.length());
            int to = end.map(MatchResult::start).orElse(line.length());
            boolean isLead = end.filter(m -> m.group().startsWith(":")).isPresent();
            group = ands(clauses, from, to, group, isLead);
            if (end.isEmpty()) {
                break;
            }
            from = end.get().end();
            at = from;
        }
        return clauses;
    }

    /** "Gear and its key" are two parts, "dry and blued" is one thing said of a part. */
    private int ands(List<Clause> clauses, int from, int to, int group, boolean isLead) {
        int start = from;
        int at = from;
        while (true) {
            var and = line.find(AND, at, to);
            if (and.isEmpty()) {
                break;
            }
            var m = and.get();
            var after = new Clause(m.end(), to, group, false);
            boolean splits =
                    head(after, false).isPresent()
                            && line.find(WITH, start, m.start()).isEmpty()
                            && head(new Clause(start, m.start(), group, false), false).isPresent();
            if (splits) {
                clauses.add(new Clause(start, m.start(), group, isLead));
                start = m.end();
            }
            at = m.end();
        }
        if (start < to && !line.left(start, to).isBlank()) {
            clauses.add(new Clause(start, to, group, isLead));
        }
        return group + 1;
    }

    /** The name a clause begins with; of names that stand together the last is the thing itself. */
    private Optional<Head> head(Clause clause, boolean afterNo) {
        var found = line.find(Vocabulary.PART, clause.from, clause.to);
        if (found.isEmpty()) {
            return Optional.empty();
        }
        var m = found.get();
        var before = line.left(clause.from, m.start());
        var plain = before.replace(TypedLine.GONE, ' ');
        if (afterNo) {
            plain = plain.replaceFirst("(?i)^\\s*(?:there (?:is|was) )?no\\s", " ");
        }
        var counted = LEADING_COUNT.matcher(plain);
        var words = counted.find() ? plain.substring(counted.end()) : plain;
        if (STOP.matcher(words).find()
                || Vocabulary.FEATURE.matcher(words).find()
                || words.strip().split("\\s+").length > 4) {
            return Optional.empty();
        }
        int end = m.end();
        int start = m.start();
        while (true) {
            var next = line.find(Vocabulary.PART, end, clause.to);
            if (next.isEmpty()
                    || !joins(line.left(end, next.get().start()))
                    || isWhereItSits(end, next.get())) {
                break;
            }
            start = next.get().start();
            end = next.get().end();
        }
        var name = line.left(start, end);
        var kind = Vocabulary.kind(name).orElse(PartKind.OTHER);
        int nameFrom = clause.from + before.length() - words.stripLeading().length();
        return Optional.of(new Head(start, end, name, kind, Math.min(nameFrom, m.start())));
    }

    /** Nothing, or one word that is nobody's, stands between the words of one name: "pinion depth shim". */
    private static boolean joins(String between) {
        return between.matches(" *")
                || between.matches(" +\\p{L}[\\p{L}-]* +")
                        && !STOP.matcher(between).find()
                        && !Vocabulary.FEATURE.matcher(between).find()
                        && Vocabulary.FOUND.keySet().stream()
                                .noneMatch(f -> f.matcher(between).find())
                        && !VERB.matcher(between).find();
    }

    /** "Woodruff key motor shaft", "tab washer shaft 2": the shaft says where and is no part of the name. */
    private boolean isWhereItSits(int from, MatchResult next) {
        var text = line.left();
        boolean isNumbered =
                line.find(NUMBERED_SHAFT, next.start(), Math.min(next.end() + 4, line.length()))
                        .filter(m -> m.start() == next.start())
                        .isPresent();
        return isNumbered
                || shafts.stream()
                        .anyMatch(
                                s -> {
                                    int at = indexOf(text, s, from);
                                    return at >= from && at <= next.start();
                                });
    }

    private static int indexOf(String text, String words, int from) {
        return text.toLowerCase(Locale.ROOT).indexOf(words.toLowerCase(Locale.ROOT), from);
    }

    private void parts(
            List<Clause> clauses, @Nullable StripAct act, List<FastenerReader.Read> fasteners) {
        var lead = clauses.stream().filter(Clause::isLead).findFirst();
        for (int c = 0; c < clauses.size(); c++) {
            var clause = clauses.get(c);
            if (clause.isLead && isLeadOfAList(clauses, c)) {
                head(clause, false).ifPresent(h -> leadHead = h);
                continue;
            }
            var head = head(clause, act == StripAct.MISSING);
            boolean isMore = act != null && !drafts.isEmpty();
            if (head.isPresent() && !isMore && names(clause, head.get(), c, act, fasteners)) {
                begin(clause, head.get(), c, fasteners);
            }
            if (drafts.isEmpty() && c == 0 && act == null && head.isEmpty()) {
                unknown(clause, fasteners).ifPresent(drafts::add);
            }
            if (!drafts.isEmpty()) {
                describe(clause, head, c);
            }
        }
        lead.ifPresent(
                l -> shaftIn(l.from, l.to, null).ifPresent(s -> drafts.forEach(d -> d.shaft = s)));
        shareShafts(clauses);
        if (act != StripAct.MISSING) {
            drafts.forEach(this::settleCount);
        }
        if (act == StripAct.LEFT_IN) {
            drafts.removeIf(d -> d.kind == PartKind.OTHER);
        }
    }

    /** "Chuck off, 3 nuts": a thing the table has no word for came off, or was held by something. */
    private Optional<Draft> unknown(Clause clause, List<FastenerReader.Read> fasteners) {
        var off = line.find(UNKNOWN_OFF, clause.from, clause.to);
        var held =
                line.find(UNKNOWN_HELD, clause.from, clause.to)
                        .filter(
                                m ->
                                        fasteners.stream()
                                                .anyMatch(
                                                        f ->
                                                                f.from() >= m.end(1)
                                                                        && f.from() < clause.to));
        var alone =
                line.find(UNKNOWN_ALONE, clause.from, clause.to)
                        .filter(m -> !STOP.matcher(m.group(1)).find() && !saysFound(clause))
                        .filter(m -> !Vocabulary.FEATURE.matcher(m.group(1)).find());
        return off.or(() -> held)
                .or(() -> alone)
                .map(
                        m -> {
                            var d = new Draft();
                            d.name = m.group(1).strip();
                            d.at = clause.from;
                            d.group = clause.group;
                            d.plural = d.name.endsWith("s");
                            line.take(m.start(1), m.end(1), "");
                            return d;
                        });
    }

    /** What stands before a colon only says where, if names follow. */
    private boolean isLeadOfAList(List<Clause> clauses, int c) {
        return c + 1 < clauses.size() && head(clauses.get(c + 1), false).isPresent();
    }

    private boolean names(
            Clause clause,
            Head head,
            int c,
            @Nullable StripAct act,
            List<FastenerReader.Read> fasteners) {
        var after = line.left(head.to, clause.to);
        if (c == 0
                && act == null
                && Vocabulary.FEATURE.matcher(after).region(0, Math.min(after.length(), 24)).find()
                && after.strip().length() > 0
                && isFeatureNext(after)
                && !saysFound(clause)) {
            return false;
        }
        if (isAboutThePartBefore(clause, head)) {
            return false;
        }
        if (c > 0 && (STATEMENT.matcher(after).find() || ActReader.stays(after, 0))) {
            drafts.stream()
                    .reduce((first, second) -> second)
                    .filter(d -> CAME_WITH.matcher(after).find())
                    .ifPresent(d -> d.with = head.name.strip());
            return false;
        }
        if (c > 0
                && Vocabulary.isPlural(head.name.strip())
                && line.left(clause.from, head.from).replaceAll("[\\p{L}\\s\\u0000]", "").isEmpty()
                && PREDICATE.matcher(after).find()
                && !Numbers.starts(line.left(clause.from, clause.to))) {
            return false;
        }
        if (c > 0 && isPlaceOnly(clause, head)) {
            return false;
        }
        return !isHeldBy(clause, head, fasteners);
    }

    /** "Detent holes worn", "needles dry and blued": a finding on the part before. */
    private boolean isAboutThePartBefore(Clause clause, Head head) {
        if (drafts.isEmpty()) {
            return false;
        }
        boolean isUncounted =
                line.left(clause.from, head.from).replace(TypedLine.GONE, ' ').isBlank();
        return isFeatureNext(line.left(head.to, clause.to))
                || isPartOfTheBearingBefore(clause, head)
                || FALLING.contains(head.kind)
                        && Vocabulary.isPlural(head.name.strip())
                        && isUncounted
                        && saysFound(clause);
    }

    /** "Outer race turned in its seat": of the bearing that was named, where something is told of it. */
    private boolean isPartOfTheBearingBefore(Clause clause, Head head) {
        return drafts.get(drafts.size() - 1).kind == PartKind.BEARING
                && OF_A_BEARING.matcher(head.name).find()
                && !TypedLine.tidy(line.left(head.to, clause.to)).isEmpty();
    }

    private static boolean isFeatureNext(String after) {
        var m = Vocabulary.FEATURE.matcher(after);
        return m.find()
                && after.substring(0, m.start()).isBlank()
                && after.charAt(0) != TypedLine.GONE;
    }

    private boolean saysFound(Clause clause) {
        var text = line.left(clause.from, clause.to);
        return Vocabulary.FOUND.keySet().stream().anyMatch(p -> p.matcher(text).find());
    }

    /** "Upper shaft", "right output shaft", "upper race" after balls: they say where. */
    private boolean isPlaceOnly(Clause clause, Head head) {
        if (drafts.isEmpty()) {
            return false;
        }
        var text = line.left(clause.from, clause.to);
        var last = drafts.get(drafts.size() - 1);
        if (head.kind == PartKind.SHAFT) {
            var name = TypedLine.tidy(text);
            return shafts.stream().anyMatch(s -> name.equalsIgnoreCase(s))
                    || PLACE_ONLY.matcher(text).find();
        }
        return FALLING.contains(last.kind) && PLACE_ONLY.matcher(text).find();
    }

    /** Screws and nuts that are counted after another part held that part; one by itself may be a part of its own. */
    private boolean isHeldBy(Clause clause, Head head, List<FastenerReader.Read> fasteners) {
        if (!FASTENERS.contains(head.kind) || drafts.isEmpty()) {
            return false;
        }
        if (Vocabulary.isPlural(head.name.strip())
                && line.left(clause.from, head.from).isBlank()
                && fasteners.stream()
                        .noneMatch(f -> f.from() >= clause.from && f.from() < clause.to)) {
            return true;
        }
        if (drafts.stream().allMatch(d -> FASTENERS.contains(d.kind))) {
            return false;
        }
        var own =
                fasteners.stream()
                        .filter(f -> f.from() >= clause.from && f.from() < clause.to)
                        .findFirst();
        boolean plural = Vocabulary.isPlural(head.name.strip());
        if (own.isPresent() && !own.get().fastener().thread().isEmpty()) {
            return plural || own.get().from() < head.from;
        }
        var counted =
                LEADING_COUNT.matcher(
                        line.left(clause.from, head.from).replace(TypedLine.GONE, ' '));
        if (counted.find() && (plural || !first(counted.toMatchResult(), 1, 2).equals("1"))) {
            var count = Numbers.of(first(counted.toMatchResult(), 1, 2)).orElse(null);
            fasteners.add(
                    new FastenerReader.Read(
                            new Fastener(count, "", null, null, null, "", "", null, -1),
                            clause.from,
                            clause.to,
                            head.name));
            line.take(
                    clause.from,
                    head.to,
                    "held by " + TypedLine.tidy(line.left(clause.from, head.to)));
            return true;
        }
        return plural;
    }

    private void begin(Clause clause, Head head, int c, List<FastenerReader.Read> fasteners) {
        var d = new Draft();
        d.at = clause.from;
        d.clause = c;
        d.group = clause.group;
        var lead = leadHead;
        d.kind =
                lead != null
                                && lead.name
                                        .toLowerCase(Locale.ROOT)
                                        .endsWith(" " + head.name.strip().toLowerCase(Locale.ROOT))
                        ? lead.kind
                        : head.kind;
        d.plural = Vocabulary.isPlural(head.name.strip());
        var before = line.left(clause.from, head.from);
        var some = OF_HOW_MANY.matcher(before);
        var counted = LEADING_COUNT.matcher(before);
        if (some.find()) {
            d.count = Numbers.of(some.group(1)).orElse(null);
        } else if (counted.find()) {
            var text = first(counted.toMatchResult(), 1, 2);
            d.count = Numbers.of(text).orElse(null);
            line.take(
                    clause.from + counted.start(counted.group(1) != null ? 1 : 2),
                    clause.from + counted.end(),
                    "pieces");
        }
        d.name =
                TypedLine.tidy(line.left(Math.max(head.nameFrom, clause.from), head.to))
                        .replaceFirst("(?i)^(?:the|an?|its|their|both|all|then|and)\\s+", "");
        if (d.count == null && THREADED.contains(d.kind)) {
            fasteners.stream()
                    .filter(f -> f.from() >= clause.from && f.from() < clause.to)
                    .map(f -> f.fastener().count())
                    .filter(Objects::nonNull)
                    .findFirst()
                    .ifPresent(n -> d.count = n);
        }
        takeBearingNumber(d, clause, head);
        if (d.count == null && d.plural) {
            line.take(WORD_OFF, "pieces", head.to, clause.to)
                    .flatMap(m -> Numbers.of(m.group(1)))
                    .ifPresent(n -> d.count = n);
        }
        var itself = shaftIn(clause.from, clause.to, head);
        itself.ifPresent(s -> d.shaft = s);
        var papers = line.find(PAPERS, clause.from, clause.to);
        if (papers.isPresent() && d.kind == PartKind.GEAR) {
            var gear = LineReading.gear(papers.get().group(1), papers.get().group(2));
            line.take(papers.get().start(2), papers.get().end(2), "gear of the papers");
            d.gear = gear;
            d.name = papers.get().group();
            d.shaft = shaftOf(gear);
            d.side = Side.MIDDLE;
        }
        singularOfThread(clause, head, d, fasteners);
        line.take(Math.min(head.nameFrom, head.from), head.to, "");
        if (d.kind == PartKind.HOUSING
                && SPLIT_CASE.matcher(line.left(head.to, clause.to)).find()) {
            d.plural = true;
        }
        drafts.add(d);
    }

    /** "Gasket flange 1-1/4-12 ring nut": the nut after its thread is the part, what stands before says which. */
    private void singularOfThread(
            Clause clause, Head head, Draft d, List<FastenerReader.Read> fasteners) {
        if (THREADED.contains(head.kind)) {
            return;
        }
        fasteners.stream()
                .filter(
                        f ->
                                f.from() >= head.to
                                        && f.to() <= clause.to
                                        && f.fastener().count() == null)
                .findFirst()
                .flatMap(f -> line.find(Vocabulary.PART, f.to(), clause.to))
                .filter(m -> line.left(head.to, m.start()).replace(TypedLine.GONE, ' ').isBlank())
                .filter(m -> !Vocabulary.isPlural(m.group()))
                .filter(m -> Vocabulary.kind(m.group()).filter(FASTENERS::contains).isPresent())
                .ifPresent(
                        m -> {
                            d.kind = Vocabulary.kind(m.group()).orElseThrow();
                            d.name = m.group();
                            line.take(m.start(), m.end(), "");
                        });
    }

    private Integer shaftOf(GearPlace gear) {
        boolean isDriven = gear.member() == Member.WHEEL;
        return drive.filter(d -> gear.stage() <= d.driver().size())
                .map(d -> d.of(gear.stage(), isDriven))
                .orElseGet(() -> isDriven ? gear.stage() + 1 : gear.stage());
    }

    private Optional<Draft> of(int place) {
        return drafts.stream()
                .filter(d -> d.at <= place)
                .reduce((first, second) -> second)
                .or(() -> drafts.stream().findFirst());
    }

    // --- what a clause says of a part

    private void describe(Clause clause, Optional<Head> head, int c) {
        var last = drafts.get(drafts.size() - 1);
        boolean own = last.clause == c;
        boolean foreign = !own && head.filter(h -> !isAboutThePartBefore(clause, h)).isPresent();
        if (foreign) {
            clauseShaft(clause);
            return;
        }
        var target = own ? last : described(clause);
        int from = clause.from;
        int to = clause.to;
        if (leftAndRight(clause, target) || severalSizes(clause, target)) {
            return;
        }
        sizeBy(target, from, to);
        count(clause, target, own);
        line.take(TEETH, "teeth", from, to)
                .ifPresent(m -> target.teeth = Integer.valueOf(first(m, 1, 2, 3)));
        size(target, from, to);
        thickness(target, from, to);
        if (AT_BOTH_ENDS.matcher(line.left(from, to)).find()
                && target.plural
                && target.count == null) {
            target.count = 2;
        }
        var found = findings.read(from, to, target.kind, target.count);
        boolean ofAll =
                !own && line.whole().substring(from, to).matches("(?i).*\\b(?:both|all)\\b.*");
        (ofAll ? drafts : List.of(target)).forEach(d -> d.add(found));
        if (!own) {
            clausePlace(clause);
        } else if (target.gear == null && target.side == null) {
            side(from, to).ifPresent(s -> target.side = s);
        }
    }

    /** What a clause without a name of its own speaks of: the part that was named last, a screw that held another one left out. */
    private Draft described(Clause clause) {
        var last = drafts.get(drafts.size() - 1);
        boolean isHeld =
                FASTENERS.contains(last.kind)
                        && drafts.size() > 1
                        && !FASTENERS.contains(drafts.get(0).kind)
                        && Vocabulary.FEATURE.matcher(line.left(clause.from, clause.to)).find();
        return isHeld ? drafts.get(0) : last;
    }

    /** "Output right": where all that was named before sits, as far as nothing else was said of it. */
    private void clausePlace(Clause clause) {
        boolean hasShaft = clauseShaft(clause);
        var last = drafts.get(drafts.size() - 1);
        side(clause.from, clause.to)
                .ifPresent(
                        s ->
                                (hasShaft ? drafts : List.of(last))
                                        .stream()
                                                .filter(d -> d.side == null && d.gear == null)
                                                .forEach(d -> d.side = s));
    }

    /** True where the clause names a shaft. */
    private boolean clauseShaft(Clause clause) {
        var shaft = shaftIn(clause.from, clause.to, null);
        shaft.ifPresent(
                s -> drafts.stream().filter(d -> d.shaft == null).forEach(d -> d.shaft = s));
        return shaft.isPresent();
    }

    /** Parts that are joined by "and" stand on one shaft where only the last of them says which. */
    private void shareShafts(List<Clause> clauses) {
        for (int i = drafts.size() - 1; i > 0; i--) {
            var later = drafts.get(i);
            var before = drafts.get(i - 1);
            if (later.group == before.group
                    && before.shaft == null
                    && later.shaft != null
                    && !isItself(later)) {
                before.shaft = later.shaft;
            }
        }
    }

    private boolean isItself(Draft d) {
        return d.kind == PartKind.SHAFT;
    }

    private void settleCount(Draft d) {
        if (d.count == null && !d.plural) {
            d.count = 1;
        }
    }

    private void count(Clause clause, Draft d, boolean own) {
        if (d.count != null && !own) {
            return;
        }
        var text = line.left(clause.from, clause.to);
        var only = ONLY_COUNT.matcher(text);
        if (!own && only.find()) {
            d.count = Numbers.of(first(only.toMatchResult(), 1, 2)).orElse(null);
            line.take(clause.from, clause.to, "pieces");
            return;
        }
        if (d.count != null) {
            return;
        }
        var after = line.find(COUNT_AFTER, clause.from, clause.to);
        if (after.isPresent()) {
            d.count = Numbers.of(first(after.get(), 1, 2, 3, 4, 5)).orElse(null);
            line.take(after.get().start(), after.get().end(), "pieces");
            return;
        }
        if (own && d.plural) {
            int end = clause.to;
            int start =
                    text.length() - text.replaceFirst("^[\\s\\u0000]*", "").length() + clause.from;
            var tail = line.left(start, end);
            var both = BOTH_AFTER.matcher(line.left(lastGone(clause), clause.to));
            var number = NUMBER_AFTER.matcher(line.left(lastGone(clause), clause.to));
            if (both.find()) {
                d.count = 2;
            } else if (number.find() && !isSizedByANumber(d) && !tail.isBlank()) {
                d.count = Numbers.of(number.group(1)).orElse(null);
                int at = lastGone(clause) + number.start(1);
                line.take(at, at + number.group(1).length(), "pieces");
            }
        }
    }

    private static boolean isSizedByANumber(Draft d) {
        return d.kind == PartKind.CIRCLIP || d.kind == PartKind.BEARING;
    }

    /** Where the name of the part ends. */
    private int lastGone(Clause clause) {
        var text = line.left(clause.from, clause.to);
        int at = text.indexOf(TypedLine.GONE);
        while (at >= 0 && at < text.length() && text.charAt(at) == TypedLine.GONE) {
            at++;
        }
        return clause.from + Math.max(0, at);
    }

    private boolean leftAndRight(Clause clause, Draft d) {
        var both = line.take(LEFT_AND_RIGHT, "left and right", clause.from, line.length());
        if (both.isEmpty()) {
            return false;
        }
        var m = both.get();
        var right = new Draft();
        right.name = d.name;
        right.kind = d.kind;
        right.plural = true;
        right.at = d.at;
        right.clause = d.clause;
        right.group = d.group;
        right.side = Side.RIGHT;
        right.thickness = new LineReading.Amount(m.group(2), "mm");
        d.side = Side.LEFT;
        d.plural = true;
        d.thickness = new LineReading.Amount(m.group(1), "mm");
        drafts.add(right);
        return true;
    }

    /** "O-rings 20x2, 16x2": one part for each size. */
    private boolean severalSizes(Clause clause, Draft d) {
        if (d.kind != PartKind.O_RING || d.count != null) {
            return false;
        }
        var sizes = new ArrayList<String>();
        int to = line.length();
        for (var m = sizeOfRing(clause.from, to); m.isPresent(); m = sizeOfRing(clause.from, to)) {
            sizes.add(m.get().group(1));
        }
        if (sizes.isEmpty()) {
            return false;
        }
        d.size = sizes.get(0);
        if (sizes.size() == 1) {
            return false;
        }
        d.count = 1;
        for (int i = 1; i < sizes.size(); i++) {
            var more = new Draft();
            more.name = d.name;
            more.kind = d.kind;
            more.count = 1;
            more.at = d.at;
            more.clause = d.clause;
            more.group = d.group;
            more.size = sizes.get(i);
            more.shaft = d.shaft;
            drafts.add(more);
        }
        return false;
    }

    private Optional<MatchResult> sizeOfRing(int from, int to) {
        return line.take(DASH_SIZE, "size", from, to)
                .or(() -> line.take(SIZE_BY, "size", from, to));
    }

    private void takeBearingNumber(Draft d, Clause clause, Head head) {
        if (d.kind == PartKind.BEARING) {
            line.take(BEARING_NUMBER, "size", head.to, clause.to)
                    .ifPresent(m -> d.size = m.group(1).strip());
        }
    }

    /** "5x5x25", "1/4 x 1-3/4": taken before a count is looked for. */
    private void sizeBy(Draft d, int from, int to) {
        if (d.size.isEmpty() && SIZED_BY.contains(d.kind)) {
            line.take(SIZE_BY, "size", from, to).ifPresent(m -> d.size = TypedLine.tidy(m.group()));
        }
    }

    private void size(Draft d, int from, int to) {
        if (!d.size.isEmpty()) {
            return;
        }
        var size =
                switch (d.kind) {
                    case KEY, PIN, COTTER_PIN, BUSH, SEAL ->
                            line.take(DIAMETER_WITH_UNIT, "size", from, to);
                    case CIRCLIP -> line.take(DIAMETER, "size", from, to);
                    case BALL, ROLLER, SPRING -> line.take(DIAMETER_WITH_UNIT, "size", from, to);
                    case BEARING -> line.take(BEARING_NUMBER, "size", from, to);
                    default -> Optional.<MatchResult>empty();
                };
        size.ifPresent(m -> d.size = TypedLine.tidy(m.group()));
    }

    private void thickness(Draft d, int from, int to) {
        if (SUM.matcher(line.left(from, to)).find()) {
            return;
        }
        if (!FLAT.contains(d.kind) || d.thickness != null) {
            return;
        }
        line.take(THICKNESS, "thickness", from, to).ifPresent(m -> d.thickness = thickness(m));
    }

    private static LineReading.Amount thickness(MatchResult m) {
        if (m.group(1) != null) {
            return new LineReading.Amount(
                    m.group(1).equalsIgnoreCase("half") ? "0.5" : "0.25", "in");
        }
        var unit = m.group(4) == null ? "" : m.group(4).toLowerCase(Locale.ROOT);
        if (unit.equals("thou")) {
            return new LineReading.Amount(m.group(3), "thou");
        }
        return m.group(3).contains("/") || unit.startsWith("in") || unit.equals("\"")
                ? LineReading.Amount.inches(m.group(3))
                : new LineReading.Amount(LineReading.Amount.decimal(m.group(3)), "mm");
    }

    private Optional<Side> side(int from, int to) {
        var end =
                line.take(END_OF_SHAFT, "end of the shaft", from, to)
                        .or(() -> line.take(SIDE, "end of the shaft", from, to));
        return end.map(
                m ->
                        switch (m.group(1).toLowerCase(Locale.ROOT)) {
                            case "left", "drive" -> Side.LEFT;
                            case "middle" -> Side.MIDDLE;
                            default -> Side.RIGHT;
                        });
    }

    // --- shafts

    /** The shaft a stretch names: as the part itself, as where it sits, or by the word before a name. */
    private Optional<Integer> shaftIn(int from, int to, @Nullable Head head) {
        var numbered = line.find(NUMBERED_SHAFT, from, to);
        if (numbered.isPresent()) {
            var m = numbered.get();
            int shaft = Integer.parseInt(m.group(1));
            if (shaft < 1 || shaft > shafts.size()) {
                problems.add(
                        "There is no shaft %d: this unit has %d, the input is 1."
                                .formatted(shaft, shafts.size()));
                line.take(m.start(), m.end(), "");
                return Optional.empty();
            }
            line.take(m.start(), m.end(), "on the " + shafts.get(shaft - 1));
            return Optional.of(shaft);
        }
        for (int s : byLength()) {
            var found = named(shafts.get(s), from, to, head);
            if (found.isPresent()) {
                var m = found.get();
                boolean isName = head != null && m.start() < head.to && m.end() > head.nameFrom;
                line.note(m.start(), m.end(), "on the " + shafts.get(s));
                if (!isName) {
                    line.take(m.start(), m.end(), "");
                }
                return Optional.of(s + 1);
            }
        }
        return line.take(HOUSING_PLACE, "on the housing", from, to).map(m -> 0);
    }

    private List<Integer> byLength() {
        var order = new ArrayList<Integer>();
        for (int i = 0; i < shafts.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparing((Integer i) -> shafts.get(i).length()).reversed());
        return order;
    }

    private Optional<MatchResult> named(String shaft, int from, int to, @Nullable Head head) {
        var full =
                words(
                        "(?:(?:\\b(?:on|off|of|from|in) (?:the )?))?(?<![\\p{L}-])"
                                + Pattern.quote(shaft)
                                + "(?![\\p{L}-])");
        var found = line.find(full, from, to);
        if (found.isPresent()) {
            return found;
        }
        var kindOfShaft = words("\\s+(?:shaft|spindle)$").matcher(shaft);
        if (!kindOfShaft.find()) {
            return Optional.empty();
        }
        var name = Pattern.quote(shaft.substring(0, kindOfShaft.start()));
        var turned =
                line.find(words("(?:of )?(?:the )?shaft of (?:the )?" + name + "\\b"), from, to);
        if (turned.isPresent()) {
            return turned;
        }
        var atEnd =
                line.find(
                        words(
                                "(?<![\\p{L}-])(?:on (?:the )?)?"
                                        + name
                                        + "(?=\\s+(?:left|right|middle)\\b)(?!\\s+(?:left|right) (?:hand|output|side plate))"),
                        from,
                        to);
        if (atEnd.isPresent()) {
            return atEnd;
        }
        boolean isNoun = Vocabulary.PART.matcher(shaft.substring(0, kindOfShaft.start())).find();
        if (isNoun) {
            return Optional.empty();
        }
        return head == null
                ? line.find(words("\\bon (?:the )?" + name + "(?=\\s*(?:[,;\\u0000]|$))"), from, to)
                : line.find(
                                words(
                                        "(?<![\\p{L}-])"
                                                + name
                                                + "(?![\\p{L}-])(?!\\s+(?:end|side|first))"),
                                head.nameFrom,
                                Math.max(head.nameFrom, head.from))
                        .filter(m -> isNamesOnly(m.end(), head.from))
                        .or(
                                () ->
                                        line.find(
                                                words(
                                                        "(?<![\\p{L}-])(?:on (?:the )?)?"
                                                                + name
                                                                + "(?=\\s*(?:[,;\\u0000\\d]|$))"),
                                                head.to,
                                                to));
    }

    /** Nothing but names of parts stands between: "input bearing cover", not "steering box top cover". */
    private boolean isNamesOnly(int from, int to) {
        return from >= to || Vocabulary.PART.matcher(line.left(from, to)).replaceAll("").isBlank();
    }

    // --- fasteners

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
            var own = of(each.from()).filter(d -> THREADED.contains(d.kind));
            boolean saysHandOnly = f.thread().isEmpty() && f.torque() == null && f.count() == null;
            if (saysHandOnly
                    && own.isEmpty()
                    && !line.whole().toLowerCase(Locale.ROOT).contains("thread")) {
                continue;
            }
            own.ifPresent(d -> shareCount(d, f, read));
            var count = f.count() == null ? own.map(d -> d.count).orElse(null) : f.count();
            var part = named.indexOf(own.or(() -> of(each.from())).orElse(null));
            held.add(counted(f, count).of(part));
        }
        return held;
    }

    private void shareCount(Draft d, Fastener f, List<FastenerReader.Read> read) {
        var own = read.stream().filter(r -> of(r.from()).filter(o -> o == d).isPresent()).toList();
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
                f.part());
    }

    // --- small things

    private static String tray(MatchResult m) {
        var label = m.group(2).toUpperCase(Locale.ROOT);
        return m.group(1).equalsIgnoreCase("tray")
                ? label
                : m.group(1).toLowerCase(Locale.ROOT) + " " + label;
    }

    private static final double POUND_KG = 0.45359237;

    private static Double mass(MatchResult m) {
        double value = decimal(m.group(1));
        return m.group(2).toLowerCase(Locale.ROOT).startsWith("l") ? value * POUND_KG : value;
    }

    private static String first(MatchResult m, int... groups) {
        for (int group : groups) {
            if (m.group(group) != null) {
                return m.group(group);
            }
        }
        return "";
    }

    private static double decimal(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static Pattern words(String regex) {
        return Pattern.compile(regex, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }
}
