package app.yunque.server.teardown;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepRepository extends JpaRepository<StepEntity, UUID> {
    String TYPED_BEFORE =
            """
            select s.* from step s join job j on j.id = s.job_id
            where not s.removed and lower(s.part) like :begins
            order by (j.unit_id = :unitId) desc, j.number desc, s.place
            limit 60
            """;

    List<StepEntity> findByJobIdAndRemovedFalseOrderByPlace(UUID jobId);

    List<StepEntity> findByJobIdInAndRemovedFalseOrderByPlace(List<UUID> jobs);

    List<StepEntity> findByJobIdOrderByPlace(UUID jobId);

    int countByJobIdAndRemovedFalse(UUID jobId);

    @Query("select max(s.place) from StepEntity s where s.jobId = :jobId")
    @Nullable Integer lastPlace(UUID jobId);

    @Query(value = TYPED_BEFORE, nativeQuery = true)
    List<StepEntity> typedBefore(UUID unitId, String begins);
}
