package app.yunque.identify;

import static app.yunque.measure.Working.line;

import app.yunque.gear.BasicRack;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Hand;
import app.yunque.gear.Involute;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Ranked answers to the question what an unmarked gear is.
 *
 * <p>Each standard cut is scored S = T₁ + T₂ + T₃ − 2 ln w: T₁ how well the base pitch fits, T₂ how well tip diameter
 * and span agree on the shift (or, for a helical gear, how well the rub agrees), T₃ how unusual the shift is, w how common
 * the cut. Likelihood exp (−S/2), normalised. Source: derived; weights common practice, no source; checked on gears whose
 * spans were built without the involute function.
 *
 * @param candidates the likeliest first, at most five; empty when nothing standard fits
 * @param decided    true when the first is likely enough
 * @param next       what to measure next to separate the first two; empty when decided
 * @param sentence   the answer in words
 * @param working    formula and numbers
 */
public record GearIdentity(
        List<Candidate> candidates,
        boolean decided,
        Optional<NextMeasurement> next,
        String sentence,
        Working working) {
    private static final double ENOUGH = 0.8;
    private static final double WORTH_SHOWING = 0.0005;
    private static final double FAR = 60;
    private static final int SHOWN = 5;

    /** Thinning for backlash and tip tolerance, as a shift; judgement. */
    private static final double SHIFT_SPREAD = 0.07;

    private static final double USUAL_SHIFT = 0.4;

    /** A slight helix on a worn tip can come out as a cosine a little above one. */
    private static final double NEARLY_SPUR = 1.015;

    private static final double NEAREST_SPAN_MODULES = 0.75;

    /**
     * One answer.
     *
     * @param words            "module 2.5 mm, 20°, full depth"
     * @param teeth            z
     * @param normalModuleMm   m_n (mm)
     * @param pressureAngleDeg α_n (degrees)
     * @param addendum         h_a*
     * @param helixDeg         β (degrees); 0 for a spur gear
     * @param shift            x from the span, or from the tip when worn
     * @param likelihood       0 to 1
     * @param expectedTipMm    d_a it should have (mm)
     * @param expectedShorterMm W_k it should have (mm); 0 without spans
     * @param expectedLongerMm W_{k+1} it should have (mm); 0 without spans
     * @param remark           what the shift means
     */
    public record Candidate(
            String words,
            int teeth,
            double normalModuleMm,
            double pressureAngleDeg,
            double addendum,
            double helixDeg,
            double shift,
            double likelihood,
            double expectedTipMm,
            double expectedShorterMm,
            double expectedLongerMm,
            String remark) {

        /** The gear this would be, to be drawn; the hand of a helix is not known and drawn right. */
        public CylindricalGear asGear(double faceWidthMm) {
            var rack =
                    addendum < 1
                            ? BasicRack.STUB
                            : pressureAngleDeg < 18
                                    ? BasicRack.FULL_DEPTH_OLD_INCH
                                    : BasicRack.FULL_DEPTH;
            return new CylindricalGear(
                    teeth,
                    normalModuleMm,
                    pressureAngleDeg,
                    helixDeg,
                    helixDeg > 0 ? Hand.RIGHT : Hand.NONE,
                    shift,
                    faceWidthMm,
                    rack,
                    false);
        }
    }

    /**
     * The measurement that tells the first two apart best.
     *
     * @param what     what to measure
     * @param firstMm  what the first would read (mm)
     * @param secondMm what the second would read (mm)
     * @param apart    their difference in uncertainties of the tool
     */
    public record NextMeasurement(String what, double firstMm, double secondMm, double apart) {}

    private record Scored(
            PitchSeries.Cut cut, int teeth, double helixRad, double shift, double score) {}

    @PublicRule(
            at = "identify/gear",
            title = "Which gear is it",
            says =
                    "Module, pressure angle and shift of an unknown gear, with what to measure next.")
    public static GearIdentity of(UnknownGear gear) {
        var scored = new ArrayList<Scored>();
        for (int teeth : gear.possibleTeeth()) {
            for (var cut : PitchSeries.ALL) {
                score(gear, teeth, cut).ifPresent(scored::add);
            }
        }
        scored.sort(Comparator.comparingDouble(Scored::score));
        if (scored.isEmpty()) {
            return new GearIdentity(
                    List.of(),
                    false,
                    Optional.empty(),
                    "Nothing standard fits. Count the teeth again, check the teeth spanned and the units; or the gear is badly worn or not standard.",
                    working(gear));
        }
        double best = scored.get(0).score;
        double total = scored.stream().mapToDouble(s -> Math.exp((best - s.score) / 2)).sum();
        var candidates =
                scored.stream()
                        .limit(SHOWN)
                        .map(s -> told(gear, s, Math.exp((best - s.score) / 2) / total))
                        .filter(c -> c.likelihood() > WORTH_SHOWING)
                        .toList();
        boolean decided = candidates.get(0).likelihood() >= ENOUGH;
        var next =
                decided || candidates.size() < 2
                        ? Optional.<NextMeasurement>empty()
                        : Optional.of(separates(gear, candidates.get(0), candidates.get(1)));
        return new GearIdentity(
                candidates, decided, next, sentence(candidates, decided, next), working(gear));
    }

    private static Optional<Scored> score(UnknownGear gear, int teeth, PitchSeries.Cut cut) {
        double pitch = 0;
        if (gear.spans().isPresent()) {
            var spans = gear.spans().get();
            double expected =
                    Math.PI
                            * cut.normalModuleMm()
                            * Math.cos(Math.toRadians(cut.pressureAngleDeg()));
            pitch =
                    square(
                            (spans.basePitchMm() - expected)
                                    / (Math.sqrt(2) * spans.uncertaintyMm()));
            if (pitch > FAR) {
                return Optional.empty();
            }
        }
        return gear.tipHelixDeg().isPresent()
                ? helical(gear, teeth, cut, pitch)
                : spur(gear, teeth, cut, pitch);
    }

    private static Optional<Scored> spur(
            UnknownGear gear, int teeth, PitchSeries.Cut cut, double pitch) {
        double m = cut.normalModuleMm();
        double fromTip = (gear.tipDiameterMm() - teeth * m) / (2 * m) - cut.addendum();
        double shift = fromTip;
        double disagreement = 0;
        double u = Math.hypot(gear.tipUncertaintyMm() / (2 * m), SHIFT_SPREAD);
        if (gear.spans().isPresent() && !gear.worn()) {
            double alpha = Math.toRadians(cut.pressureAngleDeg());
            double fromSpan = spanShift(gear.spans().get(), teeth, cut, alpha);
            double uSpan = gear.spans().get().uncertaintyMm() / (2 * m * Math.sin(alpha));
            disagreement = square((fromTip - fromSpan) / Math.hypot(u, uSpan));
            shift = fromSpan;
        }
        double score =
                pitch + disagreement + square(shift / USUAL_SHIFT) - 2 * Math.log(cut.weight());
        return score > FAR + 20
                ? Optional.empty()
                : Optional.of(new Scored(cut, teeth, 0, shift, score));
    }

    private static Optional<Scored> helical(
            UnknownGear gear, int teeth, PitchSeries.Cut cut, double pitch) {
        double m = cut.normalModuleMm();
        double alphaN = Math.toRadians(cut.pressureAngleDeg());
        double shift = 0;
        double cos = 0;
        double d = 0;
        for (int i = 0; i < 60; i++) {
            d = gear.tipDiameterMm() - 2 * m * (cut.addendum() + shift);
            cos = teeth * m / d;
            if (!(cos > 0 && cos <= NEARLY_SPUR)) {
                return Optional.empty();
            }
            cos = Math.min(1, cos);
            if (gear.spans().isEmpty() || gear.worn()) {
                break;
            }
            double alphaT = Math.atan(Math.tan(alphaN) / cos);
            shift += 0.3 * (spanShift(gear.spans().get(), teeth, cut, alphaT) - shift);
        }
        double beta = Math.acos(cos);
        double atTip = Math.toDegrees(Math.atan(Math.tan(beta) * gear.tipDiameterMm() / d));
        double uExpected =
                beta < 1e-6
                        ? 90
                        : Math.toDegrees(
                                cos
                                        / Math.sin(beta)
                                        * Math.hypot(gear.tipUncertaintyMm(), 2 * m * SHIFT_SPREAD)
                                        / d);
        double rub =
                square(gear.tipHelixDeg().orElseThrow() - atTip)
                        / (square(gear.helixUncertaintyDeg()) + square(uExpected));
        double score = pitch + rub + square(shift / USUAL_SHIFT) - 2 * Math.log(cut.weight());
        return score > FAR + 20
                ? Optional.empty()
                : Optional.of(new Scored(cut, teeth, beta, shift, score));
    }

    /** x from W_k: [W/(m cos α_n) − π (k − ½) − z inv α_t]/(2 tan α_n). */
    private static double spanShift(
            UnknownGear.Spans spans, int teeth, PitchSeries.Cut cut, double alphaT) {
        double alphaN = Math.toRadians(cut.pressureAngleDeg());
        return (spans.shorterMm() / (cut.normalModuleMm() * Math.cos(alphaN))
                        - Math.PI * (spans.teethSpanned() - 0.5)
                        - teeth * Involute.of(alphaT))
                / (2 * Math.tan(alphaN));
    }

    private static Candidate told(UnknownGear gear, Scored s, double likelihood) {
        var cut = s.cut;
        double m = cut.normalModuleMm();
        double d = s.teeth * m / Math.cos(s.helixRad);
        double shorter = gear.spans().map(g -> span(s, g.teethSpanned())).orElse(0.0);
        double longer = gear.spans().map(g -> span(s, g.teethSpanned() + 1)).orElse(0.0);
        return new Candidate(
                "%s, %s°, %s%s"
                        .formatted(
                                cut.words(),
                                PlainDigits.exact(cut.pressureAngleDeg()),
                                cut.addendum() < 1 ? "stub" : "full depth",
                                s.helixRad == 0
                                        ? ""
                                        : ", helix "
                                                + PlainDigits.rounded(Math.toDegrees(s.helixRad), 1)
                                                + "°"),
                s.teeth,
                m,
                cut.pressureAngleDeg(),
                cut.addendum(),
                Math.toDegrees(s.helixRad),
                s.shift,
                likelihood,
                d + 2 * m * (cut.addendum() + s.shift),
                shorter,
                longer,
                remark(s.shift, gear.worn()));
    }

    private static double span(Scored s, int k) {
        double alphaN = Math.toRadians(s.cut.pressureAngleDeg());
        double alphaT = Math.atan(Math.tan(alphaN) / Math.cos(s.helixRad));
        return s.cut.normalModuleMm()
                * Math.cos(alphaN)
                * (Math.PI * (k - 0.5)
                        + s.teeth * Involute.of(alphaT)
                        + 2 * s.shift * Math.tan(alphaN));
    }

    private static String remark(double shift, boolean worn) {
        if (worn) {
            return "worn: the shift comes from the tips, the span is short by the wear";
        }
        if (shift >= 0.1) {
            return "shifted outward, x " + PlainDigits.rounded(shift, 2);
        }
        if (shift <= -0.1) {
            return "shifted inward or worn, x " + PlainDigits.rounded(shift, 2);
        }
        return "unshifted; a little below zero is the thinning for backlash";
    }

    /** Among measurements a bench can take, the one with the largest difference in its own uncertainty. */
    private static NextMeasurement separates(UnknownGear gear, Candidate one, Candidate two) {
        var ways = new ArrayList<NextMeasurement>();
        ways.add(next("the whole depth of a tooth, tip to root", depth(one), depth(two), 0.08));
        double pin = Math.round(10 * 1.728 * one.normalModuleMm()) / 10.0;
        var overOne = overPins(one, pin);
        var overTwo = overPins(two, pin);
        if (overOne.isPresent() && overTwo.isPresent()) {
            ways.add(
                    next(
                            "over two pins of " + PlainDigits.exact(pin) + " mm",
                            overOne.get(),
                            overTwo.get(),
                            0.03));
        }
        if (gear.spans().isPresent()) {
            int k = gear.spans().get().teethSpanned() + 2;
            ways.add(
                    next(
                            "the span over " + k + " teeth, three places, micrometer",
                            one.expectedLongerMm() + basePitch(one),
                            two.expectedLongerMm() + basePitch(two),
                            0.015));
        } else {
            int k =
                    Math.max(
                            2,
                            (int)
                                    Math.rint(
                                            one.teeth() * one.pressureAngleDeg() / 180
                                                    + NEAREST_SPAN_MODULES));
            ways.add(
                    next(
                            "two spans, over " + k + " and " + (k + 1) + " teeth: their difference",
                            basePitch(one),
                            basePitch(two),
                            0.03));
        }
        return ways.stream().max(Comparator.comparingDouble(NextMeasurement::apart)).orElseThrow();
    }

    private static NextMeasurement next(String what, double one, double two, double u) {
        return new NextMeasurement(what, one, two, Math.abs(one - two) / u);
    }

    private static double depth(Candidate c) {
        double dedendum = c.addendum() < 1 ? 1.0 : c.pressureAngleDeg() < 18 ? 1.157 : 1.25;
        return c.normalModuleMm() * (c.addendum() + dedendum);
    }

    private static double basePitch(Candidate c) {
        return Math.PI * c.normalModuleMm() * Math.cos(Math.toRadians(c.pressureAngleDeg()));
    }

    private static Optional<Double> overPins(Candidate c, double pin) {
        double alphaN = Math.toRadians(c.pressureAngleDeg());
        double cosBeta = Math.cos(Math.toRadians(c.helixDeg()));
        double alphaT = Math.atan(Math.tan(alphaN) / cosBeta);
        double z = c.teeth();
        double inv =
                Involute.of(alphaT)
                        + pin / (z * c.normalModuleMm() * Math.cos(alphaN))
                        + (Math.PI / 2 + 2 * c.shift() * Math.tan(alphaN)) / z
                        - Math.PI / z;
        if (!(inv > 0)) {
            return Optional.empty();
        }
        double centre =
                z
                        * c.normalModuleMm()
                        / cosBeta
                        * Math.cos(alphaT)
                        / Math.cos(Involute.inverse(inv));
        return Optional.of(centre * (c.teeth() % 2 == 0 ? 1 : Math.cos(Math.PI / 2 / z)) + pin);
    }

    private static String sentence(
            List<Candidate> candidates, boolean decided, Optional<NextMeasurement> next) {
        var first = candidates.get(0);
        var state =
                "Most likely %s (%s %%)."
                        .formatted(first.words(), PlainDigits.rounded(100 * first.likelihood(), 0));
        if (decided || next.isEmpty()) {
            return state;
        }
        var n = next.get();
        return state
                + " Not decided: measure %s. %s would read %s mm, %s %s mm."
                        .formatted(
                                n.what(),
                                first.words(),
                                PlainDigits.rounded(n.firstMm(), 2),
                                candidates.get(1).words(),
                                PlainDigits.rounded(n.secondMm(), 2));
    }

    private static Working working(UnknownGear gear) {
        var lines = new ArrayList<Working.Line>();
        gear.spans()
                .ifPresent(
                        s ->
                                lines.add(
                                        line(
                                                "p_bn = W_{k+1} − W_k = π mₙ cos αₙ",
                                                "%s − %s = %s mm"
                                                        .formatted(
                                                                PlainDigits.exact(s.longerMm()),
                                                                PlainDigits.exact(s.shorterMm()),
                                                                PlainDigits.rounded(
                                                                        s.basePitchMm(), 3)))));
        lines.add(
                line(
                        "first look: m ≈ d_a / (z + 2)",
                        PlainDigits.rounded(gear.quickModuleMm(), 3)
                                + " mm for full-depth spur teeth; never decide on this alone"));
        lines.add(
                line(
                        "S = T₁ + T₂ + T₃ − 2 ln w, P = e^(−S/2) / Σ",
                        "base pitch, agreement of tip and span (or rub), usual shift, how common the size is"));
        return new Working(
                lines,
                "derived; series ISO 54 and ANSI B6.1, from memory; weights common practice, no source");
    }

    private static double square(double value) {
        return value * value;
    }
}
