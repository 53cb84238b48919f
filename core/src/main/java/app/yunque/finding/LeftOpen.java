package app.yunque.finding;

import app.yunque.measure.Refused;
import app.yunque.teardown.TeardownStep;

/**
 * Somebody's word that a check is not made, and why. It is no finding: the part was not looked at by it.
 *
 * @param check  name of the check
 * @param why    why it is not made
 * @param remark anything worth knowing: which tool is missing, what covers it
 * @param by     who said so
 */
public record LeftOpen(String check, Why why, String remark, String by) {

    /** Why a check is not made, and who may say so of one that must be. Source: common practice, no source. */
    public enum Why {
        NO_TOOL("no tool for it", false, Sayer.ANYBODY),
        NOT_STRIPPED("not stripped that far", false, Sayer.ANYBODY),
        PART_MISSING("the part is missing", false, Sayer.ANYBODY),
        SURFACE_GONE("the surface is gone", false, Sayer.ANYBODY),
        UNSAFE("not safe to do", false, Sayer.ANYBODY),
        NO_LIMIT("no limit is known", false, Sayer.ANYBODY),
        RENEWED_ANYWAY("renewed anyway", true, Sayer.ANYBODY),
        SINGLE_USE("single use", true, Sayer.ANYBODY),
        NOT_FITTED("this unit has none", true, Sayer.ANYBODY),
        SEALED_GROUP("part of a sealed group left together", true, Sayer.LEAD),
        COVERED("the same is found by another check", true, Sayer.LEAD);

        private enum Sayer {
            ANYBODY,
            LEAD
        }

        private final String words;
        private final boolean notNeeded;
        private final Sayer sayer;

        Why(String words, boolean notNeeded, Sayer sayer) {
            this.words = words;
            this.notNeeded = notNeeded;
            this.sayer = sayer;
        }

        public String words() {
            return words;
        }

        /** True for "not needed", false for "not possible". */
        public boolean isNotNeeded() {
            return notNeeded;
        }

        /** True where only a lead may let a part go back with it. */
        public boolean isForALead() {
            return !notNeeded || sayer == Sayer.LEAD;
        }
    }

    CheckState state() {
        return why.isNotNeeded() ? CheckState.NOT_NEEDED : CheckState.NOT_POSSIBLE;
    }

    /** Whether the part may be proposed to go back with this check not made. */
    boolean letsGoBack(boolean strict) {
        // A part that nobody looked at at all is never proposed to go back, whatever the reason.
        if (check.equals(Checks.WHOLE)) {
            return false;
        }
        return switch (why) {
            case NOT_FITTED -> true;
            case RENEWED_ANYWAY, SINGLE_USE -> false;
            default -> !strict;
        };
    }

    /**
     * @throws Refused where the reason cannot be so: every part is looked at once even when it is renewed; "single use" is a property of the
     *     part; what a part is by its kind cannot be missing on it
     */
    public static void refuseImpossible(TeardownStep step, Check check, Why why) {
        if (why == Why.SINGLE_USE && !step.singleUse()) {
            throw refused(
                    "%s is not single use: it may go back, so %s is asked. Say at Strip that it is, or choose another reason.",
                    step.part(), check.id());
        }
        if (check.id().equals(Checks.WHOLE) && why.isNotNeeded()) {
            throw refused(
                    "Every part is looked at once, a renewed one too: its damage tells the cause, and it is gone tomorrow. Look at %s (%s), or say why it is not possible.",
                    step.part(), check.id());
        }
        if (why == Why.NOT_FITTED && CheckFamilies.isOfItsKind(check, step)) {
            throw refused(
                    "Every %s has that: %s cannot be missing on it. Look at it, or say why it is not possible.",
                    step.kind().words(), check.id());
        }
    }

    private static Refused refused(String sentence, Object... values) {
        return Refused.because("why", sentence.formatted(values));
    }
}
