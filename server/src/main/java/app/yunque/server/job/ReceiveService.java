package app.yunque.server.job;

import app.yunque.drive.Drive;
import app.yunque.drive.TurnCountCheck;
import app.yunque.measure.Refused;
import app.yunque.route.Energy;
import app.yunque.route.Isolation;
import app.yunque.route.IsolationStep;
import app.yunque.route.StripGate;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import java.time.Clock;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps permission, isolation and turn count. */
@Service
public class ReceiveService {
    private final JobRepository jobs;
    private final PermissionRepository permissions;
    private final IsolationRepository isolations;
    private final TurnCountRepository turnCounts;
    private final AtTheBench bench;
    private final Clock clock;

    ReceiveService(
            JobRepository jobs,
            PermissionRepository permissions,
            IsolationRepository isolations,
            TurnCountRepository turnCounts,
            AtTheBench bench,
            Clock clock) {
        this.jobs = jobs;
        this.permissions = permissions;
        this.isolations = isolations;
        this.turnCounts = turnCounts;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional
    public void permit(JobRef job, boolean underWarranty, PermissionRequest request) {
        var found = permissions.findById(job.id());
        found.ifPresent(p -> p.refuseStale(request.version(), () -> view(p)));
        var permission = found.orElseGet(PermissionEntity::new);
        permission.jobId = job.id();
        permission.approvedBy =
                JobText.required(
                        "approvedBy", "Who allows it to be opened", request.approvedBy(), 120);
        permission.reference =
                underWarranty
                        ? JobText.required(
                                "reference",
                                "The unit is under warranty: the warrantor's reference",
                                request.reference(),
                                200)
                        : JobText.optional("reference", "Reference", request.reference(), 200);
        permission.keep(bench.name(), clock.instant());
        permissions.saveAndFlush(permission);
    }

    @Transactional
    public void isolate(JobRef job, IsolationRequest request) {
        var safe =
                new Isolation(
                        request.sources(),
                        request.how(),
                        request.triedToStart(),
                        Objects.requireNonNull(request.done()));
        var found = isolations.findById(job.id());
        found.ifPresent(i -> i.refuseStale(request.version(), () -> view(i)));
        var isolation = found.orElseGet(IsolationEntity::new);
        isolation.jobId = job.id();
        isolation.sources =
                safe.sources().stream().map(Energy::name).sorted().collect(Collectors.joining(","));
        isolation.how = safe.how();
        isolation.done =
                IsolationStep.of(safe.sources()).stream()
                        .map(Enum::name)
                        .collect(Collectors.joining(","));
        isolation.confirmedBy = bench.name();
        isolation.confirmedAt = clock.instant();
        isolation.triedBy = "";
        isolation.liftedBy = null;
        isolation.liftedAt = null;
        isolation.keep(bench.name(), clock.instant());
        isolations.saveAndFlush(isolation);
    }

    /**
     * The person who is signed in tried to start the isolated unit, and nothing moved: nobody's hands go in on another's word.
     *
     * @throws Refused when it is not isolated
     */
    @Transactional
    public void triedToStart(JobRef job) {
        var isolation =
                isolations
                        .findById(job.id())
                        .filter(i -> i.liftedAt == null)
                        .orElseThrow(
                                () ->
                                        Refused.because(
                                                "isolation",
                                                "The unit is not isolated. Isolate it at Receive first."));
        if (!triedBy(isolation).contains(bench.name())) {
            isolation.triedBy =
                    isolation.triedBy.isEmpty()
                            ? bench.name()
                            : isolation.triedBy + "\n" + bench.name();
            isolation.keep(bench.name(), clock.instant());
        }
    }

    @Transactional
    public void liftIsolation(JobRef job, LiftRequest request) {
        isolations
                .findById(job.id())
                .ifPresent(
                        isolation -> {
                            isolation.refuseStale(request.version(), () -> view(isolation));
                            isolation.liftedBy = bench.name();
                            isolation.liftedAt = clock.instant();
                            isolation.keep(bench.name(), clock.instant());
                        });
    }

    @Transactional
    public void countTurns(JobRef job, Drive drive, TurnCountRequest request) {
        var read = read(request);
        check(drive, read);
        var found = turnCounts.findById(job.id());
        found.ifPresent(t -> t.refuseStale(request.version(), () -> view(t, drive)));
        var count = found.orElseGet(TurnCountEntity::new);
        count.jobId = job.id();
        count.position = read.position;
        count.inputTurns = read.inputTurns;
        count.outputTurns = read.outputTurns;
        count.readingError = read.readingError;
        count.keep(bench.name(), clock.instant());
        turnCounts.saveAndFlush(count);
    }

    public TurnCountCheck preview(Drive drive, TurnCountRequest request) {
        return check(drive, read(request));
    }

    @Transactional(readOnly = true)
    public ReceiveView view(JobHead head, Drive drive) {
        var kept = jobs.numbered(head.number()).orElseThrow();
        return new ReceiveView(
                head.complaint(),
                head.symptoms(),
                head.oilAsFound(),
                head.version(),
                kept.permission() == null ? null : view(kept.permission()),
                kept.isolation() == null ? null : view(kept.isolation()),
                kept.turnCount() == null ? null : view(kept.turnCount(), drive));
    }

    /** @throws app.yunque.measure.Refused unless permission and isolation are on record */
    @Transactional(readOnly = true)
    public void refuseShutStrip(JobRef job) {
        StripGate.refuseUnless(
                permissions.existsById(job.id()),
                isolations.findById(job.id()).map(i -> i.liftedAt == null).orElse(false));
    }

    private record Read(
            String position, Entered inputTurns, Entered outputTurns, Entered readingError) {}

    private static Read read(TurnCountRequest request) {
        var faults = new Faults();
        var input =
                faults.gather(
                        () ->
                                EnteredNumber.read(
                                        request.inputTurns(),
                                        "inputTurns",
                                        "input turns",
                                        EntryKind.TURNS));
        var output =
                faults.gather(
                        () ->
                                EnteredNumber.read(
                                        request.outputTurns(),
                                        "outputTurns",
                                        "output turns",
                                        EntryKind.TURNS));
        var error =
                faults.gather(
                        () ->
                                EnteredNumber.read(
                                        request.readingError(),
                                        "readingError",
                                        "reading error",
                                        EntryKind.ANGLE));
        faults.throwIfAny();
        return new Read(
                request.position() == null ? "" : request.position().strip(),
                Objects.requireNonNull(input),
                Objects.requireNonNull(output),
                Objects.requireNonNull(error));
    }

    private static TurnCountCheck check(Drive drive, Read read) {
        var count =
                AtField.named(
                        Map.of("readingErrorDeg", "readingError"),
                        () ->
                                new TurnCountCheck.Count(
                                        read.inputTurns.canonical(),
                                        read.outputTurns.canonical(),
                                        read.readingError.canonical()));
        return TurnCountCheck.of(drive, drive.position(read.position), count);
    }

    private static ReceiveView.PermissionView view(PermissionEntity p) {
        return new ReceiveView.PermissionView(
                p.version(), p.approvedBy, p.reference, p.changedBy(), p.changedAt());
    }

    private static ReceiveView.IsolationView view(IsolationEntity i) {
        return new ReceiveView.IsolationView(
                i.version(),
                sources(i.sources),
                i.how,
                done(i.done),
                i.confirmedBy,
                i.confirmedAt,
                i.liftedBy,
                i.liftedAt,
                i.liftedAt == null,
                triedBy(i));
    }

    private static List<String> triedBy(IsolationEntity i) {
        return Stream.concat(Stream.of(i.confirmedBy), i.triedBy.lines())
                .filter(name -> !name.isEmpty())
                .distinct()
                .toList();
    }

    private static ReceiveView.TurnCountView view(TurnCountEntity t, Drive drive) {
        return new ReceiveView.TurnCountView(
                t.version(),
                t.position,
                EnteredNumber.given(t.inputTurns),
                EnteredNumber.given(t.outputTurns),
                EnteredNumber.given(t.readingError),
                t.changedBy(),
                t.changedAt(),
                check(drive, new Read(t.position, t.inputTurns, t.outputTurns, t.readingError)));
    }

    private static List<String> done(@Nullable String joined) {
        return joined == null || joined.isEmpty()
                ? List.of()
                : Arrays.stream(joined.split(",")).map(IsolationStep::saysOf).toList();
    }

    private static Set<Energy> sources(@Nullable String joined) {
        return joined == null || joined.isEmpty()
                ? Set.of()
                : Arrays.stream(joined.split(","))
                        .map(Energy::valueOf)
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Energy.class)));
    }
}
