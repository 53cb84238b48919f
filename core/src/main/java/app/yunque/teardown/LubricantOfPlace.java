package app.yunque.teardown;

import app.yunque.lubricant.place.PlaceSort;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * The lubricant of a lubricated place on the part that needs it while it goes in: grease cannot be put in afterwards, and the first turns
 * are not made dry. It is told only where one place of the unit stands out for the part, never where grease or oil does harm, and never
 * against what was said at Strip. Source: common practice, no source.
 *
 * @param sort      what sort of place it is
 * @param name      its name: "bearings"
 * @param lubricant what is in it, or by whose word: "Calcium grease NLGI 2"
 */
public record LubricantOfPlace(PlaceSort sort, String name, String lubricant) {
    private static final Set<PlaceSort> GREASED_BOXES =
            EnumSet.of(
                    PlaceSort.SMALL_BOX,
                    PlaceSort.ACTUATOR_BOX,
                    PlaceSort.BEVEL_HEAD,
                    PlaceSort.WINCH_GEARS);
    private static final Set<PartKind> ROLLING =
            EnumSet.of(PartKind.BEARING, PartKind.ROLLER, PartKind.BALL);
    private static final Set<PartKind> TOOTHED =
            EnumSet.of(
                    PartKind.GEAR,
                    PartKind.RING_GEAR,
                    PartKind.WORM,
                    PartKind.CARRIER,
                    PartKind.CAM_DISC,
                    PartKind.ECCENTRIC);
    private static final Pattern PAWL = words("pawls?|ratchets?");
    private static final Pattern PLASTIC = words("fibre|plastic|nylon|polymer");
    private static final Pattern STEM = words("stem|lead|feed|rising");

    private static Pattern words(String alternatives) {
        return Pattern.compile("\\b(" + alternatives + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /**
     * What goes on a part as it is fitted.
     *
     * @param step   the part
     * @param places lubricated places of the unit
     * @return the place it is lubricated from; empty where none stands out, or where the part stays dry
     */
    static Optional<LubricantOfPlace> of(TeardownStep step, List<LubricantOfPlace> places) {
        var said = step.detail().back().goesOn();
        return wanted(step).stream()
                .map(
                        sorts ->
                                places.stream()
                                        .filter(p -> sorts.contains(p.sort))
                                        .filter(p -> p.suits(step, said))
                                        .toList())
                .filter(found -> !found.isEmpty())
                .findFirst()
                .filter(found -> found.size() == 1)
                .map(found -> found.get(0));
    }

    boolean isGrease() {
        return sort.takesGrease();
    }

    private boolean suits(TeardownStep step, GoesOn said) {
        if (isGrease() && sort != PlaceSort.PLASTIC_GEARS && !LubricantWatch.bearsGrease(step)) {
            return false;
        }
        return switch (said) {
            case UNSAID -> true;
            case OIL -> sort.takesOil();
            case GREASE -> isGrease();
            case PLASTIC_SAFE_GREASE -> sort == PlaceSort.PLASTIC_GEARS;
            default -> false;
        };
    }

    /** Sorts of places that lubricate a part, the nearest first. */
    private static List<Set<PlaceSort>> wanted(TeardownStep step) {
        var kind = step.kindThatGoesIn();
        var name = step.goesIn();
        if (LubricantWatch.staysDry(step)) {
            return List.of();
        }
        if (PLASTIC.matcher(name).find()) {
            return List.of(EnumSet.of(PlaceSort.PLASTIC_GEARS));
        }
        if (kind == PartKind.PAWL || PAWL.matcher(name).find()) {
            return List.of(EnumSet.of(PlaceSort.PAWLS));
        }
        if (ROLLING.contains(kind)) {
            return List.of(
                    EnumSet.of(PlaceSort.BEARING),
                    EnumSet.of(PlaceSort.SPINDLE),
                    GREASED_BOXES,
                    baths());
        }
        if (TOOTHED.contains(kind)) {
            return List.of(EnumSet.of(PlaceSort.OPEN_GEARS), GREASED_BOXES, baths());
        }
        if (kind == PartKind.BUSH) {
            return List.of(GREASED_BOXES, baths());
        }
        return (kind == PartKind.SCREW || kind == PartKind.NUT) && STEM.matcher(name).find()
                ? List.of(EnumSet.of(PlaceSort.STEM_NUT))
                : List.of();
    }

    private static Set<PlaceSort> baths() {
        var baths = EnumSet.noneOf(PlaceSort.class);
        for (var sort : PlaceSort.values()) {
            if (sort.hasLevel() && sort != PlaceSort.SPINDLE) {
                baths.add(sort);
            }
        }
        return baths;
    }

    /** "Calcium grease NLGI 2 (bearings)". */
    String inWords() {
        return "%s (%s)".formatted(lubricant, name);
    }
}
