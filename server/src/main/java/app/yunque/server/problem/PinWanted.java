package app.yunque.server.problem;

/** What was asked for wants the PIN of the person at the bench once more; the sentence says what for. */
public final class PinWanted extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public PinWanted(String sentence) {
        super(sentence);
    }
}
