package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.teardown.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Tells where a line falls into clauses, and which of them begin with the name of a part. */
final class ClauseReader {
    private static final Pattern CLAUSE_END =
            words(
                    "(?<!\\d),|,(?!\\d)|;|:(?=\\s)|\\bthen\\b|\\band then\\b|(?<=[^\\d\\s])\\s[-–—]+\\s|\\s[-–—]+\\s(?=\\D)|\\.(?=\\s|$)");
    private static final Pattern AND = words("\\s(?:and|plus|&|\\+)\\s");
    private static final Pattern WITH = words("\\bwith\\b");
    private static final String COUNTED =
            "(?:(\\d{1,6})(?!\\s?(?:mm|in\\b|thou|\"|°|deg))|(" + Numbers.WORDS + ")\\b)";
    static final Pattern LEADING_COUNT =
            words(
                    "^[\\s\\u0000]*(?:all\\s+|the\\s+|its\\s+|their\\s+)?"
                            + COUNTED
                            + "\\s?(?:x|×|pcs?\\.?|pieces?|off|no\\.?)?\\s+(?:of\\s+(?:the\\s+)?)?");

    /** A word that ends the name of a part. */
    static final Pattern STOP =
            words(
                    "(?<![\\p{L}-])(?:of|on|in|at|to|from|under|beneath|behind|above|below|between|with|without|for|by|over|off|out|is|was|were|are|be|been|has|had|and|or|no|not|when|until|before|after|where|which|that|stays?|came|goes|went|lifted|pulled|driven|drawn|put|only|still|(?<=\\S\\s)(?<!\\b(?:the|one) )back(?! gear)|through|next|against|per|as|let|don['’]t|do|keep|watch|mind|see|use|hold|needs?|touche[ds]|rub(?:s|bed)|hits?|struck|caught|ran)(?![\\p{L}-])");

    private static final Pattern VERB =
            words(
                    "(?:ed|ing|left|right|middle|both|all|shut|cut|set|stuck|split|spun|hung|fell|fits|sits)\\s*$");

    /** Several of what belongs to a part speak of it; one of them may tell which part: "side cover", "lip seal". */
    private static final Pattern FEATURES =
            words(
                    "\\b(?:teeth|splines|threads|legs|strands|holes|slots|coils|ears|jaws|dogs|fingers|heads|sides|ends|faces|flanks|edges|grooves|lips|links)\\b");

    /** "Bearing upper drum": it says where the one before sits. */
    private static final Pattern WHICH_OF_TWO =
            words(
                    "^\\s*(?:upper|lower|top|bottom|front|rear|first|second|third|near|far|left|right)\\s*$");

    /** "Bore of the gear cracked": it is told of the gear. */
    private static final Pattern OF_THE_PART =
            words(
                    "^[\\s\\u0000]*(?:the )?(?:bore|rim|hub|web|keyway|tip|flank|face|thread|edge|end|nose|shoulder|tooth|teeth|splines?|lip|inside|outside) of (?:the |one |an? )?(?=[\\p{L}\\s]*$)");

    /** "Spring, cup and gear": one word in a row of names, known or not. */
    private static final Pattern NOUN = words("\\s*(?!\\p{L}+(?:ed|ing|y)\\b)\\p{L}{3,}\\s*");

    /** Something was named, then counted. */
    private static final Pattern FASTENER_AFTER_A_COUNT =
            words("\\p{L}[^\\u0000]*\\u0000+[\\s\\p{L}-]*$");

    private final TypedLine line;
    private final List<String> shafts;

    ClauseReader(TypedLine line, List<String> shafts) {
        this.line = line;
        this.shafts = shafts;
    }

    List<Clause> clauses() {
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
                            && (head(new Clause(start, m.start(), group, false), false).isPresent()
                                    || !clauses.isEmpty()
                                            && NOUN.matcher(line.left(start, m.start())).matches());
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
    Optional<Head> head(Clause clause, boolean afterNo) {
        var found = line.find(line.vocabulary().part(), clause.from(), clause.to());
        if (found.isEmpty()) {
            return Optional.empty();
        }
        var m = found.get();
        var before = line.left(clause.from(), m.start());
        var plain = before.replace(TypedLine.GONE, ' ');
        if (afterNo) {
            plain = plain.replaceFirst("(?i)^\\s*(?:there (?:is|was) )?no\\s", " ");
        }
        var counted = LEADING_COUNT.matcher(plain);
        var words =
                OF_THE_PART
                        .matcher(counted.find() ? plain.substring(counted.end()) : plain)
                        .replaceFirst("");
        if (STOP.matcher(words).find()
                || FEATURES.matcher(words).find()
                || words.strip().split("\\s+").length > 4) {
            return Optional.empty();
        }
        if (FASTENER_AFTER_A_COUNT.matcher(before).find()
                && line.vocabulary()
                        .kind(m.group())
                        .filter(PartReader.FASTENERS::contains)
                        .isPresent()) {
            // "Fairlead 4 bolts M8x25": what the table has no word for, and what held it.
            return Optional.empty();
        }
        int end = m.end();
        int start = m.start();
        while (true) {
            var next = line.find(line.vocabulary().part(), end, clause.to());
            if (next.isEmpty()
                    || line.vocabulary().isPlural(line.left(start, end).strip())
                    || !joins(line.left(end, next.get().start()))
                    || isWhereItSits(end, next.get())) {
                break;
            }
            start = next.get().start();
            end = next.get().end();
        }
        var name = line.left(start, end);
        var kind = line.vocabulary().kind(name).orElse(PartKind.OTHER);
        int nameFrom = clause.from() + before.length() - words.stripLeading().length();
        return Optional.of(new Head(start, end, name, kind, Math.min(nameFrom, m.start())));
    }

    /** Nothing, or one word that is nobody's, stands between the words of one name: "pinion depth shim". */
    private boolean joins(String between) {
        return between.matches(" *")
                || between.matches(" +\\p{L}[\\p{L}-]* +")
                        && !STOP.matcher(between).find()
                        && !WHICH_OF_TWO.matcher(between).find()
                        && (between.strip().matches("(?i)end|side")
                                || !Vocabulary.FEATURE.matcher(between).find())
                        && line.vocabulary().found().keySet().stream()
                                .noneMatch(f -> f.matcher(between).find())
                        && !VERB.matcher(between).find();
    }

    /** "Woodruff key motor shaft", "tab washer shaft 2": the shaft says where and is no part of the name. */
    private boolean isWhereItSits(int from, MatchResult next) {
        var text = line.left();
        boolean isNumbered =
                line.find(
                                PlaceReader.NUMBERED_SHAFT,
                                next.start(),
                                Math.min(next.end() + 4, line.length()))
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
}
