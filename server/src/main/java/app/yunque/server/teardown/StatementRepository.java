package app.yunque.server.teardown;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StatementRepository extends JpaRepository<StatementEntity, UUID> {
    List<StatementEntity> findByJobIdAndRemovedFalseOrderByChangedAt(UUID jobId);
}
