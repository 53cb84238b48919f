package app.yunque.server.parts;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShimRepository extends JpaRepository<ShimEntity, UUID> {
    List<ShimEntity> findByRemovedFalse();
}
