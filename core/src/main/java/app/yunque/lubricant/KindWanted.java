package app.yunque.lubricant;

import static app.yunque.lubricant.place.Lubricant.Additive.ACTIVE_SULPHUR;
import static app.yunque.lubricant.place.Lubricant.Additive.ANTIWEAR;
import static app.yunque.lubricant.place.Lubricant.Additive.COMPOUNDED;
import static app.yunque.lubricant.place.Lubricant.Additive.FRICTION_MODIFIED;
import static app.yunque.lubricant.place.Lubricant.Additive.MILD_EP;
import static app.yunque.lubricant.place.Lubricant.Additive.NONE;
import static app.yunque.lubricant.place.Lubricant.Additive.UNKNOWN;

import app.yunque.lubricant.compatibility.Compatibility.Finding;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.Lubricant.Additive;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.PlainDigits;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Which kind of lubricant a sort of place wants, which it tolerates and why not gladly, and which is never put there. The plate, where it
 * tells the kind, overrules the table. Source: common practice, no source; machine tools after the few grades of ISO 19378, worms after
 * AGMA 9005-D94, both from memory.
 *
 * @param sort        the place
 * @param plate       what overrules the table, so far as it tells a kind; empty where nothing does
 * @param hottestDegC hottest surroundings (°C)
 */
public record KindWanted(PlaceSort sort, Optional<PlateText> plate, double hottestDegC) {
    private static final double MINERAL_WORM_DEG_C = 35;

    /**
     * @param best   goes without a word, the first one is bought
     * @param never  is never put there
     * @param why    what is wrong with the others, and with those that are never put there
     */
    private record Row(List<Additive> best, List<Additive> never, String why) {}

    private static Row row(List<Additive> best, List<Additive> never, String why) {
        return new Row(best, never, why);
    }

    private static Row rowOf(PlaceSort sort) {
        return switch (sort) {
            case GEARS, PLANETARY, MILL_HEAD, MOWER_BOX, PUMP_CRANKCASE ->
                    row(
                            List.of(MILD_EP),
                            List.of(),
                            "Loaded gears want mild EP (CKC): with less they have no reserve against shock, with GL-5 copper alloys suffer, and fatty or clinging oil foams and carries less.");
            case CYCLOIDAL ->
                    row(
                            List.of(MILD_EP),
                            List.of(FRICTION_MODIFIED),
                            "A cycloidal gear wants CKC without friction modifier: its rollers must roll.");
            case WORM ->
                    row(
                            List.of(COMPOUNDED),
                            List.of(ACTIVE_SULPHUR),
                            "A worm slides: it wants a compounded oil (CKE), or PAO or PAG without active sulphur.");
            case HEADSTOCK, HEADSTOCK_FED ->
                    row(
                            List.of(NONE, ANTIWEAR),
                            List.of(MILD_EP, ACTIVE_SULPHUR, FRICTION_MODIFIED),
                            "A headstock wants a plain or antiwear oil (CKB, HL, HLP): no EP, nothing that clings.");
            case FEED_BOX ->
                    row(
                            List.of(NONE, ANTIWEAR),
                            List.of(ACTIVE_SULPHUR),
                            "A feed box wants a plain oil (CKB): EP sludge and clinging oil clog wicks and drip feeds.");
            case APRON ->
                    row(
                            List.of(NONE, ANTIWEAR, FRICTION_MODIFIED),
                            List.of(ACTIVE_SULPHUR),
                            "An apron wants CKB, or way oil where it also oils the ways: no active sulphur on its worm.");
            case MILL_BOX, DRILL_HEAD ->
                    row(
                            List.of(ANTIWEAR, NONE),
                            List.of(ACTIVE_SULPHUR),
                            "This box wants a hydraulic oil (HL, HLP): EP sludge clogs the pump screen, clinging oil foams.");
            case DIVIDING_HEAD ->
                    row(
                            List.of(COMPOUNDED, FRICTION_MODIFIED),
                            List.of(ACTIVE_SULPHUR),
                            "A dividing head wants a compounded or a way oil: its worm slides slowly and must not stick.");
            case SPINDLE ->
                    row(
                            List.of(NONE, ANTIWEAR),
                            List.of(ACTIVE_SULPHUR, FRICTION_MODIFIED, COMPOUNDED),
                            "A plain spindle bearing wants spindle oil (FC, FD): anything that clings or gums heats it until it seizes.");
            case WAYS_LYING, WAYS_STANDING ->
                    row(
                            List.of(FRICTION_MODIFIED),
                            List.of(),
                            "Ways want way oil (G): any other does not cling, and the slide sticks and jumps.");
            case CHAIN ->
                    row(
                            List.of(FRICTION_MODIFIED),
                            List.of(),
                            "A chain wants oil that clings: any other is thrown off the joints.");
            case PAWLS ->
                    row(
                            List.of(NONE, ANTIWEAR),
                            List.of(FRICTION_MODIFIED, COMPOUNDED, ACTIVE_SULPHUR),
                            "Pawls want light machine oil: what clings or gums holds them off the ratchet, and the load runs back.");
            case PLASTIC_GEARS ->
                    row(
                            List.of(NONE),
                            List.of(ACTIVE_SULPHUR),
                            "Plastic gears want grease without strong EP and without solids; EP is no use to them.");
            case BEVEL_HEAD, SMALL_BOX, ACTUATOR_BOX ->
                    row(List.of(MILD_EP), List.of(), "Greased gears under load want EP grease.");
            case OPEN_GEARS ->
                    row(
                            List.of(FRICTION_MODIFIED, MILD_EP),
                            List.of(),
                            "Open gears want adhesive grease, or EP.");
            case STEM_NUT, WINCH_GEARS, BEARING ->
                    row(
                            List.of(MILD_EP, NONE, ANTIWEAR),
                            List.of(),
                            "This place wants an ordinary grease, with EP or without.");
            case HYDROSTATIC, LININGS ->
                    row(List.of(), List.of(), "Nothing goes here but what the plate says.");
        };
    }

    /** Kinds that may be bought for it, the best first: the plate's alone where it tells one. */
    List<Additive> inOrder() {
        var told = plate.flatMap(PlateText::additive);
        if (told.isPresent()) {
            return List.of(told.get());
        }
        var row = rowOf(sort);
        return java.util.stream.Stream.concat(
                        row.best.stream(),
                        Arrays.stream(Additive.values())
                                .filter(
                                        a ->
                                                a != UNKNOWN
                                                        && !row.best.contains(a)
                                                        && !row.never.contains(a)))
                .toList();
    }

    /** What speaks against the kind of a lubricant there; empty for what is wanted. */
    public Optional<Finding> of(Lubricant lubricant) {
        var told = plate.flatMap(PlateText::additive);
        if (lubricant.additive() == UNKNOWN) {
            return Optional.of(
                    finding(
                            Weight.WARNS,
                            "What is in it is not known.",
                            "Ask for its data sheet: base oil, EP, copper strip."));
        }
        if (told.isPresent()) {
            return told.get() == lubricant.additive()
                    ? Optional.empty()
                    : Optional.of(
                            finding(
                                    Weight.WARNS,
                                    "The plate asks for %s; in this is %s."
                                            .formatted(
                                                    told.get().words(),
                                                    lubricant.additive().words()),
                                    "What the plate says, or the maker's word that this goes too."));
        }
        return byTable(lubricant);
    }

    private Optional<Finding> byTable(Lubricant lubricant) {
        var row = rowOf(sort);
        if (row.never.contains(lubricant.additive())) {
            return Optional.of(finding(Weight.FORBIDS, row.why, best(row)));
        }
        if (!row.best.contains(lubricant.additive()) && !isSyntheticOnAWorm(lubricant)) {
            return Optional.of(finding(Weight.WARNS, row.why, best(row)));
        }
        if (sort == PlaceSort.WORM
                && hottestDegC > MINERAL_WORM_DEG_C
                && lubricant.base() == BaseOil.MINERAL) {
            return Optional.of(
                    finding(
                            Weight.WARNS,
                            "A worm in surroundings up to %s °C wants a synthetic: mineral oil gets too thin and ages fast."
                                    .formatted(PlainDigits.exact(hottestDegC)),
                            "PAO or PAG of that grade; flush for PAG, and check paint and seals."));
        }
        if (sort == PlaceSort.PLASTIC_GEARS && lubricant.solids()) {
            return Optional.of(finding(Weight.WARNS, row.why, best(row)));
        }
        return Optional.empty();
    }

    private boolean isSyntheticOnAWorm(Lubricant lubricant) {
        return sort == PlaceSort.WORM
                && (lubricant.base() == BaseOil.PAO || lubricant.base() == BaseOil.PAG)
                && (lubricant.additive() == NONE
                        || lubricant.additive() == ANTIWEAR
                        || lubricant.additive() == MILD_EP);
    }

    private static String best(Row row) {
        return row.best.isEmpty()
                ? "The fluid on the plate; without one, ask the maker."
                : "%s.".formatted(capital(row.best.get(0).words()));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static Finding finding(Weight weight, String reason, String instead) {
        return new Finding("kind", weight, reason, instead);
    }
}
