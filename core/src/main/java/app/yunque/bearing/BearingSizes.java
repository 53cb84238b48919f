package app.yunque.bearing;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.TableLines;
import app.yunque.measure.Told;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Which standard bearing three measured sizes are. Kinds of one dimension series share their sizes, so what rolls in it tells them apart. Source:
 * dimension series of ISO 15 (radial), ISO 355 (tapered), ISO 104 (thrust) and the usual needle rings, from memory.
 *
 * @param found every bearing within the tolerance, nearest first; empty where none is
 * @param told  the same in words
 */
public record BearingSizes(List<Size> found, Told told) {
    public static final Range BORE = Range.of("boreMm", "bore", 1, 500, "mm");
    public static final Range OUTSIDE = Range.of("outsideMm", "outside", 3, 800, "mm");
    public static final Range WIDTH = Range.of("widthMm", "width", 1, 200, "mm");
    private static final double NEAR_MM = 0.15;
    private static final int SHOWN = 3;
    private static final List<Size> ALL = read();

    /** What a bearing is. */
    public enum Kind {
        DEEP_GROOVE("deep-groove ball"),
        ANGULAR("angular-contact ball"),
        TAPERED("tapered roller"),
        CYLINDRICAL("cylindrical roller"),
        NEEDLE("needle, drawn cup"),
        THRUST("thrust ball");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One bearing.
     *
     * @param kind        what it is
     * @param designation basic designation of its dimension series
     * @param boreMm      d (mm)
     * @param outsideMm   D (mm)
     * @param widthMm     B or T (mm)
     */
    public record Size(
            Kind kind, String designation, double boreMm, double outsideMm, double widthMm) {
        double away(double bore, double outside, double width) {
            return Math.max(
                    Math.max(Math.abs(boreMm - bore), Math.abs(outsideMm - outside)),
                    Math.abs(widthMm - width));
        }
    }

    public BearingSizes {
        found = List.copyOf(found);
    }

    /**
     * @param boreMm    measured bore (mm)
     * @param outsideMm measured outside (mm), more than the bore
     * @param widthMm   measured width (mm)
     */
    @PublicRule(
            at = "bearing/by-size",
            title = "Which bearing is it?",
            says = "Bore, outside and width under the caliper: every standard bearing they may be.")
    public static BearingSizes of(double boreMm, double outsideMm, double widthMm) {
        Refused.ifAny(BORE.judge(boreMm), OUTSIDE.judge(outsideMm), WIDTH.judge(widthMm));
        if (outsideMm <= boreMm) {
            throw Refused.because(
                    "outsideMm",
                    "An outside of %s mm is not larger than the bore, %s. Exchange the two?"
                            .formatted(PlainDigits.exact(outsideMm), PlainDigits.exact(boreMm)));
        }
        var byDistance =
                Comparator.<Size>comparingDouble(s -> s.away(boreMm, outsideMm, widthMm))
                        .thenComparing(Size::kind)
                        .thenComparing(Size::designation);
        var found =
                ALL.stream()
                        .filter(s -> s.away(boreMm, outsideMm, widthMm) <= NEAR_MM)
                        .sorted(byDistance)
                        .toList();
        var told = Told.of("ISO 15, ISO 355, ISO 104, from memory");
        (found.isEmpty() ? ALL.stream().sorted(byDistance).limit(SHOWN).toList() : found)
                .forEach(
                        s ->
                                told.words(
                                        s.kind.name() + " " + s.designation,
                                        s.kind.words,
                                        "%s: %s × %s × %s mm"
                                                .formatted(
                                                        s.designation,
                                                        PlainDigits.exact(s.boreMm),
                                                        PlainDigits.exact(s.outsideMm),
                                                        PlainDigits.exact(s.widthMm))));
        told.warn(
                        "The size is not the whole of it: clearance group, seals, cage, hand and pairing are marked on the ring.")
                .line(
                        "every size within ± 0.15 mm",
                        "%d of %d in the table",
                        found.size(),
                        ALL.size());
        return new BearingSizes(
                found,
                told.saying(
                        found.isEmpty()
                                ? "No bearing of the built-in table has these sizes; the nearest are shown. An inch bearing, a special width, or a slip of the caliper."
                                : found.size() == 1
                                        ? "%s, %s."
                                                .formatted(
                                                        found.get(0).designation,
                                                        found.get(0).kind.words)
                                        : "One of %d: what rolls in it tells them apart."
                                                .formatted(found.size())));
    }

    /** Every bearing of the table. */
    static List<Size> all() {
        return ALL;
    }

    private static List<Size> read() {
        return TableLines.beside(BearingSizes.class, "sizes.table").stream()
                .map(line -> line.split("\\|"))
                .map(
                        cells -> {
                            var sizes =
                                    Arrays.stream(cells[2].strip().split("\\s+"))
                                            .map(Double::valueOf)
                                            .toList();
                            return new Size(
                                    Kind.valueOf(cells[0].strip()),
                                    cells[1].strip(),
                                    sizes.get(0),
                                    sizes.get(1),
                                    sizes.get(2));
                        })
                .toList();
    }
}
