package app.yunque.server.unit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface UnitRepository extends JpaRepository<UnitEntity, UUID> {
    Optional<UnitEntity> findByTagIgnoreCase(String tag);

    List<UnitEntity> findTop200ByTagGreaterThanOrderByTag(String afterTag);

    @Query("select u.id from UnitEntity u where u.putAway.at is not null")
    List<UUID> putAway();
}
