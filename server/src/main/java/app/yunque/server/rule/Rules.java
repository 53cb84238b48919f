package app.yunque.server.rule;

import app.yunque.measure.PublicRule;
import app.yunque.server.problem.NotThere;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.util.ClassUtils;

/** Every public rule of the core, found by its mark when somebody first asks. */
@Component
public class Rules {
    private static final String CORE = "app.yunque";
    private static final String NOT_CORE = "app.yunque.server.";

    /** Found once, and not while the app starts: it reads the heads of all classes of the core. */
    private static final class Found {
        private static final Map<String, Rule> ALL = find();
    }

    /** Looks for them as soon as the app stands, beside what it does, so that nobody waits for it. */
    @EventListener(ApplicationReadyEvent.class)
    void lookAhead() {
        CompletableFuture.runAsync(this::all);
    }

    /** In order of their addresses. */
    public Collection<Rule> all() {
        return Found.ALL.values();
    }

    Rule at(String subject, String rule) {
        var found = Found.ALL.get(subject + "/" + rule);
        if (found == null) {
            throw new NotThere(
                    "There is no rule “"
                            + subject
                            + "/"
                            + rule
                            + "”. GET /api/calc lists them all.");
        }
        return found;
    }

    private static Map<String, Rule> find() {
        var scanner = new ClassPathScanningCandidateComponentProvider(false);
        scanner.addIncludeFilter(
                (reader, factory) ->
                        reader.getAnnotationMetadata()
                                .hasAnnotatedMethods(PublicRule.class.getName()));
        var rules = new LinkedHashMap<String, Rule>();
        scanner.findCandidateComponents(CORE).stream()
                .map(found -> Objects.requireNonNull(found.getBeanClassName()))
                .filter(name -> !name.startsWith(NOT_CORE))
                .map(name -> ClassUtils.resolveClassName(name, Rules.class.getClassLoader()))
                .flatMap(type -> Arrays.stream(type.getDeclaredMethods()))
                .filter(method -> method.isAnnotationPresent(PublicRule.class))
                .map(Rule::of)
                .sorted(Comparator.comparing(Rule::at))
                .forEach(
                        rule -> {
                            if (rules.put(rule.at(), rule) != null) {
                                throw new IllegalStateException(
                                        "Impossible: two rules at " + rule.at());
                            }
                        });
        return rules;
    }
}
