package app.yunque.server.decision;

import app.yunque.server.history.ReadOnce;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DecisionRepository extends JpaRepository<DecisionEntity, UUID> {
    List<DecisionEntity> findByJobId(UUID jobId);

    /** As {@link #findByJobId}, asked once while a page is read. */
    default List<DecisionEntity> ofJob(UUID jobId) {
        return ReadOnce.of("decisions", jobId, () -> findByJobId(jobId));
    }
}
