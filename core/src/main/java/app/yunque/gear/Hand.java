package app.yunque.gear;

/** Which way a helix winds; a spur gear has none. */
public enum Hand {
    NONE,
    LEFT,
    RIGHT;

    public Hand opposite() {
        return switch (this) {
            case NONE -> NONE;
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
        };
    }
}
