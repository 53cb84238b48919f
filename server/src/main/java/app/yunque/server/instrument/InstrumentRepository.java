package app.yunque.server.instrument;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface InstrumentRepository extends JpaRepository<InstrumentEntity, UUID> {
    List<InstrumentEntity> findByRemovedFalseOrderByName();

    /** Those that were ever in doubt, put away or not. */
    List<InstrumentEntity> findByInDoubtIsNotNull();
}
