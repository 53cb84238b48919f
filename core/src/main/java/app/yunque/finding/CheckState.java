package app.yunque.finding;

/** Where one check on one part stands. Source: common practice, no source. */
public enum CheckState {
    /** Nobody looked. */
    OPEN("not looked at"),
    /** Answered by eye, finger or ear. */
    SEEN("looked at"),
    /** Answered by a measurement that a limit judged. */
    MEASURED("measured"),
    /** Measured, and something took its value away since. */
    STALE("to be measured again"),
    /** Somebody said why it cannot be made. */
    NOT_POSSIBLE("not possible"),
    /** Somebody said why it need not be made, or the part is renewed anyway. */
    NOT_NEEDED("not needed");

    private final String words;

    CheckState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Only what was looked at or measured was looked at. */
    public boolean isAnswered() {
        return this == SEEN || this == MEASURED;
    }
}
