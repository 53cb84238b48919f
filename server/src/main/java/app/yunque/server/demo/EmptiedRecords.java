package app.yunque.server.demo;

/** Records that were somebody's hold no people any more: they were emptied, and nothing may take their place in silence. */
final class EmptiedRecords extends RuntimeException {
    private static final long serialVersionUID = 1L;

    EmptiedRecords() {
        super("The records were in use and hold nobody any more: nobody could sign in.");
    }
}
