package app.yunque.server.report;

import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;

/** Sources of a report, each told once, at its foot. */
final class Footnotes {
    private final List<String> sources = new ArrayList<>();

    /** Numbers of the sources of some workings, each once, 1 first. */
    List<Integer> of(List<Working> workings) {
        return workings.stream()
                .map(Working::source)
                .filter(s -> !s.isBlank())
                .distinct()
                .map(this::number)
                .toList();
    }

    List<String> all() {
        return List.copyOf(sources);
    }

    private int number(String source) {
        if (!sources.contains(source)) {
            sources.add(source);
        }
        return sources.indexOf(source) + 1;
    }
}
