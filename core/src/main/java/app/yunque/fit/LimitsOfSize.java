package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * What a hole or a shaft of a letter and a grade may measure: 40 k6 is 40.002 to 40.018. A capital letter is a hole. The word "bearing" is
 * the bore or the outside of a rolling bearing of normal class, whose upper deviation is 0.
 *
 * <p>Source: ISO 286-1 and -2, a subset (f g h js k m n p, H G F J JS K M N P, grades 5 to 11); ISO 492 normal class; both from memory.
 *
 * @param code    as read: "k6", "H7", "bearing bore"
 * @param isHole  true for a hole, also for the bore of a bearing
 * @param lowerUm lower deviation (µm)
 * @param upperUm upper deviation (µm)
 * @param leastMm least size (mm)
 * @param mostMm  largest size (mm)
 * @param told    the same in words
 */
public record LimitsOfSize(
        String code,
        boolean isHole,
        double lowerUm,
        double upperUm,
        double leastMm,
        double mostMm,
        Told told) {
    public static final Range NOMINAL = ToleranceTable.NOMINAL;

    /** The word that stands for a rolling bearing. */
    public static final String BEARING = "bearing";

    private static final Pattern CODE = Pattern.compile("([A-Za-z]{1,2})\\s?(\\d{1,2})");
    private static final double[] BORE_UP_TO = {18, 30, 50, 80, 120, 180};
    private static final int[] BORE_LOWER = {-8, -10, -12, -15, -20, -25};
    private static final double[] OUTSIDE_UP_TO = {18, 30, 50, 80, 120, 150, 180, 250};
    private static final int[] OUTSIDE_LOWER = {-8, -9, -11, -13, -15, -18, -25, -30};
    private static final int FINEST_WITHOUT_DELTA = 9;
    private static final int COARSEST_WITH_DELTA = 8;
    private static final int COARSEST_P_WITH_DELTA = 7;
    private static final int COARSEST_K = 7;
    private static final double SMALLEST_STEP_MM = 3;

    /**
     * @param nominalMm nominal size (mm), over 0 to 500
     * @param code      letter and grade: "k6", "H7"
     * @throws Refused for a size, letter or grade outside the built-in subset
     */
    @PublicRule(
            at = "fit/limits-of-size",
            title = "Limits of a hole or shaft",
            says = "From the letter and grade on a drawing to the least and the largest size.")
    public static LimitsOfSize of(
            double nominalMm,
            @Asks(value = "letter and grade", hint = "Capital letter for a hole: H7, k6.")
                    String code) {
        return of(nominalMm, code, "code");
    }

    /** As above; a refusal names the field the letters came from. */
    private static LimitsOfSize of(double nominalMm, String code, String field) {
        Refused.ifAny(NOMINAL.judge(nominalMm));
        var read = CODE.matcher(code.strip());
        if (!read.matches()) {
            throw unknown(code, field);
        }
        var letter = read.group(1);
        int grade = Integer.parseInt(read.group(2));
        if (grade < ToleranceTable.LEAST_GRADE || grade > ToleranceTable.MOST_GRADE) {
            throw Refused.because(
                    field,
                    "Grade %d of %s is outside %d to %d. Enter the two limits by hand."
                            .formatted(
                                    grade,
                                    code.strip(),
                                    ToleranceTable.LEAST_GRADE,
                                    ToleranceTable.MOST_GRADE));
        }
        boolean isHole = Character.isUpperCase(letter.charAt(0));
        double width = ToleranceTable.width(nominalMm, grade);
        double upper =
                isHole
                        ? upperOfHole(nominalMm, letter, grade, field)
                        : upperOfShaft(nominalMm, letter, grade, field);
        return made(
                nominalMm, letter + grade, isHole, upper - width, upper, "ISO 286, from memory");
    }

    /**
     * The bore of a rolling bearing, normal class.
     *
     * @param nominalMm bore (mm), over 0 to 180
     */
    public static LimitsOfSize bearingBore(double nominalMm) {
        int step = ToleranceTable.within(nominalMm, BORE_UP_TO, "nominalMm", "bearing bores");
        return made(
                nominalMm,
                "bearing bore",
                true,
                BORE_LOWER[step],
                0,
                "ISO 492 normal class, from memory");
    }

    /**
     * The outside of a rolling bearing, normal class.
     *
     * @param nominalMm outside diameter (mm), over 0 to 250
     */
    public static LimitsOfSize bearingOutside(double nominalMm) {
        int step = ToleranceTable.within(nominalMm, OUTSIDE_UP_TO, "nominalMm", "bearing outsides");
        return made(
                nominalMm,
                "bearing outside",
                false,
                OUTSIDE_LOWER[step],
                0,
                "ISO 492 normal class, from memory");
    }

    /** A hole by its code, or the bore of a bearing. */
    static LimitsOfSize hole(double nominalMm, String code) {
        return side(nominalMm, code, true);
    }

    /** A shaft by its code, or the outside of a bearing. */
    static LimitsOfSize shaft(double nominalMm, String code) {
        return side(nominalMm, code, false);
    }

    private static LimitsOfSize side(double nominalMm, String code, boolean hole) {
        if (code.strip().toLowerCase(Locale.ROOT).equals(BEARING)) {
            return hole ? bearingBore(nominalMm) : bearingOutside(nominalMm);
        }
        var limits = of(nominalMm, code, hole ? "hole" : "shaft");
        if (limits.isHole != hole) {
            throw Refused.because(
                    hole ? "hole" : "shaft",
                    "%s is a %s: holes have capital letters, shafts small ones. Exchange the two."
                            .formatted(limits.code, limits.isHole ? "hole" : "shaft"));
        }
        return limits;
    }

    private static double upperOfShaft(double nominalMm, String letter, int grade, String field) {
        double width = ToleranceTable.width(nominalMm, grade);
        return switch (letter) {
            case "h" -> 0;
            case "js" -> width / 2;
            case "f", "g" -> ToleranceTable.deviation(nominalMm, letter.charAt(0));
            case "k" ->
                    (grade <= COARSEST_K ? ToleranceTable.deviation(nominalMm, 'k') : 0) + width;
            case "m", "n", "p" -> ToleranceTable.deviation(nominalMm, letter.charAt(0)) + width;
            default -> throw unknown(letter + grade, field);
        };
    }

    private static double upperOfHole(double nominalMm, String letter, int grade, String field) {
        double width = ToleranceTable.width(nominalMm, grade);
        return switch (letter) {
            case "H" -> width;
            case "JS", "Js" -> width / 2;
            case "F", "G" ->
                    width
                            - ToleranceTable.deviation(
                                    nominalMm, Character.toLowerCase(letter.charAt(0)));
            case "J" -> upperOfJ(nominalMm, grade, field);
            case "K", "M", "N", "P" -> upperByDelta(nominalMm, letter.charAt(0), grade, field);
            default -> throw unknown(letter + grade, field);
        };
    }

    private static double upperOfJ(double nominalMm, int grade, String field) {
        if (grade < 6 || grade > COARSEST_WITH_DELTA) {
            throw unknown("J" + grade, field);
        }
        return ToleranceTable.holeJ(nominalMm, grade).get(0);
    }

    /** ES = −ei + Δ, Δ = IT(n) − IT(n − 1), up to IT8 for K, M, N and IT7 for P; ISO 286-1. */
    private static double upperByDelta(double nominalMm, char letter, int grade, String field) {
        if (grade >= FINEST_WITHOUT_DELTA && letter == 'N') {
            return nominalMm <= SMALLEST_STEP_MM ? -ToleranceTable.deviation(nominalMm, 'n') : 0;
        }
        if (grade > COARSEST_WITH_DELTA && letter != 'P') {
            throw unknown("" + letter + grade, field);
        }
        // The one place where the standard departs from its own rule.
        if (letter == 'M' && grade == 6 && nominalMm > 250 && nominalMm <= 315) {
            return -9;
        }
        int base = -ToleranceTable.deviation(nominalMm, Character.toLowerCase(letter));
        int coarsest = letter == 'P' ? COARSEST_P_WITH_DELTA : COARSEST_WITH_DELTA;
        return nominalMm <= SMALLEST_STEP_MM || grade > coarsest
                ? base
                : base
                        + ToleranceTable.width(nominalMm, grade)
                        - ToleranceTable.width(nominalMm, grade - 1);
    }

    private static Refused unknown(String code, String field) {
        return Refused.because(
                field,
                "“%s” is not in the built-in subset of ISO 286 (f g h js k m n p; F G H J JS K M N P; grades 5 to 11). Enter the two limits by hand."
                        .formatted(code.strip()));
    }

    private static LimitsOfSize made(
            double nominalMm,
            String code,
            boolean isHole,
            double lowerUm,
            double upperUm,
            String source) {
        double least = nominalMm + lowerUm / 1000;
        double most = nominalMm + upperUm / 1000;
        var told =
                Told.of(source)
                        .figure("lowerUm", "lower deviation", lowerUm, "µm", 1)
                        .figure("upperUm", "upper deviation", upperUm, "µm", 1)
                        .mm("leastMm", "least size", least)
                        .mm("mostMm", "largest size", most)
                        .line(
                                "size + deviation",
                                "%s %s = %s to %s mm",
                                PlainDigits.exact(nominalMm),
                                code,
                                PlainDigits.rounded(least, 4),
                                PlainDigits.rounded(most, 4))
                        .saying(
                                "%s %s: %s to %s mm."
                                        .formatted(
                                                PlainDigits.exact(nominalMm),
                                                code,
                                                PlainDigits.rounded(least, 4),
                                                PlainDigits.rounded(most, 4)));
        return new LimitsOfSize(code, isHole, lowerUm, upperUm, least, most, told);
    }
}
