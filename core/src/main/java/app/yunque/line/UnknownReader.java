package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** Makes a part of a name the table has no word for, where the line tells that it came off, or what held it. */
final class UnknownReader {
    private static final String UNKNOWN =
            "\\G[\\s\\u0000]*(?:the\\s+)?((?!oil|water|grease|power|current|lights?|gas|steam|air|hands?|turns?|revs?|threads?|drops?)\\p{L}[\\p{L}-]+(?:\\s\\p{L}[\\p{L}-]+)?)";
    private static final Pattern UNKNOWN_OFF =
            words(
                    UNKNOWN
                            + "\\s+(?:off|out|taken off|taken out|removed|unscrewed|unbolted|pulled|drawn|came (?:off|out)|lifted(?: off| out)?)\\b(?! of\\b)");
    private static final Pattern UNKNOWN_ALONE =
            words(
                    "\\G[\\s\\u0000]*(?:the\\s+)?(?!(?:oil|water|power|current|steam|air)\\b)((?:(?!\\p{L}+(?:ed|en|ing)\\b)\\p{L}[\\p{L}'-]++ ?){1,3})(?=[\\s\\u0000]*$|[\\s\\u0000]*[,;]|\\s+(?:left|right|middle|and|plus)\\b|\\s+\\d{1,2}\\s*[,;]|\\s+[x×]\\s?\\d|\\s*[&+]\\s)");
    private static final Pattern UNKNOWN_HELD = words(UNKNOWN + "\\s*(?=\\u0000)");
    private final TypedLine line;
    private final Predicate<Clause> saysFound;

    /** @param saysFound whether a clause tells of something found */
    UnknownReader(TypedLine line, Predicate<Clause> saysFound) {
        this.line = line;
        this.saysFound = saysFound;
    }

    /** "Chuck off, 3 nuts": a thing the table has no word for came off, or was held by something. */
    Optional<Draft> read(Clause whole, List<FastenerReader.Read> fasteners) {
        var counted = ClauseReader.LEADING_COUNT.matcher(line.left(whole.from(), whole.to()));
        int behind = counted.find() ? counted.end() : 0;
        var clause = new Clause(whole.from() + behind, whole.to(), whole.group(), whole.isLead());
        var off =
                line.find(UNKNOWN_OFF, clause.from(), clause.to())
                        .filter(m -> !Vocabulary.FEATURE.matcher(m.group(1)).find());
        var held =
                line.find(UNKNOWN_HELD, clause.from(), clause.to())
                        .filter(
                                m ->
                                        fasteners.stream()
                                                .anyMatch(
                                                        f ->
                                                                f.from() >= m.end(1)
                                                                        && f.from() < clause.to()));
        var alone =
                line.find(UNKNOWN_ALONE, clause.from(), clause.to())
                        .filter(
                                m ->
                                        !ClauseReader.STOP.matcher(m.group(1)).find()
                                                && !saysFound.test(clause))
                        .filter(m -> !Vocabulary.FEATURE.matcher(m.group(1)).find());
        return off.or(() -> held)
                .or(() -> alone)
                .map(
                        m -> {
                            var d = new Draft();
                            d.name = m.group(1).strip();
                            d.at = whole.from();
                            d.group = whole.group();
                            d.plural = d.name.endsWith("s");
                            line.take(m.start(1), m.end(1), "");
                            if (behind > 0) {
                                d.count =
                                        Numbers.of(Numbers.first(counted.toMatchResult(), 1, 2))
                                                .orElse(null);
                                line.take(whole.from(), whole.from() + behind, "pieces");
                            }
                            return d;
                        });
    }
}
