package app.yunque.server.place;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PlaceRepository extends JpaRepository<PlaceEntity, UUID> {
    List<PlaceEntity> findByUnitIdAndRemovedFalseOrderByDescribedAt(UUID unitId);

    /** Every place of a unit with what was done there at a job. */
    @Query(
            """
            select new app.yunque.server.place.PlaceAndFill(p, f) from PlaceEntity p
            left join FillEntity f on f.placeId = p.id and f.jobId = :jobId
            where p.unitId = :unitId order by p.describedAt
            """)
    List<PlaceAndFill> atJob(UUID unitId, UUID jobId);

    List<PlaceEntity> findByRemovedFalse();
}
