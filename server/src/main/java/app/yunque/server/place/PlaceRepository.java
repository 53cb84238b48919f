package app.yunque.server.place;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlaceRepository extends JpaRepository<PlaceEntity, UUID> {
    List<PlaceEntity> findByUnitIdAndRemovedFalseOrderByDescribedAt(UUID unitId);

    List<PlaceEntity> findByUnitIdOrderByDescribedAt(UUID unitId);

    List<PlaceEntity> findByRemovedFalse();
}
