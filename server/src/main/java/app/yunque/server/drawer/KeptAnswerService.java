package app.yunque.server.drawer;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.route.Station;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import java.time.Clock;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps answers of drawers to jobs; what they mean is worked out anew whenever they are shown. */
@Service
public class KeptAnswerService {
    private static final int LONGEST_SUBJECT = 120;
    private static final int LONGEST_REMARK = 500;

    private final KeptAnswerRepository kept;
    private final DrawerService drawers;
    private final AtTheBench bench;
    private final Clock clock;

    KeptAnswerService(
            KeptAnswerRepository kept, DrawerService drawers, AtTheBench bench, Clock clock) {
        this.kept = kept;
        this.drawers = drawers;
        this.bench = bench;
        this.clock = clock;
    }

    private static final Set<Station> STATIONS =
            EnumSet.of(Station.INSPECT, Station.SET, Station.FILL);

    /** Answers kept to a job in the order they were kept. */
    @Transactional(readOnly = true)
    public List<KeptAnswerView> views(UUID jobId) {
        return kept.findByJobIdAndRemovedFalse(jobId).stream()
                .sorted(Comparator.comparing(KeptAnswerEntity::changedAt).thenComparing(k -> k.id))
                .map(this::view)
                .toList();
    }

    @Transactional
    public void keep(JobRef job, UUID id, KeptAnswerRequest request) {
        drawers.answer(request.drawer(), request.entries());
        if (!STATIONS.contains(request.station())) {
            throw Refused.because("station", "An answer is kept at Inspect, at Set or at Fill.");
        }
        var subject =
                JobText.optional("subject", "What it is about", request.subject(), LONGEST_SUBJECT);
        var remark = JobText.optional("remark", "Remark", request.remark(), LONGEST_REMARK);
        var found = kept.findById(id);
        found.ifPresent(
                k -> {
                    refuseStranger(k, job);
                    k.refuseStale(request.version(), () -> view(k));
                });
        var entity = found.orElseGet(KeptAnswerEntity::new);
        entity.id = id;
        entity.jobId = job.id();
        entity.station = request.station();
        entity.drawer = request.drawer();
        entity.subject = subject;
        entity.remark = remark;
        entity.entries = request.entries();
        entity.keep(bench.name(), clock.instant());
        kept.saveAndFlush(entity);
    }

    @Transactional
    public void remove(JobRef job, UUID id, long version) {
        var entity =
                kept.findById(id)
                        .orElseThrow(() -> new NotThere("That answer is no longer there."));
        refuseStranger(entity, job);
        entity.refuseStale(version, () -> view(entity));
        entity.removed = true;
        entity.keep(bench.name(), clock.instant());
    }

    private static void refuseStranger(KeptAnswerEntity entity, JobRef job) {
        if (!entity.jobId.equals(job.id())) {
            throw new NotThere("That answer belongs to another job.");
        }
    }

    private KeptAnswerView view(KeptAnswerEntity k) {
        return new KeptAnswerView(
                k.id,
                new KeptAnswerRequest(
                        k.version(), k.station, k.drawer, k.subject, k.remark, k.entries),
                drawers.title(k.drawer),
                answer(k),
                k.changedBy(),
                k.changedAt());
    }

    /** A rule that has become stricter since must not hide the record: the refusal is shown in its place. */
    private DrawerAnswer answer(KeptAnswerEntity k) {
        try {
            return drawers.answer(k.drawer, k.entries).withoutMesh();
        } catch (Refused | NotApplicable refused) {
            return DrawerAnswer.saying(String.valueOf(refused.getMessage())).build();
        }
    }
}
