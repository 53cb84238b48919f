package app.yunque.drive;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * Play of a whole drive at its output and its input: θ_out = Σ (j_k/r_wk2) |n_out/n_k2|, θ_in = |i| θ_out. The last mesh
 * rules in a reducer. Source: kinematic chain.
 *
 * @param atOutputMin play of the output with the input held (minutes of arc)
 * @param atInputDeg  play of the input with the output held (degrees)
 * @param sharePercent what each mesh makes of it (%)
 * @param working     formula and numbers
 */
public record OverallLash(
        double atOutputMin, double atInputDeg, List<Double> sharePercent, Working working) {
    public static final Range SUN = Range.of("sunMm", "backlash at the sun", 0, 20, "mm");
    public static final Range RING = Range.of("ringMm", "backlash at the ring", 0, 20, "mm");
    public static final Range CENTRES =
            Range.of("centreDistanceMm", "centre distance of sun and planet", 1, 10000, "mm");

    public static final Range BACKLASH = Range.of("backlashMm", "backlash j_wt", 0, 50, "mm");
    public static final Range RADIUS =
            Range.of("drivenRadiusMm", "working radius of the driven gear", 1, 5000, "mm");
    public static final Range RATIO = Range.of("ratio", "ratio", 0.001, 10_000, "");
    private static final double MINUTES_PER_RADIAN = 60 * 180 / Math.PI;

    /**
     * One mesh.
     *
     * @param backlashMm     j_wt (mm)
     * @param drivenRadiusMm r_w2 of the driven gear (mm)
     * @param ratio          |i| of this stage
     */
    public record Mesh(double backlashMm, double drivenRadiusMm, double ratio) {
        public Mesh {
            Refused.ifAny(
                    BACKLASH.judge(backlashMm), RADIUS.judge(drivenRadiusMm), RATIO.judge(ratio));
        }
    }

    /** @param meshes from the input on, at least one */
    @PublicRule(
            at = "drive/overall-lash",
            title = "Lash of a whole train",
            says = "What the backlash of each mesh comes to at the output and at the handle.")
    public static OverallLash of(List<Mesh> meshes) {
        Refused.ifAny(DriveLine.STAGES.judge(meshes.size()));
        double total = meshes.stream().mapToDouble(Mesh::ratio).reduce(1, (a, b) -> a * b);
        var parts = new ArrayList<Double>();
        double after = total;
        double sum = 0;
        var lines = new ArrayList<Working.Line>();
        for (int k = 0; k < meshes.size(); k++) {
            var mesh = meshes.get(k);
            after /= mesh.ratio;
            double angle = mesh.backlashMm / mesh.drivenRadiusMm / after;
            parts.add(angle);
            sum += angle;
            lines.add(
                    line(
                            "mesh " + (k + 1) + ": j / r_w2 · |n_out / n₂|",
                            "%s / %s / %s = %s′"
                                    .formatted(
                                            PlainDigits.exact(mesh.backlashMm),
                                            PlainDigits.rounded(mesh.drivenRadiusMm, 3),
                                            PlainDigits.rounded(after, 4),
                                            PlainDigits.rounded(angle * MINUTES_PER_RADIAN, 2))));
        }
        double whole = sum;
        return new OverallLash(
                sum * MINUTES_PER_RADIAN,
                Math.toDegrees(sum * total),
                parts.stream().map(p -> whole == 0 ? 0 : 100 * p / whole).toList(),
                new Working(
                        lines, "kinematic chain; add the play of keys and couplings the same way"));
    }

    /** Play of a planetary carrier with the ring held, (j_sun + j_ring)/(2 a) (minutes of arc). */
    @PublicRule(
            at = "drive/planetary-lash",
            title = "Play of a planet carrier",
            says = "What the backlash at sun and ring comes to at the carrier, in minutes of arc.",
            source = "derived from the meshes")
    public static double planetaryCarrierMin(double sunMm, double ringMm, double centreDistanceMm) {
        Refused.ifAny(SUN.judge(sunMm), RING.judge(ringMm), CENTRES.judge(centreDistanceMm));
        return MINUTES_PER_RADIAN * (sunMm + ringMm) / (2 * centreDistanceMm);
    }
}
