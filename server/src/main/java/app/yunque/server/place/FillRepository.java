package app.yunque.server.place;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FillRepository extends JpaRepository<FillEntity, UUID> {
    List<FillEntity> findByPlaceIdInAndRemovedFalseOrderByDoneOnDescChangedAtDesc(
            List<UUID> placeIds);

    Optional<FillEntity> findByJobIdAndPlaceId(UUID jobId, UUID placeId);
}
