package app.yunque.lubricant.sump;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

/**
 * How an end of a lying cylinder is closed, and what it holds up to a level. Half ellipsoid in closed form; cap and knuckled
 * ends by Gauss integration of circle segments. Source: geometry.
 */
public enum DishedEnd {
    FLAT("flat", 0, 0),
    ELLIPSOID("half ellipsoid", 0, 0),
    CAP("cap of a sphere", 0, 0),
    KNUCKLED_10("crown D, knuckle 0.1 D", 1, 0.1),
    KNUCKLED_15("crown 0.8 D, knuckle 0.154 D", 0.8, 0.154);

    /** Points of one integral: the integrand has a root at its end, which takes many to meet 1e-6. */
    private static final int POINTS = 400;

    private static final GaussIntegratorFactory RULES = new GaussIntegratorFactory();

    private final String words;
    private final double crownShare;
    private final double knuckleShare;

    DishedEnd(String words, double crownShare, double knuckleShare) {
        this.words = words;
        this.crownShare = crownShare;
        this.knuckleShare = knuckleShare;
    }

    public String words() {
        return words;
    }

    /** Whether its depth has to be measured; a knuckled end has the one that follows from its diameter. */
    public boolean needsDepth() {
        return this == ELLIPSOID || this == CAP;
    }

    /** @throws Refused for a depth that such an end cannot have */
    void check(double radiusMm, double depthMm) {
        if (needsDepth()) {
            Refused.ifAny(
                    Range.of(
                                    "endDepthMm",
                                    "depth of a dished end",
                                    1,
                                    this == CAP ? radiusMm : 10_000,
                                    "mm")
                            .advising(
                                    this == CAP
                                            ? "A spherical end cannot be deeper than its radius."
                                            : "Measure from the weld to the middle of the end.")
                            .judge(depthMm));
        }
    }

    /** Depth of one end (mm). */
    public double depthMm(double radiusMm, double measuredMm) {
        if (needsDepth()) {
            return measuredMm;
        }
        if (this == FLAT) {
            return 0;
        }
        double crown = crownShare * 2 * radiusMm;
        double knuckle = knuckleShare * 2 * radiusMm;
        return crown - leg(crown - knuckle, radiusMm - knuckle);
    }

    /** What one end holds below a level above the lowest point of the cylinder (mm³). */
    double volumeMm3(double radiusMm, double measuredMm, double levelMm) {
        double depth = depthMm(radiusMm, measuredMm);
        return switch (this) {
            case FLAT -> 0;
            case ELLIPSOID ->
                    Math.PI * depth * levelMm * levelMm * (3 * radiusMm - levelMm) / (6 * radiusMm);
            case CAP, KNUCKLED_10, KNUCKLED_15 -> {
                double joint = jointMm(radiusMm);
                UnivariateFunction section = x -> sectionMm2(radiusMm, measuredMm, x, levelMm);
                yield integral(section, 0, joint) + integral(section, joint, depth);
            }
        };
    }

    /**
     * Radius of the end so far beyond the cylinder (mm).
     *
     * @param beyondMm from the weld outward, 0 to {@link #depthMm}
     */
    double radiusAt(double radiusMm, double measuredMm, double beyondMm) {
        double depth = depthMm(radiusMm, measuredMm);
        return switch (this) {
            case FLAT -> radiusMm;
            case ELLIPSOID -> radiusMm * leg(1, beyondMm / depth);
            case CAP -> {
                double sphere = (square(radiusMm) + square(depth)) / (2 * depth);
                yield leg(sphere, sphere - depth + beyondMm);
            }
            case KNUCKLED_10, KNUCKLED_15 -> {
                double crown = crownShare * 2 * radiusMm;
                double knuckle = knuckleShare * 2 * radiusMm;
                yield beyondMm <= jointMm(radiusMm)
                        ? radiusMm - knuckle + leg(knuckle, beyondMm)
                        : leg(crown, beyondMm + crown - depth);
            }
        };
    }

    /** Area across the end, so far beyond the cylinder, below a level above the lowest point of the cylinder (mm²). */
    double sectionMm2(double radiusMm, double measuredMm, double beyondMm, double levelMm) {
        double rho = radiusAt(radiusMm, measuredMm, beyondMm);
        return CircleSegment.areaMm2(rho, levelMm - radiusMm + rho);
    }

    /** Where the knuckle passes into the crown (mm from the weld); 0 for an end without one. */
    private double jointMm(double radius) {
        if (knuckleShare == 0) {
            return 0;
        }
        double crown = crownShare * 2 * radius;
        double knuckle = knuckleShare * 2 * radius;
        return knuckle * leg(crown - knuckle, radius - knuckle) / (crown - knuckle);
    }

    private static double integral(UnivariateFunction f, double from, double to) {
        return from == to ? 0 : RULES.legendre(POINTS, from, to).integrate(f);
    }

    /** √(long² − short²), 0 where rounding would make it less. */
    private static double leg(double hypotenuse, double other) {
        return Math.sqrt(Math.max(0, square(hypotenuse) - square(other)));
    }

    private static double square(double value) {
        return value * value;
    }
}
