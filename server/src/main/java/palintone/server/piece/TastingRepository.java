package palintone.server.piece;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import palintone.core.taste.HouseTaste;

interface TastingRepository extends JpaRepository<TastingEntity, String> {

    List<TastingEntity> findByPieceIdOrderByNotedAtDesc(String piece);

    List<TastingEntity> findByCountsTrue();

    List<TastingEntity> findAllByOrderByNotedAt();

    /** What was tasted in this house and counts. */
    default HouseTaste liked() {
        return liked(findByCountsTrue());
    }

    static HouseTaste liked(final List<TastingEntity> counting) {
        return new HouseTaste(counting.stream().map(TastingEntity::tasting).toList());
    }
}
