package app.yunque.teardown;

import org.jspecify.annotations.Nullable;

/** Ordinary steps of a strip for tests; a test changes only what it is about. */
public final class Steps {
    private final int number;
    private final String part;
    private final PartKind kind;
    private int count = 1;
    private int shaft = 1;
    private Side side = Side.LEFT;
    private @Nullable GearPlace gear;
    private String wayRound = "";
    private @Nullable Fastening fastening;
    private String tray = "A";
    private Condition condition = Condition.SOUND;

    private Steps(int number, String part, PartKind kind) {
        this.number = number;
        this.part = part;
        this.kind = kind;
    }

    public static Steps step(int number, String part, PartKind kind) {
        return new Steps(number, part, kind);
    }

    public Steps count(int value) {
        count = value;
        return this;
    }

    public Steps on(int shaft, Side side) {
        this.shaft = shaft;
        this.side = side;
        return this;
    }

    public Steps gear(GearPlace place) {
        gear = place;
        shaft = place.shaft();
        side = Side.MIDDLE;
        return this;
    }

    public Steps wayRound(String value) {
        wayRound = value;
        return this;
    }

    public Steps screws(int howMany, String thread, double lengthMm, boolean leftHand) {
        fastening = new Fastening(howMany, thread, lengthMm, leftHand, null, "");
        return this;
    }

    public Steps tray(String value) {
        tray = value;
        return this;
    }

    public Steps found(Condition value) {
        condition = value;
        return this;
    }

    public TeardownStep build() {
        return new TeardownStep(
                "s" + number,
                number,
                part,
                kind,
                count,
                shaft,
                side,
                gear,
                wayRound,
                fastening,
                kind.isSingleUse(),
                tray,
                condition,
                "");
    }
}
