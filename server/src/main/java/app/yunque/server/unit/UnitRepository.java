package app.yunque.server.unit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface UnitRepository extends JpaRepository<UnitEntity, UUID> {
    Optional<UnitEntity> findByTagIgnoreCase(String tag);

    List<UnitEntity> findTop200ByTagGreaterThanOrderByTag(String afterTag);
}
