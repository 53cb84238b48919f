package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.teardown.WatchList.Warnings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/** What only shows when several parts of one shaft are looked at together. */
final class StackWatch {
    private static final Set<PartKind> RINGS =
            Set.of(PartKind.WASHER, PartKind.SPACER, PartKind.SHIM, PartKind.TAB_WASHER);
    private static final Set<PartKind> PAIRED =
            Set.of(PartKind.BEARING, PartKind.GASKET, PartKind.SHIM);

    private StackWatch() {}

    static void of(List<TeardownStep> steps, Warnings found) {
        for (var side : Side.values()) {
            steps.stream()
                    .filter(s -> s.side() == side && s.shaft() > 0)
                    .collect(Collectors.groupingBy(TeardownStep::shaft))
                    .values()
                    .forEach(end -> rings(end, found));
        }
        unevenGaskets(steps, found);
        unlikeNumbers(steps, found);
        sealPasses(steps, found);
        fallsIn(steps, found);
        twoKeys(steps, found);
        leftAndRight(steps, found);
    }

    /** Rings that follow each other directly have an order that nothing but the log remembers. */
    private static void rings(List<TeardownStep> end, Warnings found) {
        var run = new ArrayList<TeardownStep>();
        for (var step : end) {
            if (RINGS.contains(step.kind())) {
                run.add(step);
            } else {
                tellRun(run, found);
                run.clear();
            }
        }
        tellRun(run, found);
    }

    private static void tellRun(List<TeardownStep> run, Warnings found) {
        if (run.size() < 2) {
            return;
        }
        var onOrder = new ArrayList<String>();
        for (int i = run.size() - 1; i >= 0; i--) {
            onOrder.add(run.get(i).inWords());
        }
        found.caution(
                "Ordered stack of " + run.size(),
                "On again, from the shoulder outwards: " + String.join(", ", onOrder) + ".",
                run.get(run.size() - 1));
    }

    /** Gaskets or shims of both sides of a shaft whose sums differ: that difference is a setting. */
    private static void unevenGaskets(List<TeardownStep> steps, Warnings found) {
        var byShaft =
                steps.stream()
                        .filter(s -> s.kind().setsADimension() && s.shaft() > 0)
                        .filter(s -> s.detail().body().thicknessMm() != null)
                        .collect(Collectors.groupingBy(TeardownStep::shaft));
        for (var shaft : byShaft.values()) {
            double left = sumMm(shaft, Side.LEFT);
            double right = sumMm(shaft, Side.RIGHT);
            if (left > 0 && right > 0 && Math.abs(left - right) > 1e-9) {
                found.caution(
                        "Left and right differ",
                        "Left %s mm, right %s mm. Do not even them out: the difference sets the depth."
                                .formatted(
                                        PlainDigits.rounded(left, 2),
                                        PlainDigits.rounded(right, 2)),
                        shaft.get(shaft.size() - 1));
            }
        }
    }

    /** Two joints of one shaft whose gaskets differ in number while nobody measured them. */
    private static void unlikeNumbers(List<TeardownStep> steps, Warnings found) {
        var byShaft =
                steps.stream()
                        .filter(s -> s.kind() == PartKind.GASKET && s.shaft() > 0)
                        .collect(Collectors.groupingBy(TeardownStep::shaft));
        for (var shaft : byShaft.values()) {
            int left = pieces(shaft, Side.LEFT);
            int right = pieces(shaft, Side.RIGHT);
            boolean isMeasured =
                    shaft.stream().allMatch(s -> s.detail().body().thicknessMm() != null);
            if (left > 0 && right > 0 && left != right && !isMeasured) {
                found.caution(
                        "Gaskets differ in number",
                        "%d left, %d right. Measure both before one is thrown away: either the difference sets the depth, or somebody left one out."
                                .formatted(left, right),
                        shaft.get(shaft.size() - 1));
            }
        }
    }

    private static int pieces(List<TeardownStep> shaft, Side side) {
        return shaft.stream().filter(s -> s.side() == side).mapToInt(TeardownStep::count).sum();
    }

    /** A lip that goes on over what came off before the seal: a keyway, a thread, a groove, rust. */
    private static void sealPasses(List<TeardownStep> steps, Warnings found) {
        for (int i = 0; i < steps.size(); i++) {
            var seal = steps.get(i);
            if (seal.kind() != PartKind.SEAL || seal.shaft() == 0) {
                continue;
            }
            var passed =
                    steps.subList(0, i).stream()
                            .filter(s -> s.shaft() == seal.shaft() && s.side() == seal.side())
                            .map(StackWatch::edge)
                            .filter(e -> !e.isEmpty())
                            .distinct()
                            .collect(Collectors.joining(", "));
            if (!passed.isEmpty()) {
                found.caution(
                        "The lip passes an edge: " + seal.part(),
                        "On its way: %s. Sleeve or tape over it, rust and burrs off first, or the new lip is cut."
                                .formatted(passed),
                        seal);
            }
        }
    }

    private static String edge(TeardownStep outer) {
        if (outer.condition() == Condition.CORRODED) {
            return "rust at the " + outer.part();
        }
        return switch (outer.kind()) {
            case KEY -> "the keyway of the " + outer.part();
            case NUT -> "the thread of the " + outer.part();
            case CIRCLIP -> "the groove of the " + outer.part();
            default -> "";
        };
    }

    /** Small things handled over an open case, told once: the first that could drop in. */
    private static void fallsIn(List<TeardownStep> steps, Warnings found) {
        boolean isOpen = false;
        for (var step : steps) {
            if (isOpen && (step.kind().falls() || step.kind() == PartKind.CIRCLIP)) {
                found.note(
                        "Over an open case: " + step.part(),
                        "What drops in is not seen from outside. Stuff the openings with clean rag, count the rags out again.",
                        step);
                return;
            }
            isOpen |= step.kind().opensTheCase();
        }
    }

    private static double sumMm(List<TeardownStep> shaft, Side side) {
        return shaft.stream()
                .filter(s -> s.side() == side)
                .mapToDouble(
                        s -> s.count() * Objects.requireNonNull(s.detail().body().thicknessMm()))
                .sum();
    }

    private static void twoKeys(List<TeardownStep> steps, Warnings found) {
        Map<Integer, TeardownStep> first = new HashMap<>();
        for (var step : steps) {
            if (step.kind() == PartKind.KEY && step.shaft() > 0) {
                var other = first.putIfAbsent(step.shaft(), step);
                if (other != null && step.detail().back().matchMark().isBlank()) {
                    found.caution(
                            "Two keys on one shaft",
                            "%s and %s: note how they stand to each other, seen from the drive end."
                                    .formatted(other.part(), step.part()),
                            step);
                }
            }
        }
    }

    /** Equal parts of both ends: they have run in with their own side. */
    private static void leftAndRight(List<TeardownStep> steps, Warnings found) {
        for (var right : steps) {
            steps.stream()
                    .filter(
                            left ->
                                    left.side() == Side.LEFT
                                            && right.side() == Side.RIGHT
                                            && left.shaft() == right.shaft()
                                            && left.shaft() > 0
                                            && left.kind() == right.kind()
                                            && PAIRED.contains(left.kind())
                                            && left.part().equalsIgnoreCase(right.part()))
                    .findFirst()
                    .ifPresent(
                            left ->
                                    found.caution(
                                            "Left and right look alike: " + right.part(),
                                            "Keep each on its own side (steps %d and %d)."
                                                    .formatted(left.number(), right.number()),
                                            right));
        }
    }
}
