package app.yunque.server.job;

import app.yunque.server.history.ReadOnce;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface JobRepository extends JpaRepository<JobEntity, UUID> {
    /** The job with who permitted it, how it was made safe, what was counted and what it was, each null while it was not. */
    @Query(
            """
            select new app.yunque.server.job.Received(j, p, i, t, c) from JobEntity j
            left join PermissionEntity p on p.jobId = j.id
            left join IsolationEntity i on i.jobId = j.id
            left join TurnCountEntity t on t.jobId = j.id
            left join CauseEntity c on c.jobId = j.id
            where j.number = :number
            """)
    Optional<Received> findWhole(long number);

    /** As {@link #findWhole}, asked once while a page is read. */
    default Optional<Received> numbered(long number) {
        return ReadOnce.of("job", number, () -> findWhole(number));
    }

    @Query(
            "select j from JobEntity j where j.unitId = :unitId and j.signedAt is null and j.putAway.at is null")
    Optional<JobEntity> openOf(UUID unitId);

    /** Nobody else writes to the job, and nobody signs it, until this transaction ends. */
    @Query(value = "select number from job where number = :number for update", nativeQuery = true)
    Optional<Long> lock(long number);

    @Query(
            value =
                    "select number from job where unit_id = :unitId and signed_at is null and put_away_at is null for update",
            nativeQuery = true)
    List<Long> lockOpenOfUnit(UUID unitId);

    /** What was read before is read anew, or the job would still tell the count it had. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = "update job set touched = touched + 1 where id = :id", nativeQuery = true)
    void touch(UUID id);

    @Modifying(flushAutomatically = true)
    @Query(
            value =
                    "update job set touched = touched + 1 where unit_id = :unitId and signed_at is null and put_away_at is null",
            nativeQuery = true)
    void touchOpenOfUnit(UUID unitId);

    @Modifying(flushAutomatically = true)
    @Query(
            value =
                    "update job set touched = touched + 1 where id in (:ids) and signed_at is null and put_away_at is null",
            nativeQuery = true)
    void touchOpen(Collection<UUID> ids);

    @Query(value = "select touched from job where number = :number", nativeQuery = true)
    Optional<Long> touched(long number);

    @Query("select max(j.number) from JobEntity j")
    @Nullable Long highestNumber();
}
