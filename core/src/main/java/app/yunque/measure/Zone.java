package app.yunque.measure;

/** Where a measured value lies among the edges of a part, from too little to beyond renewal. */
public enum Zone {
    /** Tighter, or for what shrinks longer, than the least of a new one: a finding about setting, tool or part, not about wear. */
    BELOW("below the least"),
    /** Inside the limits of a new one. */
    AS_NEW("as new"),
    /** Worn, and still usable. */
    WATCH("worn but usable"),
    /** Past the renewal limit. */
    BEYOND("beyond the renewal limit");

    private final String words;

    Zone(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
