package app.yunque.server.parts;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface EstimateRepository extends JpaRepository<EstimateEntity, UUID> {}
