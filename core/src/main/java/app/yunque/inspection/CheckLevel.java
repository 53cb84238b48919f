package app.yunque.inspection;

/** How much a check is wanted, least first. */
public enum CheckLevel {
    /** Offered, never counted. */
    IN_DOUBT("if in doubt"),
    /** Left open it is printed in the report. */
    SHOULD("should"),
    /** Left open it stands against the signature. */
    MUST("must");

    private final String words;

    CheckLevel(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    static CheckLevel of(String letter) {
        return switch (letter) {
            case "M" -> MUST;
            case "S" -> SHOULD;
            case "D" -> IN_DOUBT;
            default -> throw new IllegalStateException("“%s” is no level.".formatted(letter));
        };
    }
}
