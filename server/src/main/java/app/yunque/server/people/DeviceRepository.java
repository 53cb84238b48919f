package app.yunque.server.people;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface DeviceRepository extends JpaRepository<DeviceEntity, String> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<DeviceEntity> findWithLockById(String id);

    List<DeviceEntity> findByPersonId(UUID personId);

    void deleteByPersonId(UUID personId);

    void deleteByLastUsedAtBefore(Instant before);
}
