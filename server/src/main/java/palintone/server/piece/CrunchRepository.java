package palintone.server.piece;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CrunchRepository extends JpaRepository<CrunchEntity, UUID> {

    List<CrunchEntity> findByPieceIdOrderByDays(String piece);
}
