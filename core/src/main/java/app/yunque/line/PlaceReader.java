package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.teardown.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
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
    private static final Pattern HOUSING_PLACE =
            words("\\b(?:on|in|of) the (?:housing|casing)\\b(?=\\s*(?:[,;\\u0000]|$))");

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
                        .or(() -> line.take(SIDE, "end of the shaft", from, to));
        return end.map(
                m ->
                        switch (m.group(1).toLowerCase(Locale.ROOT)) {
                            case "left", "drive" -> Side.LEFT;
                            case "middle" -> Side.MIDDLE;
                            default -> Side.RIGHT;
                        });
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
                                head.nameFrom(),
                                Math.max(head.nameFrom(), head.from()))
                        .filter(m -> isNamesOnly(m.end(), head.from()))
                        .or(
                                () ->
                                        line.find(
                                                words(
                                                        "(?<![\\p{L}-])(?:on (?:the )?)?"
                                                                + name
                                                                + "(?=\\s*(?:[,;\\u0000\\d]|$))"),
                                                head.to(),
                                                to));
    }

    /** Nothing but names of parts stands between: "input bearing cover", not "steering box top cover". */
    private boolean isNamesOnly(int from, int to) {
        return from >= to || Vocabulary.PART.matcher(line.left(from, to)).replaceAll("").isBlank();
    }
}
