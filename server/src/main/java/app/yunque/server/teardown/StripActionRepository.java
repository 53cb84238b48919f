package app.yunque.server.teardown;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StripActionRepository extends JpaRepository<StripActionEntity, Long> {
    Optional<StripActionEntity> findFirstByJobIdAndUndoneFalseOrderByIdDesc(UUID jobId);

    List<StripActionEntity> findByBatchAndUndoneFalseOrderByIdDesc(UUID batch);
}
