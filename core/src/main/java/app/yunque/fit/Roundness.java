package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Zoned;
import java.util.List;

/**
 * How oval a bore or a journal is, from three readings over two points round the turn. They fix the ellipse D(φ) = D̄ + A cos 2(φ − φ₀)
 * exactly; two readings at 90° would give only a lower bound. A seat is as new to IT5 and renewed beyond IT6, a bore to IT6 and beyond IT7. Source: derived; limits
 * handbook practice, from memory, as its check.
 *
 * @param meanMm    mean diameter (mm)
 * @param largestMm largest diameter (mm), which judges a bore
 * @param leastMm   least diameter (mm), which judges a shaft
 * @param ovalityMm largest less least (mm)
 * @param axisDeg   where the largest lies (degrees from the first reading), 0 to 180
 * @param told      the same in words
 */
public record Roundness(
        double meanMm,
        double largestMm,
        double leastMm,
        double ovalityMm,
        double axisDeg,
        Told told) {
    public static final Range READING = Range.of("readingsMm", "reading", 0.1, 500, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of a reading", 0, 1, "mm");
    private static final int READINGS = 3;
    private static final int JOURNAL_GRADE = 5;
    private static final int BORE_GRADE = 6;

    /** What is read. */
    public enum Seat {
        JOURNAL("a bearing seat on a shaft"),
        BORE("a bearing bore in a housing");

        private final String words;

        Seat(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where the three readings were taken. */
    public enum Places {
        EVERY_60("0°, 60°, 120°"),
        AT_0_45_90("0°, 45°, 90°");

        private final String words;

        Places(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param readingsMm three diameters (mm), in the order of the places
     * @param places     where they were taken
     * @param seat       what is read
     * @param uncertaintyMm expanded uncertainty of the ovality (mm), k = 2
     * @param strict     true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "fit/roundness",
            title = "Ovality from three readings",
            says = "The ellipse through three readings, against what a seat or a bore may have.",
            answers = {"JRN-3", "HBR-3"})
    public static Roundness of(
            List<Double> readingsMm,
            @Asks("read at") Places places,
            @Asks("read is") Seat seat,
            double uncertaintyMm,
            @Asks("it holds, stops or carries the load") boolean strict) {
        if (readingsMm.size() != READINGS) {
            throw Refused.because(
                    "readingsMm",
                    "%d readings; ovality takes three, at %s. Two give only a lower bound."
                            .formatted(readingsMm.size(), places.words));
        }
        readingsMm.forEach(r -> Refused.ifAny(READING.judge(r)));
        Refused.ifAny(UNCERTAINTY.judge(uncertaintyMm));
        double first = readingsMm.get(0);
        double second = readingsMm.get(1);
        double third = readingsMm.get(2);
        double mean =
                places == Places.EVERY_60 ? (first + second + third) / 3 : (first + third) / 2;
        double cos;
        double sin;
        if (places == Places.EVERY_60) {
            cos = 0;
            sin = 0;
            for (int i = 0; i < READINGS; i++) {
                double twice = Math.toRadians(2.0 * 60 * i);
                cos += 2.0 / 3 * (readingsMm.get(i) - mean) * Math.cos(twice);
                sin += 2.0 / 3 * (readingsMm.get(i) - mean) * Math.sin(twice);
            }
        } else {
            cos = (first - third) / 2;
            sin = second - mean;
        }
        double half = Math.hypot(cos, sin);
        double axis = (Math.toDegrees(Math.atan2(sin, cos)) / 2 + 180) % 180;
        int grade = seat == Seat.JOURNAL ? JOURNAL_GRADE : BORE_GRADE;
        var zoned =
                Zoned.of(
                        Edges.growing(
                                null,
                                ToleranceTable.width(mean, grade) / 1000.0,
                                ToleranceTable.width(mean, grade + 1) / 1000.0),
                        2 * half,
                        uncertaintyMm,
                        strict);
        var told =
                Told.of(
                                "derived: an ellipse through three readings; limits handbook practice, from memory")
                        .judged(zoned, new Reading(2 * half, uncertaintyMm, "mm"))
                        .figure("ovalityMm", "ovality", 2 * half, "mm", 4)
                        .figure("largestMm", "largest, judges a bore", mean + half, "mm", 4)
                        .figure("leastMm", "least, judges a shaft", mean - half, "mm", 4)
                        .figure("meanMm", "mean", mean, "mm", 4)
                        .figure("axisDeg", "largest lies at", axis, "°", 0)
                        .warn(
                                "Two points do not see three lobes, and a bore gauge with three jaws sees neither ovality nor three lobes: turn the part in a V-block where lobes are suspected.")
                        .line("D(φ) = D̄ + A cos 2(φ − φ₀)", "readings at %s", places.words)
                        .line(
                                "ovality = 2 √(C² + S²)",
                                "2 √(%s² + %s²) = %s mm",
                                PlainDigits.rounded(cos, 4),
                                PlainDigits.rounded(sin, 4),
                                PlainDigits.rounded(2 * half, 4))
                        .saying(
                                "Oval by %s mm, %s: %s at %s°, %s across it."
                                        .formatted(
                                                PlainDigits.rounded(2 * half, 4),
                                                zoned.verdict().words(zoned.counts()),
                                                PlainDigits.rounded(mean + half, 4),
                                                PlainDigits.rounded(axis, 0),
                                                PlainDigits.rounded(mean - half, 4)));
        return new Roundness(mean, mean + half, mean - half, 2 * half, axis, told);
    }
}
