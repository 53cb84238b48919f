package app.yunque.server.problem;

/** Asked for something that does not exist; the sentence says where to look. */
public final class NotThere extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotThere(String sentence) {
        super(sentence);
    }
}
