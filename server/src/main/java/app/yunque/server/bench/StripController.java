package app.yunque.server.bench;

import app.yunque.line.LineReading;
import app.yunque.measure.Refused;
import app.yunque.server.build.FittingRequest;
import app.yunque.server.build.FittingService;
import app.yunque.server.decision.AcceptRequest;
import app.yunque.server.decision.DecisionRequest;
import app.yunque.server.decision.DecisionService;
import app.yunque.server.done.DoneRequest;
import app.yunque.server.done.DoneService;
import app.yunque.server.done.LaidOutRequest;
import app.yunque.server.done.LaidOutService;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import app.yunque.server.job.ReceiveService;
import app.yunque.server.place.PlaceService;
import app.yunque.server.place.PlaceView;
import app.yunque.server.teardown.LookedAtRequest;
import app.yunque.server.teardown.MoveRequest;
import app.yunque.server.teardown.SplitRequest;
import app.yunque.server.teardown.StatementRequest;
import app.yunque.server.teardown.StatementService;
import app.yunque.server.teardown.StepRequest;
import app.yunque.server.teardown.StepService;
import app.yunque.server.teardown.StepView;
import app.yunque.server.unit.UnitService;
import app.yunque.server.word.OwnWordService;
import app.yunque.teardown.StripAct;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The stations that handle parts: Strip, Decide, Build. */
@RestController
@RequestMapping("/api/jobs/{number}")
class StripController {
    private final BenchWrite bench;
    private final ReceiveService receive;
    private final StepService steps;
    private final DecisionService decisions;
    private final FittingService fittings;
    private final UnitService units;
    private final JobViews views;
    private final JobService jobs;
    private final StatementService statements;
    private final FindingBook book;
    private final DoneService done;
    private final LaidOutService laidOut;
    private final OwnWordService own;
    private final PlaceService places;

    StripController(
            BenchWrite bench,
            ReceiveService receive,
            StepService steps,
            DecisionService decisions,
            FittingService fittings,
            UnitService units,
            JobViews views,
            JobService jobs,
            StatementService statements,
            FindingBook book,
            DoneService done,
            LaidOutService laidOut,
            OwnWordService own,
            PlaceService places) {
        this.bench = bench;
        this.receive = receive;
        this.steps = steps;
        this.decisions = decisions;
        this.fittings = fittings;
        this.units = units;
        this.views = views;
        this.jobs = jobs;
        this.statements = statements;
        this.book = book;
        this.done = done;
        this.laidOut = laidOut;
        this.own = own;
        this.places = places;
    }

    @PutMapping("/steps/{stepId}")
    JobView keepStep(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam(required = false) @Nullable UUID after,
            @RequestBody StepRequest request) {
        return bench.change(
                writeId,
                number,
                job -> {
                    receive.refuseShutStrip(job);
                    learn(job, stepId, request);
                    steps.keep(job, stepId, after, request, shafts(job));
                });
    }

    /** A name that was given another kind than it was taken for is what this shop calls that kind. */
    private void learn(JobRef job, UUID stepId, StepRequest request) {
        boolean isAsBefore =
                steps.strip(job.id()).stream()
                        .anyMatch(
                                s ->
                                        s.id().equals(stepId.toString())
                                                && s.kind() == request.kind()
                                                && s.part().equals(request.part().strip()));
        if (!isAsBefore) {
            own.learn(request.part(), request.kind(), stepId, job.number());
        }
    }

    @DeleteMapping("/steps/{stepId}")
    JobView removeStep(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(
                writeId,
                number,
                job -> {
                    refuseWanted(job, stepId);
                    steps.remove(job, stepId, version, shafts(job));
                });
    }

    /** Puts a step at another place of the strip. */
    @PostMapping("/steps/{stepId}/move")
    JobView moveStep(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody MoveRequest request) {
        return bench.change(writeId, number, job -> steps.move(job, stepId, request, shafts(job)));
    }

    /** Makes two steps of one that turned out to be two parts. */
    @PostMapping("/steps/{stepId}/split")
    JobView splitStep(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody SplitRequest request) {
        return bench.change(
                writeId,
                number,
                job -> {
                    refuseFitted(job, stepId);
                    steps.split(job, stepId, request, shafts(job), own.words());
                    book.copy(job, stepId, request.newId());
                });
    }

    /** Makes one step of two. */
    @PostMapping("/steps/{stepId}/merge")
    JobView mergeStep(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam UUID into,
            @RequestParam long version) {
        return bench.change(
                writeId,
                number,
                job -> {
                    refuseWanted(job, stepId);
                    refuseFitted(job, into);
                    decisions.refuseUnlike(job, stepId, into);
                    steps.merge(job, stepId, into, version, shafts(job));
                    book.copy(job, stepId, into);
                });
    }

    /** Reads one typed line, without keeping it. */
    @PostMapping("/quick-line")
    LineAnswer quickLine(
            @PathVariable long number,
            @RequestParam(required = false) @Nullable UUID after,
            @RequestBody LineRequest request) {
        return read(jobs.find(number), request, after);
    }

    /**
     * Keeps one typed line: as the parts that came off, the first under the given identity, or as something else that was done. A line typed
     * while the connection was lost is read when it arrives.
     */
    @PutMapping("/steps/{stepId}/line")
    JobView keepLine(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam(required = false) @Nullable UUID after,
            @RequestBody LineRequest request) {
        return bench.change(
                writeId,
                number,
                job -> {
                    receive.refuseShutStrip(job);
                    var read = read(job, request, after);
                    if (!read.problems().isEmpty()) {
                        throw Refused.because("line", String.join(" ", read.problems()));
                    }
                    keep(job, stepId, after, read, request.line());
                });
    }

    private void keep(JobRef job, UUID first, @Nullable UUID after, LineAnswer read, String typed) {
        if (read.steps().isEmpty()) {
            done.keep(job, first, new DoneRequest(null, read.act(), typed, lastStep(job), false));
            return;
        }
        var id = first;
        var before = after;
        for (var step : read.steps()) {
            steps.keep(job, id, before, step, shafts(job));
            before = after == null ? null : id;
            id = UUID.nameUUIDFromBytes((id + " and").getBytes(StandardCharsets.US_ASCII));
        }
    }

    private @Nullable UUID lastStep(JobRef job) {
        return steps.kept(job.id(), shafts(job)).views().stream()
                .reduce((first, second) -> second)
                .map(StepView::id)
                .orElse(null);
    }

    /** Keeps something that was done and is no part that came off, or that it is put back. */
    @PutMapping("/done/{id}")
    JobView keepDone(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody DoneRequest request) {
        return bench.change(writeId, number, job -> done.keep(job, id, request));
    }

    @DeleteMapping("/done/{id}")
    JobView removeDone(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(writeId, number, job -> done.remove(job, id, version));
    }

    /** Ticks a line of the lay-out list, or takes the tick back. */
    @PutMapping("/laid-out")
    JobView layOut(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody LaidOutRequest request) {
        return bench.change(writeId, number, job -> laidOut.keep(job, request));
    }

    /** The place and tray of the step before go on: of the one it comes after, else of the last. */
    private LineAnswer read(JobRef job, LineRequest request, @Nullable UUID after) {
        var shafts = shafts(job);
        var strip = steps.kept(job.id(), shafts).views();
        var before =
                strip.stream()
                        .filter(s -> after == null || s.id().equals(after))
                        .reduce((first, second) -> second)
                        .map(StepView::given)
                        .orElse(null);
        var line =
                LineReading.of(
                        request.line(),
                        shafts,
                        Optional.of(units.papers(job.unitId()).drive().shafts()),
                        new LineReading.Previous(before == null ? null : before.shaft()),
                        own.words());
        return LineAnswer.of(line, request.line(), before, shafts, () -> oilIsIn(job));
    }

    /** Oil stands in the unit by its papers, and nobody said that it was drained. */
    private boolean oilIsIn(JobRef job) {
        return places.ofUnit(job.unitId()).places().stream().anyMatch(PlaceView::level)
                && jobs.head(job).oilAsFound().isBlank()
                && done.views(job.id()).stream().noneMatch(d -> d.given().act() == StripAct.DRAIN);
    }

    /** Steps typed before whose part begins with a text, of this unit first. */
    @GetMapping("/suggestions")
    List<StepRequest> suggestions(@PathVariable long number, @RequestParam String begins) {
        return begins.isBlank() ? List.of() : steps.suggestions(jobs.find(number).unitId(), begins);
    }

    /** Says something about the order. */
    @PutMapping("/statements/{id}")
    JobView say(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody StatementRequest request) {
        return bench.change(
                writeId, number, job -> statements.say(job, id, request, steps.strip(job.id())));
    }

    /** Takes back what was said. */
    @DeleteMapping("/statements/{id}")
    JobView unsay(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId) {
        return bench.change(writeId, number, job -> statements.unsay(job, id));
    }

    /** A step that others hang on stays: what went back, what was said about it. */
    private void refuseWanted(JobRef job, UUID stepId) {
        refuseFitted(job, stepId);
        statements.views(job.id(), views.model(job)).stream()
                .filter(
                        s ->
                                stepId.equals(s.given().first())
                                        || stepId.equals(s.given().then())
                                        || stepId.equals(s.given().orElse()))
                .findFirst()
                .ifPresent(
                        s -> {
                            throw Refused.because(
                                    "step",
                                    "This step is needed by what was said about the order: “"
                                            + s.says()
                                            + "” Take that back first.");
                        });
    }

    private void refuseFitted(JobRef job, UUID stepId) {
        if (fittings.fitted(job.id()).containsKey(stepId.toString())) {
            throw Refused.because(
                    "step", "This part has gone back already (Build). Take it back there first.");
        }
    }

    /** Undoes the last change to the strip that still stands. */
    @PostMapping("/steps/undo")
    JobView undo(@PathVariable long number, @RequestHeader("Write-Id") UUID writeId) {
        return bench.change(writeId, number, steps::undo);
    }

    @PutMapping("/decisions/{stepId}")
    JobView decide(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody DecisionRequest request) {
        return bench.change(
                writeId, number, job -> decisions.decide(job, views.parts(job), stepId, request));
    }

    /** Somebody looked at parts, named one by one, and found them sound. */
    @PostMapping("/steps/looked-at")
    JobView lookedAt(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody LookedAtRequest request) {
        return bench.change(
                writeId,
                number,
                job ->
                        steps.lookedAt(
                                job, request, units.papers(job.unitId()).duty(), shafts(job)));
    }

    /** Takes the proposals of the parts that are named; what somebody decided, and what has to be looked at first, stays as it is. */
    @PostMapping("/decisions/accept")
    JobView acceptProposals(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody AcceptRequest request) {
        return bench.change(
                writeId, number, job -> decisions.accept(job, views.parts(job), request.steps()));
    }

    @PutMapping("/fittings/{stepId}")
    JobView fit(
            @PathVariable long number,
            @PathVariable UUID stepId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody FittingRequest request) {
        return bench.change(
                writeId, number, job -> fittings.fit(job, steps.strip(job.id()), stepId, request));
    }

    private List<String> shafts(JobRef job) {
        return units.papers(job.unitId()).shafts();
    }
}
