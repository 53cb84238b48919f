package app.yunque.server.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PersonRepository extends JpaRepository<PersonEntity, UUID> {
    List<PersonEntity> findAllByOrderByName();

    /** Before one of them stops being one: two who do it to each other at once would leave none. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query(
            "select p from PersonEntity p where p.role = app.yunque.server.people.Role.LEAD order by p.id")
    List<PersonEntity> holdLeads();

    /** Locked, so that five guesses at once count as five. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<PersonEntity> findWithLockById(UUID id);
}
