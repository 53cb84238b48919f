package app.yunque.lubricant.sump;

import app.yunque.lubricant.sump.SumpShape.Corner;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

/**
 * A sump that stands tilted along its length: the depth runs as h(x) = h_c + x tan θ, x from the middle toward the low end, and
 * is held between floor and top. A level is the depth in the middle. Source: geometry.
 *
 * @param body    the sump
 * @param tiltDeg θ (degrees), below 45; positive when the far end, x toward the full length, stands lower
 */
public record TiltedSump(Tiltable body, double tiltDeg) implements SumpShape {
    public static final Range TILT =
            Range.of("tiltDeg", "tilt", -44, 44, "degrees")
                    .advising("More is not a tilt but another mounting position: choose that.");
    private static final int SLICES = 400;
    private static final int POINTS = 8;
    private static final GaussIntegratorFactory RULES = new GaussIntegratorFactory();

    public TiltedSump {
        Refused.ifAny(TILT.judge(tiltDeg));
    }

    /**
     * The depth in the middle when a plug or stick away from the middle reads a depth.
     *
     * @param readMm  depth at the plug (mm)
     * @param placeMm where it sits from the middle, toward the low end positive (mm)
     */
    public double middleMm(double readMm, double placeMm) {
        return readMm - placeMm * slope();
    }

    @Override
    public double heightMm() {
        return body.heightMm();
    }

    /** Turned by the tilt, the lowest corner at height 0. */
    @Override
    public List<Corner> outline() {
        var turned = body.side().stream().map(this::turned).toList();
        double left = turned.stream().mapToDouble(Corner::x).min().orElseThrow();
        double low = turned.stream().mapToDouble(Corner::y).min().orElseThrow();
        return turned.stream().map(c -> new Corner(c.x() - left, c.y() - low)).toList();
    }

    @Override
    public double outlineLevelMm(double levelMm) {
        double low = body.side().stream().mapToDouble(c -> turned(c).y()).min().orElseThrow();
        return turned(new Corner(body.lengthMm() / 2, levelMm)).y() - low;
    }

    /** By slices along the length, each integrated exactly where the depth runs free between floor and top. */
    @Override
    public double volumeMm3(double middleMm) {
        double length = body.lengthMm();
        double beyond = body.beyondMm();
        return volumeMm3(middleMm, 0, length)
                + volumeMm3(middleMm, -beyond, 0)
                + volumeMm3(middleMm, length, length + beyond);
    }

    private double volumeMm3(double middleMm, double from, double to) {
        double step = (to - from) / SLICES;
        double sum = 0;
        for (int i = 0; i < SLICES && step > 0; i++) {
            sum +=
                    RULES.legendre(POINTS, from + i * step, from + (i + 1) * step)
                            .integrate(x -> body.sectionMm2(x, depth(middleMm, x)));
        }
        return sum;
    }

    @Override
    public String formula() {
        return "∫ section(h_c + x tan θ) dx along the length";
    }

    private double depth(double middleMm, double placeMm) {
        double depth = middleMm + (placeMm - body.lengthMm() / 2) * slope();
        return Math.max(0, Math.min(body.heightMm(), depth));
    }

    private double slope() {
        return Math.tan(Math.toRadians(tiltDeg));
    }

    /** About the origin, the far end going down for a positive tilt. */
    private Corner turned(Corner c) {
        double t = Math.toRadians(tiltDeg);
        return new Corner(
                c.x() * Math.cos(t) + c.y() * Math.sin(t),
                c.y() * Math.cos(t) - c.x() * Math.sin(t));
    }
}
