package app.yunque.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Values that cannot be: thrown by the records of the trade, with every fault told together. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    public Refused(List<Problem> problems) {
        super(problems.stream().map(Problem::sentence).collect(Collectors.joining(" ")));
        this.problems = List.copyOf(problems);
    }

    /** Refuses with one whole sentence about one field. */
    public static Refused because(String component, String sentence) {
        return new Refused(List.of(Problem.told(component, sentence)));
    }

    public List<Problem> problems() {
        return problems;
    }

    /** @throws Refused when at least one of the checks found a fault; all faults are carried */
    @SafeVarargs
    public static void ifAny(Optional<Problem>... checks) {
        var found = new ArrayList<Problem>();
        for (var check : checks) {
            check.ifPresent(found::add);
        }
        if (!found.isEmpty()) {
            throw new Refused(found);
        }
    }
}
