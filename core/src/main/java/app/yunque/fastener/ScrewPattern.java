package app.yunque.fastener;

import app.yunque.fastener.BoltPattern.Place;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How the screws of one part stand. Screws on a circle and round a frame are numbered clockwise from the top left, those in rows along the rows from the top, those measured
 * one by one as they were entered.
 *
 * @param arrangement   how they stand
 * @param across        screws in a row, or along the top of a frame; 0 otherwise
 * @param up            rows, or screws along a side of a frame with its corners; 0 otherwise
 * @param pitchAcrossMm from one to the next across (mm); 0 otherwise
 * @param pitchUpMm     from one to the next up (mm); 0 otherwise
 * @param measured      where each stands, of those measured one by one
 */
public record ScrewPattern(
        Arrangement arrangement,
        int across,
        int up,
        double pitchAcrossMm,
        double pitchUpMm,
        List<Place> measured) {
    public static final Range ACROSS = Range.count("across", "screws across", 1, 30);
    public static final Range UP = Range.count("up", "screws up", 1, 30);
    public static final Range PITCH =
            Range.of("pitchAcrossMm", "from one screw to the next across", 3, 2000, "mm");
    private static final int FEWEST_OF_A_SIDE = 2;
    private static final double RADIUS = 50;

    /** How screws stand. */
    public enum Arrangement {
        CIRCLE,
        FRAME,
        ROWS,
        MEASURED
    }

    /** What a cover has where nobody says otherwise. */
    public static final ScrewPattern CIRCLE =
            new ScrewPattern(Arrangement.CIRCLE, 0, 0, 0, 0, List.of());

    /** @throws Refused for rows without numbers or pitch, for a frame of one row, and for places that are none */
    public ScrewPattern {
        measured = List.copyOf(measured);
        if (arrangement == Arrangement.FRAME || arrangement == Arrangement.ROWS) {
            Refused.ifAny(
                    ACROSS.judge(across),
                    UP.judge(up),
                    PITCH.judge(pitchAcrossMm),
                    PITCH.named("pitchUpMm", "from one screw to the next up").judge(pitchUpMm));
        }
        if (measured.size() > 1) {
            // Two at one place have no order: told here, at the entry, and not when a card is
            // drawn.
            BoltPattern.of(measured);
        }
        if (arrangement == Arrangement.FRAME && Math.min(across, up) < FEWEST_OF_A_SIDE) {
            throw Refused.because(
                    across < FEWEST_OF_A_SIDE ? "across" : "up",
                    "A frame of %d × %d is a row. Choose rows.".formatted(across, up));
        }
    }

    /**
     * Where the screws stand, in the order of their numbers; those of a circle on one of 50 mm.
     *
     * @param screws how many there are
     * @throws Refused when the pattern is one of another number
     */
    public List<Place> places(int screws) {
        var places =
                switch (arrangement) {
                    case CIRCLE -> circle(screws);
                    case FRAME -> frame();
                    case ROWS -> rows();
                    case MEASURED -> measured;
                };
        if (places.size() != screws) {
            throw Refused.because(
                    "screws",
                    "%s of %d screws, and %s noted. Correct one of the two."
                            .formatted(
                                    inWords(),
                                    places.size(),
                                    screws == 1 ? "1 is" : screws + " are"));
        }
        return places;
    }

    /** "Frame 4 × 3, 60 × 55 mm apart". */
    public String inWords() {
        return switch (arrangement) {
            case CIRCLE -> "Circle";
            case FRAME -> "Frame " + size();
            case ROWS -> "Rows " + size();
            case MEASURED -> "Places";
        };
    }

    private String size() {
        return "%d × %d, %s × %s mm apart,"
                .formatted(
                        across, up, PlainDigits.exact(pitchAcrossMm), PlainDigits.exact(pitchUpMm));
    }

    private static List<Place> circle(int screws) {
        return IntStream.range(0, screws)
                .mapToObj(
                        i -> {
                            double turn = 2 * Math.PI * i / screws;
                            return new Place(RADIUS * Math.sin(turn), RADIUS * Math.cos(turn));
                        })
                .toList();
    }

    private List<Place> rows() {
        var places = new ArrayList<Place>();
        for (int row = 0; row < up; row++) {
            for (int column = 0; column < across; column++) {
                places.add(at(column, row));
            }
        }
        return places;
    }

    private List<Place> frame() {
        var places = new ArrayList<Place>();
        for (int column = 0; column < across; column++) {
            places.add(at(column, 0));
        }
        for (int row = 1; row < up; row++) {
            places.add(at(across - 1, row));
        }
        for (int column = across - 2; column >= 0; column--) {
            places.add(at(column, up - 1));
        }
        for (int row = up - 2; row > 0; row--) {
            places.add(at(0, row));
        }
        return places;
    }

    /** Rows from the top down. */
    private Place at(int column, int row) {
        return new Place(column * pitchAcrossMm, (up - 1 - row) * pitchUpMm);
    }
}
