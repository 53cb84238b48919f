package app.yunque.drive;

/** What a job may change on the unit itself, beyond putting back what was there. Common practice, no source. */
public enum UnitChange {
    TEETH("teeth", true),
    RATIO("ratio", true),
    KIT("kit or parts of another kind", true),
    LUBRICANT("lubricant", false),
    OTHER("something else", false);

    private final String words;
    private final boolean provedAgain;

    UnitChange(String words, boolean provedAgain) {
        this.words = words;
        this.provedAgain = provedAgain;
    }

    public String words() {
        return words;
    }

    /** True where what was set and proved before counts no more, the ratio among it. */
    public boolean isProvedAgain() {
        return provedAgain;
    }
}
