package app.yunque.server.evidence;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CorrectionRepository extends JpaRepository<CorrectionEntity, UUID> {
    List<CorrectionEntity> findByRemovedFalseOrderByCauseAscOfAsc();

    Optional<CorrectionEntity> findByCauseAndOf(String cause, String of);
}
