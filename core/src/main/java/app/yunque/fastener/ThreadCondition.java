package app.yunque.fastener;

/** What is on a thread while it is tightened, with the torque coefficient K of it. Source: ranges common practice, no source. */
public enum ThreadCondition {
    DRY_BLACK("dry, black or phosphated", 0.20),
    DRY_ZINC("dry, zinc plated", 0.21),
    OILED("oiled", 0.165),
    ANTI_SEIZE("anti-seize paste", 0.13),
    COMPOUND_WET("threadlocking compound, still wet", 0.175);

    private final String words;
    private final double coefficient;

    ThreadCondition(String words, double coefficient) {
        this.words = words;
        this.coefficient = coefficient;
    }

    public String words() {
        return words;
    }

    /** K in T = K F d; no unit. */
    public double coefficient() {
        return coefficient;
    }
}
