package app.yunque.server.place;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SampleRepository extends JpaRepository<SampleEntity, UUID> {
    List<SampleEntity> findByPlaceIdAndRemovedFalseOrderByTakenOn(UUID placeId);

    int countByPlaceIdAndRemovedFalse(UUID placeId);
}
