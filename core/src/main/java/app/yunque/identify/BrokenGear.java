package app.yunque.identify;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * How many teeth a broken gear had: n whole pitches between the same side of two tip corners are the chord c of the tip
 * circle, z = n π/asin (c/d_a). Source: chord of a circle; uncertainty by the GUM.
 *
 * @param teeth       z as a decimal
 * @param uncertainty standard uncertainty of z
 * @param possible    whole tooth counts within twice that, the nearest first
 * @param sentence    the same in words
 */
public record BrokenGear(
        double teeth, double uncertainty, List<Integer> possible, String sentence) {
    public static final Range PITCHES = Range.count("pitches", "whole pitches left", 1, 200);
    public static final Range CHORD =
            Range.of("chordMm", "chord over the tip corners", 0.5, 3000, "mm");
    public static final Range SAGITTA =
            Range.of("sagittaMm", "height of the arc", 0.05, 1500, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty", 0.005, 20, "mm");

    /** A chord over broken corners, and a tip diameter from an arc, are each good to about this (mm). Common practice, no source. */
    private static final double USUAL_UNCERTAINTY_MM = 0.2;

    /** With the uncertainties a caliper usually has over broken corners. */
    public static BrokenGear of(int pitches, double chordMm, double tipDiameterMm) {
        return of(pitches, chordMm, tipDiameterMm, USUAL_UNCERTAINTY_MM, USUAL_UNCERTAINTY_MM);
    }

    /**
     * @param pitches          n
     * @param chordMm          c (mm)
     * @param tipDiameterMm    d_a (mm)
     * @param chordUncertainty standard uncertainty of c (mm)
     * @param tipUncertainty   standard uncertainty of d_a (mm)
     * @throws Refused for a chord longer than the diameter
     */
    @PublicRule(
            at = "identify/broken-gear",
            title = "Teeth of a broken gear",
            says = "How many teeth a piece of a gear had.",
            source = "geometry")
    public static BrokenGear of(
            int pitches,
            double chordMm,
            double tipDiameterMm,
            double chordUncertainty,
            double tipUncertainty) {
        Refused.ifAny(
                PITCHES.judge(pitches),
                CHORD.judge(chordMm),
                UnknownGear.TIP.judge(tipDiameterMm),
                UNCERTAINTY
                        .named("chordUncertaintyMm", "uncertainty of the chord")
                        .judge(chordUncertainty),
                UNCERTAINTY
                        .named("tipUncertaintyMm", "uncertainty of the tip diameter")
                        .judge(tipUncertainty));
        if (chordMm > tipDiameterMm) {
            throw Refused.because(
                    "chordMm",
                    "A chord of %s mm is longer than the diameter of %s mm. Measure both again."
                            .formatted(
                                    PlainDigits.exact(chordMm), PlainDigits.exact(tipDiameterMm)));
        }
        double half = Math.asin(chordMm / tipDiameterMm);
        double z = pitches * Math.PI / half;
        double u =
                z
                        * (Math.tan(half) / half)
                        * Math.hypot(chordUncertainty / chordMm, tipUncertainty / tipDiameterMm);
        var possible = possible(z, u);
        return new BrokenGear(
                z,
                u,
                possible,
                "About %s ± %s teeth: %s."
                        .formatted(
                                PlainDigits.rounded(z, 2),
                                PlainDigits.rounded(2 * u, 2),
                                possible.size() == 1
                                        ? "only " + possible.get(0) + " fits"
                                        : "any of "
                                                + possible
                                                + " may be right, the module decides"));
    }

    /** d_a over any arc of tips with chord C and height h: C²/(4 h) + h (mm). */
    @PublicRule(
            at = "identify/tip-of-a-piece",
            title = "Tip diameter of a piece",
            says = "Diameter from a chord and its height.",
            source = "geometry")
    public static double tipDiameterMm(double chordMm, double sagittaMm) {
        Refused.ifAny(CHORD.judge(chordMm), SAGITTA.judge(sagittaMm));
        return chordMm * chordMm / (4 * sagittaMm) + sagittaMm;
    }

    private static List<Integer> possible(double z, double u) {
        int nearest = (int) Math.round(z);
        var all = new ArrayList<Integer>();
        all.add(nearest);
        for (int off = 1; off <= 2 * u + 1; off++) {
            for (int candidate : new int[] {nearest - off, nearest + off}) {
                if (Math.abs(candidate - z) <= 2 * u && candidate >= UnknownGear.TEETH.low()) {
                    all.add(candidate);
                }
            }
        }
        return List.copyOf(all);
    }
}
