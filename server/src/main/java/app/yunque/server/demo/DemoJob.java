package app.yunque.server.demo;

import app.yunque.finding.Disposition;
import app.yunque.route.Energy;
import app.yunque.server.drawer.KeptAnswerRequest;
import app.yunque.server.job.TurnCountRequest;
import app.yunque.server.measuring.MeasurementRequest;
import app.yunque.server.photo.PhotoMark;
import app.yunque.server.place.FillKind;
import app.yunque.server.proof.ProofRequest;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.teardown.StepRequest;
import app.yunque.teardown.Statement;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One job of the demo, as its file tells it.
 *
 * @param tag          the unit
 * @param daysAgo      when it was opened
 * @param by           who did the work
 * @param complaint    what the customer said
 * @param symptoms     what was found before opening
 * @param oilAsFound   the drained oil
 * @param permittedBy  who allowed it; missing leaves the job there
 * @param isolated     isolated sources; empty leaves it energised
 * @param turnCount    turns counted; may be missing
 * @param steps        the strip
 * @param measurements measurements
 * @param decide       true when every proposal was taken
 * @param decisions    decisions that differ from the proposal, by part
 * @param fitted       how many cards of the rebuild are done
 * @param fills        what was done at each place, by its name; may be missing
 * @param proof        the proof; may be missing
 * @param signedBy     who signed it; missing while open
 * @param statements   what was said about the order; may be missing
 * @param photos       pictures; may be missing
 * @param answers      answers of drawers; may be missing
 * @param planned      true when the planned order was chosen; may be missing
 */
record DemoJob(
        String tag,
        int daysAgo,
        String by,
        String complaint,
        String symptoms,
        String oilAsFound,
        @Nullable String permittedBy,
        Set<Energy> isolated,
        @Nullable TurnCountRequest turnCount,
        List<StepRequest> steps,
        List<MeasurementRequest> measurements,
        boolean decide,
        Map<String, Disposition> decisions,
        int fitted,
        @Nullable Map<String, FilledInDemo> fills,
        @Nullable ProofRequest proof,
        @Nullable String signedBy,
        @Nullable List<SaidInDemo> statements,
        @Nullable List<TakenInDemo> photos,
        @Nullable List<KeptAnswerRequest> answers,
        @Nullable Boolean planned) {

    /** What was said; steps by their number. */
    record SaidInDemo(
            Statement.Kind kind, int first, int then, @Nullable Integer orElse, String reason) {}

    /** What went in at a place: a can of the shelf by its name, or why it was left. */
    record FilledInDemo(
            FillKind kind,
            @Nullable String can,
            @Nullable EnteredNumber amount,
            @Nullable DrawerEntries drained,
            String source) {}

    /** A picture of a step, by its number. */
    record TakenInDemo(int step, String file, String caption, List<PhotoMark> marks) {}
}
