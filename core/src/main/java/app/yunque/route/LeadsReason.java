package app.yunque.route;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Why a lead signs although something stands against it, in four parts: which risk is taken, what restricts the unit until then, when it is
 * looked at again, and who told the customer. Two things
 * taken on one part want a second person who saw it. Source: common practice, no source; the second person is a judgement.
 *
 * @param risk        the risk that is taken, 1 to 500 characters
 * @param restriction a limit or restriction until then, 1 to 200 characters
 * @param nextLook    when it is looked at again, a date or hours run, 1 to 60 characters
 * @param toldBy      who told the customer, 1 to 80 characters
 * @param witness     who else saw it, at most 80 characters; null or empty where none is asked
 */
public record LeadsReason(
        String risk, String restriction, String nextLook, String toldBy, @Nullable String witness) {
    private static final int LONGEST_RISK = 500;
    private static final int LONGEST_RESTRICTION = 200;
    private static final int LONGEST_NEXT = 60;
    private static final int LONGEST_TOLD = 80;
    private static final int LONGEST_WITNESS = 80;

    /** @throws Refused naming every part that is missing or too long */
    public LeadsReason {
        risk = risk.strip();
        restriction = restriction.strip();
        nextLook = nextLook.strip();
        toldBy = toldBy.strip();
        witness = witness == null ? "" : witness.strip();
        Refused.ifAny(
                part("risk", "The risk that is taken", risk, LONGEST_RISK),
                part(
                        "restriction",
                        "What restricts it until then",
                        restriction,
                        LONGEST_RESTRICTION),
                part("nextLook", "When it is looked at again", nextLook, LONGEST_NEXT),
                part("toldBy", "Who told the customer", toldBy, LONGEST_TOLD),
                tooLong("witness", "Second person", witness, LONGEST_WITNESS));
    }

    /** All four in one line for the report. */
    public String inWords() {
        return "%s. Until then: %s. Next look: %s. The customer was told by %s.%s"
                .formatted(
                        bare(risk),
                        bare(restriction),
                        bare(nextLook),
                        bare(toldBy),
                        hasWitness() ? " Seen with %s.".formatted(bare(witness())) : "");
    }

    private boolean hasWitness() {
        return !witness().isEmpty();
    }

    @Override
    public String witness() {
        return witness == null ? "" : witness;
    }

    /**
     * @param against what stands against signing
     * @param signer  who signs
     * @return the same reason
     * @throws Refused when a second person is asked and none is named, or it is the one who signs
     */
    public LeadsReason witnessed(List<SigningPoint> against, String signer) {
        if (against.stream().noneMatch(p -> p.id().equals(SigningGate.SECOND_PERSON))) {
            return this;
        }
        if (!hasWitness()) {
            throw Refused.because(
                    "witness",
                    "Two things are taken on one part: name a second person who looked at it with you, or settle one of them.");
        }
        if (witness().equalsIgnoreCase(signer.strip())) {
            throw Refused.because(
                    "witness",
                    "%s signs, so somebody else has to be the second person."
                            .formatted(signer.strip()));
        }
        return this;
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
        return tooLong(field, label, text, most);
    }

    private static Optional<Problem> tooLong(String field, String label, String text, int most) {
        return text.length() <= most
                ? Optional.empty()
                : Optional.of(
                        Problem.told(
                                field,
                                "%s has %d characters; at most %d fit. Shorten it."
                                        .formatted(label, text.length(), most)));
    }
}
