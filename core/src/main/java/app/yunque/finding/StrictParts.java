package app.yunque.finding;

import app.yunque.gear.ServiceDuty;
import app.yunque.parts.AlternateGrade;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Which parts hold, stop or carry people: on these doubtful counts as failed, and not looked at counts as not fit. Always: pawls and
 * ratchets with their springs, brakes, backstops and their clock springs, shear pins, steering joints, load nuts, guards. On lifting duty:
 * everything the load goes through. Source: common practice, no source.
 */
public final class StrictParts {
    private static final Set<PartKind> LOAD_PATH =
            EnumSet.of(
                    PartKind.GEAR,
                    PartKind.RING_GEAR,
                    PartKind.WORM,
                    PartKind.CARRIER,
                    PartKind.SHAFT,
                    PartKind.KEY,
                    PartKind.PIN,
                    PartKind.COLLET,
                    PartKind.COUPLING);

    private static final Pattern ALWAYS =
            Pattern.compile(
                    "\\b(pawls?|ratchets?|brakes?|backstops?|clock springs?|shear pins?|steering|load nuts?|stem nuts?|guards?)\\b");

    private StrictParts() {}

    /**
     * What gives way so that nothing dearer does, by its kind and its name: the pin and not its bush, the gear and not a fibre washer or the
     * nylon of a locknut.
     */
    private static final Map<PartKind, Pattern> FUSES =
            Map.of(
                    PartKind.PIN, words("shear pins?"),
                    PartKind.SCREW, words("shear (?:pins?|bolts?|screws?)"),
                    PartKind.KEY, words("shear keys?"),
                    PartKind.OTHER, words("shear pins?"),
                    PartKind.GEAR, words("fibre|nylon|plastic|fuse gears?|safety gears?"),
                    PartKind.SPRING, words("clutch springs?"));

    private static Pattern words(String words) {
        return Pattern.compile("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /** A part that limits the torque: a stronger one protects nothing. */
    public static boolean limitsTorque(TeardownStep step) {
        var fuse = FUSES.get(step.kind());
        return fuse != null && fuse.matcher(step.part()).find();
    }

    /** What a part does, for another than the maker's; what nobody knows to lie outside the box counts as inside, which asks for more. */
    public static AlternateGrade.Duty duty(TeardownStep step) {
        return limitsTorque(step)
                ? AlternateGrade.Duty.LIMITS_TORQUE
                : AlternateGrade.Duty.INSIDE_THE_BOX;
    }

    /** True for a kind of part that the load goes through. */
    static boolean isLoadPath(PartKind kind) {
        return LOAD_PATH.contains(kind);
    }

    /** True when doubtful counts as failed on this part. */
    public static boolean isStrict(TeardownStep step, ServiceDuty duty) {
        return step.kind() == PartKind.PAWL
                || ALWAYS.matcher(step.part().toLowerCase(Locale.ROOT)).find()
                || duty == ServiceDuty.LIFTING && isLoadPath(step.kind());
    }
}
