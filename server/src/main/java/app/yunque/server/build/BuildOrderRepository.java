package app.yunque.server.build;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BuildOrderRepository extends JpaRepository<BuildOrderEntity, UUID> {}
