package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;

/**
 * One reading of backlash by a way other than an indicator on the flank. Each way reads something else; each says what
 * it means along the working circle.
 */
public sealed interface BacklashReading {
    Range RADIUS = Range.of("radiusMm", "radius of the indicator on the arm", 1, 5000, "mm");
    Range LENGTH = Range.of("lengthMm", "length of the lever", 5, 10_000, "mm");
    Range MOVED = Range.of("movedMm", "way of the end of the lever", 0, 5000, "mm");
    Range READING = Range.of("readingMm", "reading", 0, 50, "mm");
    Range TILT = Range.of("tiltDeg", "tilt of the stylus", -59, 59, "degrees");
    Range THICKNESS = Range.of("thicknessMm", "thickness between the flanks", 0, 20, "mm");

    /** j_wt along the working circle (mm). */
    double circumferentialMm(GearPair pair);

    /** How the reading becomes j_wt. */
    Working.Line working(GearPair pair);

    /** How much j_wt moves for a unit of what is read (mm per mm). */
    default double sensitivity(GearPair pair, double step) {
        return circumferentialMm(pair) / step;
    }

    /**
     * An indicator on the flat of an arm clamped to the shaft: θ = atan (q cos ε/R), j_wt = θ r_w.
     *
     * @param onShaftOf gear whose shaft carries the arm; the other is held
     * @param readingMm q (mm)
     * @param radiusMm  R from the shaft's centre (mm)
     * @param tiltDeg   ε of the stylus from square to the arm (degrees)
     */
    record Arm(Member onShaftOf, double readingMm, double radiusMm, double tiltDeg)
            implements BacklashReading {
        public Arm {
            Refused.ifAny(READING.judge(readingMm), RADIUS.judge(radiusMm), TILT.judge(tiltDeg));
        }

        /** θ (rad). */
        public double angleRad() {
            return Math.atan(readingMm * Math.cos(Math.toRadians(tiltDeg)) / radiusMm);
        }

        @Override
        public double circumferentialMm(GearPair pair) {
            return angleRad() * pair.workingRadiusMm(onShaftOf);
        }

        @Override
        public Working.Line working(GearPair pair) {
            return line(
                    "θ = atan(q cos ε / R), j_wt = θ r_w",
                    "θ = %s′, r_w %s mm: %s mm"
                            .formatted(
                                    minutes(angleRad()),
                                    PlainDigits.rounded(pair.workingRadiusMm(onShaftOf), 3),
                                    PlainDigits.rounded(circumferentialMm(pair), 4)));
        }
    }

    /**
     * The end of a long lever on a shaft moves by a chord c at the length L: θ = 2 asin (c/(2 L)).
     *
     * @param onShaftOf gear whose shaft carries the lever; the other is held
     * @param movedMm   c, straight (mm)
     * @param lengthMm  L from the shaft's centre (mm)
     */
    record Lever(Member onShaftOf, double movedMm, double lengthMm) implements BacklashReading {
        public Lever {
            Refused.ifAny(MOVED.judge(movedMm), LENGTH.judge(lengthMm));
            if (movedMm > 2 * lengthMm) {
                throw Refused.because(
                        "movedMm",
                        "The end of a lever of %s mm cannot move %s mm in a straight line: at most %s mm. Measure both again."
                                .formatted(
                                        PlainDigits.exact(lengthMm),
                                        PlainDigits.exact(movedMm),
                                        PlainDigits.exact(2 * lengthMm)));
            }
        }

        /** θ (rad). */
        public double angleRad() {
            return 2 * Math.asin(movedMm / (2 * lengthMm));
        }

        @Override
        public double circumferentialMm(GearPair pair) {
            return angleRad() * pair.workingRadiusMm(onShaftOf);
        }

        @Override
        public Working.Line working(GearPair pair) {
            return line(
                    "θ = 2 asin(c / 2L), j_wt = θ r_w",
                    "θ = %s′, r_w %s mm: %s mm"
                            .formatted(
                                    minutes(angleRad()),
                                    PlainDigits.rounded(pair.workingRadiusMm(onShaftOf), 3),
                                    PlainDigits.rounded(circumferentialMm(pair), 4)));
        }
    }

    /**
     * A feeler or paper between flanks while the flanks behind touch: it reads j_bn, so j_wt = t/(cos α_wt cos β_b).
     *
     * @param thicknessMm everything that went in (mm)
     */
    record Feeler(double thicknessMm) implements BacklashReading {
        public Feeler {
            Refused.ifAny(THICKNESS.judge(thicknessMm));
        }

        @Override
        public double circumferentialMm(GearPair pair) {
            return thicknessMm / Backlash.normalPerCircumferential(pair);
        }

        @Override
        public Working.Line working(GearPair pair) {
            return line(
                    "j_bn = t, j_wt = t / (cos α_wt cos β_b)",
                    "%s / %s = %s mm"
                            .formatted(
                                    PlainDigits.exact(thicknessMm),
                                    PlainDigits.rounded(Backlash.normalPerCircumferential(pair), 5),
                                    PlainDigits.rounded(circumferentialMm(pair), 4)));
        }
    }

    /**
     * Soft wire rolled through the mesh: the flats of both sides together are j_bn, wherever the gear floats.
     *
     * @param driveFlatMm flat left by the driving flanks (mm)
     * @param coastFlatMm flat left by the flanks behind (mm)
     */
    record SoftWire(double driveFlatMm, double coastFlatMm) implements BacklashReading {
        public SoftWire {
            Refused.ifAny(
                    THICKNESS.named("driveFlatMm", "flat of the drive side").judge(driveFlatMm),
                    THICKNESS.named("coastFlatMm", "flat of the coast side").judge(coastFlatMm));
        }

        @Override
        public double circumferentialMm(GearPair pair) {
            return (driveFlatMm + coastFlatMm) / Backlash.normalPerCircumferential(pair);
        }

        @Override
        public Working.Line working(GearPair pair) {
            return line(
                    "j_bn = t₁ + t₂, j_wt = j_bn / (cos α_wt cos β_b)",
                    "(%s + %s) / %s = %s mm"
                            .formatted(
                                    PlainDigits.exact(driveFlatMm),
                                    PlainDigits.exact(coastFlatMm),
                                    PlainDigits.rounded(Backlash.normalPerCircumferential(pair), 5),
                                    PlainDigits.rounded(circumferentialMm(pair), 4)));
        }
    }

    /**
     * The shafts pushed together until the teeth touch: j_wt = 2 j_r tan α_wt, to first order.
     *
     * @param travelMm j_r, how far the centres moved (mm)
     */
    record CentreTravel(double travelMm) implements BacklashReading {
        public CentreTravel {
            Refused.ifAny(THICKNESS.named("travelMm", "travel of the centres").judge(travelMm));
        }

        @Override
        public double circumferentialMm(GearPair pair) {
            return 2 * travelMm * Math.tan(pair.workingPressureAngleRad());
        }

        @Override
        public Working.Line working(GearPair pair) {
            return line(
                    "j_wt = 2 j_r tan α_wt (first order)",
                    "2 × %s × tan %s° = %s mm"
                            .formatted(
                                    PlainDigits.exact(travelMm),
                                    PlainDigits.rounded(
                                            Math.toDegrees(pair.workingPressureAngleRad()), 3),
                                    PlainDigits.rounded(circumferentialMm(pair), 4)));
        }
    }

    private static String minutes(double radians) {
        return PlainDigits.rounded(Math.toDegrees(radians) * 60, 2);
    }
}
