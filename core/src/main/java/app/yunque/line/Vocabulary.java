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

    /** The words of the trade alone. */
    static final Vocabulary OF_THE_TRADE;

    static final Pattern FEATURE;

    /** Words of the table that name no part. */
    private static final Set<String> ORDINARY;

    static final Map<Pattern, String> SAME = new LinkedHashMap<>();

    /** A shop has one set of words at a time, and each line it types is read by it. */
    private static volatile Map.Entry<OwnWords, Vocabulary> lastWithOwn;

    private final Pattern part;
    private final Map<Pattern, Found> found;
    private final Map<String, PartKind> kinds;
    private final Set<String> known;
    private final List<String> targets;
    private final List<String> parts;

    /** What this shop calls a thing, and the table does not. */
    private final Set<String> own;

    static {
        var parts = new ArrayList<String>();
        var features = new ArrayList<String>();
        var kinds = new HashMap<String, PartKind>();
        var found = new LinkedHashMap<Pattern, Found>();
        var known = new HashSet<String>();
        var targets = new ArrayList<String>();
        var ordinary = new HashSet<String>();
        for (var line : TableLines.beside(Vocabulary.class, "vocabulary.table")) {
            var cells = line.split("\\|");
            var words = Arrays.stream(cells[2].split(",")).map(String::strip).toList();
            var name = cells[1].strip();
            switch (cells[0].strip()) {
                case "part" -> {
                    var kind = PartKind.valueOf(name);
                    words.forEach(w -> kinds.put(plain(w), kind));
                    parts.addAll(words);
                    know(known, words);
                    words.forEach(w -> targets.addAll(List.of(w.split("[\\s-]"))));
                }
                case "feature" -> {
                    features.addAll(words);
                    know(known, words);
                    know(ordinary, words);
                }
                case "found" -> {
                    found.put(any(words, ""), Found.valueOf(name.toUpperCase(Locale.ROOT)));
                    know(known, words);
                    know(ordinary, words);
                }
                case "same" -> SAME.put(any(words, ""), name);
                default -> {
                    know(known, words);
                    know(ordinary, words);
                }
            }
        }
        FEATURE = any(features, "");
        ORDINARY = Set.copyOf(ordinary);
        OF_THE_TRADE = new Vocabulary(parts, found, kinds, known, targets, Set.of());
        lastWithOwn = Map.entry(OwnWords.NONE, OF_THE_TRADE);
    }

    private Vocabulary(
            List<String> parts,
            Map<Pattern, Found> found,
            Map<String, PartKind> kinds,
            Set<String> known,
            List<String> targets,
            Set<String> own) {
        this.parts = parts;
        this.part = any(parts, "(?:e?s)?");
        this.found = found;
        this.kinds = kinds;
        this.known = known;
        this.targets = targets;
        this.own = own;
    }

    /** The words of the trade and those of one shop, which count where both have one. */
    static Vocabulary with(OwnWords words) {
        if (words.isEmpty()) {
            return OF_THE_TRADE;
        }
        var last = lastWithOwn;
        if (last.getKey().equals(words)) {
            return last.getValue();
        }
        var vocabulary = made(words);
        lastWithOwn = Map.entry(words, vocabulary);
        return vocabulary;
    }

    private static Vocabulary made(OwnWords words) {
        var parts = new ArrayList<>(OF_THE_TRADE.parts);
        var kinds = new HashMap<>(OF_THE_TRADE.kinds);
        var found = new LinkedHashMap<Pattern, Found>();
        var known = new HashSet<>(OF_THE_TRADE.known);
        var own = new HashSet<String>();
        for (var word : words.words()) {
            know(known, List.of(word.words()));
            if (word.kind() != null) {
                parts.add(word.words());
                kinds.put(plain(word.words()), word.kind());
                own.add(plain(word.words()));
            }
            if (word.found() != null) {
                found.put(any(List.of(word.words()), ""), word.found());
            }
        }
        found.putAll(OF_THE_TRADE.found);
        return new Vocabulary(parts, found, kinds, known, OF_THE_TRADE.targets, own);
    }

    /** Names of parts, the longest first. */
    Pattern part() {
        return part;
    }

    /** Words for what may be found. */
    Map<Pattern, Found> found() {
        return found;
    }

    private static void know(Set<String> known, Collection<String> words) {
        words.forEach(
                w ->
                        Arrays.stream(w.toLowerCase(Locale.ROOT).split("[\\s-]"))
                                .forEach(
                                        each -> {
                                            known.add(each);
                                            known.add(each + "s");
                                            known.add(each + "es");
                                        }));
    }

    private static Pattern any(Collection<String> phrases, String ending) {
        // By their first letter, so that at each place of a line a few are tried and not all; the
        // longest first.
        var all =
                phrases.stream()
                        .sorted(Comparator.comparing(String::length).reversed())
                        .collect(
                                Collectors.groupingBy(
                                        p -> p.substring(0, 1),
                                        Collectors.mapping(
                                                p -> phrase(p) + ending, Collectors.joining("|"))))
                        .entrySet()
                        .stream()
                        .map(e -> "(?=" + Pattern.quote(e.getKey()) + ")(?:" + e.getValue() + ")")
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
    Optional<PartKind> kind(String name) {
        return singular(name).map(kinds::get);
    }

    /** A word of the table, whatever it stands for. */
    boolean isKnown(String word) {
        return known.contains(word.toLowerCase(Locale.ROOT));
    }

    /** True for a name that this shop uses and the table of the trade does not know so. */
    boolean isOwn(String name) {
        return singular(name).filter(own::contains).isPresent();
    }

    /** Every name that stands for a kind of part, in no order. */
    List<String> names(PartKind kind) {
        return parts.stream().filter(p -> kinds.get(plain(p)) == kind).toList();
    }

    /** A word that says how or where, or names what belongs to a part, and is no thing by itself. */
    static boolean isOrdinary(String word) {
        return ORDINARY.contains(word.toLowerCase(Locale.ROOT));
    }

    boolean isPlural(String name) {
        return !kinds.containsKey(plain(name));
    }

    private Optional<String> singular(String name) {
        var plain = plain(name);
        return List.of(
                        plain,
                        plain.replaceFirst("s$", ""),
                        plain.replaceFirst("es$", ""),
                        plain.replaceFirst("halve(s?)", "half"),
                        plain.replaceFirst("halves$", "half"))
                .stream()
                .filter(kinds::containsKey)
                .findFirst();
    }

    /** The word of the table that a slip of the key was meant for; empty where none is near, or the word is known. */
    Optional<String> meant(String word) {
        var lower = word.toLowerCase(Locale.ROOT);
        if (lower.length() < SHORTEST_CORRECTED || known.contains(lower)) {
            return Optional.empty();
        }
        // In a short word another letter makes another word: a place is no plate.
        int other = lower.length() < LONG_WORD ? 2 : 1;
        return targets.stream()
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
