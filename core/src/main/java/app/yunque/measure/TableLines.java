package app.yunque.measure;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/** Tables of the trade that ship beside the rule they belong to, so that a practitioner can read and correct them. */
public final class TableLines {
    private TableLines() {}

    /**
     * The lines of a table, without notes (#) and empty ones.
     *
     * @param rule  class beside which it lies
     * @param table its file name
     * @throws IllegalStateException when it cannot be read
     */
    public static List<String> beside(Class<?> rule, String table) {
        try (InputStream file =
                Objects.requireNonNull(
                        rule.getResourceAsStream(table), table + " is missing beside its rule")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
        } catch (IOException unread) {
            throw new IllegalStateException(table + " cannot be read.", unread);
        }
    }
}
