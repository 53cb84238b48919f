package app.yunque.route;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * Why a lead signs although something stands against it, in four parts: which risk is taken, what restricts the unit until then, when it is
 * looked at again, and who told the customer. Source: common practice, no source.
 *
 * @param risk        the risk that is taken, 1 to 500 characters
 * @param restriction a limit or restriction until then, 1 to 200 characters
 * @param nextLook    when it is looked at again, a date or hours run, 1 to 60 characters
 * @param toldBy      who told the customer, 1 to 80 characters
 */
public record LeadsReason(String risk, String restriction, String nextLook, String toldBy) {
    private static final int LONGEST_RISK = 500;
    private static final int LONGEST_RESTRICTION = 200;
    private static final int LONGEST_NEXT = 60;
    private static final int LONGEST_TOLD = 80;

    /** @throws Refused naming every part that is missing or too long */
    public LeadsReason {
        risk = risk.strip();
        restriction = restriction.strip();
        nextLook = nextLook.strip();
        toldBy = toldBy.strip();
        Refused.ifAny(
                part("risk", "The risk that is taken", risk, LONGEST_RISK),
                part(
                        "restriction",
                        "What restricts it until then",
                        restriction,
                        LONGEST_RESTRICTION),
                part("nextLook", "When it is looked at again", nextLook, LONGEST_NEXT),
                part("toldBy", "Who told the customer", toldBy, LONGEST_TOLD));
    }

    /** All four in one line for the report. */
    public String inWords() {
        return "%s. Until then: %s. Next look: %s. The customer was told by %s."
                .formatted(bare(risk), bare(restriction), bare(nextLook), bare(toldBy));
    }

    private static String bare(String text) {
        return text.endsWith(".") ? text.substring(0, text.length() - 1) : text;
    }

    private static Optional<Problem> part(String field, String label, String text, int most) {
        if (text.isEmpty()) {
            return Optional.of(
                    Problem.told(
                            field,
                            label + " is missing: a lead who signs all the same says all four."));
        }
        return text.length() <= most
                ? Optional.empty()
                : Optional.of(
                        Problem.told(
                                field,
                                "%s has %d characters; at most %d fit. Shorten it."
                                        .formatted(label, text.length(), most)));
    }
}
