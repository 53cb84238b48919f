package app.yunque.server.job;

import app.yunque.inspection.Circumstance;
import app.yunque.measure.Refused;
import app.yunque.route.JobEnd;
import app.yunque.route.LeadsReason;
import app.yunque.route.SigningPoint;
import app.yunque.server.history.PutAway;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.NotThere;
import app.yunque.server.problem.PinWanted;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Opens, finds and signs jobs. */
@Service
public class JobService {
    private static final int PAGE = 20;
    private static final int LONGEST_WHY = 300;
    private static final String OPENS_AGAIN = "Only a lead opens a signed job again.";

    private final JobRepository jobs;
    private final JobRows rows;
    private final SealRepository seals;
    private final AtTheBench bench;
    private final Clock clock;

    JobService(
            JobRepository jobs, JobRows rows, SealRepository seals, AtTheBench bench, Clock clock) {
        this.jobs = jobs;
        this.rows = rows;
        this.seals = seals;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional
    public void open(JobRequest request, Instant openedAt) {
        var complaint = JobText.required("complaint", "Complaint", request.complaint(), 500);
        refuseSecondOpen(request.unitId());
        var job = new JobEntity();
        job.id = request.id();
        job.number = nextNumber();
        job.unitId = request.unitId();
        job.complaint = complaint;
        job.openedBy = bench.name();
        job.openedAt = openedAt;
        job.keep(bench.name(), clock.instant());
        jobs.saveAndFlush(job);
    }

    private void refuseSecondOpen(UUID unitId) {
        jobs.openOf(unitId)
                .ifPresent(
                        open -> {
                            throw Refused.because(
                                    "unitId",
                                    "Job "
                                            + open.number
                                            + " on this unit is still open. Go on with it, sign it or put it away first.");
                        });
    }

    private long nextNumber() {
        var highest = jobs.highestNumber();
        return highest == null ? 1 : highest + 1;
    }

    @Transactional(readOnly = true)
    public JobRef byId(UUID id) {
        return jobs.findById(id)
                .map(JobService::ref)
                .orElseThrow(() -> new NotThere("There is no such job. Look on the Floor."));
    }

    @Transactional(readOnly = true)
    public JobRef find(long number) {
        return ref(entity(number));
    }

    /**
     * The job, for one write: writing and signing exclude each other, so whoever comes second waits, and finds it signed.
     *
     * @throws Refused when the job is signed: a signed job is not changed any more
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public JobRef openForWork(long number) {
        jobs.lock(number);
        var job = entity(number);
        if (job.signedAt != null) {
            throw Refused.because(
                    "job",
                    "Job "
                            + number
                            + " was signed by "
                            + job.signedBy
                            + " and is closed. Open a new job on the unit.");
        }
        var away = job.putAway;
        if (away != null) {
            throw Refused.because(
                    "job",
                    "Job %d was put away by %s: %s Take it back first, or open a new job on the unit."
                            .formatted(number, away.by(), ended(away.why())));
        }
        return ref(job);
    }

    /** Open jobs, the newest first. */
    @Transactional(readOnly = true)
    public List<JobRow> open() {
        return rows.open();
    }

    /** A page of signed jobs by falling number. */
    @Transactional(readOnly = true)
    public List<JobRow> signedBefore(@Nullable Long number) {
        return rows.signedBefore(number == null ? Long.MAX_VALUE : number, PAGE);
    }

    /** All jobs on a unit, the newest first. */
    @Transactional(readOnly = true)
    public List<JobRow> rowsOfUnit(UUID unitId) {
        return rows.ofUnit(unitId);
    }

    @Transactional(readOnly = true)
    public List<JobRef> ofUnit(UUID unitId) {
        return rows.ofUnit(unitId).stream().map(JobRow::job).toList();
    }

    /** The job whose strip guides this one: the last signed one on its unit, or on one of the same kind when it was never open. */
    @Transactional(readOnly = true)
    public Optional<JobRow> guideOf(JobRef job) {
        return rows.lastSignedLike(job.unitId(), job.number());
    }

    /** Notes that something about the job was written. */
    @Transactional
    public void touch(JobRef job) {
        jobs.touch(job.id());
    }

    /** Before a change to the unit itself: its job is not signed in the middle of it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void holdOpenOfUnit(UUID unitId) {
        jobs.lockOpenOfUnit(unitId);
    }

    /** A change to the unit itself: open screens of its job fetch anew. */
    @Transactional
    public void touchOpenOfUnit(UUID unitId) {
        jobs.touchOpenOfUnit(unitId);
    }

    /** Jobs by their identity, the newest first. */
    @Transactional(readOnly = true)
    public List<JobRow> rowsOf(Collection<UUID> ids) {
        return rows.of(ids);
    }

    /** Something outside the jobs changed what stands in them: open screens fetch anew, and what is judged is judged anew. */
    @Transactional
    public void touchOpen(Collection<UUID> ids) {
        if (!ids.isEmpty()) {
            jobs.touchOpen(ids);
        }
    }

    /** How often the job was written to; a screen that knows this number is up to date. */
    @Transactional(readOnly = true)
    public long touched(long number) {
        return jobs.touched(number)
                .orElseThrow(
                        () -> new NotThere("There is no job " + number + ". Look on the Floor."));
    }

    @Transactional
    public void arrived(JobRef ref, ArrivalRequest request, Object current) {
        var job = entity(ref.number());
        job.refuseStale(request.version(), () -> current);
        job.complaint = JobText.required("complaint", "Complaint", request.complaint(), 500);
        job.symptoms = JobText.optional("symptoms", "What was found", request.symptoms(), 2000);
        job.oilAsFound = JobText.optional("oilAsFound", "Oil as found", request.oilAsFound(), 500);
        job.keep(bench.name(), clock.instant());
    }

    /** What somebody said of the complaint and the history in words of the plan; null while nobody has. */
    @Transactional(readOnly = true)
    public @Nullable Set<Circumstance> circumstances(JobRef ref) {
        return entity(ref.number()).circumstances;
    }

    /** @throws Refused when one of them is not said of a job */
    @Transactional
    public void isAbout(JobRef ref, long version, Set<Circumstance> said, Object current) {
        said.stream()
                .filter(c -> !c.isOfTheJob())
                .findFirst()
                .ifPresent(
                        c -> {
                            throw Refused.because(
                                    "ofJob",
                                    "“%s” is said of the unit, not of its complaint. Choose it there."
                                            .formatted(c.words()));
                        });
        var job = entity(ref.number());
        job.refuseStale(version, () -> current);
        job.circumstances = Set.copyOf(said);
        job.keep(bench.name(), clock.instant());
    }

    /**
     * Closes the job.
     *
     * @param against what still stands against signing
     * @param despite a lead's reason to sign all the same
     * @throws Refused when something stands against it that nobody may sign, or no reason is given for what a lead may
     * @throws PinWanted when the person has not shown the PIN for this signature
     */
    @Transactional
    public void sign(JobRef ref, List<SigningPoint> against, @Nullable LeadsReason despite) {
        var never = said(against, SigningPoint.Weight.NEVER);
        if (!never.isEmpty()) {
            throw Refused.because(
                    "job", "Nobody signs this as it stands. " + never + " Settle it first.");
        }
        if (!against.isEmpty() && despite == null) {
            throw Refused.because(
                    "despite",
                    "Not ready to sign. "
                            + said(against, SigningPoint.Weight.LEAD)
                            + " A lead can sign all the same, with the risk, a restriction, the next look and who told the customer.");
        }
        if (!against.isEmpty()) {
            bench.refuseUnlessLead("Only a lead can sign while something is open.");
            if (despite != null) {
                AtField.named("despite.", Map.of(), () -> despite.witnessed(against, bench.name()));
            }
        }
        bench.putsNameTo("Signing closes job %d under your name.".formatted(ref.number()));
        var job = entity(ref.number());
        job.signedBy = bench.name();
        job.signedAt = clock.instant();
        job.signedDespite = despite == null || against.isEmpty() ? "" : despite.inWords();
        job.keep(bench.name(), clock.instant());
    }

    private static String said(List<SigningPoint> against, SigningPoint.Weight weight) {
        return against.stream()
                .filter(p -> p.weight() == weight)
                .map(SigningPoint::says)
                .collect(Collectors.joining(" "));
    }

    /**
     * Puts a job away that was opened by mistake or ends without a signature.
     *
     * @param onBench pieces that came off and did not go back
     * @throws Refused when it is signed or put away already, no reason is given, or its parts are not accounted for
     */
    @Transactional
    public void putAway(JobRef ref, JobEndRequest request, int onBench, Object current) {
        var job = entity(ref.number());
        job.refuseStale(request.version(), () -> current);
        if (job.revision > 1) {
            throw Refused.because(
                    "job",
                    "Job %d was signed before, and its correction is under way: it ends with the next signature."
                            .formatted(job.number));
        }
        var end =
                JobEnd.of(
                        Objects.requireNonNullElse(request.how(), JobEnd.How.MISTAKE),
                        Objects.requireNonNullElse(request.why(), ""),
                        Objects.requireNonNullElse(request.partsAt(), ""),
                        Optional.ofNullable(request.into()),
                        ref.number(),
                        onBench);
        end.into()
                .ifPresent(
                        into -> {
                            if (!find(into).isOpen()) {
                                throw Refused.because(
                                        "into",
                                        "Job %d is not open, so nothing goes on in it."
                                                .formatted(into));
                            }
                        });
        job.putAway = new PutAway(bench.name(), clock.instant(), end.inWords());
        job.keep(bench.name(), clock.instant());
    }

    /** @throws Refused when another job is open on its unit by now */
    @Transactional
    public void takeBack(long number, long version, Object current) {
        jobs.lock(number);
        var job = entity(number);
        job.refuseStale(version, () -> current);
        if (job.putAway != null) {
            refuseSecondOpen(job.unitId);
            job.putAway = null;
            job.keep(bench.name(), clock.instant());
        }
    }

    /** Number of the job that is open on a unit; empty while none is. */
    @Transactional(readOnly = true)
    public Optional<Long> openOf(UUID unitId) {
        return jobs.openOf(unitId).map(j -> j.number);
    }

    private static String ended(String sentence) {
        return sentence.endsWith(".") ? sentence : sentence + ".";
    }

    @Transactional
    public void seal(JobRef ref, Seal seal) {
        seals.keep(entity(ref.number()), seal);
    }

    /**
     * Opens a signed job again, as its next revision; what was signed stays as it was.
     *
     * @throws Refused when it is not signed, no reason is given, or another job is open on its unit
     */
    @Transactional
    public void correct(long number, CorrectionRequest request, Object current) {
        bench.refuseUnlessLead(OPENS_AGAIN);
        jobs.lock(number);
        var job = entity(number);
        job.refuseStale(request.version(), () -> current);
        if (job.signedAt == null) {
            throw Refused.because(
                    "job",
                    "Job %d is not signed, so it can be changed as it is.".formatted(number));
        }
        refuseSecondOpen(job.unitId);
        var why = JobText.required("why", "What is wrong", request.why(), LONGEST_WHY);
        bench.actAsLead(OPENS_AGAIN);
        job.correctedWhy = why;
        job.correctedBy = bench.name();
        job.correctedAt = clock.instant();
        job.revision++;
        job.signedBy = null;
        job.signedAt = null;
        job.signedDespite = "";
        job.keep(bench.name(), clock.instant());
    }

    /** All signatures of a job, the first first. */
    @Transactional(readOnly = true)
    public List<Revision> revisions(JobRef ref) {
        var job = entity(ref.number());
        return job.signedAt == null && job.revision == 1 ? List.of() : seals.of(ref.id());
    }

    /** The whole job as it was signed; empty while it is open, and for one signed before jobs were sealed. */
    @Transactional(readOnly = true)
    public Optional<String> sealedView(JobRef ref) {
        return seals.view(ref.id(), entity(ref.number()).revision);
    }

    /**
     * The report as it was signed.
     *
     * @param revision which signature; the one that is worked at has none
     */
    @Transactional(readOnly = true)
    public Optional<String> sealedPage(JobRef ref, int revision) {
        return seals.page(ref.id(), revision);
    }

    /** The PDF of the report as it was signed; empty as for the page. */
    @Transactional(readOnly = true)
    public Optional<byte[]> sealedPdf(JobRef ref, int revision) {
        return seals.pdf(ref.id(), revision);
    }

    /** The revision that is signed or worked at, 1 first. */
    @Transactional(readOnly = true)
    public int revision(JobRef ref) {
        return entity(ref.number()).revision;
    }

    /** Words of the job that the screens and the report show. */
    @Transactional(readOnly = true)
    public JobHead head(JobRef ref) {
        var job = entity(ref.number());
        return new JobHead(
                job.id,
                job.number,
                job.complaint,
                job.symptoms,
                job.oilAsFound,
                job.openedBy,
                job.openedAt,
                job.signedBy,
                job.signedAt,
                job.signedDespite,
                job.putAway,
                job.revision,
                job.correctedWhy,
                job.correctedBy,
                job.version());
    }

    private JobEntity entity(long number) {
        return jobs.numbered(number)
                .map(Received::job)
                .orElseThrow(
                        () -> new NotThere("There is no job " + number + ". Look on the Floor."));
    }

    private static JobRef ref(JobEntity job) {
        return new JobRef(
                job.id,
                job.number,
                job.unitId,
                job.openedAt,
                job.signedBy,
                job.signedAt,
                job.putAway,
                job.touched);
    }
}
