package app.yunque.procedure;

import app.yunque.inspection.Circumstance;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.TableLines;
import app.yunque.procedure.ProcedureStep.By;
import app.yunque.procedure.ProcedureStep.StepLimits;
import app.yunque.procedure.ProcedureStep.Without;
import app.yunque.route.Station;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Reads the tables of steps that ship with the core, line by line; a line that cannot be read ends the start, by its name. */
final class StepTable {
    private static final int SETTING_COLUMNS = 10;
    private static final int ACCEPTANCE_COLUMNS = 11;
    private static final String NONE = "–";
    static final Map<String, ProcedureStep> ALL = all();

    private StepTable() {}

    private static Map<String, ProcedureStep> all() {
        var steps = new LinkedHashMap<String, ProcedureStep>();
        TableLines.beside(StepTable.class, "setting.table").stream()
                .map(StepTable::setting)
                .forEach(s -> steps.put(s.id(), s));
        TableLines.beside(StepTable.class, "acceptance.table").stream()
                .map(StepTable::acceptance)
                .forEach(s -> steps.put(s.id(), s));
        return steps;
    }

    static ProcedureStep setting(String line) {
        var cells = cells(line, SETTING_COLUMNS, "S-\\d\\d");
        return new ProcedureStep(
                cells.get(0),
                Station.SET,
                cells.get(1),
                names(cells.get(2)),
                orEmpty(cells.get(3)),
                orEmpty(cells.get(4)),
                cells.get(5).equals(NONE)
                        ? By.YES
                        : By.valueOf(cells.get(5).toUpperCase(Locale.ROOT)),
                "",
                orEmpty(cells.get(6)),
                StepLimits.NONE,
                Without.valueOf(cells.get(7).toUpperCase(Locale.ROOT)),
                Set.of(),
                Set.of(),
                Set.of(Station.SET),
                cells.get(8),
                orEmpty(cells.get(9)));
    }

    static ProcedureStep acceptance(String line) {
        var cells = cells(line, ACCEPTANCE_COLUMNS, "P-\\d\\d");
        var who = cells.get(6).split("; nobody: ", 2);
        var measured = cells.get(2);
        return new ProcedureStep(
                cells.get(0),
                Station.PROVE,
                cells.get(1),
                List.of(),
                "",
                "",
                switch (measured) {
                    case "yes" -> By.YES;
                    case "run" -> By.RUN;
                    default -> By.VALUE;
                },
                measured.equals("yes") || measured.equals("run") ? "" : measured,
                orEmpty(cells.get(3)),
                limits(cells.get(4), cells.get(5)),
                Without.valueOf(who[0].toUpperCase(Locale.ROOT)),
                who.length == 1
                        ? Set.of()
                        : Arrays.stream(who[1].split("\\s+"))
                                .map(Circumstance::valueOf)
                                .collect(Collectors.toUnmodifiableSet()),
                fixed(cells.get(7)),
                names(cells.get(8)).stream()
                        .map(Station::valueOf)
                        .collect(Collectors.toUnmodifiableSet()),
                cells.get(9),
                orEmpty(cells.get(10)));
    }

    private static Set<Circumstance> fixed(String cell) {
        return cell.equals("always")
                ? ProcedureStep.ALWAYS
                : names(cell).stream()
                        .map(Circumstance::valueOf)
                        .collect(Collectors.toUnmodifiableSet());
    }

    private static StepLimits limits(String least, String most) {
        var byKind = new EnumMap<UnitKind, Double>(UnitKind.class);
        var clauses = most.split(";");
        for (int i = 1; i < clauses.length; i++) {
            var words = clauses[i].strip().split("\\s+");
            byKind.put(UnitKind.valueOf(words[0]), Double.valueOf(words[1]));
        }
        return new StepLimits(number(least), number(clauses[0].strip()), byKind);
    }

    private static @Nullable Double number(String cell) {
        return cell.equals(NONE) ? null : Double.valueOf(cell);
    }

    private static List<String> cells(String line, int columns, String name) {
        var cells = Arrays.stream(line.split(" \\| ", -1)).map(String::strip).toList();
        if (cells.size() != columns || !cells.get(0).matches(name)) {
            throw new IllegalStateException(
                    "A step needs a name and %d cells: %s".formatted(columns, line));
        }
        return cells;
    }

    private static List<String> names(String cell) {
        return cell.equals(NONE) ? List.of() : List.of(cell.split("\\s+"));
    }

    private static String orEmpty(String cell) {
        return cell.equals(NONE) ? "" : cell;
    }
}
