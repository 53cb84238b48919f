package app.yunque.server.rule;

import app.yunque.measure.Figure;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import app.yunque.measure.Zone;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The answer of a rule in the one form that every program reads: its result as it is, and beside it {@code told} with verdict, sentence,
 * keyed figures, doubts and working. A rule that tells it itself is passed on; of any other it is read off the result, each figure under
 * the name it has there. A result that is no record stands under {@code value}.
 */
final class RuleAnswer {
    private static final String TOLD = "told";
    private static final String VALUE = "value";
    private static final int DECIMALS = 4;

    private RuleAnswer() {}

    /** True where the rule tells its answer itself, so that a form can show it. */
    static boolean tellsItself(Class<?> result) {
        return result.isRecord()
                && Arrays.stream(result.getRecordComponents())
                        .anyMatch(c -> c.getName().equals(TOLD) && c.getType() == Told.class);
    }

    /** @throws Refused where the values lead to no number */
    static Object of(Rule rule, Object result, JsonMapper json) {
        if (tellsItself(result.getClass())) {
            return result;
        }
        var answer = json.createObjectNode();
        if (result instanceof Record) {
            answer.setAll((ObjectNode) json.valueToTree(result));
        } else {
            answer.set(VALUE, json.valueToTree(result));
        }
        answer.set(TOLD, json.valueToTree(told(rule, result)));
        return answer;
    }

    private static Told told(Rule rule, Object result) {
        var figures = new ArrayList<Figure>();
        var bare = result instanceof Optional<?> found ? found.orElse(null) : result;
        if (result instanceof Record) {
            figures(figures, "", result);
        } else if (bare instanceof Record inside) {
            figures(figures, VALUE + ".", inside);
        } else {
            figure(figures, VALUE, result);
        }
        return new Told(
                component(result, "verdict", Verdict.class).orElse(Verdict.orNotJudged(null)),
                component(result, "zone", Zone.class).orElse(null),
                null,
                false,
                component(result, "sentence", String.class).orElse(""),
                figures,
                warnings(result),
                component(result, "working", Working.class)
                        .orElseGet(() -> new Working(List.of(), source(rule, result))));
    }

    /** A table names the source of each of its rows itself. */
    private static String source(Rule rule, Object result) {
        return component(result, "source", String.class).orElse(rule.marked().source());
    }

    private static void figures(List<Figure> figures, String prefix, Object result) {
        for (var component : result.getClass().getRecordComponents()) {
            var value = read(component, result);
            var key = prefix + component.getName();
            if (value instanceof Record inside && !(value instanceof Working) && prefix.isEmpty()) {
                figures(figures, key + ".", inside);
            } else {
                figure(figures, key, value);
            }
        }
    }

    private static void figure(List<Figure> figures, String key, @Nullable Object value) {
        var bare = value instanceof Optional<?> optional ? optional.orElse(null) : value;
        if (bare instanceof Number number) {
            figures.add(number(key, number));
        } else if (bare instanceof Map<?, ?> many) {
            many.forEach((name, one) -> figure(figures, key + "." + name, one));
        } else if (bare instanceof Enum<?> || bare instanceof Boolean) {
            figures.add(new Figure(key, label(key), null, "", 0, bare.toString()));
        } else if (bare instanceof String words && key.equals(VALUE)) {
            figures.add(new Figure(key, label(key), null, "", 0, words));
        }
    }

    private static Figure number(String key, Number value) {
        if (!Double.isFinite(value.doubleValue())) {
            throw Refused.because(
                    "",
                    "These values lead to no number for “%s”. Check each against the range that is described for it."
                            .formatted(label(key)));
        }
        boolean whole = value instanceof Integer || value instanceof Long;
        return new Figure(
                key,
                label(key),
                value.doubleValue(),
                UnitByName.of(key),
                whole ? 0 : DECIMALS,
                null);
    }

    private static String label(String key) {
        return UnitByName.label(key.substring(key.lastIndexOf('.') + 1));
    }

    private static List<String> warnings(Object result) {
        var said = new ArrayList<String>();
        for (var name : List.of("troubles", "warnings")) {
            component(result, name, List.class)
                    .ifPresent(l -> ((List<?>) l).forEach(w -> said.add(String.valueOf(w))));
        }
        return said;
    }

    private static <T> Optional<T> component(Object result, String name, Class<T> type) {
        if (result instanceof Optional<?> found && found.orElse(null) instanceof Record inside) {
            return component(inside, name, type);
        }
        if (!(result instanceof Record)) {
            return type.isInstance(result) && type == Verdict.class
                    ? Optional.of(type.cast(result))
                    : Optional.empty();
        }
        return Arrays.stream(result.getClass().getRecordComponents())
                .filter(c -> c.getName().equals(name))
                .map(c -> read(c, result))
                .filter(type::isInstance)
                .map(type::cast)
                .findFirst();
    }

    private static @Nullable Object read(RecordComponent component, Object record) {
        try {
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException defect) {
            throw new IllegalStateException(
                    "Impossible: " + component.getName() + " is not readable", defect);
        }
    }
}
