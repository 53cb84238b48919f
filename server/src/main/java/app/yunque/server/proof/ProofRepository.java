package app.yunque.server.proof;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProofRepository extends JpaRepository<ProofEntity, UUID> {}
