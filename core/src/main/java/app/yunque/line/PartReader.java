package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.drive.DriveShafts;
import app.yunque.gear.Member;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.StripAct;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Makes parts of the clauses of a line: the first words of one are the name of a part, or say something of the part before. Where it
 * cannot be told which, nothing is made of it.
 */
final class PartReader {
    /** What is told of a part and names none: "lever left on", "bull gear came with it". */
    private static final Pattern STATEMENT =
            words(
                    "^[\\s\\u0000]*(?:on it|in it|came (?:with|off with|out with)|brings|slides|drops?|falls?|runs?|turns|sits|sat in|goes|moves|comes|shows|needs|must|has to|is|are|was still|still|bears|fits|to follow|later|next time|not (?:yet )?(?:off|out|known|found)|done|ok by)\\b");

    private static final Pattern CAME_WITH =
            words("\\b(?:came with it|still on it|on it|in it|stays? (?:in|on) it|with it)\\b");
    private static final Pattern PLACE_ONLY =
            words(
                    "^[\\s\\u0000]*(?:the\\s+)?(?:upper|lower|top|bottom|inner|outer|front|rear|left|right|other|same|that|input|output|drive)\\s+[\\p{L}-]+[\\s\\u0000]*$");
    private static final Pattern OF_A_BEARING = words("\\b(?:race|cage|cup|cone)s?$");
    private static final Pattern PREDICATE =
            words(
                    "^[\\s\\u0000]+(?:all )?(?:tight|free|stiff|dry|oily|clean|dirty|counted|ok|okay|good|fine|sound|there|present|intact|worn|loose)\\b");
    private static final Pattern ONE_OF =
            words("\\b(?:\\d{1,2}|" + Numbers.WORDS + ") of (?:the|its|their) (?!\\d)\\p{L}+");

    /** "Thrust washer stack": more than one, nobody says how many. */
    private static final Pattern SEVERAL =
            words("^\\s+(?:stacks?|sets?|pairs?|kits?|rows?|halves)\\b");

    /** "Housing bolt pattern", "nut torque": something of the part, which nobody took off. */
    private static final Pattern NOT_THE_THING =
            words(
                    "^\\s+(?:pattern|circle|order|sequence|torque|positions?|clearance|pressure|temperature|settings?|readings?)\\b");

    private static final Set<PartKind> IN_A_HOLE =
            EnumSet.of(
                    PartKind.BALL,
                    PartKind.PIN,
                    PartKind.SCREW,
                    PartKind.PLUNGER,
                    PartKind.ROLLER,
                    PartKind.COTTER_PIN);
    private static final Pattern HELD_BY_HAND =
            words(
                    "^[\\s\\u0000]*(?:(?:\\d{1,2}|"
                            + Numbers.WORDS
                            + ")\\s+)?(?:\\p{L}+ )?(?:knobs|latches|catches|toggles|links)\\b");

    /** One or two words that neither weigh nor count what follows. */
    private static final Pattern UNKNOWN_NOUN =
            words(
                    "^\\s*(?!(?:\\p{L}+ly|a|an|the|is|was|are|were|and|but|very|badly|bit|lot|some|most|top|bottom|upper|lower|inner|outer|front|rear|left|right|middle|same|all|both|half|rest|others?|one|now|still|also|too|quite|just|only|not|no|none|never|without|ran|went|gone|dry|it|they|them|on|in|at|where|near|under|along|from|with|that|this|if|when|as)\\b)(?!(?:"
                            + Numbers.WORDS
                            + ")\\b)\\p{L}{3,}(?: \\p{L}{3,})?\\s*(?:is |was |are |were )?$");

    private static final Pattern HOLLOW =
            words(
                    "^[\\s\\u0000]*(?:holes?|slots?|grooves?|seats?|bores?|pockets?|keyways?|lands?|tracks?|flats?)\\b");

    /** "Shaft end on a socket": how it was held, and not another part. */
    private static final Pattern SUPPORTED =
            words(
                    "^\\s+(?:supported |resting |held |standing |backed )?(?:on|in|against|over|up) (?:an? |the |two )?(?:\\p{L}+ )?(?:sockets?|vices?|vises?|blocks?|wood|timber|bench|press|anvil|pipe|parallels)\\b");

    private static final Pattern ITSELF = words("^[\\s\\u0000]*itself\\b");
    private static final Pattern SPLIT_CASE = words("^[\\s\\u0000]*split\\b");
    static final Set<PartKind> FASTENERS = EnumSet.of(PartKind.SCREW, PartKind.NUT);
    static final Set<PartKind> THREADED = EnumSet.of(PartKind.SCREW, PartKind.NUT, PartKind.PLUG);
    static final Set<PartKind> FALLING = EnumSet.of(PartKind.BALL, PartKind.ROLLER);
    private static final Pattern PAPERS =
            words("\\b(pinion|wheel)\\s+(\\d)\\b(?!\\d|\\s?(?:mm|x|off|pcs|teeth|tooth))");
    private static final int SHORTEST_BEARING_NUMBER = 4;
    private final TypedLine line;
    private final List<String> shafts;
    private final Optional<DriveShafts> drive;
    private final ClauseReader names;
    private final PlaceReader places;
    private final SizeReader sizes;
    private final CountReader counts;
    private final FindingReader findings;
    private final UnknownReader unknown;
    private final HeldReader held;
    private final SeveralReader several;
    private final List<Draft> drafts = new ArrayList<>();

    /** What the words before a colon name: "front wheel: cap, washers, wheel". */
    private @Nullable Head leadHead;

    PartReader(
            TypedLine line,
            List<String> shafts,
            Optional<DriveShafts> drive,
            ClauseReader names,
            PlaceReader places) {
        this.line = line;
        this.shafts = shafts;
        this.drive = drive;
        this.names = names;
        this.places = places;
        this.sizes = new SizeReader(line);
        this.counts = new CountReader(line);
        this.findings = new FindingReader(line);
        this.unknown = new UnknownReader(line, this::saysFound);
        this.held = new HeldReader(line);
        this.several = new SeveralReader(line, sizes);
    }

    /** The parts in the order of the line. */
    List<Draft> drafts() {
        return drafts;
    }

    void parts(List<Clause> clauses, @Nullable StripAct act, List<FastenerReader.Read> fasteners) {
        var lead = clauses.stream().filter(Clause::isLead).findFirst();
        for (int c = 0; c < clauses.size(); c++) {
            var clause = clauses.get(c);
            if (clause.isLead() && isLeadOfAList(clauses, c)) {
                names.head(clause, false).ifPresent(h -> leadHead = h);
                continue;
            }
            var head = names.head(clause, act == StripAct.MISSING);
            boolean isMore = act != null && !drafts.isEmpty();
            if (head.isPresent() && !isMore && names(clause, head.get(), c, act, fasteners)) {
                begin(clause, head.get(), c, fasteners);
            }
            if (drafts.isEmpty() && c == 0 && act == null && head.isEmpty()) {
                sizes.bearing(clause).ifPresent(drafts::add);
            }
            if (drafts.isEmpty() && c == 0 && act == null && head.isEmpty()) {
                unknown.read(clause, fasteners).ifPresent(drafts::add);
            }
            if (!drafts.isEmpty()) {
                describe(clause, head, c);
            }
        }
        lead.ifPresent(
                l ->
                        places.shaftIn(l.from(), l.to(), null)
                                .ifPresent(s -> drafts.forEach(d -> d.shaft = s)));
        shareShafts(clauses);
        places.offWhichShaft()
                .ifPresent(
                        s ->
                                drafts.stream()
                                        .filter(d -> d.shaft == null)
                                        .forEach(d -> d.shaft = s));
        if (act != StripAct.MISSING && act != StripAct.NOTE) {
            drafts.forEach(this::settleCount);
        }
        if (act == StripAct.NOTE) {
            // What is only told of keeps its name where something was found on it.
            drafts.removeIf(d -> d.found.isEmpty());
        }
        if (act == StripAct.LEFT_IN) {
            drafts.removeIf(d -> d.kind == PartKind.OTHER);
        }
    }

    /** What stands before a colon only says where, if names follow. */
    private boolean isLeadOfAList(List<Clause> clauses, int c) {
        boolean isMore =
                !line.left(clauses.get(c).from(), clauses.get(c).to()).matches("[^\\d\\u0000]*");
        return !isMore
                && c + 1 < clauses.size()
                && names.head(clauses.get(c + 1), false).filter(h -> !isHeldBy(h)).isPresent();
    }

    /** "Flange bearing right: 3 bolts": what follows held what stands before the colon. */
    private boolean isHeldBy(Head head) {
        return FASTENERS.contains(head.kind()) && line.vocabulary().isPlural(head.name().strip());
    }

    private boolean names(
            Clause clause,
            Head head,
            int c,
            @Nullable StripAct act,
            List<FastenerReader.Read> fasteners) {
        var after = line.left(head.to(), clause.to());
        if (c == 0
                && act == null
                && Vocabulary.FEATURE.matcher(after).region(0, Math.min(after.length(), 24)).find()
                && after.strip().length() > 0
                && isFeatureNext(after)
                && !saysFound(clause)) {
            return false;
        }
        if (isAboutThePartBefore(clause, head)
                || NOT_THE_THING.matcher(after).find()
                || IN_A_HOLE.contains(head.kind()) && isHollow(after)) {
            return false;
        }
        if (c > 0 && (STATEMENT.matcher(after).find() || ActReader.stays(after, 0))) {
            drafts.stream()
                    .reduce((first, second) -> second)
                    .filter(d -> CAME_WITH.matcher(after).find())
                    .ifPresent(d -> d.with = head.name().strip());
            return false;
        }
        if (c > 0
                && line.vocabulary().isPlural(head.name().strip())
                && line.left(clause.from(), head.from())
                        .replaceAll("[\\p{L}\\s\\u0000]", "")
                        .isEmpty()
                && PREDICATE.matcher(after).find()
                && !Numbers.starts(line.left(clause.from(), clause.to()))) {
            return false;
        }
        if (c > 0 && SUPPORTED.matcher(after).find()) {
            return false;
        }
        if (c > 0 && HELD_BY_HAND.matcher(line.left(clause.from(), clause.to())).find()) {
            return false;
        }
        if (c > 0 && isPlaceOnly(clause, head)) {
            return false;
        }
        return !held.isHeldBy(clause, head, fasteners, drafts);
    }

    /** "Detent holes worn", "needles dry and blued": a finding on the part before. */
    private boolean isAboutThePartBefore(Clause clause, Head head) {
        if (drafts.isEmpty()) {
            return false;
        }
        boolean isUncounted =
                line.left(clause.from(), head.from()).replace(TypedLine.GONE, ' ').isBlank();
        var after = line.left(head.to(), clause.to());
        return isFeatureNext(after) && (!saysFound(clause) || isHollow(after))
                || ITSELF.matcher(after).find()
                || someOfEarlier(clause, head).isPresent()
                || isPartOfTheBearingBefore(clause, head)
                || FALLING.contains(head.kind())
                        && line.vocabulary().isPlural(head.name().strip())
                        && isUncounted
                        && saysFound(clause);
    }

    /** "2 springs and pawl, one spring weak": of those that were counted before, not another one. */
    private Optional<Draft> someOfEarlier(Clause clause, Head head) {
        var counted = ClauseReader.LEADING_COUNT.matcher(line.left(clause.from(), head.from()));
        var some =
                counted.find()
                        ? Numbers.of(Numbers.first(counted.toMatchResult(), 1, 2))
                        : Optional.<Integer>empty();
        return drafts.stream()
                .filter(d -> d.plural && one(d.name).endsWith(one(head.name())))
                .filter(
                        d ->
                                saysFound(clause)
                                        || d.count != null
                                                && some.filter(n -> n < d.count).isPresent())
                .findFirst();
    }

    private static String one(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceFirst("s$", "");
    }

    /** "Outer race turned in its seat": of the bearing that was named, where something is told of it. */
    private boolean isPartOfTheBearingBefore(Clause clause, Head head) {
        return drafts.get(drafts.size() - 1).kind == PartKind.BEARING
                && OF_A_BEARING.matcher(head.name()).find()
                && !TypedLine.tidy(line.left(head.to(), clause.to())).isEmpty();
    }

    private static boolean isFeatureNext(String after) {
        var m = Vocabulary.FEATURE.matcher(after);
        return m.find()
                && after.substring(0, m.start()).isBlank()
                && !m.group().equalsIgnoreCase("number")
                && after.charAt(0) != TypedLine.GONE;
    }

    /** "Detent holes worn": holes are in the part before; "nut thread worn": a thread is the nut's own. */
    private static boolean isHollow(String after) {
        return HOLLOW.matcher(after).find();
    }

    private boolean saysFound(Clause clause) {
        var text = line.left(clause.from(), clause.to());
        return line.vocabulary().found().keySet().stream().anyMatch(p -> p.matcher(text).find());
    }

    /** "Upper shaft", "right output shaft", "upper race" after balls: they say where. */
    private boolean isPlaceOnly(Clause clause, Head head) {
        if (drafts.isEmpty()) {
            return false;
        }
        var text = line.left(clause.from(), clause.to());
        var last = drafts.get(drafts.size() - 1);
        boolean isNext =
                line.whole().substring(0, clause.from()).toLowerCase(Locale.ROOT).endsWith("then");
        boolean isEndOfAShaft =
                shafts.stream()
                        .map(s -> s.replaceFirst("(?i)\\s+(?:shaft|spindle)$", ""))
                        .anyMatch(
                                s ->
                                        TypedLine.tidy(text)
                                                .matches(
                                                        "(?i)"
                                                                + Pattern.quote(s)
                                                                + "\\s+(?:left|right|middle)(?: end| side)?"));
        if (isEndOfAShaft) {
            return true;
        }
        if (head.kind() == PartKind.SHAFT && !isNext) {
            var name = TypedLine.tidy(text);
            return shafts.stream().anyMatch(s -> name.equalsIgnoreCase(s))
                    || PLACE_ONLY.matcher(text).find();
        }
        return FALLING.contains(last.kind) && PLACE_ONLY.matcher(text).find();
    }

    private void begin(Clause clause, Head head, int c, List<FastenerReader.Read> fasteners) {
        var d = new Draft();
        d.at = clause.from();
        d.clause = c;
        d.group = clause.group();
        var lead = leadHead;
        d.kind =
                lead != null
                                && lead.name()
                                        .toLowerCase(Locale.ROOT)
                                        .endsWith(
                                                " " + head.name().strip().toLowerCase(Locale.ROOT))
                        ? lead.kind()
                        : head.kind();
        d.plural =
                line.vocabulary().isPlural(head.name().strip())
                        || SEVERAL.matcher(line.left(head.to(), clause.to())).find();
        var before = line.left(clause.from(), head.from());
        var some = CountReader.OF_HOW_MANY.matcher(before);
        var counted = ClauseReader.LEADING_COUNT.matcher(before);
        if (some.find()) {
            d.count = Numbers.of(some.group(1)).orElse(null);
        } else if (counted.find() && isNumberOfABearing(d, counted.toMatchResult())) {
            d.size = counted.group(1);
            line.take(clause.from() + counted.start(1), clause.from() + counted.end(), "size");
        } else if (counted.find(0)) {
            var text = Numbers.first(counted.toMatchResult(), 1, 2);
            d.count = Numbers.of(text).orElse(null);
            line.take(
                    clause.from() + counted.start(counted.group(1) != null ? 1 : 2),
                    clause.from() + counted.end(),
                    "pieces");
        }
        d.name =
                TypedLine.tidy(line.left(Math.max(head.nameFrom(), clause.from()), head.to()))
                        .replaceFirst(
                                "(?i)^(?:first(?: the)?|the|an?|its|their|both|all|then|and)\\s+",
                                "");
        if (d.count == null && THREADED.contains(d.kind)) {
            fasteners.stream()
                    .filter(f -> f.from() >= clause.from() && f.from() < clause.to())
                    .map(f -> f.fastener().count())
                    .filter(Objects::nonNull)
                    .findFirst()
                    .ifPresent(n -> d.count = n);
        }
        sizes.takeBearingNumber(d, clause, head);
        if (d.count == null && d.plural) {
            line.take(CountReader.WORD_OFF, "pieces", head.to(), clause.to())
                    .flatMap(m -> Numbers.of(m.group(1)))
                    .ifPresent(n -> d.count = n);
        }
        var itself = places.shaftIn(clause.from(), clause.to(), head);
        itself.ifPresent(s -> d.shaft = s);
        var papers = line.find(PAPERS, clause.from(), clause.to());
        if (papers.isPresent() && d.kind == PartKind.GEAR) {
            var gear = LineReading.gear(papers.get().group(1), papers.get().group(2));
            line.take(papers.get().start(2), papers.get().end(2), "gear of the papers");
            d.gear = gear;
            d.name = papers.get().group();
            int at = shaftOf(gear);
            d.shaft = at <= shafts.size() ? Integer.valueOf(at) : null;
            d.side = Side.MIDDLE;
        }
        singularOfThread(clause, head, d, fasteners);
        if (line.vocabulary().isOwn(head.name().strip())) {
            line.note(head.from(), head.to(), d.kind.words() + ", as this shop calls it");
        }
        line.take(Math.min(head.nameFrom(), head.from()), head.to(), "");
        if (d.kind == PartKind.HOUSING
                && SPLIT_CASE.matcher(line.left(head.to(), clause.to())).find()) {
            d.plural = true;
        }
        drafts.add(d);
        held.inTheSameBreath(clause, head, fasteners);
    }

    /** "30204 taper bearing": its number, and no pieces. */
    private static boolean isNumberOfABearing(Draft d, MatchResult counted) {
        return d.kind == PartKind.BEARING
                && counted.group(1) != null
                && counted.group(1).length() >= SHORTEST_BEARING_NUMBER;
    }

    /** "Gasket flange 1-1/4-12 ring nut": the nut after its thread is the part, what stands before says which. */
    private void singularOfThread(
            Clause clause, Head head, Draft d, List<FastenerReader.Read> fasteners) {
        if (THREADED.contains(head.kind())) {
            return;
        }
        fasteners.stream()
                .filter(
                        f ->
                                f.from() >= head.to()
                                        && f.to() <= clause.to()
                                        && f.fastener().count() == null)
                .findFirst()
                .flatMap(f -> line.find(line.vocabulary().part(), f.to(), clause.to()))
                .filter(m -> line.left(head.to(), m.start()).replace(TypedLine.GONE, ' ').isBlank())
                .filter(m -> !line.vocabulary().isPlural(m.group()))
                .filter(
                        m ->
                                line.vocabulary()
                                        .kind(m.group())
                                        .filter(FASTENERS::contains)
                                        .isPresent())
                .ifPresent(
                        m -> {
                            d.kind = line.vocabulary().kind(m.group()).orElseThrow();
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

    Optional<Draft> of(int place) {
        return drafts.stream()
                .filter(d -> d.at <= place)
                .reduce((first, second) -> second)
                .or(() -> drafts.stream().findFirst());
    }

    private void describe(Clause clause, Optional<Head> head, int c) {
        var last = drafts.get(drafts.size() - 1);
        var each = counts.ofEach(clause);
        if (each.isPresent()) {
            drafts.stream().filter(d -> d.count == null).forEach(d -> d.count = each.get());
            return;
        }
        if (counts.isOneOfMany(clause)) {
            drafts.stream()
                    .filter(d -> d.group == clause.group() && d.count == null)
                    .forEach(d -> d.plural = true);
        }
        boolean own = last.clause == c;
        boolean foreign = !own && head.filter(h -> !isAboutThePartBefore(clause, h)).isPresent();
        if (foreign) {
            clauseShaft(clause);
            return;
        }
        var target =
                own
                        ? last
                        : head.flatMap(h -> someOfEarlier(clause, h))
                                .orElseGet(() -> described(clause));
        int from = clause.from();
        int to = clause.to();
        if (several.leftAndRight(clause, target, drafts)
                || several.severalSizes(clause, target, drafts)) {
            return;
        }
        sizes.sizeBy(target, from, to);
        counts.count(clause, target, own);
        sizes.teeth(target, from, to);
        sizes.size(target, from, to);
        sizes.thickness(target, from, to);
        if (CountReader.AT_BOTH_ENDS.matcher(line.left(from, to)).find()
                && target.plural
                && target.count == null) {
            target.count = 2;
        }
        var found =
                isOfNobodyKnown(clause, own) || !own && isOfSomethingElse(clause)
                        ? List.<LineReading.Finding>of()
                        : findings.read(
                                from,
                                to,
                                target.kind,
                                target.count == null && !target.plural
                                        ? Integer.valueOf(1)
                                        : target.count);
        boolean ofAll =
                !own && line.whole().substring(from, to).matches("(?i).*\\b(?:both|all)\\b.*");
        (ofAll ? drafts : List.of(target)).forEach(d -> d.add(found));
        if (!own) {
            clausePlace(clause);
        } else if (target.gear == null && target.side == null) {
            places.side(from, to).ifPresent(s -> target.side = s);
        }
    }

    /** "Tab washer and locknut, one of the tabs cracked": of several parts nobody can tell whose it is, so it stays in words. */
    private boolean isOfNobodyKnown(Clause clause, boolean own) {
        return !own
                && drafts.size() > 1
                && ONE_OF.matcher(line.whole().substring(clause.from(), clause.to())).find();
    }

    /** "Lever off, nylon cup worn thin": what is worn has a name that the table does not know. */
    private boolean isOfSomethingElse(Clause clause) {
        var text = line.left(clause.from(), clause.to()).replace(TypedLine.GONE, ' ');
        var before =
                line.vocabulary().found().keySet().stream()
                        .map(f -> f.matcher(text))
                        .filter(Matcher::find)
                        .mapToInt(Matcher::start)
                        .min();
        return before.isPresent()
                && UNKNOWN_NOUN.matcher(text.substring(0, before.getAsInt())).find()
                && !Vocabulary.isOrdinary(lastWord(text.substring(0, before.getAsInt())));
    }

    private static String lastWord(String words) {
        var plain = words.replaceFirst("(?i)\\s+(?:is|was|are|were)\\s*$", "").strip();
        return plain.substring(plain.lastIndexOf(' ') + 1);
    }

    /** What a clause without a name of its own speaks of: the part that was named last, a screw that held another one left out. */
    private Draft described(Clause clause) {
        var last = drafts.get(drafts.size() - 1);
        boolean isHeld =
                FASTENERS.contains(last.kind)
                        && drafts.size() > 1
                        && !FASTENERS.contains(drafts.get(0).kind)
                        && Vocabulary.FEATURE.matcher(line.left(clause.from(), clause.to())).find();
        return isHeld ? drafts.get(0) : last;
    }

    /** "Output right": where all that was named before sits, as far as nothing else was said of it. */
    private void clausePlace(Clause clause) {
        boolean hasShaft = clauseShaft(clause);
        var last = drafts.get(drafts.size() - 1);
        places.side(clause.from(), clause.to())
                .ifPresent(
                        s ->
                                (hasShaft ? drafts : List.of(last))
                                        .stream()
                                                .filter(d -> d.side == null && d.gear == null)
                                                .forEach(d -> d.side = s));
    }

    /** True where the clause names a shaft. */
    private boolean clauseShaft(Clause clause) {
        var shaft = places.shaftIn(clause.from(), clause.to(), null);
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
}
