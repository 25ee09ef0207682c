package palintone.server.coat;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** Weighed coats, newest first. */
interface CoatWeighingRepository extends JpaRepository<CoatWeighingEntity, String> {

    List<CoatWeighingEntity> findByCouvertureIdAndVoidedFalseOrderByNotedAtDesc(
            String couvertureId, Limit limit);
}
