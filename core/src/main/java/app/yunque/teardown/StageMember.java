package app.yunque.teardown;

import app.yunque.drive.Drive;
import app.yunque.drive.StageOutline.Role;
import app.yunque.drive.StageOutline.Wheel;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Which wheel of which stage a part of the log is, so that what came off is not drawn in place from the papers a second time. A
 * typed gear of the papers says it itself; any other part is told by its kind, its words, its teeth and its shaft. What fits two
 * stages alike is none of them: a wrong guess would show a wheel on the bench that is still in.
 *
 * @param stage number of the stage, 1 first
 * @param wheel place of the wheel among those of its stage, 0 first
 */
record StageMember(int stage, int wheel) {
    private static final Pattern TEETH =
            Pattern.compile("\\bz\\s*=?\\s*(\\d+)|\\b(\\d+)[ -](?:teeth|tooth|t)\\b");
    private static final List<String> ORDINALS = List.of("first", "second", "third", "fourth");
    private static final Pattern NUMBER = Pattern.compile("\\bstage (\\d+)|\\b(\\d+)$");

    /** Gears that are no plain pinion and no plain wheel. */
    private static final List<String> OTHER_GEARS = List.of("sun", "planet", "ratchet", "idler");

    /** A wheel that a part may be, and how much speaks for it. */
    private record Likely(StageMember member, int points) {}

    static Optional<StageMember> of(TeardownStep step, Drive drive) {
        if (step.gear() != null) {
            int member = step.gear().member().ordinal();
            return isThere(drive, step.gear().stage(), member)
                    ? Optional.of(new StageMember(step.gear().stage(), member))
                    : Optional.empty();
        }
        var found = new ArrayList<Likely>();
        for (int stage = 1; stage <= drive.stages().size(); stage++) {
            var wheels = drive.stages().get(stage - 1).outline().wheels();
            for (int w = drive.drivenBy(stage) == stage ? 0 : 1; w < wheels.size(); w++) {
                int points = points(step, drive, stage, wheels.get(w));
                if (points >= 0 && placeOf(wheels, w) == w) {
                    found.add(new Likely(new StageMember(stage, w), points));
                }
            }
        }
        int best = found.stream().mapToInt(Likely::points).max().orElse(-1);
        var winners = found.stream().filter(l -> l.points == best).toList();
        return winners.size() == 1 ? Optional.of(winners.get(0).member) : Optional.empty();
    }

    /** Two rows of teeth on one planet are one part: the second follows the first. */
    static int placeOf(List<Wheel> wheels, int wheel) {
        if (wheels.get(wheel).role() != Role.PLANET) {
            return wheel;
        }
        return (int) wheels.stream().takeWhile(w -> w.role() != Role.PLANET).count();
    }

    private static boolean isThere(Drive drive, int stage, int wheel) {
        return stage <= drive.stages().size()
                && wheel < drive.stages().get(stage - 1).outline().wheels().size();
    }

    /** What speaks for this wheel: its teeth, the number of its stage, its shaft; −1 where something speaks against it. */
    private static int points(TeardownStep step, Drive drive, int stage, Wheel wheel) {
        var words = step.part().toLowerCase(Locale.ROOT);
        if (!isCalled(step.kind(), words, wheel.role())) {
            return -1;
        }
        int points = 0;
        var teeth = number(TEETH, words);
        if (teeth.isPresent()) {
            if (wheel.teeth() != teeth.get()) {
                return -1;
            }
            points += 4;
        }
        var ordinal = ordinal(words);
        if (ordinal.isPresent()) {
            if (ordinal.get() != stage) {
                return -1;
            }
            points += 2;
        }
        if (isOfItsPosition(words, drive, stage)) {
            points += 2;
        }
        if (isOnItsShaft(step, drive, stage, wheel)) {
            return points + 1;
        }
        return isInOneAxis(wheel.role()) ? points : -1;
    }

    /** "reverse bevel wheel" is the wheel of the stage that carries in reverse, and in no other position. */
    private static boolean isOfItsPosition(String words, Drive drive, int stage) {
        var own = drive.positions().stream().filter(p -> p.stages().contains(stage)).toList();
        return own.size() == 1
                && Pattern.compile(
                                "\\b"
                                        + Pattern.quote(own.get(0).name().toLowerCase(Locale.ROOT))
                                        + "\\b")
                        .matcher(words)
                        .find();
    }

    private static boolean isOnItsShaft(TeardownStep step, Drive drive, int stage, Wheel wheel) {
        var shafts = drive.shafts();
        if (shafts.driver().isEmpty()) {
            return false;
        }
        boolean onDriver = shafts.of(stage, false) == step.shaft();
        boolean onDriven = shafts.of(stage, true) == step.shaft();
        return switch (wheel.role()) {
            case DRIVER, BEVEL_PINION, WORM, FRICTION_DISC, SCREW -> onDriver;
            case DRIVEN, BEVEL_WHEEL, WORM_WHEEL, FRICTION_WHEEL, RACK, NUT -> onDriven;
            default -> onDriver || onDriven;
        };
    }

    /** Members of a set in one axis may be logged on whichever of its shafts the mechanic had in hand. */
    private static boolean isInOneAxis(Role role) {
        return switch (role) {
            case SUN, PLANET, RING, CARRIER, ECCENTRIC, DISC, RING_PINS -> true;
            default -> false;
        };
    }

    private static boolean isCalled(PartKind kind, String words, Role role) {
        boolean pinion = words.contains("pinion");
        // A pinion or a worm cut on its shaft is logged as a shaft.
        boolean gear =
                (kind == PartKind.GEAR || kind == PartKind.SHAFT && pinion)
                        && OTHER_GEARS.stream().noneMatch(words::contains);
        return switch (role) {
            case DRIVER, FRICTION_DISC -> gear && !words.contains("wheel");
            case DRIVEN, FRICTION_WHEEL -> gear && !pinion;
            case BEVEL_PINION -> gear && !words.contains("wheel");
            case BEVEL_WHEEL -> gear && !pinion;
            case WORM ->
                    kind == PartKind.WORM
                            || kind == PartKind.SHAFT
                                    && words.contains("worm")
                                    && !words.contains("wheel");
            case WORM_WHEEL -> gear && !pinion;
            case SUN -> kind == PartKind.GEAR && words.contains("sun");
            case PLANET -> kind == PartKind.GEAR && words.contains("planet");
            case RING -> kind == PartKind.RING_GEAR;
            case CARRIER -> kind == PartKind.CARRIER;
            case ECCENTRIC -> kind == PartKind.ECCENTRIC;
            case DISC -> kind == PartKind.CAM_DISC;
            case RING_PINS ->
                    (kind == PartKind.PIN || kind == PartKind.ROLLER) && words.contains("ring");
            case RACK -> words.contains("rack");
            case SCREW -> kind == PartKind.SCREW && words.contains("lead");
            case NUT -> kind == PartKind.NUT && words.contains("lead");
        };
    }

    private static Optional<Integer> ordinal(String words) {
        for (int i = 0; i < ORDINALS.size(); i++) {
            if (words.contains(ORDINALS.get(i))) {
                return Optional.of(i + 1);
            }
        }
        return number(NUMBER, TEETH.matcher(words).replaceAll(""));
    }

    private static Optional<Integer> number(Pattern pattern, String words) {
        var m = pattern.matcher(words);
        return m.find()
                ? Optional.of(Integer.valueOf(m.group(1) == null ? m.group(2) : m.group(1)))
                : Optional.empty();
    }
}
