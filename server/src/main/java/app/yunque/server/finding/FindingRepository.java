package app.yunque.server.finding;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FindingRepository extends JpaRepository<FindingEntity, UUID> {
    List<FindingEntity> findByJobIdAndRemovedFalse(UUID jobId);

    List<FindingEntity> findByJobId(UUID jobId);
}
