package app.yunque.server.store;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LubricantRepository extends JpaRepository<LubricantEntity, UUID> {
    List<LubricantEntity> findByRemovedFalseOrderByName();
}
