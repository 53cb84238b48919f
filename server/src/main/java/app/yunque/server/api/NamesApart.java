package app.yunque.server.api;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListSet;
import org.springframework.stereotype.Component;

/** Keeps count of what is described under which name: two records of one short name would silently be described as one. */
@Component
public class NamesApart {
    private final Map<String, Class<?>> named = new ConcurrentHashMap<>();
    private final Set<String> twice = new ConcurrentSkipListSet<>();

    void described(Class<?> raw, String ref) {
        var other = named.putIfAbsent(ref, raw);
        if (other != null && !other.equals(raw)) {
            twice.add(
                    "%s and %s as %s"
                            .formatted(
                                    other.getName(),
                                    raw.getName(),
                                    ref.substring(ref.lastIndexOf('/') + 1)));
        }
    }

    /**
     * Asked when everything is described.
     *
     * @throws IllegalStateException naming both, where two are described as one
     */
    public void refuseTwoOfOneName() {
        if (!twice.isEmpty()) {
            throw new IllegalStateException(
                    "Impossible: name one of each otherwise: " + String.join("; ", twice));
        }
    }
}
