package app.yunque.fit;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Arrays;
import java.util.List;

/**
 * Tolerance grades and fundamental deviations, µm, by step of size "over, up to and including". Source: ISO 286-1 and -2, from memory, a
 * subset; for one row in each table the grades lie within 3 % of the formula i = 0.45 ∛D + 0.001 D that they were rounded from.
 */
final class ToleranceTable {
    static final Range NOMINAL =
            Range.of("nominalMm", "nominal size", 0.001, 500, "mm")
                    .advising(
                            "The built-in tables go over 0 up to 500 mm; enter the two limits by hand.");
    static final int LEAST_GRADE = 5;
    static final int MOST_GRADE = 11;
    private static final int FIRST_GRADE = 4;

    /** Steps up to and including (mm), then IT4 to IT12. */
    private static final int[][] GRADES = {
        {3, 3, 4, 6, 10, 14, 25, 40, 60, 100},
        {6, 4, 5, 8, 12, 18, 30, 48, 75, 120},
        {10, 4, 6, 9, 15, 22, 36, 58, 90, 150},
        {18, 5, 8, 11, 18, 27, 43, 70, 110, 180},
        {30, 6, 9, 13, 21, 33, 52, 84, 130, 210},
        {50, 7, 11, 16, 25, 39, 62, 100, 160, 250},
        {80, 8, 13, 19, 30, 46, 74, 120, 190, 300},
        {120, 10, 15, 22, 35, 54, 87, 140, 220, 350},
        {180, 12, 18, 25, 40, 63, 100, 160, 250, 400},
        {250, 14, 20, 29, 46, 72, 115, 185, 290, 460},
        {315, 16, 23, 32, 52, 81, 130, 210, 320, 520},
        {400, 18, 25, 36, 57, 89, 140, 230, 360, 570},
        {500, 20, 27, 40, 63, 97, 155, 250, 400, 630}
    };

    /** The same steps: es of g and f, ei of k, m, n, p, then upper and lower of J6, J7, J8. */
    private static final int[][] DEVIATIONS = {
        {-2, -6, 0, 2, 4, 6, 2, -4, 4, -6, 6, -8},
        {-4, -10, 1, 4, 8, 12, 5, -3, 6, -6, 10, -8},
        {-5, -13, 1, 6, 10, 15, 5, -4, 8, -7, 12, -10},
        {-6, -16, 1, 7, 12, 18, 6, -5, 10, -8, 15, -12},
        {-7, -20, 2, 8, 15, 22, 8, -5, 12, -9, 20, -13},
        {-9, -25, 2, 9, 17, 26, 10, -6, 14, -11, 24, -15},
        {-10, -30, 2, 11, 20, 32, 13, -6, 18, -12, 28, -18},
        {-12, -36, 3, 13, 23, 37, 16, -6, 22, -13, 34, -20},
        {-14, -43, 3, 15, 27, 43, 18, -7, 26, -14, 41, -22},
        {-15, -50, 4, 17, 31, 50, 22, -7, 30, -16, 47, -25},
        {-17, -56, 4, 20, 34, 56, 25, -7, 36, -16, 55, -26},
        {-18, -62, 4, 21, 37, 62, 29, -7, 39, -18, 60, -29},
        {-20, -68, 5, 23, 40, 68, 33, -7, 43, -20, 66, -31}
    };

    private static final String LETTERS = "gfkmnp";
    private static final int J_FROM = LETTERS.length();
    private static final int FINEST_J = 6;

    private ToleranceTable() {}

    /** Place of a size among the steps; the first holds up to 3 mm. */
    static int step(double nominalMm) {
        for (int i = 0; i < GRADES.length; i++) {
            if (nominalMm <= GRADES[i][0]) {
                return i;
            }
        }
        throw Refused.because("nominalMm", NOMINAL.judge(nominalMm).orElseThrow().sentence());
    }

    /** Width of a tolerance, µm. */
    static int width(double nominalMm, int grade) {
        return GRADES[step(nominalMm)][1 + grade - FIRST_GRADE];
    }

    /** Fundamental deviation of a shaft letter as the table has it: es of g and f, ei of k, m, n and p (µm). */
    static int deviation(double nominalMm, char letter) {
        return DEVIATIONS[step(nominalMm)][LETTERS.indexOf(letter)];
    }

    /** Upper and lower deviation of a hole J6, J7 or J8 (µm). */
    static List<Integer> holeJ(double nominalMm, int grade) {
        var row = DEVIATIONS[step(nominalMm)];
        int at = J_FROM + 2 * (grade - FINEST_J);
        return List.of(row[at], row[at + 1]);
    }

    /** The steps of a table of another kind: the first bound that holds the size; refused beyond the last. */
    static int within(double sizeMm, double[] upTo, String component, String what) {
        int at = Arrays.binarySearch(upTo, sizeMm);
        int place = at >= 0 ? at : -at - 1;
        if (!(sizeMm > 0) || place >= upTo.length) {
            throw Refused.because(
                    component,
                    "%s mm is outside the built-in table of %s, over 0 to %s mm. Enter the limits by hand."
                            .formatted(
                                    PlainDigits.exact(sizeMm),
                                    what,
                                    PlainDigits.exact(upTo[upTo.length - 1])));
        }
        return place;
    }
}
