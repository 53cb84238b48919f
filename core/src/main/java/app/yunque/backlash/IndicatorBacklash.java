package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Gauge;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.UnitSlip;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Backlash of a mesh by dial indicator: the stylus on a flank of one gear, the other gear locked, readings round the
 * gear.
 *
 * <p>A stylus along the tangent at radius R that reads q means j_wt = q · r_w/R. One that slides on the flank and leans
 * by ε_a out of the plane of rotation and by ε_r outward from the tangent reads more than the flank moves: the way along
 * the tangent is q [cos ε_a cos (α_R − ε_r) + tan β_b sin ε_a] / cos α_R, which for a spur gear with ε_r = 0 is q cos
 * ε_a. One whose end is captive, in a dimple or a link, reads less: q/(cos ε_a cos ε_r). The smallest reading is held against the least backlash of a new pair, the mean against
 * the renewal limit.
 *
 * <p>Source: conversion derived for the product and verified against a stylus line on an involute helicoid; terms
 * ISO 21771; uncertainty GUM; verdict ISO 14253-1, from memory.
 *
 * @param readings      number of readings
 * @param mean          backlash of the mean reading
 * @param smallest      backlash of the smallest reading, the tight spot
 * @param largest       backlash of the largest reading
 * @param spreadMm      largest less smallest along the circle (mm)
 * @param uncertaintyMm expanded uncertainty U of the mean along the circle (mm)
 * @param recommended   what it should be
 * @param judged        what it means
 * @param warnings      doubts about the readings themselves
 * @param working       formula and numbers
 */
public record IndicatorBacklash(
        int readings,
        Backlash mean,
        Backlash smallest,
        Backlash largest,
        double spreadMm,
        double uncertaintyMm,
        RecommendedBacklash recommended,
        BacklashVerdict judged,
        List<String> warnings,
        Working working) {
    public static final Range READINGS =
            Range.count("readings", "number of readings round the gear", 4, 500)
                    .advising("Take four or more, evenly round the gear.");
    public static final Range READING =
            Range.of("readings", "indicator reading", 0, 10, "mm")
                    .advising("Was it read in hundredths?");
    public static final Range RADIUS = Range.of("radiusMm", "stylus radius", 1, 5000, "mm");
    public static final Range TILT =
            Range.of(
                    "tiltDeg",
                    "tilt of the stylus out of the plane of rotation",
                    -59,
                    59,
                    "degrees");

    public static final Range LEAN =
            Range.of("leanDeg", "lean of the stylus from the tangent outward", -59, 59, "degrees");

    private static final double PROUD_MM = 0.5;
    private static final double TILT_WORTH_RESETTING_DEG = 15;

    /**
     * How the indicator stood.
     *
     * @param touched   the gear that was rocked and touched
     * @param radiusMm  radius R at which the stylus touched (mm), from base circle to tip circle
     * @param tiltDeg   lean ε_a of the stylus out of the plane of rotation (degrees), positive towards the side the
     *                  flank normal leans to; 0 when square
     * @param leanDeg   lean ε_r of the stylus from the tangent outward (degrees); 0 along the tangent
     * @param captive   true when the stylus end is held to one point and does not slide on the flank
     */
    public record Setup(
            Member touched, double radiusMm, double tiltDeg, double leanDeg, boolean captive) {
        /** @throws Refused naming every value out of its range */
        public Setup {
            Refused.ifAny(RADIUS.judge(radiusMm), TILT.judge(tiltDeg), LEAN.judge(leanDeg));
        }

        /** A stylus along the tangent that slides on the flank. */
        public Setup(Member touched, double radiusMm, double tiltDeg) {
            this(touched, radiusMm, tiltDeg, 0, false);
        }
    }

    /**
     * @param pair          the pair at its working centre distance
     * @param setup         where the stylus stood
     * @param readings      indicator readings q round the gear (mm), four or more, each 0 to 10
     * @param gauge         the indicator
     * @param duty          sets the renewal limit
     * @param makersLimitMm the maker's largest circumferential backlash (mm), which overrules; may be empty
     * @throws Refused for readings that cannot be, or a stylus that was not on the flank
     */
    public static IndicatorBacklash of(
            GearPair pair,
            Setup setup,
            RepeatedReadings readings,
            Gauge gauge,
            ServiceDuty duty,
            Optional<Double> makersLimitMm) {
        refuseUnlikely(readings);
        refuseOffFlank(pair, setup);
        var recommended = RecommendedBacklash.of(pair, duty, makersLimitMm);
        double factor = circumferentialPerReading(pair, setup);
        var mean = Backlash.ofCircumferential(pair, readings.meanMm() * factor);
        var smallest = Backlash.ofCircumferential(pair, readings.smallestMm() * factor);
        var largest = Backlash.ofCircumferential(pair, readings.largestMm() * factor);
        var places = BacklashPlaces.of(readings, gauge, factor, 0);
        return new IndicatorBacklash(
                readings.count(),
                mean,
                smallest,
                largest,
                places.spreadMm(),
                places.uncertaintyOfMeanMm(),
                recommended,
                BacklashVerdict.ofPair(pair, places, recommended, duty),
                warnings(setup, readings, gauge, factor, recommended),
                working(pair, setup, readings, factor, mean, places.uncertaintyOfMeanMm()));
    }

    /** j_wt per unit of reading: attitude of the stylus × r_w/R. */
    public static double circumferentialPerReading(GearPair pair, Setup setup) {
        var gear = pair.gear(setup.touched());
        double atRadius = Math.acos(Math.min(1, gear.baseDiameterMm() / 2 / setup.radiusMm()));
        double tilt = Math.toRadians(setup.tiltDeg());
        // The flank of a ring looks inward where that of an outside tooth looks outward.
        double lean = Math.toRadians(gear.internal() ? -setup.leanDeg() : setup.leanDeg());
        double correction =
                setup.captive()
                        ? 1 / (Math.cos(tilt) * Math.cos(lean))
                        : (Math.cos(tilt) * Math.cos(atRadius - lean)
                                        + Math.tan(gear.baseHelixAngleRad()) * Math.sin(tilt))
                                / Math.cos(atRadius);
        return correction * pair.workingRadiusMm(setup.touched()) / setup.radiusMm();
    }

    private static void refuseUnlikely(RepeatedReadings readings) {
        Refused.ifAny(
                READINGS.judge(readings.count()),
                READING.judge(readings.smallestMm()),
                READING.judge(readings.largestMm()));
    }

    /** @throws Refused when the stylus stands off the flank of the touched gear */
    public static void refuseOffFlank(GearPair pair, Setup setup) {
        var gear = pair.gear(setup.touched());
        double base = gear.baseDiameterMm() / 2;
        // A tooth of a ring reaches from its tip outward to its root.
        double inner = gear.internal() ? Math.max(base, gear.tipDiameterMm() / 2) : base;
        double outer = (gear.internal() ? gear.rootDiameterMm() : gear.tipDiameterMm()) / 2;
        double radius = setup.radiusMm();
        boolean isOnRing = radius >= inner - PROUD_MM && radius > base && radius <= outer;
        boolean isOnTooth = radius > base && radius <= outer + PROUD_MM;
        if (!(gear.internal() ? isOnRing : isOnTooth)) {
            throw Refused.because(
                    "radiusMm",
                    "Stylus radius %s mm is not on the flank of this gear: it reaches from %s to %s mm. Measure from"
                                    .formatted(
                                            PlainDigits.exact(setup.radiusMm()),
                                            PlainDigits.rounded(inner, 2),
                                            PlainDigits.rounded(outer, 2))
                            + " the shaft's centre, or choose the other gear.");
        }
    }

    private static List<String> warnings(
            Setup setup,
            RepeatedReadings readings,
            Gauge gauge,
            double factor,
            RecommendedBacklash recommended) {
        var warnings = new ArrayList<String>();
        UnitSlip.suspect(readings.meanMm() * factor, recommended.mostNewCircumferentialMm())
                .ifPresent(warnings::add);
        if (Math.max(Math.abs(setup.tiltDeg()), Math.abs(setup.leanDeg()))
                > TILT_WORTH_RESETTING_DEG) {
            warnings.add("The stylus leans more than 15°: set the indicator again if it can be.");
        }
        if (readings.spreadMm() > 4 * gauge.resolutionMm()
                && readings.spreadMm() > readings.meanMm() / 2) {
            warnings.add(
                    "The readings spread by more than half their mean: look for an eccentric gear, a bent shaft, a"
                            + " burr or a damaged tooth.");
        }
        return warnings;
    }

    private static String formula(Setup setup) {
        if (setup.captive()) {
            return "j_wt = q / (cos ε_a cos ε_r) · r_w / R";
        }
        return setup.tiltDeg() == 0 && setup.leanDeg() == 0
                ? "j_wt = q · r_w / R"
                : "j_wt = q [cos ε_a cos(α_R − ε_r) + tan β_b sin ε_a] / cos α_R · r_w / R";
    }

    /** How a reading becomes j_wt. */
    static Working.Line readingLine(GearPair pair, Setup setup, double readingMm) {
        double factor = circumferentialPerReading(pair, setup);
        return line(
                formula(setup),
                "%s × %s = %s mm   (r_w %s mm, R %s mm, ε_a %s°, ε_r %s°)"
                        .formatted(
                                PlainDigits.rounded(readingMm, 4),
                                PlainDigits.rounded(factor, 5),
                                PlainDigits.rounded(readingMm * factor, 4),
                                PlainDigits.rounded(pair.workingRadiusMm(setup.touched()), 3),
                                PlainDigits.exact(setup.radiusMm()),
                                PlainDigits.exact(setup.tiltDeg()),
                                PlainDigits.exact(setup.leanDeg())));
    }

    private static Working working(
            GearPair pair,
            Setup setup,
            RepeatedReadings readings,
            double factor,
            Backlash mean,
            double uncertainty) {
        return new Working(
                List.of(
                        readingLine(pair, setup, readings.meanMm()),
                        line(
                                "j_bn = j_wt · cos α_wt · cos β_b",
                                "%s × %s = %s mm"
                                        .formatted(
                                                PlainDigits.rounded(mean.circumferentialMm(), 4),
                                                PlainDigits.rounded(
                                                        Backlash.normalPerCircumferential(pair), 5),
                                                PlainDigits.rounded(mean.normalMm(), 4))),
                        line(
                                "angle = j_wt / r_w",
                                "pinion %s′, wheel %s′"
                                        .formatted(
                                                PlainDigits.rounded(mean.pinionAngleMin(), 1),
                                                PlainDigits.rounded(mean.wheelAngleMin(), 1))),
                        line(
                                "U = 2 √(s²/n + d²/12 + E²/3) · factor",
                                "n = "
                                        + readings.count()
                                        + ", U = "
                                        + PlainDigits.rounded(uncertainty, 4)
                                        + " mm (95 %)")),
                "Conversion derived; ISO 21771 terms; GUM; ISO 14253-1, from memory",
                List.of(
                        "Some shop sheets divide by the cosine of the tilt. That is right only when the stylus end is"
                                + " captive, in a dimple or a link; one that slides on the flank over-reads.",
                        "Feeler or soft wire between the flanks reads the normal backlash, which is smaller."));
    }
}
