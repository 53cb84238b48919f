package app.yunque.server.job;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PermissionRepository extends JpaRepository<PermissionEntity, UUID> {}
