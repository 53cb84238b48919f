package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;

/**
 * Two long screws that let a cover up until the spring under it is free. Source: geometry, with one diameter of thread held to the end;
 * common practice, no source.
 *
 * @param threadMm least length of thread between the cover and the end of the screw (mm)
 * @param told     words and working
 */
public record GuideScrews(double threadMm, Told told) {
    public static final Range FREE =
            Range.of("freeMm", "free length of the spring", 0.1, 2000, "mm");
    public static final Range INSTALLED =
            Range.of("installedMm", "length of the spring under the cover", 0.1, 2000, "mm");
    public static final Range NUT = Range.of("nutMm", "height of the nut", 0.5, 100, "mm");
    public static final Range THREAD =
            Range.of("diameterMm", "diameter of the screw", 1, 100, "mm");

    /**
     * @param freeMm      free length of the spring (mm)
     * @param installedMm its length under the cover (mm)
     * @param nutMm       height of the nut (mm)
     * @param diameterMm  nominal diameter of the screws (mm)
     * @throws Refused when the spring is not shorter under the cover than free: nothing pushes
     */
    @PublicRule(
            at = "teardown/guide-screws",
            title = "Let a cover up over its spring",
            says =
                    "How long the two screws must be on which a cover is let up until its spring is free.")
    public static GuideScrews of(
            double freeMm, double installedMm, double nutMm, double diameterMm) {
        Refused.ifAny(
                FREE.judge(freeMm),
                INSTALLED.judge(installedMm),
                NUT.judge(nutMm),
                THREAD.judge(diameterMm));
        double rise = freeMm - installedMm;
        if (rise <= 0) {
            throw Refused.because(
                    "installedMm",
                    "A spring of %s mm that is %s mm long under the cover does not push. Measure both again: one of them is not right, or it is not this spring."
                            .formatted(PlainDigits.exact(freeMm), PlainDigits.exact(installedMm)));
        }
        double length = rise + nutMm + diameterMm;
        var told =
                Told.of("common practice, no source")
                        .verdict(Verdict.NOT_JUDGED)
                        .figure("threadMm", "thread above the cover, at least", length, "mm", 1)
                        .figure("riseMm", "the cover rises", rise, "mm", 1)
                        .warn(
                                "Keep your face away and out of its line; turn both nuts back by turns, and take nothing off while the cover still pushes.")
                        .line(
                                "L = (L₀ − Lᵢ) + nut + 1 d",
                                "(%s − %s) + %s + %s = %s mm",
                                PlainDigits.exact(freeMm),
                                PlainDigits.exact(installedMm),
                                PlainDigits.exact(nutMm),
                                PlainDigits.exact(diameterMm),
                                PlainDigits.rounded(length, 4))
                        .saying(
                                "Two screws, opposite each other, with at least %s mm of thread above the cover: it rises %s mm until the spring is free."
                                        .formatted(
                                                PlainDigits.rounded(length, 1),
                                                PlainDigits.rounded(rise, 1)));
        return new GuideScrews(length, told);
    }
}
