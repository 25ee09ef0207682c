package palintone.server.week;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanRepository extends JpaRepository<PlanEntity, UUID> {

    Optional<PlanEntity> findFirstByOrderByNumberDesc();
}
