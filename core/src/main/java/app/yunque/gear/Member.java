package app.yunque.gear;

/** Which gear of a pair. */
public enum Member {
    PINION,
    WHEEL
}
