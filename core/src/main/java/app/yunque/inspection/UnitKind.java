package app.yunque.inspection;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.TableLines;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;

/**
 * Kinds of unit: the words that give one away, what it is there for, what is set and what is proved on it. All of it stands in a table that a
 * practitioner can correct; a line that cannot be read ends the start, by its name. Source: common practice, no source.
 */
public enum UnitKind {
    RED,
    WGB,
    BVL,
    TWN,
    CYC,
    PLW,
    HWN,
    HOI,
    ACT,
    FDB,
    HDS,
    SLD,
    MTP,
    PGE,
    REV,
    THR,
    STE,
    STA,
    WSH;

    /** What stands over the papers of a unit that this shop repairs and does not release. Local rules and licensed inspection decide. */
    private static final String RELEASED_ELSEWHERE =
            "Not released for lifting by this shop: whoever is licensed for it inspects, tests and releases it, by the local rules.";

    private static final int COLUMNS = 7;
    private static final Map<UnitKind, Line> LINES = lines();

    /**
     * One line of the table.
     *
     * @param words      what gives it away
     * @param duty       what it is there for where nobody says
     * @param powered    true when it runs under power while it is proved
     * @param setting    names of the steps that are set on it, in this order
     * @param acceptance names of what it shows before it leaves, beside what every unit shows
     * @param notAsked   what is not asked of it, and why; empty where all is
     */
    private record Line(
            Pattern words,
            ServiceDuty duty,
            boolean powered,
            List<String> setting,
            List<String> acceptance,
            String notAsked) {}

    private static Map<UnitKind, Line> lines() {
        var lines = new EnumMap<UnitKind, Line>(UnitKind.class);
        for (var line : TableLines.beside(UnitKind.class, "unitkinds.table")) {
            var cells = Arrays.stream(line.split(" \\| ", -1)).map(String::strip).toList();
            if (cells.size() != COLUMNS) {
                throw new IllegalStateException(
                        "A kind of unit needs %d cells: %s".formatted(COLUMNS, line));
            }
            lines.put(
                    valueOf(cells.get(0)),
                    new Line(
                            Pattern.compile("\\b(" + cells.get(1) + ")\\b"),
                            ServiceDuty.valueOf(cells.get(2)),
                            cells.get(3).equals("yes"),
                            List.of(cells.get(4).split("\\s+")),
                            List.of(cells.get(5).split("\\s+")),
                            cells.get(6).equals("–") ? "" : cells.get(6)));
        }
        return lines;
    }

    private Line line() {
        return Objects.requireNonNull(LINES.get(this), name());
    }

    /** What it is there for where nobody says otherwise. */
    public ServiceDuty usualDuty() {
        return line().duty;
    }

    /** Whether it runs under power while it is proved. */
    public boolean isPowered() {
        return line().powered;
    }

    /** Names of the steps that are set on it after the rebuild, in this order. */
    public List<String> setting() {
        return line().setting;
    }

    /** Names of what it shows before it leaves, beside what every unit shows. */
    public List<String> acceptance() {
        return line().acceptance;
    }

    /** What is not asked of it, and why; empty where all is. */
    public String notAsked() {
        return line().notAsked;
    }

    public String words() {
        return circumstance().words();
    }

    public Circumstance circumstance() {
        return Circumstance.valueOf(name());
    }

    /**
     * The kinds that some words give away: those with the longest match.
     *
     * @param said kind and name of a unit in words
     * @return one; several where the words do not tell them apart; none where nothing fits
     */
    public static List<UnitKind> of(String said) {
        var text = said.toLowerCase(Locale.ROOT);
        int longest = 1;
        var kinds = new ArrayList<UnitKind>();
        for (var kind : values()) {
            int length = kind.longestIn(text);
            if (length > longest) {
                kinds.clear();
                longest = length;
            }
            if (length == longest) {
                kinds.add(kind);
            }
        }
        return List.copyOf(kinds);
    }

    private int longestIn(String text) {
        var found = line().words.matcher(text);
        int longest = 0;
        while (found.find()) {
            longest = Math.max(longest, found.end() - found.start());
        }
        return longest;
    }

    /** What is said of a unit that leaves the shop without being released by it; empty for every other kind. */
    public String notReleased() {
        return this == HOI ? RELEASED_ELSEWHERE : "";
    }
}
