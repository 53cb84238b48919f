package app.yunque.teardown;

import app.yunque.drive.Drive;
import app.yunque.drive.StageOutline;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Member;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What sits on which shaft, from left to right, and where each part is now: the data of the picture that heads every
 * screen of a job. The wheels of every kind of stage come from the papers of the unit, everything else from the strip; parts known
 * from the last rebuild stand in place until this strip takes them off.
 *
 * <p>On each side of a shaft the first thing off is the outermost.
 *
 * @param shafts   from the input to the output
 * @param meetings how the shafts meet, one for each stage of the papers, in their order
 * @param housing  parts that belong to no shaft, in the order they came off
 */
public record ShaftStack(List<Shaft> shafts, List<Meeting> meetings, List<Item> housing) {

    /** Where a part is at this moment. */
    public enum Now {
        IN_PLACE,
        ON_BENCH,
        TO_RENEW,
        REFITTED,
        RENEWED;

        /**
         * @param fitted what went back; null while nothing has
         * @param renew  true when the part was decided to be renewed
         */
        public static Now of(@Nullable Fitted fitted, boolean renew) {
            if (fitted == null) {
                return renew ? TO_RENEW : ON_BENCH;
            }
            return fitted.renewed() > 0 ? RENEWED : REFITTED;
        }
    }

    /** Where along a shaft a part stands. */
    public enum Zone {
        OUTSIDE_LEFT,
        WALL_LEFT,
        INSIDE,
        WALL_RIGHT,
        OUTSIDE_RIGHT
    }

    /**
     * @param name     name of the shaft
     * @param isIn     false once it left the housing: it was taken off itself, or all its bearings are off
     * @param isOutput true for a shaft that the power leaves by
     * @param items    from left to right
     */
    public record Shaft(String name, boolean isIn, boolean isOutput, List<Item> items) {}

    /**
     * How two shafts meet in a stage. The wheels of shafts that lie side by side or at an angle stand among the items of their
     * shafts; those of a stage in one axis belong to neither and stand here.
     *
     * @param stage          number of the stage, 1 first
     * @param lie            how its shafts lie to each other
     * @param drivenBy       stage whose driving wheel drives this one: another where one bevel pinion stands between two wheels
     * @param driver         shaft of its driver, 1 first
     * @param driven         shaft of what it drives, 1 first
     * @param centreDistance between the axes of its wheels, in the same measure as their diameters; 0 where there is none
     * @param isToSize       false where the sizes follow from counted teeth
     * @param inWords        the stage in words
     * @param positions      names of the positions in which it carries the load; empty when it does in all
     * @param members        wheels of a stage in one axis, from the sun or the eccentric outwards
     */
    public record Meeting(
            int stage,
            StageOutline.Lie lie,
            int drivenBy,
            int driver,
            int driven,
            double centreDistance,
            boolean isToSize,
            String inWords,
            List<String> positions,
            List<Item> members) {}

    /**
     * @param stepId    step of this strip, or null for a part in place
     * @param number    place of the step in the strip; 0 for a part in place
     * @param part      what it is
     * @param kind      its kind
     * @param count     pieces
     * @param zone      where along the shaft
     * @param side      end of the shaft it belongs to
     * @param stage     for a wheel of the papers its stage; 0 otherwise
     * @param role      for a wheel of the papers what it does in its stage; null otherwise
     * @param diameter  for a wheel of the papers its diameter (mm, or as {@link StageOutline} draws counted teeth); 0 otherwise
     * @param width     for a wheel of the papers its width (mm); 0 where nobody told it
     * @param now       where it is
     * @param wayRound  which face looks where; empty when it does not matter
     * @param tray      tray or bag
     */
    public record Item(
            @Nullable String stepId,
            int number,
            String part,
            PartKind kind,
            int count,
            Zone zone,
            Side side,
            int stage,
            StageOutline.@Nullable Role role,
            double diameter,
            double width,
            Now now,
            String wayRound,
            String tray) {
        boolean isInUnit() {
            return now == Now.IN_PLACE || now == Now.REFITTED || now == Now.RENEWED;
        }
    }

    /** A step of this strip or a part remembered from the last one, and the wheel of the papers that it is. */
    private record Seen(TeardownStep step, Now now, Optional<StageMember> member) {
        boolean is(int stage, int wheel) {
            return member.filter(m -> m.stage() == stage && m.wheel() == wheel).isPresent();
        }
    }

    public ShaftStack {
        shafts = List.copyOf(shafts);
        meetings = List.copyOf(meetings);
        housing = List.copyOf(housing);
    }

    /**
     * @param drive  the papers of the unit
     * @param known  steps of the last finished strip of this unit; empty when there was none
     * @param steps  steps of this strip
     * @param now    where the part of each step of this strip is, by step id; absent means on the bench
     */
    public static ShaftStack of(
            Drive drive, List<TeardownStep> known, List<TeardownStep> steps, Map<String, Now> now) {
        return of(drive, shaftNames(drive), known, steps, now);
    }

    /**
     * @param drive  the papers of the unit
     * @param names  names of all shafts, bores and covers of the unit, those of the papers first
     * @param known  steps of the last finished strip of this unit; empty when there was none
     * @param steps  steps of this strip
     * @param now    where the part of each step of this strip is, by step id; absent means on the bench
     */
    public static ShaftStack of(
            Drive drive,
            List<String> names,
            List<TeardownStep> known,
            List<TeardownStep> steps,
            Map<String, Now> now) {
        var seen = new ArrayList<Seen>();
        for (var step : steps) {
            seen.add(
                    new Seen(
                            step,
                            now.getOrDefault(step.id(), Now.ON_BENCH),
                            StageMember.of(step, drive)));
        }
        for (var part : stillInPlace(known, steps)) {
            seen.add(new Seen(part, Now.IN_PLACE, StageMember.of(part, drive)));
        }
        var shafts = new ArrayList<Shaft>();
        for (int s = 1; s <= names.size(); s++) {
            var items = itemsOf(s, drive, seen);
            boolean isOutput = drive.shafts().outputs().contains(s);
            shafts.add(new Shaft(names.get(s - 1), isIn(items), isOutput, items));
        }
        var housing =
                seen.stream()
                        .filter(p -> p.member.isEmpty())
                        .filter(p -> p.step.shaft() == 0 || p.step.shaft() > names.size())
                        .map(p -> item(p, Zone.OUTSIDE_LEFT, 0, null))
                        .toList();
        return new ShaftStack(shafts, meetings(drive, seen), housing);
    }

    private static List<Meeting> meetings(Drive drive, List<Seen> seen) {
        var shafts = drive.shafts();
        var meetings = new ArrayList<Meeting>();
        if (shafts.driver().isEmpty()) {
            return meetings;
        }
        for (int n = 1; n <= drive.stages().size(); n++) {
            var stage = drive.stages().get(n - 1);
            var outline = stage.outline();
            int number = n;
            var chosen = drive.chosenByLever();
            var isIn = chosen.stream().filter(p -> p.stages().contains(number)).toList();
            meetings.add(
                    new Meeting(
                            n,
                            outline.lie(),
                            drive.drivenBy(n),
                            shafts.of(n, false),
                            shafts.of(n, true),
                            outline.centreDistance(),
                            outline.isToSize(),
                            stage.inWords(),
                            isIn.size() == chosen.size()
                                    ? List.of()
                                    : isIn.stream().map(Drive.Position::name).toList(),
                            outline.lie() == StageOutline.Lie.COAXIAL
                                    ? wheels(drive, n, outline.wheels(), seen)
                                    : List.of()));
        }
        return meetings;
    }

    /** Wheels of a stage, each as often as it was taken off in pieces, or once in place. */
    private static List<Item> wheels(
            Drive drive, int stage, List<StageOutline.Wheel> wheels, List<Seen> seen) {
        var items = new ArrayList<Item>();
        var all = drive.stages().get(stage - 1).outline().wheels();
        for (var wheel : wheels) {
            int place = StageMember.placeOf(all, all.indexOf(wheel));
            var off = seen.stream().filter(p -> p.is(stage, place)).toList();
            off.forEach(p -> items.add(item(p, Zone.INSIDE, stage, wheel)));
            if (off.isEmpty()) {
                items.add(inPlace(stage, wheel, nameOf(drive, stage, wheel)));
            }
        }
        return items;
    }

    private static Item inPlace(int stage, StageOutline.Wheel wheel, String name) {
        return new Item(
                null,
                0,
                name,
                kindOf(wheel.role()),
                wheel.pieces(),
                Zone.INSIDE,
                Side.MIDDLE,
                stage,
                wheel.role(),
                wheel.diameter(),
                wheel.width(),
                Now.IN_PLACE,
                "",
                "");
    }

    /** What stands in the log for a wheel of this role. */
    private static PartKind kindOf(StageOutline.Role role) {
        return switch (role) {
            case WORM -> PartKind.WORM;
            case RING -> PartKind.RING_GEAR;
            case CARRIER -> PartKind.CARRIER;
            case ECCENTRIC -> PartKind.ECCENTRIC;
            case DISC -> PartKind.CAM_DISC;
            case RING_PINS -> PartKind.PIN;
            case SCREW -> PartKind.SCREW;
            case NUT -> PartKind.NUT;
            case RACK -> PartKind.OTHER;
            default -> PartKind.GEAR;
        };
    }

    /** "worm wheel 1, z 40"; the pairs on parallel shafts keep the names of their papers. */
    private static String nameOf(Drive drive, int stage, StageOutline.Wheel wheel) {
        var pair = drive.pair(stage);
        if (pair.isPresent()) {
            var member = wheel.role() == StageOutline.Role.DRIVER ? Member.PINION : Member.WHEEL;
            return gearName(new GearPlace(stage, member), pair.get().gear(member));
        }
        var name =
                switch (wheel.role()) {
                            case DRIVER -> "pinion";
                            case DRIVEN -> "wheel";
                            default -> wheel.role().words();
                        }
                        + " "
                        + stage;
        return wheel.teeth() > 1 ? name + ", z " + wheel.teeth() : name;
    }

    private static String numbered(String name, int number, int all) {
        return all == 1 ? name : name + " " + number;
    }

    /**
     * "input shaft", "intermediate shaft", "output shaft"; several of a sort are numbered. Papers that describe
     * no gears still have an input and an output.
     */
    public static List<String> shaftNames(Drive drive) {
        var shafts = drive.shafts();
        int between = shafts.count() - 1 - shafts.outputs().size();
        var names = new ArrayList<String>();
        names.add("input shaft");
        int named = 0;
        for (int s = 2; s <= shafts.count(); s++) {
            int output = shafts.outputs().indexOf(s);
            if (output >= 0) {
                names.add(numbered("output shaft", output + 1, shafts.outputs().size()));
            } else {
                named++;
                names.add(numbered("intermediate shaft", named, between));
            }
        }
        return names;
    }

    /** Parts of the last strip that no step of this one has taken off yet; each is matched once. */
    public static List<TeardownStep> stillInPlace(
            List<TeardownStep> known, List<TeardownStep> steps) {
        var left = new ArrayList<>(known);
        for (var step : steps) {
            left.stream().filter(k -> isSamePart(k, step)).findFirst().ifPresent(left::remove);
        }
        return left;
    }

    /** The part of a former strip that this step is about; null when it is not there. */
    static @Nullable TeardownStep twin(List<TeardownStep> former, TeardownStep step) {
        return former.stream().filter(k -> isSamePart(k, step)).findFirst().orElse(null);
    }

    private static boolean isSamePart(TeardownStep a, TeardownStep b) {
        if (a.gear() != null || b.gear() != null) {
            return a.gear() != null && a.gear().equals(b.gear());
        }
        return a.kind() == b.kind()
                && a.shaft() == b.shaft()
                && a.side() == b.side()
                && a.part().equalsIgnoreCase(b.part());
    }

    private static boolean isIn(List<Item> items) {
        var bearings = items.stream().filter(i -> i.kind == PartKind.BEARING).toList();
        boolean bare = !bearings.isEmpty() && bearings.stream().noneMatch(Item::isInUnit);
        return !bare
                && items.stream().filter(i -> i.kind == PartKind.SHAFT).allMatch(Item::isInUnit);
    }

    private static List<Item> itemsOf(int shaft, Drive drive, List<Seen> seen) {
        var here =
                seen.stream().filter(p -> p.step.shaft() == shaft && p.member.isEmpty()).toList();
        var left = side(here, Side.LEFT);
        var right = side(here, Side.RIGHT);
        var items = new ArrayList<Item>();
        items.addAll(left);
        items.addAll(middle(shaft, drive, seen, here));
        for (int i = right.size() - 1; i >= 0; i--) {
            items.add(right.get(i));
        }
        return items;
    }

    /**
     * Parts of one side from the outermost inwards. The bearing stands in the wall: what came off before it stands
     * outside, what came off after it inside. While no bearing of the side is known, the kind decides.
     */
    private static List<Item> side(List<Seen> here, Side side) {
        var parts = here.stream().filter(p -> p.step.side() == side).toList();
        boolean bearingIsKnown =
                parts.stream().anyMatch(p -> p.step.kind().seat() == PartKind.Seat.WALL);
        var outside = new ArrayList<Item>();
        var wall = new ArrayList<Item>();
        var inside = new ArrayList<Item>();
        for (var part : parts) {
            var seat = part.step.kind().seat();
            if (seat == PartKind.Seat.WALL) {
                wall.add(item(part, zone(side, seat), 0, null));
            } else if (bearingIsKnown ? wall.isEmpty() : seat == PartKind.Seat.OUTSIDE) {
                outside.add(item(part, zone(side, PartKind.Seat.OUTSIDE), 0, null));
            } else {
                inside.add(item(part, Zone.INSIDE, 0, null));
            }
        }
        outside.addAll(wall);
        outside.addAll(inside);
        return outside;
    }

    private static Zone zone(Side side, PartKind.Seat seat) {
        if (seat == PartKind.Seat.WALL) {
            return side == Side.LEFT ? Zone.WALL_LEFT : Zone.WALL_RIGHT;
        }
        return side == Side.LEFT ? Zone.OUTSIDE_LEFT : Zone.OUTSIDE_RIGHT;
    }

    /** The wheels of the papers in the order of their stages, and whatever else sits in the middle beside them. */
    private static List<Item> middle(int shaft, Drive drive, List<Seen> seen, List<Seen> here) {
        var items = new ArrayList<Item>();
        var shafts = drive.shafts();
        for (int n = 1; n <= shafts.driver().size(); n++) {
            var outline = drive.stages().get(n - 1).outline();
            if (outline.lie() == StageOutline.Lie.COAXIAL) {
                continue;
            }
            for (int w = 0; w < outline.wheels().size(); w++) {
                boolean isOwn = w > 0 || drive.drivenBy(n) == n;
                if (isOwn && shafts.of(n, w > 0) == shaft) {
                    items.addAll(wheels(drive, n, List.of(outline.wheels().get(w)), seen));
                }
            }
        }
        here.stream()
                .filter(p -> p.step.side() == Side.MIDDLE)
                .map(p -> item(p, Zone.INSIDE, 0, null))
                .forEach(items::add);
        return items;
    }

    /** "pinion 1, z 19". */
    public static String gearName(GearPlace place, CylindricalGear gear) {
        var member = place.member() == Member.PINION ? "pinion " : "wheel ";
        return member + place.stage() + ", z " + gear.teeth();
    }

    private static Item item(Seen seen, Zone zone, int stage, StageOutline.@Nullable Wheel wheel) {
        var step = seen.step;
        boolean inPlace = seen.now == Now.IN_PLACE;
        return new Item(
                inPlace ? null : step.id(),
                inPlace ? 0 : step.number(),
                step.part(),
                step.kind(),
                step.count(),
                zone,
                step.side(),
                stage,
                wheel == null ? null : wheel.role(),
                wheel == null ? 0 : wheel.diameter(),
                wheel == null ? 0 : wheel.width(),
                seen.now,
                step.wayRound(),
                inPlace ? "" : step.tray());
    }
}
