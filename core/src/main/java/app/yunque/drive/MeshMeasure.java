package app.yunque.drive;

/** How the backlash of a mesh is measured, where it is not by a dial on a pair of parallel shafts. */
public enum MeshMeasure {
    BEVEL("bevel-backlash"),
    WORM("worm-backlash");

    private final String question;

    MeshMeasure(String question) {
        this.question = question;
    }

    /** The question that measures it, the same for ever. */
    public String question() {
        return question;
    }
}
