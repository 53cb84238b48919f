package app.yunque.server.problem;

import org.jspecify.annotations.Nullable;

/**
 * One fault at one field of a request.
 *
 * @param field    path of the field in the request: {@code stages[0].faceWidth}
 * @param sentence the fault as a mechanic reads it
 * @param value    the value as it came
 * @param unit     unit of value and limits
 * @param low      smallest allowed value
 * @param high     largest allowed value
 */
public record FieldProblem(
        String field,
        String sentence,
        @Nullable String value,
        @Nullable String unit,
        @Nullable String low,
        @Nullable String high) {}
