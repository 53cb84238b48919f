package app.yunque.teardown;

import java.util.Arrays;

/** The kinds of part a gearbox comes apart into, in the trade's words. What each is called stands in {@code line/vocabulary.table}. */
public enum PartKind {
    O_RING("O-ring", Seat.OUTSIDE, Reuse.SINGLE),
    TAB_WASHER("tab washer", Seat.OUTSIDE, Reuse.SINGLE),
    COTTER_PIN("cotter pin", Seat.OUTSIDE, Reuse.SINGLE),
    FELT("felt", Seat.OUTSIDE, Reuse.SINGLE),
    CIRCLIP("circlip", Seat.INSIDE, Reuse.ANY),
    COLLET("collet or split ring", Seat.INSIDE, Reuse.ANY),
    BEARING("bearing", Seat.WALL, Reuse.ANY),
    SEAL("shaft seal", Seat.OUTSIDE, Reuse.SINGLE),
    GASKET("gasket", Seat.OUTSIDE, Reuse.SINGLE),
    SHIM("shim", Seat.OUTSIDE, Reuse.ANY),
    SPACER("spacer", Seat.INSIDE, Reuse.ANY),
    PLUG("plug", Seat.OUTSIDE, Reuse.ANY),
    COUPLING("coupling or pulley", Seat.OUTSIDE, Reuse.ANY),
    COVER("cover", Seat.OUTSIDE, Reuse.ANY),
    HOUSING("housing or case half", Seat.OUTSIDE, Reuse.ANY),
    NUT("nut", Seat.OUTSIDE, Reuse.ANY),
    WASHER("washer", Seat.INSIDE, Reuse.ANY),
    KEY("key", Seat.INSIDE, Reuse.ANY),
    CARRIER("planet carrier", Seat.INSIDE, Reuse.ANY),
    RING_GEAR("ring gear", Seat.INSIDE, Reuse.ANY),
    WORM("worm", Seat.INSIDE, Reuse.ANY),
    CAM_DISC("cycloidal disc", Seat.INSIDE, Reuse.ANY),
    ECCENTRIC("eccentric", Seat.INSIDE, Reuse.ANY),
    GEAR("gear", Seat.INSIDE, Reuse.ANY),
    PAWL("pawl", Seat.INSIDE, Reuse.ANY),
    SPRING("spring", Seat.INSIDE, Reuse.ANY),
    ROLLER("roller", Seat.INSIDE, Reuse.ANY),
    BALL("ball", Seat.INSIDE, Reuse.ANY),
    PLUNGER("plunger", Seat.INSIDE, Reuse.ANY),
    PIN("pin", Seat.INSIDE, Reuse.ANY),
    BUSH("bush", Seat.INSIDE, Reuse.ANY),
    LEVER("lever, fork or yoke", Seat.INSIDE, Reuse.ANY),
    SHAFT("shaft", Seat.INSIDE, Reuse.ANY),
    SCREW("screw", Seat.OUTSIDE, Reuse.ANY),
    OTHER("other part", Seat.INSIDE, Reuse.ANY);

    /** Where on a shaft a part of this kind usually sits, seen from the nearest end. */
    enum Seat {
        OUTSIDE,
        WALL,
        INSIDE
    }

    private enum Reuse {
        ANY,
        SINGLE
    }

    private final String words;
    private final Seat seat;
    private final Reuse reuse;

    PartKind(String words, Seat seat, Reuse reuse) {
        this.words = words;
        this.seat = seat;
        this.reuse = reuse;
    }

    /** Every kind with a word for it, as a screen offers them. */
    public static java.util.List<PartKind> inOrder() {
        return Arrays.stream(values())
                .sorted(
                        java.util.Comparator.comparing(
                                k -> k == OTHER ? "~" : k.words.toLowerCase(java.util.Locale.ROOT)))
                .toList();
    }

    public String words() {
        return words;
    }

    Seat seat() {
        return seat;
    }

    /** True for kinds that common practice renews whenever they have been disturbed. */
    public boolean isSingleUse() {
        return reuse == Reuse.SINGLE;
    }

    /** True for small things that fall, roll or fly when they come free. */
    public boolean falls() {
        return this == BALL
                || this == ROLLER
                || this == SPRING
                || this == KEY
                || this == PIN
                || this == COLLET
                || this == PLUNGER;
    }

    /** True for parts whose number and thickness set a depth or a play. */
    public boolean setsADimension() {
        return this == SHIM || this == GASKET;
    }

    /** True for parts that nearly always have two different faces. */
    public boolean usuallyFaces() {
        return this == SEAL || this == TAB_WASHER;
    }

    /** True for what lies between a cover and its face. */
    boolean sealsAJoint() {
        return this == GASKET || this == O_RING;
    }

    /** True for a part that opens the case for all that comes after it. */
    boolean opensTheCase() {
        return this == COVER || this == HOUSING;
    }

    /** True for a part that leaves through the inside of the case. */
    boolean isInside() {
        return seat == Seat.INSIDE
                && !falls()
                && this != WASHER
                && this != SPACER
                && this != CIRCLIP
                && this != BUSH;
    }
}
