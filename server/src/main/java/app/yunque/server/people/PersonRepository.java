package app.yunque.server.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface PersonRepository extends JpaRepository<PersonEntity, UUID> {
    List<PersonEntity> findAllByOrderByName();

    Optional<PersonEntity> findByNameIgnoreCase(String name);

    /** Locked, so that five guesses at once count as five. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<PersonEntity> findWithLockById(UUID id);
}
