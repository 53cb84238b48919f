package app.yunque.server.build;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FittingRepository extends JpaRepository<FittingEntity, UUID> {
    List<FittingEntity> findByJobId(UUID jobId);
}
