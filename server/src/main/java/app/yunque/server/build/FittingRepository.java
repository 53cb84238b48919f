package app.yunque.server.build;

import app.yunque.server.history.ReadOnce;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FittingRepository extends JpaRepository<FittingEntity, UUID> {
    List<FittingEntity> findByJobId(UUID jobId);

    /** As {@link #findByJobId}, asked once while a page is read. */
    default List<FittingEntity> ofJob(UUID jobId) {
        return ReadOnce.of("fittings", jobId, () -> findByJobId(jobId));
    }
}
