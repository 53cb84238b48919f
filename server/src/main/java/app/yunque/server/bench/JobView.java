package app.yunque.server.bench;

import app.yunque.inspection.RepairEnds;
import app.yunque.route.Route;
import app.yunque.route.Station;
import app.yunque.server.build.BuildOrderView;
import app.yunque.server.build.FittingView;
import app.yunque.server.change.UnitChangeView;
import app.yunque.server.decision.DecisionView;
import app.yunque.server.done.DoneView;
import app.yunque.server.done.LaidOutView;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.finding.LeftView;
import app.yunque.server.finding.SeenView;
import app.yunque.server.job.JobHead;
import app.yunque.server.job.ReceiveView;
import app.yunque.server.job.Revision;
import app.yunque.server.measuring.MeasurementView;
import app.yunque.server.photo.PhotoView;
import app.yunque.server.place.PlaceAtJob;
import app.yunque.server.procedure.StepsOfUnit;
import app.yunque.server.proof.ProofView;
import app.yunque.server.teardown.StatementView;
import app.yunque.server.teardown.StepRequest;
import app.yunque.server.teardown.StepView;
import app.yunque.server.unit.UnitView;
import app.yunque.teardown.Ledger;
import app.yunque.teardown.RebuildOrder;
import app.yunque.teardown.ShaftStack;
import app.yunque.teardown.SinceLastTime;
import app.yunque.teardown.TeardownStep;
import app.yunque.teardown.WatchList;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A whole job: everything the screens of its eight stations show, in one answer.
 *
 * @param job          head of the job
 * @param unit         the unit with what follows from its papers
 * @param route        where the job stands
 * @param next         the station a mechanic most likely wants
 * @param receive      the first station
 * @param stack        what sits on which shaft and where it is now
 * @param watch        what will bite later, danger first
 * @param trays        what lies where
 * @param steps        the strip
 * @param done         what was done at Strip beside taking parts off
 * @param unitChanges  what the job changes on the unit itself
 * @param layOut       what to lay out before the first screw
 * @param undoable     what undo would undo; missing when nothing
 * @param photos       pictures of the steps
 * @param statements   what was said about the order
 * @param contradiction why no order is possible, or what in the log the openings do not allow; missing when neither
 * @param follows      what follows for the rebuild from sizes and openings, each in a sentence
 * @param asks         what nobody measured or said, and the order hangs on it
 * @param order        order of the rebuild that was chosen; missing while it is the strip turned round
 * @param guide        the former strip that guides this one; missing when there is none
 * @param known        parts of the guide that are not off yet, ready to be kept as steps
 * @param differences  what is not as it was in the guide
 * @param measurements all measurements in the order they were kept
 * @param answers      answers of drawers kept to the job
 * @param seen         what was found by eye, finger or ear
 * @param leftOpen      checks that somebody said are not made
 * @param plan          what to look at and measure; missing where the job was signed before there was one
 * @param repairEnds    what may end the repair; empty while nothing that was found does
 * @param meshes       backlash before and after, mesh by mesh
 * @param otherMeshes  meshes that are measured with a drawer of their own
 * @param decisions    parts with proposal and decision
 * @param rebuild      the rebuild, card by card
 * @param fittings     what has gone back
 * @param ledger       removed, refitted, renewed
 * @param places       lubricated places of the unit, with what was done there at this job
 * @param procedure    what is set and proved on this unit; missing where the job was signed before there was such a list
 * @param proof        the proof; missing until kept
 * @param cause        what it really was, in words; missing while nobody said it
 * @param signatures   signatures of the job, the first first; missing while it has none
 * @param touched      counts the writes to the job
 */
public record JobView(
        JobHead job,
        UnitView unit,
        Route route,
        Station next,
        ReceiveView receive,
        ShaftStack stack,
        List<WatchList.Warning> watch,
        List<Tray> trays,
        List<StepView> steps,
        List<DoneView> done,
        List<UnitChangeView> unitChanges,
        List<LaidOutView> layOut,
        @Nullable String undoable,
        List<PhotoView> photos,
        List<StatementView> statements,
        @Nullable String contradiction,
        List<String> follows,
        List<String> asks,
        @Nullable BuildOrderView order,
        @Nullable Guide guide,
        List<StepRequest> known,
        List<SinceLastTime.Difference> differences,
        List<MeasurementView> measurements,
        List<KeptAnswerView> answers,
        List<SeenView> seen,
        List<LeftView> leftOpen,
        @Nullable PlanView plan,
        List<RepairEnds.Reason> repairEnds,
        List<Mesh> meshes,
        List<OtherMesh> otherMeshes,
        List<DecisionView> decisions,
        List<RebuildOrder.Card> rebuild,
        List<FittingView> fittings,
        Ledger ledger,
        List<PlaceAtJob> places,
        @Nullable StepsOfUnit procedure,
        @Nullable ProofView proof,
        @Nullable String cause,
        @Nullable List<Revision> signatures,
        long touched) {

    /** Sealed views from before there were findings by eye hold none. */
    public JobView {
        seen = Objects.requireNonNullElse(seen, List.of());
        done = Objects.requireNonNullElse(done, List.of());
        unitChanges = Objects.requireNonNullElse(unitChanges, List.of());
        layOut = Objects.requireNonNullElse(layOut, List.of());
        repairEnds = Objects.requireNonNullElse(repairEnds, List.of());
        leftOpen = Objects.requireNonNullElse(leftOpen, List.of());
        otherMeshes = Objects.requireNonNullElse(otherMeshes, List.of());
        follows = Objects.requireNonNullElse(follows, List.of());
        asks = Objects.requireNonNullElse(asks, List.of());
    }

    /**
     * @param number   job it comes from
     * @param tag      unit of that job
     * @param sameUnit true when it is this very unit, false when one of the same kind
     */
    public record Guide(long number, String tag, boolean sameUnit) {}

    /** The same with its signatures, which no seal can hold of itself. */
    JobView with(List<Revision> all) {
        return new JobView(
                job,
                unit,
                route,
                next,
                receive,
                stack,
                watch,
                trays,
                steps,
                done,
                unitChanges,
                layOut,
                undoable,
                photos,
                statements,
                contradiction,
                follows,
                asks,
                order,
                guide,
                known,
                differences,
                measurements,
                answers,
                seen,
                leftOpen,
                plan,
                repairEnds,
                meshes,
                otherMeshes,
                decisions,
                rebuild,
                fittings,
                ledger,
                places,
                procedure,
                proof,
                cause,
                all.isEmpty() ? null : all,
                touched);
    }

    /** Mean backlash after the rebuild, mesh by mesh (mm); meshes that were not measured again are left out. */
    public List<Double> backlashAfterMm() {
        return meshes.stream()
                .flatMap(m -> Stream.ofNullable(m.after()))
                .flatMap(m -> Stream.ofNullable(m.result().backlash()))
                .map(b -> b.mean().circumferentialMm())
                .toList();
    }

    /**
     * @param label  label of the tray or bag; empty for parts that lie loose
     * @param pieces pieces in it that are still on the bench
     * @param parts  what they are
     */
    public record Tray(String label, int pieces, List<String> parts) {
        /** Trays that hold something, by their labels. */
        static List<Tray> of(List<TeardownStep> strip, Ledger ledger) {
            var byTray = new TreeMap<String, List<Ledger.Entry>>();
            for (int i = 0; i < strip.size(); i++) {
                var line = ledger.entries().get(i);
                if (line.onBench() > 0) {
                    byTray.computeIfAbsent(strip.get(i).tray(), t -> new ArrayList<>()).add(line);
                }
            }
            return byTray.entrySet().stream()
                    .map(
                            tray ->
                                    new Tray(
                                            tray.getKey(),
                                            tray.getValue().stream()
                                                    .mapToInt(Ledger.Entry::onBench)
                                                    .sum(),
                                            tray.getValue().stream()
                                                    .map(Ledger.Entry::part)
                                                    .toList()))
                    .toList();
        }
    }

    /**
     * @param stage  number of the stage
     * @param words  the stage in words
     * @param drawer drawer that measures it
     * @param before true when it was measured at Inspect
     * @param after  true when it was measured at Set and still counts
     * @param stale  why what was measured at Set no longer counts; missing while it does
     */
    public record OtherMesh(
            int stage,
            String words,
            String drawer,
            boolean before,
            boolean after,
            @Nullable String stale) {}

    /**
     * @param stage  stage of the mesh
     * @param words  the two gears in words
     * @param before last backlash measured at Inspect; missing until measured
     * @param after  last backlash measured at Set; missing until measured
     * @param stale  why what was measured at Set no longer counts; missing while it does
     * @param change the difference in words; missing until both are there
     * @param last   mean backlash of the last signed job (mm); missing when there was none
     */
    public record Mesh(
            int stage,
            String words,
            @Nullable MeasurementView before,
            @Nullable MeasurementView after,
            @Nullable String stale,
            @Nullable String change,
            @Nullable Double last) {}
}
