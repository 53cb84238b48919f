package app.yunque.server.sheet;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing a drawer asks for.
 *
 * @param name     name on the wire; a refusal of the core points to it
 * @param label    what a mechanic calls it
 * @param group    heading it stands under
 * @param kind     how it is entered
 * @param units    units the tool may show, the usual one first; empty for counts and choices
 * @param start    what stands in the field at first
 * @param optional true when it may stay empty
 * @param hint     how to take it; may be empty
 * @param choices  what can be chosen; empty for numbers
 * @param when     only asked for when another field has one of these values; missing when always
 */
public record Field(
        String name,
        String label,
        String group,
        Kind kind,
        List<String> units,
        String start,
        boolean optional,
        String hint,
        List<Option> choices,
        @Nullable When when) {

    /** How a field is entered. */
    public enum Kind {
        COUNT,
        QUANTITY,
        CHOICE,
        TEXT,
        READINGS
    }

    /** One of the things that can be chosen. */
    public record Option(String value, String words) {}

    /** A condition on another field. */
    public record When(String field, List<String> values) {}

    public static Field count(String name, String label, String start) {
        return new Field(name, label, "", Kind.COUNT, List.of(), start, false, "", List.of(), null);
    }

    public static Field quantity(String name, String label, String start, String... units) {
        return new Field(
                name, label, "", Kind.QUANTITY, List.of(units), start, false, "", List.of(), null);
    }

    public static Field length(String name, String label, String start) {
        return quantity(name, label, start, "mm", "in", "thou");
    }

    public static Field readings(String name, String label, String... units) {
        return new Field(
                name, label, "", Kind.READINGS, List.of(units), "", false, "", List.of(), null);
    }

    /** Words, such as where a maker's figure stands; may stay empty. */
    public static Field text(String name, String label) {
        return new Field(name, label, "", Kind.TEXT, List.of(), "", true, "", List.of(), null);
    }

    public static Field choice(String name, String label, String start, Option... choices) {
        return new Field(
                name, label, "", Kind.CHOICE, List.of(), start, false, "", List.of(choices), null);
    }

    public Field mayBeEmpty() {
        return new Field(name, label, group, kind, units, start, true, hint, choices, when);
    }

    public Field needed() {
        return new Field(name, label, group, kind, units, start, false, hint, choices, when);
    }

    public Field hinting(String words) {
        return new Field(name, label, group, kind, units, start, optional, words, choices, when);
    }

    public Field in(String heading) {
        return new Field(name, label, heading, kind, units, start, optional, hint, choices, when);
    }

    public Field onlyWhen(String field, String... values) {
        return new Field(
                name,
                label,
                group,
                kind,
                units,
                start,
                optional,
                hint,
                choices,
                new When(field, List.of(values)));
    }

    public Field starting(String value) {
        return new Field(name, label, group, kind, units, value, optional, hint, choices, when);
    }
}
