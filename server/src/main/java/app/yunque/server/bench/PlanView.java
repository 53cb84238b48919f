package app.yunque.server.bench;

import app.yunque.finding.CheckState;
import app.yunque.inspection.CheckLevel;
import app.yunque.inspection.CheckPlan;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.PlannedCheck;
import app.yunque.inspection.Situation;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What to look at, feel and measure, and in which order.
 *
 * @param kinds         kinds of unit the plan goes by
 * @param kindKnown     false where nothing tells the kind: a general plan
 * @param read          words of the complaint that the free text gives away
 * @param circumstances all that counts
 * @param unitSaid      of these, what was said of the unit
 * @param jobSaid       true once somebody said which words of the complaint and of its history count
 * @param checks        in this order
 * @param openMusts     checks that must be answered while the unit lies open, and are not
 * @param openMinutes   minutes of a practised mechanic for these
 * @param openShoulds   checks that should be answered, and are not
 */
public record PlanView(
        List<UnitKind> kinds,
        boolean kindKnown,
        Set<Circumstance> read,
        Set<Circumstance> circumstances,
        Set<Circumstance> unitSaid,
        boolean jobSaid,
        List<PlannedLine> checks,
        int openMusts,
        double openMinutes,
        int openShoulds) {

    /**
     * One check on one part or mesh.
     *
     * @param stepId      the part, by its step; missing for a mesh
     * @param stage       stage of the mesh; missing for a part
     * @param number      number of the step; 0 for a mesh
     * @param part        the part or mesh in words
     * @param check       name of the check
     * @param level       how much it is wanted here
     * @param because     what raised it, in words
     * @param conditional true when it is asked only where something is so that nobody has said yet
     * @param afterWork   true when it can only be made after the rebuild
     * @param state       where it stands
     * @param says        the answer in words; empty while it is open
     * @param verdict     what the answer means
     */
    public record PlannedLine(
            @Nullable String stepId,
            @Nullable Integer stage,
            int number,
            String part,
            String check,
            CheckLevel level,
            List<String> because,
            boolean conditional,
            boolean afterWork,
            CheckState state,
            String says,
            Verdict verdict) {
        static PlannedLine of(PlannedCheck p) {
            return new PlannedLine(
                    p.step().isEmpty() ? null : p.step(),
                    p.stage() == 0 ? null : p.stage(),
                    p.number(),
                    p.part(),
                    p.check().id(),
                    p.level(),
                    p.because(),
                    p.conditional(),
                    p.check().isAfterWork(),
                    p.answer().state(),
                    p.answer().says(),
                    p.answer().verdict());
        }
    }

    static PlanView of(
            Situation situation, Set<Circumstance> unitSaid, boolean jobSaid, CheckPlan plan) {
        return new PlanView(
                situation.kinds(),
                situation.kindKnown(),
                situation.read(),
                situation.circumstances(),
                unitSaid,
                jobSaid,
                plan.checks().stream().map(PlannedLine::of).toList(),
                plan.openMusts().size(),
                plan.openMinutes(),
                plan.openShoulds().size());
    }
}
