package app.yunque.inspection;

import app.yunque.finding.Checks;
import app.yunque.measure.TableLines;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * One word of a complaint: what it is read from, and what it sends the mechanic to. The table that ships with the core can be corrected by a
 * practitioner; a line that cannot be read ends the start, by its name. Source: common practice, no source.
 *
 * @param word  which
 * @param read  what it is read from in what a customer says
 * @param first checks that decide the rest, or cannot be repeated later
 * @param then  the others, in this order
 */
public record Complaint(Circumstance word, Pattern read, List<String> first, List<String> then) {
    /** "does not leak" is no leak. */
    private static final Pattern DENIED =
            Pattern.compile("\\b(no|not|never|without|nor|doesn.t|isn.t)\\s+(\\w+\\s+)?$");

    private static final int COLUMNS = 4;
    private static final List<Complaint> ALL =
            TableLines.beside(Complaint.class, "complaints.table").stream()
                    .map(Complaint::line)
                    .toList();

    public Complaint {
        first = List.copyOf(first);
        then = List.copyOf(then);
    }

    /** All there are, in the order of their table. */
    public static List<Complaint> all() {
        return ALL;
    }

    static Optional<Complaint> of(Circumstance word) {
        return ALL.stream().filter(c -> c.word == word).findFirst();
    }

    /**
     * The words a complaint is read as; the mechanic confirms.
     *
     * @param said free text; what is said not to be so is not read
     */
    public static Set<Circumstance> read(String said) {
        var text = said.toLowerCase(Locale.ROOT);
        var words = EnumSet.noneOf(Circumstance.class);
        for (var complaint : ALL) {
            if (complaint.isSaidIn(text)) {
                words.add(complaint.word);
            }
        }
        return words;
    }

    private boolean isSaidIn(String text) {
        return isSaid(read, text);
    }

    /** Whether a text says something, and does not say that it is not so. */
    public static boolean isSaid(Pattern pattern, String text) {
        var found = pattern.matcher(text);
        while (found.find()) {
            if (!DENIED.matcher(text.substring(0, found.start())).find()) {
                return true;
            }
        }
        return false;
    }

    /** Place of a check in the order of this complaint, 0 first; as many as there are where it is not named. */
    int place(String check) {
        int at = first.indexOf(check);
        if (at >= 0) {
            return at;
        }
        int later = then.indexOf(check);
        return first.size() + (later >= 0 ? later : then.size());
    }

    boolean names(String check) {
        return first.contains(check) || then.contains(check);
    }

    static Complaint line(String line) {
        var cells = Arrays.stream(line.split(" \\| ", -1)).map(String::strip).toList();
        if (cells.size() != COLUMNS) {
            throw new IllegalStateException(
                    "A complaint needs %d cells: %s".formatted(COLUMNS, line));
        }
        var patterns =
                Arrays.stream(cells.get(1).split(", "))
                        .map(String::strip)
                        .collect(Collectors.joining("|", "\\b(", ")\\b"));
        return new Complaint(
                Circumstance.valueOf(cells.get(0)),
                Pattern.compile(patterns),
                checks(cells.get(2), line),
                checks(cells.get(3), line));
    }

    private static List<String> checks(String cell, String line) {
        var names = List.of(cell.split("\\s+"));
        names.stream()
                .filter(n -> Checks.find(n).isEmpty())
                .findFirst()
                .ifPresent(
                        n -> {
                            throw new IllegalStateException(
                                    "There is no check %s: %s".formatted(n, line));
                        });
        return names;
    }
}
