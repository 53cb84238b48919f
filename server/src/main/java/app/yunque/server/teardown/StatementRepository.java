package app.yunque.server.teardown;

import app.yunque.server.history.ReadOnce;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StatementRepository extends JpaRepository<StatementEntity, UUID> {
    List<StatementEntity> findByJobIdAndRemovedFalseOrderByChangedAt(UUID jobId);

    /** As {@link #findByJobIdAndRemovedFalseOrderByChangedAt}, asked once while a page is read. */
    default List<StatementEntity> ofJob(UUID jobId) {
        return ReadOnce.of(
                "statements", jobId, () -> findByJobIdAndRemovedFalseOrderByChangedAt(jobId));
    }
}
