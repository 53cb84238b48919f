package app.yunque.server.parts;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SpareRepository extends JpaRepository<SpareEntity, UUID> {
    List<SpareEntity> findByRemovedFalseOrderByName();

    Optional<SpareEntity> findByNumberAndRemovedFalse(String number);
}
