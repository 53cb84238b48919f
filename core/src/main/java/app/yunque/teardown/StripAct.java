package app.yunque.teardown;

/**
 * What is done while a unit is taken apart. Only the first makes a part that has to go back; some of the others have to be undone when the
 * unit is closed. Common practice, no source.
 */
public enum StripAct {
    TAKE_OFF("taken off", ""),
    LEFT_IN("stays where it is", ""),
    MISSING("should be there and is not", "what belongs there goes in"),
    NOTE("noted", ""),
    MEASURE("measured", ""),
    MARK("marked", "bring it to its mark"),
    DRAIN("drained", ""),
    DISCONNECT("disconnected", "connect it again as it was"),
    TURN("turned", "turn it back as it was"),
    SET_TO("put into a state", "put it where it has to stand"),
    RELIEVE("let down", "put its load or pressure on again"),
    CLEAN("cleaned", ""),
    AID("put in to help", "take it out again");

    private final String words;
    private final String mirror;

    StripAct(String words, String mirror) {
        this.words = words;
        this.mirror = mirror;
    }

    public String words() {
        return words;
    }

    /** What undoes it before the unit leaves; empty where nothing has to. Draining is undone at Fill. */
    public String mirror() {
        return mirror;
    }

    /** True for what a line may be kept as when it tells of no part that came off. */
    public boolean isNoPart() {
        return this != TAKE_OFF;
    }
}
