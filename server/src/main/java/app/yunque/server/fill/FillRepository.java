package app.yunque.server.fill;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FillRepository extends JpaRepository<FillEntity, UUID> {}
