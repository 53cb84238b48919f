package app.yunque.teardown;

/** What goes on a part when it is fitted. */
public enum GoesOn {
    UNSAID("not said"),
    OIL("oil"),
    GREASE("grease"),
    PLASTIC_SAFE_GREASE("grease made for plastics"),
    ANTI_SEIZE("anti-seize"),
    SEALANT("sealant"),
    NOTHING("nothing: dry");

    private final String words;

    GoesOn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
