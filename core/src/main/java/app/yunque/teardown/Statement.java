package app.yunque.teardown;

import app.yunque.measure.Refused;
import java.util.List;

/**
 * What a mechanic says about the order, against or beyond what the log shows.
 *
 * @param id     identity, made where it was said
 * @param kind   what is said
 * @param first  step that comes first, or the first of two ways
 * @param then   step it is said about
 * @param orElse for {@link Kind#EITHER} the step that opens the other way; empty otherwise
 * @param reason why, up to 200 characters; required for MUST and EITHER
 */
public record Statement(
        String id, Kind kind, String first, String then, String orElse, String reason) {

    /** What can be said. */
    public enum Kind {
        /** The order of the two in the log does not matter. */
        FREE,
        /** The first must be off before the other. */
        MUST,
        /** The part comes off when one of two others is off. */
        EITHER
    }

    /** @throws Refused when a step is missing, named twice, or the reason is */
    public Statement {
        reason = reason.strip();
        if (first.isBlank() || then.isBlank() || (kind == Kind.EITHER && orElse.isBlank())) {
            throw Refused.because("then", "Choose the steps that this is about.");
        }
        if (first.equals(then)
                || orElse.equals(then)
                || (kind == Kind.EITHER && first.equals(orElse))) {
            throw Refused.because(
                    "then",
                    "A step cannot have to come off before itself: choose different steps.");
        }
        if (kind != Kind.FREE && reason.isEmpty()) {
            throw Refused.because(
                    "reason", "Say why: the reason is what an explanation is made of later.");
        }
        if (reason.length() > DetailLimits.LONGEST_TEXT) {
            throw Refused.because(
                    "reason",
                    "The reason has %d characters; at most %d fit."
                            .formatted(reason.length(), DetailLimits.LONGEST_TEXT));
        }
    }

    /** The statement in one sentence, with the names of the steps. */
    public String inWords(List<TeardownStep> strip) {
        var a = name(first, strip);
        var b = name(then, strip);
        var why = reason.isEmpty() ? "" : ": " + reason;
        return switch (kind) {
            case FREE -> "The order of " + a + " and " + b + " does not matter" + why + ".";
            case MUST -> a + " must be off before " + b + why + ".";
            case EITHER ->
                    b + " comes off after " + a + " or after " + name(orElse, strip) + why + ".";
        };
    }

    private static String name(String id, List<TeardownStep> strip) {
        return strip.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .map(s -> s.number() + " " + s.part())
                .orElse("a step that is gone");
    }
}
