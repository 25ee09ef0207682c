package palintone.server.temper;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HappeningRepository extends JpaRepository<HappeningEntity, UUID> {

    List<HappeningEntity> findByBowlIdAndVoidedAtIsNullOrderByTimeS(UUID bowlId);
}
