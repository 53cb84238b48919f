package app.yunque.server.measuring;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MeasurementRepository extends JpaRepository<MeasurementEntity, UUID> {
    List<MeasurementEntity> findByJobIdAndRemovedFalse(UUID jobId);
}
