package app.yunque.route;

import app.yunque.measure.Verdict;
import java.util.List;

/**
 * What is on record about a job, counted.
 *
 * @param receive what was settled before opening
 * @param parts   what came off, was decided and went back
 * @param meshes  what was measured
 * @param proof   what was filled and proved
 */
public record JobFacts(Receive receive, Parts parts, Meshes meshes, Proof proof) {

    /**
     * @param complaint  true when a complaint is on record
     * @param permission true when permission to open is on record
     * @param isolated   true while the unit is isolated
     * @param turnCount  verdict of the turn count; NOT_JUDGED when it was not made
     */
    public record Receive(
            boolean complaint, boolean permission, boolean isolated, Verdict turnCount) {}

    /**
     * @param steps     steps of the strip
     * @param pieces    pieces that came off
     * @param undecided steps whose part has no decision yet
     * @param fittedSteps steps whose part has gone back
     * @param onBench   pieces still on the bench, not refitted and not scrapped
     * @param missing   pieces not fitted
     * @param balanced  true when the ledger balances
     * @param each      each part that came off
     */
    public record Parts(
            int steps,
            int pieces,
            int undecided,
            int fittedSteps,
            int onBench,
            int missing,
            boolean balanced,
            List<PartFact> each) {
        public Parts {
            each = List.copyOf(each);
        }

        /** Parts that nobody looked at and that are not renewed anyway. */
        int notLookedAt() {
            return (int) each.stream().filter(p -> !p.lookedAt() && !p.renewedAnyway()).count();
        }
    }

    /**
     * One part, as far as signing asks.
     *
     * @param name          its step and what it is: "oil seal (4)"
     * @param goesBack      true when it was decided to reuse or dress it
     * @param renewedAnyway true when a new one goes in whatever is found
     * @param lookedAt      true when somebody said how it was found, or measured it
     * @param damaged       true when it was found worn, pitted, cracked or broken
     * @param condemned     true when nothing that is measured lets it go back
     * @param worst         worst verdict of what was measured on it; NOT_JUDGED when nothing was
     * @param strict        true for a part on which doubtful counts as failed
     * @param lock          true for a lock that holds once only
     */
    public record PartFact(
            String name,
            boolean goesBack,
            boolean renewedAnyway,
            boolean lookedAt,
            boolean damaged,
            boolean condemned,
            Verdict worst,
            boolean strict,
            boolean lock) {}

    /**
     * @param count          meshes of the unit
     * @param measuredBefore meshes whose backlash was measured at Inspect
     * @param worstBefore    worst verdict of all measurements at Inspect
     * @param measuredAfter  meshes whose backlash was measured at Set
     * @param worstAfter     worst verdict at Set
     * @param bindsAfter     true when a mesh binds after the rebuild
     * @param wornBefore     true when something measured at Inspect is worn but usable
     * @param wornAfter      true when something measured at Set is worn but usable
     */
    public record Meshes(
            int count,
            int measuredBefore,
            Verdict worstBefore,
            int measuredAfter,
            Verdict worstAfter,
            boolean bindsAfter,
            boolean wornBefore,
            boolean wornAfter) {

        /** Nothing is worn. */
        public Meshes(
                int count,
                int measuredBefore,
                Verdict worstBefore,
                int measuredAfter,
                Verdict worstAfter,
                boolean bindsAfter) {
            this(
                    count,
                    measuredBefore,
                    worstBefore,
                    measuredAfter,
                    worstAfter,
                    bindsAfter,
                    false,
                    false);
        }
    }

    /**
     * @param places       lubricated places of the unit
     * @param toFill       names of those that were neither filled nor left on purpose
     * @param freeRotation true when the unit was found to turn free
     * @param noLeak       true when it was found tight
     * @param temperature  verdict of the run; NOT_JUDGED when it was not made
     * @param signed       true when the job is signed
     */
    public record Proof(
            int places,
            List<String> toFill,
            boolean freeRotation,
            boolean noLeak,
            Verdict temperature,
            boolean signed) {
        public Proof {
            toFill = List.copyOf(toFill);
        }
    }
}
