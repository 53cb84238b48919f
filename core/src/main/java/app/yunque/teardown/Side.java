package app.yunque.teardown;

/** Which end of a shaft, seen with the driven end of the input on the left. */
public enum Side {
    LEFT,
    MIDDLE,
    RIGHT
}
