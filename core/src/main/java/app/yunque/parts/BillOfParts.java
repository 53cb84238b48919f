package app.yunque.parts;

import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The bill of parts of a unit, held against what came off: what is missing, what is there in another number, and what does not belong
 * there. What was found is never copied because it was there, and the bill is never believed against a measurement. Source: common
 * practice, no source.
 *
 * @param lines lines that hold on this machine, in the order of the diagram
 */
public record BillOfParts(List<BillLine> lines) {
    private static final int MOST = 400;
    private static final int LONGEST_NAME = 80;

    /**
     * A line of the bill.
     *
     * @param position place in the diagram: "12"; may be empty
     * @param part     number and pieces
     * @param name     what it is, 1 to 80 characters
     * @param machines machines it holds on
     */
    public record BillLine(String position, PartItem part, String name, SerialRange machines) {
        /** @throws Refused for a line without a name */
        public BillLine {
            position = position.strip();
            name = name.strip();
            if (name.isEmpty() || name.length() > LONGEST_NAME) {
                throw Refused.because(
                        "name",
                        "What part %s is called has 1 to %d characters."
                                .formatted(part.number(), LONGEST_NAME));
            }
        }
    }

    /**
     * What came off.
     *
     * @param name   what it is called
     * @param pieces how many
     */
    public record CameOff(String name, int pieces) {}

    /**
     * @param missing    on the bill and not among what came off
     * @param otherCount on the bill in another number: "wave washer: 1 came off, 2 belong there"
     * @param notListed  came off and not on the bill
     */
    public record Differences(
            List<BillLine> missing, List<String> otherCount, List<CameOff> notListed) {
        public boolean isNone() {
            return missing.isEmpty() && otherCount.isEmpty() && notListed.isEmpty();
        }
    }

    /**
     * @param all    every line of the bill, at most 400
     * @param serial serial number of the machine; empty where nobody knows it: then lines of some machines only are left out
     * @throws Refused for more lines, or a place in the diagram whose ranges overlap
     */
    public static BillOfParts of(List<BillLine> all, Optional<String> serial) {
        if (all.size() > MOST) {
            throw Refused.because(
                    "lines",
                    "A bill has at most %d lines; this one has %d.".formatted(MOST, all.size()));
        }
        refuseOverlap(all);
        var machine = serial.filter(s -> !s.isBlank()).map(SerialNumber::of);
        return new BillOfParts(
                all.stream()
                        .filter(
                                l ->
                                        l.machines.isAll()
                                                || machine.filter(l.machines::covers).isPresent())
                        .toList());
    }

    private static void refuseOverlap(List<BillLine> all) {
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                var one = all.get(j);
                var other = all.get(i);
                if (!one.position.isEmpty()
                        && one.position.equals(other.position)
                        && one.machines.overlaps(other.machines)) {
                    throw Refused.because(
                            "lines[%d].machines".formatted(i),
                            "Place %s of the diagram is %s (%s) and %s (%s): these ranges overlap, so nobody knows which one fits. Correct one."
                                    .formatted(
                                            one.position,
                                            one.part.number(),
                                            one.machines.inWords(),
                                            other.part.number(),
                                            other.machines.inWords()));
                }
            }
        }
    }

    /** The line that a part by its name is; empty where none or several could be meant. */
    public Optional<BillLine> line(String name) {
        var exact = lines.stream().filter(l -> words(l.name).equals(words(name))).toList();
        if (exact.size() == 1) {
            return Optional.of(exact.get(0));
        }
        var inside =
                lines.stream()
                        .filter(
                                l ->
                                        words(l.name).containsAll(words(name))
                                                || words(name).containsAll(words(l.name)))
                        .toList();
        return exact.isEmpty() && inside.size() == 1
                ? Optional.of(inside.get(0))
                : Optional.empty();
    }

    /**
     * Whether a number is the maker's for a part: that of its line, or what replaces it today on this machine.
     *
     * @param name         what the part is called
     * @param number       number of what is meant to go in
     * @param replacements numbers that took the place of others
     * @param serial       serial number of the machine
     * @return empty where the bill has no line for the part, or its numbers replace each other in a ring
     */
    public Optional<Boolean> isMakers(
            String name,
            String number,
            List<Supersession.Replacement> replacements,
            Optional<String> serial) {
        return line(name).flatMap(line -> isMakers(line, number, replacements, serial));
    }

    static Optional<Boolean> isMakers(
            BillLine line,
            String number,
            List<Supersession.Replacement> replacements,
            Optional<String> serial) {
        var own = line.part;
        if (own.number().equals(number)) {
            return Optional.of(true);
        }
        try {
            return Optional.of(
                    Supersession.of(replacements, own, serial).order().stream()
                            .anyMatch(item -> item.number().equals(number)));
        } catch (Refused ring) {
            return Optional.empty();
        }
    }

    /** @param off what came off, by name and pieces */
    public Differences against(List<CameOff> off) {
        var missing = new ArrayList<BillLine>();
        var count = new ArrayList<String>();
        for (var line : lines) {
            int pieces =
                    off.stream()
                            .filter(o -> line(o.name).filter(line::equals).isPresent())
                            .mapToInt(CameOff::pieces)
                            .sum();
            if (pieces == 0) {
                missing.add(line);
            } else if (pieces != line.part.quantity()) {
                count.add(
                        "%s: %d came off, %d belong there"
                                .formatted(line.name, pieces, line.part.quantity()));
            }
        }
        return new Differences(
                missing, count, off.stream().filter(o -> line(o.name).isEmpty()).toList());
    }

    private static Set<String> words(String name) {
        return java.util.Arrays.stream(name.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .map(
                        w ->
                                w.length() > 3 && w.endsWith("s") && !w.endsWith("ss")
                                        ? w.substring(0, w.length() - 1)
                                        : w)
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
