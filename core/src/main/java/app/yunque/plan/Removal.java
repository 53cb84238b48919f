package app.yunque.plan;

import app.yunque.measure.Refused;
import java.util.List;
import java.util.Set;

/**
 * A part and the ways in which it can come off; one of them is enough.
 *
 * @param part identity of the part
 * @param name what it is, as it stands in an explanation
 * @param ways ways in drawing order, at least one
 */
public record Removal(String part, String name, List<Way> ways) {

    /**
     * @param name     the way in words: "by the left cover"; empty for the only one
     * @param requires parts that must be off first, all of them
     * @param minutes  how long it takes
     * @param barred   why this way cannot be gone at all, as a clause; empty when it can
     */
    public record Way(String name, Set<String> requires, double minutes, String barred) {
        public Way {
            requires = Set.copyOf(requires);
            Refused.ifAny(Task.MINUTES.judge(minutes));
        }

        public Way(String name, Set<String> requires, double minutes) {
            this(name, requires, minutes, "");
        }
    }

    public Removal {
        ways = List.copyOf(ways);
        if (ways.isEmpty()) {
            throw Refused.because("ways", "“" + name + "” has no way off. Say at least one.");
        }
    }
}
