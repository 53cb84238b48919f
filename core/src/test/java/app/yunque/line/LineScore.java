package app.yunque.line;

import app.yunque.line.LineReading.Fastener;
import app.yunque.line.LineReading.Finding;
import app.yunque.line.LineReading.Part;
import app.yunque.teardown.Side;
import app.yunque.teardown.StripAct;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Scores what was read of one line against its right reading, field by field: a field is right, empty (not read, the words are kept), or
 * wrong. What was read and is not in the right reading is wrong, unless it may be read.
 */
final class LineScore {
    /** How each field came out: "L001 parts[0].count wrong: 9, is 1". */
    final List<String> right = new ArrayList<>();

    final List<String> empty = new ArrayList<>();
    final List<String> wrong = new ArrayList<>();
    private final String id;
    private final JsonNode may;
    private final List<String> shafts;

    private LineScore(JsonNode line) {
        id = line.path("id").asString();
        may = line.path("may");
        shafts = texts(line.path("context").path("shafts"));
    }

    static LineReading read(JsonNode line) {
        var context = line.path("context");
        var shafts = texts(context.path("shafts"));
        var before = context.path("previous").path("shaft").asString("");
        return LineReading.of(
                line.path("line").asString(),
                shafts,
                Optional.empty(),
                new LineReading.Previous(
                        before.isEmpty() ? null : Integer.valueOf(shafts.indexOf(before) + 1)));
    }

    static LineScore of(JsonNode line) {
        var score = new LineScore(line);
        var got = read(line);
        var is = line.path("reads");
        score.act(got.act(), is.path("act"));
        score.things(got, is);
        score.fasteners(got.fasteners(), is.path("fastenings"));
        return score;
    }

    private static List<String> texts(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(JsonNode::asString)
                .collect(Collectors.toList());
    }

    private static List<String> oneOf(JsonNode value) {
        return value.isArray() ? texts(value) : List.of(value.asString());
    }

    private boolean may(String what) {
        return may.isArray() && texts(may).contains(what);
    }

    private void judge(String field, @Nullable Object got, List<String> is) {
        if (got == null) {
            empty.add(id + " " + field + " empty, is " + is);
        } else if (is.contains(got.toString().toLowerCase(Locale.ROOT))) {
            right.add(id + " " + field);
        } else if (may(
                field.replaceFirst(".*\\.", "") + " " + got.toString().toLowerCase(Locale.ROOT))) {
            empty.add(id + " " + field + " may be " + got);
        } else {
            wrong.add(id + " " + field + " wrong: " + got + ", is " + is);
        }
    }

    /** Read, but the right reading has none. */
    private void unasked(String field, @Nullable Object got) {
        if (got != null
                && !may(
                        field.replaceFirst(".*\\.", "")
                                + " "
                                + got.toString().toLowerCase(Locale.ROOT))) {
            wrong.add(id + " " + field + " wrong: " + got + ", is none");
        }
    }

    private void act(@Nullable StripAct got, JsonNode is) {
        if (got != null && may("act " + got.name().toLowerCase(Locale.ROOT))) {
            right.add(id + " act");
            return;
        }
        judge("act", got, oneOf(is).stream().map(a -> a.toLowerCase(Locale.ROOT)).toList());
    }

    /** A part or a loose thing, which is as good. */
    private record Thing(
            String kind,
            @Nullable Integer count,
            @Nullable String shaft,
            @Nullable Side side,
            List<Finding> found) {}

    private void things(LineReading got, JsonNode is) {
        var things = new ArrayList<Thing>();
        for (Part p : got.parts()) {
            things.add(
                    new Thing(
                            p.kind().name(),
                            p.count(),
                            p.shaft() == null || p.shaft() < 1 ? null : shafts.get(p.shaft() - 1),
                            p.side(),
                            p.found()));
        }
        got.loose()
                .forEach(
                        l ->
                                things.add(
                                        new Thing(
                                                l.kind().name(),
                                                l.count(),
                                                null,
                                                null,
                                                List.of())));
        var expected = new ArrayList<JsonNode>();
        is.path("parts").forEach(expected::add);
        is.path("loose").forEach(expected::add);
        var used = new ArrayList<Thing>();
        var match = new ArrayList<@Nullable Thing>();
        for (var each : expected) {
            var kinds = kinds(each);
            var same =
                    things.stream()
                            .filter(t -> used.stream().noneMatch(u -> u == t))
                            .filter(t -> kinds.contains(t.kind.toLowerCase(Locale.ROOT)))
                            .findFirst();
            same.ifPresent(used::add);
            match.add(same.orElse(null));
        }
        for (int i = 0; i < expected.size(); i++) {
            var thing = match.get(i);
            if (thing == null) {
                thing =
                        things.stream()
                                .filter(t -> used.stream().noneMatch(u -> u == t))
                                .findFirst()
                                .orElse(null);
                if (thing != null) {
                    used.add(thing);
                }
            }
            thing("parts[" + i + "].", thing, expected.get(i));
        }
        for (var extra : things) {
            if (used.stream().noneMatch(u -> u == extra)) {
                unasked("parts[+].kind", extra.kind);
                if (!may("kind " + extra.kind.toLowerCase(Locale.ROOT))) {
                    unasked("parts[+].count", extra.count);
                }
            }
        }
    }

    private static List<String> kinds(JsonNode part) {
        return oneOf(part.path("kind")).stream().map(k -> k.toLowerCase(Locale.ROOT)).toList();
    }

    private void thing(String at, @Nullable Thing got, JsonNode is) {
        if (!is.path("kind").isMissingNode()) {
            judge(at + "kind", got == null ? null : got.kind, kinds(is));
        }
        field(at + "count", got == null ? null : got.count, is.path("count"));
        field(at + "shaft", got == null ? null : got.shaft, is.path("shaft"));
        field(
                at + "side",
                got == null || got.side == null ? null : got.side.name(),
                is.path("side"));
        found(at, got == null ? List.of() : got.found, is.path("condition"));
    }

    private void field(String name, @Nullable Object got, JsonNode is) {
        if (is.isMissingNode()) {
            unasked(name, got);
        } else {
            judge(name, got, List.of(is.asString().toLowerCase(Locale.ROOT)));
        }
    }

    private void found(String at, List<Finding> got, JsonNode is) {
        var left = new ArrayList<>(got);
        for (var each : is) {
            var what = each.path("what").asString();
            boolean not = each.path("not").asBoolean(false);
            var same =
                    left.stream().filter(f -> f.what().name().equalsIgnoreCase(what)).findFirst();
            if (same.isEmpty()) {
                empty.add(id + " " + at + "condition empty, is " + what);
                continue;
            }
            left.remove(same.get());
            var count =
                    each.path("count").isMissingNode()
                            ? null
                            : Integer.valueOf(each.path("count").asInt());
            boolean alike =
                    same.get().not() == not
                            && (Objects.equals(same.get().count(), count)
                                    || "sound".equals(what)
                                            && same.get().words().startsWith("rest"));
            (alike ? right : wrong).add(id + " " + at + "condition " + same.get() + ", is " + each);
        }
        for (var more : left) {
            if (!more.not()) {
                unasked(at + "condition", more.what().name());
            }
        }
    }

    private void fasteners(List<Fastener> got, JsonNode is) {
        var left = new ArrayList<>(got);
        int i = 0;
        for (var each : is) {
            var at = "fastenings[" + i++ + "].";
            var thread = plain(each.path("thread").asString(""));
            var same =
                    left.stream()
                            .filter(f -> plain(f.thread()).equals(thread))
                            .findFirst()
                            .or(() -> left.stream().findFirst());
            same.ifPresent(left::remove);
            var f = same.orElse(null);
            field(at + "count", f == null ? null : f.count(), each.path("count"));
            thread(at, f == null ? "" : f.thread(), thread);
            number(
                    at + "length",
                    f == null || f.length() == null ? null : f.length().canonical(),
                    each.path("length_mm"));
            field(
                    at + "hand",
                    f == null || f.leftHand() == null ? null : f.leftHand() ? "left" : "right",
                    each.path("hand"));
            number(
                    at + "torque",
                    f == null || f.torque() == null ? null : f.torque().canonical(),
                    each.path("torque_nm"));
        }
        for (var more : left) {
            if (!may("thread " + more.thread())) {
                unasked("fastenings[+].thread", more.thread());
            }
        }
    }

    private void thread(String at, String got, String is) {
        if (is.isEmpty()) {
            unasked(at + "thread", got.isEmpty() ? null : got);
        } else {
            judge(at + "thread", got.isEmpty() ? null : plain(got), List.of(is));
        }
    }

    private static String plain(String thread) {
        return thread.toLowerCase(Locale.ROOT).replaceAll("[\\s#-]+", "-").replaceAll("^-", "");
    }

    private void number(String name, @Nullable Double got, JsonNode is) {
        if (is.isMissingNode()) {
            unasked(name, got);
        } else if (got != null
                && Math.abs(got - is.asDouble()) <= 1e-3 * Math.max(1, is.asDouble())) {
            right.add(id + " " + name);
        } else {
            judge(name, got, List.of(is.asString()));
        }
    }

    /** Readings that would do harm, as "field value". */
    static List<String> harm(JsonNode line) {
        var got = read(line);
        var shafts = texts(line.path("context").path("shafts"));
        var harm = new ArrayList<String>();
        for (var not : texts(line.path("must_not"))) {
            var field = not.split(" ", 2)[0];
            var value = not.contains(" ") ? not.split(" ", 2)[1] : "";
            boolean isSo =
                    switch (field) {
                        case "act" -> got.act() != null && got.act().name().equalsIgnoreCase(value);
                        case "kind" ->
                                got.parts().stream()
                                                .anyMatch(
                                                        p ->
                                                                p.kind()
                                                                        .name()
                                                                        .equalsIgnoreCase(value))
                                        || got.loose().stream()
                                                .anyMatch(
                                                        l ->
                                                                l.kind()
                                                                        .name()
                                                                        .equalsIgnoreCase(value));
                        case "count" ->
                                got.parts().stream().anyMatch(p -> value.equals(p.count() + ""))
                                        || got.loose().stream()
                                                .anyMatch(l -> value.equals(l.count() + ""));
                        case "side" ->
                                got.parts().stream()
                                        .anyMatch(
                                                p ->
                                                        p.side() != null
                                                                && p.side()
                                                                        .name()
                                                                        .equalsIgnoreCase(value));
                        case "shaft" ->
                                got.parts().stream()
                                        .anyMatch(
                                                p ->
                                                        p.shaft() != null
                                                                && p.shaft() > 0
                                                                && shafts.get(p.shaft() - 1)
                                                                        .equalsIgnoreCase(value));
                        case "condition" ->
                                got.parts().stream()
                                        .flatMap(p -> p.found().stream())
                                        .anyMatch(
                                                f ->
                                                        !f.not()
                                                                && f.what()
                                                                        .name()
                                                                        .equalsIgnoreCase(value));
                        case "teeth" ->
                                got.parts().stream().anyMatch(p -> value.equals(p.teeth() + ""));
                        case "fastening" -> !got.fasteners().isEmpty();
                        case "thread" ->
                                got.fasteners().stream()
                                        .anyMatch(f -> plain(f.thread()).equals(plain(value)));
                        case "length" ->
                                got.fasteners().stream()
                                        .anyMatch(
                                                f ->
                                                        f.length() != null
                                                                && value.equals(f.length().text()));
                        case "torque" ->
                                got.fasteners().stream()
                                        .anyMatch(
                                                f ->
                                                        f.torque() != null
                                                                && f.torque().canonical()
                                                                        == Double.parseDouble(
                                                                                value));
                        case "hand" ->
                                got.fasteners().stream()
                                        .anyMatch(
                                                f ->
                                                        f.leftHand() != null
                                                                && f.leftHand()
                                                                        == value.equals("left"));
                        case "tool" -> got.tool().equalsIgnoreCase(value);
                        case "tray" -> got.tray().equalsIgnoreCase(value);
                        default -> false;
                    };
            if (isSo) {
                harm.add(line.path("id").asString() + " " + not);
            }
        }
        return harm;
    }

    static Map<String, Long> byField(List<String> fields) {
        return fields.stream()
                .collect(
                        Collectors.groupingBy(
                                f -> f.split(" ")[1].replaceFirst(".*\\.", ""),
                                java.util.TreeMap::new,
                                Collectors.counting()));
    }
}
