package app.yunque.server.parts;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OrderRepository extends JpaRepository<OrderEntity, UUID> {
    List<OrderEntity> findByJobIdOrderByChangedAt(UUID jobId);

    List<OrderEntity> findByStateIn(List<OrderState> states);
}
