package app.yunque.tooth;

import static app.yunque.measure.Working.line;

import app.yunque.gear.CylindricalGear;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * What the gear-tooth caliper reads: set the height h̄ on its slide, read the chord s̄ of the tooth in the normal plane.
 *
 * <p>ψ = s_t/d, D_v = d/cos² β; s̄ = D_v sin (ψ cos³ β), h̄ = (d_a − d)/2 + D_v/2 (1 − cos (ψ cos³ β)). The height starts
 * from the measured tip, so a worn or turned-down tip corrects itself. For a helical gear this is an approximation, good
 * to 2·10⁻⁵ mm in the chord. Source: ISO 21771 and the machinist's handbooks, from memory.
 *
 * @param chordMm          s̄ to read (mm)
 * @param heightMm         h̄ to set (mm)
 * @param constantChordMm  the constant chord s̄_c, the same for any number of teeth (mm)
 * @param constantHeightMm height of the constant chord (mm)
 * @param working          formula and numbers
 */
public record ChordalThickness(
        double chordMm,
        double heightMm,
        double constantChordMm,
        double constantHeightMm,
        Working working) {
    public static final Range CHORD = Range.of("chordMm", "chordal thickness", 0.05, 300, "mm");
    private static final String SOURCE = "ISO 21771 and machinist's handbooks, from memory";

    /**
     * @param gear              an external gear
     * @param normalThicknessMm s_n (mm)
     * @param tipDiameterMm     measured tip diameter d_a (mm)
     * @throws NotApplicable for a ring, or when the tip leaves no height to set
     */
    @PublicRule(
            at = "tooth/chordal",
            title = "Chordal tooth thickness",
            says = "What a tooth caliper reads and at which height.")
    public static ChordalThickness of(
            CylindricalGear gear, double normalThicknessMm, double tipDiameterMm) {
        if (gear.internal()) {
            throw new NotApplicable(
                    "gear-tooth caliper",
                    "The caliper cannot straddle a ring tooth.",
                    "Measure between two pins or balls.");
        }
        double d = gear.referenceDiameterMm();
        double cos = Math.cos(gear.helixAngleRad());
        double virtual = d / (cos * cos);
        double half = normalThicknessMm / cos / d * cos * cos * cos;
        double chord = virtual * Math.sin(half);
        double addendum = (tipDiameterMm - d) / 2;
        double height = addendum + virtual / 2 * (1 - Math.cos(half));
        refuseHeight(gear, tipDiameterMm, height);
        double alpha = gear.normalPressureAngleRad();
        return new ChordalThickness(
                chord,
                height,
                normalThicknessMm * Math.cos(alpha) * Math.cos(alpha),
                addendum - normalThicknessMm / 2 * Math.sin(alpha) * Math.cos(alpha),
                working(chord, height, tipDiameterMm, d));
    }

    /** s_n from a measured chord, (d/cos² β) asin (s̄ cos² β/d) (mm). */
    @PublicRule(
            at = "tooth/thickness-of-chord",
            title = "Thickness from a chord",
            says = "Tooth thickness at the reference circle from what the caliper reads.",
            source = "ISO 21771, from memory")
    public static double normalThicknessMm(CylindricalGear gear, double chordMm) {
        Refused.ifAny(CHORD.judge(chordMm));
        double cos = Math.cos(gear.helixAngleRad());
        double virtual = gear.referenceDiameterMm() / (cos * cos);
        if (chordMm > gear.referenceDiameterMm()) {
            throw Refused.because(
                    "chordMm",
                    "Chord %s mm is larger than the gear (reference diameter %s mm). Check the unit."
                            .formatted(
                                    PlainDigits.exact(chordMm),
                                    PlainDigits.rounded(gear.referenceDiameterMm(), 2)));
        }
        return virtual * Math.asin(chordMm / virtual);
    }

    private static void refuseHeight(CylindricalGear gear, double tip, double height) {
        double whole = (tip - gear.rootDiameterMm()) / 2;
        if (!(height > 0 && height < whole)) {
            throw Refused.because(
                    "tipDiameterMm",
                    "With a tip diameter of %s mm the caliper would have to be set to %s mm; between 0 and %s mm is possible. Measure the tip diameter again."
                            .formatted(
                                    PlainDigits.exact(tip),
                                    PlainDigits.rounded(height, 3),
                                    PlainDigits.rounded(Math.max(0, whole), 3)));
        }
    }

    private static Working working(double chord, double height, double tip, double d) {
        return new Working(
                List.of(
                        line("s̄ = D_v sin(ψ cos³ β)", PlainDigits.rounded(chord, 4) + " mm"),
                        line(
                                "h̄ = (d_a − d)/2 + D_v/2 (1 − cos(ψ cos³ β))",
                                "(%s − %s)/2 + … = %s mm"
                                        .formatted(
                                                PlainDigits.exact(tip),
                                                PlainDigits.rounded(d, 4),
                                                PlainDigits.rounded(height, 4)))),
                SOURCE,
                List.of(
                        "The caliper leans on the tip and is good to 0.02 to 0.05 mm: the span is better where it can be"
                                + " taken.",
                        "Constant chord s̄_c = sₙ cos² αₙ: one setting for any number of teeth."));
    }
}
