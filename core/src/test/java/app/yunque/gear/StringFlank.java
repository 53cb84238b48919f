package app.yunque.gear;

/**
 * A flank built without the involute function: the end of a string unwound from the base circle. The reference by which
 * the formulas of the product are checked.
 */
public final class StringFlank {
    private final double baseRadius;
    private final double halfAngleAtBase;

    private StringFlank(double baseRadius, double halfAngleAtBase) {
        this.baseRadius = baseRadius;
        this.halfAngleAtBase = halfAngleAtBase;
    }

    /** The flank of an external tooth (or of a ring's space) whose half-angle at radius r is known. */
    public static StringFlank through(double baseRadius, double radius, double halfAngle) {
        return new StringFlank(
                baseRadius, halfAngle + polar(baseRadius, rollAt(baseRadius, radius)));
    }

    /** Transverse section of a gear with the given thickness along its reference circle. */
    public static StringFlank of(CylindricalGear gear, double transverseThicknessMm) {
        double d = gear.referenceDiameterMm();
        return through(gear.baseDiameterMm() / 2, d / 2, transverseThicknessMm / d);
    }

    /** Half-angle of the tooth at a radius (rad). */
    public double halfAngle(double radius) {
        return halfAngleAtBase - polar(baseRadius, rollAt(baseRadius, radius));
    }

    /** Point of the flank on the positive side of the tooth's middle, after a roll of the string (rad). */
    public double[] point(double roll) {
        double along = baseRadius * (Math.cos(roll) + roll * Math.sin(roll));
        double across = baseRadius * (Math.sin(roll) - roll * Math.cos(roll));
        double cos = Math.cos(halfAngleAtBase);
        double sin = Math.sin(halfAngleAtBase);
        // The flank leans back towards the middle of the tooth as it rises.
        return new double[] {along * cos + across * sin, along * sin - across * cos};
    }

    public double baseRadius() {
        return baseRadius;
    }

    static double rollAt(double baseRadius, double radius) {
        return Math.sqrt(Math.max(0, radius * radius / (baseRadius * baseRadius) - 1));
    }

    private static double polar(double baseRadius, double roll) {
        return Math.atan2(
                Math.sin(roll) - roll * Math.cos(roll), Math.cos(roll) + roll * Math.sin(roll));
    }
}
