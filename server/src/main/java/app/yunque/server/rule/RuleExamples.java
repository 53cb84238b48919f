package app.yunque.server.rule;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One worked example of each rule that has no form, for the description; the others have theirs in the form. */
final class RuleExamples {
    private static final JsonNode ALL = read();

    private RuleExamples() {}

    static Optional<JsonNode> of(Rule rule) {
        return Optional.ofNullable(ALL.get(rule.at()));
    }

    private static JsonNode read() {
        try (var file =
                Objects.requireNonNull(
                        RuleExamples.class.getResourceAsStream("/calc-examples.json"))) {
            return JsonMapper.builder().build().readTree(file.readAllBytes());
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
