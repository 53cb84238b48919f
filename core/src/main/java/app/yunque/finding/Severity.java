package app.yunque.finding;

/** How much a finding by eye, finger or ear weighs, mildest first. Source: common practice, no source. */
public enum Severity {
    /** As it should be. */
    SOUND("0", "as it should be"),
    /** Seen and recorded, compared next time; nothing against going back. */
    NOTED("1", "noted, compare next time"),
    /** Not fit as it is; dressing can mend it. */
    DRESS("2d", "to dress"),
    /** May be dirt: wash, oil and feel again. */
    WASH("2w", "wash, oil and feel again"),
    /** Not fit on this evidence; a measurement decides. */
    MEASURE("2m", "a measurement decides"),
    /** Condemned whatever the numbers say. */
    CONDEMNED("3", "condemned");

    private final String code;
    private final String words;

    Severity(String code, String words) {
        this.code = code;
        this.words = words;
    }

    /** How it stands in the table of checks. */
    String code() {
        return code;
    }

    public String words() {
        return words;
    }
}
