package app.yunque.procedure;

import app.yunque.contact.BevelShim;
import app.yunque.drive.Drive;
import app.yunque.drive.Stage;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What is moved at Set to change a backlash, a float or a preload, and what else that changes. Start values: what a move gives is
 * measured after each one ({@link NextMove}). Source: the bevel pair and the centre distance derived, the rest common practice, no source.
 */
public enum Movable {
    BEVEL_WHEEL(
            "bevel wheel along its shaft, out is plus",
            Set.of("S-04", "S-05", "S-06"),
            Set.of("MBV"),
            "backlash at the heel",
            "the contact goes to the heel; its float or preload, unless shims go from one side to the other"),
    BEVEL_PINION(
            "bevel pinion along its shaft, out is plus",
            Set.of("S-02", "S-03", "S-05", "S-06"),
            Set.of("MBV"),
            "backlash at the heel",
            "the contact goes to the tip of the wheel"),
    SHIM_UNDER_A_COVER(
            "shims under a bearing cover, thicker is plus",
            Set.of("S-02", "S-04", "S-07", "S-12"),
            Set.of(),
            "float",
            "the shaft moves by half of it where both sides share; the backlash of a bevel or worm on that shaft"),
    GASKET_BETWEEN_HALVES(
            "gasket between the halves, thicker is plus",
            Set.of("S-05", "S-12"),
            Set.of("MSP", "MIN", "MWG"),
            "backlash",
            "the contact goes towards the tips"),
    CENTRES(
            "eccentric bush, quadrant or banjo, apart is plus",
            Set.of("S-05"),
            Set.of("MSP", "MWG"),
            "backlash",
            "the clearance of the tips; the next mesh of an idler"),
    SHIM_OF_THE_WORM(
            "shims under an end cover of the worm, thicker is plus",
            Set.of("S-02", "S-12"),
            Set.of("MWG"),
            "float of the worm",
            "seen at the rim of the wheel one to one; the backlash proper stays"),
    WORM_WHEEL_SIDEWAYS(
            "worm wheel sideways",
            Set.of("S-03", "S-06"),
            Set.of("MWG"),
            "place of the contact",
            "the contact goes across the face, the backlash hardly changes; its float"),
    NUT_OF_A_TAPER_PAIR(
            "nut of a pair of taper bearings, tightened is plus",
            Set.of("S-02", "S-04", "S-07"),
            Set.of(),
            "float",
            "a lock with slots gives steps; never back to a slot on a fixed pinion"),
    SCREW_OF_A_GIB(
            "screw of a taper gib, in is plus",
            Set.of("S-16"),
            Set.of(),
            "play of the slide",
            "drag where the way is not worn");

    private static final double SHOWN_MM = 0.1;

    private final String words;
    private final Set<String> steps;
    private final Set<String> meshes;
    private final String changes;
    private final String alsoChanges;

    Movable(
            String words,
            Set<String> steps,
            Set<String> meshes,
            String changes,
            String alsoChanges) {
        this.words = words;
        this.steps = steps;
        this.meshes = meshes;
        this.changes = changes;
        this.alsoChanges = alsoChanges;
    }

    /**
     * What moving one thing does on one unit.
     *
     * @param moved what is moved
     * @param words what is moved, in words
     * @param stage number of the stage it is on, 0 where it hangs on none
     * @param says  what that changes, with the figure where the papers give one
     * @param also  what it changes beside
     */
    public record Effect(Movable moved, String words, int stage, String says, String also) {}

    public String words() {
        return words;
    }

    /** What a move is there for. */
    public String changes() {
        return changes;
    }

    public String alsoChanges() {
        return alsoChanges;
    }

    /** What may be moved at a step of a unit, with what it does to the rest. */
    public static List<Effect> at(String step, Drive drive) {
        var effects = new ArrayList<Effect>();
        for (var movable : values()) {
            if (!movable.steps.contains(step)) {
                continue;
            }
            if (movable.meshes.isEmpty()) {
                effects.add(movable.effect(0, Optional.empty()));
            }
            for (int s = 1; s <= drive.stages().size(); s++) {
                var stage = drive.stage(s);
                if (stage.filter(t -> movable.meshes.contains(t.checks())).isPresent()) {
                    effects.add(movable.effect(s, stage));
                }
            }
        }
        return List.copyOf(effects);
    }

    private Effect effect(int number, Optional<Stage> stage) {
        var rate = stage.map(this::perMm).orElse(perMmAnywhere());
        var what = number == 0 ? changes : changes + " of stage " + number;
        var says =
                rate.isPresent()
                        ? "%s mm gives %s mm %s %s"
                                .formatted(
                                        PlainDigits.exact(SHOWN_MM),
                                        PlainDigits.rounded(
                                                Math.abs(rate.getAsDouble()) * SHOWN_MM, 3),
                                        rate.getAsDouble() < 0 ? "less" : "more",
                                        what)
                        : "changes the %s; how much, a first small move tells".formatted(what);
        return new Effect(this, words, number, says, alsoChanges + follows(stage));
    }

    /** How far the wheel of a bevel pair follows so that its backlash stays. */
    private String follows(Optional<Stage> stage) {
        return this == BEVEL_PINION && stage.orElse(null) instanceof Stage.Bevel bevel
                ? "; to keep the backlash the wheel follows by %s mm the other way"
                        .formatted(
                                PlainDigits.rounded(
                                        SHOWN_MM
                                                * Math.sin(
                                                        bevel.pair().pitchAngleRad(Member.PINION))
                                                / Math.sin(
                                                        bevel.pair().pitchAngleRad(Member.WHEEL)),
                                        3))
                : "";
    }

    private OptionalDouble perMmAnywhere() {
        return this == SHIM_UNDER_A_COVER ? OptionalDouble.of(1) : OptionalDouble.empty();
    }

    /** Change for a move of 1 mm (mm/mm); empty where the papers do not give it. */
    OptionalDouble perMm(Stage stage) {
        return switch (this) {
            case BEVEL_WHEEL -> bevel(stage, Member.WHEEL);
            case BEVEL_PINION -> bevel(stage, Member.PINION);
            case GASKET_BETWEEN_HALVES, CENTRES -> centres(stage);
            case SHIM_OF_THE_WORM -> OptionalDouble.of(1);
            default -> OptionalDouble.empty();
        };
    }

    private static OptionalDouble bevel(Stage stage, Member member) {
        return stage instanceof Stage.Bevel bevel
                ? OptionalDouble.of(BevelShim.backlashChangeMm(bevel.pair(), member, 1))
                : OptionalDouble.empty();
    }

    /** Δj = 2 Δa tan α, minus in a ring; a worm by the pressure angle of its axial section. */
    private static OptionalDouble centres(Stage stage) {
        if (stage instanceof Stage.Parallel parallel) {
            double change = 2 * Math.tan(parallel.pair().workingPressureAngleRad());
            return OptionalDouble.of(parallel.pair().isInternal() ? -change : change);
        }
        return stage instanceof Stage.Worm worm
                ? OptionalDouble.of(2 * Math.tan(worm.set().axialPressureAngleRad()))
                : OptionalDouble.empty();
    }
}
