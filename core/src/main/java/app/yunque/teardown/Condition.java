package app.yunque.teardown;

/** What a part looked and felt like as it came off, at a glance. */
public enum Condition {
    /** Nobody said: the start, and never the same as sound. */
    NOT_SAID("not looked at"),
    SOUND("sound"),
    RAISED_METAL("burr or ding, raised metal only"),
    CORRODED("rust or corrosion"),
    WORN("worn to the eye or the feel"),
    PITTED("pitted or spalled"),
    CRACKED("cracked"),
    BROKEN("broken, or torn");

    private final String words;

    Condition(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
