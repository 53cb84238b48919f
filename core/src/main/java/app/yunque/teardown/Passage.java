package app.yunque.teardown;

import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Whether a part passes an opening, and in which attitude.
 *
 * <p>0.5 mm is taken off each size of the opening first (judgement). A round part passes a round hole only end-on, d ≤ D.
 * A box passes a round hole when the diagonal of its cross-section does, √(a² + b²) ≤ D. A cross-section a ≤ b passes a
 * rectangle w ≤ h straight when a ≤ w and b ≤ h; with b &gt; h it passes turned when a ≤ w and
 * w ≥ [2abh + (b² − a²)·√(a² + b² − h²)] / (a² + b²). A round part may also go edge-on, as the cross-section L × d.
 * Source: the condition for a rectangle in a rectangle, J. E. Wetzel, Rectangles in rectangles, 2000 (from memory); checked
 * by turning the rectangle in small steps.
 *
 * <p>Through an opening that lies along the shafts a part is drawn straight out, however long it is. Through one that lies across
 * them it has to be brought end-on first, for which as much depth must be free behind the opening as it is long. A round part may
 * also be tilted: its section in the plane of a slot of height h is d / sin θ, so it goes from sin θ = d / h on, and then stands
 * L·d/h + d·√(1 − (d/h)²) deep. Source: geometry; checked by tilting it in small steps.
 */
public final class Passage {
    /** Room that common sense wants around a part (mm); judgement. */
    public static final double ROOM_MM = 0.5;

    private Passage() {}

    /** How a part gets through an opening. */
    public enum Attitude {
        STRAIGHT("drawn straight out"),
        END_ON("end-on"),
        EDGE_ON("edge-on"),
        TURNED("turned in the opening"),
        TILTED("tilted, one end first");

        private final String words;

        Attitude(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The easiest attitude in which the part passes; null when it passes in none. A depth that nobody measured is taken to be enough. */
    public static @Nullable Attitude through(Opening opening, Envelope part) {
        double w = opening.widthMm() - ROOM_MM;
        double h = opening.heightMm() - ROOM_MM;
        if (passesEndOn(opening, part, w, h)) {
            if (opening.faces().isAlongTheShafts()) {
                return Attitude.STRAIGHT;
            }
            if (isDeepEnough(opening, part.lengthMm())) {
                return Attitude.END_ON;
            }
        }
        if (opening.shape() == Opening.Shape.RECTANGLE) {
            var flat = flat(part, w, h);
            if (flat != null) {
                return flat;
            }
        }
        var tilted = depthTilted(opening, part);
        return tilted.isPresent() && isDeepEnough(opening, tilted.getAsDouble())
                ? Attitude.TILTED
                : null;
    }

    /**
     * The depth that has to be free behind an opening for a long part to pass it (mm), where nobody measured one and it hangs on it;
     * empty where it does not. Long is what is longer than the opening.
     */
    static OptionalDouble depthToMeasure(Opening opening, Envelope part) {
        double w = opening.widthMm() - ROOM_MM;
        double h = opening.heightMm() - ROOM_MM;
        boolean lies =
                opening.shape() == Opening.Shape.RECTANGLE && flat(part, w, h) != null
                        || opening.faces().isAlongTheShafts();
        if (opening.depthMm() != null
                || lies
                || part.lengthMm() <= opening.heightMm()
                || through(opening, part) == null) {
            return OptionalDouble.empty();
        }
        var tilted = depthTilted(opening, part);
        return tilted.isPresent() ? tilted : OptionalDouble.of(part.lengthMm());
    }

    private static boolean passesEndOn(Opening opening, Envelope part, double w, double h) {
        if (opening.shape() == Opening.Shape.ROUND) {
            double across =
                    part.shape() == Envelope.Shape.ROUND
                            ? part.aMm()
                            : Math.hypot(part.aMm(), part.bMm());
            return across <= w;
        }
        return part.aMm() <= w && part.bMm() <= h;
    }

    /** Lying in a rectangle: a round part on its edge, a box on its largest face, or turned in it. */
    private static @Nullable Attitude flat(Envelope part, double w, double h) {
        if (part.shape() == Envelope.Shape.BOX) {
            return passesTurned(part.aMm(), part.bMm(), w, h) ? Attitude.TURNED : null;
        }
        double thin = Math.min(part.lengthMm(), part.aMm());
        double wide = Math.max(part.lengthMm(), part.aMm());
        if (thin <= w && wide <= h) {
            return Attitude.EDGE_ON;
        }
        return passesTurned(thin, wide, w, h) ? Attitude.TURNED : null;
    }

    /** How deep a round part stands when it is tilted just enough to go through a rectangle (mm); empty when no tilt helps. */
    static OptionalDouble depthTilted(Opening opening, Envelope part) {
        double w = opening.widthMm() - ROOM_MM;
        double h = opening.heightMm() - ROOM_MM;
        double d = part.aMm();
        if (opening.shape() == Opening.Shape.ROUND
                || part.shape() == Envelope.Shape.BOX
                || part.lengthMm() <= d
                || d > w
                || d > h) {
            return OptionalDouble.empty();
        }
        double sine = d / h;
        return OptionalDouble.of(part.lengthMm() * sine + d * Math.sqrt(1 - sine * sine));
    }

    private static boolean isDeepEnough(Opening opening, double needed) {
        return opening.depthMm() == null || needed <= opening.depthMm();
    }

    /** Width that a cross-section a ≤ b needs in a rectangle of height h &lt; b to pass turned (mm). */
    static double widthNeededTurned(double a, double b, double h) {
        double square = a * a + b * b;
        return (2 * a * b * h + (b * b - a * a) * Math.sqrt(Math.max(0, square - h * h))) / square;
    }

    private static boolean passesTurned(double a, double b, double w, double h) {
        return a <= w && b > h && w >= widthNeededTurned(a, b, h);
    }

    /** The openings of a list that the part passes. */
    public static List<Opening> passable(List<Opening> openings, Envelope part) {
        return openings.stream().filter(o -> through(o, part) != null).toList();
    }
}
