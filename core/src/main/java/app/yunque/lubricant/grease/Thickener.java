package app.yunque.lubricant.grease;

/** What holds the oil in a grease. */
public enum Thickener {
    ALUMINIUM_COMPLEX("aluminium complex"),
    CALCIUM("hydrated calcium"),
    CALCIUM_12("anhydrous calcium"),
    CALCIUM_COMPLEX("calcium complex"),
    CALCIUM_SULFONATE("calcium sulfonate"),
    CLAY("clay"),
    LITHIUM("lithium"),
    LITHIUM_COMPLEX("lithium complex"),
    POLYUREA("polyurea, ordinary"),
    POLYUREA_SHEAR_STABLE("polyurea, shear stable");

    /** Rows and columns in the order above; O goes, B borderline, N not. The widely reprinted chart, from memory. */
    private static final String[] CHART = {
        "ONONBNNONO",
        "NOONOOBONO",
        "OOOBBOOONO",
        "NNBONNNOOO",
        "BOBNONBONO",
        "NOONNONNNB",
        "NBONBNOONO",
        "OOOOONOONO",
        "NNNONNNNOO",
        "OOOOOBOOOO"
    };

    private final String words;

    Thickener(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** O goes, B borderline, N not. */
    public char with(Thickener other) {
        return CHART[ordinal()].charAt(other.ordinal());
    }
}
