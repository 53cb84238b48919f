package app.yunque.finding;

/** When somebody looked, in the order of a job. */
public enum Look {
    /** As it came off, before cleaning: it cannot be repeated. */
    AS_FOUND("as found"),
    /** Washed, dry or newly oiled. */
    WASHED("washed"),
    /** Dressed, or put together again. */
    AFTER_WORK("after the work");

    private final String words;

    Look(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
