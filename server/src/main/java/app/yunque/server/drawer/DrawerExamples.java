package app.yunque.server.drawer;

import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.sheet.Field;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Worked examples by drawer, so that nobody faces an empty form; the unknown gears are those in the drawer of the salt
 * works' shop. Values as the bench would type them.
 */
final class DrawerExamples {
    /**
     * One example.
     *
     * @param title   what it is
     * @param entries field name, value with unit; readings with spaces between and the unit last
     */
    record Example(String title, Map<String, String> entries) {}

    private static final Map<String, List<Example>> ALL = read();

    private DrawerExamples() {}

    static List<Example> of(String drawer) {
        return ALL.getOrDefault(drawer, List.of());
    }

    /** Where a drawer stands among those of its section: in the order of the file, which is the order of the work. */
    static int place(String drawer) {
        int place = List.copyOf(ALL.keySet()).indexOf(drawer);
        return place < 0 ? ALL.size() : place;
    }

    /** The example as it would have been entered. */
    static DrawerEntries entries(Example example, List<Field> fields) {
        var numbers = new HashMap<String, EnteredNumber>();
        var readings = new HashMap<String, List<EnteredNumber>>();
        for (var field : fields) {
            var value = example.entries.getOrDefault(field.name(), field.start());
            var unit = field.units().isEmpty() ? "" : field.units().get(0);
            if (field.kind() == Field.Kind.READINGS) {
                var list = new ArrayList<EnteredNumber>();
                Arrays.stream(value.split(" "))
                        .filter(v -> !v.isBlank())
                        .forEach(v -> list.add(new EnteredNumber(v, unit)));
                readings.put(field.name(), list);
            } else if (field.kind() == Field.Kind.QUANTITY && value.contains(" ")) {
                var parts = value.split(" ");
                numbers.put(field.name(), new EnteredNumber(parts[0], parts[1]));
            } else {
                numbers.put(field.name(), new EnteredNumber(value, unit));
            }
        }
        return new DrawerEntries(numbers, readings, null);
    }

    private static Map<String, List<Example>> read() {
        try (var stream = new ClassPathResource("drawer-examples.json").getInputStream()) {
            return JsonMapper.builder()
                    .build()
                    .readValue(stream, new TypeReference<Map<String, List<Example>>>() {});
        } catch (IOException defect) {
            throw new IllegalStateException("Impossible: the examples are missing", defect);
        }
    }
}
