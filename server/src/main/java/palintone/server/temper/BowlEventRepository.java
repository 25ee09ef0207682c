package palintone.server.temper;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BowlEventRepository extends JpaRepository<BowlEventEntity, UUID> {

    List<BowlEventEntity> findByBowlIdAndVoidedAtIsNullOrderByTimeS(UUID bowlId);
}
