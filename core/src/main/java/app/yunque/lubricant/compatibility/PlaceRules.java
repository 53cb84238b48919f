package app.yunque.lubricant.compatibility;

import static app.yunque.lubricant.compatibility.Compatibility.Weight.FORBIDS;
import static app.yunque.lubricant.compatibility.Compatibility.Weight.INFORMS;
import static app.yunque.lubricant.compatibility.Compatibility.Weight.WARNS;

import app.yunque.lubricant.compatibility.Compatibility.Finding;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.Lubricant.Additive;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.place.LubricatedPlace.Plastic;
import app.yunque.lubricant.place.LubricatedPlace.Seal;
import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * What a lubricant does to the things it meets at a place, rule by rule. Source: common practice, no source, except the sump limit
 * of mineral oil (AGMA 9005, from memory).
 */
public final class PlaceRules {
    /** Name of the rule about food. */
    public static final String FOOD = "food";

    private PlaceRules() {}

    /** A lubricant at a place. */
    private record Meeting(Lubricant lubricant, LubricatedPlace place) {
        boolean meets(Thing... things) {
            for (var thing : things) {
                if (place.meets(thing)) {
                    return true;
                }
            }
            return false;
        }

        boolean has(Additive... additives) {
            return isAmong(lubricant.additive(), additives);
        }

        boolean isOf(BaseOil... bases) {
            return isAmong(lubricant.base(), bases);
        }

        private static <T> boolean isAmong(T one, T[] all) {
            for (var each : all) {
                if (each == one) {
                    return true;
                }
            }
            return false;
        }

        boolean isThickenedBy(Thickener thickener) {
            return lubricant.thickener().filter(t -> t == thickener).isPresent();
        }

        boolean isHotterThan(double degC) {
            return place.sumpDegC() > degC;
        }
    }

    /** One rule: when it applies, why, and what to do instead. */
    private record Rule(
            String name, Weight weight, Predicate<Meeting> when, String reason, String instead) {}

    private static Rule rule(
            String name, Weight weight, Predicate<Meeting> when, String reason, String instead) {
        return new Rule(name, weight, when, reason, instead);
    }

    private static final List<Rule> METALS =
            List.of(
                    rule(
                            "bronze",
                            FORBIDS,
                            m -> m.meets(Thing.BRONZE_WORM_WHEEL) && m.has(Additive.ACTIVE_SULPHUR),
                            "Active sulphur eats the bronze, faster when hot.",
                            "A compounded worm oil (CKE), or a synthetic without active sulphur."),
                    rule(
                            "brass",
                            FORBIDS,
                            m ->
                                    m.meets(Thing.BRASS_SYNCHRONISER)
                                            && m.has(Additive.ACTIVE_SULPHUR),
                            "It attacks brass and upsets the friction of the synchroniser.",
                            "An oil of the GL-4 kind."),
                    rule(
                            "bronze, hot",
                            WARNS,
                            m ->
                                    m.meets(Thing.BRONZE_BUSH, Thing.BRONZE_WORM_WHEEL)
                                            && m.has(Additive.MILD_EP)
                                            && m.isHotterThan(80),
                            "Above 80 °C even mild EP darkens copper alloys.",
                            "Watch copper in the oil, or lower the temperature."),
                    rule(
                            "bronze",
                            WARNS,
                            m ->
                                    m.meets(
                                                    Thing.BRONZE_BUSH,
                                                    Thing.BRONZE_WORM_WHEEL,
                                                    Thing.BRASS_SYNCHRONISER)
                                            && m.has(Additive.UNKNOWN),
                            "What is in it is not known.",
                            "Ask for the copper strip result: 1b or better."),
                    rule(
                            "bronze bush",
                            WARNS,
                            m -> m.meets(Thing.BRONZE_BUSH) && m.has(Additive.ACTIVE_SULPHUR),
                            "Active sulphur darkens and pits bronze bushes and cages.",
                            "Mild EP (CKC), or a plain oil (CKB)."),
                    rule(
                            "silver, zinc, lead",
                            WARNS,
                            m ->
                                    m.meets(Thing.SILVER_ZINC_LEAD)
                                            && m.has(
                                                    Additive.MILD_EP,
                                                    Additive.ACTIVE_SULPHUR,
                                                    Additive.UNKNOWN),
                            "Some EP additives attack silver, zinc and lead.",
                            "A plain oil (CKB), or the maker's word on the additive."),
                    rule(
                            "aluminium",
                            WARNS,
                            m -> m.meets(Thing.ALUMINIUM_SLIDING) && m.isOf(BaseOil.PAG),
                            "Aluminium sliding on steel wears badly in polyglycol unless it is approved.",
                            "A synthetic hydrocarbon."));

    private static final List<Rule> FRICTION =
            List.of(
                    rule(
                            "backstop",
                            FORBIDS,
                            m ->
                                    m.meets(Thing.BACKSTOP)
                                            && (m.has(
                                                            Additive.FRICTION_MODIFIED,
                                                            Additive.COMPOUNDED)
                                                    || m.lubricant.solids()),
                            "The clutch needs friction to hold: a slippery oil lets the load run back.",
                            "The backstop maker's listed oil."),
                    rule(
                            "backstop",
                            WARNS,
                            m ->
                                    m.meets(Thing.BACKSTOP)
                                            && !m.lubricant.solids()
                                            && m.has(
                                                    Additive.MILD_EP,
                                                    Additive.ACTIVE_SULPHUR,
                                                    Additive.UNKNOWN),
                            "EP can lower the holding friction.",
                            "The backstop maker's listed oil."),
                    rule(
                            "wet clutch",
                            FORBIDS,
                            m ->
                                    m.meets(Thing.WET_CLUTCH)
                                            && m.has(
                                                    Additive.MILD_EP,
                                                    Additive.ACTIVE_SULPHUR,
                                                    Additive.COMPOUNDED,
                                                    Additive.FRICTION_MODIFIED),
                            "Wet linings need their own fluid: in this they slip or judder.",
                            "The fluid on the plate."),
                    rule(
                            "friction clutch",
                            FORBIDS,
                            m ->
                                    m.meets(Thing.FRICTION_CLUTCH)
                                            && m.has(
                                                    Additive.MILD_EP,
                                                    Additive.ACTIVE_SULPHUR,
                                                    Additive.COMPOUNDED,
                                                    Additive.FRICTION_MODIFIED),
                            "The clutch slips or sticks.",
                            "A plain oil (HL, CKB) of the plate's grade."),
                    rule(
                            "wet clutch",
                            WARNS,
                            m ->
                                    m.meets(Thing.WET_CLUTCH)
                                            && m.has(Additive.NONE, Additive.ANTIWEAR),
                            "Wet linings need their own fluid: a plain oil may make them judder.",
                            "The fluid on the plate."),
                    rule(
                            "clutch",
                            WARNS,
                            m ->
                                    m.meets(Thing.WET_CLUTCH, Thing.FRICTION_CLUTCH)
                                            && m.has(Additive.UNKNOWN),
                            "What is in it is not known: EP or a friction modifier would make the clutch slip.",
                            "The data sheet, or the fluid on the plate."),
                    rule(
                            "solids",
                            WARNS,
                            m -> m.lubricant.solids() && m.meets(Thing.FINE_FILTER),
                            "The filter takes the solids out.",
                            "An oil without solids."),
                    rule(
                            "solids",
                            WARNS,
                            m -> m.lubricant.solids() && m.meets(Thing.FAST_ROLLING_BEARING),
                            "Solids make the rollers of a fast bearing skid.",
                            "A grease or oil without solids."));

    private static final List<Rule> SURROUNDINGS =
            List.of(
                    rule(
                            FOOD,
                            FORBIDS,
                            m -> m.meets(Thing.FOOD) && !m.lubricant.food(),
                            "Only a lubricant registered for incidental contact (H1) may be in this zone.",
                            "The same grade as H1; keep others out of the room."),
                    rule(
                            "water",
                            WARNS,
                            m -> m.meets(Thing.WATER) && m.isThickenedBy(Thickener.LITHIUM),
                            "Lithium grease washes out in steady water.",
                            "Calcium sulfonate, calcium complex or aluminium complex."),
                    rule(
                            "salt",
                            WARNS,
                            m ->
                                    m.meets(Thing.SALT)
                                            && m.lubricant.isGrease()
                                            && !m.isThickenedBy(Thickener.CALCIUM_SULFONATE),
                            "Salt spray wants a grease tested against salt water.",
                            "Calcium sulfonate."),
                    rule(
                            "water",
                            WARNS,
                            m -> m.meets(Thing.WATER) && m.isOf(BaseOil.PAG),
                            "Polyglycol takes up water, which does not settle.",
                            "Watch the water content."),
                    rule(
                            "water",
                            WARNS,
                            m ->
                                    m.meets(Thing.WATER)
                                            && m.isOf(BaseOil.ESTER)
                                            && m.isHotterThan(60),
                            "Ester breaks down with hot water; the acid number rises.",
                            "A synthetic hydrocarbon."),
                    rule(
                            "paint",
                            WARNS,
                            m ->
                                    m.meets(Thing.ORDINARY_PAINT)
                                            && m.isOf(BaseOil.PAG, BaseOil.ESTER),
                            "It strips ordinary paint, which then clogs the oil ways.",
                            "Two-part epoxy inside, or bare metal."),
                    rule(
                            "sight glass",
                            WARNS,
                            m -> m.meets(Thing.PLASTIC_SIGHT_GLASS) && m.isOf(BaseOil.PAG),
                            "Clear plastic may craze.",
                            "A sight glass of glass."),
                    rule(
                            "silicone about",
                            WARNS,
                            m -> m.meets(Thing.PAINT_SHOP_OR_CONTACTS) && m.isOf(BaseOil.SILICONE),
                            "Silicone creeps: craters in fresh paint, trouble at electrical contacts.",
                            "A hydrocarbon, or keep it well apart."));

    private static final List<Rule> PLASTICS =
            List.of(
                    rule(
                            "plastic",
                            FORBIDS,
                            m -> isClear(m) && m.isOf(BaseOil.ESTER, BaseOil.PAG),
                            "It cracks clear plastics and ABS.",
                            "Silicone or a grease made for plastics."),
                    rule(
                            "plastic",
                            WARNS,
                            m -> isClear(m) && m.isOf(BaseOil.MINERAL, BaseOil.PAO),
                            "Petroleum can craze clear plastics and ABS.",
                            "Silicone or a grease made for plastics."),
                    rule(
                            "plastic",
                            WARNS,
                            m ->
                                    m.place.plastic() == Plastic.POLYETHYLENE
                                            && m.isOf(BaseOil.MINERAL, BaseOil.PAO, BaseOil.ESTER),
                            "Polyethylene swells in petroleum, synthetic hydrocarbon and ester.",
                            "Polyglycol or silicone."),
                    rule(
                            "fibre",
                            WARNS,
                            m -> m.place.plastic() == Plastic.FIBRE && m.isOf(BaseOil.MINERAL),
                            "Petroleum softens the binder of many fibre and laminate gears, and grit held in it laps the teeth.",
                            "A PAO grease for plastic gears; the maker's word on the laminate comes first."),
                    rule(
                            "plastic",
                            WARNS,
                            m -> m.place.plastic() == Plastic.NYLON && m.isOf(BaseOil.PAG),
                            "Nylon is doubtful in polyglycol.",
                            "A synthetic hydrocarbon."),
                    rule(
                            "plastic",
                            WARNS,
                            m ->
                                    m.place.plastic() == Plastic.NYLON
                                            && m.isOf(BaseOil.ESTER)
                                            && m.isHotterThan(80),
                            "Nylon is doubtful in ester above 80 °C.",
                            "A synthetic hydrocarbon."),
                    rule(
                            "plastic",
                            INFORMS,
                            m -> m.place.plastic() != Plastic.NONE && m.lubricant.additive().isEp(),
                            "EP does nothing for plastic teeth.",
                            "None is needed."));

    private static boolean isClear(Meeting m) {
        return m.place.plastic() == Plastic.CLEAR_PLASTIC;
    }

    private static final List<Rule> GREASES =
            List.of(
                    rule(
                            "pawl",
                            FORBIDS,
                            m -> m.lubricant.isGrease() && m.meets(Thing.PAWL),
                            "Grease stiffens with cold, dust and salt: the spring no longer pushes the pawl in and the load runs back.",
                            "Light machine oil, VG 15 to 32, one or two drops."),
                    rule(
                            "stiff grease",
                            WARNS,
                            m ->
                                    m.lubricant.nlgi().filter(n -> n >= 2).isPresent()
                                            && m.meets(Thing.SPLASH_GEARS)
                                            && m.place.velocity() > 1,
                            "The gear cuts a groove in it and runs dry.",
                            "Semi-fluid grease, NLGI 00 to 0, or oil if the seals are for it."),
                    rule(
                            "silicone",
                            FORBIDS,
                            m ->
                                    m.isOf(BaseOil.SILICONE)
                                            && m.meets(Thing.SPLASH_GEARS, Thing.LOADED_METAL),
                            "Silicone carries little load between metals.",
                            "A hydrocarbon grease; silicone for plastics and rubber only."),
                    rule(
                            "sealed for oil",
                            WARNS,
                            m -> m.meets(Thing.SEALED_FOR_OIL) && m.lubricant.isGrease(),
                            "Seals, breather and bearings of this box were built for oil.",
                            "Oil as on the plate; grease only when the maker says so."),
                    rule(
                            "sealed for grease",
                            WARNS,
                            m -> m.meets(Thing.SEALED_FOR_GREASE) && !m.lubricant.isGrease(),
                            "The seals of this box hold grease; oil runs out of them.",
                            "Grease as on the plate; oil only when the maker says so."));

    private static final List<List<Rule>> ALL =
            List.of(METALS, FRICTION, SURROUNDINGS, PLASTICS, GREASES);

    /** Every rule that applies, in the order of the rules. */
    public static List<Finding> of(Lubricant lubricant, LubricatedPlace place) {
        var meeting = new Meeting(lubricant, place);
        var found = new ArrayList<Finding>();
        ALL.stream()
                .flatMap(List::stream)
                .filter(r -> r.when.test(meeting))
                .map(r -> new Finding(r.name, r.weight, r.reason, r.instead))
                .forEach(found::add);
        seals(found, meeting);
        temperature(found, meeting);
        return found;
    }

    private static void seals(List<Finding> found, Meeting m) {
        var seal = m.place.seal();
        var base = m.lubricant.base();
        switch (fit(seal, base)) {
            case 'N' ->
                    found.add(
                            new Finding(
                                    "seal",
                                    FORBIDS,
                                    "%s swells or breaks down in %s oil."
                                            .formatted(seal, base.words()),
                                    "FKM or PTFE seals; the seal maker decides."));
            case 'B' ->
                    found.add(
                            new Finding(
                                    "seal",
                                    WARNS,
                                    "%s is doubtful in %s oil.".formatted(seal, base.words()),
                                    "Ask the seal maker, or fit FKM."));
            default -> {}
        }
        if (seal == Seal.NBR && m.lubricant.additive().isEp() && m.isHotterThan(100)) {
            found.add(
                    new Finding(
                            "seal",
                            WARNS,
                            "EP hardens NBR above 100 °C.",
                            "HNBR or FKM, or a cooler box."));
        }
        if (seal == Seal.FKM && m.meets(Thing.WATER) && m.isHotterThan(80)) {
            found.add(
                    new Finding(
                            "seal",
                            WARNS,
                            "Many FKM grades do not stand hot water.",
                            "Ask the seal maker for a grade against hot water."));
        }
        if (m.place.sumpDegC() < seal.low() || m.place.sumpDegC() > seal.high()) {
            found.add(
                    new Finding(
                            "seal temperature",
                            WARNS,
                            "%s is used outside %s to %s °C."
                                    .formatted(
                                            seal,
                                            PlainDigits.exact(seal.low()),
                                            PlainDigits.exact(seal.high())),
                            "Another material, or a cooler box."));
        }
    }

    /** O goes, B is doubtful, N does not: a seal in a base oil. */
    static char fit(Seal seal, BaseOil base) {
        return switch (seal) {
            case NBR, PU -> base == BaseOil.ESTER || base == BaseOil.PAG ? 'B' : 'O';
            case HNBR -> base == BaseOil.ESTER ? 'B' : 'O';
            case FKM, PTFE -> 'O';
            case EPDM -> base == BaseOil.PAG || base == BaseOil.SILICONE ? 'O' : 'N';
            case VMQ -> base == BaseOil.ESTER || base == BaseOil.SILICONE ? 'N' : 'B';
        };
    }

    private static void temperature(List<Finding> found, Meeting m) {
        double limit = m.lubricant.base().limitDegC();
        if (m.isHotterThan(limit)) {
            found.add(
                    new Finding(
                            "temperature",
                            FORBIDS,
                            "%s °C is above the limit of %s °C for %s oil."
                                    .formatted(
                                            PlainDigits.exact(m.place.sumpDegC()),
                                            PlainDigits.exact(limit),
                                            m.lubricant.base().words()),
                            "Less load, a cooler, or a synthetic oil."));
        } else if (m.isHotterThan(m.lubricant.base().warnDegC())) {
            found.add(
                    new Finding(
                            "temperature",
                            WARNS,
                            "Above %s °C %s oil ages fast; it works at %s °C."
                                    .formatted(
                                            PlainDigits.exact(m.lubricant.base().warnDegC()),
                                            m.lubricant.base().words(),
                                            PlainDigits.exact(m.place.sumpDegC())),
                            m.isOf(BaseOil.MINERAL)
                                    ? "A synthetic oil, a cooler, or shorter intervals."
                                    : "A cooler, less load, or shorter intervals."));
        }
    }
}
