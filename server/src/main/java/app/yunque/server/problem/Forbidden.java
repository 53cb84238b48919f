package app.yunque.server.problem;

/** The person may not do this; the sentence says who may. */
public final class Forbidden extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public Forbidden(String sentence) {
        super(sentence);
    }
}
