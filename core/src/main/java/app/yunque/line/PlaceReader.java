package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Tells on which shaft and at which end of it something sits. */
final class PlaceReader {
    private static final Pattern END_OF_SHAFT = words("\\b(drive|non-drive|far)[\\s-]end\\b");
    private static final Pattern SIDE =
            words(
                    "(?<!to the )(?<!the )(?<!to )(?<!from )(?<!out )(?<!thread )(?<!drawn )(?<!row )(?<!mm )(?<!teeth )\\b(left|right|middle)(?:\\s+(?:end|side)\\b|(?=\\s*(?:[,;:\\u0000]|$|\\d)))");
    static final Pattern NUMBERED_SHAFT =
            words(
                    "\\b(?:on\\s+)?shaft\\s+(\\d{1,2})\\b(?!\\s?(?:mm|thou|in\\b|[.,]\\d|[x×]|°|deg))");
    private static final Pattern BOTH_SIDES =
            words(
                    "\\bleft\\s+(?:end |side )?right(?:\\s+(?:end|side))?\\s*(?:[,;]|$)|\\bright\\s+(?:end |side )?left(?:\\s+(?:end|side))?\\s*(?:[,;]|$)");
    private static final Pattern LEFT_BEHIND =
            words(
                    "^left (?:in|on|where|there|as|alone|together|whole|over|open|shut|it|them|untouched|for)\\b");

    /** A word for how a shaft looks tells nothing of what else looks so. */
    private static final Pattern SHAPE =
            words("^(?:hex|hollow|splined|plain|long|short|stub|stepped|hardened|through)\\b");

    private static final Pattern LEFT_OVER =
            words(
                    "^\\s*(?:(?:some|none|nothing|little|half|only|no|the others?|others?)\\b.*|\\d+(?:[.,]\\d+)? (?:mm|thou|in|drops?|threads?)\\b.*|\\d[\\d/.,]*\"? ?(?:mm |in )?of\\b.*)\\b(?:left|right)\\s*$");
    private static final Pattern HOUSING_PLACE =
            words("\\b(?:on|in|of) the (?:housing|casing)\\b(?=\\s*(?:[,;\\u0000]|$))");

    /** They sit on no shaft; the word before their name says what they belong to. */
    private static final Set<PartKind> BESIDE_SHAFTS =
            EnumSet.of(PartKind.HOUSING, PartKind.LEVER, PartKind.SCREW);

    private final TypedLine line;
    private final List<String> shafts;
    private final List<String> problems = new ArrayList<>();

    PlaceReader(TypedLine line, List<String> shafts) {
        this.line = line;
        this.shafts = shafts;
    }

    List<String> problems() {
        return problems;
    }

    Optional<Side> side(int from, int to) {
        var end =
                line.take(END_OF_SHAFT, "end of the shaft", from, to)
                        .or(
                                () ->
                                        line.find(SIDE, from, to)
                                                .filter(m -> !isLeftBehind(m))
                                                .map(
                                                        m -> {
                                                            line.take(
                                                                    m.start(),
                                                                    m.end(),
                                                                    "end of the shaft");
                                                            return m;
                                                        }));
        if (BOTH_SIDES.matcher(line.whole().substring(from, to)).find()) {
            problems.add(
                    "Left and right of one part cannot both be. Say which end of the shaft, or type two parts.");
        }
        return end.map(
                m ->
                        switch (m.group(1).toLowerCase(Locale.ROOT)) {
                            case "left", "drive" -> Side.LEFT;
                            case "middle" -> Side.MIDDLE;
                            default -> Side.RIGHT;
                        });
    }

    /** "Left in the housing", "3 drops left": what stays, and no side. */
    private boolean isLeftBehind(MatchResult m) {
        var whole = line.whole();
        var clause = whole.substring(whole.lastIndexOf(',', m.start()) + 1, m.end());
        return LEFT_BEHIND.matcher(whole.substring(m.start())).find()
                || LEFT_OVER.matcher(clause).find();
    }

    /** The shaft a stretch names: as the part itself, as where it sits, or by the word before a name. */
    Optional<Integer> shaftIn(int from, int to, @Nullable Head head) {
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
                boolean isName = head != null && m.start() < head.to() && m.end() > head.nameFrom();
                line.note(m.start(), m.end(), "on the " + shafts.get(s));
                if (!isName) {
                    line.take(m.start(), m.end(), "");
                }
                return Optional.of(s + 1);
            }
        }
        return line.take(HOUSING_PLACE, "on the housing", from, to).map(m -> 0);
    }

    /** "Handwheel, ring and spring off the handwheel shaft": where all that was named came from; empty where the line does not end so. */
    Optional<Integer> offWhichShaft() {
        for (int s : byLength()) {
            var off = words("\\b(?:off|from) (?:the )?" + Pattern.quote(shafts.get(s)) + "\\s*$");
            if (off.matcher(line.whole()).find()) {
                return Optional.of(s + 1);
            }
        }
        return Optional.empty();
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
                                + together(shaft)
                                + "(?![\\p{L}-])");
        var found = line.find(full, from, to);
        if (found.isPresent()) {
            return found;
        }
        var only = alone(shaft);
        if (only.isPresent()) {
            var of =
                    line.find(
                            words(
                                    "\\b(?:on|off|of|from|in) (?:the )?"
                                            + Pattern.quote(only.get())
                                            + "\\b(?!\\s+(?:\\p{L}|nut|bearing))"),
                            from,
                            to);
            if (of.isPresent()) {
                return of;
            }
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
        if (head != null && BESIDE_SHAFTS.contains(head.kind())) {
            return Optional.empty();
        }
        if (SHAPE.matcher(shaft).find() && head != null) {
            return Optional.empty();
        }
        boolean isNoun =
                line.vocabulary().part().matcher(shaft.substring(0, kindOfShaft.start())).find();
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
                                head.nameFrom(),
                                Math.max(head.nameFrom(), head.from()))
                        .filter(m -> isNamesOnly(m.end(), head.from()))
                        .or(
                                () ->
                                        line.find(
                                                words(
                                                        "(?<![\\p{L}-])(?:on (?:the )?)?"
                                                                + name
                                                                + "(?=\\s*(?:[,;\\u0000\\d]|$|(?:pulled|off|out|drawn|lifted)\\b))"),
                                                head.to(),
                                                to));
    }

    /** "Of the spindle": the last word of a name, where no other shaft has it and it says more than that it is a shaft. */
    private Optional<String> alone(String shaft) {
        var last = lastWord(shaft);
        boolean isShared = shafts.stream().filter(s -> lastWord(s).equals(last)).count() > 1;
        return isShared || last.equals("shaft") || !shaft.contains(" ")
                ? Optional.empty()
                : Optional.of(last);
    }

    private static String lastWord(String name) {
        return name.substring(name.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT);
    }

    /** "Countershaft", "counter-shaft" and "counter shaft" are one name. */
    private static String together(String shaft) {
        return Arrays.stream(
                        shaft.replaceFirst("(?i)(?<=\\p{L})(shaft|spindle)$", " $1")
                                .split("[\\s-]+"))
                .map(Pattern::quote)
                .collect(Collectors.joining("[\\s-]?"));
    }

    /** Nothing but names of parts stands between: "input bearing cover", not "steering box top cover". */
    private boolean isNamesOnly(int from, int to) {
        return from >= to
                || line.vocabulary().part().matcher(line.left(from, to)).replaceAll("").isBlank();
    }
}
