package app.yunque.server.decision;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DecisionRepository extends JpaRepository<DecisionEntity, UUID> {
    List<DecisionEntity> findByJobId(UUID jobId);
}
