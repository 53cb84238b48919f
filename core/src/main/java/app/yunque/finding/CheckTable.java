package app.yunque.finding;

import app.yunque.measure.TableLines;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Reads the table of checks that ships with the core, line by line; a line that cannot be read ends the start, by its name. */
final class CheckTable {
    private static final int COLUMNS = 10;

    private CheckTable() {}

    static List<Check> read() {
        return TableLines.beside(CheckTable.class, "checks.table").stream()
                .map(CheckTable::check)
                .toList();
    }

    static Check check(String line) {
        var cells = Arrays.stream(line.split(" \\| ", -1)).map(String::strip).toList();
        if (cells.size() != COLUMNS || !Check.NAME.matcher(cells.get(0)).matches()) {
            throw new IllegalStateException(
                    "A check needs a name and %d cells: %s".formatted(COLUMNS, line));
        }
        return new Check(
                cells.get(0),
                cells.get(1),
                cells.get(2),
                cells.get(3),
                words(cells.get(4), line),
                orEmpty(cells.get(5)),
                CheckLimits.in(cells.get(5)).orElse(null),
                cells.get(6),
                Double.parseDouble(cells.get(7)),
                looks(cells.get(8), line),
                orEmpty(cells.get(9)),
                CheckCautions.of(cells.get(0)));
    }

    private static List<Check.Word> words(String cell, String line) {
        if (orEmpty(cell).isEmpty()) {
            return List.of();
        }
        return Arrays.stream(cell.split(";"))
                .map(String::strip)
                .map(
                        word -> {
                            int at = word.lastIndexOf(' ');
                            return new Check.Word(
                                    at < 0 ? "" : word.substring(0, at),
                                    severity(word.substring(at + 1), line));
                        })
                .toList();
    }

    private static Severity severity(String code, String line) {
        return Arrays.stream(Severity.values())
                .filter(s -> s.code().equals(code))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalStateException(
                                        "“%s” is no severity: %s".formatted(code, line)));
    }

    private static Set<Look> looks(String letters, String line) {
        var looks = EnumSet.noneOf(Look.class);
        for (char letter : letters.toCharArray()) {
            looks.add(
                    switch (letter) {
                        case 'F' -> Look.AS_FOUND;
                        case 'C' -> Look.WASHED;
                        case 'R' -> Look.AFTER_WORK;
                        default ->
                                throw new IllegalStateException(
                                        "“%s” is no time to look: %s".formatted(letter, line));
                    });
        }
        return looks;
    }

    private static String orEmpty(String cell) {
        return cell.equals("–") ? "" : cell;
    }
}
