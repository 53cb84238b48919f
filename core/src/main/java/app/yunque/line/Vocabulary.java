package app.yunque.line;

import app.yunque.line.LineReading.Found;
import app.yunque.measure.TableLines;
import app.yunque.teardown.PartKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The words of {@code vocabulary.table}, ready to be looked for. */
final class Vocabulary {
    /** Not inside a word; a hyphen or an inch sign beside it does not matter. */
    private static final String FROM = "(?<![\\p{L}\\p{N}])";

    private static final String TO = "(?![\\p{L}\\p{N}])";

    private static final int SHORTEST_CORRECTED = 5;
    private static final int LONG_WORD = 7;

    /** Names of parts, the longest first. */
    static final Pattern PART;

    static final Pattern FEATURE;
    static final Map<Pattern, Found> FOUND = new LinkedHashMap<>();
    static final Map<Pattern, String> SAME = new LinkedHashMap<>();
    private static final Map<String, PartKind> KINDS = new HashMap<>();
    private static final Set<String> KNOWN = new HashSet<>();
    private static final List<String> TARGETS = new ArrayList<>();

    static {
        var parts = new ArrayList<String>();
        var features = new ArrayList<String>();
        for (var line : TableLines.beside(Vocabulary.class, "vocabulary.table")) {
            var cells = line.split("\\|");
            var words = Arrays.stream(cells[2].split(",")).map(String::strip).toList();
            var name = cells[1].strip();
            switch (cells[0].strip()) {
                case "part" -> {
                    var kind = PartKind.valueOf(name);
                    words.forEach(w -> KINDS.put(plain(w), kind));
                    parts.addAll(words);
                    know(words);
                    words.forEach(w -> TARGETS.addAll(List.of(w.split("[\\s-]"))));
                }
                case "feature" -> {
                    features.addAll(words);
                    know(words);
                }
                case "found" -> {
                    FOUND.put(any(words, ""), Found.valueOf(name.toUpperCase(Locale.ROOT)));
                    know(words);
                }
                case "same" -> SAME.put(any(words, ""), name);
                default -> know(words);
            }
        }
        PART = any(parts, "(?:e?s)?");
        FEATURE = any(features, "");
    }

    private Vocabulary() {}

    private static void know(Collection<String> words) {
        words.forEach(
                w ->
                        Arrays.stream(w.toLowerCase(Locale.ROOT).split("[\\s-]"))
                                .forEach(
                                        each -> {
                                            KNOWN.add(each);
                                            KNOWN.add(each + "s");
                                            KNOWN.add(each + "es");
                                        }));
    }

    private static Pattern any(Collection<String> phrases, String ending) {
        var all =
                phrases.stream()
                        .sorted(Comparator.comparing(String::length).reversed())
                        .map(p -> phrase(p) + ending)
                        .collect(Collectors.joining("|"));
        return Pattern.compile(
                FROM + "(?:" + all + ")" + TO, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** Words of a name may stand apart, together or with a hyphen. */
    private static String phrase(String words) {
        return Arrays.stream(words.split("[\\s-]"))
                .map(w -> w.equals("half") ? "hal(?:f|ve)" : Pattern.quote(w))
                .collect(Collectors.joining("[\\s-]?"));
    }

    /** Without plural, spaces and hyphens. */
    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[\\s-]", "");
    }

    /** The kind of part a name of the table stands for, one or several of it. */
    static Optional<PartKind> kind(String name) {
        return singular(name).map(KINDS::get);
    }

    /** A word of the table, whatever it stands for. */
    static boolean isKnown(String word) {
        return KNOWN.contains(word.toLowerCase(Locale.ROOT));
    }

    static boolean isPlural(String name) {
        return !KINDS.containsKey(plain(name));
    }

    private static Optional<String> singular(String name) {
        var plain = plain(name);
        return List.of(
                        plain,
                        plain.replaceFirst("s$", ""),
                        plain.replaceFirst("es$", ""),
                        plain.replaceFirst("halve(s?)", "half"),
                        plain.replaceFirst("halves$", "half"))
                .stream()
                .filter(KINDS::containsKey)
                .findFirst();
    }

    /** The word of the table that a slip of the key was meant for; empty where none is near, or the word is known. */
    static Optional<String> meant(String word) {
        var lower = word.toLowerCase(Locale.ROOT);
        if (lower.length() < SHORTEST_CORRECTED || KNOWN.contains(lower)) {
            return Optional.empty();
        }
        // In a short word another letter makes another word: a place is no plate.
        int other = lower.length() < LONG_WORD ? 2 : 1;
        return TARGETS.stream()
                .flatMap(t -> List.of(t, t + "s").stream())
                .filter(t -> t.length() >= SHORTEST_CORRECTED && hasSameEnds(t, lower))
                .filter(t -> Math.abs(t.length() - lower.length()) <= 1)
                .filter(t -> slips(lower, t, other) <= 1)
                .findFirst();
    }

    /** A word with another beginning or ending is another word more often than a slip: a puller is no pulley. */
    private static boolean hasSameEnds(String a, String b) {
        return a.charAt(0) == b.charAt(0) && a.charAt(a.length() - 1) == b.charAt(b.length() - 1);
    }

    /** Slips between two words: a letter too many, too few, two that changed places, or another one, which weighs as given. */
    private static int slips(String a, String b, int otherLetter) {
        var d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                if (i == 0 || j == 0) {
                    d[i][j] = i + j;
                    continue;
                }
                int other = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : otherLetter;
                d[i][j] = Math.min(d[i - 1][j - 1] + other, Math.min(d[i - 1][j], d[i][j - 1]) + 1);
                if (i > 1
                        && j > 1
                        && a.charAt(i - 1) == b.charAt(j - 2)
                        && a.charAt(i - 2) == b.charAt(j - 1)) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
