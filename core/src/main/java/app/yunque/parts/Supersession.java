package app.yunque.parts;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is ordered today in the place of a number: numbers replace each other, one by several, and only on some machines. Source: common
 * practice, no source.
 *
 * @param order    what is ordered, each number once
 * @param chain    how it came there: "P1 → P2", one line for each step
 * @param sentence the same in words
 */
public record Supersession(List<PartItem> order, List<String> chain, String sentence) {
    /** Beyond it the machine is not meant. */
    private static final int LONGEST = 200;

    /**
     * A number that others take the place of.
     *
     * @param old      the number that is replaced
     * @param by       what takes its place, for one of it
     * @param machines machines it holds on
     */
    public record Replacement(String old, List<PartItem> by, SerialRange machines) {
        /** @throws Refused where nothing takes its place */
        public Replacement {
            old = new PartItem(old, 1).number();
            by = List.copyOf(by);
            if (by.isEmpty()) {
                throw Refused.because(
                        "by", "What takes the place of %s is missing.".formatted(old));
            }
        }
    }

    /**
     * @param replacements every replacement that is known, at most 200
     * @param wanted       what is wanted, and how many
     * @param serial       serial number of the machine; empty where nobody knows it
     * @throws Refused when numbers replace each other in a ring, or two replacements of one number hold on this machine
     */
    @PublicRule(
            at = "parts/supersession",
            title = "What is ordered today",
            says = "Which numbers take the place of an old one on this machine.",
            source = "common practice, no source")
    public static Supersession of(
            List<Replacement> replacements, PartItem wanted, Optional<String> serial) {
        if (replacements.size() > LONGEST) {
            throw Refused.because(
                    "replacements",
                    "At most %d replacements are followed; there are %d."
                            .formatted(LONGEST, replacements.size()));
        }
        var machine = serial.filter(s -> !s.isBlank()).map(SerialNumber::of);
        var order = new LinkedHashMap<String, Integer>();
        var chain = new ArrayList<String>();
        follow(replacements, wanted, machine, new LinkedHashSet<>(), order, chain);
        var items =
                order.entrySet().stream().map(e -> new PartItem(e.getKey(), e.getValue())).toList();
        return new Supersession(items, chain, sentence(wanted, items, chain));
    }

    private static void follow(
            List<Replacement> replacements,
            PartItem item,
            Optional<SerialNumber> machine,
            Set<String> path,
            Map<String, Integer> order,
            List<String> chain) {
        if (!path.add(item.number())) {
            throw Refused.because(
                    "replacements",
                    "These numbers replace each other: %s → %s. Ask the maker which one is made today."
                            .formatted(String.join(" → ", path), item.number()));
        }
        var holding =
                replacements.stream()
                        .filter(r -> r.old.equals(item.number()))
                        .filter(r -> holds(r.machines, machine))
                        .toList();
        if (holding.size() > 1) {
            throw Refused.because(
                    "replacements",
                    "%s is replaced in %d ways on this machine: %s. Enter the serial number, or correct the ranges."
                            .formatted(
                                    item.number(),
                                    holding.size(),
                                    String.join(
                                            "; ",
                                            holding.stream()
                                                    .map(r -> r.machines.inWords())
                                                    .toList())));
        }
        if (holding.isEmpty()) {
            order.merge(item.number(), item.quantity(), Integer::sum);
        } else {
            for (var by : holding.get(0).by) {
                chain.add(item.number() + " → " + by.inWords());
                follow(
                        replacements,
                        new PartItem(by.number(), by.quantity() * item.quantity()),
                        machine,
                        new LinkedHashSet<>(path),
                        order,
                        chain);
            }
        }
    }

    /** Without a serial number only what holds on every machine is followed. */
    private static boolean holds(SerialRange machines, Optional<SerialNumber> machine) {
        return machines.isAll() || machine.filter(machines::covers).isPresent();
    }

    private static String sentence(PartItem wanted, List<PartItem> order, List<String> chain) {
        if (chain.isEmpty()) {
            return "%s is ordered as it is.".formatted(wanted.inWords());
        }
        return "In the place of %s: %s."
                .formatted(
                        wanted.inWords(),
                        String.join(", ", order.stream().map(PartItem::inWords).toList()));
    }
}
