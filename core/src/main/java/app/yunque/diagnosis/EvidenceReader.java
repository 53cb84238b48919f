package app.yunque.diagnosis;

import app.yunque.diagnosis.EvidenceTable.Cause;
import app.yunque.diagnosis.EvidenceTable.Sign;
import app.yunque.diagnosis.EvidenceTable.Test;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.TableLines;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads the tables of evidence that lie beside it. */
final class EvidenceReader {
    private static final Map<String, Double> LEVELS =
            Map.of("A", 0.90, "B", 0.60, "C", 0.30, "D", 0.10);
    private static final String NONE = "–";

    static final EvidenceTable TABLE =
            new EvidenceTable(
                    read("signs.table", EvidenceReader::sign, Sign::id),
                    read("causes.table", EvidenceReader::cause, Cause::id),
                    read("tests.table", EvidenceReader::test, Test::id));

    private EvidenceReader() {}

    private static <T> Map<String, T> read(
            String table, Function<String[], T> make, Function<T, String> id) {
        return TableLines.beside(EvidenceReader.class, table).stream()
                .map(
                        line ->
                                Arrays.stream(line.split(" \\| ", -1))
                                        .map(String::strip)
                                        .toArray(String[]::new))
                .map(make)
                .collect(
                        Collectors.toMap(
                                id,
                                Function.identity(),
                                (a, b) -> {
                                    throw new IllegalStateException(
                                            "Impossible: two lines of one name in " + table);
                                },
                                LinkedHashMap::new));
    }

    private static Sign sign(String[] cells) {
        return new Sign(
                cells[0],
                cells[1],
                split(cells[2], "\\s+").stream()
                        .map(Circumstance::valueOf)
                        .collect(Collectors.toUnmodifiableSet()),
                split(cells[3], ",\\s*").stream().map(p -> Pattern.compile("\\b" + p)).toList());
    }

    private static Cause cause(String[] cells) {
        return new Cause(
                cells[0],
                cells[1],
                Double.parseDouble(cells[2]),
                split(cells[3], "\\s+").stream()
                        .map(UnitKind::valueOf)
                        .collect(Collectors.toUnmodifiableSet()),
                levels(cells[4]),
                cells[5]);
    }

    private static Test test(String[] cells) {
        return new Test(
                cells[0],
                cells[1],
                Double.parseDouble(cells[2]),
                cells[3].equals(NONE) ? "" : cells[3],
                levels(cells[4]),
                split(cells[5], "\\s+"),
                split(cells[6], ";\\s*"),
                split(cells[7], ";\\s*"));
    }

    private static Map<String, Double> levels(String cell) {
        var levels = new LinkedHashMap<String, Double>();
        for (var one : split(cell, "\\s+")) {
            levels.put(
                    one.substring(0, one.indexOf('=')),
                    LEVELS.get(one.substring(one.indexOf('=') + 1)));
        }
        return levels;
    }

    private static List<String> split(String cell, String by) {
        return cell.equals(NONE) ? List.of() : List.of(cell.split(by));
    }
}
