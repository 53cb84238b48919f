package app.yunque.fastener;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * What a torque wrench is set to with a crowfoot on it: T L/(L + E cos γ); at a right angle nothing changes. Source: mechanics.
 *
 * @param setNm what the wrench is set to (N·m)
 * @param told  the same in words
 */
public record WrenchAdaptor(double setNm, Told told) {
    public static final Range TORQUE =
            Range.of("wantedNm", "torque at the screw", 0.05, 20_000, "N·m");
    public static final Range LENGTH =
            Range.of("wrenchMm", "drive to the middle of the grip", 50, 3000, "mm");
    public static final Range ADAPTOR =
            Range.of("adaptorMm", "drive to the middle of the screw", 1, 1000, "mm");
    public static final Range ANGLE =
            Range.of("angleDeg", "angle to the wrench", 0, 180, "degrees");

    /**
     * @param wantedNm  torque at the screw (N·m)
     * @param wrenchMm  L, drive to the middle of the grip (mm)
     * @param adaptorMm E, drive to the middle of the screw (mm)
     * @param angleDeg  γ: 0 straight out, 90 to the side, 180 folded back (degrees)
     */
    @PublicRule(
            at = "fastener/adaptor",
            title = "Torque wrench with a crowfoot",
            says = "What to set the wrench to with an adaptor on it.",
            sets = {"S-12"})
    public static WrenchAdaptor of(
            double wantedNm, double wrenchMm, double adaptorMm, double angleDeg) {
        Refused.ifAny(
                TORQUE.judge(wantedNm),
                LENGTH.judge(wrenchMm),
                ADAPTOR.judge(adaptorMm),
                ANGLE.judge(angleDeg));
        double reach = wrenchMm + adaptorMm * Math.cos(Math.toRadians(angleDeg));
        if (reach <= 0) {
            throw Refused.because(
                    "adaptorMm",
                    "Folded back it reaches %s mm behind the grip. Set it to the side, at 90°."
                            .formatted(PlainDigits.rounded(-reach, 0)));
        }
        double set = wantedNm * wrenchMm / reach;
        var told =
                Told.of("mechanics")
                        .figure("setNm", "set the wrench to", set, "N·m", 1)
                        .line(
                                "T L / (L + E cos γ)",
                                "%s × %s / (%s + %s × cos %s°) = %s N·m",
                                PlainDigits.exact(wantedNm),
                                PlainDigits.exact(wrenchMm),
                                PlainDigits.exact(wrenchMm),
                                PlainDigits.exact(adaptorMm),
                                PlainDigits.exact(angleDeg),
                                PlainDigits.rounded(set, 2))
                        .warn("Hold the wrench in the middle of its grip: the length counts.")
                        .saying("Set the wrench to %s N·m.".formatted(PlainDigits.rounded(set, 1)));
        return new WrenchAdaptor(set, told);
    }
}
