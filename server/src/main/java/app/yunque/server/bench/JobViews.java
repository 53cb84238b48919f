package app.yunque.server.bench;

import app.yunque.backlash.BacklashChange;
import app.yunque.drive.Drive;
import app.yunque.finding.Disposition;
import app.yunque.finding.PartRecord;
import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.RepairEnds;
import app.yunque.inspection.Situation;
import app.yunque.measure.NotApplicable;
import app.yunque.plan.Contradiction;
import app.yunque.route.Route;
import app.yunque.route.Station;
import app.yunque.server.build.BuildOrderService;
import app.yunque.server.build.FittingService;
import app.yunque.server.build.FittingView;
import app.yunque.server.change.UnitChangeService;
import app.yunque.server.decision.DecisionService;
import app.yunque.server.done.DoneService;
import app.yunque.server.done.LaidOutService;
import app.yunque.server.drawer.KeptAnswerService;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.evidence.CorrectionService;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.finding.LeftService;
import app.yunque.server.finding.LeftView;
import app.yunque.server.finding.SeenService;
import app.yunque.server.finding.SeenView;
import app.yunque.server.job.CauseService;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobRow;
import app.yunque.server.job.JobService;
import app.yunque.server.job.ReceiveService;
import app.yunque.server.measuring.MeasurementKind;
import app.yunque.server.measuring.MeasurementService;
import app.yunque.server.measuring.MeasurementView;
import app.yunque.server.photo.PhotoService;
import app.yunque.server.place.FillService;
import app.yunque.server.place.PlaceAtJob;
import app.yunque.server.procedure.StepAnswerService;
import app.yunque.server.procedure.StepsOfUnit;
import app.yunque.server.proof.ProofService;
import app.yunque.server.teardown.KeptStrip;
import app.yunque.server.teardown.StatementService;
import app.yunque.server.teardown.StepRequest;
import app.yunque.server.teardown.StepService;
import app.yunque.server.teardown.StepView;
import app.yunque.server.unit.UnitPapers;
import app.yunque.server.unit.UnitService;
import app.yunque.teardown.Disturbance;
import app.yunque.teardown.Fitted;
import app.yunque.teardown.LayOutList;
import app.yunque.teardown.Ledger;
import app.yunque.teardown.RebuildOrder;
import app.yunque.teardown.ShaftStack;
import app.yunque.teardown.SinceLastTime;
import app.yunque.teardown.StripModel;
import app.yunque.teardown.TeardownStep;
import app.yunque.teardown.WatchList;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts a job together from what the features keep and what the core derives. */
@Service
public class JobViews {
    private final JobService jobs;
    private final ReceiveService receive;
    private final UnitService units;
    private final StepService steps;
    private final MeasurementService measurements;
    private final DecisionService decisions;
    private final FittingService fittings;
    private final FillService fills;
    private final ProofService proofs;
    private final StatementService statements;
    private final PhotoService photos;
    private final BuildOrderService orders;
    private final KeptAnswerService answers;
    private final SeenService seen;
    private final LeftService left;
    private final DoneService done;
    private final UnitChangeService changes;
    private final LaidOutService laidOut;
    private final CauseService causes;
    private final CorrectionService evidence;
    private final StepAnswerService stepAnswers;
    private final FindingBook findings;

    JobViews(
            JobService jobs,
            ReceiveService receive,
            UnitService units,
            StepService steps,
            MeasurementService measurements,
            DecisionService decisions,
            FittingService fittings,
            FillService fills,
            ProofService proofs,
            StatementService statements,
            PhotoService photos,
            BuildOrderService orders,
            KeptAnswerService answers,
            SeenService seen,
            LeftService left,
            DoneService done,
            UnitChangeService changes,
            LaidOutService laidOut,
            CauseService causes,
            CorrectionService evidence,
            StepAnswerService stepAnswers,
            FindingBook findings) {
        this.jobs = jobs;
        this.receive = receive;
        this.units = units;
        this.steps = steps;
        this.measurements = measurements;
        this.decisions = decisions;
        this.fittings = fittings;
        this.fills = fills;
        this.proofs = proofs;
        this.statements = statements;
        this.photos = photos;
        this.orders = orders;
        this.answers = answers;
        this.seen = seen;
        this.left = left;
        this.done = done;
        this.changes = changes;
        this.laidOut = laidOut;
        this.causes = causes;
        this.evidence = evidence;
        this.stepAnswers = stepAnswers;
        this.findings = findings;
    }

    @Transactional(readOnly = true)
    public JobView of(long number) {
        return of(jobs.find(number));
    }

    /** A signed job as it was signed, an open one as it stands. */
    @Transactional(readOnly = true)
    public JobView of(JobRef job) {
        return (job.isSigned() ? jobs.sealedView(job) : Optional.<String>empty())
                .map(SealedView::read)
                .orElseGet(() -> asItStands(job))
                .with(jobs.revisions(job));
    }

    /** All that is on record about the parts of an open job, with what is asked of each, in the order of the strip. */
    @Transactional(readOnly = true)
    public List<PartRecord> parts(JobRef job) {
        var papers = units.papers(job.unitId());
        return planned(
                        job,
                        papers,
                        steps.strip(job.id()),
                        seen.views(job.id()),
                        measurements.views(job.id(), papers),
                        answers.views(job.id()),
                        left.views(job.id()),
                        decisions.made(job.id()))
                .parts();
    }

    /** What it may be, from the complaint and all that was found and said so far, and what it was. */
    @Transactional(readOnly = true)
    public DiagnosisView diagnosis(JobRef job) {
        var papers = units.papers(job.unitId());
        var found = seen.views(job.id());
        var planned =
                planned(
                        job,
                        papers,
                        steps.strip(job.id()),
                        found,
                        measurements.views(job.id(), papers),
                        answers.views(job.id()),
                        left.views(job.id()),
                        decisions.made(job.id()));
        return WhatItMayBe.of(jobs.head(job), planned, found, causes.of(job), evidence::table)
                .view(causes.here());
    }

    private PlannedChecks planned(
            JobRef job,
            UnitPapers papers,
            List<TeardownStep> strip,
            List<SeenView> found,
            List<MeasurementView> taken,
            List<KeptAnswerView> answered,
            List<LeftView> leftOpen,
            Map<String, Disposition> decided) {
        var situation =
                Situation.of(
                        papers.kind() + " " + papers.name(),
                        papers.circumstances(),
                        jobs.head(job).complaint(),
                        jobs.circumstances(job));
        return PlannedChecks.of(
                situation,
                WhatIsOnRecord.parts(strip, papers, found, taken, answered, leftOpen),
                PlannedChecks.meshes(papers, found, taken, answered, leftOpen),
                renewed(decided));
    }

    /** The job by the rules, papers and cards of today. */
    @Transactional(readOnly = true)
    public JobView asItStands(JobRef job) {
        var papers = units.papers(job.unitId());
        var unit = units.view(job.unitId());
        var guideRow = jobs.guideOf(job);
        var guide = guideRow.map(JobRow::job);
        var last = guide.filter(g -> g.unitId().equals(job.unitId()));
        last.ifPresent(l -> findings.readAhead(List.of(job.id(), l.id())));
        var strips =
                steps.kept(
                        Stream.concat(Stream.of(job.id()), guide.map(JobRef::id).stream()).toList(),
                        papers.shafts());
        var kept = strips.get(0);
        var strip = kept.steps();
        var taken = measurements.views(job.id(), papers);
        var answered = answers.views(job.id());
        var decided = decisions.made(job.id());
        var fitted = fittings.fitted(job.id());
        var ledger = Ledger.of(strip, fitted, PacksOfSet.of(answered, strip));
        var disturbed = disturbed(strip, fittings.views(job.id()));
        var meshes = meshes(papers, taken, last, disturbed);
        var others = OtherMeshes.of(papers, answered, disturbed);
        var found = seen.views(job.id());
        var leftOpen = left.views(job.id());
        var doneBeside = done.views(job.id());
        var unitChanges = changes.views(job.id());
        var planned = planned(job, papers, strip, found, taken, answered, leftOpen, decided);
        var parts = planned.parts();
        var decisionViews = decisions.views(job.id(), parts);
        var received = receive.view(jobs.head(job), papers.drive());
        var proof = proofs.view(job.id());
        var places = fills.atJob(job);
        var former =
                guide.isPresent() ? strips.get(1).asRebuilt() : new KeptStrip(List.of(), List.of());
        var sameUnit = last.isPresent();
        var model = model(job, papers, strip);
        var order = orders.view(job.id());
        var changedAt =
                Stream.concat(
                                disturbed.stream().map(Disturbance::at),
                                UnitChangeService.toProveAgain(unitChanges).stream())
                        .max(Comparator.naturalOrder())
                        .orElse(null);
        var procedure =
                StepsOfUnit.of(
                        planned.situation(),
                        papers.duty(),
                        papers.drive(),
                        stepAnswers.views(job.id()),
                        changedAt,
                        WhatIsOnRecord.ranBefore(proof, changedAt),
                        WhatIsOnRecord.elsewhere(
                                meshes,
                                others,
                                taken,
                                answered,
                                papers.drive(),
                                disturbed,
                                proof,
                                changedAt));
        var facts =
                WhatIsOnRecord.facts(
                        job,
                        papers,
                        received,
                        strip,
                        WhatIsOnRecord.each(parts, decisionViews),
                        planned,
                        decisionViews,
                        fitted,
                        ledger,
                        taken,
                        answered,
                        meshes,
                        others,
                        places,
                        procedure,
                        doneBeside);
        var route = Route.of(facts);
        return new JobView(
                jobs.head(job),
                unit,
                route,
                route.next(),
                received,
                ShaftStack.of(
                        papers.drive(),
                        papers.shafts(),
                        sameUnit ? former.steps() : List.of(),
                        strip,
                        whereNow(strip, decided, fitted)),
                WatchList.of(model).warnings(),
                JobView.Tray.of(strip, ledger),
                kept.views(),
                doneBeside,
                unitChanges,
                laidOut.views(
                        job.id(),
                        LayOutList.of(
                                former.steps(),
                                papers.duty() == ServiceDuty.LIFTING,
                                places.stream().anyMatch(PlaceAtJob::oil))),
                steps.undoable(job.id()).orElse(null),
                photos.views(job.id()),
                statements.views(job.id(), model),
                againstOrder(model),
                model.follows(),
                model.asks(),
                order.orElse(null),
                guideRow.map(g -> new JobView.Guide(g.job().number(), g.tag(), sameUnit))
                        .orElse(null),
                knownParts(former, strip),
                SinceLastTime.between(former.steps(), strip).differences(),
                taken,
                answered,
                found,
                leftOpen,
                PlanView.of(
                        planned.situation(),
                        papers.circumstances(),
                        jobs.circumstances(job) != null,
                        planned.plan()),
                RepairEnds.of(parts, decided.keySet()),
                meshes,
                others,
                decisionViews,
                RebuildOrder.of(
                                strip,
                                renewed(decided),
                                unit.shafts(),
                                order.map(o -> o.steps().stream().map(Object::toString).toList())
                                        .orElse(List.of()),
                                places.stream()
                                        .flatMap(p -> Stream.ofNullable(p.onFitting()))
                                        .toList(),
                                model.halfIn())
                        .cards(),
                fittings.views(job.id()),
                ledger,
                places,
                procedure,
                proof.orElse(null),
                WhatItMayBe.of(jobs.head(job), planned, found, causes.of(job), evidence::table)
                        .stated(),
                null,
                job.touched());
    }

    /** Why there is no order, or what in the log the openings do not allow; null when neither. */
    private static @Nullable String againstOrder(StripModel model) {
        try {
            return model.contradiction()
                    .map(Contradiction::says)
                    .or(() -> model.logAgainstOpenings().stream().reduce((a, b) -> a + " " + b))
                    .orElse(null);
        } catch (NotApplicable tooManyWays) {
            // A job is looked at also where nobody can tell whether there is an order.
            return tooManyWays.getMessage();
        }
    }

    /** What blocks what in a job: its strip, what was said, and the openings of the unit. */
    @Transactional(readOnly = true)
    public StripModel model(JobRef job) {
        return model(job, units.papers(job.unitId()), steps.strip(job.id()));
    }

    private StripModel model(JobRef job, UnitPapers papers, List<TeardownStep> strip) {
        return new StripModel(strip, statements.said(job.id()), papers.openings(), papers.shafts());
    }

    private static java.util.Set<String> renewed(Map<String, Disposition> decided) {
        return decided.entrySet().stream()
                .filter(d -> d.getValue() == Disposition.RENEW)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    private static Map<String, ShaftStack.Now> whereNow(
            List<TeardownStep> strip,
            Map<String, Disposition> decided,
            Map<String, Fitted> fitted) {
        return strip.stream()
                .collect(
                        Collectors.toMap(
                                TeardownStep::id,
                                step ->
                                        ShaftStack.Now.of(
                                                fitted.get(step.id()),
                                                step.belongs() != null
                                                        || decided.get(step.id())
                                                                == Disposition.RENEW)));
    }

    private static List<StepRequest> knownParts(KeptStrip former, List<TeardownStep> strip) {
        var left =
                ShaftStack.stillInPlace(former.steps(), strip).stream()
                        .map(TeardownStep::id)
                        .collect(Collectors.toSet());
        return former.views().stream()
                .filter(v -> left.contains(v.id().toString()))
                .map(StepView::given)
                .toList();
    }

    /** Parts that were put in, changed or taken out again, with when. */
    private static List<Disturbance> disturbed(List<TeardownStep> strip, List<FittingView> fitted) {
        var at =
                fitted.stream()
                        .collect(
                                Collectors.toMap(
                                        f -> f.stepId().toString(), FittingView::fittedAt));
        return strip.stream()
                .filter(s -> at.containsKey(s.id()))
                .map(s -> new Disturbance(s, at.get(s.id())))
                .toList();
    }

    private List<JobView.Mesh> meshes(
            UnitPapers unit,
            List<MeasurementView> taken,
            Optional<JobRef> last,
            List<Disturbance> changes) {
        var lastTaken = last.map(l -> measurements.views(l.id(), unit)).orElse(List.of());
        var meshes = new ArrayList<JobView.Mesh>();
        for (int stage : unit.drive().pairs()) {
            var pair = unit.drive().pair(stage).orElseThrow();
            var before = latest(taken, stage, Station.INSPECT);
            var after = latest(taken, stage, Station.SET);
            meshes.add(
                    new JobView.Mesh(
                            stage,
                            "stage "
                                    + stage
                                    + ", z "
                                    + pair.pinion().teeth()
                                    + "/"
                                    + pair.wheel().teeth(),
                            before,
                            after,
                            after == null ? null : whyStale(after, changes, unit.drive()),
                            change(before, after),
                            meanMm(latest(lastTaken, stage, Station.SET))));
        }
        return meshes;
    }

    /** What took the value of a measurement after the rebuild away: its instrument, or a part that was changed afterwards. */
    private static @Nullable String whyStale(
            MeasurementView after, List<Disturbance> changes, Drive drive) {
        return after.lost() != null
                ? after.lost()
                : Disturbance.after(changes, drive, after.given().stage(), after.keptAt())
                        .orElse(null);
    }

    private static @Nullable MeasurementView latest(
            List<MeasurementView> taken, int stage, Station station) {
        return taken.stream()
                .filter(
                        m ->
                                m.given().kind() == MeasurementKind.BACKLASH
                                        && m.given().stage() == stage
                                        && m.given().station() == station)
                .reduce((first, second) -> second)
                .orElse(null);
    }

    private static @Nullable Double meanMm(@Nullable MeasurementView measurement) {
        if (measurement == null || measurement.result().backlash() == null) {
            return null;
        }
        return measurement.result().backlash().mean().circumferentialMm();
    }

    private static @Nullable String change(
            @Nullable MeasurementView before, @Nullable MeasurementView after) {
        if (before == null || after == null) {
            return null;
        }
        var first = before.result().backlash();
        var second = after.result().backlash();
        return first == null || second == null ? null : BacklashChange.of(first, second).sentence();
    }
}
