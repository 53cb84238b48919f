package app.yunque.server.finding;

import app.yunque.server.history.ReadOnce;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FindingRepository extends JpaRepository<FindingEntity, UUID> {
    List<FindingEntity> findByJobIdAndRemovedFalse(UUID jobId);

    /** As {@link #findByJobIdAndRemovedFalse}, asked once while a page is read. */
    default List<FindingEntity> ofJob(UUID jobId) {
        return ReadOnce.of("findings", jobId, () -> findByJobIdAndRemovedFalse(jobId));
    }

    List<FindingEntity> findByJobIdInAndRemovedFalse(List<UUID> jobs);

    /** Answers {@link #ofJob} for each of these jobs by one question. */
    default void readAhead(List<UUID> jobs) {
        var all =
                findByJobIdInAndRemovedFalse(jobs).stream()
                        .collect(Collectors.groupingBy(f -> f.jobId));
        jobs.forEach(job -> ReadOnce.of("findings", job, () -> all.getOrDefault(job, List.of())));
    }

    List<FindingEntity> findByJobId(UUID jobId);

    /** What was read with an instrument, wherever the entries name it: a measurement beside its readings, a drawer within its own. */
    @Query(
            value =
                    """
                    select * from finding
                    where not removed
                        and jsonb_path_match(given, '$.**.instrument == $which', jsonb_build_object('which', cast(:instrument as text)))
                    """,
            nativeQuery = true)
    List<FindingEntity> readWith(UUID instrument);
}
