package app.yunque.lubricant.viscosity;

import static app.yunque.lubricant.viscosity.IsoViscosityGrade.*;

import app.yunque.measure.Refused;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Lubricant numbers of old plates and their ISO grade. Source: AGMA 9005-D94, from memory. Numbers from 10 on and the R numbers
 * are read differently in different editions and are refused.
 *
 * @param grade  the ISO grade
 * @param number as written, "8A"
 * @param kind   what the suffix says of the additive
 */
public record AgmaNumber(IsoViscosityGrade grade, String number, Kind kind) {
    private static final Pattern WRITTEN =
            Pattern.compile("(\\d{1,2}A?R?)\\s*(EP|S|COMP)?\\.?", Pattern.CASE_INSENSITIVE);

    private static final Map<String, IsoViscosityGrade> GRADES =
            Map.ofEntries(
                    Map.entry("0", VG_32),
                    Map.entry("1", VG_46),
                    Map.entry("2", VG_68),
                    Map.entry("3", VG_100),
                    Map.entry("4", VG_150),
                    Map.entry("5", VG_220),
                    Map.entry("6", VG_320),
                    Map.entry("7", VG_460),
                    Map.entry("8", VG_680),
                    Map.entry("8A", VG_1000),
                    Map.entry("9", VG_1500));

    /** What the letters behind the number say. */
    public enum Kind {
        INHIBITED("rust and oxidation inhibited"),
        EP("extreme pressure"),
        SYNTHETIC("synthetic"),
        COMPOUNDED("compounded with 3 to 10 % fatty oil");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Reads "5", "5 EP", "8A Comp", "7S".
     *
     * @throws Refused for what is no such number, and for numbers that editions read differently
     */
    public static AgmaNumber of(String written) {
        var match = WRITTEN.matcher(written.strip());
        if (!match.matches()) {
            throw Refused.because(
                    "plate",
                    "“%s” is no AGMA number. They read 0 to 9 or 8A, with EP, S or Comp behind."
                            .formatted(written.strip()));
        }
        var number = match.group(1).toUpperCase(Locale.ROOT);
        var grade = GRADES.get(number);
        if (grade == null) {
            throw Refused.because(
                    "plate",
                    "AGMA %s is read differently in different editions. Enter the ISO VG or the viscosity."
                            .formatted(number));
        }
        return new AgmaNumber(grade, number, kind(match.group(2)));
    }

    /** The number of a grade, where there is one. */
    public static Optional<String> numberOf(IsoViscosityGrade grade) {
        return GRADES.entrySet().stream()
                .filter(e -> e.getValue() == grade)
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static Kind kind(@org.jspecify.annotations.Nullable String suffix) {
        if (suffix == null) {
            return Kind.INHIBITED;
        }
        return switch (suffix.toUpperCase(Locale.ROOT)) {
            case "EP" -> Kind.EP;
            case "S" -> Kind.SYNTHETIC;
            default -> Kind.COMPOUNDED;
        };
    }
}
