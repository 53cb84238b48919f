package app.yunque.teardown;

import java.util.List;
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
 */
public final class Passage {
    /** Room that common sense wants around a part (mm); judgement. */
    public static final double ROOM_MM = 0.5;

    private Passage() {}

    /** How a part gets through an opening. */
    public enum Attitude {
        END_ON("end-on"),
        EDGE_ON("edge-on"),
        TURNED("turned in the opening");

        private final String words;

        Attitude(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The easiest attitude in which the part passes; null when it passes in none. */
    public static @Nullable Attitude through(Opening opening, Envelope part) {
        double w = opening.widthMm() - ROOM_MM;
        double h = opening.heightMm() - ROOM_MM;
        if (opening.shape() == Opening.Shape.ROUND) {
            double across =
                    part.shape() == Envelope.Shape.ROUND
                            ? part.aMm()
                            : Math.hypot(part.aMm(), part.bMm());
            return across <= w ? Attitude.END_ON : null;
        }
        if (part.aMm() <= w && part.bMm() <= h) {
            return Attitude.END_ON;
        }
        if (part.shape() == Envelope.Shape.ROUND) {
            double thin = Math.min(part.lengthMm(), part.aMm());
            double wide = Math.max(part.lengthMm(), part.aMm());
            if (thin <= w && wide <= h) {
                return Attitude.EDGE_ON;
            }
            return passesTurned(thin, wide, w, h) ? Attitude.TURNED : null;
        }
        return passesTurned(part.aMm(), part.bMm(), w, h) ? Attitude.TURNED : null;
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
