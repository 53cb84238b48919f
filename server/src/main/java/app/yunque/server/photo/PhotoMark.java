package app.yunque.server.photo;

/**
 * Something drawn on a picture, kept as data beside it. Places are shares of width and height, 0 to 1, from the top left.
 *
 * @param kind  what is drawn
 * @param x     start of an arrow, centre of a circle, place of a label
 * @param y     the same, downwards
 * @param toX   tip of an arrow, a point on a circle; equal to x for a label
 * @param toY   the same, downwards
 * @param label words beside it, up to 60 characters
 */
public record PhotoMark(Kind kind, double x, double y, double toX, double toY, String label) {

    /** What can be drawn. */
    public enum Kind {
        ARROW,
        CIRCLE,
        LABEL
    }

    boolean isOnThePicture() {
        return isShare(x) && isShare(y) && isShare(toX) && isShare(toY);
    }

    private static boolean isShare(double value) {
        return 0 <= value && value <= 1;
    }
}
