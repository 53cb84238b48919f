package app.yunque.lubricant.place;

import static app.yunque.lubricant.viscosity.IsoViscosityGrade.*;

import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * The sorts of places that are lubricated, with what is usual in each where no plate says otherwise. Gear baths have their grade
 * worked out; the others have it from this table. Source: common practice, no source; machine tools after the few grades of ISO
 * 19378, from memory.
 */
public enum PlaceSort {
    GEARS(
            "spur, helical or bevel gears in an oil bath",
            Oil.worked("antiwear or EP, CKC; CKD when hot or loaded hard")),
    WORM(
            "worm gear in an oil bath",
            Oil.worked("compounded, CKE, or PAO or PAG without active sulphur")),
    PLANETARY(
            "planetary gear in an oil bath",
            Oil.worked("antiwear or EP, CKC or CKD; never overfilled")),
    CYCLOIDAL("cycloidal gear in an oil bath", Oil.worked("CKC; no friction modifier, no solids")),
    HEADSTOCK(
            "lathe headstock, splash",
            Oil.of(
                    VG_32,
                    VG_46,
                    VG_68,
                    "CKB, HL or HLP; 32 with a friction clutch or a fast spindle; no EP")),
    HEADSTOCK_FED(
            "fast headstock, fed by a pump",
            Oil.of(VG_22, VG_32, VG_32, "HL or HLP; a pump draws up to 1000 mm²/s cold")),
    FEED_BOX(
            "feed or quick-change gearbox",
            Oil.of(VG_32, VG_68, VG_100, "CKB; EP sludge clogs wicks and drip feeds")),
    APRON(
            "lathe apron",
            Oil.of(
                    VG_68,
                    VG_68,
                    VG_68,
                    "CKB, or way oil where it also oils the ways; no active sulphur on a worm")),
    MILL_BOX(
            "milling machine, speed or feed box, knee",
            Oil.of(
                    VG_32,
                    VG_46,
                    VG_68,
                    "HL or HLP as the plate; clean the pump screen at each change")),
    MILL_HEAD(
            "milling head with bevels",
            Oil.of(
                    VG_68,
                    VG_100,
                    VG_150,
                    "CKC, or grease as it was built; not from one to the other")),
    DIVIDING_HEAD(
            "dividing head or rotary table",
            Oil.of(VG_68, VG_100, VG_150, "CKE or way oil; set the backlash with the oil in")),
    DRILL_HEAD(
            "drill gear head", Oil.of(VG_46, VG_46, VG_68, "HL; the level below the quill seal")),
    SPINDLE(
            "plain spindle bearing",
            Oil.of(
                    VG_2,
                    VG_10,
                    VG_22,
                    "spindle oil FC or FD by its clearance; thick oil seizes it")),
    WAYS_LYING(
            "level ways",
            Oil.of(VG_32, VG_68, VG_68, "way oil G; not into a gearbox pump unless CGLP")),
    WAYS_STANDING("upright ways", Oil.of(VG_220, VG_220, VG_220, "way oil G")),
    MOWER_BOX(
            "mower or tiller box, bevel or chain",
            Oil.of(VG_150, VG_150, VG_220, "80W-90, CKC or GL-4")),
    PUMP_CRANKCASE(
            "crankcase of a power pump",
            Oil.of(VG_100, VG_150, VG_220, "CKC; milky means a seal leaks: change at once")),
    PAWLS(
            "pawls, ratchet and their springs",
            Oil.of(VG_15, VG_22, VG_32, "light machine oil, one or two drops; never grease")),
    CHAIN("roller chain", Oil.of(VG_68, VG_100, VG_150, "chain oil that clings, into the joints")),
    BEVEL_HEAD(
            "trimmer bevel head",
            Grease.of(
                    0,
                    2,
                    0.66,
                    0.75,
                    "lithium or lithium complex, EP; head turned by hand while filling")),
    SMALL_BOX(
            "small outdoor box, semi-fluid grease",
            Grease.of(-1, 0, 0.5, 0.67, "semi-fluid EP; NLGI 2 channels and the worm runs dry")),
    ACTUATOR_BOX(
            "actuator worm box, greased",
            Grease.of(0, 1, 0.6, 0.7, "lithium or calcium complex, EP; PAO below −20 °C")),
    STEM_NUT(
            "rising stem or screw and nut",
            Grease.of(
                    1,
                    2,
                    0.3,
                    0.5,
                    "water-resistant; bronze tints it gold-brown, which is normal")),
    WINCH_GEARS(
            "winch gears and drum bearings",
            Grease.of(1, 2, 0.3, 0.5, "thin film, water-resistant; too much creeps to the pawls")),
    OPEN_GEARS(
            "open gears",
            Grease.of(1, 2, 0.3, 0.5, "adhesive, brushed on; thin oil is thrown off")),
    BEARING(
            "greased rolling bearing",
            Grease.of(1, 3, 0.3, 0.5, "by speed and temperature; the old thickener counts")),
    PLASTIC_GEARS(
            "plastic or fibre gears",
            Grease.of(
                    1,
                    2,
                    0.3,
                    0.5,
                    "PAO grease; no strong EP, no solids; petroleum grease swells many")),
    HYDROSTATIC(
            "hydrostatic axle",
            new Plate("the plate's fluid only: a wet brake runs in it, gear EP oil makes it slip")),
    LININGS("brake linings, dry friction faces", new Dry());

    private final String words;
    private final Use use;

    PlaceSort(String words, Use use) {
        this.words = words;
        this.use = use;
    }

    public String words() {
        return words;
    }

    public Use use() {
        return use;
    }

    /** Whether it holds oil whose grade follows from velocity and climate. */
    /** Usual least viscosity at work (mm²/s): a worm 40, gears 15, spindles and light boxes 8. Common practice, no source. */
    public double leastViscosityAtWork() {
        return this == WORM ? 40 : isGearBath() ? 15 : 8;
    }

    /** From the least to what still is no waste (mm²/s): four times the least, or half as much again as the wanted oil has there. */
    public double[] wantedAtWork(double viscosityThere) {
        double least = leastViscosityAtWork();
        return new double[] {least, Math.max(4 * least, 1.5 * viscosityThere)};
    }

    public boolean isGearBath() {
        return use instanceof Oil oil && oil.usual.isEmpty();
    }

    /** What is usual in such a place where no plate says otherwise, in few words; empty where nothing goes in. */
    public String usually() {
        if (use instanceof Oil oil) {
            return oil.usual
                    .map(grade -> "oil " + grade.words())
                    .orElse("the oil of the bath; Fill says which");
        }
        if (use instanceof Grease grease) {
            return "grease NLGI %s to %d"
                    .formatted(grease.softest < 0 ? "00" : grease.softest, grease.stiffest);
        }
        return use instanceof Plate ? "only what the plate says" : "";
    }

    public boolean takesOil() {
        return use instanceof Oil;
    }

    public boolean takesGrease() {
        return use instanceof Grease;
    }

    /** Middle of the usual share of the room that grease fills; 0 where no grease goes. */
    public double usualShare() {
        return use instanceof Grease grease ? (grease.leastShare + grease.mostShare) / 2 : 0;
    }

    /** Whether it is a box with a level, not a few drops or a film. */
    public boolean hasLevel() {
        return takesOil()
                && this != PAWLS
                && this != CHAIN
                && this != WAYS_LYING
                && this != WAYS_STANDING;
    }

    /** What a lubricant meets at such a place by its nature; what else it meets is entered. */
    public Set<Thing> meets() {
        var meets = EnumSet.noneOf(Thing.class);
        switch (this) {
            case PAWLS -> meets.add(Thing.PAWL);
            case HYDROSTATIC -> meets.add(Thing.WET_CLUTCH);
            case PLASTIC_GEARS, LININGS -> {}
            default -> meets.add(Thing.LOADED_METAL);
        }
        if (SPLASHED.contains(this)) {
            meets.add(Thing.SPLASH_GEARS);
        }
        return meets;
    }

    private static final Set<PlaceSort> SPLASHED =
            EnumSet.of(
                    GEARS,
                    WORM,
                    PLANETARY,
                    CYCLOIDAL,
                    HEADSTOCK,
                    FEED_BOX,
                    APRON,
                    MILL_BOX,
                    MILL_HEAD,
                    DIVIDING_HEAD,
                    DRILL_HEAD,
                    MOWER_BOX,
                    SMALL_BOX,
                    ACTUATOR_BOX);

    /** What is used at a place. */
    public sealed interface Use permits Oil, Grease, Plate, Dry {}

    /**
     * An oil.
     *
     * @param thinnest usual from here; empty where it is worked out
     * @param usual    the usual grade
     * @param thickest up to here
     * @param kind     type letters and what to mind
     */
    public record Oil(
            Optional<IsoViscosityGrade> thinnest,
            Optional<IsoViscosityGrade> usual,
            Optional<IsoViscosityGrade> thickest,
            String kind)
            implements Use {
        static Oil worked(String kind) {
            return new Oil(Optional.empty(), Optional.empty(), Optional.empty(), kind);
        }

        static Oil of(
                IsoViscosityGrade thinnest,
                IsoViscosityGrade usual,
                IsoViscosityGrade thickest,
                String kind) {
            return new Oil(Optional.of(thinnest), Optional.of(usual), Optional.of(thickest), kind);
        }
    }

    /** A grease: NLGI from and to (−1 for 00), share of the room from and to, and what to mind. */
    public record Grease(
            int softest, int stiffest, double leastShare, double mostShare, String kind)
            implements Use {
        static Grease of(int softest, int stiffest, double least, double most, String kind) {
            return new Grease(softest, stiffest, least, most, kind);
        }
    }

    /** Only what the plate says. */
    public record Plate(String kind) implements Use {}

    /** Nothing at all. */
    public record Dry() implements Use {}
}
