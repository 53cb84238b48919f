package app.yunque.diagnosis;

import app.yunque.inspection.Circumstance;
import app.yunque.inspection.UnitKind;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What goes with what: signs, causes and tests. Levels: A 0.90, B 0.60, C 0.30, D 0.10, not named 0.03. Source: judgement, no source.
 *
 * @param signs  by name
 * @param causes by name
 * @param tests  by name
 */
public record EvidenceTable(
        Map<String, Sign> signs, Map<String, Cause> causes, Map<String, Test> tests) {
    /** Chance of what the table does not name. */
    static final double UNNAMED = 0.03;

    /**
     * @param id      its name: "S01"
     * @param words   the sign
     * @param saidBy  words of the complaint that say it
     * @param readBy  patterns of the free text that give it away
     */
    public record Sign(String id, String words, Set<Circumstance> saidBy, List<Pattern> readBy) {}

    /**
     * @param id       its name: "C01"
     * @param words    the cause
     * @param weight   before anything is known
     * @param kinds    kinds of unit it is thought of on; empty for any
     * @param levels   chance of each sign with it, those that are named
     * @param putRight what is put right with it
     */
    public record Cause(
            String id,
            String words,
            double weight,
            Set<UnitKind> kinds,
            Map<String, Double> levels,
            String putRight) {

        double chance(String sign) {
            return levels.getOrDefault(sign, UNNAMED);
        }

        boolean isThoughtOfOn(Set<UnitKind> unit) {
            return kinds.isEmpty() || kinds.stream().anyMatch(unit::contains);
        }
    }

    /**
     * @param id       its name: "T01"
     * @param words    what is done, and when it is positive
     * @param minutes  of a practised mechanic
     * @param repeats  sign it repeats; empty for none
     * @param levels   chance that it is positive by cause, those that are named
     * @param checks   checks of a part that answer it
     * @param positive findings that make it positive
     * @param negative findings that make it negative
     */
    public record Test(
            String id,
            String words,
            double minutes,
            String repeats,
            Map<String, Double> levels,
            List<String> checks,
            List<String> positive,
            List<String> negative) {

        /** What was done, and that it was not so: "look at the gaskets: not so (torn or squeezed out)". */
        String notSo() {
            int colon = words.lastIndexOf(": ");
            return colon < 0
                    ? "not so: " + words
                    : words.substring(0, colon) + ": not so (" + words.substring(colon + 2) + ")";
        }

        double chance(String cause) {
            return levels.getOrDefault(cause, UNNAMED);
        }
    }

    /** The table that ships. */
    public static EvidenceTable shipped() {
        return EvidenceReader.TABLE;
    }
}
