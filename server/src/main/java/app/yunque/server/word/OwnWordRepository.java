package app.yunque.server.word;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OwnWordRepository extends JpaRepository<OwnWordEntity, UUID> {
    List<OwnWordEntity> findByRemovedFalseOrderByName();

    Optional<OwnWordEntity> findByName(String name);

    /** Until the transaction ends nobody else holds the same name. */
    @Query(
            value =
                    "select 1 from (select pg_advisory_xact_lock(hashtext('own_word ' || :name))) held",
            nativeQuery = true)
    int holdName(String name);
}
