package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.gear.GearPair;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Gauge;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Backlash read at several places round one turn of a gear: the once-per-turn wave y = c + p cos θ + q sin θ by least
 * squares, the tight spot, and the places that do not belong to it.
 *
 * <p>A = √(p² + q²), largest at φ = atan2(q, p), smallest c − A opposite. Eccentricity e = A/(2 tan α_wt), run-out twice
 * that. A place is set aside when its externally studentised residual exceeds the 5 % limit for so many places
 * (Bonferroni) and it is off by more than two divisions and 0.02 mm; the fit is then made without it. Source: ordinary
 * least squares; e from Δj = 2 Δa tan α_wt; limits Student's t, 1 − 0.05/(2 N), N − 4 degrees of freedom.
 *
 * @param meanMm          c (mm)
 * @param amplitudeMm     A (mm)
 * @param loosestAtDeg    φ (degrees), 0 to 360
 * @param tightestAtDeg   φ + 180° (degrees)
 * @param smallestMm      the smaller of c − A and the smallest accepted reading (mm)
 * @param scatterMm       s, what the wave leaves over (mm)
 * @param isEccentric     true when the wave is more than scatter and resolution
 * @param eccentricityMm  e (mm); 0 when there is no wave
 * @param runOutMm        2 e (mm)
 * @param places          the readings with what the wave says there
 * @param wave            the fitted wave, every 5° of one turn
 * @param findings        what it means, in words
 * @param working         formula and numbers
 */
public record BacklashMap(
        double meanMm,
        double amplitudeMm,
        double loosestAtDeg,
        double tightestAtDeg,
        double smallestMm,
        double scatterMm,
        boolean isEccentric,
        double eccentricityMm,
        double runOutMm,
        List<Place> places,
        List<WavePoint> wave,
        List<String> findings,
        Working working) {
    public static final Range RESOLUTION =
            Range.of("resolutionMm", "one division of the dial", 0, 1, "mm");
    public static final Range RADIAL_FACTOR = Range.of("radialFactor", "2 tan α_wt", 0.1, 3, "");
    public static final Range TEETH = Range.count("teeth", "teeth of the gear", 0, 2000);

    public static final Range ANGLE = Range.of("angleDeg", "position", 0, 360, "degrees");
    public static final Range READING = Range.of("readings", "backlash", 0, 10, "mm");
    public static final Range PLACES =
            Range.count("readings", "number of places", 4, 200)
                    .advising("Take eight, evenly round the gear: three would fit any wave.");
    private static final double WIDEST_GAP_DEG = 150;
    private static final int WAVE_STEP_DEG = 5;
    private static final int LEAST_FOR_OUTLIERS = 6;
    private static final double LEAST_OUTLIER_MM = 0.02;

    /** Student's t, two-sided 5 %, Bonferroni, by number of places. Verified against the quantile function. */
    private static final double[][] LIMITS = {
        {6, 10.886},
        {7, 6.580},
        {8, 5.261},
        {9, 4.655},
        {10, 4.317},
        {12, 3.962},
        {16, 3.684},
        {20, 3.581},
        {24, 3.534},
        {36, 3.501}
    };

    /**
     * One place of the map.
     *
     * @param angleDeg   θ of the gear (degrees)
     * @param backlashMm j_wt there (mm)
     */
    public record Reading(double angleDeg, double backlashMm) {
        public Reading {
            Refused.ifAny(ANGLE.judge(angleDeg), READING.judge(backlashMm));
        }
    }

    /**
     * A reading beside the wave.
     *
     * @param angleDeg   θ (degrees)
     * @param backlashMm as read (mm)
     * @param waveMm     what the wave says there (mm)
     * @param tooth      number of the tooth there, 1 first at 0°; 0 when the tooth count is not known
     * @param setAside   true when it does not belong to the wave
     */
    public record Place(
            double angleDeg, double backlashMm, double waveMm, int tooth, boolean setAside) {}

    /**
     * A point of the fitted wave.
     *
     * @param angleDeg   θ (degrees)
     * @param backlashMm what the wave says there (mm); may be below 0 where the pair would bind
     */
    public record WavePoint(double angleDeg, double backlashMm) {}

    /**
     * @param readings     four places or more, at different angles, no gap above 150°
     * @param teeth        teeth of the turned gear, to name a tooth; 0 when unknown
     * @param resolutionMm one division of the indicator (mm)
     * @param radialFactor 2 tan α_wt of the pair
     * @throws Refused when the places cannot carry a wave
     */
    @PublicRule(
            at = "backlash/map",
            title = "Backlash round a turn",
            says = "Eccentricity, the damaged tooth and what is left at the tightest place.")
    public static BacklashMap of(
            List<Reading> readings, int teeth, double resolutionMm, double radialFactor) {
        Refused.ifAny(
                RESOLUTION.judge(resolutionMm),
                RADIAL_FACTOR.judge(radialFactor),
                TEETH.judge(teeth));
        refuseFewOrBunched(readings);
        var aside = new ArrayList<Integer>();
        var fit = fit(readings, aside);
        if (readings.size() >= LEAST_FOR_OUTLIERS) {
            for (int i = 0; i < readings.size() / 4; i++) {
                int worst = outlier(readings, aside, fit, resolutionMm);
                if (worst < 0) {
                    break;
                }
                aside.add(worst);
                fit = fit(readings, aside);
            }
        }
        return told(readings, aside, fit, teeth, resolutionMm, radialFactor);
    }

    /**
     * What the map means for the mesh: as the same readings without their places would, and never a pass where it binds or where a tooth
     * does not belong to the wave.
     *
     * @param pair        the pair that was turned
     * @param readings    the readings behind the places
     * @param gauge       the indicator
     * @param perReading  backlash for each mm that was read (no unit)
     */
    public BacklashVerdict judged(
            GearPair pair,
            RepeatedReadings readings,
            Gauge gauge,
            double perReading,
            RecommendedBacklash recommended,
            ServiceDuty duty) {
        var read = BacklashPlaces.of(readings, gauge, perReading, 0);
        var places =
                new BacklashPlaces(
                        read.places(),
                        Math.min(smallestMm, read.smallestMm()),
                        read.meanMm(),
                        read.largestMm(),
                        read.uncertaintyOfOneMm(),
                        read.uncertaintyOfMeanMm());
        var judged = BacklashVerdict.ofPair(pair, places, recommended, duty);
        var damaged = places().stream().filter(Place::setAside).toList();
        if (!damaged.isEmpty()) {
            judged =
                    judged.butAtLeast(
                            Verdict.DOUBTFUL,
                            List.of(
                                    "%s not belong to the wave: look at the tooth there before anything is decided."
                                            .formatted(
                                                    damaged.size() == 1
                                                            ? "One place does"
                                                            : damaged.size() + " places do")));
        }
        return judged;
    }

    /** Evenly spaced readings from 0° on. */
    public static List<Reading> evenly(List<Double> backlashMm) {
        var places = new ArrayList<Reading>();
        for (int i = 0; i < backlashMm.size(); i++) {
            places.add(new Reading(360.0 * i / backlashMm.size(), backlashMm.get(i)));
        }
        return places;
    }

    private record Wave(
            double c, double p, double q, double scatter, int used, double[][] inverse) {
        double at(double radians) {
            return c + p * Math.cos(radians) + q * Math.sin(radians);
        }

        double amplitude() {
            return Math.hypot(p, q);
        }

        List<WavePoint> points() {
            return IntStream.range(0, 360 / WAVE_STEP_DEG)
                    .map(i -> i * WAVE_STEP_DEG)
                    .mapToObj(deg -> new WavePoint(deg, at(Math.toRadians(deg))))
                    .toList();
        }

        double leverage(double radians) {
            double[] row = {1, Math.cos(radians), Math.sin(radians)};
            double h = 0;
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    h += row[i] * inverse[i][j] * row[j];
                }
            }
            return h;
        }
    }

    private static void refuseFewOrBunched(List<Reading> readings) {
        Refused.ifAny(PLACES.judge(readings.size()));
        var angles =
                readings.stream()
                        .map(r -> r.angleDeg() % 360)
                        .sorted(Comparator.naturalOrder())
                        .toList();
        if (angles.stream().distinct().count() < PLACES.low()) {
            throw Refused.because(
                    "readings",
                    "The places must be at four different angles or more round the gear.");
        }
        for (int i = 0; i < angles.size(); i++) {
            double next = i + 1 < angles.size() ? angles.get(i + 1) : angles.get(0) + 360;
            if (next - angles.get(i) > WIDEST_GAP_DEG) {
                throw Refused.because(
                        "readings",
                        "Between %s° and %s° there is no reading: a gap above 150° hides the wave. Read there too."
                                .formatted(
                                        PlainDigits.exact(angles.get(i)),
                                        PlainDigits.exact(next % 360)));
            }
        }
    }

    private static Wave fit(List<Reading> readings, List<Integer> aside) {
        double[][] normal = new double[3][3];
        double[] right = new double[3];
        int used = 0;
        for (int k = 0; k < readings.size(); k++) {
            if (aside.contains(k)) {
                continue;
            }
            double t = Math.toRadians(readings.get(k).angleDeg());
            double[] row = {1, Math.cos(t), Math.sin(t)};
            for (int i = 0; i < 3; i++) {
                right[i] += row[i] * readings.get(k).backlashMm();
                for (int j = 0; j < 3; j++) {
                    normal[i][j] += row[i] * row[j];
                }
            }
            used++;
        }
        double[][] inverse = LeastSquares.inverse(normal);
        double[] x = LeastSquares.times(inverse, right);
        double squares = 0;
        for (int k = 0; k < readings.size(); k++) {
            if (!aside.contains(k)) {
                double t = Math.toRadians(readings.get(k).angleDeg());
                double left =
                        readings.get(k).backlashMm()
                                - (x[0] + x[1] * Math.cos(t) + x[2] * Math.sin(t));
                squares += left * left;
            }
        }
        return new Wave(x[0], x[1], x[2], Math.sqrt(squares / (used - 3)), used, inverse);
    }

    private static int outlier(
            List<Reading> readings, List<Integer> aside, Wave fit, double resolution) {
        int worst = -1;
        double largest = 0;
        for (int k = 0; k < readings.size(); k++) {
            if (aside.contains(k)) {
                continue;
            }
            double t = Math.toRadians(readings.get(k).angleDeg());
            double left = readings.get(k).backlashMm() - fit.at(t);
            double free = Math.max(1e-12, 1 - fit.leverage(t));
            double without =
                    ((fit.used - 3) * fit.scatter * fit.scatter - left * left / free)
                            / (fit.used - 4);
            double deviation =
                    Math.max(Math.sqrt(Math.max(0, without)), resolution / Math.sqrt(12));
            double studentised = Math.abs(left) / (deviation * Math.sqrt(free));
            boolean large = Math.abs(left) / free > Math.max(2 * resolution, LEAST_OUTLIER_MM);
            if (large && studentised > limit(fit.used) && studentised > largest) {
                largest = studentised;
                worst = k;
            }
        }
        return worst;
    }

    /** The limit for so many places; between the rows the stricter, larger one. */
    static double limit(int places) {
        double limit = LIMITS[0][1];
        for (var row : LIMITS) {
            if (places >= row[0]) {
                limit = row[1];
            }
        }
        return limit;
    }

    private static BacklashMap told(
            List<Reading> readings,
            List<Integer> aside,
            Wave fit,
            int teeth,
            double resolution,
            double radialFactor) {
        double amplitude = fit.amplitude();
        double phase = (Math.toDegrees(Math.atan2(fit.q, fit.p)) + 360) % 360;
        boolean real =
                amplitude > 2 * fit.scatter * Math.sqrt(2.0 / fit.used) && amplitude > resolution;
        double e = real ? amplitude / radialFactor : 0;
        double smallest = fit.c - (real ? amplitude : 0);
        var places = new ArrayList<Place>();
        for (int k = 0; k < readings.size(); k++) {
            var r = readings.get(k);
            boolean out = aside.contains(k);
            if (!out) {
                smallest = Math.min(smallest, r.backlashMm());
            }
            places.add(
                    new Place(
                            r.angleDeg(),
                            r.backlashMm(),
                            fit.at(Math.toRadians(r.angleDeg())),
                            toothAt(r.angleDeg(), teeth),
                            out));
        }
        double tightest = (phase + 180) % 360;
        return new BacklashMap(
                fit.c,
                amplitude,
                phase,
                tightest,
                smallest,
                fit.scatter,
                real,
                e,
                2 * e,
                List.copyOf(places),
                fit.points(),
                findings(places, fit, phase, tightest, real, e, smallest, teeth),
                working(fit, amplitude, phase, radialFactor));
    }

    private static int toothAt(double angleDeg, int teeth) {
        return teeth == 0 ? 0 : (int) Math.round(angleDeg * teeth / 360) % teeth + 1;
    }

    private static List<String> findings(
            List<Place> places,
            Wave fit,
            double loosest,
            double tightest,
            boolean real,
            double e,
            double smallest,
            int teeth) {
        var told = new ArrayList<String>();
        if (real) {
            told.add(
                    "Loosest at %s°, tightest at %s°: the gear runs out by about %s mm (eccentric by %s mm). Its high side meets the mate at %s°."
                            .formatted(
                                    PlainDigits.rounded(loosest, 0),
                                    PlainDigits.rounded(tightest, 0),
                                    PlainDigits.rounded(2 * e, 3),
                                    PlainDigits.rounded(e, 3),
                                    PlainDigits.rounded(tightest, 0)));
        } else {
            told.add("No once-per-turn pattern above the scatter of the readings.");
        }
        for (var p : places) {
            if (p.setAside()) {
                told.add(
                        "At %s°%s the backlash is %s mm off the wave: %s."
                                .formatted(
                                        PlainDigits.exact(p.angleDeg()),
                                        teeth == 0 ? "" : ", tooth " + p.tooth(),
                                        PlainDigits.rounded(
                                                Math.abs(p.backlashMm() - p.waveMm()), 3),
                                        p.backlashMm() > p.waveMm()
                                                ? "looser, look for a worn, chipped or missing tooth"
                                                : "tighter, look for a burr, dirt or a raised dent"));
            }
        }
        if (smallest <= 0) {
            told.add("It binds near %s°.".formatted(PlainDigits.rounded(tightest, 0)));
        }
        return List.copyOf(told);
    }

    private static Working working(Wave fit, double amplitude, double phase, double radialFactor) {
        return new Working(
                List.of(
                        line(
                                "j = c + p cos θ + q sin θ, least squares",
                                "c %s, p %s, q %s mm from %d places"
                                        .formatted(
                                                PlainDigits.rounded(fit.c, 4),
                                                PlainDigits.rounded(fit.p, 4),
                                                PlainDigits.rounded(fit.q, 4),
                                                fit.used)),
                        line(
                                "A = √(p² + q²), φ = atan2(q, p)",
                                PlainDigits.rounded(amplitude, 4)
                                        + " mm at "
                                        + PlainDigits.rounded(phase, 1)
                                        + "°"),
                        line(
                                "e = A / (2 tan α_wt)",
                                PlainDigits.rounded(amplitude, 4)
                                        + " / "
                                        + PlainDigits.rounded(radialFactor, 4)
                                        + " = "
                                        + PlainDigits.rounded(amplitude / radialFactor, 4)
                                        + " mm; run-out is twice that"),
                        line("s = √(Σr² / (N − 3))", PlainDigits.rounded(fit.scatter, 4) + " mm")),
                "ordinary least squares; outliers by externally studentised residuals, Bonferroni, 5 %");
    }
}
