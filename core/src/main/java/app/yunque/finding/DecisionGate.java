package app.yunque.finding;

import app.yunque.measure.Refused;

/**
 * Who may decide milder than what is proposed: on a part that holds, stops or carries the load a lead only; on what is condemned by eye, on a lock that holds once, and on what
 * does not belong there, nobody. Everywhere else whoever gives a reason. Source: common practice, no source.
 */
public final class DecisionGate {
    private DecisionGate() {}

    /**
     * @param part     what is on record about the part
     * @param proposal what is proposed for it, sets counted
     * @param decided  what somebody decides
     * @param lead     true when that somebody is a lead
     * @throws Refused saying what stands against the decision and what to do
     */
    public static void refuseTooMild(
            PartRecord part, DispositionProposal proposal, Disposition decided, boolean lead) {
        if (decided == Disposition.RENEW || decided == proposal.disposition()) {
            return;
        }
        if (part.step().belongs() != null) {
            throw Refused.because(
                    "disposition",
                    "%s does not go back: %s Correct the log at Strip, where that was a mistake."
                            .formatted(part.step().part(), proposal.reason()));
        }
        var known = PartEvidence.of(part);
        if (known.condemned() || known.lock()) {
            throw Refused.because(
                    "disposition",
                    "%s does not go back: %s Renew it, or correct what was found, where that was a mistake."
                            .formatted(part.step().part(), proposal.reason()));
        }
        if (isForALead(part, proposal, decided) && !lead) {
            throw Refused.because(
                    "disposition",
                    "%s holds, stops or carries the load, and a lead decides milder than this: %s"
                            .formatted(part.step().part(), proposal.reason()));
        }
    }

    /** Whether a decision is milder than what is proposed, on a part that holds, stops or carries the load. */
    public static boolean isForALead(
            PartRecord part, DispositionProposal proposal, Disposition decided) {
        return part.isStrict()
                && decided != Disposition.RENEW
                && (proposal.disposition() == null
                        || decided.compareTo(proposal.disposition()) < 0);
    }
}
