package app.yunque.lubricant.grade;

import app.yunque.measure.Range;

/**
 * The school that reads the grade from k_s/v: ν40 ≈ 250 (k_s/v)^0.4, a fit of three remembered points of the curve in DIN
 * 51509-1 (100 mm²/s at 0.1, 250 at 1, 630 at 10 MPa·s/m). Approximate, a cross-check of one grade up or down; never the
 * default.
 */
final class LoadSpeedFactor {
    static final Range FACTOR = Range.of("factor", "load-speed factor", 0.02, 30, "MPa·s/m");

    private LoadSpeedFactor() {}

    static double factor(ToothLoad load, double velocityMPerS) {
        return load.pressure() / velocityMPerS;
    }

    /** ν40 (mm²/s) for a factor (MPa·s/m). */
    static double viscosityMm2PerS(double factor) {
        return 250 * Math.pow(factor, 0.4);
    }
}
