package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.gear.ServiceDuty;
import app.yunque.gear.WormSet;
import app.yunque.measure.Edges;
import app.yunque.measure.Gauge;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Working;
import app.yunque.tooth.WearLimit;
import app.yunque.tooth.WearLimit.ToothMaterial;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Backlash of a worm set at the rim of the wheel, from the wheel with the worm held, or from the worm with the wheel
 * held: j_t2 = δ r₂/R − f, or φ₁ p_z/360 − f, f being the end float of the worm. Source: derived, screw kinematics.
 *
 * @param rimMm          j_t2 on the reference circle of the wheel (mm)
 * @param normalMm       j_bn = j_t2 cos γ cos α_n (mm)
 * @param wheelAngleMin  the same as an angle of the wheel (minutes of arc)
 * @param wormAngleDeg   how far the worm turns free, float included (degrees)
 * @param radialMm       how far the worm could come nearer, j_t2/(2 tan α_x) (mm)
 * @param guideLowMm     usual from, by centre distance (mm)
 * @param guideHighMm    usual to (mm)
 * @param thinningPercent bronze lost if the worm is unworn and the set had the middle of the guide when new (%)
 * @param warnings       doubts
 * @param working        formula and numbers
 */
public record WormBacklash(
        double rimMm,
        double normalMm,
        double wheelAngleMin,
        double wormAngleDeg,
        double radialMm,
        double guideLowMm,
        double guideHighMm,
        double thinningPercent,
        List<String> warnings,
        Working working) {
    public static final Range READING = Range.of("readingMm", "indicator reading", 0, 20, "mm");
    public static final Range RADIUS = Range.of("radiusMm", "radius of the stylus", 1, 3000, "mm");
    public static final Range WORM_ANGLE =
            Range.of("wormAngleDeg", "free turn of the worm", 0, 360, "degrees");
    public static final Range END_FLOAT =
            Range.of("endFloatMm", "end float of the worm", 0, 10, "mm");
    private static final double AGREEMENT = 0.25;

    /** A pointer over a protractor; common practice, no source. */
    private static final double READ_TO_DEG = 0.5;

    private static final double MINUTES_PER_RADIAN = 60 * 180 / Math.PI;

    /** Centre distance, least, most (mm); from memory of a gear handbook, weakly remembered. */
    private static final double[][] GUIDE = {
        {50, 0.08, 0.20}, {150, 0.15, 0.30}, {300, 0.30, 0.50}, {600, 0.45, 0.75}
    };

    /**
     * What the backlash at the rim is judged by. The guide by centre distance is the band of a new set; from its upper end on the bronze is
     * worn, and it is renewed when so much of the tooth is gone as its duty allows. A wheel wears in arcs, so its loosest place decides.
     *
     * <p>Source: guide as above; C = most + r π m_x/2, r the share of the tooth that may go ({@link WearLimit}), derived.
     */
    public static BacklashVerdict.Limits limits(WormSet set, ServiceDuty duty) {
        double[] guide = guideMm(set.centreDistanceMm());
        double gone = WearLimit.of(duty, ToothMaterial.BRONZE).renewPercent() / 100;
        return new BacklashVerdict.Limits(
                Edges.growing(
                        guide[0], guide[1], guide[1] + gone * Math.PI * set.axialModuleMm() / 2),
                "at the rim of the wheel",
                BacklashVerdict.WearBy.LARGEST);
    }

    /**
     * Places read on the wheel with the worm held.
     *
     * @param readings   at the stylus, round the wheel
     * @param radiusMm   radius of the stylus (mm)
     * @param endFloatMm end float of the worm, taken off (mm)
     */
    public static BacklashPlaces placesAtWheel(
            WormSet set,
            RepeatedReadings readings,
            Gauge gauge,
            double radiusMm,
            double endFloatMm) {
        return BacklashPlaces.of(readings, gauge, set.wheelDiameterMm() / 2 / radiusMm, endFloatMm);
    }

    /** One place, from the free turn of the worm, which is read to half a degree. */
    public static BacklashPlaces placeAtWorm(WormSet set, double wormAngleDeg, double endFloatMm) {
        double rim = wormAngleDeg * set.leadMm() / 360 - endFloatMm;
        double uncertainty = READ_TO_DEG * set.leadMm() / 360;
        return new BacklashPlaces(1, rim, rim, rim, uncertainty, uncertainty);
    }

    /** The worm is held and a stylus touches the wheel at a radius R. */
    @PublicRule(
            at = "backlash/worm-at-wheel",
            title = "Backlash of a worm at its wheel",
            says = "At the rim, square to the flank and as angles.")
    public static WormBacklash atWheel(
            WormSet set, double readingMm, double radiusMm, double endFloatMm) {
        Refused.ifAny(
                READING.judge(readingMm), RADIUS.judge(radiusMm), END_FLOAT.judge(endFloatMm));
        double r2 = set.wheelDiameterMm() / 2;
        if (radiusMm > set.throatDiameterMm() / 2 + 3 * set.axialModuleMm()) {
            throw Refused.because(
                    "radiusMm",
                    "Stylus radius %s mm lies outside this wheel (throat radius %s mm). Measure from the shaft's centre."
                            .formatted(
                                    PlainDigits.exact(radiusMm),
                                    PlainDigits.rounded(set.throatDiameterMm() / 2, 2)));
        }
        double rim = readingMm * r2 / radiusMm;
        return of(
                set,
                rim,
                endFloatMm,
                line(
                        "j_t2 = q r₂ / R − f",
                        "%s × %s / %s − %s = %s mm"
                                .formatted(
                                        PlainDigits.exact(readingMm),
                                        PlainDigits.rounded(r2, 3),
                                        PlainDigits.exact(radiusMm),
                                        PlainDigits.exact(endFloatMm),
                                        PlainDigits.rounded(rim - endFloatMm, 4))));
    }

    /** The wheel is held and the worm is turned to and fro. */
    @PublicRule(
            at = "backlash/worm-at-worm",
            title = "Backlash of a worm at the worm",
            says = "The same from how far the worm turns freely.")
    public static WormBacklash atWorm(WormSet set, double wormAngleDeg, double endFloatMm) {
        Refused.ifAny(WORM_ANGLE.judge(wormAngleDeg), END_FLOAT.judge(endFloatMm));
        double rim = wormAngleDeg * set.leadMm() / 360;
        return of(
                set,
                rim,
                endFloatMm,
                line(
                        "j_t2 = φ₁ p_z / 360 − f",
                        "%s × %s / 360 − %s = %s mm"
                                .formatted(
                                        PlainDigits.exact(wormAngleDeg),
                                        PlainDigits.rounded(set.leadMm(), 4),
                                        PlainDigits.exact(endFloatMm),
                                        PlainDigits.rounded(rim - endFloatMm, 4))));
    }

    /** Two ways that differ by more than a quarter do not describe the same backlash. */
    public static Optional<String> disagreement(WormBacklash wheel, WormBacklash worm) {
        double most = Math.max(wheel.rimMm, worm.rimMm);
        return Math.abs(wheel.rimMm - worm.rimMm) > AGREEMENT * most
                ? Optional.of(
                        "The wheel says %s mm, the worm %s mm: they do not describe the same backlash. Is the coupling or a key loose?"
                                .formatted(
                                        PlainDigits.rounded(wheel.rimMm, 3),
                                        PlainDigits.rounded(worm.rimMm, 3)))
                : Optional.empty();
    }

    private static WormBacklash of(WormSet set, double rim, double endFloat, Working.Line how) {
        double left = rim - endFloat;
        if (left < 0) {
            throw Refused.because(
                    "endFloatMm",
                    "The end float of the worm, %s mm, is more than the %s mm at the rim. Measure again with the worm held to one side."
                            .formatted(PlainDigits.exact(endFloat), PlainDigits.rounded(rim, 3)));
        }
        double r2 = set.wheelDiameterMm() / 2;
        double[] guide = guideMm(set.centreDistanceMm());
        double thinned = Math.max(0, left - (guide[0] + guide[1]) / 2);
        return new WormBacklash(
                left,
                left * Math.cos(set.leadAngleRad()) * Math.cos(set.normalPressureAngleRad()),
                MINUTES_PER_RADIAN * left / r2,
                360 * (left + endFloat) / set.leadMm(),
                left / (2 * Math.tan(set.axialPressureAngleRad())),
                guide[0],
                guide[1],
                100 * thinned / set.wheelToothThicknessMm(),
                warnings(left, endFloat, guide),
                new Working(
                        List.of(
                                how,
                                line(
                                        "j_bn = j_t2 cos γ cos αₙ",
                                        PlainDigits.rounded(
                                                        left
                                                                * Math.cos(set.leadAngleRad())
                                                                * Math.cos(
                                                                        set
                                                                                .normalPressureAngleRad()),
                                                        4)
                                                + " mm, γ = "
                                                + PlainDigits.rounded(
                                                        Math.toDegrees(set.leadAngleRad()), 3)
                                                + "°"),
                                line(
                                        "usual at this centre distance",
                                        PlainDigits.rounded(guide[0], 2)
                                                + " to "
                                                + PlainDigits.rounded(guide[1], 2)
                                                + " mm")),
                        "conversion derived; guide by centre distance from memory of a gear handbook, weakly remembered"));
    }

    /** Least and most at the rim, linear between the rows; the ends hold beyond them (mm). */
    static double[] guideMm(double centreDistance) {
        if (centreDistance <= GUIDE[0][0]) {
            return new double[] {GUIDE[0][1], GUIDE[0][2]};
        }
        for (int i = 1; i < GUIDE.length; i++) {
            if (centreDistance <= GUIDE[i][0]) {
                double t = (centreDistance - GUIDE[i - 1][0]) / (GUIDE[i][0] - GUIDE[i - 1][0]);
                return new double[] {
                    GUIDE[i - 1][1] + t * (GUIDE[i][1] - GUIDE[i - 1][1]),
                    GUIDE[i - 1][2] + t * (GUIDE[i][2] - GUIDE[i - 1][2])
                };
            }
        }
        return new double[] {GUIDE[GUIDE.length - 1][1], GUIDE[GUIDE.length - 1][2]};
    }

    private static List<String> warnings(double rim, double endFloat, double[] guide) {
        var told = new ArrayList<String>();
        if (endFloat > rim) {
            told.add(
                    "More of the play is end float of the worm than backlash: set its bearings before judging the"
                            + " wheel.");
        }
        if (rim > guide[1]) {
            told.add(
                    "Above the usual range. A worm that holds a load is no brake: the bronze thins on one flank.");
        }
        if (rim < guide[0]) {
            told.add("Below the usual range: it may bind when the bronze warms.");
        }
        return List.copyOf(told);
    }
}
