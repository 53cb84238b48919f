package app.yunque.server.parts;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BillRepository extends JpaRepository<BillEntity, UUID> {}
