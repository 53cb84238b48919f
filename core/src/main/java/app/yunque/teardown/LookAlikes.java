package app.yunque.teardown;

import app.yunque.fastener.ScrewInHole;
import app.yunque.fastener.ScrewThread;
import app.yunque.measure.PlainDigits;
import app.yunque.teardown.WatchList.Warnings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Screws that look the same and are not: same thread, hand and drive, lengths that differ by 1 mm or more, and the longer
 * at most twice the shorter (judgement: beyond that no eye takes one for the other). Every screw is put, in thought, into
 * every other hole; where the hole is measured the warning says what the wrong one does there.
 */
final class LookAlikes {
    /** A difference of lengths is told no finer than a rule reads. */
    private static final int DIGITS = 3;

    private static final double DIFFERENCE_MM = 1;
    private static final double MOST_TIMES_LONGER = 2;

    private LookAlikes() {}

    /** One set of screws of a step. */
    private record Screws(TeardownStep step, Fastening set) {}

    /** A screw that strays into a hole. */
    private record Stray(Screws from, ScrewInHole result) {}

    static void of(List<TeardownStep> steps, Warnings found) {
        var alike = new LinkedHashMap<String, List<Screws>>();
        for (var screws : screws(steps)) {
            var f = screws.set;
            if (f.lengthMm() != null) {
                alike.computeIfAbsent(
                                f.thread()
                                        + "|"
                                        + f.isLeftHand()
                                        + "|"
                                        + f.drive().toLowerCase(java.util.Locale.ROOT),
                                k -> new ArrayList<>())
                        .add(screws);
            }
        }
        alike.values().forEach(group -> split(group).forEach(near -> judge(near, found)));
        gears(steps, found);
        springs(steps, found);
    }

    /** Runs of lengths, shortest first, in which each is at most twice the one before. */
    private static List<List<Screws>> split(List<Screws> group) {
        var sorted = new ArrayList<>(group);
        sorted.sort(Comparator.comparingDouble(LookAlikes::lengthMm));
        var runs = new ArrayList<List<Screws>>();
        double before = 0;
        for (var screws : sorted) {
            if (runs.isEmpty() || lengthMm(screws) > before * MOST_TIMES_LONGER) {
                runs.add(new ArrayList<>());
            }
            runs.get(runs.size() - 1).add(screws);
            before = lengthMm(screws);
        }
        runs.forEach(run -> run.sort(Comparator.comparingInt(s -> s.step.number())));
        return runs;
    }

    private static void judge(List<Screws> group, Warnings found) {
        double longest = group.stream().mapToDouble(LookAlikes::lengthMm).max().orElse(0);
        double shortest = group.stream().mapToDouble(LookAlikes::lengthMm).min().orElse(0);
        if (longest - shortest < DIFFERENCE_MM) {
            return;
        }
        boolean harm = false;
        boolean allMeasured = true;
        for (var hole : group) {
            var worst = worstStray(hole, group);
            allMeasured &= hole.set.hole() != null;
            if (worst != null && worst.result.outcome().isHarm()) {
                harm = true;
                found.danger(
                        "Screws look alike: " + hole.step.part(),
                        "The one of the %s fits its thread. %s"
                                .formatted(worst.from.step.part(), worst.result.says()),
                        hole.step);
            }
        }
        if (harm) {
            return;
        }
        var last = group.get(group.size() - 1);
        if (allMeasured) {
            found.note(
                    "Screws look alike",
                    lengths(group) + ". No mix-up does harm, but torque and thread suffer.",
                    last.step);
        } else {
            found.danger(
                    "Screws look alike",
                    "%s. The longest in the shortest hole reaches %s mm too deep. Measure the holes to know what it strikes."
                            .formatted(
                                    lengths(group), PlainDigits.about(longest - shortest, DIGITS)),
                    last.step);
        }
    }

    /** The worst that another screw of the group does in this hole; null when the hole is not measured. */
    private static @Nullable Stray worstStray(Screws hole, List<Screws> group) {
        var into = hole.set.hole();
        if (into == null) {
            return null;
        }
        var thread = ScrewThread.of(hole.set.thread());
        return group.stream()
                .filter(s -> Math.abs(lengthMm(s) - lengthMm(hole)) >= DIFFERENCE_MM)
                .map(s -> new Stray(s, ScrewInHole.of(thread, lengthMm(s), into)))
                .max(
                        Comparator.comparing((Stray s) -> s.result.outcome())
                                .thenComparing(s -> -s.result.clearanceMm()))
                .orElse(null);
    }

    private static String lengths(List<Screws> group) {
        var byLength = new TreeMap<Double, List<String>>(Comparator.reverseOrder());
        group.forEach(
                s ->
                        byLength.computeIfAbsent(lengthMm(s), l -> new ArrayList<>())
                                .add(s.step.part()));
        return group.get(0).set.thread()
                + ": "
                + byLength.entrySet().stream()
                        .map(LookAlikes::lengthAndParts)
                        .collect(Collectors.joining("; "));
    }

    private static String lengthAndParts(Map.Entry<Double, List<String>> entry) {
        return PlainDigits.about(entry.getKey(), DIGITS)
                + " mm in "
                + String.join(", ", entry.getValue());
    }

    private static final Pattern LEFT_HELIX = helix("left|LH");
    private static final Pattern RIGHT_HELIX = helix("right|RH");

    private static Pattern helix(String hand) {
        return Pattern.compile(
                "\\b(?:%s)(?:[ -]?hand(?:ed)?)?[ -]?(?:helix|helical|spiral|worm)\\b"
                        .formatted(hand),
                Pattern.CASE_INSENSITIVE);
    }

    private static boolean leans(TeardownStep gear, Pattern way) {
        return way.matcher(gear.part() + "; " + gear.wayRound() + "; " + gear.note()).find();
    }

    /** Gears whose teeth differ by one or two, or that lean opposite ways: by eye they are the same gear. */
    private static void gears(List<TeardownStep> steps, Warnings found) {
        var gears = steps.stream().filter(s -> s.detail().body().teeth() != null).toList();
        for (int i = 0; i < gears.size(); i++) {
            for (int j = 0; j < i; j++) {
                int a = Objects.requireNonNull(gears.get(j).detail().body().teeth());
                int b = Objects.requireNonNull(gears.get(i).detail().body().teeth());
                var one = gears.get(j);
                var other = gears.get(i);
                if (a == b
                        && (leans(one, LEFT_HELIX) && leans(other, RIGHT_HELIX)
                                || leans(one, RIGHT_HELIX) && leans(other, LEFT_HELIX))) {
                    found.caution(
                            "Gears look alike: " + other.part(),
                            "%d teeth on both, and on %s they lean the other way. Tag each with shaft and hand."
                                    .formatted(a, one.part()),
                            other);
                }
                if (a != b && Math.abs(a - b) <= 2) {
                    found.caution(
                            "Gears look alike: " + gears.get(i).part(),
                            "%d teeth here, %d on %s. Count, and tag each with shaft and teeth."
                                    .formatted(b, a, gears.get(j).part()),
                            gears.get(i));
                }
            }
        }
    }

    private static void springs(List<TeardownStep> steps, Warnings found) {
        var springs =
                steps.stream()
                        .filter(
                                s ->
                                        s.kind() == PartKind.SPRING
                                                && s.detail().body().thicknessMm() != null)
                        .toList();
        for (int i = 1; i < springs.size(); i++) {
            double before =
                    Objects.requireNonNull(springs.get(i - 1).detail().body().thicknessMm());
            double here = Objects.requireNonNull(springs.get(i).detail().body().thicknessMm());
            if (before != here) {
                found.caution(
                        "Springs look alike: " + springs.get(i).part(),
                        "Free length %s mm here, %s mm on %s. Tag them."
                                .formatted(
                                        PlainDigits.exact(here),
                                        PlainDigits.exact(before),
                                        springs.get(i - 1).part()),
                        springs.get(i));
            }
        }
    }

    private static List<Screws> screws(List<TeardownStep> steps) {
        return steps.stream()
                .filter(s -> s.belongs() == null)
                .flatMap(s -> s.fastenings().stream().map(f -> new Screws(s, f)))
                .toList();
    }

    private static double lengthMm(Screws screws) {
        return Objects.requireNonNull(screws.set.lengthMm());
    }
}
