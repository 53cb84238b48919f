package app.yunque.server.problem;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** Moves a refusal of the core to the field of the request that caused it. */
public final class AtField {
    private AtField() {}

    /**
     * Runs {@code make}; a refusal comes out with every component renamed.
     *
     * @param prefix  put before each field: {@code stages[0].}
     * @param renames core component to request field, where the two differ
     */
    public static <T> T named(String prefix, Map<String, String> renames, Supplier<T> make) {
        try {
            return make.get();
        } catch (Refused refused) {
            throw moved(prefix, renames, refused);
        }
    }

    /** The refusal with every component renamed. */
    static Refused moved(String prefix, Map<String, String> renames, Refused refused) {
        return new Refused(moved(prefix, renames, refused.problems()));
    }

    public static <T> T named(Map<String, String> renames, Supplier<T> make) {
        return named("", renames, make);
    }

    private static List<Problem> moved(
            String prefix, Map<String, String> renames, List<Problem> problems) {
        return problems.stream()
                .map(
                        p ->
                                new Problem(
                                        prefix + renames.getOrDefault(p.component(), p.component()),
                                        p.label(),
                                        p.value(),
                                        p.unit(),
                                        p.low(),
                                        p.high(),
                                        p.remedy()))
                .toList();
    }
}
