package palintone.server.week;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OrderRepository extends JpaRepository<OrderEntity, String> {

    List<OrderEntity> findByDoneOrderByDueAt(boolean done);

    List<OrderEntity> findAllByOrderByDueAt();
}
