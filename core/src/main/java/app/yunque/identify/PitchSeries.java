package app.yunque.identify;

import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.List;

/**
 * Tooth sizes a gear may have been cut to, with how common each is.
 *
 * <p>Sources: ISO 54 series I and II, ANSI B6.1 diametral pitches, from memory; weights common practice, no source.
 */
final class PitchSeries {
    private static final double INCH = 25.4;
    private static final double RARE = 0.5;

    private static final double[] MODULES_I = {
        0.3, 0.4, 0.5, 0.6, 0.8, 1, 1.25, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 25
    };
    private static final double[] MODULES_II = {
        0.35, 0.45, 0.55, 0.7, 0.75, 0.9, 1.125, 1.375, 1.75, 2.25, 2.75, 3.5, 4.5, 5.5, 6.5, 7, 9,
        11, 14, 18, 22
    };
    private static final double[] PITCHES_I = {
        1, 1.25, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 24, 32, 40, 48, 64
    };
    private static final double[] PITCHES_II = {
        1.75, 2.25, 2.75, 3.5, 7, 9, 11, 14, 18, 22, 26, 28, 30, 36
    };

    /**
     * One way a gear may have been cut.
     *
     * @param words            "module 2.5 mm" or "DP 10"
     * @param normalModuleMm   m_n (mm)
     * @param pressureAngleDeg α_n (degrees)
     * @param addendum         h_a*
     * @param weight           how common, 0 to 1
     */
    record Cut(
            String words,
            double normalModuleMm,
            double pressureAngleDeg,
            double addendum,
            double weight) {}

    static final List<Cut> ALL = all();

    private PitchSeries() {}

    private static List<Cut> all() {
        var cuts = new ArrayList<Cut>();
        for (double m : MODULES_I) {
            add(cuts, "module " + PlainDigits.exact(m) + " mm", m, 1, false);
        }
        for (double m : MODULES_II) {
            add(cuts, "module " + PlainDigits.exact(m) + " mm", m, RARE, false);
        }
        for (double p : PITCHES_I) {
            add(cuts, "DP " + PlainDigits.exact(p), INCH / p, 1, true);
        }
        for (double p : PITCHES_II) {
            add(cuts, "DP " + PlainDigits.exact(p), INCH / p, RARE, true);
        }
        return List.copyOf(cuts);
    }

    private static void add(List<Cut> cuts, String words, double m, double weight, boolean inch) {
        cuts.add(new Cut(words, m, 20, 1, weight));
        cuts.add(new Cut(words, m, 20, 0.8, weight * 0.25));
        cuts.add(new Cut(words, m, 14.5, 1, weight * (inch ? 0.7 : 0.2)));
        cuts.add(new Cut(words, m, 15, 1, weight * (inch ? 0.05 : 0.2)));
        cuts.add(new Cut(words, m, 25, 1, weight * 0.15));
    }
}
