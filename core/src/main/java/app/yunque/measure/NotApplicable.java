package app.yunque.measure;

/** A rule asked outside its domain: which rule, what stands against it, and what to use instead. */
public final class NotApplicable extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String rule;
    private final String condition;
    private final String instead;

    public NotApplicable(String rule, String condition, String instead) {
        super(condition + " " + instead);
        this.rule = rule;
        this.condition = condition;
        this.instead = instead;
    }

    public String rule() {
        return rule;
    }

    public String condition() {
        return condition;
    }

    public String instead() {
        return instead;
    }
}
