package app.yunque.lubricant.grease;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * NLGI class of a worked penetration; limits included. Source: ISO 2137, DIN 51818, from memory.
 *
 * @param nlgi  the class: "00", "2"; empty between two classes
 * @param words the same in words
 */
public record GreaseClass(String nlgi, String words) {
    public static final Range PENETRATION =
            Range.of("penetration", "worked penetration", 85, 475, "0.1 mm")
                    .advising("Outside it there is no NLGI class.");
    private static final String[] CLASSES = {"6", "5", "4", "3", "2", "1", "0", "00", "000"};
    private static final int FIRST = 85;
    private static final int STEP = 45;
    private static final int WIDE = 30;

    /** @param penetration 0.1 mm, 25 °C, 60 strokes */
    @PublicRule(
            at = "lubricant/grease-class",
            title = "NLGI of a penetration",
            says = "Which NLGI class a worked penetration means.",
            source = "ISO 2137, DIN 51818, from memory")
    public static GreaseClass of(double penetration) {
        Refused.ifAny(PENETRATION.judge(penetration));
        int place = (int) ((penetration - FIRST) / STEP);
        double into = penetration - FIRST - (double) place * STEP;
        return into <= WIDE
                ? new GreaseClass(CLASSES[place], "NLGI " + CLASSES[place])
                : new GreaseClass(
                        "", "between NLGI %s and %s".formatted(CLASSES[place + 1], CLASSES[place]));
    }
}
