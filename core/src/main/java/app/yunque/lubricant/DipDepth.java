package app.yunque.lubricant;

/**
 * How deep the wheel of the last stage should dip: 5 modules below 5 m/s, 2 modules from there on, at least 10 mm and at
 * most a third of the wheel's radius. Common practice, no source.
 */
public final class DipDepth {
    private static final double FAST_M_PER_S = 5;
    private static final double LEAST_MM = 10;

    private DipDepth() {}

    /**
     * The oil level that gives a wheel its dip (mm above the floor).
     *
     * @param wheel         the wheel of the last stage
     * @param moduleMm      its normal module (mm)
     * @param velocityMPerS its pitch-line velocity (m/s)
     */
    public static double levelMm(ImmersedGear wheel, double moduleMm, double velocityMPerS) {
        double wanted = (velocityMPerS < FAST_M_PER_S ? 5 : 2) * moduleMm;
        double deepest = wheel.tipDiameterMm() / 2 / 3;
        double dip = Math.min(Math.max(wanted, LEAST_MM), deepest);
        return wheel.centreAboveFloorMm() - wheel.tipDiameterMm() / 2 + dip;
    }
}
