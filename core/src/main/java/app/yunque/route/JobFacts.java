package app.yunque.route;

import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Set;

/**
 * What is on record about a job, counted.
 *
 * @param receive what was settled before opening
 * @param parts   what came off, was decided and went back
 * @param checks  what is still to be looked at and measured
 * @param meshes  what was measured
 * @param proof   what was filled and proved
 */
public record JobFacts(Receive receive, Parts parts, Checks checks, Meshes meshes, Proof proof) {

    /**
     * What the plan of checks asks while the unit lies open.
     *
     * @param openMusts   checks that must be answered and are not
     * @param openMinutes minutes of a practised mechanic for these
     * @param left        checks that must be answered and that somebody said cannot be
     */
    public record Checks(int openMusts, double openMinutes, int left) {}

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
     * @param toPutBack what was undone beside parts and is not put back, in words
     */
    public record Parts(
            int steps,
            int pieces,
            int undecided,
            int fittedSteps,
            int onBench,
            int missing,
            boolean balanced,
            List<PartFact> each,
            List<String> toPutBack) {
        public Parts {
            each = List.copyOf(each);
            toPutBack = List.copyOf(toPutBack);
        }

        /** Nothing but parts was undone. */
        public Parts(
                int steps,
                int pieces,
                int undecided,
                int fittedSteps,
                int onBench,
                int missing,
                boolean balanced,
                List<PartFact> each) {
            this(
                    steps,
                    pieces,
                    undecided,
                    fittedSteps,
                    onBench,
                    missing,
                    balanced,
                    each,
                    List.of());
        }
    }

    /**
     * One part, as far as signing asks.
     *
     * @param name          its step and what it is: "oil seal (4)"
     * @param goesBack      true when it was decided to reuse or dress it
     * @param renewedAnyway true when a new one goes in whatever is found
     * @param open          checks that must be made before it may go back, and are not, in words
     * @param left          checks left for a reason that a lead answers for, in words
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
            List<String> open,
            List<String> left,
            boolean damaged,
            boolean condemned,
            Verdict worst,
            boolean strict,
            boolean lock) {
        public PartFact {
            open = List.copyOf(open);
            left = List.copyOf(left);
        }
    }

    /**
     * @param count          meshes of the unit
     * @param worstBefore    worst verdict of all measurements at Inspect
     * @param measuredAfter  meshes whose backlash was measured at Set
     * @param worstAfter     worst verdict at Set
     * @param bindsAfter     true when a mesh binds after the rebuild
     * @param wornBefore     true when something measured at Inspect is worn but usable
     * @param wornAfter      true when something measured at Set is worn but usable
     */
    public record Meshes(
            int count,
            Verdict worstBefore,
            int measuredAfter,
            Verdict worstAfter,
            boolean bindsAfter,
            boolean wornBefore,
            boolean wornAfter) {

        /** Nothing is worn. */
        public Meshes(
                int count,
                Verdict worstBefore,
                int measuredAfter,
                Verdict worstAfter,
                boolean bindsAfter) {
            this(count, worstBefore, measuredAfter, worstAfter, bindsAfter, false, false);
        }
    }

    /**
     * @param places       lubricated places of the unit
     * @param toFill       names of those that were neither filled nor left on purpose
     * @param steps        steps of setting and proving that stand open, failed or are left
     * @param signed       true when the job is signed
     */
    public record Proof(int places, List<String> toFill, List<StepFact> steps, boolean signed) {
        public Proof {
            toFill = List.copyOf(toFill);
            steps = List.copyOf(steps);
        }

        List<StepFact> at(Station station) {
            return steps.stream().filter(s -> s.at() == station).toList();
        }
    }

    /**
     * A step of setting or proving that stands against a signature.
     *
     * @param id      its name: "P-19"
     * @param at      the station it is made at
     * @param what    what is done
     * @param says    where it stands, in words: "open", "3 mm: clear fail, at most 1 mm"
     * @param open    true while nobody answered it
     * @param failed  true when it was made and is not as it should be
     * @param weight  who may sign in spite of it
     * @param reopens stations that it opens again, where it failed
     */
    public record StepFact(
            String id,
            Station at,
            String what,
            String says,
            boolean open,
            boolean failed,
            SigningPoint.Weight weight,
            Set<Station> reopens) {
        public StepFact {
            reopens = Set.copyOf(reopens);
        }
    }
}
