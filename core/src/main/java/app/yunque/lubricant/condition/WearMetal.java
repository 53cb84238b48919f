package app.yunque.lubricant.condition;

/**
 * A metal that wear or dirt brings into the oil of a gear box, with the limits for a box without a history (ppm): a worm on a
 * bronze wheel wears more copper and less iron than gears of steel. Source: common practice, no source.
 */
public enum WearMetal {
    IRON("Iron", new Limits(100, 200), new Limits(50, 100)),
    COPPER("Copper", new Limits(50, 100), new Limits(150, 300)),
    TIN("Tin", new Limits(10, 20)),
    CHROMIUM("Chromium", new Limits(5, 10)),
    ALUMINIUM("Aluminium", new Limits(15, 25)),
    SILICON("Silicon over new", new Limits(20, 40)),
    LEAD("Lead", new Limits(20, 40));

    /** What turns in the box. */
    public enum Box {
        STEEL_GEARS("gears of steel"),
        WORM_ON_BRONZE("a worm on a bronze wheel");

        private final String words;

        Box(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param watch watched above this (ppm)
     * @param act   acted on above this (ppm)
     */
    public record Limits(double watch, double act) {}

    private final String label;
    private final Limits gears;
    private final Limits worm;

    WearMetal(String label, Limits all) {
        this(label, all, all);
    }

    WearMetal(String label, Limits gears, Limits worm) {
        this.label = label;
        this.gears = gears;
        this.worm = worm;
    }

    public String label() {
        return label;
    }

    public Limits limits(Box box) {
        return box == Box.WORM_ON_BRONZE ? worm : gears;
    }
}
