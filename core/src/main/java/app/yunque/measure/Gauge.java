package app.yunque.measure;

/**
 * A length gauge as its certificate describes it.
 *
 * @param resolutionMm one division d (mm), 0.0001 to 1
 * @param maxErrorMm   calibration limit ±E (mm), 0 to 1
 */
public record Gauge(double resolutionMm, double maxErrorMm) {
    public static final Range RESOLUTION =
            Range.of("resolutionMm", "resolution of the gauge", 0.0001, 1, "mm");
    public static final Range MAX_ERROR =
            Range.of("maxErrorMm", "calibration limit of the gauge", 0, 1, "mm");

    /** What stands in for a gauge that is not on the shop's list: 0.01 mm, good to ± 0.01 mm. Common practice, no source. */
    public static final Gauge UNLISTED = new Gauge(0.01, 0.01);

    /** @throws Refused naming every value out of its range */
    public Gauge {
        Refused.ifAny(RESOLUTION.judge(resolutionMm), MAX_ERROR.judge(maxErrorMm));
    }

    /** Standard uncertainty from resolution and calibration, √((d/√12)² + (E/√3)²) (mm). Source: GUM, type B. */
    public double standardUncertaintyMm() {
        return Math.hypot(resolutionMm / Math.sqrt(12), maxErrorMm / Math.sqrt(3));
    }

    /** Expanded uncertainty of one reading, k = 2 (mm). Source: GUM. */
    public double expandedUncertaintyMm() {
        return 2 * standardUncertaintyMm();
    }
}
