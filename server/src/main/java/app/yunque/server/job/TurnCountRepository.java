package app.yunque.server.job;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TurnCountRepository extends JpaRepository<TurnCountEntity, UUID> {}
