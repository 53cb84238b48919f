package app.yunque.finding;

import app.yunque.measure.TableLines;
import java.util.Map;
import java.util.stream.Collectors;

/** What can hurt somebody while a check is made: said of the check itself, else of its family. Source: common practice, no source. */
final class CheckCautions {
    private static final Map<String, String> ALL =
            TableLines.beside(CheckCautions.class, "cautions.table").stream()
                    .map(line -> line.split(" \\| ", 2))
                    .collect(
                            Collectors.toUnmodifiableMap(
                                    cells -> cells[0].strip(), cells -> cells[1].strip()));

    private CheckCautions() {}

    /** Empty where nothing but the usual care is asked. */
    static String of(String check) {
        var family = check.substring(0, check.indexOf('-'));
        return ALL.getOrDefault(check, ALL.getOrDefault(family, ""));
    }

    static Map<String, String> all() {
        return ALL;
    }
}
