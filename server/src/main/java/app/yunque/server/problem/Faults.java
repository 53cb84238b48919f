package app.yunque.server.problem;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Collects the refusals of several parts of one request, so that all of them are told together. */
public final class Faults {
    private final List<Problem> problems = new ArrayList<>();

    /** The made value, or null when it was refused; the refusal is kept for {@link #throwIfAny}. */
    public <T> @Nullable T gather(Supplier<T> make) {
        try {
            return make.get();
        } catch (Refused refused) {
            problems.addAll(refused.problems());
            return null;
        }
    }

    /** As {@link #gather(Supplier)}, with every field of the refusal moved under a prefix. */
    public <T> @Nullable T gather(Supplier<T> make, String prefix) {
        return gather(() -> AtField.named(prefix, Map.of(), make));
    }

    public void throwIfAny() {
        if (!problems.isEmpty()) {
            throw new Refused(problems);
        }
    }
}
