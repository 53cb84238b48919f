package app.yunque.gear;

/**
 * What a drive is there for, which decides how much wear it may carry. Shares of tooth thickness lost at the
 * reference circle, and multiples of the largest backlash of a new pair.
 *
 * <p>Sources: hoist and enclosed classes from memory of GB/T 6067.1 (the app is stricter for lifting); the rest
 * common practice, no source.
 */
public enum ServiceDuty {
    /** Lifting, winches, load holding, people: doubtful counts as failed. */
    LIFTING("lifting or load holding", 5, 10, 2),
    /** Feed, indexing, timed or reversing drives. */
    FEED("feed, timed or reversing", 4, 8, 2),
    /** Enclosed power gearbox that runs one way. */
    ENCLOSED_POWER("enclosed power gearbox", 8, 15, 3),
    /** Slow open gearing. */
    SLOW_OPEN("slow open gearing", 12, 20, 4);

    private final String words;
    private final double watchPercent;
    private final double renewPercent;
    private final double renewBacklashMultiple;

    ServiceDuty(
            String words, double watchPercent, double renewPercent, double renewBacklashMultiple) {
        this.words = words;
        this.watchPercent = watchPercent;
        this.renewPercent = renewPercent;
        this.renewBacklashMultiple = renewBacklashMultiple;
    }

    public String words() {
        return words;
    }

    /** Thickness lost from which the gear is watched (%). */
    public double watchPercent() {
        return watchPercent;
    }

    /** Thickness lost from which the gear is renewed (%). */
    public double renewPercent() {
        return renewPercent;
    }

    /** Backlash from which the pair is renewed, in multiples of a new pair's largest. */
    public double renewBacklashMultiple() {
        return renewBacklashMultiple;
    }
}
