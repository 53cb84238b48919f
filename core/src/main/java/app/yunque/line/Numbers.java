package app.yunque.line;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;

/** Numbers of pieces as people write them. */
final class Numbers {
    private static final List<String> SMALL =
            List.of(
                    "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine",
                    "ten", "eleven", "twelve");
    private static final Map<String, Integer> OTHERS =
            Map.of(
                    "a pair of", 2,
                    "pair of", 2,
                    "half a dozen", 6,
                    "a dozen", 12,
                    "dozen", 12,
                    "both", 2,
                    "sixteen", 16,
                    "twenty", 20);

    /** Every word for a number of pieces, as a pattern. */
    static final String WORDS =
            "half a dozen|a dozen|dozen|a pair of|pair of|both|sixteen|twenty|twelve|eleven|ten|nine|eight|seven|six|five|four|three|two|one";

    private Numbers() {}

    /** True where words begin with a number of pieces. */
    static boolean starts(String words) {
        return words.strip().matches("(?is)(?:\\d|(?:" + WORDS + ")\\b).*");
    }

    /** Digits or a word; empty where it is none. */
    static Optional<Integer> of(String text) {
        var plain = text.toLowerCase(Locale.ROOT).strip();
        if (plain.matches("\\d{1,6}")) {
            return Optional.of(Integer.valueOf(plain));
        }
        int small = SMALL.indexOf(plain);
        return small > 0 ? Optional.of(small) : Optional.ofNullable(OTHERS.get(plain));
    }

    /** The first of some groups that took part in a match; empty where none did. */
    static String first(MatchResult m, int... groups) {
        for (int group : groups) {
            if (m.group(group) != null) {
                return m.group(group);
            }
        }
        return "";
    }
}
