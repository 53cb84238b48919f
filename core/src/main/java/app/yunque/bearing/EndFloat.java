package app.yunque.bearing;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.List;

/**
 * The pack of shims that brings a shaft from the float it has to the float or preload it should have. A shim under the cover gives float, one behind a
 * ring inside the stack takes it. A wanted preload enters as a negative float: it is approached from a measured float and proved by its drag, because an
 * indicator cannot measure it. Source: geometry; common practice, no source.
 *
 * @param changeMm change of the pack (mm), plus is thicker
 * @param packMm   pack it then has (mm)
 * @param told     the move in words
 */
public record EndFloat(double changeMm, double packMm, Told told) {
    public static final Range FLOAT = Range.of("readingsMm", "float", 0, 10, "mm");
    public static final Range WANTED =
            Range.of("wantedMm", "wanted float, minus for preload", -0.5, 2, "mm");
    public static final Range PACK = Range.of("packMm", "pack as it is", 0, 30, "mm");
    private static final double NOTHING_MM = 0.001;
    private static final int ENOUGH = 3;

    /** Where the pack lies. */
    public enum Place {
        UNDER_THE_COVER("under the cover: thicker gives float"),
        IN_THE_STACK("behind a ring inside the stack: thicker takes float");

        private final String words;

        Place(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param readingsMm float read under push and pull, each after 10 turns to seat the rollers (mm)
     * @param wantedMm   float it should have (mm); minus is preload
     * @param packMm     pack it was read with (mm)
     * @param place      where the pack lies
     * @throws Refused when no pack gives it
     */
    @PublicRule(
            at = "bearing/end-float",
            title = "End float and its pack",
            says =
                    "From the float it has to the pack that gives the float or preload it should have.",
            sets = {"S-02", "S-04", "S-07", "S-12"})
    public static EndFloat of(
            List<Double> readingsMm,
            double wantedMm,
            double packMm,
            @Asks("the pack lies") Place place) {
        var readings = new RepeatedReadings(readingsMm);
        readingsMm.forEach(r -> Refused.ifAny(FLOAT.judge(r)));
        Refused.ifAny(WANTED.judge(wantedMm), PACK.judge(packMm));
        double now = readings.meanMm();
        double change = place == Place.UNDER_THE_COVER ? wantedMm - now : now - wantedMm;
        double then = packMm + change;
        if (then < 0) {
            throw Refused.because(
                    "packMm",
                    "The pack would have to be %s mm: something else is wrong. Wrong width of a bearing, a cup not seated, or dirt under it."
                            .formatted(PlainDigits.rounded(then, 3)));
        }
        boolean none = now < NOTHING_MM;
        var told =
                Told.of("geometry; common practice, no source")
                        .verdict(Verdict.NOT_JUDGED)
                        .mm("floatMm", "float it has", now)
                        .mm("spreadMm", "spread of the readings", readings.spreadMm())
                        .mm("changeMm", "change of the pack, plus is thicker", change)
                        .mm("packMm", "pack it should have", then)
                        .warnIf(
                                none,
                                "A float of nothing says only “nothing or less”: put in a thicker pack until float can be read, then reckon.")
                        .warnIf(
                                readingsMm.size() < ENOUGH,
                                "Read it three times, each after ten turns: rollers seat only by turning.")
                        .warnIf(
                                wantedMm < 0,
                                "A preload is not measured with an indicator: prove it by its rolling drag.")
                        .line(
                                place == Place.UNDER_THE_COVER
                                        ? "Δs = wanted − float"
                                        : "Δs = float − wanted",
                                "%s mm",
                                PlainDigits.rounded(change, 3))
                        .line(
                                "pack + Δs",
                                "%s + %s = %s mm",
                                PlainDigits.exact(packMm),
                                PlainDigits.rounded(change, 3),
                                PlainDigits.rounded(then, 3))
                        .saying(
                                "%s %s mm %s: the pack should be %s mm."
                                        .formatted(
                                                change < 0 ? "Take out" : "Put in",
                                                PlainDigits.rounded(Math.abs(change), 3),
                                                place.words.split(":")[0],
                                                PlainDigits.rounded(then, 3)));
        return new EndFloat(change, then, told);
    }
}
