package app.yunque.server.teardown;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepRepository extends JpaRepository<StepEntity, UUID> {
    List<StepEntity> findByJobIdAndRemovedFalseOrderByPlace(UUID jobId);

    @Query("select max(s.place) from StepEntity s where s.jobId = :jobId")
    @Nullable Integer lastPlace(UUID jobId);
}
