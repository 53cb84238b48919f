package app.yunque.alignment;

import app.yunque.fit.SeatMaterial;
import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.Optional;

/**
 * What goes under the feet of a machine to bring its shaft in line with the one it drives, from dials on the coupling. Rim and face: y = −R/2 at the dial plane, slope
 * m = −F/A, shim = R/2 + F x/A. Two rims: M on the rim that is moved, S on the one that stays, D apart: shim = M/2 + (M + S)/2 · x/D. The same to the
 * side, zeroed at three o'clock, a plus moving towards it. What grows when it is warm is set low when cold: of α h ΔT of the machine that is moved less that of
 * the one that stays, by so much its axis lies low. Source: derived; limits judgement, no source.
 *
 * @param frontMm shim at the front feet (mm), plus is added
 * @param rearMm  shim at the rear feet (mm), plus is added
 * @param offsetMm how far the shafts stand apart at the dial plane (mm)
 * @param slopePer100Mm how far they lean (mm over 100 mm)
 * @param told    verdict and words
 */
public record CouplingFeet(
        double frontMm, double rearMm, double offsetMm, double slopePer100Mm, Told told) {
    public static final Range READING = Range.of("rimMm", "reading", -10, 10, "mm");
    public static final Range SWEPT =
            Range.of("acrossMm", "diameter the face dial sweeps", 10, 3000, "mm");
    public static final Range APART =
            Range.of("apartMm", "distance of the dial planes", 5, 5000, "mm");
    public static final Range FOOT =
            Range.of("frontFootMm", "dial plane to the front feet", 1, 10_000, "mm");
    public static final Range SPEED = Range.of("speedRpm", "speed", 0, 20_000, "min⁻¹");
    public static final Range SHAFT_HEIGHT =
            Range.of("movedHeightMm", "height of the shaft over the feet", 0, 5000, "mm");
    public static final Range RISE =
            Range.of("movedRiseK", "warmer when it runs by", -60, 200, "K");
    private static final double CLOSES_MM = 0.02;
    private static final double SLACK = 1e-9;
    private static final double OFFSET_MM = 0.10;
    private static final double SLOPE_PER_100 = 0.10;
    private static final double SLOW_RPM = 1500;

    /**
     * One dial round a turn, zeroed at the top.
     *
     * @param topMm    at 12 o'clock (mm)
     * @param rightMm  at 3 (mm)
     * @param bottomMm at 6 (mm)
     * @param leftMm   at 9 (mm)
     */
    public record Round(
            @Asks("at the top") double topMm,
            @Asks("at 3 o’clock") double rightMm,
            @Asks("at the bottom") double bottomMm,
            @Asks("at 9 o’clock") double leftMm) {
        public Round {
            Refused.ifAny(
                    READING.named("topMm", "reading at the top").judge(topMm),
                    READING.named("rightMm", "reading at the right").judge(rightMm),
                    READING.named("bottomMm", "reading at the bottom").judge(bottomMm),
                    READING.named("leftMm", "reading at the left").judge(leftMm));
            double open = topMm + bottomMm - rightMm - leftMm;
            if (Math.abs(open) > CLOSES_MM + SLACK) {
                throw Refused.because(
                        "bottomMm",
                        "These readings do not close: top and bottom make %s mm, the sides %s. The dial is loose, or the shafts were not turned together."
                                .formatted(
                                        PlainDigits.rounded(topMm + bottomMm, 3),
                                        PlainDigits.rounded(rightMm + leftMm, 3)));
            }
        }

        double upright() {
            return bottomMm - topMm;
        }

        double sideways() {
            return leftMm - rightMm;
        }
    }

    /** In which plane it is moved. */
    public enum Plane {
        HEIGHT("in height, by shims"),
        SIDEWAYS("to the side, by jacking screws");

        private final String words;

        Plane(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The feet of the machine that is moved.
     *
     * @param frontFootMm from the dial plane to the front feet (mm)
     * @param rearFootMm  to the rear feet (mm), more than the front
     */
    public record Feet(double frontFootMm, @Asks("dial plane to the rear feet") double rearFootMm) {
        public Feet {
            Refused.ifAny(
                    FOOT.judge(frontFootMm),
                    FOOT.named("rearFootMm", "dial plane to the rear feet").judge(rearFootMm));
            if (rearFootMm <= frontFootMm) {
                throw Refused.because(
                        "rearFootMm",
                        "The rear feet, at %s mm, are not behind the front ones, at %s. Exchange the two?"
                                .formatted(
                                        PlainDigits.exact(rearFootMm),
                                        PlainDigits.exact(frontFootMm)));
            }
        }
    }

    /**
     * How both machines grow between cold, when they are set, and warm, when they run.
     *
     * @param movedHeightMm    shaft over the feet of the machine that is moved (mm)
     * @param movedRiseK       how much warmer its case and feet are when it runs (K)
     * @param movedCase        what its case is made of
     * @param standingHeightMm the same of the machine that stays (mm)
     * @param standingRiseK    the same (K)
     * @param standingCase     the same
     */
    public record Growth(
            @Asks("moved machine: shaft over its feet") double movedHeightMm,
            @Asks("moved machine: warmer when it runs by") double movedRiseK,
            @Asks("moved machine: case of") SeatMaterial movedCase,
            @Asks("standing machine: shaft over its feet") double standingHeightMm,
            @Asks("standing machine: warmer when it runs by") double standingRiseK,
            @Asks("standing machine: case of") SeatMaterial standingCase) {
        public Growth {
            Refused.ifAny(
                    SHAFT_HEIGHT.judge(movedHeightMm),
                    RISE.judge(movedRiseK),
                    SHAFT_HEIGHT
                            .named("standingHeightMm", "height of the shaft over the feet")
                            .judge(standingHeightMm),
                    RISE.named("standingRiseK", "warmer when it runs by").judge(standingRiseK));
        }

        /** How high the axis of the machine that is moved has to lie when cold (mm); minus is low. */
        double coldMm() {
            return standingHeightMm * standingRiseK * standingCase.expansionPerK()
                    - movedHeightMm * movedRiseK * movedCase.expansionPerK();
        }
    }

    /**
     * Rim and face: both dials on the hub that is moved, bracket on the one that stays.
     *
     * @param rim      dial on the rim
     * @param face     dial on the face, from the side of the gap
     * @param acrossMm diameter it sweeps (mm)
     * @param feet     the feet
     * @param sagMm    what the bracket sags on a stiff pipe, zeroed at the top and read at the bottom (mm), minus as a rule
     * @param plane    in which plane
     * @param speedRpm speed (min⁻¹)
     * @param growth   how both grow when they run, for the height; empty where they are set for the same warmth
     */
    @PublicRule(
            at = "alignment/rim-and-face",
            title = "Coupling by rim and face",
            says = "Shims under the feet from a dial on the rim and one on the face.",
            sets = {"S-15"})
    public static CouplingFeet byRimAndFace(
            @Asks("dial on the rim") Round rim,
            @Asks("dial on the face") Round face,
            double acrossMm,
            @Asks("the feet") Feet feet,
            @Asks(
                            value = "sag of the bracket",
                            hint =
                                    "Zeroed at the top on a stiff pipe, read at the bottom: minus as a rule.")
                    double sagMm,
            @Asks("moved") Plane plane,
            double speedRpm,
            @Asks("how both grow when they run") Optional<Growth> growth) {
        Refused.ifAny(
                SWEPT.judge(acrossMm),
                SPEED.judge(speedRpm),
                READING.named("sagMm", "sag of the bracket").judge(sagMm));
        double r = plane == Plane.HEIGHT ? rim.upright() - sagMm : rim.sideways();
        double f = plane == Plane.HEIGHT ? face.upright() : face.sideways();
        return told(
                r / 2 + f * feet.frontFootMm / acrossMm,
                r / 2 + f * feet.rearFootMm / acrossMm,
                -r / 2,
                -f / acrossMm,
                plane,
                speedRpm,
                cold(plane, growth),
                "R/2 + F x / A",
                "R %s, F %s, A %s mm"
                        .formatted(
                                PlainDigits.rounded(r, 3),
                                PlainDigits.rounded(f, 3),
                                PlainDigits.exact(acrossMm)));
    }

    /**
     * Two rims: M on the rim that is moved, bracket on the shaft that stays; S the other way round.
     *
     * @param moved    dial on the rim that is moved
     * @param standing dial on the rim that stays
     * @param apartMm  distance of their planes (mm)
     * @param feet     the feet, from the plane of the moved rim
     * @param plane    in which plane
     * @param speedRpm speed (min⁻¹)
     * @param growth   how both grow when they run, for the height; empty where they are set for the same warmth
     */
    @PublicRule(
            at = "alignment/two-rims",
            title = "Coupling by two rims",
            says = "Shims under the feet from a dial on each rim.",
            sets = {"S-15"})
    public static CouplingFeet byTwoRims(
            @Asks("dial on the rim that is moved") Round moved,
            @Asks("dial on the rim that stays") Round standing,
            double apartMm,
            @Asks("the feet") Feet feet,
            @Asks("moved") Plane plane,
            double speedRpm,
            @Asks("how both grow when they run") Optional<Growth> growth) {
        Refused.ifAny(APART.judge(apartMm), SPEED.judge(speedRpm));
        double m = plane == Plane.HEIGHT ? moved.upright() : moved.sideways();
        double s = plane == Plane.HEIGHT ? standing.upright() : standing.sideways();
        double slope = (-m / 2 - s / 2) / apartMm;
        return told(
                m / 2 - slope * feet.frontFootMm,
                m / 2 - slope * feet.rearFootMm,
                -m / 2,
                slope,
                plane,
                speedRpm,
                cold(plane, growth),
                "M/2 + (M + S)/2 x / D",
                "M %s, S %s, D %s mm"
                        .formatted(
                                PlainDigits.rounded(m, 3),
                                PlainDigits.rounded(s, 3),
                                PlainDigits.exact(apartMm)));
    }

    /** To the side nothing grows. */
    private static double cold(Plane plane, Optional<Growth> growth) {
        return plane == Plane.HEIGHT ? growth.map(Growth::coldMm).orElse(0.0) : 0;
    }

    private static CouplingFeet told(
            double frontWarm,
            double rearWarm,
            double offset,
            double slope,
            Plane plane,
            double speed,
            double cold,
            String formula,
            String numbers) {
        double front = frontWarm + cold;
        double rear = rearWarm + cold;
        double share = speed > SLOW_RPM ? 0.5 : 1;
        boolean good =
                Math.abs(offset - cold) <= share * OFFSET_MM + SLACK
                        && Math.abs(100 * slope) <= share * SLOPE_PER_100 + SLACK;
        boolean up = plane == Plane.HEIGHT;
        var coldWords =
                cold == 0
                        ? ""
                        : " Cold, the moved shaft is to lie %s mm too %s."
                                .formatted(
                                        PlainDigits.rounded(Math.abs(cold), 2),
                                        cold < 0 ? "low" : "high");
        var told =
                Told.of("derived; limits judgement, no source, the maker of the coupling wins")
                        .verdict(good ? Verdict.CLEAR_PASS : Verdict.CLEAR_FAIL)
                        .mm(
                                "frontMm",
                                up
                                        ? "front feet, plus is added"
                                        : "front feet, plus is towards where it was zeroed",
                                front)
                        .mm(
                                "rearMm",
                                up
                                        ? "rear feet, plus is added"
                                        : "rear feet, plus is towards where it was zeroed",
                                rear)
                        .mm("offsetMm", "shafts apart", offset)
                        .figure("slopePer100Mm", "lean over 100 mm", 100 * slope, "mm", 3)
                        .warn(
                                "Isolated and locked before a hand goes to the coupling. No soft foot first: a foot that lifts when it is let go spoils every reading.")
                        .line(formula, "%s", numbers)
                        .line(
                                "front, rear",
                                "%s, %s mm",
                                PlainDigits.rounded(front, 3),
                                PlainDigits.rounded(rear, 3))
                        .saying(
                                "%s Front: %s; rear: %s.%s"
                                        .formatted(
                                                good ? "In line." : "Not in line.",
                                                move(front, up),
                                                move(rear, up),
                                                coldWords));
        return new CouplingFeet(front, rear, offset, 100 * slope, told);
    }

    private static String move(double by, boolean up) {
        var mm = PlainDigits.rounded(Math.abs(by), 2) + " mm";
        return up
                ? "%s %s".formatted(by < 0 ? "take out" : "add", mm)
                : "%s %s where it was zeroed".formatted(mm, by < 0 ? "away from" : "towards");
    }
}
