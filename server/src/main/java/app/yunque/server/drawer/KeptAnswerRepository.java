package app.yunque.server.drawer;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptAnswerRepository extends JpaRepository<KeptAnswerEntity, UUID> {
    List<KeptAnswerEntity> findByJobIdAndRemovedFalse(UUID jobId);
}
