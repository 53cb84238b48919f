package app.yunque.server.sheet;

import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * One calculator.
 *
 * @param name     name in the address: "over-pins"
 * @param title    name on the label of the drawer
 * @param purpose  what it is for, in one sentence
 * @param section  where it stands among the others
 * @param takes    which kind of instrument it reads from; NONE for pure arithmetic
 * @param fields   what it asks for
 * @param folded   headings that stand folded until they are wanted
 * @param serves   which checks and steps it is for
 * @param answer   the rule behind it
 */
public record Drawer(
        String name,
        String title,
        String purpose,
        Section section,
        Takes takes,
        List<Field> fields,
        Set<String> folded,
        Serves serves,
        Function<DrawerSheet, DrawerAnswer> answer) {

    /**
     * Where a drawer is offered in a job.
     *
     * @param checks names of the checks its verdict answers
     * @param steps  names of the steps of setting that it works something out for
     * @param isRule true for a drawer made from a rule, whose values go by the names of the rule and not by those of the papers
     */
    public record Serves(List<String> checks, List<String> steps, boolean isRule) {
        public static final Serves NOTHING_BY_NAME = new Serves(List.of(), List.of(), false);
    }

    /** A drawer that no check and no step names. */
    public Drawer(
            String name,
            String title,
            String purpose,
            Section section,
            Takes takes,
            List<Field> fields,
            Set<String> folded,
            Function<DrawerSheet, DrawerAnswer> answer) {
        this(name, title, purpose, section, takes, fields, folded, Serves.NOTHING_BY_NAME, answer);
    }

    /** A drawer that shows all its fields at once. */
    public Drawer(
            String name,
            String title,
            String purpose,
            Section section,
            Takes takes,
            List<Field> fields,
            Function<DrawerSheet, DrawerAnswer> answer) {
        this(name, title, purpose, section, takes, fields, Set.of(), answer);
    }

    /** Where drawers stand. */
    public enum Section {
        TEARDOWN("Before it opens"),
        TEETH("Teeth and wear"),
        BACKLASH("Backlash and play"),
        MESH("The mesh"),
        CONTACT("Contact and shims"),
        FIT("Fits, presses, keys and seals"),
        BEARING("Bearings"),
        SHIM("Shims and gaskets"),
        FASTENER("Screws, pins and locks"),
        SPRING("Springs and detents"),
        ALIGNMENT("Settings and alignment"),
        UPKEEP("Running"),
        COST("Money and spares"),
        TRAIN("Ratios and trains"),
        TIMING("Timing"),
        UNKNOWN("What is it?"),
        OIL("Oil"),
        GREASE("Grease, and what goes where");

        private final String words;

        Section(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Which instruments can take its readings. */
    public enum Takes {
        NONE,
        DIAL,
        CALIPER,
        TOOTH_CALIPER
    }
}
