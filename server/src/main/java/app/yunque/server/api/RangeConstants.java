package app.yunque.server.api;

import app.yunque.measure.Range;
import java.lang.reflect.Modifier;
import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds the range constants of a core type by the component they guard. */
public final class RangeConstants {
    private RangeConstants() {}

    public static Map<String, Range> of(Class<?>... types) {
        return Arrays.stream(types)
                .flatMap(RangeConstants::constants)
                .collect(Collectors.toMap(Range::component, Function.identity(), (a, b) -> a));
    }

    private static Stream<Range> constants(Class<?> type) {
        return Arrays.stream(type.getDeclaredFields())
                .filter(
                        f ->
                                Modifier.isStatic(f.getModifiers())
                                        && Modifier.isPublic(f.getModifiers()))
                .filter(f -> f.getType() == Range.class)
                .map(RangeConstants::value);
    }

    private static Range value(java.lang.reflect.Field field) {
        try {
            return (Range) field.get(null);
        } catch (IllegalAccessException defect) {
            throw new IllegalStateException(
                    "Impossible: a public constant is not readable", defect);
        }
    }
}
