package app.yunque.lubricant.place;

import java.util.Set;

/**
 * A place that is lubricated, with what it touches.
 *
 * @param touches      what the lubricant meets there
 * @param seal         what the seals are made of
 * @param plastic      plastics the lubricant meets
 * @param sumpDegC     working temperature (°C)
 * @param velocity     pitch-line velocity (m/s); 0 when nothing turns
 */
public record LubricatedPlace(
        Set<Thing> touches, Seal seal, Plastic plastic, double sumpDegC, double velocity) {

    /** What a lubricant meets. */
    public enum Thing {
        BRONZE_WORM_WHEEL("bronze worm wheel"),
        BRONZE_BUSH("bronze bush or cage"),
        BRASS_SYNCHRONISER("brass synchroniser"),
        BACKSTOP("backstop or sprag clutch in the oil"),
        WET_CLUTCH("wet brake or clutch"),
        FRICTION_CLUTCH("machine-tool friction clutch"),
        PAWL("pawls and ratchet"),
        ORDINARY_PAINT("ordinary or unknown inner paint"),
        PLASTIC_SIGHT_GLASS("sight glass of plastic"),
        WATER("water or wash-down"),
        SALT("salt spray"),
        FOOD("food or drinking water"),
        FINE_FILTER("fine filter"),
        FAST_ROLLING_BEARING("fast rolling bearings"),
        SILVER_ZINC_LEAD("silver, zinc or lead-bronze parts"),
        ALUMINIUM_SLIDING("aluminium sliding on steel"),
        PAINT_SHOP_OR_CONTACTS("paint shop or electrical contacts near"),
        SEALED_FOR_OIL("a box sealed for oil"),
        SEALED_FOR_GREASE("a box sealed for grease"),
        LOADED_METAL("steel loaded on steel or bronze"),
        SPLASH_GEARS("splash-lubricated gears");

        private final String words;

        Thing(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Seal materials with their continuous range (°C). Common practice; the seal maker decides. */
    public enum Seal {
        NBR(-30, 100),
        HNBR(-30, 140),
        FKM(-20, 200),
        EPDM(-45, 130),
        VMQ(-55, 150),
        PU(-30, 80),
        PTFE(-100, 250);

        private final double low;
        private final double high;

        Seal(double low, double high) {
            this.low = low;
            this.high = high;
        }

        /** Coldest it bears (°C). */
        public double low() {
            return low;
        }

        /** Hottest it bears (°C). */
        public double high() {
            return high;
        }
    }

    /** Plastics in contact. */
    public enum Plastic {
        NONE,
        NYLON,
        ACETAL,
        CLEAR_PLASTIC,
        POLYETHYLENE,
        FIBRE
    }

    public LubricatedPlace {
        touches = Set.copyOf(touches);
    }

    /** True where it meets such a thing. */
    public boolean meets(Thing thing) {
        return touches.contains(thing);
    }
}
