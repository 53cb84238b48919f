package app.yunque.server.word;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnWordRepository extends JpaRepository<OwnWordEntity, UUID> {
    List<OwnWordEntity> findByRemovedFalseOrderByName();

    Optional<OwnWordEntity> findByName(String name);
}
