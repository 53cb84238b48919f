package app.yunque.server.job;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PermissionRepository extends JpaRepository<PermissionEntity, UUID> {
    /** Who permitted it, how it was made safe what was counted and what it was, each null while it was not; none for a job that is not there. */
    @Query(
            """
            select new app.yunque.server.job.Received(p, i, t, c) from JobEntity j
            left join PermissionEntity p on p.jobId = j.id
            left join IsolationEntity i on i.jobId = j.id
            left join TurnCountEntity t on t.jobId = j.id
            left join CauseEntity c on c.jobId = j.id
            where j.id = :jobId
            """)
    Optional<Received> received(UUID jobId);
}
