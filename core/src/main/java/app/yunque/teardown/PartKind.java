package app.yunque.teardown;

/** The kinds of part a gearbox comes apart into, in the trade's words. */
public enum PartKind {
    COVER("cover", Seat.OUTSIDE, Reuse.ANY),
    SCREW("screw", Seat.OUTSIDE, Reuse.ANY),
    PLUG("plug", Seat.OUTSIDE, Reuse.ANY),
    COUPLING("coupling or pulley", Seat.OUTSIDE, Reuse.ANY),
    SEAL("shaft seal", Seat.OUTSIDE, Reuse.SINGLE),
    O_RING("O-ring", Seat.OUTSIDE, Reuse.SINGLE),
    GASKET("gasket", Seat.OUTSIDE, Reuse.SINGLE),
    SHIM("shim", Seat.OUTSIDE, Reuse.ANY),
    NUT("nut", Seat.OUTSIDE, Reuse.ANY),
    TAB_WASHER("tab washer", Seat.OUTSIDE, Reuse.SINGLE),
    COTTER_PIN("cotter pin", Seat.OUTSIDE, Reuse.SINGLE),
    BEARING("bearing", Seat.WALL, Reuse.ANY),
    GEAR("gear", Seat.INSIDE, Reuse.ANY),
    SHAFT("shaft", Seat.INSIDE, Reuse.ANY),
    SPACER("spacer", Seat.INSIDE, Reuse.ANY),
    WASHER("washer", Seat.INSIDE, Reuse.ANY),
    CIRCLIP("circlip", Seat.INSIDE, Reuse.ANY),
    KEY("key", Seat.INSIDE, Reuse.ANY),
    PIN("pin", Seat.INSIDE, Reuse.ANY),
    SPRING("spring", Seat.INSIDE, Reuse.ANY),
    BALL("ball", Seat.INSIDE, Reuse.ANY),
    ROLLER("roller", Seat.INSIDE, Reuse.ANY),
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
        return this == BALL || this == ROLLER || this == SPRING || this == KEY || this == PIN;
    }

    /** True for parts whose number and thickness set a depth or a play. */
    public boolean setsADimension() {
        return this == SHIM || this == GASKET;
    }
}
