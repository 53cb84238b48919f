package app.yunque.backlash;

import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/** One reading of backlash. Each way reads something else; each says what it means along the working circle. */
public sealed interface BacklashReading {
    Range RADIUS = Range.of("radiusMm", "radius of the indicator on the arm", 1, 5000, "mm");
    Range LENGTH = Range.of("lengthMm", "length of the lever", 5, 10_000, "mm");
    Range MOVED = Range.of("movedMm", "way of the end of the lever", 0, 5000, "mm");
    Range READING = Range.of("readingMm", "reading", 0, 50, "mm");
    Range TILT = Range.of("tiltDeg", "tilt of the stylus", -59, 59, "degrees");
    Range THICKNESS = Range.of("thicknessMm", "thickness between the flanks", 0, 20, "mm");

    /** j_wt along the working circle (mm). */
    double circumferentialMm(GearPair pair);

    /** How the reading becomes j_wt, in one line. */
    Working.Line line(GearPair pair);

    /** The same with its source. */
    default Working working(GearPair pair) {
        return new Working(List.of(line(pair)), "involute geometry");
    }

    /**
     * An indicator on the flank itself.
     *
     * @param setup     where and how its stylus stands
     * @param readingMm q (mm)
     */
    record Flank(IndicatorBacklash.Setup setup, double readingMm) implements BacklashReading {
        public Flank {
            Refused.ifAny(READING.judge(readingMm));
        }

        @Override
        public double circumferentialMm(GearPair pair) {
            return readingMm * IndicatorBacklash.circumferentialPerReading(pair, setup);
        }

        @Override
        public Working.Line line(GearPair pair) {
            return IndicatorBacklash.readingLine(pair, setup, readingMm);
        }
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
        public Working.Line line(GearPair pair) {
            return Working.line(
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
        public Working.Line line(GearPair pair) {
            return Working.line(
                    "θ = 2 asin(c / 2L), j_wt = θ r_w",
                    "θ = %s′, r_w %s mm: %s mm"
                            .formatted(
                                    minutes(angleRad()),
                                    PlainDigits.rounded(pair.workingRadiusMm(onShaftOf), 3),
                                    PlainDigits.rounded(circumferentialMm(pair), 4)));
        }
    }

    /**
     * A feeler or paper between flanks while the flanks behind touch, or both flats of a soft wire rolled through the mesh
     * together, wherever the gear floats: it reads j_bn, so j_wt = t/(cos α_wt cos β_b).
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
        public Working.Line line(GearPair pair) {
            return Working.line(
                    "j_bn = t, j_wt = t / (cos α_wt cos β_b)",
                    "%s / %s = %s mm"
                            .formatted(
                                    PlainDigits.exact(thicknessMm),
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
        public Working.Line line(GearPair pair) {
            return Working.line(
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
