package app.yunque.lubricant;

import app.yunque.lubricant.Lubricant.Additive;
import app.yunque.lubricant.LubricatedPlace.Plastic;
import app.yunque.lubricant.LubricatedPlace.Seal;
import app.yunque.lubricant.LubricatedPlace.Thing;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a lubricant may go to a place: what it meets there, what remains of the old one, what it does to seals, plastics and
 * paint. All that apply are told, the worst first; none hides another. Source: common practice, no source, except the sump
 * limit of mineral oil (AGMA 9005, from memory); the thickener chart is the widely reprinted one, from memory, charts differ.
 *
 * @param findings worst first
 */
public record Compatibility(List<Finding> findings) {

    /** How grave a finding is. */
    public enum Weight {
        FORBIDS,
        WARNS,
        INFORMS
    }

    /**
     * One finding.
     *
     * @param rule    short name of the rule
     * @param weight  forbids, warns or informs
     * @param reason  why
     * @param instead what to do instead
     */
    public record Finding(String rule, Weight weight, String reason, String instead) {}

    /**
     * What is still in the box.
     *
     * @param lubricant what it was
     * @param share     its share after draining and flushing, 0 to 1
     */
    public record Remains(Lubricant lubricant, double share) {}

    private static final double LITTLE = 0.01;

    public static Compatibility of(
            Lubricant lubricant, LubricatedPlace place, Optional<Remains> remains) {
        var found = new ArrayList<Finding>();
        remains.ifPresent(r -> mixing(found, lubricant, r));
        copper(found, lubricant, place);
        friction(found, lubricant, place);
        surroundings(found, lubricant, place);
        seals(found, lubricant.base(), place);
        plastics(found, lubricant.base(), place);
        grease(found, lubricant, place);
        temperature(found, lubricant.base(), place);
        found.sort(Comparator.comparing(Finding::weight));
        return new Compatibility(List.copyOf(found));
    }

    /** The same with one more finding in its place. */
    Compatibility with(Optional<Finding> more) {
        var all = new ArrayList<>(findings);
        more.ifPresent(all::add);
        all.sort(Comparator.comparing(Finding::weight));
        return new Compatibility(List.copyOf(all));
    }

    /** Only what forbids or warns. */
    public List<Finding> grave() {
        return findings.stream().filter(f -> f.weight() != Weight.INFORMS).toList();
    }

    /** Clear fail when anything forbids, doubtful when anything warns. */
    public Verdict verdict() {
        return findings.stream()
                .map(Finding::weight)
                .min(Comparator.naturalOrder())
                .map(
                        w ->
                                w == Weight.FORBIDS
                                        ? Verdict.CLEAR_FAIL
                                        : w == Weight.WARNS ? Verdict.DOUBTFUL : Verdict.CLEAR_PASS)
                .orElse(Verdict.CLEAR_PASS);
    }

    /** O goes, B borderline, N not: what two base oils do when they meet. */
    static char baseOils(BaseOil one, BaseOil two) {
        if (one == two) {
            return one == BaseOil.MINERAL || one == BaseOil.PAO ? 'O' : 'B';
        }
        boolean strange =
                one == BaseOil.PAG
                        || two == BaseOil.PAG
                        || one == BaseOil.SILICONE
                        || two == BaseOil.SILICONE;
        if (strange) {
            return 'N';
        }
        return one == BaseOil.ESTER || two == BaseOil.ESTER ? 'B' : 'O';
    }

    private static void mixing(List<Finding> found, Lubricant fresh, Remains remains) {
        var old = remains.lubricant;
        char oils = baseOils(old.base(), fresh.base());
        if (oils == 'N' && remains.share > LITTLE) {
            found.add(
                    new Finding(
                            "old oil",
                            Weight.FORBIDS,
                            "%s and %s do not mix: they gel or separate, foam and starve the mesh; %s %% of the old is left."
                                    .formatted(
                                            old.base().words(),
                                            fresh.base().words(),
                                            PlainDigits.rounded(100 * remains.share, 1)),
                            "Flush with the new kind until less than 1 % is left, and check the seals."));
        } else if (oils == 'B') {
            found.add(
                    new Finding(
                            "old oil",
                            Weight.WARNS,
                            "%s with %s: borderline, additives may clash."
                                    .formatted(old.base().words(), fresh.base().words()),
                            "Drain and flush once."));
        } else if (old.base() != fresh.base()) {
            found.add(
                    new Finding(
                            "old oil",
                            Weight.INFORMS,
                            "They mix; life and index fall to those of the mixture.",
                            "Draining is better than topping up."));
        }
        thickeners(found, fresh, old);
    }

    private static void thickeners(List<Finding> found, Lubricant fresh, Lubricant old) {
        if (!fresh.isGrease() || !old.isGrease()) {
            return;
        }
        var one = old.thickener().orElseThrow();
        var two = fresh.thickener().orElseThrow();
        switch (one.with(two)) {
            case 'N' ->
                    found.add(
                            new Finding(
                                    "thickener",
                                    Weight.FORBIDS,
                                    "%s and %s greases do not go together: the mixture runs out or hardens."
                                            .formatted(one.words(), two.words()),
                                    "Take apart, wash, dry, fill fresh; gun and hose hold the old one too."));
            case 'B' ->
                    found.add(
                            new Finding(
                                    "thickener",
                                    Weight.WARNS,
                                    "%s with %s: borderline.".formatted(one.words(), two.words()),
                                    "Wipe out, fill fresh, purge after 1 h and 50 h."));
            default ->
                    found.add(
                            new Finding(
                                    "thickener",
                                    Weight.INFORMS,
                                    "The thickeners go together.",
                                    "Purge until new grease shows; halve the next two intervals."));
        }
    }

    private static void copper(List<Finding> found, Lubricant l, LubricatedPlace place) {
        if (place.meets(Thing.BRONZE_WORM_WHEEL) && l.additive() == Additive.ACTIVE_SULPHUR) {
            found.add(
                    new Finding(
                            "bronze",
                            Weight.FORBIDS,
                            "Active sulphur eats the bronze, faster when hot.",
                            "A compounded worm oil (CKE), or a synthetic without active sulphur."));
        }
        if (place.meets(Thing.BRASS_SYNCHRONISER) && l.additive() == Additive.ACTIVE_SULPHUR) {
            found.add(
                    new Finding(
                            "brass",
                            Weight.FORBIDS,
                            "It attacks brass and upsets the friction of the synchroniser.",
                            "An oil of the GL-4 kind."));
        }
        boolean copper = place.meets(Thing.BRONZE_BUSH) || place.meets(Thing.BRONZE_WORM_WHEEL);
        if (copper && l.additive() == Additive.MILD_EP && place.sumpDegC() > 80) {
            found.add(
                    new Finding(
                            "bronze, hot",
                            Weight.WARNS,
                            "Above 80 °C even mild EP darkens copper alloys.",
                            "Watch copper in the oil, or lower the temperature."));
        }
        if (copper && l.additive() == Additive.UNKNOWN) {
            found.add(
                    new Finding(
                            "bronze",
                            Weight.WARNS,
                            "What is in it is not known.",
                            "Ask for the copper strip result: 1b or better."));
        }
    }

    private static void friction(List<Finding> found, Lubricant l, LubricatedPlace place) {
        if (place.meets(Thing.BACKSTOP)
                && (l.additive() == Additive.FRICTION_MODIFIED || l.solids())) {
            found.add(
                    new Finding(
                            "backstop",
                            Weight.FORBIDS,
                            "The clutch needs friction to hold: a slippery oil lets the load run back.",
                            "The backstop maker's listed oil."));
        } else if (place.meets(Thing.BACKSTOP) && l.additive().isEp()) {
            found.add(
                    new Finding(
                            "backstop",
                            Weight.WARNS,
                            "EP can lower the holding friction.",
                            "The backstop maker's listed oil."));
        }
        if (place.meets(Thing.WET_CLUTCH)
                && (l.additive().isEp() || l.additive() == Additive.FRICTION_MODIFIED)) {
            found.add(
                    new Finding(
                            "wet clutch",
                            Weight.FORBIDS,
                            "Wet linings need their own fluid: in this they slip or judder.",
                            "The fluid on the plate."));
        }
        if (place.meets(Thing.FRICTION_CLUTCH)
                && (l.additive().isEp() || l.additive() == Additive.FRICTION_MODIFIED)) {
            found.add(
                    new Finding(
                            "friction clutch",
                            Weight.FORBIDS,
                            "The clutch slips or sticks.",
                            "A plain oil (HL, CKB) of the plate's grade."));
        }
        if (l.solids() && place.meets(Thing.FINE_FILTER)) {
            found.add(
                    new Finding(
                            "solids",
                            Weight.WARNS,
                            "The filter takes the solids out.",
                            "An oil without solids."));
        }
    }

    private static void surroundings(List<Finding> found, Lubricant l, LubricatedPlace place) {
        if (place.meets(Thing.FOOD) && !l.food()) {
            found.add(
                    new Finding(
                            "food",
                            Weight.FORBIDS,
                            "Only a lubricant registered for incidental contact (H1) may be in this zone.",
                            "The same grade as H1; keep others out of the room."));
        }
        if (place.meets(Thing.WATER)
                && l.thickener().filter(t -> t == Thickener.LITHIUM).isPresent()) {
            found.add(
                    new Finding(
                            "water",
                            Weight.WARNS,
                            "Lithium grease washes out in steady water.",
                            "Calcium sulfonate, calcium complex or aluminium complex."));
        }
        if (place.meets(Thing.SALT)
                && l.isGrease()
                && l.thickener().filter(t -> t == Thickener.CALCIUM_SULFONATE).isEmpty()) {
            found.add(
                    new Finding(
                            "salt",
                            Weight.WARNS,
                            "Salt spray wants a grease tested against salt water.",
                            "Calcium sulfonate."));
        }
        if (place.meets(Thing.WATER) && l.base() == BaseOil.PAG) {
            found.add(
                    new Finding(
                            "water",
                            Weight.WARNS,
                            "Polyglycol takes up water, which does not settle.",
                            "Watch the water content."));
        }
        if (place.meets(Thing.WATER) && l.base() == BaseOil.ESTER && place.sumpDegC() > 60) {
            found.add(
                    new Finding(
                            "water",
                            Weight.WARNS,
                            "Ester breaks down with hot water; the acid number rises.",
                            "A synthetic hydrocarbon."));
        }
        boolean strips = l.base() == BaseOil.PAG || l.base() == BaseOil.ESTER;
        if (place.meets(Thing.ORDINARY_PAINT) && strips) {
            found.add(
                    new Finding(
                            "paint",
                            Weight.WARNS,
                            "It strips ordinary paint, which then clogs the oil ways.",
                            "Two-part epoxy inside, or bare metal."));
        }
        if (place.meets(Thing.PLASTIC_SIGHT_GLASS) && l.base() == BaseOil.PAG) {
            found.add(
                    new Finding(
                            "sight glass",
                            Weight.WARNS,
                            "Clear plastic may craze.",
                            "A sight glass of glass."));
        }
    }

    private static void seals(List<Finding> found, BaseOil base, LubricatedPlace place) {
        var seal = place.seal();
        char fit = sealFit(seal, base);
        if (fit == 'N') {
            found.add(
                    new Finding(
                            "seal",
                            Weight.FORBIDS,
                            "%s swells or breaks down in %s oil.".formatted(seal, base.words()),
                            "FKM or PTFE seals; the seal maker decides."));
        } else if (fit == 'B') {
            found.add(
                    new Finding(
                            "seal",
                            Weight.WARNS,
                            "%s is doubtful in %s oil.".formatted(seal, base.words()),
                            "Ask the seal maker, or fit FKM."));
        }
        if (place.sumpDegC() < seal.low() || place.sumpDegC() > seal.high()) {
            found.add(
                    new Finding(
                            "seal temperature",
                            Weight.WARNS,
                            "%s is used outside %s to %s °C."
                                    .formatted(
                                            seal,
                                            PlainDigits.exact(seal.low()),
                                            PlainDigits.exact(seal.high())),
                            "Another material, or a cooler box."));
        }
    }

    private static char sealFit(Seal seal, BaseOil base) {
        return switch (seal) {
            case NBR -> base == BaseOil.ESTER || base == BaseOil.PAG ? 'B' : 'O';
            case HNBR -> base == BaseOil.ESTER ? 'B' : 'O';
            case FKM, PTFE -> 'O';
            case EPDM -> base == BaseOil.PAG || base == BaseOil.SILICONE ? 'O' : 'N';
            case VMQ -> base == BaseOil.ESTER || base == BaseOil.SILICONE ? 'N' : 'B';
            case PU -> base == BaseOil.ESTER || base == BaseOil.PAG ? 'B' : 'O';
        };
    }

    private static void plastics(List<Finding> found, BaseOil base, LubricatedPlace place) {
        boolean clear = place.plastic() == Plastic.CLEAR_PLASTIC;
        if (clear && (base == BaseOil.ESTER || base == BaseOil.PAG)) {
            found.add(
                    new Finding(
                            "plastic",
                            Weight.FORBIDS,
                            "It cracks clear plastics and ABS.",
                            "Silicone or a grease made for plastics."));
        } else if (clear && base != BaseOil.SILICONE) {
            found.add(
                    new Finding(
                            "plastic",
                            Weight.WARNS,
                            "Petroleum can craze clear plastics and ABS.",
                            "Silicone or a grease made for plastics."));
        }
        if (place.plastic() == Plastic.POLYETHYLENE && base == BaseOil.MINERAL) {
            found.add(
                    new Finding(
                            "plastic",
                            Weight.WARNS,
                            "Polyethylene swells in petroleum.",
                            "Polyglycol or silicone."));
        }
        if (place.plastic() == Plastic.FIBRE && base == BaseOil.MINERAL) {
            found.add(
                    new Finding(
                            "fibre",
                            Weight.WARNS,
                            "Petroleum softens the binder of many fibre and laminate gears, and grit held in it laps the teeth.",
                            "A PAO grease for plastic gears; the maker's word on the laminate comes first."));
        }
        if (place.plastic() == Plastic.NYLON && base == BaseOil.PAG) {
            found.add(
                    new Finding(
                            "plastic",
                            Weight.WARNS,
                            "Nylon is doubtful in polyglycol.",
                            "A synthetic hydrocarbon."));
        }
    }

    private static void grease(List<Finding> found, Lubricant l, LubricatedPlace place) {
        if (l.isGrease() && place.meets(Thing.PAWL)) {
            found.add(
                    new Finding(
                            "pawl",
                            Weight.FORBIDS,
                            "Grease stiffens with cold, dust and salt: the spring no longer pushes the pawl in and the load runs back.",
                            "Light machine oil, VG 15 to 32, one or two drops."));
        }
        if (l.nlgi().filter(n -> n >= 2).isPresent()
                && place.meets(Thing.SPLASH_GEARS)
                && place.velocity() > 1) {
            found.add(
                    new Finding(
                            "stiff grease",
                            Weight.WARNS,
                            "The gear cuts a groove in it and runs dry.",
                            "Semi-fluid grease, NLGI 00 to 0, or oil if the seals are for it."));
        }
        if (l.base() == BaseOil.SILICONE && place.meets(Thing.SPLASH_GEARS)) {
            found.add(
                    new Finding(
                            "silicone",
                            Weight.FORBIDS,
                            "Silicone carries little load between metals.",
                            "A hydrocarbon grease; silicone for plastics and rubber only."));
        }
    }

    private static void temperature(List<Finding> found, BaseOil base, LubricatedPlace place) {
        if (place.sumpDegC() > base.limitDegC()) {
            found.add(
                    new Finding(
                            "temperature",
                            Weight.FORBIDS,
                            "%s °C is above the limit of %s °C for %s oil."
                                    .formatted(
                                            PlainDigits.exact(place.sumpDegC()),
                                            PlainDigits.exact(base.limitDegC()),
                                            base.words()),
                            "Less load, a cooler, or a synthetic oil."));
        }
    }
}
