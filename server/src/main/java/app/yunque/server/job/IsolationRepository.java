package app.yunque.server.job;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface IsolationRepository extends JpaRepository<IsolationEntity, UUID> {}
