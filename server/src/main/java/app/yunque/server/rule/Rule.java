package app.yunque.server.rule;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Refused;
import app.yunque.server.problem.NotUnderstood;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * One public rule of the core.
 *
 * @param method its entry
 * @param marked what it says of itself
 */
public record Rule(Method method, PublicRule marked) {

    static Rule of(Method method) {
        return new Rule(method, method.getAnnotation(PublicRule.class));
    }

    /** Subject and rule: "fit/press". */
    public String at() {
        return marked.at();
    }

    public String subject() {
        return at().substring(0, at().indexOf('/'));
    }

    public List<Parameter> parameters() {
        return List.of(method.getParameters());
    }

    /** True where it tells its answer itself, so that it has a form of its own; the forms of the others are written. */
    public boolean hasForm() {
        return RuleAnswer.tellsItself(method.getReturnType());
    }

    /** True when a value may be left out. */
    public static boolean mayBeLeftOut(Parameter parameter) {
        return parameter.getType() == Optional.class
                || parameter.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    /**
     * Asks the rule.
     *
     * @param input an object with a value for each parameter
     * @throws Refused naming each value that is missing, not understood, unknown or impossible
     */
    public Object answer(JsonNode input, JsonMapper json) {
        refuseUnknown(input);
        var values = new ArrayList<Object>();
        for (var parameter : method.getParameters()) {
            values.add(value(parameter, input.path(parameter.getName()), json));
        }
        try {
            return method.invoke(null, values.toArray());
        } catch (InvocationTargetException thrown) {
            if (thrown.getCause() instanceof RuntimeException refused) {
                throw refused;
            }
            throw new IllegalStateException("Impossible: a rule threw " + thrown.getCause());
        } catch (IllegalAccessException defect) {
            throw new IllegalStateException("Impossible: a public rule is closed", defect);
        }
    }

    private void refuseUnknown(JsonNode input) {
        if (!input.isObject()) {
            throw Refused.because("", "The request is not understood.");
        }
        input.propertyNames().stream()
                .filter(
                        name ->
                                Arrays.stream(method.getParameters())
                                        .noneMatch(p -> p.getName().equals(name)))
                .findFirst()
                .ifPresent(
                        name -> {
                            throw NotUnderstood.noSuchField(name);
                        });
    }

    private static Object value(Parameter parameter, JsonNode given, JsonMapper json) {
        if (given.isMissingNode() || given.isNull()) {
            if (parameter.getType() == Optional.class) {
                return Optional.empty();
            }
            throw NotUnderstood.missing(parameter.getName());
        }
        refuseNothingAmong(parameter.getName(), given);
        try {
            Object read =
                    json.readerFor(json.constructType(parameter.getParameterizedType()))
                            .readValue(given);
            if (read == null) {
                throw NotUnderstood.missing(parameter.getName());
            }
            return read;
        } catch (DatabindException fault) {
            fault.prependPath(parameter, parameter.getName());
            throw NotUnderstood.of(fault);
        } catch (JacksonException tooLarge) {
            throw NotUnderstood.at(parameter.getName());
        }
    }

    private static void refuseNothingAmong(String path, JsonNode given) {
        for (int i = 0; given.isArray() && i < given.size(); i++) {
            if (given.get(i).isNull()) {
                throw NotUnderstood.missing(path + "[" + i + "]");
            }
        }
    }
}
