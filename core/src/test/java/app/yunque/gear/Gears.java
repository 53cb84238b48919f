package app.yunque.gear;

/** Ordinary gears for tests; a test changes only what it is about. */
public final class Gears {
    private int teeth = 20;
    private double moduleMm = 3;
    private double pressureAngleDeg = 20;
    private double helixDeg = 0;
    private Hand hand = Hand.NONE;
    private double shift = 0;
    private double faceWidthMm = 30;
    private BasicRack rack = BasicRack.FULL_DEPTH;
    private boolean internal;

    private Gears() {}

    public static Gears spur() {
        return new Gears();
    }

    public static Gears helical(double helixDeg, Hand hand) {
        var gears = new Gears();
        gears.helixDeg = helixDeg;
        gears.hand = hand;
        return gears;
    }

    public Gears teeth(int value) {
        teeth = value;
        return this;
    }

    public Gears moduleMm(double value) {
        moduleMm = value;
        return this;
    }

    public Gears pressureAngleDeg(double value) {
        pressureAngleDeg = value;
        return this;
    }

    public Gears shift(double value) {
        shift = value;
        return this;
    }

    public Gears faceWidthMm(double value) {
        faceWidthMm = value;
        return this;
    }

    public Gears rack(BasicRack value) {
        rack = value;
        return this;
    }

    public static Gears ring() {
        var gears = new Gears();
        gears.internal = true;
        return gears;
    }

    public Gears helix(double deg, Hand value) {
        helixDeg = deg;
        hand = value;
        return this;
    }

    public CylindricalGear build() {
        return new CylindricalGear(
                teeth,
                moduleMm,
                pressureAngleDeg,
                helixDeg,
                hand,
                shift,
                faceWidthMm,
                rack,
                internal);
    }

    /** An unshifted spur pair at its reference centre distance. */
    public static GearPair spurPair(int pinionTeeth, int wheelTeeth, double moduleMm) {
        return spurPairAt(
                pinionTeeth, wheelTeeth, moduleMm, moduleMm * (pinionTeeth + wheelTeeth) / 2);
    }

    public static GearPair spurPairAt(int z1, int z2, double moduleMm, double centreDistanceMm) {
        return new GearPair(
                spur().teeth(z1).moduleMm(moduleMm).build(),
                spur().teeth(z2).moduleMm(moduleMm).build(),
                centreDistanceMm);
    }
}
