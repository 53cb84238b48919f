package app.yunque.teardown;

import app.yunque.drive.Drive;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What sits on which shaft, from left to right, and where each part is now: the data of the picture that heads every
 * screen of a job. The gears come from the papers of the unit, everything else from the strip; parts known from the last
 * rebuild stand in place until this strip takes them off.
 *
 * <p>On each side of a shaft the first thing off is the outermost.
 *
 * @param shafts  from the input to the output
 * @param housing parts that belong to no shaft, in the order they came off
 */
public record ShaftStack(List<Shaft> shafts, List<Item> housing) {

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
     * @param name    name of the shaft
     * @param centreToNextMm distance to the next shaft (mm), 0 for the last
     * @param isIn    false once it left the housing: it was taken off itself, or all its bearings are off
     * @param items   from left to right
     */
    public record Shaft(String name, double centreToNextMm, boolean isIn, List<Item> items) {}

    /**
     * @param stepId    step of this strip, or null for a part in place
     * @param number    place of the step in the strip; 0 for a part in place
     * @param part      what it is
     * @param kind      its kind
     * @param count     pieces
     * @param zone      where along the shaft
     * @param side      end of the shaft it belongs to
     * @param stage     for a gear of the papers its stage; 0 otherwise
     * @param tipDiameterMm for a gear of the papers its tip diameter (mm); 0 otherwise
     * @param faceWidthMm   for a gear of the papers its face width (mm); 0 otherwise
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
            double tipDiameterMm,
            double faceWidthMm,
            Now now,
            String wayRound,
            String tray) {
        boolean isInUnit() {
            return now == Now.IN_PLACE || now == Now.REFITTED || now == Now.RENEWED;
        }
    }

    /** A step of this strip or a part remembered from the last one. */
    private record Seen(TeardownStep step, Now now) {}

    public ShaftStack {
        shafts = List.copyOf(shafts);
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
            seen.add(new Seen(step, now.getOrDefault(step.id(), Now.ON_BENCH)));
        }
        for (var part : stillInPlace(known, steps)) {
            seen.add(new Seen(part, Now.IN_PLACE));
        }
        var shafts = new ArrayList<Shaft>();
        for (int s = 1; s <= names.size(); s++) {
            var items = itemsOf(s, drive, seen);
            shafts.add(new Shaft(names.get(s - 1), toNextMm(s, drive), isIn(items), items));
        }
        var housing =
                seen.stream()
                        .filter(p -> p.step.shaft() == 0 || p.step.shaft() > names.size())
                        .map(p -> item(p, Zone.OUTSIDE_LEFT, null))
                        .toList();
        return new ShaftStack(shafts, housing);
    }

    /**
     * "input shaft", "intermediate shaft", "output shaft"; several intermediate ones are numbered. Papers that describe
     * no gears still have an input and an output.
     */
    public static List<String> shaftNames(Drive drive) {
        int count = drive.shafts().count();
        var names = new ArrayList<String>();
        for (int s = 1; s <= count; s++) {
            if (s == 1) {
                names.add("input shaft");
            } else if (s == count) {
                names.add("output shaft");
            } else {
                names.add(count == 3 ? "intermediate shaft" : "intermediate shaft " + (s - 1));
            }
        }
        return names;
    }

    /** Centre distance of the pair that joins a shaft with the next (mm); 0 where none does. */
    private static double toNextMm(int shaft, Drive drive) {
        var shafts = drive.shafts();
        return drive.pairs().stream()
                .filter(n -> shafts.of(n, false) == shaft && shafts.of(n, true) == shaft + 1)
                .flatMap(n -> drive.pair(n).stream())
                .mapToDouble(GearPair::centreDistanceMm)
                .findFirst()
                .orElse(0);
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
                seen.stream()
                        .filter(p -> p.step.shaft() == shaft && p.step.gear() == null)
                        .toList();
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
                wall.add(item(part, zone(side, seat), null));
            } else if (bearingIsKnown ? wall.isEmpty() : seat == PartKind.Seat.OUTSIDE) {
                outside.add(item(part, zone(side, PartKind.Seat.OUTSIDE), null));
            } else {
                inside.add(item(part, Zone.INSIDE, null));
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

    /** The gears of the papers in the order of their stages, and whatever else sits in the middle beside them. */
    private static List<Item> middle(int shaft, Drive drive, List<Seen> seen, List<Seen> here) {
        var items = new ArrayList<Item>();
        var shafts = drive.shafts();
        for (int stage : drive.pairs()) {
            for (var member : Member.values()) {
                if (shafts.of(stage, member == Member.WHEEL) == shaft) {
                    drive.pair(stage)
                            .map(p -> gear(new GearPlace(stage, member), p.gear(member), seen))
                            .ifPresent(items::add);
                }
            }
        }
        items.sort((a, b) -> Integer.compare(a.stage, b.stage));
        here.stream()
                .filter(p -> p.step.side() == Side.MIDDLE)
                .map(p -> item(p, Zone.INSIDE, null))
                .forEach(items::add);
        return items;
    }

    private static Item gear(GearPlace place, CylindricalGear gear, List<Seen> seen) {
        return seen.stream()
                .filter(p -> place.equals(p.step.gear()))
                .findFirst()
                .map(p -> item(p, Zone.INSIDE, gear))
                .orElseGet(
                        () ->
                                new Item(
                                        null,
                                        0,
                                        gearName(place, gear),
                                        PartKind.GEAR,
                                        1,
                                        Zone.INSIDE,
                                        Side.MIDDLE,
                                        place.stage(),
                                        gear.tipDiameterMm(),
                                        gear.faceWidthMm(),
                                        Now.IN_PLACE,
                                        "",
                                        ""));
    }

    /** "pinion 1, z 19". */
    public static String gearName(GearPlace place, CylindricalGear gear) {
        var member = place.member() == Member.PINION ? "pinion " : "wheel ";
        return member + place.stage() + ", z " + gear.teeth();
    }

    private static Item item(Seen seen, Zone zone, @Nullable CylindricalGear gear) {
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
                step.gear() == null ? 0 : step.gear().stage(),
                gear == null ? 0 : gear.tipDiameterMm(),
                gear == null ? 0 : gear.faceWidthMm(),
                seen.now,
                step.wayRound(),
                inPlace ? "" : step.tray());
    }
}
