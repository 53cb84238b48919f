package app.yunque.server.job;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface JobRepository extends JpaRepository<JobEntity, UUID> {
    Optional<JobEntity> findByNumber(long number);

    List<JobEntity> findBySignedAtIsNullOrderByNumberDesc();

    List<JobEntity> findBySignedAtIsNotNullAndNumberLessThanOrderByNumberDesc(
            long before, Limit limit);

    List<JobEntity> findByUnitIdOrderByNumberDesc(UUID unitId);

    Optional<JobEntity> findFirstByUnitIdAndSignedAtIsNull(UUID unitId);

    @Query("select max(j.number) from JobEntity j")
    @Nullable Long highestNumber();
}
